import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { merge } from './merge';

const base = { id: 'a', rev: 1, name: 'Ottoline', brief: '', metals: ['gold'] };

describe('two versions of a record', () => {
	it('are joined where only one changed a field', () => {
		const { merged, disputed } = merge(
			base,
			{ ...base, name: 'Ottoline M.' },
			{ ...base, rev: 2, brief: 'Written elsewhere', metals: ['silver'] }
		);
		expect(merged).toEqual({
			...base,
			rev: 2,
			name: 'Ottoline M.',
			brief: 'Written elsewhere',
			metals: ['silver']
		});
		expect(disputed).toEqual([]);
	});
	it('are asked about where both did, and keep what was typed until then', () => {
		const { merged, disputed } = merge(base, { ...base, name: 'Mine' }, { ...base, rev: 3, name: 'Theirs' });
		expect(disputed).toEqual(['name']);
		expect(merged).toMatchObject({ name: 'Mine', rev: 3 });
	});
	it('that say the same are no dispute', () => {
		expect(merge(base, { ...base, name: 'Both' }, { ...base, rev: 2, name: 'Both' }).disputed).toEqual([]);
	});
	it('lose nothing that was typed, whatever was saved elsewhere: a law', () => {
		const record = fc.record({
			name: fc.string(),
			brief: fc.string(),
			metals: fc.array(fc.string(), { maxLength: 3 })
		});
		fc.assert(
			fc.property(record, record, record, (began, mine, theirs) => {
				const { merged, disputed } = merge(began, mine, theirs);
				for (const key of ['name', 'brief', 'metals'] as const) {
					const [b, m, t, joined] = [began, mine, theirs, merged].map((one) => JSON.stringify(one[key]));
					expect(joined).toBe(m === b ? t : m);
					expect(disputed.includes(key)).toBe(m !== b && t !== b && m !== t);
				}
			})
		);
	});
});
