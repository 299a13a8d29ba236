import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { makeClient, uuid } from '../../../../tests/records';
import { emptyStudio } from '$lib/core';
import { database } from '$lib/store/database';
import { change, InvalidRecordError, StaleWriteError } from '$lib/store/journal';
import { replaceStudio } from '$lib/store/studio';
import { notices } from './notices.svelte';
import { perform, performTold, redoLast, undoLast } from './perform';

const last = () => notices.shown.at(-1);
afterEach(async () => {
	for (const { id } of [...notices.shown]) notices.close(id);
	await replaceStudio(emptyStudio());
});

describe('a change that fails', () => {
	it.each([
		[
			Object.assign(new Error('x'), { name: 'QuotaExceededError' }),
			/no room left.*Nothing saved before is lost/
		],
		[new StaleWriteError('echoes'), /no longer there.*Nothing was saved/],
		[new InvalidRecordError('pieces', ['name: too short']), /Not saved: name: too short/],
		[new Error('x is undefined'), /did not foresee.*Nothing saved before is lost/]
	])('is told plainly: %s', async (error, words) => {
		expect(await perform(() => Promise.reject(error))).toBe(false);
		expect(last()).toMatchObject({ kind: 'error', title: 'Not saved' });
		expect(last()?.text).toMatch(words);
	});

	it('one that works says nothing', async () => {
		expect(await perform(async () => undefined)).toBe(true);
		expect(notices.shown).toHaveLength(0);
	});
});

describe('undo and redo', () => {
	const client = makeClient();
	const add = () => change('Added a client', (writer) => writer.create('clients', client));

	it('say what they took back and did again', async () => {
		await add();
		await undoLast();
		expect(last()?.title).toBe('Undone: Added a client');
		expect(await database.clients.count()).toBe(0);
		await redoLast();
		expect(last()?.title).toBe('Done again: Added a client');
		expect(await database.clients.count()).toBe(1);
	});

	it('say so when there is nothing', async () => {
		await undoLast();
		expect(last()?.title).toBe('Nothing to undo');
		await redoLast();
		expect(last()?.title).toBe('Nothing to redo');
	});

	it('of a notice take back what the notice told, and nothing else', async () => {
		await add();
		await performTold('Deleted a client', (writer) => writer.remove('clients', client.id));
		const told = last();
		expect(told).toMatchObject({ title: 'Deleted a client', action: { label: 'Undo' } });
		const other = makeClient({ id: uuid(7), name: 'Another' });
		await change('Added another', (writer) => writer.create('clients', other));
		told?.action?.run();
		await expect.poll(() => database.clients.count()).toBe(2);
	});

	it('never let two notices stack up', async () => {
		await add();
		await undoLast();
		await redoLast();
		expect(notices.shown).toHaveLength(1);
	});
});
