import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { makeReference } from '../../../../tests/records';
import { emptyStudio } from '$lib/core';
import { database } from '$lib/store/database';
import { undo } from '$lib/store/journal';
import { replaceStudio } from '$lib/store/studio';
import { notices } from '../frame/notices.svelte';
import { photoIntake } from './intake.svelte';

const takeIn = vi.hoisted(() => vi.fn());
vi.mock('$lib/workers/photo', () => ({ takeInInWorker: takeIn }));
const store = vi.hoisted(() => ({ fails: -1, calls: 0 }));
vi.mock('$lib/store/photos', async (original) => {
	const real = await original<typeof import('$lib/store/photos')>();
	return {
		...real,
		takePhoto: (...given: Parameters<typeof real.takePhoto>) => {
			if (store.calls++ === store.fails) throw new DOMException('full', 'QuotaExceededError');
			return real.takePhoto(...given);
		}
	};
});

const reference = makeReference([]);
const file = (name: string) => new File([name], name, { type: 'image/jpeg' });
const good = (name: string) => ({
	ok: true,
	bytes: new Blob([`picture of ${name}`]),
	mediaType: 'image/webp',
	width: 6,
	height: 4
});
const intake = photoIntake((writer, photos) =>
	writer.edit('references', reference.id, (draft) => void draft.photos.push(...photos.map(({ id }) => id)))
);
const hung = async () => (await database.references.get(reference.id))?.photos.length;

beforeEach(async () => {
	await replaceStudio({ ...emptyStudio(), references: [reference] });
	takeIn
		.mockReset()
		.mockImplementation(({ name }: File) =>
			Promise.resolve(name.startsWith('bad') ? { ok: false, problem: 'cut-off' } : good(name))
		);
	Object.assign(store, { fails: -1, calls: 0 });
	for (const { id } of [...notices.shown]) notices.close(id);
});

describe('taking photographs in', () => {
	it('hangs the good ones in one change, and names the others with why', async () => {
		await intake.take([file('one.jpg'), file('bad.jpg'), file('two.jpg')]);
		expect(await hung()).toBe(2);
		expect(await database.photos.count()).toBe(2);
		expect(intake.refused).toEqual([{ name: 'bad.jpg', problem: 'cut-off' }]);
		expect(intake.all).toBe(0);
		await undo();
		expect(await hung()).toBe(0);
		expect(await database.photos.count()).toBe(0);
	});
	it('called off, keeps what is in by then', async () => {
		takeIn.mockImplementation(async ({ name }: File) => {
			if (name === 'two.jpg') intake.cancel();
			return good(name);
		});
		await intake.take([file('one.jpg'), file('two.jpg'), file('three.jpg')]);
		expect(await hung()).toBe(1);
	});
	it('with a full disk, keeps what is in by then and says so', async () => {
		store.fails = 1;
		await intake.take([file('one.jpg'), file('two.jpg')]);
		expect(await hung()).toBe(1);
		expect(notices.shown.some(({ kind }) => kind === 'error')).toBe(true);
	});
	it('names a file whose worker broke off, and takes one batch at a time', async () => {
		takeIn.mockRejectedValueOnce(new Error('lost'));
		const first = intake.take([file('one.jpg')]);
		await intake.take([file('two.jpg')]);
		await first;
		expect(intake.refused).toEqual([{ name: 'one.jpg', problem: 'unreadable' }]);
		expect(takeIn).toHaveBeenCalledTimes(1);
	});
});
