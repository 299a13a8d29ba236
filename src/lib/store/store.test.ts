import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../tests/records';
import { choosing, emptyStudio } from '../core';
import { database, openDatabase, type StudioDatabase } from './database';
import { beginEcho, beginWearable, judgeEcho, removeClient, removePiece, removeReference } from './echoes';
import { change, InvalidRecordError, nextToRedo, nextToUndo, redo, StaleWriteError, undo } from './journal';
import { askMarket } from './market';
import { readStudio, replaceStudio, startEmptyStudio } from './studio';

let db: StudioDatabase;
let count = 0;
beforeEach(() => void (db = openDatabase(`test-${++count}`)));
afterEach(() => db.delete());

const client = makeClient();
const addClient = () => change('Added a client', (writer) => writer.create('clients', client), db);
const rename = (name: string, rev?: number) =>
	change(
		`Renamed to ${name}`,
		(writer) => writer.edit('clients', client.id, (draft) => void (draft.name = name), rev),
		db
	);
const nameNow = async () => (await db.clients.get(client.id))?.name;

describe('changes', () => {
	it('count up the rev of a record', async () => {
		await addClient();
		await rename('Second');
		expect((await db.clients.get(client.id))?.rev).toBe(2);
	});

	it('are undone and done again, latest first', async () => {
		await addClient();
		await rename('Second');
		await rename('Third');
		expect(await undo(db)).toBe('Renamed to Third');
		expect(await nameNow()).toBe('Second');
		expect(await undo(db)).toBe('Renamed to Second');
		expect(await redo(db)).toBe('Renamed to Second');
		expect(await nameNow()).toBe('Second');
		await undo(db);
		await undo(db);
		expect(await nameNow()).toBeUndefined();
		expect(await undo(db)).toBeUndefined();
	});

	it('survive a reload with their undo', async () => {
		await addClient();
		await rename('Second');
		db.close();
		db = openDatabase(`test-${count}`);
		expect((await nextToUndo(db))?.label).toBe('Renamed to Second');
		await undo(db);
		expect(await nameNow()).toBe(client.name);
	});

	it('give up redo once something new is done', async () => {
		await addClient();
		await rename('Second');
		await undo(db);
		await rename('Other');
		expect(await nextToRedo(db)).toBeUndefined();
		expect(await redo(db)).toBeUndefined();
	});

	it('tell a stale write and change nothing', async () => {
		await addClient();
		await rename('Second', 1);
		await expect(rename('From another tab', 1)).rejects.toThrow(StaleWriteError);
		expect(await nameNow()).toBe('Second');
		expect((await nextToUndo(db))?.label).toBe('Renamed to Second');
	});

	it('refuse an invalid record, say where, and change nothing at all', async () => {
		await addClient();
		const work = change(
			'Half of it wrong',
			async (writer) => {
				await writer.edit('clients', client.id, (draft) => void (draft.name = 'Half done'));
				await writer.create('pieces', makePiece(1, garment('spacesuit')));
			},
			db
		);
		await expect(work).rejects.toThrow(InvalidRecordError);
		await expect(work).rejects.toThrow(/garment › type/);
		expect(await nameNow()).toBe(client.name);
		expect(await db.pieces.count()).toBe(0);
	});

	it('that change nothing leave no entry', async () => {
		await addClient();
		await rename(client.name);
		expect((await nextToUndo(db))?.label).toBe('Added a client');
	});

	it('keep the latest three hundred, no more', async () => {
		await addClient();
		for (let n = 0; n < 310; n++) await rename(`Name ${n}`);
		expect(await db.journal.count()).toBe(300);
		expect((await nextToUndo(db))?.label).toBe('Renamed to Name 309');
	});

	it('of several records are one step', async () => {
		await change(
			'Moved in',
			async (writer) => {
				await writer.create('clients', client);
				await writer.create('pieces', makePiece(1, garment('blazer')));
			},
			db
		);
		await undo(db);
		expect([await db.clients.count(), await db.pieces.count()]).toEqual([0, 0]);
		await redo(db);
		expect([await db.clients.count(), await db.pieces.count()]).toEqual([1, 1]);
	});

	it('that throw half-way leave neither record nor entry', async () => {
		const work = change(
			'Interrupted',
			async (writer) => {
				await writer.create('clients', client);
				throw new Error('the lid was closed');
			},
			db
		);
		await expect(work).rejects.toThrow('the lid was closed');
		expect(await db.clients.count()).toBe(0);
		expect(await nextToUndo(db)).toBeUndefined();
	});

	it('edit nothing that is not there', async () => {
		await expect(rename('Nobody')).rejects.toThrow(StaleWriteError);
	});

	it('can be undone all the way to the empty studio, and redone, whatever they were', async () => {
		const step = fc.record({
			kind: fc.constantFrom('add', 'rename', 'remove'),
			n: fc.integer({ min: 1, max: 3 }),
			name: fc.string({ minLength: 1, maxLength: 8 })
		});
		await fc.assert(
			fc.asyncProperty(fc.array(step, { minLength: 1, maxLength: 12 }), async (steps) => {
				await db.delete();
				db = openDatabase(`test-${count}`);
				for (const { kind, n, name } of steps)
					await change(
						kind,
						async (writer) => {
							const id = uuid(n);
							const there = await db.clients.get(id);
							if (kind === 'add' && !there)
								await writer.create('clients', makeClient({ id, name: `${name}!` }));
							if (kind === 'rename' && there)
								await writer.edit('clients', id, (draft) => void (draft.name = `${name}!`));
							if (kind === 'remove') await writer.remove('clients', id);
						},
						db
					);
				const plain = async () => (await db.clients.toArray()).map(({ id, name }) => ({ id, name }));
				const after = await plain();
				while ((await undo(db)) !== undefined);
				expect(await plain()).toEqual([]);
				while ((await redo(db)) !== undefined);
				expect(await plain()).toEqual(after);
			}),
			{ numRuns: 25 }
		);
	});
});

describe('the studio', () => {
	it('is replaced as a whole, and undo does not reach behind that', async () => {
		await addClient();
		const next = { ...emptyStudio(), clients: [makeClient({ id: uuid(2), name: 'Other' })] };
		await replaceStudio(next, db);
		expect(await readStudio(db)).toEqual(next);
		expect(await undo(db)).toBeUndefined();
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
});

describe('changes to several records', () => {
	const top = element(1, garment('blouse', ['ivory']));
	const reference = makeReference([top]);
	const blouse = makePiece(1, garment('blouse', ['ivory']));
	const item = { source: 'piece' as const, pieceId: blouse.id, partId: blouse.parts[0]?.id ?? '' };
	const matches = choosing.chooseItem([], [top], { element: top, item, garment: top.garment }, uuid(77));
	const echo = makeEcho(client, reference, { matches });

	beforeEach(() =>
		replaceStudio({
			...emptyStudio(),
			clients: [client],
			pieces: [blouse],
			references: [reference],
			echoes: [echo]
		})
	);
	afterEach(() => replaceStudio(emptyStudio()));

	it('begin an echo', async () => {
		const id = await beginEcho('Began', client.id, reference.id, 'Second try');
		expect(await database.echoes.get(id)).toMatchObject({ title: 'Second try', matches: [], rev: 1 });
	});

	it('take a deleted piece out of its echoes, and undo brings both back', async () => {
		await removePiece('Deleted', blouse);
		expect((await database.echoes.get(echo.id))?.matches).toEqual([]);
		await undo();
		expect((await database.echoes.get(echo.id))?.matches).toEqual(matches);
		expect(await database.pieces.count()).toBe(1);
	});

	it('delete a client with wardrobe and echoes, and undo brings all back', async () => {
		await removeClient('Deleted', client.id);
		expect([
			await database.clients.count(),
			await database.pieces.count(),
			await database.echoes.count()
		]).toEqual([0, 0, 0]);
		await undo();
		expect([
			await database.clients.count(),
			await database.pieces.count(),
			await database.echoes.count()
		]).toEqual([1, 1, 1]);
	});

	it('delete a reference with its echoes', async () => {
		await removeReference('Deleted', reference.id);
		expect(await database.echoes.count()).toBe(0);
	});

	it('keep what was judged when the reference is edited later', async () => {
		await judgeEcho('Judged', echo, { ownRating: 90, wouldWear: 'yes', note: 'Right.' });
		await change('Emptied the reference', (writer) =>
			writer.edit('references', reference.id, (draft) => void (draft.elements = []))
		);
		const [judgement] = (await database.echoes.get(echo.id))?.judgements ?? [];
		expect(judgement).toMatchObject({ verdict: { ownRating: 90 }, score: 100 });
		expect(judgement?.reference.elements).toHaveLength(1);
	});
});

describe('the market as the browser sees it', () => {
	const query = { elements: [element(1, garment('blouse'))] };
	const answering = (body: unknown, status = 200) =>
		vi.stubGlobal(
			'fetch',
			vi.fn(async () => new Response(JSON.stringify(body), { status }))
		);
	afterEach(() => vi.unstubAllGlobals());

	it('gives a valid answer on', async () => {
		answering({ simulated: true, shops: [], matches: [] });
		expect(await askMarket(query)).toMatchObject({ ok: true });
	});

	it.each([
		['of another shape', () => answering({ surprise: true })],
		['an error page', () => answering('oops', 500)],
		[
			'no server',
			() =>
				vi.stubGlobal(
					'fetch',
					vi.fn(async () => Promise.reject(new TypeError('refused')))
				)
		]
	])('turns %s into one plain sentence', async (_, arrange) => {
		arrange();
		expect(await askMarket(query)).toMatchObject({
			ok: false,
			message: expect.stringMatching(/wardrobe works as before/)
		});
	});

	it('passes on why the server refused', async () => {
		answering({ message: 'The question was not valid.', problems: [] }, 400);
		expect(await askMarket(query)).toEqual({ ok: false, message: 'The question was not valid.' });
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

describe('a wearable version', () => {
	it('is a reference and an echo of its own, undone as one', async () => {
		const [kept, gone] = [element(1, garment('blazer', ['navy'])), element(2, garment('hoops', ['gold']))];
		const reference = makeReference([kept, gone]);
		const echo = makeEcho(client, reference, {
			matches: choosing.leaveOut(choosing.leaveOut([], kept.id, uuid(71)), gone.id, uuid(72))
		});
		await replaceStudio({ ...emptyStudio(), clients: [client], references: [reference], echoes: [echo] });
		const id = await beginWearable('Began', echo, { elements: [kept], changes: [] }, 'Wearable');
		const begun = await database.echoes.get(id);
		expect(begun?.matches.flatMap(({ elementIds }) => elementIds)).toEqual([kept.id]);
		expect((await database.references.get(begun!.referenceId))?.elements).toEqual([kept]);
		await undo();
		expect(await database.echoes.count()).toBe(1);
		expect(await database.references.count()).toBe(1);
	});
});
