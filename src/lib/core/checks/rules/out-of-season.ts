import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

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
const thinCloth = ['linen', 'voile', 'lawn', 'chiffon', 'organza', 'muslin', 'seersucker', 'georgette'];

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
const warmByKind = ({ type, stated }: PieceFacts) =>
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
const isWarm = (piece: PieceFacts) =>
	warmByKind(piece) ||
	warmCloth.includes(piece.value('material') ?? '') ||
	piece.stated('weight') === 'heavy' ||
	['padded', 'chunky-knit', 'fur-like'].includes(piece.value('texture') ?? '');
/** Open shoes, and thin or bare things with nothing over them. */
const isBare = (piece: PieceFacts, covered: boolean) =>
	(piece.slot === 'feet' && (piece.type.family === 'sandals' || piece.value('toe') === 'open')) ||
	(!covered &&
		['top', 'whole'].includes(piece.slot) &&
		(['strapless', 'sleeveless'].includes(piece.value('sleeveLength') ?? '') ||
			thinCloth.includes(piece.value('material') ?? '')));

/** Short enough to leave the leg bare, as said or by its kind. */
const showsLegs = (piece: PieceFacts) =>
	['micro', 'mini', 'above-knee', 'knee'].includes(piece.value('hemLength') ?? '') ||
	['micro', 'short', 'mid-thigh', 'knee'].includes(piece.value('legLength') ?? '');

export const outOfSeason: Rule = {
	id: 'out-of-season',
	title: 'Out of season',
	reason:
		'Clothes for another weather make the client suffer and the look false: hold it, layer it or swap the piece.',
	standing: 'settled',
	silentUnder: { question: 'season', schools: ['layer-all-year'] },
	about: ['type', 'material', 'sleeveLength'],
	find: (facts) => {
		const airC = facts.event?.weather?.airC;
		if (airC === undefined) return [];
		const covered = facts.in('outer', 'layer', 'suit').length > 0;
		const bareLegs =
			airC <= thresholds.frostC && facts.in('hosiery').length === 0
				? facts.in('legs', 'whole').filter(showsLegs)
				: [];
		const cold = bareLegs.map((piece): Violation => ({
			severity: 'hint',
			pieces: [piece.id],
			measured: `bare legs under the ${piece.title} at ${airC.toFixed(0)} °C: thick tights or a longer hem`,
			swap: true
		}));
		const found = facts.pieces.flatMap((piece): Violation[] => {
			const wrong =
				airC >= thresholds.warmC ? isWarm(piece) : airC <= thresholds.coldC && isBare(piece, covered);
			return wrong
				? [
						{
							severity: 'warning',
							pieces: [piece.id],
							measured: `the ${piece.title} at ${airC.toFixed(0)} °C${facts.schools.season === 'hold' ? ': hold the look for its season, or swap it' : ''}`,
							swap: true
						}
					]
				: [];
		});
		return [
			...found,
			...cold.filter(({ pieces: [id] }) => !found.some(({ pieces }) => pieces.includes(id ?? '')))
		];
	}
};
