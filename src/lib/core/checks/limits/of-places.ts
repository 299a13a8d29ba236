/** Limits that forbid whatever is worn at a place, "nothing round her neck", and what is forbidden at a place alone, "no bows at the neck". */
import { highNecklines } from '../../lexicon/limit-properties';
import { slotIds, type SlotId } from '../../lexicon/slots';
import type { PieceFacts } from '../facts';
import { among, anyOf, byFacet, saidOnly, type Answer, type Property } from '../property';

const inSlots =
	(...wanted: readonly SlotId[]) =>
	({ slot }: PieceFacts): Answer =>
		wanted.includes(slot) ? 'yes' : 'no';

const at = (place: string) =>
	new RegExp(
		`^(?:(?:that )?touch(?:es|ing)|(?:tight )?(?:on|in|round|around|at|over|near)) (?:the|her|his|their|my) (?:${place})$`,
		'i'
	);

export const placeProperties: readonly Property[] = [
	{ said: at('head'), asks: 'is it worn on the head?', holds: inSlots('head') },
	{
		said: /^over (?:the|her|his|their|my) ears?$/i,
		asks: 'does it cover the ears?',
		holds: (piece) => (inSlots('head')(piece) === 'yes' ? 'unknown' : inSlots('ears')(piece))
	},
	{ said: at('ears?|earlobes?'), asks: 'is it worn in the ears?', holds: inSlots('ears') },
	{ said: at('wrists?|arms?'), asks: 'is it worn at the wrist?', holds: inSlots('wrist') },
	{ said: at('fingers?|hands?'), asks: 'is it worn on the hand?', holds: inSlots('finger', 'hands') },
	{ said: at('waist|middle'), asks: 'is it worn at the waist?', holds: inSlots('waist') },
	{ said: at('nails?'), asks: 'is it on the nails?', holds: inSlots('nails') },
	{ said: at('face'), asks: 'is it worn on the face?', holds: inSlots('face', 'eyes') },
	{ said: at('hair'), asks: 'is it worn in the hair?', holds: inSlots('hair', 'head') },
	{
		said: at('neck|throat|collar'),
		asks: 'how high is the neck?',
		holds: (piece) =>
			anyOf(
				inSlots('neck', 'scarf')(piece),
				saidOnly(byFacet(piece, 'neckline', among(...highNecklines))),
				saidOnly(byFacet(piece, 'collar', among('pussy-bow')))
			)
	}
];

const upper: readonly SlotId[] = ['top', 'whole', 'suit', 'layer', 'outer', 'drape', 'under'];
const lower: readonly SlotId[] = ['legs', 'whole', 'suit', 'drape', 'under'];
/** What a note says of where something is: on which side, and at which place there. */
const sides = /\b(?:front|back|sides?)\b/i;
const spots = /\b(?:neck|collar|shoulders?|sleeves?|cuffs?|waist|hem|ankles?)\b/i;
/** Places on the body where a part of a thing may lie, and what is worn over them. */
const onBody: readonly [said: string, slots: readonly SlotId[]][] = [
	['neck|throat|collar|bust|chest|breasts?|shoulders?', [...upper, 'scarf', 'neck']],
	['arms?|elbows?|wrists?|cuffs?', [...upper, 'wrist', 'hands']],
	['waist|middle|tummy|stomach|belly|midriff', [...upper, 'legs', 'waist']],
	[
		'hips?|bottom|bum|behind|thighs?|knees?|legs?|ankles?|calf|calves',
		[...lower, 'hosiery', 'outer', 'feet', 'waist']
	],
	['back|front|sides?', slotIds]
];
const lying = new RegExp(
	`^(.+?) ((?:at|near|over|round|around|across|on|by|along|down) (?:the|her|his|their|my) (?:${onBody.map(([said]) => said).join('|')}))$`,
	'i'
);

/** Is what a piece has at another place: "front zip", of zips at the back, as a jacket has it without a word? */
export function isElsewhere({ note = '', slot, stated }: PieceFacts, place: string): boolean {
	const at = place.toLowerCase().replace(/^.* /, '');
	const opensInFront = ['layer', 'outer'].includes(slot) && stated('closure') !== undefined;
	const others = sides.test(at) ? sides : spots;
	return (at === 'back' && opensInFront) || (others.test(note) && !note.toLowerCase().includes(at));
}

/** "Pleats over the tummy": what lies at a place, and in which slots; undefined where a limit names no such place. */
export function lyingAt(
	words: string
): { what: string; place: string; slots: readonly SlotId[] } | undefined {
	const [, what, place] = lying.exec(words) ?? [];
	const [, slots] = onBody.find(([said]) => new RegExp(` (?:${said})$`, 'i').test(place ?? '')) ?? [];
	return what && place && slots ? { what, place, slots } : undefined;
}
