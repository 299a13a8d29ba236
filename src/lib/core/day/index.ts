/** The day that a look is for: what changed about it, what is to be prepared, the calendar. */
export { dayChanges, plannedFor, type DayChange } from './planned';
export { dueOn, preparationOf, type Prepared, type Task } from './preparation';
export { taskKinds, type TaskKind } from '../lexicon/preparation';
export { monthGrid, weekdayNames } from './month';
export { occasionsFor, type OccasionAnswer } from './occasions';
export { occasionIds, type OccasionId } from '../lexicon/occasions';
