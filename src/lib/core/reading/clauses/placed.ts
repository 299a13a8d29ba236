/** What is put on one place of a garment: "feathers at the hem", "frilled at the cuffs", "pearls down the front". */
import { isCloth, senseOf, sensesOf } from '../spans/senses';
import { spot } from '../../lexicon/details';
import type { FacetId } from '../../lexicon/facets';
import { garmentType } from '../../lexicon/taxonomy';
import { dresses } from '../meaning/beside';
import type { Span } from '../model';
import type { Reached } from './names';
import { type Clause, type Part } from '../meaning/parts';
import { articles } from '../words/glue';
import { meaning, sensesOfPhrase, spansOf } from '../spans/spans';
import { isPutOn, namesWork } from '../meaning/work';

/** Words that lead to where something is on a garment; "at" is said of other things as well. */
export const placing = new Set(['on', 'over', 'across', 'along', 'around', 'round', 'about']);

const away = new Set('cuff cuffs collar neck neckline sleeve sleeves shoulder shoulders'.split(' '));
const edges = new Set([
	...away,
	...'hem hems edge edges lapel lapels pocket pockets waist yoke bodice front back'.split(' '),
	...spot.words
]);
const lastOf = ({ words }: Span) => words.at(-1) ?? '';

/** Is it a place whose frills are none of the hem's? */
const isAwayFromHem = (place: Span): boolean => away.has(lastOf(place));
/** Is it a place where what is put on says nothing of the whole? */
const isEdge = (place: Span): boolean => edges.has(lastOf(place));

/** "Frilled", "fringed": what an edge is trimmed with. */
const trims = (span: Span): boolean => sensesOf(span, 'facet').some(({ facet }) => facet === 'hemDetail');

/** "Frills at the cuffs": a part that by itself is at the hem says elsewhere how that is. */
function trimming(part: Part): Part {
	const [facet, value = ''] = senseOf(part.span, 'detail')?.detail.alone ?? [];
	const said = facet === 'hemDetail' ? sensesOfPhrase(value) : undefined;
	return said ? { ...part, role: 'said', span: { ...part.span, senses: said } } : part;
}

/** "A coat fringed at the shoulders": what was said last after the name, where it is the place's and none of the hem's. */
export function trimOfPlace({ parts, head }: Clause, place: Span): Part | undefined {
	const last = parts.at(-1);
	const isTrim = last?.role === 'said' && !last.denied && trims(last.span);
	return head && isTrim && last.at >= head.at && isAwayFromHem(place) ? last : undefined;
}

/**
 * "Lace at the hem", "stripes on the cuffs": what a clause that names nothing says of the place alone; undefined where it is the garment's.
 *
 * @param paused a comma stands before the place
 */
export function saidOfPlace(before: Clause, place: Span, paused: boolean): Part[] | undefined {
	if (before.head) return undefined;
	const isAway = isAwayFromHem(place);
	const parts = isAway ? before.parts.map(trimming) : before.parts;
	// "Gold embroidery down the front" is the garment's, wherever it is; feathers at its hem are not.
	const isOnEdge = isEdge(place);
	const isWorkedThere = parts.some(({ span }) => namesWork(span) && !(isOnEdge && isPutOn(span)));
	const said = parts.length > 0 && !isWorkedThere && parts.every(({ role }) => role === 'said');
	const shapesBack =
		place.words.join(' ') === 'back' &&
		// "Halter, tied at the back of the neck" says where it is tied.
		!paused &&
		parts.some(({ span }) => sensesOf(span, 'facet').some(({ facet }) => facet === 'neckline'));
	// "Frilled at the cuffs" says nothing of the skirt.
	const isOn = ({ span }: Part) => dresses(span) || (isAway && trims(span));
	if (!said || !(shapesBack || parts.every(isOn))) return undefined;
	return shapesBack ? parts.map(ofBack) : parts;
}

/** "A scoop at the back" is a scoop back. */
function ofBack(part: Part): Part {
	const [whole, other] = spansOf(`${part.span.text} back`);
	return whole && !other ? { ...part, span: { ...part.span, senses: whole.senses } } : part;
}

/** Pearls and beads that are sewn on are how the cloth is, and no necklace. */
export const asBeads = (span: Span): Span => ({
	...span,
	senses: sensesOfPhrase('beaded')?.filter(({ kind }) => kind === 'facet') ?? []
});

/** Places on the body where what is worn is a jewel. */
const jewelled = new Set('throat ears wrist wrists ankle ankles chest neck neckline back'.split(' '));
const isPartName = (word: string): boolean =>
	!jewelled.has(word) && sensesOfPhrase(word)?.some(({ kind }) => kind === 'detail') === true;

/** A place on a garment at which no jewel is worn. */
const isSewnPlace = (word: string): boolean =>
	isPartName(word) || (spot.words.includes(word) && !jewelled.has(word));

/** "With pearls down the front", "with beads at the hem": what is worn by itself elsewhere, and is here sewn to a part. */
export function isSewnOn({ clause, lastHead, after }: Reached, span: Span): boolean {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const isSmall =
		sensesOf(span, 'type').some(({ type }) => garmentType(type).family === 'necklaces') &&
		/[^s]s$/.test(span.text);
	if (!owner || !isSmall || clause.before !== 'with' || clause.head) return false;
	const lead = after(0);
	const first = lead?.words[0] ?? '';
	// "On the shoulders" is one phrase.
	const following = [
		lead && lead.words.length > 1 && !articles.has(lastOf(lead)) ? lead : undefined,
		after(1),
		after(2)
	];
	const place = following.find((next) => next && !next.words.every((word) => articles.has(word)));
	const named = place && lastOf(place);
	return (
		!['jewellery', 'beauty'].includes(garmentType(owner.type).division) &&
		(placing.has(first) || first === 'at' || first === 'down') &&
		named !== undefined &&
		isSewnPlace(named)
	);
}

/** "In taffeta, net underneath": where a clause of cloth and colour alone ends so, it is inside what was named. */
export function asInside({ clause: { parts, head }, lastHead }: Reached, span: Span): Span | undefined {
	const isUnder = /^(?:under|be)neath$/.test(lastOf(span));
	const isOfStuff = parts.every((part) => part.role === 'said' && !part.denied && dresses(part.span));
	return isUnder && lastHead && !head && isOfStuff && parts.some(({ span: one }) => isCloth(one))
		? meaning(span, 'inside')
		: undefined;
}

const isStuff = (span: Span): boolean => dresses(span) && senseOf(span, 'note') === undefined;
/** "Both knees", "both cuffs": places on one garment. */
export const namesPlace = (span: Span | undefined): boolean =>
	span !== undefined &&
	(spot.words.includes(span.text.toLowerCase()) || senseOf(span, 'detail') !== undefined);
/** Along them a trim goes on a garment; over a shoulder and down a back goes hair. */
const along = new Set('down along across round around'.split(' '));
/** "At the back", "on the shoulder", "down the side": does a place on a garment begin at a span? */
export function goesToPlace(spans: readonly Span[], at: number): boolean {
	const first = spans[at];
	if (!first || first.breakBefore) return false;
	const [lead = ''] = first.words;
	const isAlong = along.has(lead);
	if (lead === 'at') return true;
	if (lead !== 'on' && !isAlong) return false;
	if (first.words.length > 1 && !articles.has(lastOf(first))) return isPartName(lastOf(first));
	const rest = spans.slice(at + 1);
	const broken = rest.findIndex(({ breakBefore }) => breakBefore !== undefined);
	const [place, ...others] = rest
		.slice(0, broken < 0 ? undefined : broken)
		.filter(({ words }) => !words.every((word) => articles.has(word)));
	if (!place) return false;
	// "Down the outside seam": a place, with what is said of it.
	return isAlong ? [place, ...others.slice(0, 1)].some((one) => isSewnPlace(lastOf(one))) : namesPlace(place);
}

/** "With lace over the bust": after nothing but what a garment is of or bears, where that is. */
export function leadsOver({ clauses }: Reached, { words }: Span): boolean {
	const said = clauses.at(-1);
	return (
		words.some((word) => placing.has(word)) &&
		said?.before === 'with' &&
		!said.head &&
		said.parts.every((part) => part.role === 'said' && (isStuff(part.span) || isBorne(part)))
	);
}

const ofSurface: ReadonlySet<FacetId> = new Set(['texture', 'distress', 'hemDetail']);
/** "Studded", "ruffles", "stripes": something that a garment bears in some places and not in others. */
export const isBorne = ({ role, span }: Part): boolean =>
	role === 'detail' ||
	(role === 'said' &&
		(senseOf(span, 'print') !== undefined ||
			sensesOf(span, 'facet').some(({ facet }) => ofSurface.has(facet))));

/** "Embroidery at the neckline", "beaded at the bust", "with bows on the shoulders": what a garment bears in that place; undefined where it bears none. */
export function workedThere({ clause, clauses, placed }: Reached, place: Span): string | undefined {
	const before = clauses.at(-1);
	const last = before?.parts.at(-1);
	const isThere =
		placed &&
		clause.parts.length === 0 &&
		last !== undefined &&
		!last.denied &&
		isBorne(last) &&
		(last.role === 'said' || (['with', 'and', 'comma'].includes(before?.before ?? '') && !before?.head));
	return isThere ? `${last.span.text} at the ${place.words.join(' ')}` : undefined;
}

/** "Leather at the elbows", "fur at the wrist": a place on the body, of what was said just before. */
export function asSpot(reached: Reached, span: Span): Span | undefined {
	const { clause, clauses, placed } = reached;
	const said = clauses.at(-1);
	const isSpot =
		placed && clause.parts.length === 0 && !span.breakBefore && spot.words.includes(span.text.toLowerCase());
	const isDressed =
		said !== undefined &&
		said.before === 'with' &&
		!said.head &&
		said.parts.length > 0 &&
		said.parts.every(({ role, span: one }) => role === 'said' && dresses(one));
	return isSpot && (isDressed || workedThere(reached, span) !== undefined)
		? { ...span, senses: [{ kind: 'detail', detail: spot }] }
		: undefined;
}
