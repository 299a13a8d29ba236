import { describe, expect, it } from 'vitest';
import { kept } from './kept';

const record = (id: string, rev: number) => ({ id, rev, name: `${id}${rev}` });

describe('what did not change', () => {
	const before = { client: record('a', 1), pieces: [record('b', 1), record('c', 1)], count: 2 };

	it('stays the same object, record by record', () => {
		const now = kept(before, { client: record('a', 1), pieces: [record('b', 1), record('c', 2)], count: 3 });
		expect(now.client).toBe(before.client);
		expect(now.pieces[0]).toBe(before.pieces[0]);
		expect(now.pieces[1]).toEqual(record('c', 2));
		expect(now.count).toBe(3);
	});
	it('stays the same list when nothing in it changed', () => {
		const now = kept(before, { ...before, pieces: [record('b', 1), record('c', 1)] });
		expect(now.pieces).toBe(before.pieces);
	});
	it('is the very answer before when nothing in it changed, however deep', () => {
		const again = { client: record('a', 1), pieces: [record('b', 1), record('c', 1)], count: 2 };
		expect(kept(before, again)).toBe(before);
		expect(kept({ of: before, more: 1 }, { of: again, more: 2 }).of).toBe(before);
		expect(kept<object>(before, { ...again, more: undefined })).not.toBe(before);
	});
	it('is not kept when records come, go or change places', () => {
		for (const pieces of [
			[record('b', 1)],
			[record('c', 1), record('b', 1)],
			[record('b', 1), record('c', 1), record('d', 1)]
		]) {
			const now = kept(before, { ...before, pieces });
			expect(now.pieces).not.toBe(before.pieces);
			expect(now.pieces).toEqual(pieces);
		}
	});
	it('of no answer before is the answer itself, and gone is gone', () => {
		expect(kept(undefined, before)).toBe(before);
		expect(kept<{ found?: object }>({ found: record('a', 1) }, { found: undefined })).toEqual({
			found: undefined
		});
	});
});
