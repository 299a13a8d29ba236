import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';

export const longLine: Rule = {
	id: 'long-line',
	title: 'A long line',
	reason: 'One colour from waist to toe lengthens the leg; a break at the ankle shortens it.',
	standing: 'settled',
	about: ['palette'],
	find: (facts) => {
		const [legs] = facts.in('legs');
		const [shoe] = facts.in('feet');
		const wished = facts.client?.wishedEffects.some((effect) => ['longer-leg', 'height'].includes(effect));
		if (!wished || !legs?.main || !shoe?.main || legs.print) return [];
		const bareLeg = legs.type.facets.includes('skirtShape') && facts.in('hosiery').length === 0;
		const skin = ['beige', 'camel', 'brown'];
		const joined =
			familiesRelated(legs.main.family, shoe.main.family) || (bareLeg && skin.includes(shoe.main.family));
		if (joined)
			return [
				{
					severity: 'praise',
					pieces: [legs.id, shoe.id],
					measured: bareLeg
						? 'the shoe goes on from the leg: it looks longer'
						: `${legs.main.family} from waist to toe: the leg looks longer`
				}
			];
		return Math.abs(legs.main.lab.l - shoe.main.lab.l) > 45
			? [
					{
						severity: 'hint',
						pieces: [shoe.id],
						measured: `${shoe.main.family} below ${legs.main.family} cuts the leg that is to look longer`,
						swap: true
					}
				]
			: [];
	}
};
