import type { Rule } from '../rule';

export const tieAndSleeve: Rule = {
	id: 'tie-and-sleeve',
	title: 'A tie with short sleeves',
	reason: 'A tie belongs to long sleeves, rolled where it is warm; with short ones it reads as a uniform.',
	standing: 'habit',
	about: ['sleeveLength'],
	find: (facts) => {
		const tie = facts.in('scarf').find(({ type }) => type.id === 'tie' || type.id === 'bow-tie');
		const shirt = facts
			.in('top')
			.find(
				({ type, value }) =>
					(type.family === 'shirts' || type.id === 'polo-shirt') && value('sleeveLength') === 'short'
			);
		if (!tie || !shirt || facts.in('layer', 'suit', 'outer').length > 0) return [];
		return [
			{
				severity: 'hint',
				pieces: [tie.id, shirt.id],
				measured: `${tie.title} over the short sleeves of the ${shirt.title}`,
				swap: true,
				leaveOff: true
			}
		];
	}
};
