import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { colourWords } from '../lexicon/colours';
import { facetIds, facetOf, type FacetId } from '../lexicon/facets';
import { garmentTypes } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import { scoreLook, type Worn } from './look';
import { closenessOf } from './piece';
import {
	aspectInWords,
	aspectLabel,
	aspectValueInWords,
	garmentInWords,
	garmentName,
	lossInWords
} from './words';

/** What is said of one facet when the element asks one value and the garment has another. */
function said(type: string, facet: FacetId, asked: string, given: string): string {
	const [want, have] = [garment(type, [], { [facet]: asked }), garment(type, [], { [facet]: given })];
	const compared = closenessOf({ garment: want, signature: [], open: [] }, have).aspects.find(
		({ aspect }) => aspect === facet
	);
	return compared ? aspectInWords(want, have, compared) : '';
}

describe('one facet against another', () => {
	it.each<[string, FacetId, string, string, string]>([
		['dress', 'hemLength', 'knee', 'knee', 'the same hem'],
		['dress', 'hemLength', 'knee', 'above-knee', 'hem a hand’s width shorter'],
		['dress', 'hemLength', 'knee', 'midi', 'hem two hands longer'],
		['dress', 'hemLength', 'mini', 'floor', 'hem much longer'],
		['jumper', 'topLength', 'hip', 'waist', 'two hands shorter'],
		['blazer', 'fit', 'tailored', 'oversized', 'looser (oversized, not tailored)'],
		['trousers', 'rise', 'high', 'low', 'lower rise (low, not high)'],
		['trousers', 'leg', 'straight', 'flared', 'flared, not straight'],
		['blouse', 'neckline', 'v', 'boat', 'boat neck, not v'],
		['court-shoes', 'heelHeight', 'mid', 'kitten', 'lower heel height (kitten, not mid)'],
		['dress', 'sheen', 'matte', 'satin', 'shinier sheen (satin, not matte)']
	])('%s, %s: %s against %s', (type, facet, asked, given, words) => {
		expect(said(type, facet, asked, given)).toBe(words);
	});

	it('says something readable for every pair of values of every facet', () => {
		for (const facet of facetIds) {
			const type = garmentTypes.find(({ facets }) => facets.includes(facet))!.id;
			const values = facetOf(facet).values.map(({ id }) => id);
			for (const asked of values)
				for (const given of values) {
					const words = said(type, facet, asked, given);
					expect(words, `${facet} ${asked} ${given}`).not.toMatch(/undefined|null|NaN|^$|--/);
				}
		}
	});
});

describe('a garment in words', () => {
	it.each<[Garment, string]>([
		[garment('trench-coat', ['camel'], { hemLength: 'knee' }), 'camel trench coat'],
		[garment('blouse', ['ivory'], { sleeveLength: 'long', material: 'silk' }), 'ivory silk blouse'],
		[garment('jumper', ['oatmeal'], { texture: 'cable', fit: 'relaxed' }), 'oatmeal cable jumper, relaxed'],
		[garment('skirt', ['black'], { hemLength: 'mini' }), 'black mini skirt'],
		[garment('court-shoes', ['black'], { heelHeight: 'high' }), 'black court shoes, high heel'],
		[garment('vest-top', ['white'], { sleeveLength: 'sleeveless' }), 'white vest top'],
		[garment('shirt', ['white', 'cornflower'], {}, { print: 'stripe' }), 'white stripe shirt'],
		[garment('drop-earrings', ['gold'], {}, { metal: 'gold' }), 'gold drop earrings'],
		[garment('low-bun'), 'low bun']
	])('%#: %o', (one, words) => expect(garmentInWords(one)).toBe(words));

	it('names every type, with nothing in hand but its type', () => {
		for (const type of garmentTypes) expect(garmentName(garment(type.id))).toBe(type.singular);
	});

	it('tells what is stated of an aspect, and what is not', () => {
		const one = garment(
			'blazer',
			['navy', 'ivory'],
			{ lapel: 'peak' },
			{ print: 'pinstripe', metal: 'brass' }
		);
		expect(aspectValueInWords(one, 'type')).toBe('blazer');
		expect(aspectValueInWords(one, 'palette')).toBe('navy, ivory');
		expect(aspectValueInWords(one, 'print')).toBe('pinstripe');
		expect(aspectValueInWords(one, 'metal')).toBe('brass');
		expect(aspectValueInWords(one, 'lapel')).toBe('peak');
		expect(aspectValueInWords(one, 'fit')).toBeUndefined();
		expect(aspectLabel('palette')).toBe('colour');
	});
});

describe('why points are lost', () => {
	const asked = element(1, garment('blazer', ['navy'], { lapel: 'peak', fit: 'tailored' }), {
		signature: ['lapel'],
		moves: ['worn-open']
	});
	const losses = (worn: Worn[]) => {
		const { losses: lost, elements } = scoreLook({ elements: [asked] }, worn);
		const [given] = worn[0]?.garments ?? [];
		return lost.map((loss) => lossInWords(loss, asked, given, elements[0]?.closeness));
	};
	const worn = (one: Garment, rest: Partial<Worn> = {}): Worn => ({
		elementId: asked.id,
		state: 'items',
		garments: [one],
		movesDone: [],
		...rest
	});

	it('is said for a gap, for a thing left out, and for one too far off', () => {
		expect(losses([])).toEqual(['nothing chosen yet']);
		expect(losses([worn(asked.garment, { state: 'left-out', garments: [] })])).toEqual(['left out']);
		expect(losses([worn(garment('poncho', ['lemon']))])).toEqual(['too far off to count']);
	});

	it('is said aspect by aspect, with the signature, what was not asked for and the moves', () => {
		const all = losses([worn(garment('blazer', ['cobalt'], { lapel: 'collarless', fit: 'oversized' }))]);
		expect(all).toContain('the signature is missed: lapel');
		expect(losses([worn(garment('blazer', ['cobalt'], { lapel: 'peak', texture: 'sequinned' }))])).toContain(
			'sequinned texture, not asked for'
		);
		expect(all).toContain('not worn as in the reference: worn open');
		expect(all).toContain('collarless, not peak');
		expect(all.join(' ')).toContain('looser (oversized, not tailored)');
	});
});

describe('a colour', () => {
	it('is named by a wash of denim only where the cloth is denim, or where that was said', () => {
		for (const { hex, family } of colourWords.filter(
			(word) => word.family === 'denim' || word.family === 'blue'
		)) {
			const near = `#${(parseInt(hex.slice(1), 16) ^ 0x010201).toString(16).padStart(6, '0')}`;
			expect(
				garmentInWords(garment('trousers', [near], { material: 'wool' })),
				`${hex} ${family}`
			).not.toMatch(/denim|wash/);
		}
		expect(garmentInWords(garment('trousers', ['#557193'], { material: 'denim' }))).toMatch(/denim/);
	});
});
