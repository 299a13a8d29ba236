import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { heights } from '../body/heights';
import { asTried } from './as-tried';

const swatch = (hex: string, share = 1) => ({ hex, share, provenance: 'measured' as const });
const body = { stature: 160 };

describe('what a try-on measures beside what was planned', () => {
	const skirt = { ...garment('pencil-skirt', [], { hemLength: 'knee' }), palette: [swatch('#1d2a44')] };
	it('says by how many cm a hem ends higher or lower, and nothing of what a photograph cannot tell', () => {
		const at = (to: number) => asTried({ garment: skirt }, { palette: [], to }, body);
		const knee = at(heights.knee)[0]!;
		expect(knee.kind).toBe('hem');
		const by = (cm: number) => {
			const [one] = at(heights.knee + cm / 160);
			return one?.kind === 'hem' ? one.higherCm : undefined;
		};
		const planned = by(0)!;
		expect(by(10)! - planned).toBe(10);
		expect(by(-7)! - planned).toBe(-7);
	});
	it('takes the thing’s own length before the name of its hem', () => {
		const [one] = asTried({ garment: skirt, lengthCm: 40 }, { palette: [], to: heights.waist - 0.25 }, body);
		expect(one).toEqual({ kind: 'hem', higherCm: 0 });
	});
	it('cloth that is longer than the body ends on the floor, and is planned to', () => {
		const gown = garment('evening-gown', [], { hemLength: 'floor' });
		const told = (heelCm: number, to: number) =>
			asTried({ garment: gown, lengthCm: 170 }, { palette: [], to }, body, heelCm);
		expect(told(0, 0)).toEqual([{ kind: 'hem', higherCm: 0 }]);
		expect(told(8, -0.05)).toEqual([{ kind: 'hem', higherCm: 0 }]);
		expect(told(8, 0)).toEqual([{ kind: 'hem', higherCm: 8 }]);
	});
	it('tells a colour that is the same in another light from one that is another', () => {
		const says = (hex: string) => {
			const [one] = asTried({ garment: skirt }, { palette: [swatch(hex)] }, body);
			return one?.kind === 'colour' ? one.says : undefined;
		};
		expect(says('#1d2a44')).toBe('same');
		expect(says('#202e4a')).toBe('same');
		expect(says('#8a1f2b')).toBe('other');
	});
	it('compares sleeves by what they are called, stated or usual', () => {
		const blouse = garment('blouse', [], { sleeveLength: 'three-quarter' });
		expect(asTried({ garment: blouse }, { palette: [], sleeve: 'long' }, body)).toContainEqual(
			expect.objectContaining({ kind: 'sleeve', same: false })
		);
		expect(asTried({ garment: blouse }, { palette: [], sleeve: 'three-quarter' }, body)).toContainEqual(
			expect.objectContaining({ kind: 'sleeve', same: true })
		);
	});
	it('says nothing where nothing was measured', () =>
		expect(asTried({ garment: skirt }, { palette: [] }, body)).toEqual([]));
});
