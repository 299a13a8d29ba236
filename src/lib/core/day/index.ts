/** The day that a look is for: what changed about it, what is to be prepared, the calendar. */
export { dayChanges, plannedFor, type DayChange } from './planned';
export { dueOn, preparationOf, type Prepared, type Task } from './preparation';
export { taskKinds, type TaskKind } from '../lexicon/preparation';
export { monthGrid, weekdayNames } from './month';
export { occasionsFor, suitsOccasion, type OccasionAnswer } from './occasions';
export { occasionIds, occasions, type OccasionId } from '../lexicon/occasions';
