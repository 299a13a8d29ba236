import type { Rule } from '../rule';

const sheerCloth = ['chiffon', 'organza', 'tulle', 'net', 'voile'];

export const showsThrough: Rule = {
	id: 'shows-through',
	title: 'It shows what is under it',
	reason: 'Sheer cloth needs an underpinning that is meant to be seen, or one that is not seen at all.',
	standing: 'settled',
	about: ['opacity', 'material'],
	find: (facts) =>
		facts
			.in('top', 'whole')
			.filter(
				(piece) =>
					['sheer', 'semi-sheer'].includes(piece.stated('opacity') ?? '') ||
					(piece.stated('opacity') === undefined && sheerCloth.includes(piece.stated('material') ?? ''))
			)
			.filter((piece) => !facts.pieces.some((other) => other.slot === 'under' && other !== piece))
			.map((piece) => ({
				severity: 'warning' as const,
				pieces: [piece.id],
				measured: `nothing under the sheer ${piece.title}: a camisole or slip in the tone of the skin`,
				swap: true
			}))
};
