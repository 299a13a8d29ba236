/** A clause of a limit, ready to be held against many pieces: by figures, by properties, or as a description. */
import { sensesOfPhrase } from '../../reading';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, saidOnly, type Answer } from '../property';
import { heightIn, type LimitClause } from './clauses';
import { comparedColourIn } from './compared-colours';
import { comparedKindIn } from './compared-kinds';
import { isDescribed, isTold } from './described';
import { hasUnknown, isUnderstood, namesColour, namesThing, tellsApart } from './descriptions';
import { breaksLength, lengthLimitIn } from './lengths';
import { isElsewhere, lyingAt } from './of-places';
import { heelOver, lowUpToCm, midUpToCm } from './of-the-body';
import { amountLimitIn, hasPart, lacksPart, tellsPart } from './of-parts';
import { propertiesIn } from './properties';
import { wornInstead } from './worn-instead';

export interface Held {
	/** Is anything in it that a piece can be held against? */
	known: boolean;
	breaks: (piece: PieceFacts) => Answer;
	/** What is asked of a piece of which it is not known. */
	asks: (piece: PieceFacts) => string;
}

/** What a clause is about besides its property: "leather *skirts*", "*skirts* below the knee". */
const about = (rest: string) =>
	rest && isUnderstood(rest) ? (piece: PieceFacts) => isDescribed(piece, rest) : undefined;

/** "Heels over 3 cm", "up to 5 cm": a height of heels. */
const ofHeels = /\bheels?\b|\bhigher\b|\bhigh\b|^(?:over|above|under|up to|max)/i;

/** "Collars higher than 4 cm" are no heels. */
const ofOtherParts = /\b(?:collars?|necks?|waists?|platforms?|soles?|buns?|crowns?)\b/i;

/** "A kitten heel at most", "nothing over a kitten heel": as high as such a heel is. */
const heelNamed =
	/\b(?:over|above|beyond|higher than|more than|at (?:the )?most|max(?:imum)?|up to)\b.*?\b(kitten|low|mid|block)(?: (?:block )?heels?)?$|\b(kitten|low|mid|block) (?:block )?heels? (?:at (?:the )?most|max(?:imum)?|or (?:lower|less|flats?|flatter))\b/i;
function heelNamedIn(words: string): number | undefined {
	const [, over, most] = heelNamed.exec(words) ?? [];
	const name = over ?? most;
	if (!name) return undefined;
	return /kitten|low/i.test(name) ? lowUpToCm : midUpToCm;
}

/** A figure of something that has no field of its own: how high a platform is, how long a train. */
const ofFigure =
	/\s*\b(?:(?:over|above|under|below|beyond|(?:more|less|higher|lower|deeper|longer|wider|thicker|bigger) than|up to|max(?:imum)?(?: of)?)\s+)?\d+(?:[.,]\d+)?\s*-?(?:cm|mm|centimet\w+|inch\w*|in\b|["”])/i;

function heldByFigures({ words, only }: LimitClause): Held | undefined {
	// "Over the knee boots" are a kind.
	const isKind = sensesOfPhrase(words)?.some(({ kind }) => kind === 'type');
	// How far a slit opens is no length of its skirt.
	const length = isKind || /\bslits?\b/i.test(words) ? undefined : lengthLimitIn(words, only);
	if (length) {
		const isAbout = about(length.rest);
		return {
			known: true,
			breaks: (piece) => allOf(breaksLength(length, piece), isAbout?.(piece) ?? 'yes'),
			asks: () => 'where does it end?'
		};
	}
	const cm =
		ofHeels.test(words) && !ofOtherParts.test(words) ? (heightIn(words) ?? heelNamedIn(words)) : undefined;
	return cm === undefined
		? undefined
		: { known: true, breaks: (piece) => heelOver(piece, cm), asks: () => 'how high is the heel?' };
}

function heldByProperties({ words, only }: LimitClause): Held | undefined {
	const { properties, rest, isDemand } = propertiesIn(words, only);
	if (properties.length === 0) return undefined;
	// A leather skirt is both; a mini bag is small, and a fur stole or a detachable hood has a name of its own.
	const hasName = namesThing(words) || (rest !== '' && sensesOfPhrase(words) !== undefined);
	// "Coloured tights" are not all tights.
	const isOfColour = namesThing(rest) && properties.every(({ ofColour }) => ofColour);
	const [isAbout, isNamed] = [about(rest), !only && !isDemand && hasName && !isOfColour];
	return {
		known: !hasUnknown(rest),
		breaks: (piece) => {
			const holds = anyOf(...properties.map((one) => one.holds(piece)));
			const both = isAbout ? allOf(holds, isAbout(piece)) : holds;
			return isNamed ? anyOf(both, isDescribed(piece, words)) : both;
		},
		asks: (piece) => (properties.find(({ holds }) => holds(piece) === 'unknown') ?? properties[0])?.asks ?? ''
	};
}

/** "Nothing bolder than navy", "nothing heavier than a cardigan". */
function heldByComparison({ words, only }: LimitClause): Held | undefined {
	if (only) return undefined;
	const asks = () => `is it ${words}?`;
	const ofColour = comparedColourIn(words);
	if (ofColour) return { known: true, breaks: ofColour, asks };
	const ofKind = comparedKindIn(words);
	if (!ofKind) return undefined;
	const isAbout = about(ofKind.about);
	return {
		known: !hasUnknown(ofKind.about),
		breaks: (piece) => allOf(ofKind.breaks(piece), isAbout?.(piece) ?? 'yes'),
		asks
	};
}

/** "Ties must be silk", "her shirts have to be white". */
const demand =
	/^(?:(?:the|her|his|their|my|all|any) )?(.+?) (?:must|should|has to|have to|needs? to)(?: always)? be (.+)$/i;
function heldByDemand({ words }: LimitClause): Held | undefined {
	const [, things = '', wanted = ''] = demand.exec(words) ?? [];
	if (!namesThing(things) || !tellsApart(wanted)) return undefined;
	return {
		known: !hasUnknown(wanted),
		breaks: (piece) => allOf(isDescribed(piece, things), wornInstead(piece, wanted, true)),
		asks: () => `is it ${wanted}?`
	};
}

/** Does a thing lack what it must have? Its sleeves or its collar its fields tell of; of anything else that nobody says it has it is asked. */
function lacks(piece: PieceFacts, things: string, part: string): Answer {
	if (tellsPart(piece, part)) return lacksPart(piece, part);
	const has = saidOnly(isDescribed(piece, `${things} with ${part}`)) !== 'no' || isTold(piece, part);
	return has ? 'no' : 'unknown';
}

/** "Shoes must have a strap". */
const having =
	/^(?:(?:the|her|his|their|my|all|any) )?(.+?) (?:must|should|has to|have to|needs? to) have (.+)$/i;
function heldByHaving({ words }: LimitClause): Held | undefined {
	const [, things = '', wanted = ''] = having.exec(words) ?? [];
	const part = wanted.replace(/^(?:an?|the) /i, '');
	if (!namesThing(things) || !isUnderstood(`${things} with ${part}`)) return undefined;
	return {
		known: !hasUnknown(part),
		breaks: (piece) => {
			const isThing = isDescribed(piece, things);
			return isThing === 'no' ? 'no' : allOf(isThing, lacks(piece, things, part));
		},
		asks: () => `has it ${wanted}?`
	};
}

/** "Second-hand fur only", "only vintage leather": whether it is, no piece tells. */
const usedBefore =
	/^((?:second-?hand|pre-?(?:owned|loved|worn)|vintage|thrifted|inherited|recycled|upcycled|antique|ethical(?:ly sourced)?|organic))\s+(.+)$/i;
function heldByOrigin(clause: LimitClause): Held | undefined {
	const [, origin, things] = (clause.only && usedBefore.exec(clause.words)) || [];
	if (!origin || !things || !isUnderstood(things)) return undefined;
	return heldIf(heldBy({ ...clause, words: things, only: false }), `is it ${origin.toLowerCase()}?`);
}

/** Tells things apart, if only by their colours as a whole: "warm colours". */
const tellsAnything = (words: string): boolean =>
	tellsApart(words) || propertiesIn(words).properties.some(({ ofColour }) => ofColour);

/** Of a thing that is named, "stilettos", it is asked whether it is such. */
const asksOf = (words: string) => (namesThing(words) ? 'is it one of those?' : 'is that so?');

function heldByWords({ words, only }: LimitClause): Held {
	// A list of what alone is worn is not held against anything where a word of it is not known.
	const [isSaid, isWhole] = [isUnderstood(words), !hasUnknown(words)];
	const breaks = only ? wornInstead : isDescribed;
	return {
		known: isSaid && isWhole && (!only || words.split(/\s*,\s*|\s+(?:and|or|&)\s+/).some(tellsAnything)),
		breaks: (piece) => (isSaid && !(only && !isWhole) ? breaks(piece, words) : 'no'),
		asks: () =>
			namesColour(words) && !namesThing(words) ? `is it ${words.replace(/s$/i, '')}?` : asksOf(words)
	};
}

/** What breaks a limit only on a condition of which nobody knows is asked: when it is worn, how much of it there is. */
const heldIf = ({ known, breaks }: Held, asked: string): Held => ({
	known,
	breaks: (piece) => (breaks(piece) === 'no' ? 'no' : 'unknown'),
	asks: () => asked
});

/** "No jewellery except pearls": what the exception names is worn; of one that nobody understands it is asked. */
function heldExcept(held: Held, except: string | undefined): Held {
	if (!except) return held;
	const isSaid = isUnderstood(except) && !hasUnknown(except);
	const excepted = (piece: PieceFacts): Answer => (isSaid ? isDescribed(piece, except) : 'unknown');
	return {
		...held,
		breaks: (piece) => {
			const answer = held.breaks(piece);
			if (answer === 'no') return 'no';
			const worn = excepted(piece);
			if (worn === 'no') return answer;
			return worn === 'unknown' ? 'unknown' : 'no';
		},
		asks: (piece) => (held.breaks(piece) === 'unknown' ? held.asks(piece) : `is it ${except}?`)
	};
}

/** "No bows at the neck": of one that nobody said is there it is asked. */
function alsoLying(held: Held, { words, only, said }: LimitClause): Held {
	const lying = only ? undefined : lyingAt(words);
	if (!lying || !isUnderstood(lying.what)) return held;
	const { what, place, slots } = lying;
	const isThing = namesThing(what);
	const there = heldIf(heldBy({ said, words: what, only, ...(!isThing && { slots }) }), `is it ${place}?`);
	return {
		known: held.known || there.known,
		breaks: (piece) => {
			if (!isThing && !slots.includes(piece.slot)) return 'no';
			const answer = held.breaks(piece);
			return isElsewhere(piece, place) ? answer : anyOf(answer, there.breaks(piece));
		},
		asks: (piece) => (held.breaks(piece) === 'unknown' ? held.asks(piece) : there.asks(piece))
	};
}

/** "No big buttons": how large a part is, where a piece has it; of what nobody tells that of, a property of that name answers, or it is asked. */
function alsoOfAmount(clause: LimitClause, byProperties: Held | undefined, held: Held): Held {
	const { words, only, said } = clause;
	const limit = only ? undefined : amountLimitIn(words);
	if (!limit) return held;
	const { part, isSo } = limit;
	const parted = heldBy({ said, words: part, only });
	const isHad = (piece: PieceFacts) => saidOnly(anyOf(parted.breaks(piece), hasPart(piece, part))) !== 'no';
	return {
		known: true,
		breaks: (piece) => {
			const told = isHad(piece) ? isSo(piece) : undefined;
			return told === 'yes' || told === 'no' ? told : (byProperties?.breaks(piece) ?? told ?? 'no');
		},
		asks: () => `has it ${words}?`
	};
}

/** By its properties, or as it is worded; where it lies and how large it is count as well. */
function heldAsSaid(clause: LimitClause): Held {
	const byProperties = heldByProperties(clause);
	return alsoOfAmount(clause, byProperties, alsoLying(byProperties ?? heldByWords(clause), clause));
}

export function heldBy(clause: LimitClause): Held {
	const { slots, when, words } = clause;
	const byFigures = heldByFigures(clause);
	const isMeasured = byFigures === undefined && ofFigure.test(words);
	const plain = isMeasured ? { ...clause, words: words.replace(ofFigure, '').trim() } : clause;
	const always =
		byFigures ??
		heldByComparison(plain) ??
		heldByDemand(plain) ??
		heldByHaving(plain) ??
		heldByOrigin(plain) ??
		heldAsSaid(plain);
	const asked = isMeasured ? `how much is it: ${words}?` : when && `is it worn ${when}?`;
	const held = heldExcept(asked ? heldIf(always, asked) : always, clause.except);
	return slots
		? { ...held, breaks: (piece) => (slots.includes(piece.slot) ? held.breaks(piece) : 'no') }
		: held;
}
