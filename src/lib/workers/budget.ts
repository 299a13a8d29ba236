import { proxy } from 'comlink';
import type { BudgetWorker, PlanAnswer, PlanProgress, PlanQuestion } from './budget.worker';
import { sessionWorker } from './session';

export type { PlanAnswer, PlanQuestion, PlanStep } from './budget.worker';

const inBudgetWorker = sessionWorker<BudgetWorker>(
	() => new Worker(new URL('./budget.worker.ts', import.meta.url), { type: 'module' })
);

/** How close echoes come for how much money, off the main thread; calling it off ends the work at once. */
export const planInWorker = (
	question: PlanQuestion,
	onProgress: PlanProgress,
	signal?: AbortSignal
): Promise<PlanAnswer> => inBudgetWorker((worker) => worker.plan(question, proxy(onProgress)), signal);
