import type { TightSpot } from '../../lexicon/brief';
import { tightSpots } from '../../lexicon/brief';
import { alsoPocketed, heavyCloth, heavyTypes, pocketed, unpocketed } from '../../lexicon/handling';
import { highNecklines } from '../../lexicon/limit-properties';
import type { Facts, PieceFacts } from '../facts';
import { fastensAtSide, fastensBehind, goesOverTheHead, takesTwoHands } from '../fastenings';
import type { Violation } from '../model';
import { madeOf } from '../limits/of-cloth';
import type { Rule } from '../rule';

const upper = ['top', 'whole', 'layer', 'suit', 'outer'];
const nextToSkin = ['top', 'whole', 'legs', 'hosiery', 'under', 'scarf'];
const close = ['skin-tight', 'close'];

const hasPocket = ({ type }: PieceFacts) =>
	(pocketed.includes(type.family) && !unpocketed.includes(type.id)) || alsoPocketed.includes(type.id);

const isHeavy = ({ stated, value, type, slot }: PieceFacts) =>
	stated('weight') === 'heavy' ||
	heavyTypes.includes(type.id) ||
	(['outer', 'whole', 'layer', 'suit', 'drape'].includes(slot) &&
		heavyCloth.includes(value('material') ?? '')) ||
	(slot === 'bag' && ['large', 'oversized'].includes(value('size') ?? ''));

/** Does a piece press on a place of the body? */
const presses: Record<TightSpot, (piece: PieceFacts) => boolean> = {
	neck: ({ value }) => highNecklines.includes(value('neckline') ?? ''),
	'upper-arm': ({ slot, value }) =>
		upper.includes(slot) &&
		close.includes(value('fit') ?? '') &&
		!['sleeveless', 'strapless', 'cap', undefined].includes(value('sleeveLength')),
	bust: ({ slot, value, type }) =>
		type.id === 'corset-top' || (['top', 'whole'].includes(slot) && value('fit') === 'skin-tight'),
	waist: ({ slot, value, type }) =>
		slot === 'waist'
			? !['kamarbandh', 'chain-belt', 'braces'].includes(type.id)
			: ['corset-top', 'shapewear'].includes(type.id) ||
				(['legs', 'whole'].includes(slot) && value('fit') === 'skin-tight'),
	hip: ({ slot, value }) => ['legs', 'whole'].includes(slot) && close.includes(value('fit') ?? ''),
	thigh: ({ slot, value }) => slot === 'legs' && (value('leg') === 'skinny' || value('fit') === 'skin-tight'),
	calf: ({ slot, value }) =>
		(slot === 'feet' && ['knee', 'over-knee', 'mid-calf'].includes(value('shaft') ?? '')) ||
		(slot === 'legs' && value('leg') === 'skinny'),
	foot: ({ slot, value }) => slot === 'feet' && value('toe') === 'pointed'
};

const hint = (pieces: readonly PieceFacts[], measured: string): Violation[] =>
	pieces.length === 0
		? []
		: [{ severity: 'hint', pieces: pieces.map(({ id }) => id), measured, swap: pieces.length === 1 }];
const named = (pieces: readonly PieceFacts[]) => pieces.map(({ title }) => title).join(', ');

function gettingInto({ pieces, client }: Facts): Violation[] {
	const handling = client?.handling;
	if (!handling) return [];
	const behind = handling.reach === 'any' ? [] : pieces.filter(fastensBehind);
	const bySide = pieces.flatMap((piece) => {
		const side = fastensAtSide(piece);
		// A hand reaches across to the other side, and badly to its own.
		return side && (handling.reach === 'front-only' || handling.hand === side) ? [{ piece, side }] : [];
	});
	const twoHands = handling.hand === 'both' ? [] : pieces.filter(takesTwoHands);
	const overHead = handling.overHead ? [] : pieces.filter(goesOverTheHead);
	return [
		...behind.flatMap((piece) => hint([piece], `${piece.title} fastens at the back: somebody must do it up`)),
		...bySide.flatMap(({ piece, side }) =>
			hint(
				[piece],
				`${piece.title}: usually fastened on the ${side}, out of reach; look, or somebody must do it up`
			)
		),
		...twoHands.flatMap((piece) =>
			hint(
				[piece],
				`two hands are needed for ${piece.title}: have it changed to elastic, magnet or hook and loop, or somebody must do it up`
			)
		),
		...hint(
			overHead,
			`over the head: ${named(overHead)}; dress before hair and make-up, or take what opens in front`
		)
	];
}

function carrying({ pieces, client, in: inSlots }: Facts): Violation[] {
	const handling = client?.handling;
	if (!handling) return [];
	const clothed = inSlots('top', 'legs', 'whole', 'suit', 'layer', 'outer');
	const heavy = handling.light ? pieces.filter(isHeavy) : [];
	const scratchy = handling.softSeams
		? pieces.filter(
				(piece) => nextToSkin.includes(piece.slot) && ['yes', 'by-kind'].includes(madeOf(piece, 'scratchy'))
			)
		: [];
	const noPocket = handling.pockets && clothed.length > 0 && !clothed.some(hasPocket);
	return [
		...heavy.flatMap((piece) => hint([piece], `${piece.title} is heavy to wear or carry for long`)),
		...scratchy.flatMap((piece) =>
			hint([piece], `${piece.title} may scratch: line it, or wear something soft under it`)
		),
		...(noPocket ? hint(clothed, 'nothing with a pocket, and one is wanted') : [])
	];
}

const pressing = ({ pieces, client }: Facts): Violation[] =>
	(client?.handling?.tightSpots ?? []).flatMap((spot) =>
		pieces
			.filter((piece) => presses[spot](piece))
			.map((piece) => ({
				severity: 'warning' as const,
				pieces: [piece.id],
				measured: `${piece.title} is tight at the ${tightSpots[spot]}`,
				swap: true,
				leaveOff: piece.area < 0.1
			}))
	);

export const handling: Rule = {
	id: 'handling',
	title: 'Dressing and carrying',
	reason:
		'A look must be got into, sat in and carried through the day by this client, alone or with the help there is.',
	standing: 'settled',
	about: ['closure', 'fit', 'weight', 'neckline', 'toe'],
	find: (facts) => [...pressing(facts), ...gettingInto(facts), ...carrying(facts)]
};
