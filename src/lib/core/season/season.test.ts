import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment, garmentArbitrary } from '../../../../tests/arbitraries';
import type { ValueOf } from '../lexicon/facets';
import { garmentTypes } from '../lexicon/taxonomy';
import { slots } from '../lexicon/slots';
import { activities, type Activity } from '../lexicon/insulation';
import { readLook } from '../reading';
import {
	activityAt,
	comfortRange,
	insulationOf,
	monthsFor,
	outfitInsulation,
	validC,
	warmthAt,
	type MonthNormal
} from './comfort';
import { predictedMeanVote } from './pmv';

const saying = (text: string) => readLook(text).elements.map(({ garment: worn }) => ({ garment: worn }));

describe('the predicted mean vote', () => {
	// ISO 7730:2005, annex D, table D.1: air °C, radiant °C, m/s, %, met, clo, PMV. One row by calculation .43 for the printed .44.
	it.each([
		[22, 22, 0.1, 60, 1.2, 0.5, -0.75],
		[27, 27, 0.1, 60, 1.2, 0.5, 0.77],
		[27, 27, 0.3, 60, 1.2, 0.5, 0.43],
		[23.5, 25.5, 0.1, 60, 1.2, 0.5, -0.01],
		[23.5, 25.5, 0.3, 60, 1.2, 0.5, -0.55],
		[19, 19, 0.1, 40, 1.2, 1.0, -0.6],
		[23.5, 23.5, 0.3, 40, 1.2, 1.0, 0.12],
		[23, 21, 0.1, 40, 1.2, 1.0, 0.05],
		[23, 21, 0.3, 40, 1.2, 1.0, -0.16],
		[22, 22, 0.1, 60, 1.6, 0.5, 0.05],
		[27, 27, 0.1, 60, 1.6, 0.5, 1.17],
		[27, 27, 0.3, 60, 1.6, 0.5, 0.95]
	])(
		'of %d/%d °C, %d m/s, %d %%, %d met, %d clo is %d',
		(airC, radiantC, airSpeed, humidity, met, clo, vote) =>
			expect(
				Math.abs(predictedMeanVote({ airC, radiantC, airSpeed, humidity, met, clo }) - vote)
			).toBeLessThanOrEqual(0.011)
	);
});

describe('insulation of a garment', () => {
	// ASHRAE 55, garment insulation; coats, down and parka ISO 7730/9920 (values from memory).
	it.each([
		['white T-shirt', 0.08],
		['sleeveless silk blouse', 0.12],
		['short-sleeved poplin shirt', 0.19],
		['long-sleeved poplin shirt', 0.25],
		['flannel shirt', 0.34],
		['sweatshirt', 0.34],
		['denim hot pants', 0.06],
		['tailored shorts', 0.08],
		['linen trousers', 0.15],
		['wool trousers', 0.24],
		['joggers', 0.28],
		['linen skirt', 0.14],
		['tweed skirt', 0.23],
		['sleeveless silk dress', 0.23],
		['long-sleeved wool dress', 0.47],
		['silk jumper', 0.25],
		['wool jumper', 0.36],
		['wool waistcoat', 0.17],
		['linen blazer', 0.36],
		['tweed double-breasted blazer', 0.48],
		['wool overcoat', 0.6],
		['puffer jacket', 0.55],
		['parka', 0.7],
		['sheer tights', 0.02],
		['knee socks', 0.06],
		['loafers', 0.02],
		['knee boots', 0.1]
	])('%s: %d clo', (words, clo) => {
		const [only] = saying(words);
		expect(only && insulationOf(only.garment)).toBeCloseTo(clo, 5);
	});
	it('is known for every type that covers a part of the body, and nothing for what does not', () => {
		const covering = ['base', 'legs', 'over', 'feet', 'hosiery', 'under'];
		for (const { id, slot } of garmentTypes)
			if (slots[slot].covers.some((part) => covering.includes(part)))
				expect(insulationOf(garment(id)), id).toBeGreaterThan(0);
		expect(insulationOf(garment('hoops'))).toBe(0);
		expect(insulationOf(garment('lipstick'))).toBe(0);
	});
	it('grows with the weight of the cloth, whatever the type', () =>
		fc.assert(
			fc.property(garmentArbitrary(), (one) => {
				const at = (value: ValueOf<'weight'>) =>
					insulationOf({ ...one, facets: { ...one.facets, weight: { value, provenance: 'said' } } });
				expect(at('light')).toBeLessThanOrEqual(at('medium'));
				expect(at('medium')).toBeLessThanOrEqual(at('heavy'));
			})
		));
	it('of a summer and a winter business ensemble is near to the tables’', () => {
		// ASHRAE 55, typical ensembles: trousers and short-sleeved shirt .57; with long sleeves and jacket .96 (from memory).
		expect(outfitInsulation(saying('trousers; short-sleeved shirt; socks; shoes'))).toBeCloseTo(0.48, 1);
		expect(outfitInsulation(saying('suit; long-sleeved shirt; socks; shoes'))).toBeCloseTo(0.96, 1);
	});
});

describe('the range in which an outfit is pleasant', () => {
	const outfit = fc.uniqueArray(
		fc.constantFrom('shirt', 'jumper', 'trousers', 'skirt', 'blazer', 'overcoat', 'boots', 'tights'),
		{ minLength: 1, maxLength: 6 }
	);
	const worn = (types: string[]) => types.map((type) => ({ garment: garment(type) }));

	it('lies lower the more is worn, and the more one moves', () =>
		fc.assert(
			fc.property(outfit, fc.constantFrom('jumper', 'blazer', 'overcoat'), (types, more) => {
				const [all] = comfortRange(worn(types), 'standing');
				const [warmer] = comfortRange(worn([...types, more]), 'standing');
				const [moving] = comfortRange(worn(types), 'walking');
				expect(warmer?.fromC).toBeLessThanOrEqual(all?.fromC ?? 0);
				expect(warmer?.toC).toBeLessThanOrEqual(all?.toC ?? 0);
				expect(moving?.toC).toBeLessThanOrEqual(all?.toC ?? 0);
			}),
			{ numRuns: 60 }
		));
	it('never leaves what the formula covers, and says when it reaches an end of it', () =>
		fc.assert(
			fc.property(outfit, fc.constantFrom(...(Object.keys(activities) as Activity[])), (types, activity) => {
				for (const { fromC, toC, beyond } of comfortRange(worn(types), activity)) {
					expect(fromC).toBeGreaterThanOrEqual(validC.from);
					expect(toC).toBeLessThanOrEqual(validC.to);
					expect(fromC).toBeLessThanOrEqual(toC);
					expect(beyond.colder).toBe(fromC === validC.from);
					expect(beyond.warmer).toBe(toC === validC.to);
				}
			}),
			{ numRuns: 60 }
		));
	it('of a light office outfit is about what ISO 7730 asks of summer offices: 23 to 26 °C at .5 clo (table A.5)', () => {
		const [only] = comfortRange(
			saying('linen trousers; long-sleeved poplin shirt; socks; shoes'),
			'standing'
		);
		expect(only?.clo).toBeCloseTo(0.49, 2);
		expect(only?.fromC).toBeGreaterThan(22);
		expect(only?.toC).toBeLessThan(27.5);
	});
	it('is told for every layer state', () =>
		expect(
			comfortRange(saying('navy overcoat; blazer; shirt; trousers; shoes'), 'standing').map(
				({ state }) => state
			)
		).toEqual(['everything on', 'coat off', 'jacket off']));
});

describe('an outfit on a day', () => {
	const winterLook = saying('wool overcoat; tweed blazer; wool jumper; wool trousers; boots');
	const summerLook = saying('sleeveless linen dress; sandals');
	const winter = comfortRange(winterLook, 'standing');
	const summer = comfortRange(summerLook, 'standing');
	it('is too hot, fine, or too cold', () => {
		expect(warmthAt(29, winter).verdict).toBe('hot');
		expect(warmthAt(14, summer).verdict).toBe('cold');
		expect(warmthAt(26, summer).verdict).toBe('fine');
	});
	it('is fine in the state that suits the day', () => {
		expect(warmthAt(15, winter).states).toContain('everything on');
		expect(warmthAt(21.5, winter).states).toEqual(['coat off', 'jacket off']);
		expect(warmthAt(24, winter).states).toEqual(['jacket off']);
	});
	it('is left to the eye where the formula does not tell', () =>
		expect(warmthAt(2, comfortRange(winterLook, 'walking')).verdict).toBe('beyond'));
	it('finds the months of a place in which it can be worn', () => {
		const normals: MonthNormal[] = [5, 6, 8, 11, 15, 18, 20, 20, 17, 13, 9, 6].map((highC) => ({
			lowC: highC - 5,
			highC,
			rainDays: 10
		}));
		expect(monthsFor(winterLook, normals)).toEqual([1, 2, 3, 4, 5, 10, 11, 12]);
		expect(monthsFor(summerLook, normals)).toEqual([]);
	});
	it('is worn at what the event asks of the feet', () => {
		expect(activityAt({ walkingKm: 4 })).toBe('walking');
		expect(activityAt({ food: 'seated' })).toBe('sitting');
		expect(activityAt({ standingHours: 3 })).toBe('standing');
		expect(activityAt({})).toBe('standing');
	});
});
