import type { Facts, PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';
import { sheerCloth } from '../underneath';

/** Said to be sheer, or a top of sheer cloth; a dress or skirt of such cloth is made up over a lining. */
function isSheer({ slot, stated }: PieceFacts): boolean {
	const opacity = stated('opacity');
	if (opacity !== undefined) return opacity === 'sheer' || opacity === 'semi-sheer';
	return slot === 'top' && sheerCloth.includes(stated('material') ?? '');
}

/** White cloth that is thin shows what is dark or bright beneath it. */
const thinWhite = [
	'linen',
	'cotton',
	'poplin',
	'lawn',
	'voile',
	'muslin',
	'silk',
	'satin',
	'viscose',
	'jersey',
	'crepe'
];
/** It lies on the skin, and is stretched over what is under it. */
const thinByKind = ['leggings', 'cycling-shorts'];
const isThin = ({ type, stated }: PieceFacts) =>
	thinWhite.includes(stated('material') ?? '') || (!stated('material') && thinByKind.includes(type.id));
/** Dark, or of a colour that takes the eye. */
const isSeenThrough = ({ main, strong }: PieceFacts) =>
	main !== undefined && (main.lab.l <= thresholds.answersDark || strong);

const underWhite = (facts: Facts): Violation[] =>
	facts
		.in('legs', 'whole', 'top')
		.filter(
			(piece) =>
				piece.main &&
				piece.main.lab.l >= thresholds.whiteLightness &&
				piece.print === undefined &&
				isThin(piece)
		)
		.flatMap((piece) =>
			facts
				.in('under')
				.filter(isSeenThrough)
				.map((under): Violation => ({
					severity: 'warning',
					pieces: [under.id, piece.id],
					measured: `${under.title} shows through the ${piece.title}: one in the tone of the skin does not`,
					swap: true
				}))
		);

const isWhite = ({ main }: PieceFacts) => main !== undefined && main.lab.l >= thresholds.whiteLightness;
const isDark = ({ main }: PieceFacts) => main !== undefined && main.lab.l <= thresholds.answersDark;
/** Dark or bright under sheer white, white under sheer dark; the tone of the skin under neither. */
const standsOut = (under: PieceFacts, sheer: PieceFacts) =>
	isWhite(sheer) ? isSeenThrough(under) : isDark(sheer) && isWhite(under);

/** What stands out under sheer cloth is seen as it is: meant, or not. */
const underSheer = (facts: Facts): Violation[] =>
	facts
		.in('top', 'whole')
		.filter(isSheer)
		.flatMap((piece) =>
			facts
				.in('under')
				.filter((under) => standsOut(under, piece))
				.map((under): Violation => ({
					severity: 'hint',
					pieces: [under.id, piece.id],
					measured: `${under.title} is plainly seen through the ${piece.title}: meant so, or one in the tone of the skin`,
					swap: true
				}))
		);

export const showsThrough: Rule = {
	id: 'shows-through',
	title: 'It shows what is under it',
	reason: 'Sheer cloth needs an underpinning that is meant to be seen, or one that is not seen at all.',
	standing: 'settled',
	addIn: ['under', 'layer'],
	about: ['opacity', 'material'],
	find: (facts) => [
		...underWhite(facts),
		...underSheer(facts),
		...facts
			.in('top', 'whole', 'legs')
			.filter(isSheer)
			.filter(
				(piece) =>
					!facts.pieces.some(
						(other) =>
							other !== piece && (other.slot === 'under' || (other.slot === piece.slot && !isSheer(other)))
					)
			)
			.map((piece) => ({
				severity: 'warning' as const,
				pieces: [piece.id],
				measured: `nothing under the sheer ${piece.title}: a camisole or slip in the tone of the skin`,
				swap: true
			}))
	]
};
