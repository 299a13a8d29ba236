import type { Rule } from '../rule';

export const shinyImitation: Rule = {
	id: 'shiny-imitation',
	title: 'Imitation leather that shines',
	reason: 'Cheap imitation leather shows itself by high shine and sharp creases; matt hides it.',
	standing: 'settled',
	about: ['material', 'sheen'],
	find: ({ pieces }) =>
		pieces
			.filter(
				(piece) =>
					piece.stated('material') === 'imitation-leather' &&
					['shiny', 'glittering', 'satin'].includes(piece.stated('sheen') ?? '')
			)
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `imitation leather with a ${piece.stated('sheen')} sheen: ${piece.title}`,
				swap: true
			}))
};
