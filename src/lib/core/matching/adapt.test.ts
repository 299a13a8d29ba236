import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeListing, makeShop, uuid } from '../../../../tests/records';
import { checkLook } from '../checks/check-look';
import { asWorn } from '../checks/mistakes';
import { scoreLook } from '../closeness/look';
import { materials } from '../lexicon/materials';
import { families } from '../lexicon/types';
import { wearableCloth } from '../lexicon/wearable-cloth';
import { adaptLook } from './adapt';
import type { Offer } from './win-back';

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

describe('a wearable version from what there is', () => {
	const who = client(limits(['above the knee']));
	const offer = (title: string, of: ReturnType<typeof garment>, price?: number): Offer => ({
		key: title,
		title,
		garment: of,
		...(price === undefined
			? { item: { source: 'piece', pieceId: uuid(90), partId: uuid(91) } }
			: {
					item: {
						source: 'listing',
						listing: makeListing(90, of, price),
						shop: makeShop(1),
						seenOn: '2026-11-30'
					},
					cost: { amountMinor: price, currency: 'GBP' }
				})
	});
	const skirt = (colour: string, hemLength: 'mini' | 'midi') => garment('skirt', [colour], { hemLength });
	const version = (offers: Offer[], look = stage) =>
		adaptLook(look, who, {
			offersFor: (id) => (id === look.elements[1]?.id || look !== stage ? offers : [])
		});
	const wordsOf = (adapted: ReturnType<typeof adaptLook>) => adapted.changes.map(({ words }) => words);

	it('wears what is owned and obeys, before anything is made up', () => {
		const adapted = version([
			offer('Red mini', skirt('red', 'mini')),
			offer('Red midi', skirt('red', 'midi')),
			offer('Red midi for sale', skirt('red', 'midi'), 1850)
		]);
		expect(wordsOf(adapted)).toEqual(['Red midi, owned']);
		expect(adapted.elements[1]?.garment).toEqual(skirt('red', 'midi'));
		expect(adapted.score + adapted.changes[0]!.points).toBeCloseTo(100, 8);
	});
	it('then what the shops have, with its price', () =>
		expect(
			wordsOf(
				version([offer('Red mini', skirt('red', 'mini')), offer('For sale', skirt('red', 'midi'), 1850)])
			)
		).toEqual(['For sale, £18.50']));
	it('changes the feature where neither comes near', () => {
		const far = offer('Sequinned lime maxi', garment('lehenga', ['lime'], { hemLength: 'floor' }));
		expect(wordsOf(version([far]))).toEqual(wordsOf(version([])));
	});
	it('wears nothing about which something would be left to change', () => {
		const woollen = offer('Woollen midi', garment('skirt', ['red'], { hemLength: 'midi', material: 'wool' }));
		const strict = client({ ...limits(['above the knee']), avoidMaterials: ['wool'] });
		const adapted = adaptLook({ elements: [element(2, skirt('red', 'mini'))] }, strict, {
			offersFor: () => [woollen]
		});
		expect(adapted.changes.map(({ change }) => change.kind)).toEqual(['change']);
	});
	it('wears a thing for one element only', () => {
		const twins = {
			elements: [element(1, garment('bangle', ['red'])), element(2, garment('bangle', ['red']))]
		};
		const blue = offer('Blue bangle', garment('bangle', ['blue']));
		const adapted = adaptLook(twins, client(limits(['no red'])), { offersFor: () => [blue] });
		expect(adapted.changes.map(({ change }) => change.kind).sort()).toEqual(['change', 'wear']);
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
