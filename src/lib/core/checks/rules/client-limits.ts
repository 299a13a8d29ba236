import { cautionsFor } from '../../body/cautions';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import type { PieceFacts } from '../facts';

/** What a limit in words rules out, by what it speaks of. */
const shows: { word: RegExp; shown: (piece: PieceFacts) => boolean }[] = [
	{
		word: /strapless/i,
		shown: (piece) => piece.value('sleeveLength') === 'strapless' || piece.stated('neckline') === 'strapless'
	},
	{
		word: /sleeveless|upper arms?|bare arms?/i,
		shown: (piece) =>
			piece.slot !== 'layer' && ['sleeveless', 'strapless'].includes(piece.value('sleeveLength') ?? '')
	},
	{
		word: /mini|short skirts?|thighs?|above the knee/i,
		shown: (piece) => ['micro', 'mini', 'above-knee'].includes(piece.value('hemLength') ?? '')
	},
	{
		word: /low neck|cleavage|plunge/i,
		shown: (piece) => ['deep-v', 'plunge'].includes(piece.value('neckline') ?? '')
	},
	{ word: /tight|clingy|bodycon/i, shown: (piece) => piece.value('fit') === 'skin-tight' },
	{ word: /leather/i, shown: (piece) => piece.value('material') === 'leather' },
	{ word: /fur/i, shown: (piece) => piece.value('material') === 'fur' }
];

export const clientLimits: Rule = {
	id: 'client-limits',
	title: 'Against the client’s limits',
	reason: 'What a client never wears or shows, and what their body must not have, comes before any likeness.',
	standing: 'settled',
	inStates: true,
	about: [],
	find: ({ pieces, client, in: inSlots }) => {
		if (!client) return [];
		const covered = inSlots('layer', 'outer', 'suit').length > 0;
		return pieces.flatMap((piece): Violation[] => {
			const broken = client.limits.never.filter((limit) =>
				shows.some(
					({ word, shown }) => word.test(limit) && shown(piece) && !(covered && piece.slot === 'top')
				)
			);
			const cautions = cautionsFor(client, piece.garment).filter(({ kind }) => kind !== 'look');
			const said = [...broken.map((limit) => `never: ${limit}`), ...cautions.map(({ words }) => words)];
			return said.length > 0
				? [
						{
							severity: 'warning',
							pieces: [piece.id],
							measured: `${piece.title}: ${said.join('; ')}`,
							swap: true,
							leaveOff: piece.area < 0.1
						}
					]
				: [];
		});
	}
};
