/** What a word stands for by what is said beside it: a feather on a hat, frames that are glasses, a place on a garment. */
import { senseOf, sensesOf } from '../spans/senses';
import { edge, plume, spot } from '../../lexicon/details';
import { isDoneWith } from '../../lexicon/moves';
import { garmentType } from '../../lexicon/taxonomy';
import { dresses } from '../meaning/beside';
import type { Span } from '../model';
import type { Reached } from './names';
import { type PartRole } from '../meaning/parts';
import { asSpot, isBorne, placing } from './placed';
import { meaning, sensesOfPhrase } from '../spans/spans';

/** A feather with a hat is a part of it, whatever its colour. */
function asPlume({ lastHead, clause }: Reached, span: Span): Span | undefined {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const isOfHat = owner && garmentType(owner.type).family === plume.only;
	const isFeather = sensesOf(span, 'facet').some(({ value }) => value === 'feather');
	return isOfHat && isFeather && clause.before === 'with' && !clause.head
		? { ...span, senses: [{ kind: 'detail', detail: plume }] }
		: undefined;
}

/** "Cat-eye frames", "black dress, round frames": where no eyewear has been named that they could be of, they are what is worn. */
function asGlasses({ lastHead }: Reached, span: Span): Span | undefined {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const isTheirs = owner && garmentType(owner.type).facets.includes('frame');
	const isFrames =
		senseOf(span, 'detail')?.detail.facets.includes('frame') &&
		/^(?:frames|lenses)$/.test(span.words.join(' '));
	return isFrames && !isTheirs ? meaning(span, 'glasses') : undefined;
}

/** "A strapless velvet bodice, white tulle skirt": a dress, told by its halves. */
function asDress({ lastHead, skirtToCome }: Reached, span: Span): Span | undefined {
	const isBodice = span.words.at(-1) === 'bodice';
	return isBodice && skirtToCome && !lastHead ? meaning(span, 'dress') : undefined;
}

/** How something is laid over a place. */
const layings = new Set(['draped', 'gathered']);
/** "Studded on the shoulders", "with ruffles over the shoulders": straight after what is borne there, a place and no way of wearing. */
function asPlace({ clause, previous, lastHead }: Reached, span: Span): Span | undefined {
	const last = clause.parts.at(-1);
	// "A dupatta draped over the left shoulder" is worn so.
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const isWornSo =
		owner && sensesOf(span, 'move').some(({ move }) => isDoneWith(move, garmentType(owner.type)));
	if (isWornSo && last && layings.has(last.span.text.toLowerCase())) return undefined;
	const [first = ''] = span.words;
	const named = span.words.at(-1) ?? '';
	const part = spot.words.includes(named)
		? [{ kind: 'detail' as const, detail: spot }]
		: (sensesOfPhrase(named)?.filter(({ kind }) => kind === 'detail') ?? []);
	if (!last || last === clause.head || last.span.end !== previous?.end) return undefined;
	const isSaid = last.role === 'said';
	// "Lace at the neck", where a bow at the neck is a way of wearing.
	const isDressed = isSaid && clause.before === 'with' && !clause.head && dresses(last.span);
	const leads = first === 'at' ? isSaid : placing.has(first);
	const isThere = leads && (isBorne(last) || isDressed);
	return isThere && part.length > 0 && !span.breakBefore
		? { ...span, words: [named], senses: part }
		: undefined;
}

/** "Buttons along one shoulder": after what is borne there, where it is, and no neckline. */
function asOneSide({ clause, clauses, previous }: Reached, span: Span): Span | undefined {
	const [first, named = '', more] = span.words;
	const isPlaced = first === 'one' && named !== '' && !more && placing.has(previous?.words.at(-1) ?? '');
	const last = (clause.parts.length > 0 ? clause : clauses.at(-1))?.parts.at(-1);
	const part = isPlaced ? (sensesOfPhrase(named)?.filter(({ kind }) => kind === 'detail') ?? []) : [];
	return part.length > 0 && last && isBorne(last) ? { ...span, words: [named], senses: part } : undefined;
}

/** Is what was named last something with legs and no sleeves, so that it ends in no other cuff than a hem? */
function hasLegsAlone({ lastHead }: Reached): boolean {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const facets = owner ? garmentType(owner.type).facets : [];
	return facets.includes('legLength') && !facets.includes('sleeveLength');
}
const isCuff = ({ words }: Span) => words.length === 1 && ['cuff', 'cuffs'].includes(words[0] ?? '');

/** "Jeans with a wide cuff", "trousers, 5 cm cuffs": what legs have, and no bracelet, unless it is of metal. */
function asTurnUp(reached: Reached, span: Span): Span | undefined {
	const { clause } = reached;
	const isOfMetal = clause.parts.some((part) => senseOf(part.span, 'metal') !== undefined);
	const isMeasured = clause.bare && clause.parts.some((part) => senseOf(part.span, 'length') !== undefined);
	const isOfLeg = clause.before === 'with' || (clause.before === 'comma' && isMeasured);
	return isCuff(span) && hasLegsAlone(reached) && isOfLeg && !clause.head && !isOfMetal
		? meaning(span, 'turn-ups')
		: undefined;
}

/** "Gathered at the cuff": where sleeves end, or "frayed at the cuffs" legs, where "a gold cuff at the wrist" is a bracelet. */
function asEnd(reached: Reached, span: Span): Span | undefined {
	const { before, definite, parts } = reached.clause;
	const isThere = ['in', 'on'].includes(before) && definite && parts.length === 0;
	if (!isCuff(span) || !isThere) return undefined;
	return hasLegsAlone(reached)
		? meaning(span, 'hem')
		: { ...span, senses: span.senses.filter(({ kind }) => kind === 'detail') };
}

/** "Lace along the top": of a cloth or a colour that was said just before, the edge that it is on. */
export function asEdge({ clause: { parts, head } }: Reached, span: Span): Span | undefined {
	const [first = ''] = span.words;
	const isPlace = ['at', 'along', 'round'].includes(first) && edge.words.includes(span.words.at(-1) ?? '');
	const isSaid = parts.length > 0 && parts.every((part) => part.role === 'said' && dresses(part.span));
	return isPlace && isSaid && !head && !span.breakBefore
		? { ...span, senses: [{ kind: 'detail', detail: edge }] }
		: undefined;
}

interface StandsAs {
	span: Span;
	role: PartRole;
	/** It says where something is, on what was named. */
	isPlaced?: boolean;
}

/** What a span stands for in place of what it says by itself; undefined where it is that. */
export function standsAs(reached: Reached, span: Span, role: PartRole): StandsAs | undefined {
	const as = (found: Span | undefined, asRole: PartRole, isPlaced = false): StandsAs | undefined =>
		found && { span: found, role: asRole, isPlaced };
	const named = role === 'head' || role === 'detail';
	return (
		(role === 'said' ? as(asPlume(reached, span), 'detail') : undefined) ??
		(role === 'detail' ? as(asGlasses(reached, span) ?? asDress(reached, span), 'head') : undefined) ??
		(role === 'said' ? as(asSpot(reached, span), 'detail') : undefined) ??
		as(role === 'move' ? asPlace(reached, span) : asOneSide(reached, span), 'detail', true) ??
		(named ? as(asTurnUp(reached, span), 'move') : undefined) ??
		(role === 'head' ? as(asEnd(reached, span), 'detail') : undefined)
	);
}
