/** The best echoes that a sum can buy: which pieces and which purchases, over one or several looks. */
import {
	programmeBuilder,
	rowOf,
	type BinaryProgramme,
	type Solver,
	type SolverOptions,
	type Term
} from './programme';
import { trimmed } from './trimmed';
import {
	reckoned,
	sendsFree,
	thingsForSale,
	type BudgetLook,
	type BudgetOption,
	type BudgetProblem,
	type BudgetShop,
	type BudgetSolution
} from './problem';

export interface SolveOptions extends Pick<SolverOptions, 'gap'> {
	/** A solution to begin from; it need not be as good, but must be allowed. */
	start?: BudgetSolution;
	/** Hears of each better choice: its points, and how many any choice could have at most. */
	onBetter?: SolverOptions['onBetter'];
}

/** Decisions of one look. */
interface LookColumns {
	/** One a metal, where the look wears only one: is this it? */
	metals: Map<string, number>;
	/** One a set, where the look has a budget of its own: is any of it worn? */
	sets: Map<string, number>;
}

/** Where each kind of decision stands among the columns. */
interface Columns {
	/** One a look and option: is it worn? */
	worn: number[][];
	/** What each look has besides. */
	looks: LookColumns[];
	/** One a thing for sale: is it bought? */
	bought: Map<string, number>;
	/** One a shop: does it send a parcel, and is its postage free? */
	parcel: Map<string, number>;
	free: Map<string, number>;
}
interface Written {
	columns: Columns;
	/** Worth its points. */
	programme: BinaryProgramme;
	/** What each column costs, in the smallest unit. */
	cost: number[];
}
type Builder = ReturnType<typeof programmeBuilder>;

/** Groups columns under keys. */
function grouped<T>(
	all: readonly T[],
	keysOf: (one: T, i: number) => readonly string[]
): Map<string, number[]> {
	const groups = new Map<string, number[]>();
	all.forEach((one, i) => {
		for (const key of keysOf(one, i)) groups.set(key, [...(groups.get(key) ?? []), i]);
	});
	return groups;
}

/** What is worn of a listing: the thing itself, or of a set each part that is worn. */
const listedParts = ({ source }: BudgetOption): string[] =>
	source.kind === 'listing' ? (source.parts ?? ['']).map((part) => `${source.listingId} ${part}`) : [];

/** What a look allows of its options; gives the columns of its metals, and of the sets that it pays for. */
function lookRows(
	builder: Builder,
	{ options, budgetMinor, mostStatements, oneMetal }: BudgetLook,
	worn: readonly number[],
	boughtOf: (listingId: string) => number
): LookColumns {
	const of = (indices: readonly number[]) => indices.flatMap((i) => worn[i] ?? []);
	/** At most one option a key. */
	const once = (keysOf: (option: BudgetOption) => readonly string[]) => {
		for (const indices of grouped(options, keysOf).values())
			if (indices.length > 1) builder.atMost(1, of(indices));
	};
	once(({ elementIds, blocks }) => [...new Set([...elementIds, ...blocks])]);
	once(({ source }) =>
		source.kind === 'owned' ? source.parts.map((part) => `${source.pieceId} ${part}`) : []
	);
	// Of what one thing is never worn with, at most one is worn in a place: beside it, none.
	options.forEach(({ key, apart = [] }, i) => {
		const others = [...options.keys()].filter((j) => {
			const other = options[j]?.key ?? '';
			return apart.includes(other) && key < other;
		});
		for (const together of grouped(others, (j) => options[j]?.elementIds.slice(0, 1) ?? []).values())
			builder.atMost(1, of([i, ...together.flatMap((at) => others[at] ?? [])]));
	});
	// What is worn is bought, once, however many ways it could be worn.
	// The parts of a set are bought together, and worn each by itself.
	const listed = [...grouped(options, listedParts).values()].flatMap((indices) => {
		const { source } = options[indices[0] ?? 0] ?? {};
		return source?.kind === 'listing' ? [{ indices, source }] : [];
	});
	for (const { indices, source } of listed) builder.onlyIf(of(indices), boughtOf(source.listingId));
	const sets = new Map<string, number>();
	if (budgetMinor !== undefined) {
		// A set is paid for once, however many of its parts the look wears.
		for (const { indices, source } of listed) {
			if (!source.parts) continue;
			const isPaid = sets.get(source.listingId) ?? builder.column();
			sets.set(source.listingId, isPaid);
			builder.onlyIf(of(indices), isPaid);
		}
		const prices = options.flatMap(({ source }, i): Term[] =>
			source.kind === 'listing' ? [[sets.get(source.listingId) ?? worn[i] ?? 0, source.priceMinor]] : []
		);
		if (prices.length > 0) builder.row([...new Map(prices)], -Infinity, budgetMinor);
	}
	if (mostStatements !== undefined)
		builder.atMost(mostStatements, of([...options.keys()].filter((i) => options[i]?.isStatement)));
	const metals = new Map<string, number>();
	if (oneMetal)
		for (const [metal, indices] of grouped(options, (option) => (option.metal ? [option.metal] : []))) {
			const isIt = builder.column();
			metals.set(metal, isIt);
			for (const index of of(indices)) builder.onlyIf([index], isIt);
		}
	builder.atMost(1, [...metals.values()]);
	return { metals, sets };
}

/** When a shop sends a parcel, and when it sends it for nothing. */
function shopRows(
	builder: Builder,
	{ freeFromMinor }: BudgetShop,
	things: readonly { column: number; priceMinor: number }[],
	{ sends, isFree }: { sends: number; isFree: number }
): void {
	for (const { column } of things) builder.onlyIf([column], sends);
	if (freeFromMinor === undefined) {
		builder.atMost(0, [isFree]);
		return;
	}
	builder.onlyIf([isFree], sends);
	const goods = things.map(({ column, priceMinor }): Term => [column, priceMinor]);
	builder.row([...goods, [isFree, -freeFromMinor]], 0, Infinity);
}

/** A problem as a programme that is worth its points. */
function written(problem: BudgetProblem): Written {
	const builder = programmeBuilder();
	const things = thingsForSale(problem);
	const worn = problem.looks.map(({ options }) =>
		options.map(({ earned, isPinned = false }) => builder.column(earned, isPinned))
	);
	const bought = new Map(things.map(({ id }) => [id, builder.column()]));
	const parcel = new Map(problem.shops.map(({ id }) => [id, builder.column()]));
	const free = new Map(problem.shops.map(({ id }) => [id, builder.column()]));
	const columnOf = (of: ReadonlyMap<string, number>, id: string) => of.get(id) ?? 0;
	const homeless = things.find(({ shopId }) => !parcel.has(shopId));
	if (homeless) throw new RangeError(`"${homeless.id}" is for sale in a shop that the problem does not have`);
	const looks = problem.looks.map((look, l) =>
		lookRows(builder, look, worn[l] ?? [], (id) => columnOf(bought, id))
	);
	for (const shop of problem.shops)
		shopRows(
			builder,
			shop,
			things
				.filter(({ shopId }) => shopId === shop.id)
				.map(({ id, priceMinor }) => ({ column: columnOf(bought, id), priceMinor })),
			{ sends: columnOf(parcel, shop.id), isFree: columnOf(free, shop.id) }
		);
	const cost = builder.built().worth.map(() => 0);
	for (const { id, priceMinor } of things) cost[columnOf(bought, id)] = priceMinor;
	for (const { id, postageMinor } of problem.shops) {
		cost[columnOf(parcel, id)] = postageMinor;
		cost[columnOf(free, id)] = -postageMinor;
	}
	if (problem.budgetMinor !== undefined) builder.row(termsOf(cost), -Infinity, problem.budgetMinor);
	return { columns: { worn, looks, bought, parcel, free }, programme: builder.built(), cost };
}

const termsOf = (values: readonly number[]): Term[] =>
	values.flatMap((value, i): Term[] => (value === 0 ? [] : [[i, value]]));

/** The columns of a solution that was found before. */
function startOf(problem: BudgetProblem, { columns, cost }: Written, solution: BudgetSolution): number[] {
	const values = cost.map(() => 0);
	const set = (column: number | undefined) => {
		if (column !== undefined) values[column] = 1;
	};
	problem.looks.forEach(({ id, options }, l) => {
		const chosen = solution.looks.find((look) => look.id === id)?.chosen ?? [];
		options.forEach((option, i) => {
			const isChosen = chosen.some(
				({ key, elementIds }) => key === option.key && elementIds.join() === option.elementIds.join()
			);
			if (!isChosen) return;
			set(columns.worn[l]?.[i]);
			if (option.metal) set(columns.looks[l]?.metals.get(option.metal));
			if (option.source.kind === 'listing') set(columns.looks[l]?.sets.get(option.source.listingId));
		});
	});
	for (const { listingId } of solution.purchases) set(columns.bought.get(listingId));
	for (const shop of problem.shops) {
		const ofShop = solution.purchases.filter(({ shopId }) => shopId === shop.id);
		if (ofShop.length === 0) continue;
		set(columns.parcel.get(shop.id));
		const goodsMinor = ofShop.reduce((sum, { priceMinor }) => sum + priceMinor, 0);
		if (sendsFree(shop, goodsMinor)) set(columns.free.get(shop.id));
	}
	return values;
}

/** Points nearer than this are the same: they differ by rounding. */
const rounding = 1e-6;
/** A parcel more weighs less than the smallest unit of money. */
const aParcel = 1e-3;

/**
 * Chooses for one or several looks at once what has the most points within the budget: an owned piece once a look, a thing
 * bought once and worn in any look, postage once a shop with its free threshold, and the wishes of each look (its own budget, one
 * metal, so many statements, what is pinned). Among choices of equal points the cheapest is taken, then the one of the fewest parcels.
 * Undefined where no choice is allowed, which only what is pinned can bring about.
 *
 * Solved as a mixed-integer programme in two steps: the most points, then the least money for that many. Where a gap is allowed
 * it is one step, in which money decides a tenth of the gap.
 *
 * @param wanted what is chosen from, and within which wishes
 * @param solver see `programme.ts`; the app's is HiGHS (Huangfu & Hall 2018) in a worker
 * @throws RangeError where something is for sale in a shop that the problem does not have
 */
export async function solveEchoes(
	wanted: BudgetProblem,
	solver: Solver,
	{ gap = 0, start, onBetter }: SolveOptions = {}
): Promise<BudgetSolution | undefined> {
	const problem = trimmed(wanted);
	const form = written(problem);
	const { columns, cost, programme: most } = form;
	const settled = problem.looks.reduce((sum, look) => sum + look.settled, 0);
	const weight = gap > 0 ? weightOfMoney(problem, form, gap) : 0;
	const best = await solver(
		{ ...most, worth: most.worth.map((worth, i) => worth - weight * (cost[i] ?? 0)) },
		{
			gap,
			...(start && { start: startOf(problem, form, start) }),
			onBetter: ({ worth, bound }) => onBetter?.({ worth: settled + worth, bound: settled + bound })
		}
	);
	if (best.state === 'impossible') return undefined;
	const chosenBy = (values: readonly number[]) =>
		problem.looks.map(({ options }, l) =>
			options.filter((_, i) => (values[columns.worn[l]?.[i] ?? 0] ?? 0) > 0.5)
		);
	const bound = settled + best.bound + weight * mostMoney(problem, form);
	const first = reckoned(problem, chosenBy(best.values), bound);
	if (gap > 0) return first;
	const leastCost = [...cost];
	for (const parcel of columns.parcel.values()) leastCost[parcel] = (leastCost[parcel] ?? 0) + aParcel;
	const asMany = rowOf(termsOf(most.worth), first.points - settled - rounding, Infinity);
	const cheapest = await solver(
		{ ...most, sense: 'least', worth: leastCost, rows: [...most.rows, asMany] },
		{ start: startOf(problem, form, first) }
	);
	return cheapest.state === 'impossible' ? first : reckoned(problem, chosenBy(cheapest.values), bound);
}

/** All that could be spent. */
const mostMoney = ({ budgetMinor = Infinity }: BudgetProblem, { cost }: Written) =>
	Math.min(
		budgetMinor,
		cost.reduce((sum, value) => sum + Math.max(0, value), 0)
	);

/** Of what a gap leaves open, money decides a tenth. */
const moneysShare = 0.1;

/** What the smallest unit of money weighs in points where a gap is allowed: all of it, less than a tenth of the gap. */
function weightOfMoney(problem: BudgetProblem, form: Written, gap: number): number {
	const points = problem.looks.reduce((sum, { options }) => {
		const best = new Map<string, number>();
		for (const { elementIds, earned } of options)
			for (const id of elementIds) best.set(id, Math.max(best.get(id) ?? 0, earned / elementIds.length));
		return [...best.values()].reduce((all, one) => all + one, sum);
	}, 0);
	return (moneysShare * gap * points) / Math.max(1, mostMoney(problem, form));
}
