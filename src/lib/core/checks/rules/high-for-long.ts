import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const highForLong: Rule = {
	id: 'high-for-long',
	title: 'A high heel for a long day',
	reason: 'A new heel height wants breaking in, a flat pair in the bag, and care on stairs and decks.',
	standing: 'settled',
	about: ['heelHeight', 'heelShape'],
	find: (facts) =>
		facts
			.in('feet')
			.filter(
				(piece) =>
					(piece.stated('heelHeight') ? (piece.place('heelHeight') ?? 0) : 0) >= thresholds.highHeelCm
			)
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `about ${piece.place('heelHeight')} cm of heel`,
				swap: true
			}))
};
