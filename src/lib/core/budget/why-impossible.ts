/** Which wish is in the way where no choice is allowed, and what would free it. */
import type { BudgetLook, BudgetProblem } from './problem';
import type { Solver } from './programme';
import { solveEchoes } from './solve-echoes';

export type InTheWay =
	/** The budget of all, or of one look: what is pinned needs so much. */
	| { wish: 'budget'; needsMinor: number }
	| { wish: 'look-budget'; lookId: string; needsMinor: number }
	/** Pinned things of several metals, or too many statements. */
	| { wish: 'one-metal' | 'statements'; lookId: string }
	/** Two pinned things for one place, or one thing pinned twice. */
	| { wish: 'pins' };

const withLook = (problem: BudgetProblem, id: string, change: Partial<BudgetLook>): BudgetProblem => ({
	...problem,
	looks: problem.looks.map((look) => (look.id === id ? { ...look, ...change } : look))
});

/**
 * Lets go of one wish at a time, and names each without which there is a choice. Where no single one helps, it is what is
 * pinned.
 */
export async function whyImpossible(problem: BudgetProblem, solver: Solver): Promise<InTheWay[]> {
	const found: InTheWay[] = [];
	const without = async (changed: BudgetProblem) => solveEchoes(changed, solver);
	if (problem.budgetMinor !== undefined) {
		const solution = await without({ ...problem, budgetMinor: undefined });
		if (solution) found.push({ wish: 'budget', needsMinor: await leastCost(problem, solver) });
	}
	for (const { id, options, budgetMinor, oneMetal, mostStatements } of problem.looks) {
		if (budgetMinor !== undefined) {
			const solution = await without(withLook(problem, id, { budgetMinor: undefined }));
			if (solution)
				found.push({
					wish: 'look-budget',
					lookId: id,
					needsMinor: options.reduce(
						(sum, { isPinned, source }) =>
							sum + (isPinned && source.kind === 'listing' ? source.priceMinor : 0),
						0
					)
				});
		}
		if (oneMetal && (await without(withLook(problem, id, { oneMetal: false }))))
			found.push({ wish: 'one-metal', lookId: id });
		if (mostStatements !== undefined && (await without(withLook(problem, id, { mostStatements: undefined }))))
			found.push({ wish: 'statements', lookId: id });
	}
	return found.length > 0 ? found : [{ wish: 'pins' }];
}

/** What is pinned comes to at least this much, postage and all. */
async function leastCost(problem: BudgetProblem, solver: Solver): Promise<number> {
	const pinnedOnly: BudgetProblem = {
		...problem,
		budgetMinor: undefined,
		looks: problem.looks.map((look) => ({
			...look,
			options: look.options.filter(({ isPinned }) => isPinned)
		}))
	};
	return (await solveEchoes(pinnedOnly, solver))?.totalMinor ?? 0;
}
