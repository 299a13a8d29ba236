import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../tests/records';
import { emptyStudio, freshPhoto, schemaVersion } from '../core';
import { clock } from './clock';
import { openDatabase, type StudioDatabase } from './database';
import { change, undo } from './journal';
import { contentHash, bytesOfPhoto, sweepPhotos, takePhoto } from './photos';
import { clearStudio, mendSettings, readStudio, replaceStudio, startEmptyStudio } from './studio';

let db: StudioDatabase;
let count = 0;
beforeEach(() => void (db = openDatabase(`studio-${++count}`)));
afterEach(() => db.delete());

const client = makeClient();
const addClient = () => change('Added a client', (writer) => writer.create('clients', client), db);
const nameNow = async () => (await db.clients.get(client.id))?.name;

describe('the studio', () => {
	it('is replaced as a whole, and undo does not reach behind that', async () => {
		await addClient();
		const next = { ...emptyStudio(), clients: [makeClient({ id: uuid(2), name: 'Other' })] };
		await replaceStudio(next, db);
		expect(await readStudio(db)).toEqual(next);
		expect(await undo({ db })).toBeUndefined();
	});

	it('stays as it was when a replacement fails half-way', async () => {
		await addClient();
		const twice = makeClient({ id: uuid(2) });
		await expect(replaceStudio({ ...emptyStudio(), clients: [twice, twice] }, db)).rejects.toThrow();
		expect(await nameNow()).toBe(client.name);
	});

	it('starts empty with settings of its own', async () => {
		await startEmptyStudio(db);
		expect((await readStudio(db)).settings).toMatchObject([{ currency: 'GBP', demo: false }]);
	});

	it('is never begun over one that is there', async () => {
		await addClient();
		await expect(startEmptyStudio(db)).rejects.toThrow(/already/);
		expect(await nameNow()).toBe(client.name);
	});

	it('that lost its settings gets them anew and keeps its records; an empty one stays empty', async () => {
		await mendSettings(db);
		expect(await db.settings.count()).toBe(0);
		await addClient();
		await mendSettings(db);
		expect(await db.settings.count()).toBe(1);
		expect(await nameNow()).toBe(client.name);
	});
});

describe('photos', () => {
	const facts = { mediaType: 'image/png' as const, width: 2, height: 2 };
	const picture = new Blob([new Uint8Array([1, 2, 3])]);
	const hang = async () => {
		await addClient();
		const photo = await takePhoto(picture, facts, db);
		const piece = makePiece(1, garment('blazer'), { photos: [photo.id] });
		await change(
			'Hung a blazer',
			async (writer) => {
				await writer.create('photos', photo);
				await writer.create('pieces', piece);
			},
			db
		);
		return { photo, piece };
	};
	const later = () => {
		const now = Date.now();
		clock.now = () => new Date(now + 2 * 24 * 60 * 60 * 1000);
	};
	afterEach(() => void (clock.now = () => new Date()));

	// FIPS 180-4, the example of one block: SHA-256 of "abc".
	it('are known by the SHA-256 of their bytes', async () => {
		expect(await contentHash(new Blob(['abc']))).toBe(
			'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'
		);
	});

	it('go with the piece that they belong to, and come back with it', async () => {
		const { photo, piece } = await hang();
		await change('Deleted', (writer) => writer.remove('pieces', piece.id), db);
		expect(await db.photos.count()).toBe(0);
		await undo({ db });
		expect(await db.photos.get(photo.id)).toMatchObject({ hash: photo.hash });
		expect((await bytesOfPhoto(photo, db))?.size).toBe(3);
	});

	it('stay while another record still shows them', async () => {
		const { photo, piece } = await hang();
		const twin = makePiece(2, garment('blazer'), { photos: [photo.id] });
		await change('Hung another', (writer) => writer.create('pieces', twin), db);
		await change('Deleted', (writer) => writer.remove('pieces', piece.id), db);
		expect(await db.photos.count()).toBe(1);
	});

	it('are swept only when neither a record nor the journal names their bytes, and not at once', async () => {
		const { piece } = await hang();
		await change('Deleted', (writer) => writer.remove('pieces', piece.id), db);
		later();
		expect(await sweepPhotos(db)).toBe(0);
		await db.journal.clear();
		expect(await sweepPhotos(db)).toBe(1);
		expect(await db.photoBytes.count()).toBe(0);
	});

	it('that were just taken are left for the change that will name them', async () => {
		await takePhoto(picture, facts, db);
		expect(await sweepPhotos(db)).toBe(0);
	});

	it('are gone after the studio is cleared', async () => {
		await hang();
		await clearStudio(db);
		expect([await db.photos.count(), await db.photoBytes.count(), await db.clients.count()]).toEqual([
			0, 0, 0
		]);
	});

	it('have a record that is valid', () => {
		expect(
			freshPhoto({ id: uuid(1), hash: 'a'.repeat(64), byteLength: 1, addedOn: '2026-01-01', ...facts })
		).toMatchObject({ rev: 0, note: '' });
	});
});

describe('a store of a newer version', () => {
	it('is refused and left as it was', async () => {
		const name = `newer-${++count}`;
		const newer = new Dexie(name);
		newer.version(schemaVersion + 1).stores({ clients: 'id', unheardOf: 'id' });
		await newer.table('unheardOf').add({ id: 'x' });
		newer.close();
		const now = openDatabase(name);
		await expect(now.clients.toArray()).rejects.toThrow(/newer Prime Echo/);
		now.close();
		const again = new Dexie(name);
		await again.open();
		expect(await again.table('unheardOf').count()).toBe(1);
		again.close();
		await Dexie.delete(name);
	});
});

describe('a tab whose store is brought up elsewhere', () => {
	it('closes for good, says so, and writes no more', async () => {
		const name = `outrun-${++count}`;
		const onclosed = vi.fn();
		const old = openDatabase(name, { onclosed, onblocked: vi.fn() });
		await old.clients.add(client);
		const newer = new Dexie(name);
		newer.version(schemaVersion + 1).stores({ clients: 'id', later: 'id' });
		await newer.open();
		expect(onclosed).toHaveBeenCalledWith('newer');
		await expect(old.clients.add(makeClient({ id: uuid(5) }))).rejects.toThrow();
		expect(await newer.table('clients').count()).toBe(1);
		newer.close();
		await Dexie.delete(name);
	});
});

describe('a store of an older version', () => {
	it('is brought to the present one, records and all; its journal, which speaks of old shapes, goes', async () => {
		const name = `older-${++count}`;
		const older = new Dexie(name);
		older.version(2).stores({
			settings: 'id',
			clients: 'id',
			events: 'id, clientId, date',
			pieces: 'id, clientId',
			references: 'id',
			echoes: 'id, clientId, referenceId',
			recipes: 'id',
			journal: '++sequence, undone'
		});
		const reference = makeReference([element(1, garment('blazer', ['navy']))]);
		const { dismissed: _dismissed, ...oldEcho } = makeEcho(client, reference);
		await older.table('clients').add(client);
		await older.table('echoes').add(oldEcho);
		await older.table('journal').add({ at: '2026-11-01T10:00:00.000Z', label: 'x', changes: [], undone: 0 });
		older.close();

		const now = openDatabase(name);
		expect(await now.echoes.get(oldEcho.id)).toEqual({ ...oldEcho, dismissed: [] });
		expect(await now.clients.get(client.id)).toEqual(client);
		expect(await now.journal.count()).toBe(0);
		await now.delete();
	});
});
