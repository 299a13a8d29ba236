import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { readLook } from '../reading';
import { hemLanding, seatCoverCm } from './hem-landing';
import { landingsOf, type WornHem } from './hems';
import { heights } from './heights';

describe('heights of the body', () => {
	it('are those of Drillis & Contini 1966, as tabled in Winter (values from memory)', () => {
		const { ankle, knee, hip, fingertip, wrist, elbow, shoulder, chin, eye } = heights;
		expect([ankle, knee, hip, fingertip, wrist, elbow, shoulder, chin, eye]).toEqual([
			0.039, 0.285, 0.53, 0.377, 0.485, 0.63, 0.818, 0.87, 0.936
		]);
	});
});

describe('where a hem lands', () => {
	const skirt = garment('pencil-skirt', ['navy'], { hemLength: 'knee' });

	it('is where its name says on the stature that it is cut for', () => {
		const landing = hemLanding(skirt, { stature: 168 });
		expect(landing?.atStature).toBeCloseTo(heights.knee, 10);
		expect(landing).toMatchObject({ words: 'at the knee', measured: false });
	});
	it('falls lower on a shorter client and higher on a taller one', () => {
		expect(hemLanding(skirt, { stature: 152 })?.words).toBe('a little below the knee');
		expect(hemLanding(skirt, { stature: 184 })?.words).toBe('a little above the knee');
	});
	it('follows a measured length, hung from the waist or the shoulder point', () => {
		// By hand: .61 · 160 − 70 = 27.6 cm; .845 · 160 − 100 = 35.2 cm.
		expect(hemLanding(skirt, { stature: 160 }, { lengthCm: 70 })).toMatchObject({ measured: true });
		expect(hemLanding(skirt, { stature: 160 }, { lengthCm: 70 })?.aboveFloorCm).toBeCloseTo(27.6, 10);
		const dress = garment('shift-dress', ['navy']);
		expect(hemLanding(dress, { stature: 160 }, { lengthCm: 100 })?.aboveFloorCm).toBeCloseTo(35.2, 10);
	});
	it('is lifted off the floor by the heel, and stays where it is on the body', () => {
		const long = garment('wide-leg-trousers', ['black'], { legLength: 'floor' });
		const flat = hemLanding(long, { stature: 156 }, { heelCm: 0 });
		const high = hemLanding(long, { stature: 156 }, { heelCm: 9 });
		expect(flat?.words).toBe('on the floor, trailing');
		expect((high?.aboveFloorCm ?? 0) - (flat?.aboveFloorCm ?? 0)).toBeCloseTo(9, 10);
		expect(high?.atStature).toBe(flat?.atStature);
		expect(high?.words).not.toBe('on the floor, trailing');
	});
	it('of trousers goes by a measured inside leg where there is one', () => {
		const trousers = garment('trousers', ['black'], { legLength: 'full' });
		const shortLegs = hemLanding(trousers, { stature: 168, inseam: 74 });
		const usual = hemLanding(trousers, { stature: 168 });
		expect((usual?.aboveFloorCm ?? 0) - (shortLegs?.aboveFloorCm ?? 0)).toBeCloseTo(0.47 * 168 - 74, 10);
	});
	it('is not guessed without a stature, nor for what has no hem', () => {
		expect(hemLanding(skirt, {})).toBeUndefined();
		expect(hemLanding(garment('handbag', ['navy']), { stature: 168 })).toBeUndefined();
	});
});

describe('the length that covers the seat', () => {
	it('ends a hand below the crotch', () => {
		// By hand: .845 · 160 − (.47 · 160 − 8) = 68 cm; with an inside leg of 70: 135.2 − 62 = 73.2 cm.
		expect(seatCoverCm({ stature: 160 })).toBeCloseTo(68, 10);
		expect(seatCoverCm({ stature: 160, inseam: 70 })).toBeCloseTo(73.2, 10);
		expect(seatCoverCm({})).toBeUndefined();
	});
});

describe('the hems of a look on a client', () => {
	const worn = (text: string, rest: Partial<WornHem> = {}): WornHem[] =>
		readLook(text).elements.map(({ garment: one, moves }, i) => ({
			id: `${i}`,
			garment: one,
			moves,
			...rest
		}));
	const petite = { stature: 154, inseam: 70 };

	it('end lower on a short body than on the reference, by so many centimetres', () => {
		const [asked] = worn('midi skirt');
		const [found] = landingsOf(worn('midi skirt', { asked: asked?.garment }), petite);
		expect(found?.lowerCm).toBeGreaterThan(3);
		expect(found?.landing.measured).toBe(false);
	});
	it('lie on the floor in flat shoes and clear it in heels', () => {
		const trousers = { lengthCm: 96 };
		const flat = landingsOf([...worn('wide-leg trousers', trousers), ...worn('black flats')], petite);
		const high = landingsOf([...worn('wide-leg trousers', trousers), ...worn('stilettos')], petite);
		expect((high[0]?.landing.aboveFloorCm ?? 0) - (flat[0]?.landing.aboveFloorCm ?? 0)).toBeGreaterThan(6);
	});
	it('are of the usual length of the kind where nobody said', () =>
		expect(landingsOf(worn('skirt'), petite)).toHaveLength(1));
	it('of a top tell whether it covers the seat, meets the waistband and stays tucked', () => {
		const notes = (text: string, length: number) =>
			landingsOf([...worn(text, { lengthCm: length }), ...worn('high-rise trousers')], petite).flatMap(
				(one) => one.notes
			);
		expect(notes('white shirt', 80)).toContain('covers the seat');
		expect(notes('white shirt', 30).join()).toMatch(/bare above the waistband/);
		expect(notes('white shirt tucked in', 60)).toContain('stays tucked');
		expect(notes('white shirt tucked in', 40).join()).toMatch(/comes out/);
	});
	it('are none without a height', () => expect(landingsOf(worn('skirt'), {})).toEqual([]));
});
