import { underneath } from '../underneath';
import type { Rule } from '../rule';

export const straps: Rule = {
	id: 'straps',
	title: 'Straps that show',
	reason: 'What is worn underneath must not show at neck, shoulder or back.',
	standing: 'settled',
	about: ['neckline', 'back', 'sleeveLength'],
	find: (facts) => {
		const wrong = facts.in('under').filter(({ type }) => ['bra', 'sports-bra', 'bralette'].includes(type.id));
		return facts.in('top', 'whole').flatMap((piece) => {
			const wants = underneath(piece.garment).find(({ instead }) => instead);
			const [seen] = wrong;
			return wants && seen
				? [
						{
							severity: 'warning' as const,
							pieces: [seen.id, piece.id],
							measured: `the straps of the ${seen.title} show at the ${piece.title}: ${wants.words}`,
							swap: true,
							leaveOff: true
						}
					]
				: [];
		});
	}
};
