import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { elementArbitrary } from '../../../../tests/arbitraries';
import { makeReference } from '../../../../tests/records';
import { elementSchema, mostTogether } from './reference';
import { frozenReference, frozenReferenceSchema } from './snapshot';

/** Every field that an element may have, but where it lies on photographs: those are not kept with a judgement. */
const fields = Object.keys(elementSchema.shape).filter((field) => field !== 'regions');
const whole = fc
	.tuple(
		elementArbitrary,
		fc.option(fc.integer({ min: 2, max: mostTogether }), { nil: undefined }),
		fc.string()
	)
	.map(([element, count, note]) => ({ ...element, note, ...(count !== undefined && { count }) }));

describe('a reference as a judgement keeps it', () => {
	it('keeps all of its elements, as they were', () =>
		fc.assert(
			fc.property(
				fc.uniqueArray(whole, { minLength: 1, maxLength: 6, selector: ({ id }) => id }),
				(elements) => {
					const kept = frozenReference(makeReference(elements));
					expect(kept.elements).toEqual(elements);
					expect(frozenReferenceSchema.parse(kept)).toEqual(kept);
					// What is read from a file is read into the same words.
					expect(frozenReferenceSchema.parse(JSON.parse(JSON.stringify(kept)))).toEqual(
						JSON.parse(JSON.stringify(kept))
					);
				}
			)
		));
	it('has a place for every field that an element has', () => {
		const element = frozenReferenceSchema.shape.elements.element.shape;
		expect(Object.keys(element).sort()).toEqual([...fields].sort());
	});
	it('leaves out where things lie on photographs that may be gone', () => {
		const [first] = fc.sample(elementArbitrary, 1);
		if (!first) return;
		const regions = [{ photo: 'f'.repeat(64), box: [0, 0, 1, 1], mask: [] }];
		const kept = frozenReference(makeReference([{ ...first, regions } as never]));
		expect(kept.elements[0]).not.toHaveProperty('regions');
	});
});
