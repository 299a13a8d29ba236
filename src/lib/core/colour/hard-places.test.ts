import { describe, expect, it } from 'vitest';
import { readLook } from '../reading/read-look';
import { deltaE00 } from './difference';
import { familiesRelated, type ColourFamily } from './family';
import { colourSimilarity, measureColour } from './similarity';
import { labOfHex } from './spaces';
import { colourDifferenceInWords, colourName } from './words';

const hexOf = (word: string) => {
	const hex = readLook(`${word} dress`).elements[0]?.garment.palette[0]?.hex;
	if (!hex) throw new Error(`no colour read in "${word}"`);
	return hex;
};
const family = (word: string) => measureColour(hexOf(word)).family;
const alike = (a: string, b: string) => colourSimilarity(measureColour(hexOf(a)), measureColour(hexOf(b)));

/** Where the trade's words part though the colours lie close (common practice). */
describe('colour families at the hard places', () => {
	it.each<[string, ColourFamily]>([
		['white', 'white'],
		['off-white', 'ivory'],
		['cream', 'ivory'],
		['navy', 'navy'],
		['midnight blue', 'navy'],
		['washed black', 'black'],
		['charcoal', 'grey'],
		['brown', 'brown'],
		['cognac', 'brown'],
		['burnt orange', 'orange'],
		['rust', 'orange'],
		['burgundy', 'burgundy'],
		['oxblood', 'burgundy'],
		['plum', 'purple'],
		['olive', 'olive'],
		['khaki', 'olive'],
		['sage green', 'green'],
		['lilac', 'purple'],
		['mauve', 'purple'],
		['dove grey', 'grey'],
		['stone', 'beige'],
		['camel', 'camel'],
		['nude', 'beige']
	])('%s is %s', (word, expected) => expect(family(word)).toBe(expected));

	it.each([
		['ivory', 'white'],
		['olive', 'sage green'],
		['burgundy', 'plum'],
		['camel', 'tan']
	])('%s and %s are related though their families differ', (a, b) => {
		expect(family(a)).not.toBe(family(b));
		expect(familiesRelated(family(a), family(b))).toBe(true);
	});
	it.each([
		['navy', 'black'],
		['brown', 'orange'],
		['lilac', 'dove grey'],
		['rust', 'burgundy']
	])('%s and %s are not', (a, b) => expect(familiesRelated(family(a), family(b))).toBe(false));

	it('tells the washes of denim apart, and keeps them one family', () => {
		const washes = ['light-wash denim', 'mid-wash denim', 'dark-wash denim'];
		for (const wash of washes) expect(family(wash)).toBe('denim');
		for (const [i, one] of washes.entries())
			for (const other of washes.slice(i + 1))
				expect(deltaE00(labOfHex(hexOf(one)), labOfHex(hexOf(other)))).toBeGreaterThan(14);
	});
	it.each([
		['blue jeans', 'mid-wash jeans'],
		['pale blue denim shirt', 'light-wash denim shirt'],
		['dark blue jeans', 'dark-wash jeans'],
		['deep blue denim skirt', 'dark denim skirt']
	])('%s are in the wash of %s', (said, wash) => {
		const hexes = [said, wash].map((text) => readLook(text).elements[0]?.garment.palette[0]?.hex);
		expect(hexes[0]).toBe(hexes[1]);
	});
	it('counts a neighbour of the same family above one of another that lies as near', () => {
		expect(alike('burgundy', 'oxblood')).toBeGreaterThan(alike('burgundy', 'plum'));
		expect(alike('navy', 'midnight blue')).toBeGreaterThan(alike('navy', 'black'));
		expect(alike('olive', 'khaki')).toBeGreaterThan(alike('olive', 'brown'));
	});
	it('tells the metals of shoes and bags from the plain colours near them', () => {
		expect(family('gold')).toBe('gold');
		expect(alike('gold', 'rose gold')).toBeGreaterThan(alike('gold', 'mustard'));
		expect(alike('gold', 'silver')).toBeGreaterThan(alike('gold', 'grey'));
		expect(alike('silver', 'light grey')).toBeLessThan(0.6);
		expect(colourName(hexOf('gold'))).toBe('gold');
		expect(colourDifferenceInWords(hexOf('gold'), hexOf('mustard'))).toMatch(/^mustard for gold, related/);
	});
	it('keeps a metal what it is, whatever depth is said of it', () =>
		expect(hexOf('pale silver')).toBe(hexOf('silver')));
	it('reads gold and silver of jewellery as metals, not as yellow and grey', () => {
		for (const metal of ['gold', 'silver']) {
			const { garment } = readLook(`${metal} hoops`).elements[0]!;
			expect(garment.metal?.value).toBe(metal);
		}
	});
});
