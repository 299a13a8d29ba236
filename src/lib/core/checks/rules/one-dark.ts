import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const breaks = ['velvet', 'satin', 'leather', 'patent-leather', 'sequin', 'lace', 'lame', 'silk'];

export const oneDark: Rule = {
	id: 'one-dark',
	title: 'One dark throughout',
	reason: 'One dark colour throughout wants a break: a belt, texture, shine, skin or a colour.',
	standing: 'habit',
	silentUnder: { question: 'colours', schools: ['one-colour'] },
	yieldsTo: ['near-miss'],
	addIn: ['waist', 'scarf', 'neck', 'ears', 'bag', 'layer'],
	about: ['palette'],
	find: ({ large, pieces }) => {
		if (large.length < 2) return [];
		const [first] = large;
		const dark = large.every(
			({ main, strong, neutral }) =>
				main &&
				main.lab.l < thresholds.darkLightness &&
				!strong &&
				(neutral || familiesRelated(main.family, first?.main?.family ?? main.family))
		);
		const broken = pieces.some(
			(piece) =>
				piece.slot === 'waist' ||
				piece.print !== undefined ||
				['sheer', 'semi-sheer'].includes(piece.stated('opacity') ?? '') ||
				breaks.includes(piece.value('material') ?? '') ||
				(piece.area >= 0.02 && ((piece.main && piece.main.lab.l > 45) || piece.strong)) ||
				(piece.type.division === 'jewellery' &&
					['medium', 'large', 'oversized'].includes(piece.value('size') ?? ''))
		);
		return dark && !broken
			? [
					{
						severity: 'hint',
						pieces: large.map(({ id }) => id),
						measured: 'every large area is dark, and nothing breaks it',
						moves: large
							.filter(({ slot }) => slot === 'top' || slot === 'layer')
							.map(({ id }) => ({ id, move: 'sleeves-rolled' as const })),
						swap: true
					}
				]
			: [];
	}
};
