import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient } from '../../../../tests/records';
import { ethicalMaterials } from '../lexicon/brief';
import { materialKinds } from '../lexicon/limit-properties';
import { ethicsOf } from '../model/client';
import { barsFor, mayWear } from './bars';

const never = (...materials: (typeof ethicalMaterials)[number][]) =>
	makeClient({ ethics: ethicsOf(Object.fromEntries(materials.map((one) => [one, 'never']))) });
const preOwned = makeClient({ ethics: ethicsOf({ fur: 'pre-owned', leather: 'pre-owned' }) });
const boughtNew = { tier: 'middle', condition: 'new' } as const;
const secondHand = { tier: 'middle', condition: 'good' } as const;

describe('what a client does not wear for its making', () => {
	it('is found by the material that the name says', () => {
		expect(barsFor(never('leather'), garment('biker-jacket', ['black']))[0]?.words).toMatch(
			/leather.*usually/
		);
		expect(mayWear(never('leather'), { garment: garment('shearling-coat', ['brown']) })).toBe(false);
		expect(mayWear(never('fur'), { garment: garment('shearling-coat', ['brown']) })).toBe(false);
	});
	it('is found in every material that is of its kind', () => {
		for (const kind of ethicalMaterials)
			for (const material of materialKinds[kind].is.filter((value) => value !== 'boucle'))
				expect(mayWear(never(kind), { garment: garment('jacket', ['black'], { material }) }), material).toBe(
					false
				);
	});
	it('is not found in the imitation', () => {
		for (const material of ['imitation-leather', 'faux-fur'])
			expect(barsFor(never('fur', 'leather'), garment('jacket', ['black'], { material })), material).toEqual(
				[]
			);
	});
	it('is asked where neither word nor kind tells', () => {
		const [told] = barsFor(never('fur'), garment('trapper-hat', ['brown']));
		expect(told).toEqual({ words: 'no fur for this client; is this real fur?', kind: 'look' });
		expect(barsFor(never('silk'), garment('blouse', ['ivory'], { material: 'satin' }))[0]?.kind).toBe('look');
	});
	it('is nothing to those who wear it', () =>
		expect(barsFor(makeClient(), garment('biker-jacket', ['black']))).toEqual([]));
	it('is said of by a plain no as well, which of fur means feathers, too', () => {
		const plain = { ...makeClient(), ethics: { fur: false, leather: true } };
		expect(mayWear(plain, { garment: garment('jacket', ['white'], { material: 'feather' }) })).toBe(false);
		expect(mayWear(plain, { garment: garment('biker-jacket', ['black']) })).toBe(true);
	});
});

describe('what a client wears only pre-owned', () => {
	const fur = garment('jacket', ['brown'], { material: 'fur' });
	it('is against them where it is bought new', () =>
		expect(barsFor(preOwned, fur, { bought: boughtNew })[0]?.words).toBe(
			'fur only pre-owned for this client'
		));
	it('is nothing to them second-hand, or where they own it', () => {
		expect(barsFor(preOwned, fur, { bought: secondHand })).toEqual([]);
		expect(barsFor(preOwned, fur)).toEqual([]);
	});
	it('does not remember the one answer for the other', () => {
		expect(mayWear(preOwned, { garment: fur })).toBe(true);
		expect(mayWear(preOwned, { garment: fur, listing: boughtNew })).toBe(false);
		expect(mayWear(preOwned, { garment: fur })).toBe(true);
	});
});
