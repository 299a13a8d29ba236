/** How close looks can come for how much money. */
import type { BudgetProblem, BudgetSolution, Purchase } from './problem';
import type { Solver } from './programme';
import { solveEchoes, type SolveOptions } from './solve-echoes';

export interface FrontierStep {
	/** As much may be spent. */
	budgetMinor: number;
	solution: BudgetSolution;
	/** What is bought here and was not for less money, and the other way round. */
	added: Purchase[];
	dropped: Purchase[];
}

export interface FrontierOptions extends Pick<SolveOptions, 'gap'> {
	/** The budgets to look at; evenly spaced ones up to what everything that helps would cost, by default. */
	budgetsMinor?: readonly number[];
	/** How many evenly spaced ones, without 0. */
	steps?: number;
	/** A budget that is looked at besides. */
	besidesMinor?: number;
	/** Hears how many budgets are solved, of how many. */
	onStep?: (done: number, all: number, latest: FrontierStep) => void;
	/** Hears meanwhile of the best choice so far for the next budget: its points, and how many there could be at most. */
	onBetter?: (done: number, all: number, found: { worth: number; bound: number }) => void;
}

const defaultSteps = 8;
const without = (purchases: readonly Purchase[], others: readonly Purchase[]) =>
	purchases.filter(({ listingId }) => !others.some((other) => other.listingId === listingId));

/**
 * The best choices for rising budgets, from nothing (the wardrobe alone). More money never comes to fewer points: each budget begins
 * from what the one before it found. Of budgets that buy the same only the least is kept. Empty where not even what is pinned
 * is allowed.
 */
export async function budgetFrontier(
	problem: BudgetProblem,
	solver: Solver,
	{ budgetsMinor, steps = defaultSteps, besidesMinor, onStep, onBetter, ...options }: FrontierOptions = {}
): Promise<FrontierStep[]> {
	let budgets = budgetsMinor && [...new Set([0, ...budgetsMinor])].sort((a, b) => a - b);
	let whole: BudgetSolution | undefined;
	if (!budgets) {
		whole = await solveEchoes({ ...problem, budgetMinor: undefined }, solver, options);
		const most = whole?.totalMinor ?? 0;
		const even = Array.from({ length: steps + 1 }, (_, i) => Math.ceil((most * i) / steps));
		budgets = [...new Set([...even, ...(besidesMinor === undefined ? [] : [besidesMinor])])].sort(
			(a, b) => a - b
		);
	}
	const frontier: FrontierStep[] = [];
	let before: BudgetSolution | undefined;
	const all = budgets.length;
	for (const [done, budgetMinor] of budgets.entries()) {
		const isWhole = whole !== undefined && budgetMinor >= whole.totalMinor;
		const found = isWhole
			? whole
			: await solveEchoes({ ...problem, budgetMinor }, solver, {
					...options,
					onBetter: (better) => onBetter?.(done, all, better),
					...(before && { start: before })
				});
		// Within the gap a dearer choice may have come out a little behind: the one before is allowed as well.
		const solution: BudgetSolution | undefined =
			found && before && before.points > found.points ? before : found;
		if (!solution) continue;
		const step: FrontierStep = {
			budgetMinor,
			solution,
			added: without(solution.purchases, before?.purchases ?? []),
			dropped: without(before?.purchases ?? [], solution.purchases)
		};
		const isNew = !before || step.added.length > 0 || step.dropped.length > 0;
		if (isNew) frontier.push(step);
		before = solution;
		onStep?.(done + 1, all, step);
	}
	return frontier;
}

/** The step that wins most points for its money over the wardrobe alone; undefined where money wins nothing. */
export function bestValue(frontier: readonly FrontierStep[]): FrontierStep | undefined {
	const [first] = frontier;
	if (!first) return undefined;
	const gainOf = ({ solution }: FrontierStep) =>
		(solution.points - first.solution.points) / Math.max(1, solution.totalMinor - first.solution.totalMinor);
	return frontier
		.filter(({ solution }) => solution.totalMinor > first.solution.totalMinor)
		.reduce<FrontierStep | undefined>(
			(best, step) => (best === undefined || gainOf(step) > gainOf(best) ? step : best),
			undefined
		);
}
