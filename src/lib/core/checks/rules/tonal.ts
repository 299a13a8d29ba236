import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import type { MeasuredColour } from '../../colour/similarity';
import { huesApart } from '../../colour/spaces';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const related = (a: MeasuredColour, b: MeasuredColour) => familiesRelated(a.family, b.family);
/** One family, or step by step related ones of the same hue: chocolate, camel, beige. */
const isOneHue = (colours: readonly MeasuredColour[]) =>
	colours.every((one, i) => {
		const others = colours.filter((_other, k) => k !== i);
		return (
			others.every((other) => related(one, other)) ||
			(others.some((other) => related(one, other)) &&
				others.every((other) => huesApart(one.lab, other.lab) <= thresholds.oneHue))
		);
	});

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
		const apart = mains.every((one, i) =>
			mains.slice(i + 1).every((other) => deltaE00(one.lab, other.lab) >= thresholds.nearMiss)
		);
		return isOneHue(mains) && apart && first.family !== 'black'
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
