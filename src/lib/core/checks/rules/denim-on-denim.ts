import { deltaE00 } from '../../colour/difference';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const denimOnDenim: Rule = {
	id: 'denim-on-denim',
	title: 'Denim on denim',
	reason:
		'The same wash reads as a set, clearly different washes as a choice, near-miss washes as an accident.',
	standing: 'settled',
	about: ['palette'],
	find: ({ pieces }) => {
		const denim = pieces.filter(
			(piece) => piece.area > 0.1 && piece.main && piece.value('material') === 'denim'
		);
		return denim.flatMap((one, i) =>
			denim.slice(i + 1).flatMap((other): Violation[] => {
				if (!one.main || !other.main) return [];
				const apart = deltaE00(one.main.lab, other.main.lab);
				const both = [one.id, other.id];
				if (apart > thresholds.sameWash && apart < thresholds.nearWash)
					return [
						{
							severity: 'warning',
							pieces: both,
							measured: `two washes ${apart.toFixed(0)} apart: too near to be a choice, too far to be a set`,
							swap: true
						}
					];
				return [
					{
						severity: 'praise',
						pieces: both,
						measured:
							apart <= thresholds.sameWash
								? 'one wash throughout, read as a set'
								: 'two clearly different washes'
					}
				];
			})
		);
	}
};
