import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { effectIds } from '../lexicon/effects';
import { features } from '../lexicon/features';
import { facetValue } from '../lexicon/facets';
import { isGarmentType } from '../lexicon/taxonomy';
import { wishesServed, wishScore } from './wishes';

describe('the features that serve a wish', () => {
	it('are of facets, values and types that there are', () => {
		for (const { facet, types, words } of features) {
			for (const value of facet?.values ?? []) expect(facetValue(facet!.id, value), words).toBeDefined();
			for (const type of types ?? []) expect(isGarmentType(type), type).toBe(true);
		}
	});
	it('are known for every effect, both ways or at least for it', () => {
		for (const effect of effectIds)
			expect(
				features.some((one) => one.effect === effect && one.works === 'for'),
				effect
			).toBe(true);
	});
	it.each([
		['longer-leg', 'trousers', { rise: 'high' }, 'for'],
		['longer-leg', 'jeans', { rise: 'low' }, 'against'],
		['less-bust', 'blazer', { closure: 'double-breasted' }, 'against'],
		['longer-neck', 'jumper', { neckline: 'roll' }, 'against'],
		['more-shoulder', 'blazer', { shoulder: 'padded' }, 'for'],
		['cover', 'dress', { sleeveLength: 'sleeveless' }, 'against'],
		['cover', 'tights', { opacity: 'opaque' }, 'for']
	] as const)('%s: a %s with %o works %s it', (effect, type, facets, works) => {
		const served = wishesServed([effect], garment(type, ['navy'], facets));
		expect(served.map((feature) => feature.works)).toContain(works);
	});
	it('count a move that is done, and nothing that is not wished for', () => {
		const shirt = garment('shirt', ['white']);
		expect(wishesServed(['marked-waist'], shirt, ['tucked'])).toHaveLength(1);
		expect(wishesServed(['marked-waist'], shirt)).toHaveLength(0);
		expect(wishesServed(['height'], shirt, ['tucked'])).toHaveLength(0);
	});
});

describe('how much a garment serves the wishes', () => {
	it('lies between −1 and 1, each effect counted once', () => {
		const shoes = garment('court-shoes', ['black'], { heelHeight: 'high', toe: 'pointed' });
		expect(wishScore(['longer-leg'], shoes)).toBe(1);
		expect(wishScore(['longer-leg', 'marked-waist'], shoes)).toBe(0.5);
		expect(wishScore(['longer-leg'], garment('jeans', ['navy'], { rise: 'low' }))).toBe(-1);
		expect(wishScore([], shoes)).toBe(0);
	});
});
