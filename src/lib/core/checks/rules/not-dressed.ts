import { coveredBy } from '../covered';
import type { Violation } from '../model';
import type { Rule } from '../rule';

export const notDressed: Rule = {
	id: 'not-dressed',
	title: 'Not yet dressed',
	reason:
		'A look is worn as a whole: what leaves the hips or the chest bare, or the feet, is not ready to go out.',
	standing: 'settled',
	addIn: ['top', 'legs', 'feet'],
	about: [],
	find: ({ pieces }) => {
		const covered = coveredBy(pieces);
		if (!covered) return [];
		const worn = pieces.filter(({ area }) => area >= 0.25).map(({ id }) => id);
		const bare = [
			...(covered.torso ? [] : ['above the waist']),
			...(covered.hips ? [] : ['below the waist'])
		];
		return [
			...bare.map((where): Violation => ({
				severity: 'warning',
				pieces: worn,
				measured: `not yet dressed ${where}`
			})),
			...(covered.feet
				? []
				: [{ severity: 'hint' as const, pieces: worn, measured: 'nothing on the feet yet' }])
		];
	}
};
