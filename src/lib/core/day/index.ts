/** The day that a look is for: what changed about it, what is to be prepared, the calendar. */
export { dayChanges, plannedFor, type DayChange } from './planned';
