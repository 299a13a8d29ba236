import { familiesRelated } from '../../colour/family';
import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';

const inCommon = (one: PieceFacts, other: PieceFacts) => {
	const colour =
		one.main && other.main && !one.neutral && familiesRelated(one.main.family, other.main.family);
	const material = one.stated('material') ?? one.stated('texture');
	const cloth = material !== undefined && material === (other.stated('material') ?? other.stated('texture'));
	return colour ? one.main?.family : cloth && one.main?.family === other.main?.family ? material : undefined;
};

export const bagAndShoe: Rule = {
	id: 'bag-and-shoe',
	title: 'Bag and shoe',
	reason:
		'Bag and shoe belong to the outfit and to each other; they need not match, but they must not quarrel.',
	standing: 'settled',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	yieldsTo: ['too-many-colours'],
	about: ['palette'],
	find: (facts) => {
		const [bag] = facts.in('bag');
		const [shoe] = facts.in('feet');
		if (!bag?.main || !shoe?.main) return [];
		const shared = inCommon(bag, shoe);
		if (shared)
			return [
				{ severity: 'praise', pieces: [bag.id, shoe.id], measured: `bag and shoe share their ${shared}` }
			];
		const quarrel = bag.strong && shoe.strong && !familiesRelated(bag.main.family, shoe.main.family);
		const tied = facts.pieces.some(
			({ id, colours }) =>
				id !== bag.id &&
				id !== shoe.id &&
				colours.some(
					({ family }) =>
						familiesRelated(family, bag.main?.family ?? family) ||
						familiesRelated(family, shoe.main?.family ?? family)
				)
		);
		return quarrel && !tied
			? [
					{
						severity: 'hint',
						pieces: [bag.id, shoe.id],
						measured: `${bag.main.family} bag and ${shoe.main.family} shoe: two strong colours that return nowhere`,
						swap: true
					}
				]
			: [];
	}
};
