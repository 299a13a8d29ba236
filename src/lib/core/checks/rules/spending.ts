import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';

/** Worth the money (common practice): what is worn weekly and for years. */
const staples = (piece: PieceFacts) =>
	['coats', 'tailored', 'shoes', 'boots', 'handbags', 'trousers'].includes(piece.type.family);
/** Not worth it: what only has to glint, or is worn a season. */
const trends = (piece: PieceFacts) =>
	piece.type.division === 'jewellery' || ['scarves', 'hair-ornaments', 'belts'].includes(piece.type.family);

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
			const hint = (measured: string, severity: Violation['severity'] = 'hint'): Violation[] => [
				{ severity, pieces: [piece.id], measured, swap: true }
			];
			switch (schools.money) {
				case 'buy-nothing-new':
					return condition === 'new' ? hint(`${piece.title} is bought new`, 'warning') : [];
				case 'best-version-once':
					return tier === 'save' ? hint(`${piece.title} is the cheapest version of it`) : [];
				case 'trends-cheap-staples-well':
					if (tier === 'spend' && trends(piece))
						return hint(`${piece.title} costs more than what only has to glint should`);
					return tier === 'save' && staples(piece) && condition === 'new'
						? hint(`${piece.title} is worn weekly: a better one, or a pre-owned one, lasts`)
						: [];
			}
		})
};
