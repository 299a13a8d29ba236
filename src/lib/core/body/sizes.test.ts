import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient, makeListing, makeShop, uuid } from '../../../../tests/records';
import { mensLetters, womensLetters } from '../lexicon/letter-sizes';
import { freshFitNote, type FitNote } from '../model/fit-note';
import type { SizeRow } from '../model/market';
import { remembered } from './fit-memory';
import { sizeOfListing } from './listing-size';
import { convertedSize, footOfEu, letterFor, shoeSizes } from './size-systems';
import { bestSize, type SizeAdvice } from './sizes';

/** Letters of EN 13402-3 for women (values from memory), with the waist and hip that go with them here. */
const letters: SizeRow[] = womensLetters.map(({ label, girthCm: [from, to] }) => ({
	label,
	bustCm: [from, to],
	waistCm: [from - 16, to - 16],
	hipCm: [from + 8, to + 8]
}));
/** A shop of numbers, each four centimetres wide. */
const numbers: SizeRow[] = [6, 8, 10, 12, 14, 16, 18].map((uk, i) => ({
	label: `UK ${uk}`,
	bustCm: [76 + 4 * i, 80 + 4 * i],
	waistCm: [58 + 4 * i, 62 + 4 * i],
	hipCm: [84 + 4 * i, 88 + 4 * i]
}));
const client = makeClient;
const body = (bust: number, waist = bust - 17, hip = bust + 9) =>
	client({ measurements: { bust, waist, hip, stature: 168 } });
const blouse = garment('blouse', ['ivory']);
const trousers = garment('tailored-trousers', ['navy']);
const labelOf = (advice: SizeAdvice) => ('label' in advice ? advice.label : advice.state);
const note = (label: string, verdict: FitNote['verdict']) =>
	freshFitNote({
		id: uuid(1),
		clientId: uuid(1000),
		shop: 'Shop 1',
		of: 'top',
		label,
		on: '2026-01-01',
		verdict
	});

describe('the size that suits', () => {
	// EN 13402-3 letter codes (values from memory): the border belongs to the upper letter.
	it.each([
		[81.9, 'XS'],
		[82, 'S'],
		[97.9, 'M'],
		[98, 'L'],
		[107, 'XL'],
		[119, 'XXL'],
		[131, '3XL']
	])('of a bust of %d cm is %s', (bust, label) =>
		expect(labelOf(bestSize(client({ measurements: { bust } }), letters, blouse))).toBe(label)
	);
	it('goes by the hip for trousers, by the waist for a skirt that stands off it, by the foot for shoes', () => {
		const one = client({ measurements: { bust: 82, waist: 64, hip: 89, foot: 23.7 } });
		expect(labelOf(bestSize(one, numbers, trousers))).toBe('UK 8');
		const full = client({ measurements: { waist: 72, hip: 89 } });
		expect(labelOf(bestSize(full, numbers, garment('circle-skirt')))).toBe('UK 12');
		expect(labelOf(bestSize(one, makeShop(1).sizeChart.shoes, garment('loafers')))).toBe('EU 38');
	});
	it('says which measure is missing', () => {
		expect(bestSize(makeClient(), letters, trousers)).toEqual({ state: 'unknown', missing: 'hip' });
		expect(bestSize(makeClient(), letters, blouse)).toEqual({ state: 'unknown', missing: 'bust' });
	});
	it('is none beyond the chart, and names the nearest', () =>
		expect(bestSize(body(170), letters, blouse)).toMatchObject({ state: 'none', nearest: '3XL' }));
	it('reads waist and length', () => {
		const chart: SizeRow[] = [76, 81, 86].flatMap((waist) =>
			[76, 81, 86].map((leg) => ({
				label: `W${Math.round(waist / 2.54)} L${Math.round(leg / 2.54)}`,
				waistCm: [waist, waist + 5] as [number, number],
				inseamCm: [leg - 2.5, leg + 2.5] as [number, number]
			}))
		);
		const tall = client({ measurements: { waist: 83, hip: 100, inseam: 86 } });
		expect(labelOf(bestSize(tall, chart, trousers))).toBe('W32 L34');
	});
	it('takes petite, regular or tall by the height', () => {
		const chart: SizeRow[] = [
			{ label: '10 petite', bustCm: [84, 88], statureCm: [145, 160] },
			{ label: '10', bustCm: [84, 88], statureCm: [160, 172] },
			{ label: '10 tall', bustCm: [84, 88], statureCm: [172, 190] }
		];
		const of = (stature: number) => bestSize(client({ measurements: { bust: 86, stature } }), chart, blouse);
		expect([154, 168, 180].map((stature) => labelOf(of(stature)))).toEqual(['10 petite', '10', '10 tall']);
	});
});

describe('between two sizes', () => {
	it('the larger is taken, and what is loose is named', () => {
		const pear = client({ measurements: { bust: 82, waist: 62, hip: 103 } });
		const advice = bestSize(pear, numbers, garment('sheath-dress'));
		expect(advice.state).toBe('between');
		expect('words' in advice && advice.words.join('; ')).toMatch(/take the larger and have the .* taken in/);
	});
	it('the smaller is taken in cloth that gives', () => {
		const jersey = garment('sheath-dress', ['navy'], { material: 'jersey' });
		const pear = client({ measurements: { bust: 82, waist: 62, hip: 103 } });
		const [woven, knitted] = [garment('sheath-dress'), jersey].map((one) =>
			labelOf(bestSize(pear, numbers, one))
		);
		const at = (label?: string) => numbers.findIndex((row) => row.label === label);
		expect(at(knitted)).toBeLessThanOrEqual(at(woven));
	});
	it('what is cut wide is not taken smaller', () =>
		expect(bestSize(body(86), numbers, garment('shirt', ['white'], { fit: 'oversized' }))).toMatchObject({
			label: 'UK 10',
			words: expect.arrayContaining(['cut wide: do not size down'])
		}));
});

describe('how sure an advice is', () => {
	const sure = (advice: SizeAdvice) => ('confidence' in advice ? advice.confidence : 0);
	it('less where a label covers three numbers, at its edge, and where measures are missing', () => {
		const middle = body(86);
		expect(sure(bestSize(middle, numbers, blouse))).toBeGreaterThan(sure(bestSize(middle, letters, blouse)));
		expect(sure(bestSize(body(86), numbers, blouse))).toBeGreaterThan(
			sure(bestSize(body(87.8), numbers, blouse))
		);
		expect(sure(bestSize(middle, numbers, blouse))).toBeGreaterThan(
			sure(bestSize(client({ measurements: { bust: 86 } }), numbers, blouse))
		);
	});
	it('is a share, and no label ever too small for the chart: laws over bodies', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 66, max: 142, noNaN: true }),
				fc.double({ min: -24, max: -8, noNaN: true }),
				fc.double({ min: 2, max: 16, noNaN: true }),
				fc.constantFrom(blouse, trousers, garment('sheath-dress'), garment('blazer')),
				(bust, waist, hip, one) => {
					const advice = bestSize(body(bust, bust + waist, bust + hip), letters, one);
					if (!('confidence' in advice)) return;
					expect(advice.confidence).toBeGreaterThan(0);
					expect(advice.confidence).toBeLessThanOrEqual(1);
					// Within half a hand of the body where it decides.
					const first = one === trousers ? 'hip' : 'bust';
					const tight = advice.fit.find(({ measure }) => measure === first)?.cm ?? 0;
					expect(tight).toBeGreaterThan(-4);
				}
			)
		));
	it('a larger body never gets a smaller label', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 66, max: 138, noNaN: true }),
				fc.double({ min: 0, max: 4, noNaN: true }),
				(bust, more) => {
					const at = (cm: number) => {
						const label = labelOf(bestSize(body(cm), letters, blouse));
						return letters.findIndex((row) => row.label === label);
					};
					expect(at(bust + more)).toBeGreaterThanOrEqual(at(bust));
				}
			)
		));
});

describe('what was tried', () => {
	const one = body(86);
	const advised = (notes: FitNote[]) => bestSize(one, numbers, blouse, notes);
	it('three times too small of the size advised moves the advice up by one, with the reason; two do not', () => {
		expect(labelOf(advised([]))).toBe('UK 10');
		expect(labelOf(advised([note('UK 10', 'small'), note('UK 10', 'small')]))).toBe('UK 10');
		const moved = advised(Array.from({ length: 3 }, () => note('UK 10', 'small')));
		expect(moved).toMatchObject({ label: 'UK 12', memory: { shift: 1, notes: 3, of: 3 } });
		expect('words' in moved && moved.words.join()).toMatch(/larger than the chart says: 3 of 3/);
	});
	it('too large moves it down, and the one answers the other', () => {
		expect(labelOf(advised(Array.from({ length: 3 }, () => note('UK 10', 'large'))))).toBe('UK 8');
		expect(labelOf(advised([...'abc'].map((_, i) => note('UK 10', i % 2 ? 'small' : 'large'))))).toBe(
			'UK 10'
		);
	});
	it('of a label under the advised one says nothing against it', () =>
		expect(labelOf(advised(Array.from({ length: 9 }, () => note('UK 8', 'small'))))).toBe('UK 10'));
	it('however often it is said, it moves no further than one note says', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						at: fc.integer({ min: 0, max: 6 }),
						verdict: fc.constantFrom('small', 'right', 'large')
					}),
					{
						maxLength: 30
					}
				),
				fc.integer({ min: 0, max: 6 }),
				(said, from) => {
					const labels = numbers.map(({ label }) => label);
					const notes = said.map(({ at, verdict }) => note(labels[at] ?? '', verdict as FitNote['verdict']));
					const { shift } = remembered(notes, labels, from);
					const furthest = Math.max(
						0,
						...said.map(({ at, verdict }) => Math.abs(at + { small: 1, right: 0, large: -1 }[verdict] - from))
					);
					expect(Math.abs(shift)).toBeLessThanOrEqual(furthest);
					expect(from + shift).toBeGreaterThanOrEqual(0);
					expect(from + shift).toBeLessThan(labels.length);
					// The other way round it moves the other way.
					expect(remembered([...notes].reverse(), labels, from).shift).toBe(shift);
				}
			)
		));
	it('makes the advice surer', () => {
		const before = advised([]);
		const after = advised([note('UK 10', 'right')]);
		expect('confidence' in after && 'confidence' in before && after.confidence > before.confidence).toBe(
			true
		);
	});
});

describe('the size of a listing', () => {
	const shop = makeShop(1);
	const skirt = makeListing(1, garment('skirt', ['black']), 1000);
	it('is what suits and is in stock', () => {
		const one = client({ measurements: { bust: 92, hip: 95 } });
		expect(sizeOfListing(one, skirt, shop)).toMatchObject({ state: 'suits', label: 'S' });
		expect(sizeOfListing(one, makeListing(2, blouse, 1000), shop)).toMatchObject({
			state: 'sold-out',
			label: 'M'
		});
	});
	it('is not to be had where the shop has no row for the body', () => {
		expect(sizeOfListing(client({ measurements: { hip: 140 } }), skirt, shop)).toEqual({ state: 'none' });
		expect(sizeOfListing(makeClient(), skirt, shop)).toEqual({ state: 'unknown', missing: 'hip' });
	});
	it('learns from this shop and kind only', () => {
		const one = client({ measurements: { bust: 84 } });
		const top = makeListing(2, blouse, 1000, { sizes: ['S', 'M'].map((label) => ({ label, inStock: 1 })) });
		const small = Array.from({ length: 3 }, () => note('S', 'small'));
		expect(sizeOfListing(one, top, shop, small)).toMatchObject({ label: 'M' });
		expect(
			sizeOfListing(
				one,
				top,
				shop,
				small.map((each) => ({ ...each, shop: 'Another' }))
			)
		).toMatchObject({
			label: 'S'
		});
		expect(
			sizeOfListing(
				one,
				top,
				shop,
				small.map((each) => ({ ...each, of: 'coat' as const }))
			)
		).toMatchObject({ label: 'S' });
	});
	it('is one where there is one', () => {
		const bag = makeListing(3, garment('handbag'), 1000, { sizes: [{ label: 'one size', inStock: 1 }] });
		expect(sizeOfListing(makeClient(), bag, shop)).toEqual({ state: 'one-size', label: 'one size' });
	});
});

describe('sizes of other systems', () => {
	// EU = 1.5 × last in cm; UK = 3 × last in inches − 25; US men one above UK; US women about 1.5 above US men (values from memory).
	it.each([
		[22.5, { mondopoint: 225, eu: 36, uk: 3.5, usMen: 4.5, usWomen: 6 }],
		[24.5, { mondopoint: 245, eu: 39, uk: 5.5, usMen: 6.5, usWomen: 8 }],
		[28, { mondopoint: 280, eu: 44.5, uk: 10, usMen: 11, usWomen: 12.5 }]
	])('a foot of %d cm', (footCm, sizes) => expect(shoeSizes(footCm)).toEqual(sizes));
	it('EU sizes go back to the foot within a quarter of a size', () =>
		fc.assert(
			fc.property(fc.double({ min: 20, max: 32, noNaN: true }), (foot) => {
				expect(Math.abs(footOfEu(shoeSizes(foot).eu) - foot)).toBeLessThanOrEqual(0.25 / 1.5 + 1e-9);
			})
		));
	it('refuses what is no foot', () => expect(() => shoeSizes(245)).toThrow(RangeError));
	it('has the letters of men and women', () => {
		expect(letterFor(101, 'men')).toBe('M');
		expect(letterFor(101, 'women')).toBe('L');
		expect(letterFor(60, 'women')).toBeUndefined();
		expect(mensLetters).toHaveLength(womensLetters.length);
	});
	it.each([
		['UK 10', 'EU', 'EU 38'],
		['EU 38', 'US', 'US 6'],
		['US 6', 'UK', 'UK 10'],
		['uk 8 petite', 'EU', 'EU 36']
	] as const)('%s in %s is %s, give or take one', (label, to, as) =>
		expect(convertedSize(label, to)).toEqual({ label: as, uncertainty: 1 })
	);
	it('converts no letters and no odd numbers', () => {
		expect(convertedSize('M', 'EU')).toBeUndefined();
		expect(convertedSize('UK 11', 'EU')).toBeUndefined();
	});
});
