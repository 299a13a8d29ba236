import { familiesRelated } from '../../colour/family';
import { chromaOf } from '../../colour/spaces';
import type { Rule } from '../rule';

export const accentPulled: Rule = {
	id: 'accent-pulled',
	title: 'An accent pulled from a detail',
	reason:
		'A small colour of a print or trim, taken up by the bag, the shoe or the belt, ties a look together.',
	standing: 'settled',
	about: [],
	find: ({ pieces }) => {
		const accents = pieces.filter(({ strong, area, print }) => strong && area <= 0.06 && print === undefined);
		for (const accent of accents) {
			const [source] = pieces.filter(
				({ id, colours }) =>
					id !== accent.id &&
					colours
						.slice(1)
						.some(
							({ family, lab }) =>
								accent.main && chromaOf(lab) > 12 && familiesRelated(family, accent.main.family)
						)
			);
			if (source)
				return [
					{
						severity: 'praise',
						pieces: [accent.id, source.id],
						measured: `${accent.main?.family} of the ${source.title} is taken up by the ${accent.title}`
					}
				];
		}
		return [];
	}
};
