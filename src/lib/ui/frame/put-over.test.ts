import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { putOver } from './put-over';

const recordArbitrary = fc.dictionary(
	fc.constantFrom('a', 'b', 'c', 'd'),
	fc.option(fc.integer(), { nil: undefined })
);

describe('a form put over what is stored', () => {
	it('takes out what was emptied, keeps what is typed, and leaves the rev alone', () => {
		const stored: { rev: number; name: string; time?: string } = { rev: 7, name: 'a', time: '19:30' };
		putOver(stored, { rev: 3, name: 'b' });
		expect(stored).toEqual({ rev: 7, name: 'b' });
		expect('time' in stored).toBe(false);
	});
	it('makes any record what was typed, and doing it twice changes nothing', () =>
		fc.assert(
			fc.property(recordArbitrary, recordArbitrary, (before, typed) => {
				const stored = { ...before, rev: 5 };
				const form = { ...typed, rev: 1 };
				putOver(stored, form);
				const once = { ...stored };
				putOver(stored, form);
				expect(stored).toEqual(once);
				expect(stored).toEqual({ ...JSON.parse(JSON.stringify(typed)), rev: 5 });
			})
		));
});
