import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, weatherAnswerSchema } from '../../core';
import { towns, townOf } from './towns';
import { weatherAt } from './weather';

const asked = (place: string, inDays: number, today = '2026-11-26') =>
	weatherAt({ place, date: addDays(today, inDays), today });

describe('the simulated weather', () => {
	it('is the same for the same question, and says that it is simulated', () => {
		expect(asked('Quay Stage, Saltmere', 5)).toEqual(asked('Quay Stage, Saltmere', 5));
		expect(asked('', 5).simulated).toBe(true);
	});
	it('is a forecast up to ten days ahead and what is usual after that', () => {
		expect(asked('Saltmere', 0).day.source).toBe('forecast');
		expect(asked('Saltmere', 10).day.source).toBe('forecast');
		expect(asked('Saltmere', 11).day.source).toBe('normal');
		expect(asked('Saltmere', -1).day.source).toBe('normal');
	});
	it('is of the town that the place names, else of home, and says which', () => {
		expect(asked('The Mill, netherfell', 30)).toMatchObject({ town: 'Netherfell', asked: true });
		expect(asked('Somewhere else', 30)).toMatchObject({ town: 'Saltmere', asked: false });
		expect(townOf('').asked).toBe(false);
	});
	it('answers in the form that was promised, near what is usual, for any town and day', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(...towns),
				fc.integer({ min: -400, max: 800 }),
				fc.integer({ min: -2000, max: 2000 }),
				(town, ahead, from) => {
					const answer = asked(town.name, ahead, addDays('2026-11-26', from));
					expect(weatherAnswerSchema.safeParse(answer).success).toBe(true);
					const { lowC, highC, airC } = answer.day;
					expect(lowC).toBeLessThanOrEqual(airC);
					expect(airC).toBeLessThanOrEqual(highC);
					expect(airC).toBeGreaterThan(Math.min(...town.normals.map((month) => month.lowC)) - 7);
					expect(airC).toBeLessThan(Math.max(...town.normals.map((month) => month.highC)) + 7);
				}
			)
		));
	it('does not jump from one month to the next', () => {
		const last = asked('Saltmere', 0, '2026-11-30');
		for (const today of ['2027-01-31', '2027-03-31', '2027-05-31']) {
			const [before, after] = [
				weatherAt({ place: 'Saltmere', date: today, today: '2026-01-01' }),
				weatherAt({ place: 'Saltmere', date: addDays(today, 1), today: '2026-01-01' })
			];
			expect(Math.abs(before.day.airC - after.day.airC)).toBeLessThan(0.6);
		}
		expect(last.normals).toHaveLength(12);
	});
});
