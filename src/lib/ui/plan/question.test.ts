import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addressOf, asksTheSame, questionOf, type PlanQuestion } from './question';

const question = fc.record<PlanQuestion>({
	chosen: fc.uniqueArray(fc.uuid(), { minLength: 1, maxLength: 5 }),
	budget: fc.option(fc.string(), { nil: undefined }),
	keepChosen: fc.boolean(),
	byLook: fc.boolean()
});
const paramsOf = (address: string) => new URL(address, 'http://127.0.0.1').searchParams;

describe('what is asked of a plan', () => {
	it('is read from its address as it was asked, whatever was typed for a sum', () => {
		fc.assert(
			fc.property(question, (asked) => {
				expect(questionOf(paramsOf(addressOf(asked)))).toEqual(asked);
			})
		);
	});

	it('is none where no look is named', () => {
		expect(questionOf(paramsOf('/plan'))).toBeUndefined();
		expect(questionOf(paramsOf('/plan?looks=&budget=30'))).toBeUndefined();
	});

	it('is the same again without a look, or for the same looks without a sum', () => {
		const before = { chosen: ['a', 'b'], budget: '90', keepChosen: true, byLook: false };
		expect(asksTheSame(undefined, before)).toBe(true);
		expect(asksTheSame(questionOf(paramsOf('/plan?looks=a,b')), before)).toBe(true);
		expect(asksTheSame(questionOf(paramsOf('/plan?looks=a')), before)).toBe(false);
		expect(asksTheSame({ ...before, budget: '50' }, before)).toBe(false);
		expect(asksTheSame({ ...before, keepChosen: false }, before)).toBe(false);
	});
});
