// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { makeClient, uuid } from '../../../tests/records';
import { emptyStudio } from '../core';
import { database } from './database';
import { change } from './journal';
import { live, liveAhead, type Live, type LiveAhead } from './live.svelte';
import { replaceStudio } from './studio';

const first = makeClient({ id: uuid(1), name: 'First' });
const second = makeClient({ id: uuid(2), name: 'Second' });
let stop: () => void;
let wanted = $state({ id: first.id });
let name: Live<string | undefined>;

beforeEach(async () => {
	await replaceStudio({ ...emptyStudio(), clients: [first, second] });
	wanted = { id: first.id };
	stop = $effect.root(() => {
		name = live(() => {
			const { id } = wanted;
			return async () => (await database.clients.get(id))?.name;
		});
	});
	flushSync();
});
afterEach(() => stop());

it('answers once the store has', async () => {
	expect(name.value).toBeUndefined();
	await vi.waitFor(() => expect(name.value).toBe('First'));
});

it('follows the store', async () => {
	await vi.waitFor(() => expect(name.value).toBe('First'));
	await change('Renamed', (writer) =>
		writer.edit('clients', first.id, (draft) => void (draft.name = 'Renamed'))
	);
	await vi.waitFor(() => expect(name.value).toBe('Renamed'));
});

it('follows what it was prepared with', async () => {
	await vi.waitFor(() => expect(name.value).toBe('First'));
	wanted.id = second.id;
	flushSync();
	await vi.waitFor(() => expect(name.value).toBe('Second'));
});

it('tells an error instead of throwing', async () => {
	let broken: Live<never> | undefined;
	const end = $effect.root(() => {
		broken = live(() => async () => {
			throw new Error('no store here');
		});
	});
	flushSync();
	await vi.waitFor(() => expect(broken?.error?.message).toContain('no store here'));
	end();
});

interface Title {
	id: string;
	rev: number;
	name: string;
}

/** A looked-up client that may be shown ahead of the store. */
function followedAhead(): { record: LiveAhead<Title>; end: () => void } {
	let record!: LiveAhead<Title>;
	const end = $effect.root(() => {
		record = liveAhead<Title>(() => {
			const { id } = wanted;
			return async () => ({ found: await database.clients.get(id) });
		});
	});
	flushSync();
	return { record, end };
}

describe('a record that is shown ahead of the store', () => {
	const rename = (name: string, rev?: number) =>
		change('Renamed', (writer) => writer.edit('clients', first.id, (draft) => void (draft.name = name), rev));
	let followed: ReturnType<typeof followedAhead>;
	let record: LiveAhead<Title>;
	beforeEach(async () => {
		followed = followedAhead();
		({ record } = followed);
		await vi.waitFor(() => expect(record.value?.found?.name).toBe('First'));
	});
	afterEach(() => {
		followed.end();
		vi.useRealTimers();
	});
	/** The record as it is shown, with a name and one write more. */
	const renamed = (name: string): Title => {
		const { found } = record.value ?? {};
		return { ...(found as Title), name, rev: (found?.rev ?? 0) + 1 };
	};

	it('is seen at once, and stays the very object once the store has the same', async () => {
		const next = renamed('Ahead');
		record.show(next);
		expect(record.value?.found).toBe(next);
		await rename('Ahead');
		await rename('And on');
		await vi.waitFor(() => expect(record.value?.found?.name).toBe('And on'));
		record.show(renamed('Again'));
		const before = record.value;
		await rename('Again');
		record.settle();
		await new Promise((resolve) => setTimeout(resolve, 60));
		expect(record.value).toBe(before);
	});
	it('is the store’s where that came to something else', async () => {
		record.show(renamed('Ahead'));
		await rename('Another tab was quicker');
		await vi.waitFor(() => expect(record.value?.found?.name).toBe('Another tab was quicker'));
	});
	it('waits through the answers of earlier writes: quick hands see no step back', async () => {
		const seen: string[] = [];
		record.show(renamed('One'));
		record.show(renamed('Two'));
		const end = $effect.root(() => {
			$effect(() => void seen.push(record.value?.found?.name ?? ''));
		});
		flushSync();
		await rename('One');
		await rename('Two');
		record.settle();
		await new Promise((resolve) => setTimeout(resolve, 60));
		flushSync();
		expect(new Set(seen)).toEqual(new Set(['Two']));
		end();
	});
	it('is what is stored again when its write is refused', async () => {
		record.show(renamed('Ahead'));
		await expect(rename('Ahead', 99)).rejects.toThrow();
		record.takeBack();
		expect(record.value?.found?.name).toBe('First');
	});
	it('is taken back where the store never confirms it', async () => {
		vi.useFakeTimers();
		record.show(renamed('Ahead'));
		record.settle();
		vi.advanceTimersByTime(1000);
		expect(record.value?.found?.name).toBe('Ahead');
		vi.advanceTimersByTime(1500);
		expect(record.value?.found?.name).toBe('First');
	});
	it('is gone with its studio: what is put in its place is shown, and stays', async () => {
		record.show(renamed('Ahead'));
		record.settle();
		await replaceStudio({ ...emptyStudio(), clients: [{ ...first, name: 'Of a backup' }, second] });
		await vi.waitFor(() => expect(record.value?.found?.name).toBe('Of a backup'));
		record.takeBack();
		expect(record.value?.found?.name).toBe('Of a backup');
	});
	it('is of one record: another one is shown as it is stored', async () => {
		record.show(renamed('Ahead'));
		wanted.id = second.id;
		flushSync();
		await vi.waitFor(() => expect(record.value?.found?.name).toBe('Second'));
	});
});
