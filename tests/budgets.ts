/** Budget problems of a given size, made from a seed: looks that share owned pieces and things for sale. */
import { chance } from '../demo/camera/noise';
import type { BudgetOption, BudgetProblem } from '../src/lib/core';

export interface ProblemSize {
	looks: number;
	elements: number;
	/** Options an element; a third of them owned. */
	candidates: number;
}

const shopCount = 6;

/** A problem of this size: points an element fall with its place, dearer things come closer, some things suit two looks. */
export function madeProblem(seed: number, { looks, elements, candidates }: ProblemSize): BudgetProblem {
	const random = chance(seed);
	const whole = (below: number) => Math.floor(random() * below);
	const weights = Array.from({ length: elements }, (_, i) => 1 / (i + 1.5));
	const total = weights.reduce((sum, weight) => sum + weight, 0);
	const optionOf = (l: number, e: number, c: number): BudgetOption => {
		const isOwned = c % 3 === 0;
		// Things for sale of one kind are the same over the looks: half of them are offered to each.
		const thing = whole(candidates * 2);
		const closeness = isOwned ? 0.35 + 0.5 * random() : 0.45 + 0.5 * random();
		return {
			key: `${l} ${e} ${c}`,
			title: `${isOwned ? 'piece' : 'listing'} ${e}.${thing}`,
			elementIds: [`${e}`],
			blocks: [],
			earned: (100 * (weights[e] ?? 0) * closeness) / total,
			source: isOwned
				? { kind: 'owned', pieceId: `piece ${e}.${thing}`, parts: ['whole'] }
				: {
						kind: 'listing',
						listingId: `listing ${e}.${thing}`,
						shopId: `shop ${thing % shopCount}`,
						priceMinor: 100 * Math.round(8 + ((thing * 37 + e * 11) % 90) + 60 * closeness)
					},
			...(e >= elements - 2 && { metal: random() < 0.5 ? 'gold' : 'silver' }),
			isStatement: random() < 0.08
		};
	};
	const prices = new Map<string, number>();
	const madeLooks = Array.from({ length: looks }, (_, l) => ({
		id: `look ${l}`,
		title: `Look ${l}`,
		settled: 0,
		options: Array.from({ length: elements }, (_, e) =>
			Array.from({ length: candidates }, (_, c) => optionOf(l, e, c))
		).flat(),
		oneMetal: l % 2 === 0,
		mostStatements: 1
	}));
	// One thing has one price, wherever it is offered.
	for (const { options } of madeLooks)
		for (const { source } of options)
			if (source.kind === 'listing') {
				const price = prices.get(source.listingId) ?? source.priceMinor;
				prices.set(source.listingId, price);
				source.priceMinor = price;
			}
	return {
		looks: madeLooks,
		shops: Array.from({ length: shopCount }, (_, i) => ({
			id: `shop ${i}`,
			name: `Shop ${i}`,
			postageMinor: 250 + 100 * i,
			...(i % 2 === 0 && { freeFromMinor: 6000 + 1000 * i })
		}))
	};
}
