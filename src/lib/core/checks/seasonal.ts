/** For which weather a thing is made. */
import type { GarmentFacts } from './facts';

type Told = Pick<GarmentFacts, 'type' | 'slot' | 'value' | 'stated'>;

const warmCloth = [
	'wool',
	'lambswool',
	'cashmere',
	'mohair',
	'alpaca',
	'tweed',
	'fleece',
	'down-fill',
	'fur',
	'faux-fur',
	'shearling',
	'felt',
	'camel-hair',
	'boucle-wool'
];
/** Worn by day in the heat. */
const summerCloth = ['linen', 'voile', 'lawn', 'muslin', 'seersucker'];
const thinCloth = [...summerCloth, 'chiffon', 'organza', 'georgette'];

/** Coats that are made for warm days as well. */
const lightCoats = [
	'raincoat',
	'duster-coat',
	'shop-coat',
	'cape',
	'poncho',
	'abaya',
	'trench-coat',
	'opera-coat'
];
/** Warm by their kind, whatever they are made of. */
const warmByKind = ({ type, stated }: Told) =>
	!thinCloth.includes(stated('material') ?? '') &&
	stated('weight') !== 'light' &&
	((type.family === 'coats' && !lightCoats.includes(type.id)) ||
		[
			'puffer-jacket',
			'shearling-jacket',
			'fleece',
			'roll-neck-jumper',
			'fisherman-jumper',
			'snow-boots',
			'sheepskin-boots'
		].includes(type.id));
/** Is it made for cold days? */
export const isWarm = (piece: Told) =>
	warmByKind(piece) ||
	warmCloth.includes(piece.value('material') ?? '') ||
	piece.stated('weight') === 'heavy' ||
	['padded', 'chunky-knit', 'fur-like'].includes(piece.value('texture') ?? '');
/** Closed, and made for warm days all the same. */
const summerShoes = ['espadrilles'];
/** Open shoes, summer cloth on the legs, and thin or bare things with nothing over them. */
export const isBare = (piece: Told, covered: boolean) =>
	(piece.slot === 'feet' &&
		(piece.type.family === 'sandals' ||
			summerShoes.includes(piece.type.id) ||
			piece.value('toe') === 'open')) ||
	(piece.slot === 'legs' && summerCloth.includes(piece.value('material') ?? '')) ||
	(!covered &&
		['top', 'whole'].includes(piece.slot) &&
		(['strapless', 'sleeveless'].includes(piece.value('sleeveLength') ?? '') ||
			thinCloth.includes(piece.value('material') ?? '')));

export const seasons = ['warm months', 'all year', 'cold months'] as const;
export type Season = (typeof seasons)[number];

/** The part of the year in which a thing is worn by itself. */
export const seasonOf = (thing: Told): Season =>
	isWarm(thing) ? 'cold months' : isBare(thing, false) ? 'warm months' : 'all year';
