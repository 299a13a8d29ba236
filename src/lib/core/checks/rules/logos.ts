import type { Rule } from '../rule';

export const logos: Rule = {
	id: 'logos',
	title: 'Lettering seen',
	reason: 'This school never shows lettering or marks: the clothes speak for themselves.',
	standing: 'habit',
	about: ['print'],
	find: ({ pieces, schools }) =>
		schools.logos === 'never'
			? pieces
					.filter(({ print }) => print === 'slogan')
					.map((piece) => ({
						severity: 'hint' as const,
						pieces: [piece.id],
						measured: `lettering on the ${piece.title}`,
						swap: true,
						leaveOff: piece.area < 0.1
					}))
			: []
};
