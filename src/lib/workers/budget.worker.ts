/// <reference lib="webworker" />
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import {
	budgetFrontier,
	plannedMatches,
	planOf,
	whyImpossible,
	type FrontierStep,
	type InTheWay,
	type PassedOver,
	type PlannedEcho,
	type PlanOptions,
	type Solver
} from '../core/budget';
import type { Match } from '../core/model';
import { highsSolver } from './budget/highs-solver';

/** What is asked of a budget, in records. */
export interface PlanQuestion {
	echoes: readonly PlannedEcho[];
	options: Omit<PlanOptions, 'budgetMinor'>;
	/** A budget that is looked at besides those that are spread evenly. */
	besidesMinor?: number;
}

/** A step along the frontier, and what it makes of each echo's matches. */
export interface PlanStep extends FrontierStep {
	matches: { echoId: string; matches: Match[] }[];
}
export interface PlanAnswer {
	/** From the wardrobe alone upwards; empty where not even what is pinned goes together. */
	steps: PlanStep[];
	/** Which wishes are in the way, where there are no steps. */
	inTheWay: InTheWay[];
	passedOver: PassedOver[];
}

/** How many budgets are solved, of how many; of the next the points of the best choice so far, and how many there could be at most. */
export type PlanProgress = (done: number, all: number, best?: { worth: number; bound: number }) => void;

let solver: Promise<Solver> | undefined;
const ready = () => (solver ??= loadHighs({ locateFile: () => wasm }).then(highsSolver));

const budget = {
	/** The frontier of echoes; `onProgress` hears of each budget that is solved, and of the best choice so far for the next. */
	async plan({ echoes, options, besidesMinor }: PlanQuestion, onProgress: PlanProgress): Promise<PlanAnswer> {
		const planned = planOf(echoes, options);
		const solve = await ready();
		const frontier = await budgetFrontier(planned.problem, solve, {
			besidesMinor,
			onStep: (done, all) => onProgress(done, all),
			onBetter: onProgress
		});
		const steps = frontier.map((step): PlanStep => ({
			...step,
			matches: echoes.map((one) => ({
				echoId: one.echo.id,
				matches: plannedMatches(
					planned,
					one,
					step.solution.looks.find(({ id }) => id === one.echo.id)?.chosen ?? [],
					() => crypto.randomUUID()
				)
			}))
		}));
		const inTheWay = steps.length > 0 ? [] : await whyImpossible(planned.problem, solve);
		return { steps, inTheWay, passedOver: planned.passedOver };
	}
};
export type BudgetWorker = typeof budget;
expose(budget);
