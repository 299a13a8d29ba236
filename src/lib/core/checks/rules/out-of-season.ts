import type { PieceFacts } from '../facts';
import { isBare, isWarm } from '../seasonal';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** Short enough to leave the leg bare, as said or by its kind. */
const showsLegs = (piece: PieceFacts) =>
	['micro', 'mini', 'above-knee', 'knee'].includes(piece.value('hemLength') ?? '') ||
	['micro', 'short', 'mid-thigh', 'knee'].includes(piece.value('legLength') ?? '');

export const outOfSeason: Rule = {
	id: 'out-of-season',
	title: 'Out of season',
	reason:
		'Clothes for another weather make the client suffer and the look false: hold it, layer it or swap the piece.',
	standing: 'settled',
	silentUnder: { question: 'season', schools: ['layer-all-year'] },
	addIn: ['layer', 'outer', 'drape', 'scarf', 'hosiery'],
	about: ['type', 'material', 'sleeveLength'],
	find: (facts) => {
		const airC = facts.event?.weather?.airC;
		if (airC === undefined) return [];
		const covered = facts.in('outer', 'layer', 'suit').length > 0;
		// A skirt is worn with bare legs longer into the year than shorts are.
		const bareLegs =
			airC <= thresholds.coldC && facts.in('hosiery').length === 0
				? facts
						.in('legs', 'whole')
						.filter(showsLegs)
						.filter(({ type }) => airC <= thresholds.frostC || type.family === 'shorts')
				: [];
		const cold = bareLegs.map((piece): Violation => ({
			severity: 'hint',
			pieces: [piece.id],
			measured: `bare legs under the ${piece.title} at ${airC.toFixed(0)} °C: thick tights or a longer hem`,
			swap: true
		}));
		const found = facts.pieces.flatMap((piece): Violation[] => {
			const wrong =
				airC >= thresholds.warmC ? isWarm(piece) : airC <= thresholds.coldC && isBare(piece, covered);
			return wrong
				? [
						{
							severity: 'warning',
							pieces: [piece.id],
							measured: `the ${piece.title} at ${airC.toFixed(0)} °C${facts.schools.season === 'hold' ? ': hold the look for its season, or swap it' : ''}`,
							swap: true
						}
					]
				: [];
		});
		return [
			...found,
			...cold.filter(({ pieces: [id] }) => !found.some(({ pieces }) => pieces.includes(id ?? '')))
		];
	}
};
