import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const takeOneOff: Rule = {
	id: 'take-one-off',
	title: 'Take one thing off',
	reason: 'All in, then take one thing off: the last statement put on is the first to go.',
	standing: 'habit',
	about: [],
	find: ({ pieces, schools }) => {
		if (schools.boldness !== 'all-in-take-one-off') return [];
		const statements = pieces.filter(({ statement }) => statement);
		return statements.length > thresholds.statementsAllIn
			? [
					{
						severity: 'hint',
						pieces: statements.map(({ id }) => id),
						measured: `${statements.length} statements at once: ${statements.map(({ title }) => title).join(', ')}`,
						leaveOff: true,
						swap: true
					}
				]
			: [];
	}
};
