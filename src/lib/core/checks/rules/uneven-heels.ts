import type { Side } from '../../lexicon/sides';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const unevenHeels: Rule = {
	id: 'uneven-heels',
	title: 'Two shoes of different height',
	reason:
		'Two shoes may differ in colour and kind, not in height: the hips tilt, and it hurts back and ankles. Whoever needs a raised sole is told so by a professional.',
	standing: 'settled',
	about: ['heelHeight', 'heelShape', 'type'],
	find: (facts) => {
		const shoes = facts.in('feet');
		const of = (side: Side) => shoes.find((shoe) => shoe.side === side);
		const [left, right] = [of('left'), of('right')];
		if (!left || !right) return [];
		const [one, other] = [left.place('heelHeight'), right.place('heelHeight')];
		if (one === undefined || other === undefined) return [];
		// Between a heel that is said and one that is usual of its kind there is some play.
		const play = [left, right].every((shoe) => shoe.stated('heelHeight')) ? 0 : thresholds.unevenHeelsCm;
		if (Math.abs(one - other) <= thresholds.unevenHeelsCm + play) return [];
		return [
			{
				severity: 'warning',
				pieces: [left.id, right.id],
				measured: `about ${one} cm of heel on the left, ${other} cm on the right`,
				swap: true
			}
		];
	}
};
