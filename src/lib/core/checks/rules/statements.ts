import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const statementCount: Rule = {
	id: 'statements',
	title: 'More than one statement',
	reason: 'One statement, the rest quiet.',
	standing: 'habit',
	silentUnder: { question: 'boldness', schools: ['all-in-take-one-off'] },
	about: ['print', 'texture', 'material', 'sheen'],
	find: ({ pieces }) => {
		const statements = pieces.filter(({ statement }) => statement);
		// South Asian occasion dress is rich throughout: its jewellery and borders belong together.
		const occasion = pieces.some(({ type }) => type.division === 'south-asian');
		return statements.length > thresholds.statements && !occasion
			? [
					{
						severity: 'hint',
						pieces: statements.map(({ id }) => id),
						measured: `${statements.map(({ title }) => title).join(', ')} each take the eye`,
						swap: true,
						leaveOff: true
					}
				]
			: [];
	}
};
