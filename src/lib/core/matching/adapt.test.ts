import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient } from '../../../../tests/records';
import { checkLook } from '../checks/check-look';
import { asWorn } from '../checks/mistakes';
import { scoreLook } from '../closeness/look';
import { materials } from '../lexicon/materials';
import { families } from '../lexicon/types';
import { wearableCloth } from '../lexicon/wearable-cloth';
import { adaptLook } from './adapt';

const stage = {
	elements: [
		element(1, garment('blazer', ['black'], { material: 'wool' })),
		element(2, garment('skirt', ['red'], { hemLength: 'mini' })),
		element(3, garment('stilettos', ['black'], { heelHeight: 'very-high' })),
		element(4, garment('hoops', ['gold']))
	]
};
const client = (rest: Parameters<typeof makeClient>[0]) => makeClient({ wishedEffects: [], ...rest });
const limits = (never: string[], maxHeelCm?: number) => ({ limits: { never, maxHeelCm } });
const valueOf = (
	look: ReturnType<typeof adaptLook>,
	n: number,
	facet: 'material' | 'hemLength' | 'heelHeight'
) => look.elements[n]?.garment.facets[facet]?.value;

describe('a wearable version', () => {
	it('changes nothing where nothing speaks against the look', () => {
		const adapted = adaptLook(stage, client(limits([])));
		expect(adapted).toMatchObject({ changes: [], open: [] });
		expect(adapted.score).toBeCloseTo(100, 10);
		expect(adapted.elements).toEqual(stage.elements);
	});
	it('obeys a hem that is never worn, by the nearest one that is', () => {
		const adapted = adaptLook(stage, client(limits(['above the knee'])));
		expect(adapted.changes).toHaveLength(1);
		expect(valueOf(adapted, 1, 'hemLength')).toBe('knee');
	});
	it('lowers a heel to the limit and no further', () => {
		const adapted = adaptLook(stage, client(limits([], 7)));
		expect(valueOf(adapted, 2, 'heelHeight')).toBe('mid');
	});
	it('takes another cloth for one that is avoided, one that the trade takes', () => {
		const adapted = adaptLook(stage, client({ ...limits([]), avoidMaterials: ['wool'] }));
		expect(wearableCloth.tailored?.wool).toContain(valueOf(adapted, 0, 'material'));
	});
	it('answers the weather of the event', () => {
		const hot = { weather: { airC: 29, rain: false }, dressCode: '' };
		const adapted = adaptLook(stage, client(limits([])), { event: hot });
		expect(valueOf(adapted, 0, 'material')).not.toBe('wool');
	});
	it('prices each change, and the prices add up to what the version loses', () => {
		const adapted = adaptLook(stage, client({ ...limits(['above the knee'], 5), avoidMaterials: ['wool'] }));
		expect(adapted.changes).toHaveLength(3);
		const lost = adapted.changes.reduce((sum, { points }) => sum + points, 0);
		expect(adapted.score + lost).toBeCloseTo(100, 8);
		const worn = adapted.elements.map(({ id, garment: of, moves }) => ({
			elementId: id,
			state: 'items' as const,
			garments: [of],
			movesDone: moves
		}));
		expect(scoreLook(stage, worn).score).toBeCloseTo(adapted.score, 8);
	});
	it('leaves no finding that it set out to answer', () => {
		const who = client({ ...limits(['above the knee'], 5), avoidMaterials: ['wool'] });
		const adapted = adaptLook(stage, who);
		const after = checkLook(asWorn(adapted.elements), { client: who });
		expect(after.filter(({ rule }) => ['client-limits', 'high-for-long'].includes(rule))).toEqual([]);
		expect(adapted.open).toEqual([]);
	});
	it('keeps a signature feature where another change will do', () => {
		// The bare arm is the signature: the jacket's cloth goes, not its sleeve.
		const signed = {
			elements: [element(1, garment('dress', ['red'], { hemLength: 'mini' }), { signature: ['palette'] })]
		};
		const adapted = adaptLook(signed, client(limits(['above the knee'])));
		expect(adapted.elements[0]?.garment.palette).toEqual(signed.elements[0]?.garment.palette);
	});
});

describe('the cloths taken instead', () => {
	it('are cloths that there are, of families that there are', () => {
		const known = materials.map(({ id }) => id);
		for (const [family, cloths] of Object.entries(wearableCloth)) {
			if (family !== 'any')
				expect(
					families.some(({ id }) => id === family),
					family
				).toBe(true);
			for (const [from, to] of Object.entries(cloths)) {
				expect(known, from).toContain(from);
				for (const one of to) expect(known, one).toContain(one);
			}
		}
	});
});
