import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { isGarmentType } from '../lexicon/taxonomy';
import { underneath } from './underneath';

const worn = (type: string, facets: Record<string, string> = {}) =>
	underneath(garment(type, ['navy'], facets));

describe('what goes underneath', () => {
	it.each([
		['evening-gown', { neckline: 'strapless' }, /strapless bra/],
		['top', { neckline: 'halter' }, /cross or go round the neck/],
		['dress', { back: 'open' }, /the back is bare/],
		['dress', { neckline: 'plunge' }, /low-centred/],
		['blouse', { material: 'chiffon' }, /camisole in the tone of the skin/],
		['dress', { opacity: 'sheer' }, /slip in the tone of the skin/],
		['bodycon-dress', { fit: 'skin-tight', hemLength: 'mini' }, /slip shorts/],
		['circle-skirt', { skirtShape: 'circle' }, /petticoat/],
		['saree', {}, /petticoat in the colour of the saree/]
	] as const)('a %s with %o wants it', (type, facets, words) => {
		expect(worn(type, facets).some((one) => words.test(one.words))).toBe(true);
	});
	it.each([
		['t-shirt', {}],
		['shirt', { material: 'cotton' }],
		['pencil-skirt', { hemLength: 'knee', fit: 'close' }],
		['blazer', {}],
		['jeans', {}]
	] as const)('a %s with %o wants nothing', (type, facets) => expect(worn(type, facets)).toEqual([]));
	it('is of types that there are, and warns of skin where something sticks to it', () => {
		const all = [
			...worn('dress', { neckline: 'strapless', back: 'open', opacity: 'sheer' }),
			...worn('dress', { neckline: 'plunge' })
		];
		for (const { type } of all) expect(isGarmentType(type), type).toBe(true);
		for (const { words } of all.filter(({ words: said }) => /tape|adhesive/.test(said)))
			expect(words).toMatch(/patch test/);
	});
});
