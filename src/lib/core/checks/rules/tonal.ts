import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const tonal: Rule = {
	id: 'tonal',
	title: 'Tone on tone',
	reason: 'One hue in clearly different depths is chosen, not fallen into.',
	standing: 'settled',
	about: [],
	find: ({ large }) => {
		const mains = large.flatMap(({ main, print }) => (main && print === undefined ? [main] : []));
		const [first] = mains;
		if (!first || mains.length < 2 || mains.length < large.length) return [];
		const oneHue = mains.every(({ family }) => familiesRelated(family, first.family));
		const apart = mains.every((one, i) =>
			mains.slice(i + 1).every((other) => deltaE00(one.lab, other.lab) >= thresholds.nearMiss)
		);
		return oneHue && apart && first.family !== 'black'
			? [
					{
						severity: 'praise',
						pieces: large.map(({ id }) => id),
						measured: `${first.family} in ${mains.length} clear depths`
					}
				]
			: [];
	}
};
