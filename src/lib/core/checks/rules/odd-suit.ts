import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { suitTrousers } from '../tailored';

/** Patterns of which suits are made; of two kinds `prints-together` speaks. */
const suitings = [
	['pinstripe', 'chalk-stripe'],
	['glen-check', 'windowpane', 'houndstooth']
];

const suitingOf = ({ print = '' }: PieceFacts) => suitings.findIndex((kind) => kind.includes(print));
const inWords = ({ print, main }: PieceFacts) => [main?.family, print].filter(Boolean).join(' ');

export const oddSuit: Rule = {
	id: 'odd-suit',
	title: 'Halves of two suits',
	reason:
		'A jacket and trousers in nearly the same suiting pattern read as halves of two suits: keep one of them plain, or wear the suit.',
	standing: 'habit',
	about: ['print', 'palette'],
	find: (facts) => {
		const jacket = facts.in('layer').find(({ type }) => type.family === 'tailored' || type.id === 'jacket');
		const trousers = facts
			.in('legs')
			.find((piece) => piece.type.id === 'trousers' || suitTrousers(facts).includes(piece));
		if (!jacket || !trousers || suitingOf(jacket) < 0 || suitingOf(jacket) !== suitingOf(trousers)) return [];
		if (inWords(jacket) === inWords(trousers)) return [];
		return [
			{
				severity: 'hint',
				pieces: [jacket.id, trousers.id],
				measured: `${inWords(jacket)} over ${inWords(trousers)}`,
				swap: true
			}
		];
	}
};
