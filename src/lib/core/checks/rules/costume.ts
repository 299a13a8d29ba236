import { eraMarks, plainlyModern } from '../../lexicon/era-marks';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const costume: Rule = {
	id: 'costume',
	title: 'More costume than clothes',
	reason:
		'Marks of an era or mood beyond the chosen degree look like costume: one plainly modern piece mends it.',
	standing: 'habit',
	about: ['type'],
	find: ({ pieces, degree = 'most' }) => {
		const most = thresholds.eraMarks[degree];
		const modern = pieces.some(({ type }) => plainlyModern.includes(type.id));
		if (modern || most === undefined) return [];
		return Object.entries(eraMarks).flatMap(([era, marks]) => {
			const marked = pieces.filter(({ type }) => marks.includes(type.id));
			return marked.length > most
				? [
						{
							severity: 'hint' as const,
							pieces: marked.map(({ id }) => id),
							measured: `${marked.length} marks of ${era} and nothing plainly modern: ${marked.map(({ title }) => title).join(', ')}`,
							swap: true,
							leaveOff: true
						}
					]
				: [];
		});
	}
};
