import { chromaOf } from '../../colour/spaces';
import { temperatureOf } from '../../colour/temperature';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const warmAndCool: Rule = {
	id: 'warm-and-cool',
	title: 'Warm beside cool',
	reason: 'Warm colours sit with warm and cool with cool; neutrals go with both.',
	standing: 'habit',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	yieldsTo: ['too-many-colours'],
	about: ['palette'],
	find: ({ large, pieces }) => {
		const coloured = large.filter(
			({ main, neutral, print }) =>
				main && !neutral && print === undefined && chromaOf(main.lab) >= thresholds.temperatureChroma
		);
		const warm = coloured.find(({ main }) => main && temperatureOf(main.lab) === 'warm');
		const cool = coloured.find(({ main }) => main && temperatureOf(main.lab) === 'cool');
		if (!warm || !cool) return [];
		// A print that holds both ties them together.
		const tied = pieces.some(
			({ print, colours }) =>
				print !== undefined &&
				['warm', 'cool'].every((one) => colours.some(({ lab }) => temperatureOf(lab) === one))
		);
		return tied
			? []
			: [
					{
						severity: 'hint',
						pieces: [warm.id, cool.id],
						measured: `${warm.main?.family} is warm and ${cool.main?.family} is cool, and nothing ties them together`,
						swap: true
					}
				];
	}
};
