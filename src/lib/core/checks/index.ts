/** The eye: `checkLook` and its rules, mends, the reference’s own mistakes, what goes underneath. */
export { checkLook } from './check-look';
export { isLetStand, keyOfFinding } from './let-stand';
export {
	freePlaces,
	mendsOf,
	withChange,
	type Change,
	type Mend,
	type MendOptions,
	type Spare
} from './mends';
export type { CheckContext, CheckedPiece, Finding, LookState, Severity } from './model';
export { asWorn, forgivenIn, mistakesOf } from './mistakes';
export { barsFor, mayWear } from './bars';
export { brokenBeside, clashesFor, clashesWith, type Clashes } from './beside';
export { rules } from './rules';
export { underneath, type Underpinning } from './underneath';
export { thresholds } from './thresholds';
export { isKnownLimit, limitsIn } from './limits';
