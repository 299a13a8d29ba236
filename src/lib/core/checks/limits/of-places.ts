/** Limits that forbid whatever is worn at a place: "nothing on the head", "nothing round her neck". */
import { highNecklines } from '../../lexicon/limit-properties';
import type { SlotId } from '../../lexicon/slots';
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
