import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	addDays,
	dayInWords,
	dayOf,
	daysBetween,
	isDay,
	momentBefore,
	momentLater,
	monthInWords,
	monthName,
	monthOf,
	noonOf,
	weekdayName
} from './days';

/** Days from 1970 by UTC arithmetic, which knows no zone and no summer time. */
const number = (day: string) => {
	const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
	return Date.UTC(year, month - 1, date) / 86_400_000;
};
const dayArbitrary = fc
	.integer({ min: number('1980-01-01'), max: number('2099-12-31') })
	.map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10));

describe('days', () => {
	it('are counted as the calendar counts them: a law over a hundred years', () => {
		fc.assert(
			fc.property(dayArbitrary, fc.integer({ min: -800, max: 800 }), (day, days) => {
				const later = addDays(day, days);
				expect(number(later)).toBe(number(day) + days);
				expect(daysBetween(day, later)).toBe(days);
				expect(dayOf(noonOf(day))).toBe(day);
				expect(monthOf(day)).toBe(Number(day.slice(5, 7)));
			})
		);
	});
	it.each([
		['2024-02-28', 1, '2024-02-29'],
		['2023-02-28', 1, '2023-03-01'],
		['2026-12-31', 1, '2027-01-01'],
		// Days on which clocks change in London and New York in 2026.
		['2026-03-28', 1, '2026-03-29'],
		['2026-03-29', 1, '2026-03-30'],
		['2026-10-25', -1, '2026-10-24'],
		['2026-11-01', 1, '2026-11-02']
	])('%s and %d is %s', (day, days, then) => expect(addDays(day, days)).toBe(then));

	it('are said under their own weekday', () => {
		// 6 December 2026 is a Sunday (ISO 8601 calendar).
		expect(dayInWords('2026-12-06', 'with-weekday')).toMatch(/^Sun,? 6 December$/);
		expect(dayInWords('2026-12-06')).toBe('6 December 2026');
	});
	it('have the weekday and the month of the calendar, in whatever zone: a law over a hundred years', () => {
		// 1 January 1970 was a Thursday.
		const weekdays = ['Thursday', 'Friday', 'Saturday', 'Sunday', 'Monday', 'Tuesday', 'Wednesday'];
		fc.assert(
			fc.property(dayArbitrary, (day) => {
				const { short, long } = weekdayName(day);
				expect(long).toBe(weekdays[number(day) % 7]);
				expect(dayInWords(day, 'with-weekday').startsWith(short)).toBe(true);
				expect(long.startsWith(short)).toBe(true);
				expect(dayInWords(day)).toBe(`${Number(day.slice(8))} ${monthInWords(day)}`);
				expect(monthInWords(day)).toBe(`${monthName(monthOf(day))} ${day.slice(0, 4)}`);
			})
		);
	});
	it('that are none are refused with what was given', () => {
		for (const text of ['', '6/12/2026', '2026-12-06T10:00:00Z', 'x'.repeat(999)]) {
			expect(isDay(text)).toBe(false);
			expect(() => noonOf(text)).toThrow(RangeError);
			expect(() => dayInWords(text)).toThrow(RangeError);
		}
	});
	it('moments are moved by whole days and by milliseconds', () => {
		expect(momentLater('2026-01-01T10:00:00.000Z', 2)).toBe('2026-01-03T10:00:00.000Z');
		expect(momentBefore('2026-01-01T00:00:01.000Z', 1000)).toBe('2026-01-01T00:00:00.000Z');
	});
});
