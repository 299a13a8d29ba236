/** The budget: the best echoes that a sum can buy, over one or several looks. */
export {
	plannedMatches,
	planOf,
	type PassedOver,
	type Planned,
	type PlannedEcho,
	type PlanOptions
} from './from-echoes';
export { bestValue, budgetFrontier, type FrontierOptions, type FrontierStep } from './frontier';
export {
	postageOn,
	reckoned,
	type BudgetLook,
	type BudgetOption,
	type BudgetProblem,
	type BudgetShop,
	type BudgetSolution,
	type Purchase
} from './problem';
export type { BinaryProgramme, Solver, SolverAnswer, SolverOptions } from './programme';
export { firstToOrder, shoppingList, type ListedPurchase, type ShopList } from './shopping-list';
export { solveEchoes, type SolveOptions } from './solve-echoes';
export { whyImpossible, type InTheWay } from './why-impossible';
