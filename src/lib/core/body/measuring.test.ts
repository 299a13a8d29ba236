import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyMeasureIds } from '../lexicon/measures';
import { freshClient, remeasured } from '../model/client';
import { cmFrom, lengthIn, lengthInWords, measureQuestions } from './measuring';

describe('measures that seldom go together', () => {
	it('are asked about, each by its own question', () => {
		expect(measureQuestions({ waist: 100, hip: 90 })).toEqual([
			'The waist is larger than the hip: is that so?'
		]);
		expect(measureQuestions({ stature: 160, foot: 38 })[0]).toMatch(/no shoe size/);
		expect(measureQuestions({ stature: 168, inseam: 105 })[0]).toMatch(/taken on the inside/);
	});
	it('are not asked about in bodies of any usual build, nor where one of the two is missing', () => {
		// Builds from slight to heavy, petite to tall, women's and men's; common practice of size charts.
		for (const [stature, bust, waist, hip, shoulder, inseam, sleeve, foot] of [
			[154, 84, 67, 91, 36, 70, 52, 22.5],
			[186, 101, 88, 101, 46, 86, 64, 28],
			[166, 128, 122, 136, 42, 74, 57, 25],
			[178, 88, 72, 96, 42, 84, 60, 26],
			[170, 118, 118, 120, 45, 76, 59, 26]
		])
			expect(measureQuestions({ stature, bust, waist, hip, shoulder, inseam, sleeve, foot })).toEqual([]);
		expect(measureQuestions({ waist: 100 })).toEqual([]);
	});
});

describe('lengths in the studio’s unit', () => {
	it('are said as tapes have them', () => {
		expect(lengthInWords(67, 'cm')).toBe('67 cm');
		expect(lengthInWords(67.3, 'in')).toBe('26½ in');
		expect(lengthInWords(91.44, 'in')).toBe('36 in');
	});
	it('come back from what was typed within half a step', () =>
		fc.assert(
			fc.property(fc.double({ min: 14, max: 230, noNaN: true }), fc.constantFrom('cm', 'in'), (cm, unit) => {
				const step = unit === 'in' ? 2.54 / 4 : 0.5;
				expect(Math.abs(cmFrom(unit, lengthIn(unit, cm)) - cm)).toBeLessThanOrEqual(step / 2 + 0.06);
			})
		));
});

describe('a client who is measured again', () => {
	const client = freshClient({ id: 'a', measurements: { bust: 90, waist: 70 }, measuredOn: '2026-01-01' });
	it('keeps what was measured before with its day', () => {
		const after = remeasured(client, { bust: 92, waist: 70 }, '2026-06-01');
		expect(after).toMatchObject({
			measurements: { bust: 92 },
			measuredOn: '2026-06-01',
			earlierMeasurements: [{ on: '2026-01-01', cm: { bust: 90, waist: 70 } }]
		});
	});
	it('on the same day, or to the same measures, keeps nothing twice', () => {
		expect(remeasured(client, { bust: 91, waist: 70 }, '2026-01-01').earlierMeasurements).toEqual([]);
		expect(remeasured(client, { bust: 90, waist: 70 }, '2026-06-01')).toBe(client);
		expect(remeasured(freshClient({ id: 'a' }), { bust: 90 }, '2026-06-01').earlierMeasurements).toEqual([]);
	});
	it('never loses a set of measures, however often it is done', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({ measure: fc.constantFrom(...bodyMeasureIds), cm: fc.integer({ min: 60, max: 68 }) }),
					{
						minLength: 1,
						maxLength: 12
					}
				),
				(sets) => {
					const distinct = sets.filter(
						({ measure, cm }, i) => sets[i - 1]?.measure !== measure || sets[i - 1]?.cm !== cm
					);
					const last = sets.reduce(
						(now, { measure, cm }, i) =>
							remeasured(now, { [measure]: cm }, `2026-01-${String(i + 1).padStart(2, '0')}`),
						freshClient({ id: 'a' })
					);
					expect(last.earlierMeasurements).toHaveLength(distinct.length - 1);
				}
			)
		));
});
