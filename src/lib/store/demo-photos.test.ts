import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { uuid } from '../../../tests/records';
import { documentOf, emptyStudio, freshPhoto, freshSettings } from '../core';
import { openDatabase, storeEvents, type StudioDatabase } from './database';
import { bytesOfPhoto, fetchDemoPhotos } from './photos';
import { restoreDemo, replaceStudio } from './studio';

let db: StudioDatabase;
let count = 0;
let asked: string[] = [];
/** Hashes that the server does not give. */
let lost: ReadonlySet<string> = new Set();

const photos = ['a', 'b', 'c'].map((digit, i) =>
	freshPhoto({
		id: uuid(i),
		hash: digit.repeat(64),
		byteLength: 64,
		mediaType: 'image/webp',
		width: 2,
		height: 2,
		addedOn: '2026-11-28'
	})
);
const demo = { ...emptyStudio(), settings: [freshSettings({ demo: true })], photos };
const stored = async () => (await db.photoBytes.toCollection().primaryKeys()).map(([first]) => first).sort();

beforeEach(() => {
	db = openDatabase(`demo-photos-${++count}`);
	asked = [];
	lost = new Set();
	vi.stubGlobal('fetch', async (url: string) => {
		const hash = /(\w{64})\.webp$/.exec(url)?.[1] ?? '';
		asked.push(hash);
		await new Promise((resolve) => setTimeout(resolve, 5));
		if (lost.has(hash)) throw new TypeError('no connection');
		return new Response(new Blob([hash], { type: 'image/webp' }));
	});
});
afterEach(async () => {
	vi.unstubAllGlobals();
	await db.delete();
});

describe('the photographs of the demo', () => {
	it('come after its records, and whoever asks for one waits for it', async () => {
		await restoreDemo(documentOf(demo, '2026-11-28'), db);
		expect(await db.photos.count()).toBe(3);
		const [first] = photos;
		expect(await (await bytesOfPhoto(first!, db))?.text()).toBe(first?.hash);
		expect(await stored()).toEqual(['a', 'b', 'c']);
	});
	it('are asked for once, however often they are sent for', async () => {
		await replaceStudio(demo, db);
		await Promise.all([fetchDemoPhotos(db), fetchDemoPhotos(db), fetchDemoPhotos(db)]);
		expect(asked.length).toBe(3);
	});
	it('that did not come are asked for again, those alone', async () => {
		const [first] = photos;
		lost = new Set([first!.hash]);
		await replaceStudio(demo, db);
		await fetchDemoPhotos(db);
		expect(await stored()).toEqual(['b', 'c']);
		expect(await bytesOfPhoto(first!, db)).toBeUndefined();
		lost = new Set();
		asked = [];
		await fetchDemoPhotos(db);
		expect(asked).toEqual([first?.hash]);
		expect(await stored()).toEqual(['a', 'b', 'c']);
	});
	it('that did not come, or found no room, are told with how many and why', async () => {
		const told = vi.spyOn(storeEvents, 'onphotosmissing');
		await replaceStudio(demo, db);
		lost = new Set([photos[0]!.hash, photos[1]!.hash]);
		await fetchDemoPhotos(db);
		expect(told).toHaveBeenLastCalledWith({ number: 2, why: 'unreachable' });
		lost = new Set();
		const full = Object.assign(new Error('no room'), { name: 'QuotaExceededError' });
		vi.spyOn(db.photoBytes, 'put').mockRejectedValueOnce(full);
		await fetchDemoPhotos(db);
		expect(told).toHaveBeenLastCalledWith({ number: 1, why: 'full' });
		await fetchDemoPhotos(db);
		expect(told).toHaveBeenCalledTimes(2);
		expect(await stored()).toEqual(['a', 'b', 'c']);
		vi.restoreAllMocks();
	});
	it('are not sent for in a studio of one’s own', async () => {
		await replaceStudio({ ...demo, settings: [freshSettings()] }, db);
		await fetchDemoPhotos(db);
		expect(asked).toEqual([]);
	});
});
