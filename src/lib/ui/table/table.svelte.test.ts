// @vitest-environment jsdom
import { flushSync } from 'svelte';
import { describe, expect, it, vi } from 'vitest';
import { readTable, tableFields } from '$lib/core/table';
import { readAhead } from './read-ahead.svelte';
import { tableDraft } from './table-draft.svelte';

/** Runs with effects, and hands back what ends them. */
function living<T>(make: () => T): { made: T; end: () => void } {
	let made: T | undefined;
	const end = $effect.root(() => {
		made = make();
	});
	flushSync();
	return { made: made as T, end };
}
/** A reader that takes as long as a row of a long table. */
const slow = (ms: number) => {
	const known = new Set<string>();
	const read = vi.fn((phrase: string) => {
		if (known.has(phrase)) return;
		known.add(phrase);
		const until = performance.now() + ms;
		while (performance.now() < until);
	});
	return read;
};

describe('reading ahead', () => {
	it('lets the page go on between its parts, and reads all in the end', async () => {
		const phrases = Array.from({ length: 40 }, (_, i) => `row ${i}`);
		const read = slow(2);
		const { made: ahead, end } = living(() =>
			readAhead(
				() => phrases,
				() => read
			)
		);
		expect(ahead.done).toBe(false);
		expect(ahead.known).toBeGreaterThan(0);
		expect(ahead.known).toBeLessThan(phrases.length);
		await vi.waitFor(() => expect(ahead.done).toBe(true), { timeout: 20_000 });
		expect(new Set(read.mock.calls.map(([phrase]) => phrase))).toEqual(new Set(phrases));
		end();
	});
	it('begins again with other rows, and what is known costs no turn', async () => {
		let phrases = $state(['a', 'b', 'c']);
		const read = slow(1);
		const { made: ahead, end } = living(() =>
			readAhead(
				() => phrases,
				() => read
			)
		);
		await vi.waitFor(() => expect(ahead.done).toBe(true), { timeout: 20_000 });
		phrases = ['a', 'b', 'c', 'd'];
		flushSync();
		expect(ahead.done).toBe(true);
		end();
	});
	it('stops when nobody waits for it any more', async () => {
		const read = slow(5);
		const { end } = living(() =>
			readAhead(
				() => Array.from({ length: 500 }, (_, i) => `row ${i}`),
				() => read
			)
		);
		end();
		const before = read.mock.calls.length;
		await new Promise((resolve) => setTimeout(resolve, 60));
		expect(read.mock.calls.length).toBe(before);
	});
	it('of nothing is done at once', () => {
		const { made: ahead, end } = living(() =>
			readAhead(
				() => [],
				() => vi.fn()
			)
		);
		expect(ahead.done).toBe(true);
		end();
	});
});

describe('a table on its way in', () => {
	const draft = () =>
		living(() =>
			tableDraft(
				tableFields,
				(text) => readTable(text),
				() => ({ shelf: 'place' })
			)
		);
	it('guesses its columns, takes them as remembered, and is corrected by hand', () => {
		const { made: table, end } = draft();
		table.begin('What,Shelf,Number\nred coat,A3,7', 'rail.csv');
		expect(table.columns).toMatchObject({ what: 0, place: 1 });
		expect(table.file).toBe('rail.csv');
		table.move('size', 2);
		expect(table.columns.size).toBe(2);
		expect(table.canMend('size')).toBe(true);
		expect(table.canMend('price')).toBe(false);
		end();
	});
	it('holds mended cells beside what came, and forgets them with the next text', () => {
		const { made: table, end } = draft();
		table.begin('What,Price\nred coat,x');
		table.mend(2, 'price', '60');
		expect(table.cellOf(2, 'price')).toBe('60');
		expect(table.table.rows[0]?.cells).toEqual(['red coat', '60']);
		expect(table.raw.rows[0]?.cells).toEqual(['red coat', 'x']);
		table.mend(2, 'size', 'M');
		expect(table.cellOf(2, 'size')).toBe('');
		table.begin('What,Price\nred coat,x');
		expect(table.cellOf(2, 'price')).toBe('x');
		expect(table.file).toBe('');
		end();
	});
});
