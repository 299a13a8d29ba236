import { cautionsFor } from '../../body/cautions';
import { againstLimits } from '../bars';
import type { Violation } from '../model';
import type { Rule } from '../rule';

/** Limits of what a layer over a top covers. */
const isCovered = /arms?|sleeveless|shoulder|back|strapless|sheer|see.through|transparent/i;
/** Limits that a high rise below a crop keeps. */
const ofTheMiddle = /midriff|belly|stomach|tummy/i;

export const clientLimits: Rule = {
	id: 'client-limits',
	title: 'Against the client’s limits',
	reason: 'What a client never wears or shows, and what their body must not have, comes before any likeness.',
	standing: 'settled',
	inStates: true,
	about: [],
	find: ({ pieces, client, in: inSlots }) => {
		if (!client) return [];
		// What a layer leaves open is covered by what is worn under it, and what it covers is not bare.
		const covered = inSlots('layer', 'outer', 'suit').length > 0;
		const highRise = inSlots('legs').some((bottom) => bottom.value('rise') === 'high');
		return pieces.flatMap((piece): Violation[] => {
			const limits = againstLimits(
				{
					limits: {
						never: client.limits.never.filter(
							(limit) =>
								!(covered && piece.slot === 'top' && isCovered.test(limit)) &&
								!(highRise && piece.slot === 'top' && ofTheMiddle.test(limit))
						)
					}
				},
				piece
			);
			const cautions = [...limits, ...cautionsFor(client, piece.garment)];
			const against = cautions.filter(({ kind }) => kind !== 'look');
			const asked = cautions.filter(({ kind }) => kind === 'look');
			const found = (severity: 'warning' | 'hint', said: typeof cautions): Violation[] =>
				said.length === 0
					? []
					: [
							{
								severity,
								pieces: [piece.id],
								measured: `${piece.title}: ${said.map(({ words }) => words).join('; ')}`,
								swap: severity === 'warning',
								leaveOff: severity === 'warning' && piece.area < 0.1
							}
						];
			// What a limit breaks is said; what nobody knows is asked, unless the label is all that tells.
			return [
				...found('warning', against),
				...found(
					'hint',
					asked.filter(({ words }) => words.startsWith('never:'))
				)
			];
		});
	}
};
