import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { followLine } from './follow-line';

interface Fields {
	size: string;
	moves: string[];
	note: string;
}
const fields = fc.record<Fields>({
	size: fc.constantFrom('', '38', '40'),
	moves: fc.subarray(['tucked', 'belted', 'open']),
	note: fc.constantFrom('', 'torn', 'lent')
});
const begun = (start: Fields) => {
	let form = start;
	const follow = followLine<Fields>({ read: () => form, write: (next) => (form = next) });
	return {
		form: () => form,
		say: (said: Partial<Fields>) => follow((before) => ({ ...before, ...said })),
		byHand: (change: Partial<Fields>) => (form = { ...form, ...change })
	};
};

describe('fields that follow a line', () => {
	it('hold what was said last, whatever was said on the way there', () => {
		fc.assert(
			fc.property(fields, fc.array(fields, { minLength: 1 }), (start, said) => {
				const slow = begun(start);
				for (const one of said) slow.say(one);
				const last = said.at(-1) ?? start;
				expect(slow.form()).toEqual({ ...start, ...last });
			})
		);
	});
	it('stand as they stood before once the line says nothing', () => {
		fc.assert(
			fc.property(fields, fc.array(fields), (start, said) => {
				const { form, say } = begun(start);
				for (const one of said) say(one);
				say({});
				expect(form()).toEqual(start);
			})
		);
	});
	it('keep what was changed by hand, whatever is said after', () => {
		fc.assert(
			fc.property(fields, fields, fc.array(fields), (start, first, rest) => {
				const { form, say, byHand } = begun(start);
				say(first);
				byHand({ size: 'by hand' });
				for (const one of rest) say(one);
				expect(form().size).toBe('by hand');
			})
		);
	});
});
