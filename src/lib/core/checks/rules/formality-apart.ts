import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const levels = ['sport', 'casual', 'smart casual', 'business', 'cocktail', 'formal'];

export const formalityApart: Rule = {
	id: 'formality-apart',
	title: 'Formality far apart',
	reason: 'Pieces far apart in formality fight, unless something between bridges them or the clash is meant.',
	standing: 'settled',
	silentUnder: { question: 'formality', schools: ['clash-on-purpose'] },
	about: ['type', 'formality'],
	find: ({ pieces, chosen }) => {
		const isSmall = ({ area }: PieceFacts) => area < thresholds.seenArea;
		const dressed = pieces
			.filter(
				(piece) =>
					piece.formality !== undefined && (!isSmall(piece) || piece.formality <= thresholds.sportUpTo)
			)
			.sort((a, b) => (a.formality ?? 0) - (b.formality ?? 0));
		const [lowest] = dressed;
		const highest = dressed.at(-1);
		if (!lowest || !highest) return [];
		const [low, high] = [lowest.formality ?? 0, highest.formality ?? 0];
		if (high - low <= thresholds.formalityApart) return [];
		if (isSmall(lowest) && high < thresholds.formalFrom) return [];
		// A dressy jacket over everyday things is what such a jacket is mostly worn over; over sport it is not.
		const thrownOver =
			highest.slot === 'layer' && high <= thresholds.dressyJacketUpTo && low >= thresholds.everydayFrom;
		if (thrownOver && chosen.formality !== 'keep-together') return [];
		// Something half way bridges the gap.
		// A bag is carried beside the clothes, not between them.
		const bridge =
			high - low <= thresholds.beyondBridging &&
			dressed.some(
				({ slot, formality = 0 }) =>
					slot !== 'bag' && formality > low + (high - low) * 0.35 && formality < low + (high - low) * 0.65
			);
		// A bridge is enough, but for those who chose to keep everything together.
		const isBridged = bridge && high - low <= thresholds.wellBridged;
		if (isBridged && chosen.formality !== 'keep-together') return [];
		return [
			{
				// A suit with plain trainers is a habit that many share and others break.
				severity: bridge || isSmall(lowest) || high - low <= thresholds.beyondBridging ? 'hint' : 'warning',
				pieces: [lowest.id, highest.id],
				measured: `${lowest.title} (${levels[Math.round(low)]}) beside ${highest.title} (${levels[Math.round(high)]})`,
				swap: true
			}
		];
	}
};
