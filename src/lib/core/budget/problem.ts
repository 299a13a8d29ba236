/** One or several looks, what could answer their elements, and how much money there is. All money is in the smallest unit of one currency. */

/** One thing worn in one way for one or several elements of a look. */
export interface BudgetOption {
	/** The same for the same thing worn in the same way. */
	key: string;
	title: string;
	/** What it answers, each element once. */
	elementIds: string[];
	/** Elements that nothing else may answer, for it covers their place on the body. */
	blocks: string[];
	/** Points of the look's score that it earns, over all that it answers. */
	earned: number;
	/** An owned piece, with the parts of it that are worn; or something to be bought, of a set with the parts that are worn. */
	source:
		| { kind: 'owned'; pieceId: string; parts: string[] }
		| { kind: 'listing'; listingId: string; shopId: string; priceMinor: number; parts?: string[] };
	/** Its metal, where the look wears only one. */
	metal?: string;
	isStatement?: boolean;
	/** It is worn in any case. */
	isPinned?: boolean;
	/** Keys of options that are never worn with it in the same look; each says so of the other. */
	apart?: string[];
}

export interface BudgetLook {
	id: string;
	title: string;
	/** Points that it has whatever is chosen. */
	settled: number;
	options: BudgetOption[];
	/** What may be bought for this look by itself, goods alone. */
	budgetMinor?: number;
	/** Only one metal is worn. */
	oneMetal?: boolean;
	/** At most so many statements. */
	mostStatements?: number;
}

export interface BudgetShop {
	id: string;
	name: string;
	/** Paid once, on all that is bought there. */
	postageMinor: number;
	/** Nothing is paid for postage from this price of the goods on. */
	freeFromMinor?: number;
}

export interface BudgetProblem {
	looks: BudgetLook[];
	shops: BudgetShop[];
	/** For everything together, postage included; without it money is no matter. */
	budgetMinor?: number;
}

/** What is bought, once, and for which looks. */
export interface Purchase {
	listingId: string;
	shopId: string;
	title: string;
	priceMinor: number;
	lookIds: string[];
}

export interface BudgetSolution {
	looks: {
		id: string;
		/** Score of the look, 0..100. */
		points: number;
		chosen: BudgetOption[];
	}[];
	purchases: Purchase[];
	postage: { shopId: string; postageMinor: number }[];
	goodsMinor: number;
	totalMinor: number;
	/** The scores of all looks together. */
	points: number;
	/** No choice has more points than this. */
	bound: number;
}

const thingOf = ({ source }: BudgetOption) => (source.kind === 'listing' ? source.listingId : undefined);

/** Does a shop send goods of this price for nothing? */
export const sendsFree = ({ freeFromMinor }: BudgetShop, goodsMinor: number): boolean =>
	freeFromMinor !== undefined && goodsMinor >= freeFromMinor;

/** A shop's postage on goods of this price. */
export const postageOn = (shop: BudgetShop, goodsMinor: number): number =>
	sendsFree(shop, goodsMinor) ? 0 : shop.postageMinor;

/** What choices of options come to: purchases, postage and points, reckoned exactly. */
export function reckoned(
	problem: BudgetProblem,
	chosen: readonly (readonly BudgetOption[])[],
	bound?: number
): BudgetSolution {
	const purchases = new Map<string, Purchase>();
	const looks = problem.looks.map(({ id, settled }, i) => {
		const options = [...(chosen[i] ?? [])];
		for (const { source, title } of options) {
			if (source.kind !== 'listing') continue;
			const { listingId, shopId, priceMinor } = source;
			const before = purchases.get(listingId);
			if (before) before.lookIds = [...new Set([...before.lookIds, id])];
			else purchases.set(listingId, { listingId, shopId, title, priceMinor, lookIds: [id] });
		}
		return { id, points: options.reduce((sum, { earned }) => sum + earned, settled), chosen: options };
	});
	const bought = [...purchases.values()];
	const goodsAt = (shopId: string) =>
		bought.filter((one) => one.shopId === shopId).reduce((sum, { priceMinor }) => sum + priceMinor, 0);
	const postage = problem.shops.flatMap((shop) =>
		bought.some(({ shopId }) => shopId === shop.id)
			? [{ shopId: shop.id, postageMinor: postageOn(shop, goodsAt(shop.id)) }]
			: []
	);
	const goodsMinor = bought.reduce((sum, { priceMinor }) => sum + priceMinor, 0);
	const points = looks.reduce((sum, look) => sum + look.points, 0);
	return {
		looks,
		purchases: bought,
		postage,
		goodsMinor,
		totalMinor: postage.reduce((sum, { postageMinor }) => sum + postageMinor, goodsMinor),
		points,
		bound: Math.max(points, bound ?? points)
	};
}

/** All things for sale that occur in a problem, each once. */
export function thingsForSale({
	looks
}: BudgetProblem): { id: string; shopId: string; priceMinor: number }[] {
	const things = new Map<string, { id: string; shopId: string; priceMinor: number }>();
	for (const { options } of looks)
		for (const option of options) {
			const id = thingOf(option);
			if (id !== undefined && option.source.kind === 'listing')
				things.set(id, { id, shopId: option.source.shopId, priceMinor: option.source.priceMinor });
		}
	return [...things.values()];
}
