/** Laws of reading: what is said not to be real, before its hide or after it, is never taken for the real one, and says nothing of others. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, isKnownLimit, readLook } from '../../src/lib/core';
import { breaksLimit } from '../../src/lib/core/checks/limits';
import { factsOf } from '../../src/lib/core/checks/facts';
import { saidThing } from '../looks';
import { elementsOf, typesIn } from '../read';

const runs = { numRuns: 200 };

const words = fc.constantFrom('faux', 'fake', 'imitation', 'artificial', 'synthetic', 'mock');
const hidden = fc.constantFrom(
	...['fur coat', 'fur stole', 'mink coat', 'suede boots', 'leather trousers', 'leather jacket'],
	...['suede skirt', 'leather tote', 'patent leather shoes', 'shearling coat', 'fur hat']
);
/** How it is said after the thing; each ends its clause. */
const after = words.chain((word) =>
	fc.constantFrom(
		`(${word})`,
		`, ${word}`,
		`, obviously ${word}`,
		' – it is ' + word,
		', not real',
		' (not real)'
	)
);
/** Of what is worn elsewhere neither is told. */
const jewel = saidThing.filter(({ type }) => garmentType(type).division === 'jewellery');
const materialsIn = (text: string) => elementsOf(text).map(({ garment }) => garment.facets.material?.value);
const real = ['fur', 'leather', 'suede', 'patent-leather', 'shearling'];

describe('what is said not to be real', () => {
	it('is not, where it is said after the thing, and other things stay as they are (generated)', () => {
		fc.assert(
			fc.property(hidden, after, jewel, (thing, said, other) => {
				const text = `${thing}${said.startsWith('(') ? ' ' : ''}${said}, ${other.words}`;
				const plain = `black dress, ${other.words}`;
				const [first, second] = elementsOf(text);
				expect(real, text).not.toContain(first?.garment.facets.material?.value);
				expect(first?.garment.facets.material?.value, text).toMatch(/^(?:faux-fur|imitation-leather)$/);
				expect(second?.garment, text).toEqual(elementsOf(plain)[1]?.garment);
			}),
			runs
		);
	});

	it('is not, where it is said before it (generated)', () => {
		fc.assert(
			fc.property(hidden, words, (thing, word) => {
				const text = `${word} ${thing}, white shirt`;
				expect(materialsIn(text)[0], text).toMatch(/^(?:faux-fur|imitation-leather)$/);
			}),
			runs
		);
	});

	it('breaks no limit of the real one, which the real one breaks', () => {
		const answer = (limit: string, text: string) => {
			const [one] = elementsOf(text);
			const [piece] = factsOf([{ id: '', title: '', garment: one!.garment, moves: [] }], {}).pieces;
			return breaksLimit(limit, piece!);
		};
		expect(isKnownLimit('no fur')).toBe(true);
		expect(answer('no fur', 'fur stole')).toBe('yes');
		expect(answer('no fur', 'fur stole (faux)')).toBe('no');
		expect(answer('no leather', 'suede boots, not real suede')).toBe('no');
	});

	it('accounts for every word', () => {
		for (const text of [
			'fur stole (faux)',
			'leather jacket, vegan',
			'faux suede skirt',
			'fur coat, not real'
		])
			expect(
				readLook(text).phrases.filter(({ status }) => ['unknown', 'doubted'].includes(status)),
				text
			).toEqual([]);
	});

	it('says nothing of what is no hide, and of a tan', () => {
		expect(materialsIn('a fake tan, fur coat')).toEqual(['fur']);
		expect(materialsIn('silk scarf, fake, leather belt')).toEqual(['silk', 'leather']);
		expect(materialsIn('leather boots, pearl necklace, fake')).toEqual(['leather', 'pearl']);
		expect(materialsIn('leather boots, black jeans (faux)')[0]).toBe('leather');
		expect(materialsIn('leather boots, a red frobbin, faux')[0]).toBe('leather');
	});
});

describe('a name that begins inside what is said', () => {
	it('keeps its word where nothing else is left of it', () => {
		for (const said of ['slouchy', 'wide', 'straight', 'skinny', 'baggy'])
			expect(typesIn(`${said} leg warmers, black leggings`), said).toEqual(['leg-warmers', 'leggings']);
		expect(elementsOf('slouchy leg jeans')[0]?.garment.facets.leg?.value).toBe('baggy');
	});
});

describe('what can be hair or a trim', () => {
	it('is a trim along a part of a garment', () => {
		for (const place of ['down the side', 'down the outside seam', 'along the seams', 'at the hem'])
			expect(typesIn(`navy trousers, gold braid ${place}`), place).toEqual(typesIn('navy trousers'));
	});
	it('is hair elsewhere', () => {
		for (const place of ['down her back', 'over one shoulder', ''])
			expect(typesIn(`navy dress, a long braid ${place}`), place).toContain('plait');
	});
});

describe('what stands over a look and names nothing', () => {
	it('takes no name from what ends in a cut: “grunge: mesh long sleeve, kilt”', () => {
		for (const heading of ['grunge', 'layered', 'casual', 'on top', 'layers'])
			expect(typesIn(`${heading}: grey long sleeve, denim jacket`), heading).toEqual([
				'long-sleeved-tee',
				'denim-jacket'
			]);
	});
});
