import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import {
	bestValue,
	budgetFrontier,
	postageOn,
	reckoned,
	solveEchoes,
	whyImpossible,
	type BinaryProgramme,
	type BudgetLook,
	type BudgetOption,
	type BudgetProblem,
	type BudgetSolution,
	type Solver
} from '../../src/lib/core';
import { trimmed } from '../../src/lib/core/budget/trimmed';
import { highsSolver } from '../../src/lib/workers/budget/highs-solver';
import { madeProblem } from '../budgets';

let solver: Solver;
beforeAll(async () => {
	solver = highsSolver(await loadHighs());
});

/** Is a choice allowed? Written anew from what a budget means, apart from how it is solved. */
function isAllowed(problem: BudgetProblem, chosen: readonly (readonly BudgetOption[])[]): boolean {
	const isEachOnce = (keys: readonly string[]) => new Set(keys).size === keys.length;
	const looksHold = problem.looks.every((look, i) => {
		const options = chosen[i] ?? [];
		const places = options.flatMap(({ elementIds, blocks }) => [...new Set([...elementIds, ...blocks])]);
		const parts = options.flatMap(({ source }) =>
			source.kind === 'owned'
				? source.parts.map((part) => `${source.pieceId} ${part}`)
				: (source.parts ?? ['']).map((part) => `${source.listingId} ${part}`)
		);
		const metals = new Set(options.flatMap(({ metal }) => metal ?? []));
		// A set is paid for once, whichever of its parts are worn.
		const paid = new Map(
			options.flatMap(({ source }) =>
				source.kind === 'listing' ? [[source.listingId, source.priceMinor]] : []
			)
		);
		const goods = [...paid.values()].reduce((sum, price) => sum + price, 0);
		return (
			isEachOnce(places) &&
			isEachOnce(parts) &&
			!options.some(({ apart = [] }) => options.some(({ key }) => apart.includes(key))) &&
			(!look.oneMetal || metals.size <= 1) &&
			options.filter(({ isStatement }) => isStatement).length <= (look.mostStatements ?? Infinity) &&
			goods <= (look.budgetMinor ?? Infinity) &&
			look.options.every((option) => !option.isPinned || options.includes(option))
		);
	});
	return looksHold && reckoned(problem, chosen).totalMinor <= (problem.budgetMinor ?? Infinity);
}

const subsets = <T>(all: readonly T[]): T[][] =>
	all.reduce<T[][]>((sets, one) => [...sets, ...sets.map((set) => [...set, one])], [[]]);

/** The best of all choices, tried one by one: most points, then least money, then fewest parcels. */
function bruteForce(problem: BudgetProblem): BudgetSolution | undefined {
	const combined = problem.looks.reduce<BudgetOption[][][]>(
		(all, look) => all.flatMap((chosen) => subsets(look.options).map((set) => [...chosen, set])),
		[[]]
	);
	return combined
		.filter((chosen) => isAllowed(problem, chosen))
		.map((chosen) => reckoned(problem, chosen))
		.sort(
			(a, b) =>
				(Math.abs(a.points - b.points) > 1e-6 ? b.points - a.points : 0) ||
				a.totalMinor - b.totalMinor ||
				a.postage.length - b.postage.length
		)[0];
}

const elementIds = ['top', 'legs', 'bag'];
const optionsOf = fc
	.record({
		elements: fc.subarray(elementIds, { minLength: 1, maxLength: 2 }),
		blocks: fc.subarray(elementIds, { maxLength: 1 }),
		earned: fc.integer({ min: 1, max: 40 }),
		source: fc.oneof(
			fc.record({
				kind: fc.constant('owned' as const),
				pieceId: fc.constantFrom('suit', 'shirt'),
				parts: fc.subarray(['jacket', 'trousers'], { minLength: 1 })
			}),
			fc
				.tuple(fc.integer({ min: 0, max: 3 }), fc.subarray(['jacket', 'trousers'], { minLength: 1 }))
				.map(([n, parts]) => ({
					kind: 'listing' as const,
					listingId: `listing ${n}`,
					shopId: n < 2 ? 'near' : 'far',
					priceMinor: [900, 1500, 2500, 4000][n] ?? 0,
					// Every other one is a set that comes apart.
					...(n % 2 === 1 && { parts })
				}))
		),
		metal: fc.option(fc.constantFrom('gold', 'silver'), { nil: undefined }),
		isStatement: fc.boolean(),
		isPinned: fc.integer({ min: 0, max: 11 }).map((n) => n === 0)
	})
	.map(({ elements, ...option }) => ({ ...option, elementIds: elements }));
const pairsOf = <T>(all: readonly T[]) =>
	all.flatMap((one, i) => all.slice(i + 1).map((other): [T, T] => [one, other]));
/** The same options, each with those that it is never worn with. */
const withApart = <T extends { key: string }>(all: readonly T[], pairs: readonly (readonly T[])[]) =>
	all.map((option) => {
		const apart = pairs
			.filter((pair) => pair.includes(option))
			.flatMap((pair) => pair.filter((one) => one !== option).map(({ key }) => key));
		return apart.length > 0 ? { ...option, apart } : option;
	});
const lookOf = (id: string): fc.Arbitrary<BudgetLook> =>
	fc.record(
		{
			id: fc.constant(id),
			title: fc.constant(id),
			settled: fc.integer({ min: 0, max: 20 }),
			options: fc
				.array(optionsOf, { minLength: 1, maxLength: 5 })
				.map((all) => all.map((option, i) => ({ ...option, key: `${id} ${i}`, title: `${id} ${i}` })))
				.chain((all) =>
					fc
						.subarray(pairsOf(all.filter(({ isPinned }) => !isPinned)))
						.map((pairs) => withApart(all, pairs.slice(0, 3)))
				),
			budgetMinor: fc.constantFrom(1000, 3000, 5000),
			oneMetal: fc.boolean(),
			mostStatements: fc.integer({ min: 0, max: 2 })
		},
		{ requiredKeys: ['id', 'title', 'settled', 'options'] }
	);
const problems: fc.Arbitrary<BudgetProblem> = fc.record(
	{
		looks: fc.oneof(
			lookOf('first').map((look) => [look]),
			fc.tuple(lookOf('first'), lookOf('second'))
		),
		shops: fc.constantFrom(
			[
				{ id: 'near', name: 'Near', postageMinor: 300, freeFromMinor: 2000 },
				{ id: 'far', name: 'Far', postageMinor: 700 }
			],
			[
				{ id: 'near', name: 'Near', postageMinor: 0 },
				{ id: 'far', name: 'Far', postageMinor: 450, freeFromMinor: 4000 }
			]
		),
		budgetMinor: fc.constantFrom(0, 1200, 2600, 4700, 9000)
	},
	{ requiredKeys: ['looks', 'shops'] }
);

describe('the best echoes that a sum can buy', () => {
	it('are those that trying every choice finds: the same points, money and parcels', () =>
		fc.assert(
			fc.asyncProperty(problems, async (problem) => {
				const [found, tried] = [await solveEchoes(problem, solver), bruteForce(problem)];
				expect(found === undefined).toBe(tried === undefined);
				if (!found || !tried) return;
				expect(found.points).toBeCloseTo(tried.points, 6);
				expect(found.totalMinor).toBe(tried.totalMinor);
				expect(found.postage).toHaveLength(tried.postage.length);
				expect(found.bound).toBeGreaterThanOrEqual(found.points);
				expect(
					isAllowed(
						problem,
						found.looks.map(({ chosen }) => chosen)
					)
				).toBe(true);
			}),
			{ numRuns: 150 }
		));

	it('never have fewer points for more money, and say what each step buys', () =>
		fc.assert(
			fc.asyncProperty(problems, async (problem) => {
				const frontier = await budgetFrontier(problem, solver);
				let bought: string[] = [];
				frontier.reduce<(typeof frontier)[number] | undefined>((before, step) => {
					expect(step.solution.totalMinor).toBeLessThanOrEqual(step.budgetMinor);
					if (before) {
						expect(step.solution.points).toBeGreaterThanOrEqual(before.solution.points - 1e-6);
						expect(step.budgetMinor).toBeGreaterThan(before.budgetMinor);
					}
					bought = [
						...bought.filter((id) => !step.dropped.some(({ listingId }) => listingId === id)),
						...step.added.map(({ listingId }) => listingId)
					];
					expect([...bought].sort()).toEqual(
						step.solution.purchases.map(({ listingId }) => listingId).sort()
					);
					return step;
				}, undefined);
			}),
			{ numRuns: 40 }
		));

	it('begin each budget from a choice that it allows', () =>
		fc.assert(
			fc.asyncProperty(problems, async (problem) => {
				const begun: { programme: BinaryProgramme; start: readonly number[] }[] = [];
				await budgetFrontier(problem, (programme, options) => {
					if (options.start) begun.push({ programme, start: options.start });
					return solver(programme, options);
				});
				for (const { programme, start } of begun)
					for (const { columns, values, lower, upper } of programme.rows) {
						const sum = columns.reduce((all, column, i) => all + (start[column] ?? 0) * (values[i] ?? 0), 0);
						expect(sum).toBeGreaterThanOrEqual(lower - 1e-6);
						expect(sum).toBeLessThanOrEqual(upper + 1e-6);
					}
			}),
			{ numRuns: 60 }
		));

	it('tell of the best choice so far: never worse than before for a budget, and never above what there could be', async () => {
		const problem = madeProblem(7, { looks: 2, elements: 6, candidates: 20 });
		const told: { done: number; worth: number; bound: number }[] = [];
		const steps = await budgetFrontier(problem, solver, {
			onBetter: (done, all, found) => {
				expect(done).toBeLessThan(all);
				told.push({ done, ...found });
			}
		});
		expect(told.length).toBeGreaterThan(0);
		const most = Math.max(...steps.map(({ solution }) => solution.points));
		told.forEach(({ done, worth, bound }, i) => {
			expect(worth).toBeLessThanOrEqual(bound + 1e-6);
			expect(worth).toBeLessThanOrEqual(most + 1e-6);
			const before = told[i - 1];
			if (before?.done === done) expect(worth).toBeGreaterThanOrEqual(before.worth - 1e-6);
		});
	});

	it('leave out many options of a large problem, and lose nothing by it', async () => {
		const problem = { ...madeProblem(7, { looks: 2, elements: 5, candidates: 12 }), budgetMinor: 9000 };
		const few = trimmed(problem);
		const count = ({ looks }: BudgetProblem) => looks.reduce((sum, { options }) => sum + options.length, 0);
		expect(count(few)).toBeLessThan(count(problem) / 2);
		// What earns most for an element is never left out.
		problem.looks.forEach(({ options }, l) => {
			for (const { elementIds } of options) {
				const bestOf = (all: readonly BudgetOption[]) =>
					Math.max(
						...all.filter((one) => one.elementIds.join() === elementIds.join()).map(({ earned }) => earned)
					);
				expect(bestOf(few.looks[l]?.options ?? [])).toBe(bestOf(options));
			}
		});
	});

	it('refuse a thing in a shop that is not there', () =>
		expect(
			solveEchoes({ looks: [look('one', [listing('bag', 100, 1)])], shops: [] }, solver)
		).rejects.toThrow(/bag/));

	const listing = (
		id: string,
		priceMinor: number,
		earned: number,
		more: Partial<BudgetOption> = {}
	): BudgetOption => ({
		key: id,
		title: id,
		elementIds: ['bag'],
		blocks: [],
		earned,
		source: { kind: 'listing', listingId: id, shopId: 'near', priceMinor },
		...more
	});
	const look = (id: string, options: BudgetOption[], more: Partial<BudgetLook> = {}): BudgetLook => ({
		id,
		title: id,
		settled: 0,
		options,
		...more
	});
	const shops = [{ id: 'near', name: 'Near', postageMinor: 300 }];

	it('buy one thing once where it serves two looks', async () => {
		const found = await solveEchoes(
			{
				looks: [
					look('first', [listing('belt', 2000, 10), listing('sash', 1500, 9)]),
					look('second', [listing('belt', 2000, 12), listing('cord', 1500, 11)])
				],
				shops,
				budgetMinor: 2300
			},
			solver
		);
		expect(found?.purchases).toEqual([
			expect.objectContaining({ listingId: 'belt', lookIds: ['first', 'second'] })
		]);
		expect(found).toMatchObject({ points: 22, goodsMinor: 2000, totalMinor: 2300 });
	});

	it('say of a step what wins most for its money', async () => {
		const frontier = await budgetFrontier(
			{
				looks: [
					look('one', [
						listing('cheap', 1000, 8),
						listing('dear', 9000, 10, { elementIds: ['top'] }),
						listing('free', 0, 1, {
							elementIds: ['legs'],
							source: { kind: 'owned', pieceId: 'a', parts: ['a'] }
						})
					])
				],
				shops
			},
			solver
		);
		expect(frontier[0]?.solution).toMatchObject({ points: 1, totalMinor: 0 });
		expect(bestValue(frontier)?.solution).toMatchObject({ points: 9, totalMinor: 1300 });
		expect(bestValue([])).toBeUndefined();
	});

	it('are none where what is pinned is not allowed, and the wish in the way is named with what would free it', async () => {
		const pinned = look('one', [
			listing('bag', 4000, 5, { isPinned: true, metal: 'gold', isStatement: true }),
			listing('ring', 1000, 5, { isPinned: true, elementIds: ['top'], metal: 'silver', isStatement: true })
		]);
		const tooDear = { looks: [pinned], shops, budgetMinor: 3000 };
		expect(await solveEchoes(tooDear, solver)).toBeUndefined();
		expect(await whyImpossible(tooDear, solver)).toEqual([{ wish: 'budget', needsMinor: 5300 }]);
		expect(await whyImpossible({ looks: [{ ...pinned, budgetMinor: 100 }], shops }, solver)).toEqual([
			{ wish: 'look-budget', lookId: 'one', needsMinor: 5000 }
		]);
		expect(await whyImpossible({ looks: [{ ...pinned, oneMetal: true }], shops }, solver)).toEqual([
			{ wish: 'one-metal', lookId: 'one' }
		]);
		expect(await whyImpossible({ looks: [{ ...pinned, mostStatements: 1 }], shops }, solver)).toEqual([
			{ wish: 'statements', lookId: 'one' }
		]);
		const twice = look('one', [
			listing('bag', 4000, 5, { isPinned: true }),
			listing('other', 4000, 5, { isPinned: true })
		]);
		expect(await whyImpossible({ looks: [twice], shops }, solver)).toEqual([{ wish: 'pins' }]);
	});

	it('pay no postage from the free threshold on', () => {
		const shop = { id: 'a', name: 'A', postageMinor: 300, freeFromMinor: 2000 };
		expect([1999, 2000].map((goods) => postageOn(shop, goods))).toEqual([300, 0]);
	});
});
