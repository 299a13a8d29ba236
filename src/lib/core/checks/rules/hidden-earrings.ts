import type { Rule } from '../rule';

const longHair = ['loose-hair', 'box-braids', 'locs', 'half-up-hair', 'curtain-fringe'];

export const hiddenEarrings: Rule = {
	id: 'hidden-earrings',
	title: 'Earrings under the hair',
	reason: 'Long loose hair hides small earrings.',
	standing: 'habit',
	about: ['type', 'size'],
	find: (facts) => {
		const [hair] = facts
			.in('hair')
			.filter((piece) => longHair.includes(piece.type.id) || piece.stated('hairLength') === 'long');
		const [small] = facts
			.in('ears')
			.filter(
				(piece) => piece.type.id === 'studs' || ['micro', 'small'].includes(piece.stated('size') ?? '')
			);
		return hair && small
			? [
					{
						severity: 'hint',
						pieces: [small.id, hair.id],
						measured: `the ${small.title} under ${hair.title}`,
						swap: true
					}
				]
			: [];
	}
};
