import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { facetValue, type FacetId } from '../lexicon/facets';
import { moveNeeds } from '../lexicon/move-needs';
import { bottomOf, moveFails } from './move-fails';

describe('what stands in the way of a move', () => {
	it('is a value that its facet has', () => {
		for (const needs of Object.values(moveNeeds))
			for (const { not = {}, bottomNot = {} } of needs)
				for (const [facet, values] of [...Object.entries(not), ...Object.entries(bottomNot)])
					for (const value of values) expect(facetValue(facet as FacetId, value), value).toBeDefined();
	});
	const jeans = (rise: string) => garment('jeans', ['navy'], { rise });
	it.each([
		['tucked', garment('shirt', ['white']), jeans('high'), undefined],
		['tucked', garment('shirt', ['white']), jeans('low'), /too low/],
		['tucked', garment('top', ['white'], { topLength: 'cropped' }), jeans('high'), /no cloth/],
		['tucked', garment('jumper', ['white'], { texture: 'chunky-knit' }), jeans('high'), /bunches/],
		['half-tucked', garment('shirt', ['white']), jeans('low'), undefined],
		['sleeves-rolled', garment('shirt', ['white'], { sleeveLength: 'short' }), undefined, /no long sleeve/],
		['hem-cuffed', garment('jeans', ['navy'], { leg: 'flared' }), undefined, /widens/],
		['belted', garment('overcoat', ['camel']), undefined, undefined]
	] as const)('%s', (move, piece, bottom, why) => {
		const fails = moveFails(move, piece, bottom);
		if (why) expect(fails).toMatch(why);
		else expect(fails).toBeUndefined();
	});
	it('looks at the bottom that is worn', () => {
		expect(bottomOf([{ garment: garment('shirt', ['white']) }, { garment: jeans('low') }])?.type).toBe(
			'jeans'
		);
		expect(bottomOf([{ garment: garment('dress', ['white']) }])).toBeUndefined();
	});
});
