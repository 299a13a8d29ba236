import { wearing } from '../../lexicon/wearing';
import type { Violation } from '../model';
import type { Rule } from '../rule';

export const spending: Rule = {
	id: 'spending',
	title: 'Where the money goes',
	reason:
		'Spend on coat, tailored jacket, shoes, bag and trousers; save on trend colours and on what only has to glint.',
	standing: 'habit',
	about: [],
	find: ({ pieces, schools }) =>
		pieces.flatMap((piece): Violation[] => {
			if (!piece.bought) return [];
			const { tier, condition } = piece.bought;
			const money = wearing.find(({ family }) => family === piece.type.family)?.money;
			const hint = (measured: string, severity: Violation['severity'] = 'hint'): Violation[] => [
				{ severity, pieces: [piece.id], measured, swap: true }
			];
			switch (schools.money) {
				case 'buy-nothing-new':
					return condition === 'new' ? hint(`${piece.title} is bought new`, 'warning') : [];
				case 'best-version-once':
					return tier === 'save' ? hint(`${piece.title} is the cheapest version of it`) : [];
				case 'trends-cheap-staples-well':
					if (tier === 'spend' && money === 'save')
						return hint(`${piece.title} costs more than what only has to glint should`);
					return tier === 'save' && money === 'spend' && condition === 'new'
						? hint(`${piece.title} is worn weekly: a better one, or a pre-owned one, lasts`)
						: [];
			}
		})
};
