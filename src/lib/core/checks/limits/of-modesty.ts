/** Limits of how much a thing shows as a whole: "nothing revealing", "modest necklines only" (common practice). */
import type { PieceFacts } from '../facts';
import { anyOf, type Answer, type Property } from '../property';
import { bodyProperties } from './of-the-body';

/** What counts as much skin, by the parts of the body that are bare then. */
const shown = ['cleavage', 'back', 'midriff', 'thigh'];
const bares =
	(part: string) =>
	(piece: PieceFacts): Answer =>
		anyOf(...bodyProperties.flatMap((one) => (one.part?.test(part) ? [one.holds(piece)] : [])));
const isSheer = bodyProperties.filter(({ said }) => said?.test('sheer'));

const revealing = (piece: PieceFacts): Answer =>
	anyOf(...shown.map((part) => bares(part)(piece)), ...isSheer.map(({ holds }) => holds(piece)));

const modest = '(?:modest|decent|demure|conservative|respectable|discreet)';
const lowCut = { asks: 'how low is the neck?', holds: bares('cleavage') };
export const modestyProperties: readonly Property[] = [
	{
		said: /\b(?:revealing|skimpy|immodest|indecent|provocative|risqu[eé]|scanty|(?:much|lot of|lots of) (?:skin|flesh))\b/i,
		asks: 'how much does it show?',
		holds: revealing
	},
	{
		positive: true,
		said: new RegExp(`^${modest}(?: (?:dress|clothes|clothing|cuts?|styles?|outfits?|things))? only$`, 'i'),
		asks: 'how much does it show?',
		holds: revealing
	},
	...([false, true] as const).map((positive): Property => ({
		...(positive && { positive }),
		...lowCut,
		said: new RegExp(`^${modest} (?:necks?|necklines?)${positive ? ' only' : ''}$`, 'i')
	}))
];
