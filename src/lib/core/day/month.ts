import type { WeekDay } from '../model/settings';
import { addDays, noonOf, weekdayName, type Day } from '../time/days';

/** Days of the week as `Date` counts them. */
const firstOf: Record<WeekDay, number> = { sunday: 0, monday: 1, saturday: 6 };
const week = 7;

/**
 * The weeks that a month touches, each of seven days from the first day of the week on; days of the months beside it fill the first
 * and the last.
 *
 * @param month any day of it
 */
export function monthGrid(month: Day, weekStart: WeekDay): Day[][] {
	const first = `${month.slice(0, 7)}-01`;
	const lead = (noonOf(first).getDay() - firstOf[weekStart] + week) % week;
	const start = addDays(first, -lead);
	const weeks: Day[][] = [];
	for (let day = start; day.slice(0, 7) <= month.slice(0, 7); day = addDays(day, week))
		weeks.push(Array.from({ length: week }, (_, i) => addDays(day, i)));
	return weeks;
}

/** The names of the days of a week in the order in which it runs. */
export function weekdayNames(weekStart: WeekDay): { short: string; long: string }[] {
	const [days = []] = monthGrid('2026-01-15', weekStart);
	return days.map(weekdayName);
}
