import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const fitted: Rule = {
	id: 'fitted',
	title: 'Not fitted to the body',
	reason: 'This school fits everything to the body: what stands off it is taken in, belted or tucked.',
	standing: 'habit',
	about: ['fit'],
	find: (facts) =>
		facts.schools.sizing === 'fitted-to-the-body'
			? facts
					.in('top', 'layer', 'whole', 'suit')
					.filter(
						(piece) =>
							(piece.place('fit') ?? 0) >= thresholds.looseFit &&
							!piece.moves.some((move) => ['tucked', 'belted', 'knotted'].includes(move))
					)
					.map((piece) => ({
						severity: 'hint' as const,
						pieces: [piece.id],
						measured: `${piece.title} is ${piece.value('fit')}`,
						moves: [{ id: piece.id, move: piece.slot === 'top' ? ('tucked' as const) : ('belted' as const) }],
						swap: true
					}))
			: []
};
