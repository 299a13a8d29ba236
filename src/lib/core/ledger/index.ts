/** The ledger: what was bought and worn, what each wear costs, and what worked. */
export { doneKinds, doneOf, type Done, type DoneKind } from './done';
export { costCourse, daysWorn, paidFor, purchasesOf, type PieceBought } from './purchases';
export {
	shopsOf,
	spentOn,
	substitutionsOf,
	type ShopRecord,
	type SpentOn,
	type Substitution
} from './worked';
