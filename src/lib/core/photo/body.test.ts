import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { heights } from '../body/heights';
import { facetOf, type FacetId } from '../lexicon/facets';
import { bodyMarkIds, type BodyMarkId, type BodyMarks } from '../model/photo';
import {
	bodyScale,
	maskOf,
	marksOfPose,
	measuredShape,
	onBody,
	placeOnBody,
	readPhoto,
	regionOf,
	shapeDisputes,
	sleeveInWords,
	withMeasuredShape,
	type OnBody,
	type Pixels,
	type PosePoint,
	type Spot
} from '.';

const size = { width: 200, height: 400 };
const markHeights: Record<BodyMarkId, number> = {
	crown: 1,
	shoulder: heights.shoulder,
	elbow: heights.elbow,
	wrist: heights.wrist,
	waist: heights.waist,
	crotch: heights.crotch,
	knee: heights.knee,
	ankle: heights.ankle
};
const onArm: readonly BodyMarkId[] = ['shoulder', 'elbow', 'wrist'];

/** A body that stands somewhere on the picture, leaning by an angle: where a height and a distance aside lie in pixels. */
interface Standing {
	foot: Spot;
	stature: number;
	lean: number;
}
const standing: Standing = { foot: { x: 100, y: 380 }, stature: 360, lean: 0 };
const spotAt = ({ foot, stature, lean }: Standing, height: number, aside = 0): Spot => ({
	x: foot.x + stature * (height * Math.sin(lean) + aside * Math.cos(lean)),
	y: foot.y - stature * (height * Math.cos(lean) - aside * Math.sin(lean))
});
const marksOf = (body: Standing, picture = size): BodyMarks =>
	Object.fromEntries(
		bodyMarkIds.map((id) => {
			const { x, y } = spotAt(body, markHeights[id], onArm.includes(id) ? -0.14 : 0);
			return [id, { x: x / picture.width, y: y / picture.height }];
		})
	);
const scaleOf = (body: Standing) => {
	const scale = bodyScale(marksOf(body), size);
	if (!scale) throw new Error('no body');
	return scale;
};
const heightOf = (scale: ReturnType<typeof bodyScale>, { x, y }: Spot) => scale?.placeOf(x, y).height;
const bodies = fc.record({
	foot: fc.record({ x: fc.double({ min: 60, max: 140, noNaN: true }), y: fc.constant(380) }),
	stature: fc.double({ min: 120, max: 360, noNaN: true }),
	lean: fc.double({ min: -0.15, max: 0.15, noNaN: true })
});

/** A grey picture. */
const plain: Pixels = { ...size, data: new Uint8Array(size.width * size.height * 4).fill(128) };
/** What lies between two heights and within a distance aside. */
function band(body: Standing, from: number, to: number, half = 0.08, middle = 0) {
	const scale = scaleOf(body);
	const mask = Uint8Array.from({ length: size.width * size.height }, (_, at) => {
		const { height, aside } = scale.placeOf((at % size.width) + 0.5, Math.floor(at / size.width) + 0.5);
		return height <= from && height >= to && Math.abs(aside - middle) <= half ? 1 : 0;
	});
	const region = regionOf(mask, size);
	if (!region) throw new Error('an empty band');
	return region;
}
const reachOf = (from: number, to: number) => onBody(plain, band(standing, from, to), scaleOf(standing))!;

describe('the marks of a body', () => {
	it('say the height and the distance of every place, wherever it stands and however it leans', () =>
		fc.assert(
			fc.property(
				bodies,
				fc.double({ min: -0.02, max: 1, noNaN: true }),
				fc.double({ min: -0.1, max: 0.1, noNaN: true }),
				(body, height, aside) => {
					const scale = scaleOf(body);
					const spot = spotAt(body, height, aside);
					const place = scale.placeOf(spot.x, spot.y);
					expect(place.height).toBeCloseTo(height, 6);
					expect(Math.abs(place.aside)).toBeCloseTo(Math.abs(aside), 6);
					expect(scale.stature).toBeCloseTo(body.stature, 6);
				}
			)
		));

	it('do with those that are left, as long as they reach over a fifth of the stature', () =>
		fc.assert(
			fc.property(bodies, fc.subarray([...bodyMarkIds]), (body, ids) => {
				const all = marksOf(body);
				const marks = Object.fromEntries(ids.map((id) => [id, all[id]]));
				const scale = bodyScale(marks, size);
				const middle = ids.filter((id) => !onArm.includes(id)).map((id) => markHeights[id]);
				if (middle.length >= 2 && Math.max(...middle) - Math.min(...middle) > 0.2) {
					for (const height of middle) expect(heightOf(scale, spotAt(body, height))).toBeCloseTo(height, 6);
				} else if (middle.length < 2 && !ids.includes('shoulder')) expect(scale).toBeUndefined();
			})
		));

	it('stand for no body where they do not follow one another', () => {
		const marks = marksOf(standing);
		expect(bodyScale({ ...marks, knee: marks.crown! }, size)).toBeUndefined();
		expect(bodyScale({}, size)).toBeUndefined();
	});

	it('follow from the joints that a pose model sees', () =>
		fc.assert(
			fc.property(bodies, (body) => {
				const joints: Record<number, number> = {
					11: 0.8,
					13: 0.63,
					15: 0.485,
					23: 0.498,
					25: 0.264,
					27: 0.058
				};
				const points: PosePoint[] = Array.from({ length: 33 }, (_, i) => {
					const height = joints[i] ?? joints[i - 1] ?? 0.5;
					return { ...spotAt(body, height, (i % 2 === 1 ? -1 : 1) * 0.1), seen: 1 };
				});
				const marks = marksOfPose(points, size);
				const scale = bodyScale(marks, size);
				for (const height of [0.9, heights.waist, heights.hip, heights.knee, 0.1])
					expect(heightOf(scale, spotAt(body, height))).toBeCloseTo(height, 2);
			})
		));

	it('are left out where a joint is not seen or lies outside of the picture', () => {
		const points: PosePoint[] = Array.from({ length: 33 }, (_, i) => ({
			x: 100,
			y: 10 * i,
			seen: i < 25 ? 1 : 0
		}));
		expect(marksOfPose(points, size)).not.toHaveProperty('knee');
		expect(marksOfPose(points, { width: 50, height: 400 })).toEqual({});
	});
});

describe('what is measured of a shape', () => {
	const kinds: [FacetId, string, (to: number) => OnBody][] = [
		['hemLength', 'dress', (to) => reachOf(0.8, to)],
		['legLength', 'trousers', (to) => reachOf(0.6, to)],
		['topLength', 'shirt', (to) => reachOf(0.8, to)]
	];
	it.each(kinds)(
		'finds every value of %s at its own height (heights of the lexicon)',
		(facet, type, reach) => {
			for (const { id, at = 0 } of facetOf(facet).values) {
				if (at < 0.01) continue;
				const read = measuredShape(type, reach(at), []).find((one) => one.facet === facet);
				expect(read, id).toMatchObject({ value: id });
				expect(read!.sure).toBeGreaterThan(0);
				expect(read!.sure).toBeLessThanOrEqual(0.85);
			}
		}
	);

	it('says of a hem at the floor that it is there, and never that it lies in folds', () => {
		for (const to of [0, 0.002, 0.005, 0.01])
			expect(measuredShape('trousers', { from: 0.6, to, marked: [1, 0.5, 0.04] }, [])).toContainEqual(
				expect.objectContaining({ facet: 'legLength', value: 'floor' })
			);
	});

	it('takes no step down a scale when a hem is let down', () =>
		fc.assert(
			fc.property(
				fc.tuple(
					fc.double({ min: 0.02, max: 0.5, noNaN: true }),
					fc.double({ min: 0.02, max: 0.5, noNaN: true })
				),
				([a, b]) => {
					const order = facetOf('hemLength').values.map(({ id }) => id);
					const at = (to: number) =>
						order.indexOf(
							measuredShape('dress', { from: 0.8, to, marked: [1, 0.5, 0.04] }, []).find(
								({ facet }) => facet === 'hemLength'
							)!.value
						);
					expect(at(Math.min(a, b))).toBeGreaterThanOrEqual(at(Math.max(a, b)));
				}
			)
		));

	it('is less sure near the border of two values, and far from every mark', () => {
		const sureOf = (to: number, marked = [0.285, 0.2]) =>
			measuredShape('dress', { from: 0.8, to, marked }, [])[0]!.sure;
		expect(sureOf(0.285)).toBeGreaterThan(sureOf(0.24));
		expect(sureOf(0.285)).toBeGreaterThan(sureOf(0.285, [1, 0.818]));
	});

	const on = (from: number, to: number, more: Partial<OnBody> = {}): OnBody => ({
		from,
		to,
		marked: [1, 0.61, 0.285, 0.04],
		...more
	});
	const facetsOf = (type: string, reach: OnBody, beside: { type: string; on: OnBody }[] = []) =>
		measuredShape(type, reach, beside).map(({ facet }) => facet);
	it('claims nothing of what another garment may hide', () => {
		const boots = { type: 'ankle-boots', on: on(0.14, 0) };
		expect(facetsOf('jeans', on(0.6, 0.14))).toContain('legLength');
		expect(facetsOf('jeans', on(0.6, 0.14), [boots])).not.toContain('legLength');
		const skirt = { type: 'skirt', on: on(0.61, 0.2) };
		expect(facetsOf('shirt', on(0.82, 0.61), [skirt])).not.toContain('topLength');
		expect(facetsOf('shirt', on(0.82, 0.5), [skirt])).toContain('topLength');
		const jumper = { type: 'jumper', on: on(0.82, 0.55) };
		expect(facetsOf('trousers', on(0.55, 0.03), [jumper])).not.toContain('rise');
		expect(facetsOf('trousers', on(0.61, 0.03), [jumper])).toContain('rise');
		const short = on(0.82, 0.5, { sleeve: { to: 0.3, bare: true } });
		const blazer = { type: 'blazer', on: on(0.82, 0.5, { sleeve: { to: 1, bare: false } }) };
		expect(facetsOf('shirt', short)).toContain('sleeveLength');
		expect(facetsOf('shirt', short, [blazer])).not.toContain('sleeveLength');
		expect(facetsOf('shirt', on(0.82, 0.5, { sleeve: { to: 0, bare: false } }))).not.toContain(
			'sleeveLength'
		);
	});

	it('fills in what was not said and overwrites nothing', () => {
		const skirt = garment('skirt', ['navy'], { hemLength: 'knee' });
		const shape = measuredShape('skirt', on(0.61, 0.18), []);
		const measured = withMeasuredShape(skirt, shape);
		expect(measured.facets.hemLength).toEqual(skirt.facets.hemLength);
		expect(shapeDisputes(skirt, shape)).toContainEqual({ facet: 'hem', said: 'knee', measured: 'midi' });
		const open = withMeasuredShape(garment('skirt', ['navy']), shape);
		expect(open.facets.hemLength).toEqual({ value: 'midi', provenance: 'measured' });
		expect(shapeDisputes(open, shape)).toEqual([]);
	});
});

describe('a region on a body', () => {
	it('reaches as far as it was drawn, on bodies of all sizes that lean', () =>
		fc.assert(
			fc.property(
				bodies,
				fc.double({ min: 0.55, max: 0.8, noNaN: true }),
				fc.double({ min: 0.1, max: 0.45, noNaN: true }),
				(body, from, to) => {
					const reach = onBody(plain, band(body, from, to), scaleOf(body));
					const pixel = 2.5 / body.stature;
					expect(Math.abs((reach?.from ?? 0) - from)).toBeLessThan(pixel);
					expect(Math.abs((reach?.to ?? 0) - to)).toBeLessThan(pixel);
				}
			),
			{ numRuns: 30 }
		));

	it('claims no hem where the picture ends, and claims it a little above', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 0.4, noNaN: true }),
				fc.double({ min: -0.12, max: 0.12, noNaN: true }),
				fc.constantFrom('dress', 'skirt', 'overcoat'),
				(end, lean, type) => {
					const body = { foot: { x: 100, y: size.height + 360 * end }, stature: 360, lean };
					const facetsOf = (to: number) => {
						const reach = onBody(plain, band(body, 0.8, to), scaleOf(body))!;
						expect(reach.cut?.below ?? false).toBe(to < end);
						expect(reach.cut?.above ?? false).toBe(false);
						return measuredShape(type, reach, []).map(({ facet }) => facet);
					};
					expect(facetsOf(end - 0.05)).not.toContain('hemLength');
					expect(facetsOf(end + 0.06)).toContain('hemLength');
				}
			),
			{ numRuns: 30 }
		));
	it('claims no rise where the picture begins below the waist', () => {
		const body = { foot: { x: 100, y: 380 }, stature: 700, lean: 0 };
		const reach = onBody(plain, band(body, 0.6, 0.1), scaleOf(body))!;
		expect(reach.cut).toEqual({ above: true, below: false });
		expect(measuredShape('trousers', reach, []).map(({ facet }) => facet)).toEqual(['legLength']);
	});

	it('is none beside the body', () =>
		expect(onBody(plain, band(standing, 0.5, 0.4, 0.05, 0.2), scaleOf(standing))).toBeUndefined());

	it('covers the arm as far as its sleeve reaches, and sees skin where it ends', () => {
		const scale = scaleOf(standing);
		const arm = (along: number) => heights.shoulder + (heights.wrist - heights.shoulder) * along;
		const trunk = maskOf(band(standing, 0.82, 0.5), size);
		for (const length of [0.3, 0.52, 0.74]) {
			const sleeve = maskOf(band(standing, 0.83, arm(length), 0.03, -0.14), size);
			const flipped = maskOf(band(standing, 0.83, arm(length), 0.03, 0.14), size);
			const region = regionOf(
				Uint8Array.from(trunk, (inside, at) => inside || sleeve[at] || flipped[at] || 0),
				size
			)!;
			const cloth = maskOf(region, size);
			const data = new Uint8Array(size.width * size.height * 4).fill(255);
			cloth.forEach((inside, at) => data.set(inside ? [20, 30, 90] : [196, 148, 120], at * 4));
			const dressed = { ...size, data };
			const reach = readPhoto(dressed, region, { body: scale })?.onBody;
			expect(reach?.sleeve?.to).toBeCloseTo(length, 1);
			expect(reach?.sleeve?.bare).toBe(true);
			expect(readPhoto(dressed, region)?.onBody).toBeUndefined();
		}
	});

	it('is said in the words of the trade', () => {
		expect(placeOnBody(0.285)).toBe('the knee');
		expect(placeOnBody(0.95)).toBe('the head');
		const words = (to: number, bare: boolean) =>
			sleeveInWords({ from: 0.82, to: 0.5, marked: [1], sleeve: { to, bare } });
		expect(words(0.72, true)).toBe('three-quarter sleeves');
		expect(words(0, true)).toBe('sleeveless');
		expect(words(0.98, false)).toBe('long sleeves');
		expect(words(0.4, false)).toBeUndefined();
	});
});
