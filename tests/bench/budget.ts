/** The budget solved at the size that the design names, beside greedy choosing and beside another general solver. */
import GLPK from 'glpk.js/node';
import loadHighs from 'highs';
import {
	budgetFrontier,
	reckoned,
	solveEchoes,
	type BudgetOption,
	type BudgetProblem,
	type Solver
} from '../../src/lib/core';
import { highsSolver } from '../../src/lib/workers/budget/highs-solver';
import { madeProblem } from '../budgets';

const size = { looks: 6, elements: 10, candidates: 40 };
const budgetsMinor = [10_000, 20_000, 40_000, 80_000, 160_000];
const seeds = [1, 2, 3, 4, 5];
const gap = 0.001;
/** The other solver is stopped after so long. */
const patienceSeconds = 60;

const placesOf = ({ elementIds, blocks }: BudgetOption) => [...elementIds, ...blocks];

/** What most points for the money come to, one thing after another, as long as it is allowed. */
function greedy(problem: BudgetProblem, budgetMinor: number) {
	const chosen = problem.looks.map((): BudgetOption[] => []);
	const ratio = ({ earned, source }: BudgetOption) =>
		earned / (source.kind === 'listing' ? source.priceMinor + 1 : 1);
	const all = problem.looks
		.flatMap(({ options }, look) => options.map((option) => ({ option, look })))
		.sort((a, b) => ratio(b.option) - ratio(a.option));
	for (const { option, look } of all) {
		const worn = chosen[look] ?? [];
		const of = problem.looks[look];
		const isFree = worn.every(
			(other) =>
				!placesOf(other).some((place) => placesOf(option).includes(place)) &&
				(other.source.kind !== 'owned' ||
					option.source.kind !== 'owned' ||
					other.source.pieceId !== option.source.pieceId) &&
				(!of?.oneMetal || !other.metal || !option.metal || other.metal === option.metal) &&
				!(other.isStatement && option.isStatement)
		);
		if (!isFree) continue;
		worn.push(option);
		if (reckoned(problem, chosen).totalMinor > budgetMinor) worn.pop();
	}
	return reckoned(problem, chosen).points;
}

/** GLPK as a solver of the same programmes. */
async function glpkSolver(): Promise<Solver> {
	const glpk = await GLPK();
	return ({ sense, worth, fixed, rows }) => {
		const name = (column: number) => `c${column}`;
		const { result } = glpk.solve(
			{
				name: 'budget',
				objective: {
					direction: sense === 'most' ? glpk.GLP_MAX : glpk.GLP_MIN,
					name: 'worth',
					vars: worth.map((coef, column) => ({ name: name(column), coef }))
				},
				subjectTo: rows.map(({ lower, upper, columns, values }, i) => ({
					name: `r${i}`,
					vars: columns.map((column, k) => ({ name: name(column), coef: values[k] ?? 0 })),
					bnds: Number.isFinite(upper)
						? { type: glpk.GLP_UP, ub: upper, lb: 0 }
						: { type: glpk.GLP_LO, ub: 0, lb: lower }
				})),
				bounds: fixed.map((column) => ({ name: name(column), type: glpk.GLP_FX, ub: 1, lb: 1 })),
				binaries: worth.map((_, column) => name(column))
			},
			{ msglev: glpk.GLP_MSG_OFF, presol: true, mipgap: gap, tmlim: patienceSeconds }
		);
		return {
			state: 'solved',
			values: worth.map((_, column) => Math.round(result.vars[name(column)] ?? 0)),
			bound: result.z
		};
	};
}

export interface BudgetFigures {
	/** Milliseconds of the whole frontier, a seed each. */
	frontierMs: number[];
	/** Points of the optimum over those of greedy choosing, at the middle budget, a seed each. */
	overGreedy: number[];
	/** One budget with this solver and with the other one, and the points that each reached. */
	one: { ownMs: number; otherMs: number; ownPoints: number; otherPoints: number };
}

export async function budgetFigures(): Promise<BudgetFigures> {
	const solver = highsSolver(await loadHighs());
	const frontierMs: number[] = [];
	const overGreedy: number[] = [];
	for (const seed of seeds) {
		const problem = madeProblem(seed, size);
		const started = performance.now();
		const frontier = await budgetFrontier(problem, solver, { budgetsMinor, gap });
		frontierMs.push(performance.now() - started);
		const middle = frontier.find(({ budgetMinor }) => budgetMinor === budgetsMinor[2]);
		if (middle) overGreedy.push(middle.solution.points / greedy(problem, middle.budgetMinor));
	}
	const problem = { ...madeProblem(1, size), budgetMinor: budgetsMinor[1] };
	const timed = async (chosenSolver: Solver) => {
		const started = performance.now();
		const solution = await solveEchoes(problem, chosenSolver, { gap });
		return { ms: performance.now() - started, points: solution?.points ?? 0 };
	};
	const [own, other] = [await timed(solver), await timed(await glpkSolver())];
	return {
		frontierMs,
		overGreedy,
		one: { ownMs: own.ms, otherMs: other.ms, ownPoints: own.points, otherPoints: other.points }
	};
}
