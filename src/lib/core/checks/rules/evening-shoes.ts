import type { Rule } from '../rule';

const eveningDress = ['dinner-suit', 'dinner-jacket', 'dinner-trousers', 'smoking-jacket', 'tailcoat'];
const browns = ['brown', 'camel', 'beige'];

export const eveningShoes: Rule = {
	id: 'evening-shoes',
	title: 'Brown shoes with evening dress',
	reason:
		'With a dinner jacket shoes are black, and better patent or velvet: brown leather belongs to the day.',
	standing: 'habit',
	about: ['palette'],
	find: (facts) => {
		const evening = facts.pieces.find(({ type }) => eveningDress.includes(type.id));
		const shoe = facts
			.in('feet')
			.find(({ main, value }) => browns.includes(main?.family ?? '') && value('material') !== 'velvet');
		return evening && shoe
			? [
					{
						severity: 'hint',
						pieces: [shoe.id, evening.id],
						measured: `${shoe.title} with the ${evening.title}`,
						swap: true
					}
				]
			: [];
	}
};
