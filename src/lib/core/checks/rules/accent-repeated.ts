import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';
import { isFull } from './stray-colour';

export const accentRepeated: Rule = {
	id: 'accent-repeated',
	title: 'An accent that returns',
	reason: 'A colour that returns elsewhere looks meant.',
	standing: 'settled',
	about: [],
	find: ({ pieces }) => {
		const small = pieces.filter(({ strong, area }) => strong && area <= 0.06);
		for (const accent of small) {
			const family = accent.main?.family;
			if (!family) continue;
			const again = pieces.filter(
				(other) =>
					other !== accent &&
					other.slot !== accent.slot &&
					other.colours.some((colour) => isFull(colour.lab) && familiesRelated(colour.family, family))
			);
			if (again.length > 0)
				return [
					{
						severity: 'praise',
						pieces: [accent.id, ...again.map(({ id }) => id)],
						measured: `${family} on the ${accent.title} is answered by ${again.map(({ title }) => `the ${title}`).join(' and ')}`
					}
				];
		}
		return [];
	}
};
