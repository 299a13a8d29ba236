import { askedBy } from '../../lexicon/dress-codes';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const dressCode: Rule = {
	id: 'dress-code',
	title: 'Below the dress code',
	reason: 'The host has said how dressed up to come; the least dressed piece is the one that is seen.',
	standing: 'settled',
	about: ['type', 'formality', 'material'],
	find: ({ pieces, event }) => {
		const least = askedBy(event?.dressCode ?? '')?.least;
		if (least === undefined) return [];
		const below = pieces.filter(
			({ formality, area, slot }) =>
				formality !== undefined && (area >= 0.05 || slot === 'feet') && formality < least - 1.1
		);
		const seen = pieces.filter(({ formality, area }) => formality !== undefined && area >= 0.05);
		const together = seen.reduce((sum, { formality = 0 }) => sum + formality, 0) / seen.length;
		const [lowest] = [...seen].sort((a, b) => (a.formality ?? 0) - (b.formality ?? 0));
		// No single piece may be far below, and yet the whole be too casual.
		if (below.length === 0 && lowest && together < least - thresholds.belowTogether)
			return [
				{
					severity: 'hint' as const,
					pieces: seen.map(({ id }) => id),
					measured: `everything is on the casual side of “${event?.dressCode}”`,
					swap: true
				}
			];
		return below.map((piece) => ({
			severity: 'warning' as const,
			pieces: [piece.id],
			measured: `too casual for “${event?.dressCode}”: ${piece.title}`,
			swap: true
		}));
	}
};
