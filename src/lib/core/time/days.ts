/**
 * Days and moments. A day is a date without a time or a zone, "2026-12-06", and stays that day wherever it is read: it is
 * never turned into a moment of the machine's zone, which would make a Sunday a Saturday west of Greenwich.
 */
import {
	addDays as daysAdded,
	differenceInCalendarDays,
	formatISO,
	set,
	setHours,
	startOfHour
} from 'date-fns';

/** A day as in "2026-12-06". */
export type Day = string;

const dayPattern = /^\d{4}-\d{2}-\d{2}$/;
const momentPattern = /^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/;

export const isDay = (text: string): boolean => dayPattern.test(text);
/** A moment in UTC, as in "2026-11-25T09:30:00.000Z". */
export const isMoment = (text: string): boolean => momentPattern.test(text);

function checked(day: Day): Day {
	if (!isDay(day)) throw new RangeError(`"${day.slice(0, 20)}" is no day of the form 2026-12-06`);
	return day;
}

/** Some noon of this machine's, to set the day of. */
const someNoon = startOfHour(setHours(new Date(0), 12));

/** Noon of the day on this machine: far enough from both midnights that no change of clocks moves it to another day. */
export function noonOf(day: Day): Date {
	const [year, month, date] = checked(day).split('-').map(Number);
	return set(someNoon, { year, month: (month ?? 1) - 1, date });
}

/** Is it an IANA time zone that this machine knows? @example isTimeZone('Europe/London') // true */
export function isTimeZone(zone: string): boolean {
	try {
		return new Intl.DateTimeFormat('en-GB', { timeZone: zone }).resolvedOptions().timeZone !== '';
	} catch {
		return false;
	}
}

/** The day of a moment as the machine's own calendar shows it. */
export const dayOf = (moment: Date): Day => formatISO(moment, { representation: 'date' });

/** The day that lies so many days later, or earlier. */
export const addDays = (day: Day, days: number): Day => dayOf(daysAdded(noonOf(day), days));

/** Days from one day to another; negative when the second is the earlier. */
export const daysBetween = (from: Day, to: Day): number => differenceInCalendarDays(noonOf(to), noonOf(from));

/** The same moment so many days later. */
export const momentLater = (moment: string, days: number): string =>
	new Date(Date.parse(moment) + days * 86_400_000).toISOString();

/** Forms in which a day, its month or its weekday is said. */
const forms = {
	'with-weekday': { weekday: 'short', day: 'numeric', month: 'long' },
	'with-year': { day: 'numeric', month: 'long', year: 'numeric' },
	'month-and-year': { month: 'long', year: 'numeric' },
	month: { month: 'long' },
	weekday: { weekday: 'long' },
	'short-weekday': { weekday: 'short' }
} satisfies Record<string, Intl.DateTimeFormatOptions>;
type Form = keyof typeof forms;

/** A format takes longer to make than all that it will ever say, so each is made once. */
const formats = new Map<Form, Intl.DateTimeFormat>();

/** Said in UTC of a noon in UTC: what a day is called hangs on no zone, nor on one that the machine leaves. */
function said(day: Day, form: Form): string {
	let format = formats.get(form);
	if (!format) {
		format = new Intl.DateTimeFormat('en-GB', { ...forms[form], timeZone: 'UTC' });
		formats.set(form, format);
	}
	return format.format(Date.parse(`${checked(day)}T12:00:00Z`));
}

/** How a day is said. @example dayInWords('2026-12-06', 'with-weekday') // "Sun 6 December" */
export const dayInWords = (day: Day, form: 'with-weekday' | 'with-year' = 'with-year'): string =>
	said(day, form);

/** The month that a day lies in, as it is said. @example monthInWords('2026-12-06') // "December 2026" */
export const monthInWords = (day: Day): string => said(day, 'month-and-year');

/** A month by its number, 1 to 12. @example monthName(12) // "December" */
export const monthName = (month: number): string =>
	said(`2026-${String(month).padStart(2, '0')}-15`, 'month');

/** The day of the week that a day is. @example weekdayName('2026-12-06') // { short: "Sun", long: "Sunday" } */
export const weekdayName = (day: Day): { short: string; long: string } => ({
	short: said(day, 'short-weekday'),
	long: said(day, 'weekday')
});

/** The month of a day, 1 to 12. */
export const monthOf = (day: Day): number => Number(day.slice(5, 7));

/** The moment so many milliseconds before another, in UTC. */
export const momentBefore = (moment: string, milliseconds: number): string =>
	new Date(Date.parse(moment) - milliseconds).toISOString();

/** The day of a moment, in the zone of whoever is there. */
export const dayOfMoment = (moment: string): Day => dayOf(new Date(moment));

/** How a moment is said where the machine stands: its day. */
export const momentInWords = (moment: string): string => dayInWords(dayOf(new Date(moment)));
