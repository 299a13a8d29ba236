/**
 * What an alterer, or a careful hand, makes of an owned piece. Unlike what is only worn otherwise it costs money and days, and is
 * not undone. Prices, days and risks are usual ones of this project (common practice); makers and care labels have the last word.
 */
import type { FacetId, ValueOf } from './facets';
import type { MaterialId } from './materials';
import type { AlterationId } from './transformation-ids';
import type { FamilyId } from './types';
import type { Transformation } from './transformations';

/** What is done to a piece for good. */
export interface Altering {
	/** At an alterer, material with it, in pence. */
	costMinor: number;
	/** Days until it hangs again. */
	days: number;
	tools: string;
	risk: string;
}
export type Alteration = Transformation & { altering: Altering };

/** Fibres that take a dye from the household (common practice): cellulose and silk; polyester and acrylic do not. */
const takesDye: MaterialId[] = [
	'cotton',
	'linen',
	'hemp',
	'viscose',
	'silk',
	'denim',
	'canvas',
	'poplin',
	'lawn',
	'voile',
	'muslin',
	'khadi',
	'jersey',
	'twill',
	'corduroy',
	'chambray'
];
const dyed = (
	label: string,
	hex: string,
	darkest: number
): Pick<
	Alteration,
	'label' | 'from' | 'to' | 'needs' | 'how' | 'minutes' | 'undone' | 'cautions' | 'altering'
> => ({
	label,
	from: {
		families: ['tees', 'shirts', 'trousers', 'jeans', 'shorts', 'skirts', 'dresses', 'jumpsuits']
	},
	to: { palette: hex },
	needs: [
		{
			kind: 'facet',
			facet: 'material',
			values: takesDye,
			words: 'a fibre that takes dye: cotton, linen, viscose, silk'
		},
		{ kind: 'lighter-than', darkest, words: 'a colour lighter than the dye' },
		{ kind: 'look', words: 'a label that allows washing; no beads, no lining of another fibre' }
	],
	how: 'Weigh it dry, take dye for that weight and fibre, and dye it wet, moving it all the time; rinse until clear.',
	minutes: 120,
	undone: 'never',
	cautions: ['dye'],
	altering: {
		costMinor: 1400,
		days: 3,
		tools: 'dye for the fibre, gloves, a pan or machine for nothing else',
		risk: 'Stitching of polyester keeps its colour; patches and creases show; it may shrink.'
	}
});

const shortened = <F extends FacetId>(
	label: string,
	families: readonly FamilyId[],
	facet: F,
	from: readonly ValueOf<F>[],
	to: ValueOf<F>,
	costMinor: number
): Alteration => ({
	label,
	from: { families, facets: { [facet]: from } },
	to: { facets: { [facet]: to } },
	needs: [{ kind: 'look', words: 'a hem that is plain, without a border or lace that would be lost' }],
	how: 'Pin it in the shoes it is worn with, sit and walk in it, baste, look again, then cut and sew.',
	minutes: 90,
	undone: 'never',
	cautions: ['pins', 'scissors'],
	altering: {
		costMinor,
		days: 7,
		tools: 'pins, chalk, a machine, an iron',
		risk: 'What is cut off is gone; leave a deep hem where the cloth allows it.'
	}
});

const skirted: FamilyId[] = ['dresses', 'skirts'];
const legs: FamilyId[] = ['trousers', 'jeans'];
const sleeved: FamilyId[] = ['shirts', 'tees', 'dresses'];

export const alterations: Record<AlterationId, Alteration> = {
	'hemmed-to-midi': shortened(
		'hemmed to mid-calf',
		skirted,
		'hemLength',
		['maxi', 'ankle', 'floor'],
		'midi',
		1800
	),
	'hemmed-to-knee': shortened(
		'hemmed to the knee',
		skirted,
		'hemLength',
		['midi', 'maxi', 'ankle'],
		'knee',
		1800
	),
	'hemmed-to-mini': shortened(
		'hemmed short',
		skirted,
		'hemLength',
		['above-knee', 'knee', 'midi'],
		'mini',
		1800
	),
	'legs-shortened': shortened(
		'shortened to the ankle',
		legs,
		'legLength',
		['full', 'floor', 'stacked'],
		'ankle',
		1200
	),
	'sleeves-cut-short': shortened(
		'with the sleeves cut short',
		sleeved,
		'sleeveLength',
		['long', 'three-quarter'],
		'short',
		1500
	),
	'sleeves-off': shortened(
		'with the sleeves taken off',
		sleeved,
		'sleeveLength',
		['short', 'elbow', 'long', 'three-quarter'],
		'sleeveless',
		1800
	),
	'taken-in': {
		label: 'taken in at the sides',
		from: {
			families: ['shirts', 'tailored', 'dresses', 'trousers', 'coats'],
			facets: { fit: ['regular', 'relaxed', 'oversized'] }
		},
		to: { facets: { fit: 'tailored' } },
		needs: [
			{
				kind: 'not',
				facet: 'texture',
				values: ['sequinned', 'beaded'],
				words: 'seams without beads on them'
			},
			{ kind: 'look', words: 'shoulders that sit right: they are seldom worth moving' }
		],
		how: 'Pin both sides alike on the client, arms up and seated as well, then have the seams sewn and pressed.',
		minutes: 120,
		undone: 'by-unpicking',
		cautions: ['pins'],
		altering: {
			costMinor: 3000,
			days: 10,
			tools: 'pins, chalk, a machine, an iron',
			risk: 'Pockets and darts may move out of place; leave the cloth in the seam and it can be let out again.'
		}
	},
	'dyed-black': dyed('dyed black', '#141414', 20),
	'dyed-navy': dyed('dyed navy', '#1c2745', 25),
	'bleached-light': {
		label: 'bleached to a light wash',
		from: { families: ['jeans'] },
		to: { palette: '#9db4cc' },
		needs: [
			{
				kind: 'facet',
				facet: 'material',
				values: ['denim', 'cotton'],
				words: 'cotton denim without stretch'
			},
			{ kind: 'look', words: 'an indigo blue: black and coloured denim turn rusty' }
		],
		how: 'A weak bath first and a seam as a trial; take it out a shade too dark, rinse long, neutralise, wash.',
		minutes: 90,
		undone: 'never',
		cautions: ['bleach'],
		altering: {
			costMinor: 600,
			days: 2,
			tools: 'gloves, goggles, a bucket for nothing else, plenty of water',
			risk: 'Patches, holes at the seams, a yellow cast; it cannot be taken back.'
		}
	},
	'buttons-gold': buttons('gold', 'with gold-coloured buttons'),
	'buttons-silver': buttons('silver', 'with silver-coloured buttons')
};

function buttons(metal: 'gold' | 'silver', label: string): Alteration {
	return {
		label,
		from: { families: ['tailored', 'coats', 'cardigans', 'jackets'] },
		to: { metal },
		needs: [
			{
				kind: 'facet',
				facet: 'closure',
				values: ['buttoned', 'single-breasted', 'double-breasted'],
				words: 'buttons'
			},
			{ kind: 'look', words: 'buttonholes of a size that is sold' }
		],
		how: 'Measure one across, buy one more than is needed, and sew them with a shank; keep the old ones in a bag.',
		minutes: 45,
		undone: 'by-unpicking',
		altering: {
			costMinor: 1600,
			days: 2,
			tools: 'needle, waxed thread',
			risk: 'Plated metal may hold nickel: ask, or line them for who is allergic.'
		}
	};
}
