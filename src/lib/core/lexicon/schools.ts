import type { FacetGroup } from './facets';

/**
 * The questions on which practitioners disagree, each with its schools; the first is the default. A school is
 * a setting on the client or the echo.
 */
export const schoolQuestions = {
	closeness: ['piece-for-piece', 'colour-first', 'shape-first', 'spirit'],
	colours: ['in-the-family', 'repeat-exactly', 'contrast-on-purpose', 'one-colour'],
	metals: ['match-all', 'mix-no-odd-one', 'mix-freely'],
	volume: ['balanced', 'relaxed-with-relaxed', 'mark-the-waist'],
	boldness: ['one-statement', 'all-in-take-one-off'],
	formality: ['keep-together', 'bridge-the-gap', 'clash-on-purpose'],
	hems: ['clean-break', 'stacked', 'cuffed', 'boot-under', 'boot-over'],
	season: ['hold', 'layer-all-year', 'swap-the-element'],
	money: ['trends-cheap-staples-well', 'buy-nothing-new', 'best-version-once'],
	sizing: ['as-designed', 'fitted-to-the-body'],
	bags: ['bag-for-each-look', 'one-good-bag'],
	logos: ['seen', 'never']
} as const;

export type SchoolQuestion = keyof typeof schoolQuestions;
export type Schools = { [Q in SchoolQuestion]: (typeof schoolQuestions)[Q][number] };

export const defaultSchools = Object.fromEntries(
	Object.entries(schoolQuestions).map(([question, schools]) => [question, schools[0]])
) as Schools;

/** What each question asks, and what its schools change. */
export const schoolGuide: Record<SchoolQuestion, { asks: string; changes: string }> = {
	closeness: { asks: 'What counts as close', changes: 'the weights of facets, colour story and silhouette' },
	colours: {
		asks: 'Colours',
		changes: 'whether a colour of the same family counts, and the checks of stray, flat and one colour'
	},
	metals: { asks: 'Metals', changes: 'the check for an odd metal' },
	volume: { asks: 'Volume', changes: 'the checks of two volumes and of the waist' },
	boldness: { asks: 'Boldness', changes: 'how many statements a look bears' },
	formality: { asks: 'Formality', changes: 'the check of formality far apart' },
	hems: { asks: 'Hems and shoes', changes: 'the check of where the trouser ends' },
	season: { asks: 'Season', changes: 'what is said of clothes for another weather' },
	money: { asks: 'Money', changes: 'the check of where the money goes' },
	sizing: { asks: 'Sizing', changes: 'whether what stands off the body is a fault' },
	bags: { asks: 'Bags', changes: 'the weight of the bag: half, where one good bag goes with every look' },
	logos: { asks: 'Logos', changes: 'the check of lettering' }
};

/** A school in words: "one statement". */
export const schoolLabel = (school: string): string => school.replace(/-/g, ' ');

export interface ClosenessSchool {
	label: string;
	reason: string;
	/** Multiplies the weight of a facet by its group. */
	groups: Record<FacetGroup, number>;
	/** Shares of the score: pieces, colour story, silhouette. They add up to 1. */
	mix: { pieces: number; colourStory: number; silhouette: number };
}

/** What counts as close (common practice; the weights are this project's and may be argued with). */
export const closenessSchools: Record<Schools['closeness'], ClosenessSchool> = {
	'piece-for-piece': {
		label: 'piece for piece',
		reason: 'The same garments with the same features.',
		groups: { kind: 1, colour: 1, shape: 1, cloth: 1, detail: 1 },
		mix: { pieces: 0.7, colourStory: 0.18, silhouette: 0.12 }
	},
	'colour-first': {
		label: 'colour first',
		reason: 'The palette and where its colours sit.',
		groups: { kind: 0.8, colour: 1.8, shape: 0.8, cloth: 0.9, detail: 0.7 },
		mix: { pieces: 0.45, colourStory: 0.42, silhouette: 0.13 }
	},
	'shape-first': {
		label: 'shape first',
		reason: 'Silhouette, lengths and volumes.',
		groups: { kind: 0.9, colour: 0.7, shape: 1.8, cloth: 0.8, detail: 0.8 },
		mix: { pieces: 0.45, colourStory: 0.13, silhouette: 0.42 }
	},
	spirit: {
		label: 'spirit',
		reason: 'The same mood, made wearable for this client.',
		groups: { kind: 0.7, colour: 1.1, shape: 0.9, cloth: 1, detail: 0.6 },
		mix: { pieces: 0.55, colourStory: 0.27, silhouette: 0.18 }
	}
};
