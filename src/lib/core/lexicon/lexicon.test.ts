import { describe, expect, it } from 'vitest';
import { aspectIds } from '../model/reference';
import { aspectWeights } from './aspect-weights';
import { bandOf, bands } from './bands';
import { facetIds, facetOf, facetValue, placeOf, type FacetId } from './facets';
import { eraMarks, plainlyModern } from './era-marks';
import { moveEffects } from './move-effects';
import { closenessSchools, defaultSchools, schoolGuide, schoolLabel, schoolQuestions } from './schools';
import { canAnswer, garmentType, garmentTypes, isGarmentType, typeSimilarity } from './taxonomy';
import { slots } from './slots';
import { answersAlone, familyStandIns, standIns, wornAlso } from './stand-ins';

describe('the taxonomy', () => {
	it('holds at least 80 types, each under one id', () => {
		expect(garmentTypes.length).toBeGreaterThanOrEqual(80);
		expect(new Set(garmentTypes.map(({ id }) => id)).size).toBe(garmentTypes.length);
	});

	it('gives every type words, a slot and facets that its usual values belong to', () => {
		for (const type of garmentTypes) {
			expect(type.singular, type.id).not.toBe('');
			expect(type.plural, type.id).not.toBe('');
			for (const [id, value] of Object.entries(type.usual)) {
				expect(type.facets, `${type.id} ${id}`).toContain(id);
				expect(facetValue(id as FacetId, value), `${type.id} ${id}=${value}`).toBeDefined();
			}
		}
	});

	it('marks words that belong to one side of the Atlantic', () => {
		expect(garmentType('waistcoat').words).toContainEqual({ word: 'vest', locale: 'us' });
		expect(garmentType('trainers').words).toContainEqual({ word: 'sneakers', locale: 'us' });
	});

	it('declares stand-ins between types that exist, symmetric, with a reason', () => {
		for (const [a, b, similarity, reason] of standIns) {
			expect(isGarmentType(a), a).toBe(true);
			expect(isGarmentType(b), b).toBe(true);
			expect(typeSimilarity(a, b)).toBeGreaterThanOrEqual(similarity);
			expect(typeSimilarity(b, a)).toBeGreaterThanOrEqual(similarity);
			expect(similarity).toBeGreaterThan(0);
			expect(similarity).toBeLessThan(1);
			expect(reason).not.toBe('');
		}
	});

	it('measures likeness in the tree as 2·depth(common)/(depth(a)+depth(b)) (Wu & Palmer 1994)', () => {
		// Worked by hand with root depth 0, families at depth 2, kin at 3 and types at 4.
		expect(typeSimilarity('blazer', 'blazer')).toBe(1);
		expect(typeSimilarity('bomber-jacket', 'varsity-jacket')).toBeCloseTo((2 * 3) / (4 + 4), 12);
		expect(typeSimilarity('bomber-jacket', 'gilet')).toBeCloseTo((2 * 2) / (4 + 4), 12);
		expect(typeSimilarity('bomber-jacket', 'shrug')).toBeCloseTo((2 * 1) / (4 + 4), 12);
		expect(typeSimilarity('bomber-jacket', 'loafers')).toBe(0);
		// A word for the whole family lies at its depth, one for its kin at the kin's.
		expect(typeSimilarity('ankle-boots', 'boots')).toBeCloseTo((2 * 2) / (4 + 2), 12);
		expect(typeSimilarity('sheer-tights', 'tights')).toBeCloseTo((2 * 3) / (4 + 3), 12);
	});

	it('lets any cut answer the word for its family or kin, and no other', () => {
		expect(typeSimilarity('boots', 'ankle-boots')).toBe(0.85);
		expect(typeSimilarity('tights', 'sheer-tights')).toBeGreaterThanOrEqual(0.85);
		expect(typeSimilarity('tights', 'ankle-socks')).toBeLessThan(0.6);
	});

	it('declares families that stand in for each other, with a reason', () => {
		for (const [a, b, similarity, reason] of familyStandIns) {
			for (const id of [a, b])
				expect(
					garmentTypes.some(({ family }) => family === id),
					id
				).toBe(true);
			expect(similarity).toBeGreaterThan(0);
			expect(similarity).toBeLessThan(1);
			expect(reason).not.toBe('');
		}
		expect(typeSimilarity('parka', 'bomber-jacket')).toBe(0.5);
		expect(canAnswer('jumper', 'tweed-jacket')).toBe(false);
	});

	it('lets a thing be worn only where it belongs', () => {
		expect(canAnswer('trousers', 'handbag')).toBe(false);
		expect(canAnswer('dinner-jacket', 't-shirt')).toBe(false);
		expect(canAnswer('skirt', 'dress')).toBe(true);
		expect(canAnswer('jumper', 'cardigan')).toBe(true);
	});

	it('lets what is worn in two places answer in both, either way round', () => {
		for (const [id, place] of Object.entries(wornAlso)) {
			expect(slots[garmentType(id).slot].covers, id).not.toContain(place);
			const there = garmentTypes.filter(
				(type) => (slots[type.slot].covers as readonly string[]).includes(place) && !answersAlone.has(type.id)
			);
			expect(there.length, id).toBeGreaterThan(0);
			for (const other of there) {
				expect(canAnswer(id, other.id), `${other.id} for ${id}`).toBe(true);
				expect(canAnswer(other.id, id), `${id} for ${other.id}`).toBe(true);
			}
		}
	});

	it('lets make-up answer only where on the face it belongs', () => {
		expect(canAnswer('lipstick', 'blusher')).toBe(false);
		expect(canAnswer('eyeliner', 'lipstick')).toBe(false);
		expect(canAnswer('eyeliner', 'mascara')).toBe(true);
	});

	it('takes what is declared of two types before their place in the tree', () => {
		for (const [a, b, similarity] of standIns) {
			expect(typeSimilarity(a, b), `${a} ${b}`).toBe(similarity);
			expect(typeSimilarity(b, a), `${b} ${a}`).toBe(similarity);
		}
	});
});

describe('facets', () => {
	it('lists each value once, nominal ones in their groups', () => {
		for (const id of facetIds) {
			const ids = facetOf(id).values.map((value) => value.id);
			expect(new Set(ids).size, id).toBe(ids.length);
		}
	});

	it('places the values of an ordinal facet in one direction', () => {
		for (const id of facetIds) {
			const facet = facetOf(id);
			if (facet.kind !== 'ordinal') continue;
			const places = facet.values.map((value) => placeOf(id, value.id));
			const rising = [...places].sort((a, b) => a - b);
			expect([rising, [...rising].reverse()]).toContainEqual(places);
		}
	});

	it('keeps kitten heels between 3.5 and 5 cm (common practice)', () => {
		expect(placeOf('heelHeight', 'kitten')).toBeGreaterThanOrEqual(3.5);
		expect(placeOf('heelHeight', 'kitten')).toBeLessThanOrEqual(5);
	});

	it('throws on a value that a facet does not have', () => {
		expect(() => placeOf('rise', 'sideways')).toThrow(/rise/);
	});
});

describe('weights and schools', () => {
	it('weighs every aspect', () => {
		expect(Object.keys(aspectWeights).sort()).toEqual([...aspectIds].sort());
	});

	it('mixes pieces, colour story and silhouette to 1 in every school', () => {
		for (const { mix } of Object.values(closenessSchools))
			expect(mix.pieces + mix.colourStory + mix.silhouette).toBeCloseTo(1, 12);
	});

	it('defaults to piece for piece', () => expect(defaultSchools.closeness).toBe('piece-for-piece'));

	it('bands every score', () => {
		expect(bandOf(100).id).toBe('twin');
		expect(bandOf(78).id).toBe('clear-echo');
		expect(bandOf(0).id).toBe('another-look');
		// As it is told: 59.5 reads 60, 59.4 reads 59.
		for (const { from, id } of bands)
			for (const score of [from - 0.5, from - 0.4, from, from + 0.4])
				if (score >= 0) expect(bandOf(score).id, `${score}`).toBe(id);
		expect(bandOf(59.4).id).toBe('hint');
	});
});

describe('the tables of the eye', () => {
	it('mark eras by types that there are, and no mark is plainly modern', () => {
		for (const types of Object.values(eraMarks))
			for (const type of types) {
				expect(isGarmentType(type), type).toBe(true);
				expect(plainlyModern).not.toContain(type);
			}
		for (const type of plainlyModern) expect(isGarmentType(type), type).toBe(true);
	});
	it('say what moves make of features in values that there are', () => {
		for (const effects of Object.values(moveEffects))
			for (const [facet, value] of Object.entries(effects))
				expect(facetValue(facet as FacetId, value), `${facet}: ${value}`).toBeDefined();
	});
	it('say of every question what it asks and changes', () => {
		expect(Object.keys(schoolGuide)).toEqual(Object.keys(schoolQuestions));
		expect(Object.keys(schoolQuestions)).toHaveLength(12);
		for (const { asks, changes } of Object.values(schoolGuide)) expect(asks && changes).not.toBe('');
		expect(schoolLabel('all-in-take-one-off')).toBe('all in take one off');
	});
});
