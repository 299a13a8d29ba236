import type { Rule } from '../rule';

const hose = ['tights', 'sheer-tights', 'opaque-tights', 'fishnet-tights', 'stockings'];
const open = ['open', 'peep'];

export const openToes: Rule = {
	id: 'open-toes',
	title: 'Tights in open toes',
	reason:
		'The seam and the toe of tights show in an open shoe: a closed toe, bare feet, or tights without a toe.',
	standing: 'habit',
	about: ['type', 'toe'],
	find: (facts) => {
		const worn = facts.in('hosiery').find(({ type }) => hose.includes(type.id));
		const shoe = facts
			.in('feet')
			.find(({ type, value }) => type.family === 'sandals' || open.includes(value('toe') ?? ''));
		return worn && shoe
			? [
					{
						severity: 'hint',
						pieces: [worn.id, shoe.id],
						measured: `the toes of the ${worn.title} show in the ${shoe.title}`,
						swap: true,
						leaveOff: true
					}
				]
			: [];
	}
};
