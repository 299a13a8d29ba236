import { cautionsFor } from '../../body/cautions';
import { breaksLimit } from '../limits';
import type { Violation } from '../model';
import type { Rule } from '../rule';

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
			const broken = client.limits.never.filter(
				(limit) => !(covered && piece.slot === 'top') && breaksLimit(limit, piece)
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
