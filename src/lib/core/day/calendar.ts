/** Events and preparation as a calendar that other programs read (RFC 5545). */
import { TZDate } from '@date-fns/tz';
import { createEvents, type DateTime, type EventAttributes } from 'ics';
import { taskKinds } from '../lexicon/preparation';
import type { Event } from '../model/event';
import { addDays, type Day } from '../time/days';
import { dueOn, type Task } from './preparation';

/** An event with what is to be done for it. */
export interface CalendarEntry {
	event: Event;
	/** Whom it is for. */
	client: string;
	tasks: readonly (Task & { done: boolean })[];
}

const numbersOf = (day: Day): [number, number, number] => {
	const [year = 0, month = 0, date = 0] = day.split('-').map(Number);
	return [year, month, date];
};

/** As long as an event is taken to last where nobody says, in hours. */
const usualHours = 3;

/** What the package takes besides what it declares: when the entry was written. */
type Stamped = EventAttributes & { timestamp: DateTime };

/** A time where the event is, as the moment in UTC that it is. */
function momentOf({ date, time = '00:00', timeZone }: Event): DateTime {
	const [year, month, day] = numbersOf(date);
	const [hour = 0, minute = 0] = time.split(':').map(Number);
	const there = new TZDate(year, month - 1, day, hour, minute, 0, timeZone);
	const utc = there.withTimeZone('UTC');
	return [utc.getFullYear(), utc.getMonth() + 1, utc.getDate(), utc.getHours(), utc.getMinutes()];
}

/** A day without a time runs to the next, as calendars count. */
const wholeDay = (day: Day): { start: DateTime; end: DateTime } => ({
	start: numbersOf(day),
	end: numbersOf(addDays(day, 1))
});

const linesOf = (...lines: (string | undefined)[]) => lines.filter(Boolean).join('\n');

function asEvent({ event, client }: CalendarEntry, stamp: DateTime): Stamped {
	const { id, title, place, dressCode, purpose, note, time } = event;
	const facts = {
		uid: `${id}@prime-echo`,
		title: `${client}: ${title}`,
		timestamp: stamp,
		...(place && { location: place }),
		description: linesOf(dressCode && `Dress code: ${dressCode}`, purpose, note)
	};
	return time
		? { ...facts, start: momentOf(event), startInputType: 'utc', duration: { hours: usualHours } }
		: { ...facts, ...wholeDay(event.date) };
}

const asTask = (
	{ event, client }: CalendarEntry,
	task: Task & { done: boolean },
	stamp: DateTime
): Stamped => ({
	uid: `${event.id}-${task.key.replaceAll(/[^\w-]+/g, '-')}@prime-echo`,
	title: `${task.done ? '✓ ' : ''}${taskKinds[task.kind].label}: ${task.title}`,
	description: linesOf(task.how, `For ${client}, ${event.title}`),
	timestamp: stamp,
	...wholeDay(dueOn(task, event))
});

/**
 * The calendar file of events and of what is to be prepared for each, a day before by day before. Times are written in UTC, so that
 * every program shows them right whatever its zone; what has no time is a whole day. Throws an Error when a title or a date is not
 * one.
 *
 * @param now moment at which it is written, in UTC
 */
export function calendarOf(entries: readonly CalendarEntry[], now: string): string {
	const at = new Date(now);
	const stamp: DateTime = [
		at.getUTCFullYear(),
		at.getUTCMonth() + 1,
		at.getUTCDate(),
		at.getUTCHours(),
		at.getUTCMinutes()
	];
	const { error, value } = createEvents(
		entries.flatMap((entry) => [
			asEvent(entry, stamp),
			...entry.tasks.map((task) => asTask(entry, task, stamp))
		]),
		{ productId: '-//Prime Echo//calendar//EN', calName: 'Prime Echo' }
	);
	if (!value) throw error ?? new Error('The calendar could not be written.');
	return value;
}
