import type { Rule } from '../rule';

const spoilt = ['suede', 'satin', 'silk', 'velvet', 'straw', 'raffia'];

export const rain: Rule = {
	id: 'rain',
	title: 'Rain spoils it',
	reason: 'Rain marks suede, satin and straw; say so before the day, and have the other shoe ready.',
	standing: 'settled',
	about: ['material'],
	find: (facts) => {
		if (!facts.event?.weather?.rain) return [];
		return facts
			.in('feet', 'bag', 'head', 'outer')
			.filter((piece) => spoilt.includes(piece.value('material') ?? ''))
			.map((piece) => ({
				severity: 'warning' as const,
				pieces: [piece.id],
				measured: `${piece.value('material')} in the rain: the ${piece.title}`,
				swap: true
			}));
	}
};
