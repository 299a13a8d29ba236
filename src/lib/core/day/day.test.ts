import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient, uuid } from '../../../../tests/records';
import { freshEvent, type Event } from '../model/event';
import { weekDays } from '../model/settings';
import { readLook } from '../reading';
import { addDays, noonOf } from '../time/days';
import { calendarOf } from './calendar';
import { monthGrid, weekdayNames } from './month';
import { dayChanges, plannedFor } from './planned';
import { dueOn, preparationOf, type Prepared } from './preparation';

const event = (rest: Partial<Event> = {}): Event =>
	freshEvent({ id: uuid(9), clientId: uuid(1000), title: 'Closing dinner', date: '2026-12-06', ...rest });

describe('a day that changes after a look was planned for it', () => {
	it('is told by what was and what is', () => {
		const before = event({ dressCode: 'cocktail', weather: { airC: 12, rain: false, source: 'said' } });
		const after = { ...before, dressCode: 'black tie', date: '2026-12-07', time: '19:30' };
		expect(dayChanges(plannedFor(before), after)).toEqual([
			{ what: 'day', was: 'Sun 6 December', is: 'Mon 7 December' },
			{ what: 'time', was: 'not said', is: '19:30' },
			{ what: 'dress code', was: 'cocktail', is: 'black tie' }
		]);
	});
	it('that stays, or was never planned for, tells nothing', () => {
		expect(dayChanges(plannedFor(event()), event({ title: 'Another name', note: 'x' }))).toEqual([]);
		expect(dayChanges(undefined, event())).toEqual([]);
	});
	it('tells of every field that a look hangs on', () => {
		const all: Partial<Event>[] = [
			{ date: '2026-12-08' },
			{ time: '10:00' },
			{ place: 'The Old Net Loft' },
			{ setting: 'outdoors' },
			{ dressCode: 'smart' },
			{ standingHours: 3 },
			{ walkingKm: 2 },
			{ food: 'seated' },
			{ weather: { airC: 3, rain: true, source: 'forecast' } }
		];
		for (const change of all)
			expect(dayChanges(plannedFor(event()), event(change)), JSON.stringify(change)).toHaveLength(1);
	});
});

describe('what is prepared before a day', () => {
	const client = makeClient({ measurements: { stature: 160 }, allergies: ['latex'] });
	const worn = (text: string, rest: Partial<Prepared> = {}): Prepared[] =>
		readLook(text).elements.map(({ garment: one }, i) => ({
			key: `thing ${i}`,
			title: one.type,
			garment: one,
			...rest
		}));
	const kinds = (text: string, rest?: Partial<Prepared>, day: Partial<Event> = {}) =>
		preparationOf(worn(text, rest), client, event(day)).map(({ kind }) => kind);

	it.each([
		['linen shirt', 'press'],
		['silk blouse', 'steam'],
		['velvet blazer', 'steam'],
		['black velvet blazer', 'de-lint'],
		['strapless dress', 'patch-test']
	])('%s: %s', (text, kind) => expect(kinds(text)).toContain(kind));
	it('never presses a pile, nor de-lints what is light', () => {
		expect(kinds('white velvet blazer')).not.toContain('press');
		expect(kinds('white velvet blazer')).not.toContain('de-lint');
	});
	it('keeps rain out of suede, where it rains and one is out', () => {
		const rain = { weather: { airC: 9, rain: true, source: 'said' as const } };
		expect(kinds('suede loafers', {}, { ...rain, setting: 'outdoors' })).toContain('waterproof');
		expect(kinds('suede loafers', {}, { ...rain, setting: 'indoors' })).not.toContain('waterproof');
		expect(kinds('suede loafers')).not.toContain('waterproof');
	});
	it('has altered what is to be altered, in time for it to go back once', () => {
		const things = worn('black skirt').map((thing) => ({
			...thing,
			altered: { label: 'hemmed to the knee', days: 7, risk: 'What is cut off is gone.' }
		}));
		expect(preparationOf(things, client).find(({ kind }) => kind === 'alter')).toMatchObject({
			daysBefore: 10,
			how: expect.stringContaining('hemmed to the knee: takes 7 days')
		});
	});
	it('orders in time for the parcel, with a day to spare', () => {
		const [order] = preparationOf(
			worn('white shirt', { listing: { arrivesInDays: 6, condition: 'new' } }),
			client,
			event()
		);
		expect(order).toMatchObject({ kind: 'order', daysBefore: 7 });
		expect(order && dueOn(order, event())).toBe('2026-11-29');
	});
	it('breaks in new shoes of stiff leather, and none that are worn', () => {
		const shoes = (on: string) => ({
			piece: { state: 'ready' as const, acquired: { how: 'new' as const, on } }
		});
		expect(kinds('leather brogues', shoes('2026-11-20'))).toContain('break-in');
		expect(kinds('leather brogues', shoes('2025-11-20'))).not.toContain('break-in');
	});
	it('hems what would lie on the floor, by the heel that is worn with it', () => {
		expect(kinds('wide-leg trousers', { lengthCm: 110 })).toContain('hem');
		expect(kinds('wide-leg trousers', { lengthCm: 85 })).not.toContain('hem');
	});
	it('fetches what is away and cleans what needs care', () => {
		const state = (one: 'away' | 'needs-care') => ({
			piece: { state: one, acquired: { how: 'unknown' as const } }
		});
		expect(kinds('white shirt', state('away'))).toContain('fetch');
		expect(kinds('white shirt', state('needs-care'))).toContain('clean');
	});
	it('names what the client reacts to where tape is wanted', () =>
		expect(
			preparationOf(worn('strapless dress'), client).find(({ kind }) => kind === 'patch-test')?.how
		).toMatch(/latex/));
	it('is tried on as a whole and packed, in the order of the days, each task once; nothing of nothing', () => {
		const tasks = preparationOf(
			[...worn('silk blouse; linen trousers'), ...worn('silk blouse')],
			client,
			event()
		);
		const days = tasks.map(({ daysBefore }) => daysBefore);
		expect(days).toEqual([...days].sort((a, b) => b - a));
		expect(new Set(tasks.map(({ key }) => key)).size).toBe(tasks.length);
		expect(tasks.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['try-on', 'pack']));
		expect(preparationOf([], client)).toEqual([]);
	});
	it('keeps its keys when the day moves, so that ticks stay', () => {
		const keys = (day: Partial<Event>) =>
			preparationOf(worn('silk blouse'), client, event(day)).map(({ key }) => key);
		expect(keys({ date: '2027-01-01' })).toEqual(keys({}));
	});
});

describe('a month of the calendar', () => {
	it('has whole weeks from the first day of the week on, and every day of the month once', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 4000 }), fc.constantFrom(...weekDays), (ahead, weekStart) => {
				const month = addDays('2024-01-15', ahead);
				const weeks = monthGrid(month, weekStart);
				const days = weeks.flat();
				expect(weeks.every((week) => week.length === 7)).toBe(true);
				expect(new Set(days).size).toBe(days.length);
				const first = { sunday: 0, monday: 1, saturday: 6 }[weekStart];
				expect(weeks.every(([day = '']) => noonOf(day).getDay() === first)).toBe(true);
				const inside = days.filter((day) => day.startsWith(month.slice(0, 7)));
				const [year = 0, of = 0] = month.split('-').map(Number);
				expect(inside).toHaveLength(new Date(Date.UTC(year, of, 0)).getUTCDate());
				expect(weeks.length).toBeLessThanOrEqual(6);
			})
		));
	it('names its days in that order', () => {
		expect(weekdayNames('monday').map(({ short }) => short)).toEqual([
			'Mon',
			'Tue',
			'Wed',
			'Thu',
			'Fri',
			'Sat',
			'Sun'
		]);
		expect(weekdayNames('sunday')[0]?.long).toBe('Sunday');
	});
});

// Read by an independent reader of RFC 5545 (ical.js).
describe('the calendar file', () => {
	const tasks = preparationOf(
		[
			{
				key: 'a b',
				title: 'Wine velvet blazer',
				garment: garment('blazer', ['wine'], { material: 'velvet' })
			}
		],
		makeClient()
	).map((task) => ({ ...task, done: task.kind === 'pack' }));
	const file = (rest: Partial<Event> = {}) =>
		calendarOf([{ event: event(rest), client: 'Tamsin', tasks }], '2026-11-26T09:00:00.000Z');
	const eventsIn = (text: string) =>
		new ICAL.Component(ICAL.parse(text) as unknown as string)
			.getAllSubcomponents('vevent')
			.map((one) => new ICAL.Event(one));

	it('opens in another reader, with every event and task under an id of its own', () => {
		const found = eventsIn(file());
		expect(found).toHaveLength(1 + tasks.length);
		expect(new Set(found.map(({ uid }) => uid)).size).toBe(found.length);
	});
	it('has an event without a time as a whole day, and a task on the day on which it is due', () => {
		const [main, ...others] = eventsIn(file());
		expect(main?.startDate.toString()).toBe('2026-12-06');
		expect(main?.startDate.isDate).toBe(true);
		const packed = others.find(({ summary }) => summary.includes('pack'));
		expect(packed?.summary).toBe('✓ pack: the whole look');
		expect(packed?.startDate.toString()).toBe('2026-12-05');
	});
	it.each([
		['Europe/London', '2026-12-06', '19:30', '2026-12-06T19:30:00Z'],
		['Europe/London', '2026-07-06', '19:30', '2026-07-06T18:30:00Z'],
		['America/New_York', '2026-12-06', '19:30', '2026-12-07T00:30:00Z'],
		['Asia/Kolkata', '2026-12-06', '02:00', '2026-12-05T20:30:00Z']
	])('has a time in %s on %s at %s as %s', (timeZone, date, time, utc) => {
		const [main] = eventsIn(file({ timeZone, date, time }));
		expect(main?.startDate.toString()).toBe(utc);
	});
	it('keeps whatever was typed: commas, semicolons, line ends, quotes and long words', () => {
		const place = 'Old Net Loft; 2nd floor, “harbour side” \\ left';
		const note = `${'long '.repeat(80)}\nsecond line, third; fourth`;
		const text = file({ place, note, title: 'Dinner; with, commas' });
		expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true);
		const [main] = eventsIn(text);
		expect(main?.summary).toBe('Tamsin: Dinner; with, commas');
		expect(main?.location).toBe(place);
		expect(main?.description).toContain('second line, third; fourth');
	});
});
