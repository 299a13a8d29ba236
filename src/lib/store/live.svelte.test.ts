// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { makeClient, uuid } from '../../../tests/records';
import { emptyStudio } from '../core';
import { database } from './database';
import { change } from './journal';
import { live, type Live } from './live.svelte';
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
