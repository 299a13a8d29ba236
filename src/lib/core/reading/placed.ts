/** What is put on one place of a garment: "feathers at the hem", "frilled at the cuffs", "pearls down the front". */
import { spot } from '../lexicon/details';
import { garmentType } from '../lexicon/taxonomy';
import { dresses } from './beside';
import type { Span } from './model';
import type { Reached } from './names';
import { senseOf, sensesOf, type Part } from './parts';
import { articles } from './phrasebook';
import { sensesOfPhrase } from './spans';

/** Words that lead to where something is on a garment; "at" is said of other things as well. */
export const placing = new Set(['on', 'over', 'across', 'along', 'around', 'round', 'about']);

const away = new Set('cuff cuffs collar neck neckline sleeve sleeves shoulder shoulders'.split(' '));
const edges = new Set([
	...away,
	...'hem hems edge edges lapel lapels pocket pockets waist'.split(' '),
	...spot.words
]);
const lastOf = ({ words }: Span) => words.at(-1) ?? '';

/** Is it a place whose frills are none of the hem's? */
export const isAwayFromHem = (place: Span): boolean => away.has(lastOf(place));
/** Is it a place where what is put on says nothing of the whole? */
export const isEdge = (place: Span): boolean => edges.has(lastOf(place));

/** "Frilled", "fringed": what an edge is trimmed with. */
export const trims = (span: Span): boolean =>
	sensesOf(span, 'facet').some(({ facet }) => facet === 'hemDetail');

/** "Frills at the cuffs": a part that by itself is at the hem says elsewhere how that is. */
export function trimming(part: Part): Part {
	const [facet, value = ''] = senseOf(part.span, 'detail')?.detail.alone ?? [];
	const said = facet === 'hemDetail' ? sensesOfPhrase(value) : undefined;
	return said ? { ...part, role: 'said', span: { ...part.span, senses: said } } : part;
}

const beaded = sensesOfPhrase('beaded')?.filter(({ kind }) => kind === 'facet') ?? [];
/** Pearls and beads that are sewn on are how the cloth is, and no necklace. */
export const asBeads = (span: Span): Span => ({ ...span, senses: beaded });

/** "With pearls down the front", "with beads at the hem": what is worn by itself elsewhere, and is here sewn to a part. */
export function isSewnOn({ clause, lastHead, after }: Reached, span: Span): boolean {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const isSmall =
		sensesOf(span, 'type').some(({ type }) => garmentType(type).family === 'necklaces') &&
		/[^s]s$/.test(span.text);
	if (!owner || !isSmall || clause.before !== 'with' || clause.head) return false;
	const lead = after(0)?.words[0] ?? '';
	const following = [after(1), after(2)];
	const place = following.find((next) => next && !next.words.every((word) => articles.has(word)));
	const isPart =
		place &&
		senseOf(place, 'detail')?.detail.facets.some((facet) => facet !== 'neckline' && facet !== 'back');
	return (
		!['jewellery', 'beauty'].includes(garmentType(owner.type).division) &&
		(placing.has(lead) || lead === 'at' || lead === 'down') &&
		(isPart === true || place?.words.at(-1) === 'front')
	);
}

/** "Leather at the elbows", "fur at the wrist": a place on the body, of a cloth or a colour that was said just before. */
export function asSpot({ clause, clauses, placed }: Reached, span: Span): Span | undefined {
	const said = clauses.at(-1);
	const isSpot =
		placed && clause.parts.length === 0 && !span.breakBefore && spot.words.includes(span.text.toLowerCase());
	const isDressed =
		said !== undefined &&
		said.before === 'with' &&
		!said.head &&
		said.parts.length > 0 &&
		said.parts.every(({ role, span: one }) => role === 'said' && dresses(one));
	return isSpot && isDressed ? { ...span, senses: [{ kind: 'detail', detail: spot }] } : undefined;
}
