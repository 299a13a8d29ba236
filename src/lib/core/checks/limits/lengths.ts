/** Limits of how far something reaches: "nothing above the knee", "ankle-length or longer", "sleeves to the elbow at least". */
import { facetOf, type FacetId } from '../../lexicon/facets';
import type { PieceFacts } from '../facts';
import type { Answer } from '../property';

/** Where things end on the body, as it is said, and the values that end there. */
const reaches: readonly [said: RegExp, values: Partial<Record<FacetId, string>>][] = [
	[/\belbows?\b/i, { sleeveLength: 'elbow' }],
	[/\bthree-?quarter/i, { sleeveLength: 'three-quarter' }],
	[/\bwrists?\b/i, { sleeveLength: 'long' }],
	[/\bmid-?thighs?\b/i, { hemLength: 'mini', legLength: 'mid-thigh' }],
	[/\bknees?\b/i, { hemLength: 'knee', legLength: 'knee' }],
	[/\b(?:mid-?)?cal(?:f|ves)\b|\bmidi\b/i, { hemLength: 'midi', legLength: 'cropped' }],
	[/\bankles?\b/i, { hemLength: 'maxi', legLength: 'ankle' }],
	[/\b(?:floor|ground)\b/i, { hemLength: 'floor', legLength: 'floor' }]
];

/** Where tops end, of which it is only said that they reach there: "over the hips" is where something is. */
const reachedByTops: typeof reaches = [
	[/\bwaists?\b/i, { topLength: 'waist' }],
	[/\bhips?\b/i, { topLength: 'hip' }],
	[/\b(?:seat|bottom|bum|crotch|(?:her|his|their|my) behind)\b/i, { topLength: 'thigh' }]
];

const shorter = /\b(?:above|shorter than|higher than|over)\b(?!-)/i;
const longer = /\b(?:below|longer than|past|lower than|under)\b/i;
const orLonger =
	/\bor (?:longer|below|lower|more)\b|\bat (?:the )?least\b|\bminimum\b|\bno (?:shorter|higher) than\b|\breach(?:es|ing)?\b|\b(?:comes?|goes?|cuts?|covered|covers?) (?:down )?to\b/i;
const orShorter = /\bor (?:shorter|above|less)\b|\bat (?:the )?most\b|\bmaximum\b|\bno longer than\b/i;

const ofLength =
	/\b(?:hems?|hemlines?|lengths?|sleeves?|ends?|ending|legs?|bones?|be|must|should|have|has|down|comes?|goes?|the|her|his|their|that|to|a|an|-)\b/gi;

export interface LengthLimit {
	values: Partial<Record<FacetId, string>>;
	/** What ends before the place breaks it, or what ends after it; the place itself too where it is not to be reached. */
	never: 'before' | 'after';
	itself: boolean;
	/** What else the clause says: which things it is about. */
	rest: string;
}

/** What a clause says of lengths; undefined where it says nothing of them. `only`: it says what alone is worn. */
export function lengthLimitIn(words: string, only: boolean): LengthLimit | undefined {
	const isReached = orLonger.test(words) || /\b(?:shorter|higher) than\b/i.test(words);
	const places = isReached ? [...reaches, ...reachedByTops] : reaches;
	const [place, values] = places.find(([said]) => said.test(words)) ?? [];
	if (!place || !values) return undefined;
	const rest = [place, shorter, longer, orLonger, orShorter, ofLength]
		.reduce((left, said) => left.replace(said, ' '), words)
		.trim();
	// "Hems at the ankle" end nowhere above it.
	const isThere = /^(?:hems?|hemlines?|sleeves) (?:end(?:ing)? )?at /i.test(words);
	if (isThere || orLonger.test(words)) return { values, never: 'before', itself: false, rest };
	if (orShorter.test(words)) return { values, never: 'after', itself: false, rest };
	// "Hem below the knee" says how it is to be; "skirts below the knee" what is not worn.
	const wanted = only || /^(?:hems?|hemlines?|skirts? and dresses|lengths?|sleeves?)\b/i.test(words);
	if (shorter.test(words)) return { values, never: wanted ? 'after' : 'before', itself: wanted, rest };
	if (longer.test(words)) return { values, never: wanted ? 'before' : 'after', itself: false, rest };
	return undefined;
}

/** Does a piece end where such a limit forbids? What is worn over others shows no more of the body. */
export function breaksLength({ values, never, itself }: LengthLimit, piece: PieceFacts): Answer {
	const isOver = ['outer', 'layer'].includes(piece.slot) && values.topLength === undefined;
	if (never === 'before' && isOver) return 'no';
	for (const [facet, place] of Object.entries(values) as [FacetId, string][]) {
		if (!piece.type.facets.includes(facet)) continue;
		const value = piece.value(facet);
		if (value === undefined) return 'unknown';
		const [at, limit] = [value, place].map((one) => facetOf(facet).values.findIndex(({ id }) => id === one));
		if (at === undefined || limit === undefined) return 'unknown';
		const isBeyond = never === 'before' ? at < limit : at > limit;
		if (!isBeyond && !(itself && at === limit)) return 'no';
		return piece.stated(facet) === undefined ? 'by-kind' : 'yes';
	}
	return 'no';
}
