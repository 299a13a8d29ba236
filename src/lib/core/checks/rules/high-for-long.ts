import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const highForLong: Rule = {
	id: 'high-for-long',
	title: 'A high heel for a long day',
	reason: 'A new heel height wants breaking in, a flat pair in the bag, and care on stairs and decks.',
	standing: 'settled',
	about: ['heelHeight', 'heelShape'],
	find: (facts) =>
		facts.in('feet').flatMap((piece): Violation[] => {
			const cm = piece.place('heelHeight') ?? 0;
			const { standingHours = 0, walkingKm = 0 } = facts.event ?? {};
			const stands = cm >= thresholds.heelToStandCm && standingHours >= thresholds.longStandingHours;
			const walks = cm >= thresholds.heelToWalkCm && walkingKm >= thresholds.longWalkKm;
			const high = piece.stated('heelHeight') !== undefined && cm >= thresholds.highHeelCm;
			if (!stands && !walks && !high) return [];
			const day = [stands && `${standingHours} h on the feet`, walks && `${walkingKm} km to walk`].filter(
				Boolean
			);
			return [
				{
					severity: 'hint',
					pieces: [piece.id],
					measured: [`about ${cm} cm of heel`, ...day].join(', '),
					swap: true
				}
			];
		})
};
