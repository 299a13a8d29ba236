import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../tests/records';
import { studioArbitrary } from '../../../tests/studios';
import { brokenLinks, choosing, emptyStudio, tableNames, type AnyRecord } from '../core';
import { openDatabase, type StudioDatabase } from './database';
import {
	change,
	InvalidRecordError,
	nextToRedo,
	nextToUndo,
	redo,
	StaleWriteError,
	undo,
	UndoRefusedError
} from './journal';
import { readStudio, replaceStudio } from './studio';

let db: StudioDatabase;
let count = 0;
beforeEach(() => void (db = openDatabase(`journal-${++count}`)));
afterEach(() => db.delete());

const client = makeClient();
const addClient = (tab?: string) =>
	change('Added a client', (writer) => writer.create('clients', client), db, tab);
const rename = (name: string, rev?: number, tab?: string) =>
	change(
		`Renamed to ${name}`,
		(writer) => writer.edit('clients', client.id, (draft) => void (draft.name = name), rev),
		db,
		tab
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
		expect(await undo({ db })).toBe('Renamed to Third');
		expect(await nameNow()).toBe('Second');
		expect(await undo({ db })).toBe('Renamed to Second');
		expect(await redo({ db })).toBe('Renamed to Second');
		expect(await nameNow()).toBe('Second');
		await undo({ db });
		await undo({ db });
		expect(await nameNow()).toBeUndefined();
		expect(await undo({ db })).toBeUndefined();
	});

	it('survive a reload with their undo', async () => {
		await addClient();
		await rename('Second');
		db.close();
		db = openDatabase(`journal-${count}`);
		expect((await nextToUndo({ db }))?.label).toBe('Renamed to Second');
		await undo({ db });
		expect(await nameNow()).toBe(client.name);
	});

	it('give up redo once something new is done', async () => {
		await addClient();
		await rename('Second');
		await undo({ db });
		await rename('Other');
		expect(await nextToRedo({ db })).toBeUndefined();
		expect(await redo({ db })).toBeUndefined();
	});

	it('tell a stale write and change nothing', async () => {
		await addClient();
		await rename('Second', 1);
		await expect(rename('From another tab', 1)).rejects.toThrow(StaleWriteError);
		expect(await nameNow()).toBe('Second');
		expect((await nextToUndo({ db }))?.label).toBe('Renamed to Second');
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
		expect((await nextToUndo({ db }))?.label).toBe('Added a client');
	});

	it('keep the latest three hundred, no more', async () => {
		await addClient();
		for (let n = 0; n < 310; n++) await rename(`Name ${n}`);
		expect(await db.journal.count()).toBe(300);
		expect((await nextToUndo({ db }))?.label).toBe('Renamed to Name 309');
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
		await undo({ db });
		expect([await db.clients.count(), await db.pieces.count()]).toEqual([0, 0]);
		await redo({ db });
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
		expect(await nextToUndo({ db })).toBeUndefined();
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
				db = openDatabase(`journal-${count}`);
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
				while ((await undo({ db })) !== undefined);
				expect(await plain()).toEqual([]);
				while ((await redo({ db })) !== undefined);
				expect(await plain()).toEqual(after);
			}),
			{ numRuns: 25 }
		);
	});
});

describe('undo by the entry', () => {
	const brief = (text: string, tab?: string) =>
		change(
			`Noted ${text}`,
			(writer) => writer.edit('clients', client.id, (draft) => void (draft.brief = text)),
			db,
			tab
		);

	it('takes back what it names and nothing else', async () => {
		await addClient();
		const renamed = await rename('Second');
		await brief('short');
		expect(await undo({ db, sequence: renamed })).toBe('Renamed to Second');
		expect(await db.clients.get(client.id)).toMatchObject({ name: client.name, brief: 'short' });
	});

	it('is refused, with what was done since, where that concerns the same thing', async () => {
		await addClient();
		const first = await rename('Second');
		await rename('Third');
		const refused = undo({ db, sequence: first });
		await expect(refused).rejects.toThrow(UndoRefusedError);
		await expect(refused).rejects.toMatchObject({ label: 'Renamed to Second', since: ['Renamed to Third'] });
		expect(await nameNow()).toBe('Third');
	});

	it('does nothing a second time', async () => {
		await addClient();
		const renamed = await rename('Second');
		await undo({ db, sequence: renamed });
		expect(await undo({ db, sequence: renamed })).toBeUndefined();
		expect(await nameNow()).toBe(client.name);
	});

	it('is refused where it would leave something hanging', async () => {
		const added = await addClient();
		await change('Hung a blazer', (writer) => writer.create('pieces', makePiece(1, garment('blazer'))), db);
		await expect(undo({ db, sequence: added })).rejects.toThrow(/Piece 1.*its client is not there/);
		expect(await db.clients.count()).toBe(1);
	});

	it('never lets a rev fall, though the record goes and comes again', async () => {
		await addClient();
		await rename('Second');
		await rename('Third');
		const highest = (await db.clients.get(client.id))!.rev;
		for (let i = 0; i < 3; i++) await undo({ db });
		expect(await db.clients.count()).toBe(0);
		await redo({ db });
		expect((await db.clients.get(client.id))!.rev).toBeGreaterThan(highest);
		await expect(rename('From an old form', 1)).rejects.toThrow(StaleWriteError);
	});
});

describe('two tabs', () => {
	const others = new Set(['first', 'second']);
	const as = (tab: string) => ({ db, tab, others: new Set([...others].filter((other) => other !== tab)) });

	it('each take back their own', async () => {
		await addClient('first');
		await change(
			'Noted in the second',
			(writer) => writer.edit('clients', client.id, (draft) => void (draft.brief = 'b')),
			db,
			'second'
		);
		await rename('In the first', undefined, 'first');
		expect(await undo(as('second'))).toBe('Noted in the second');
		expect(await db.clients.get(client.id)).toMatchObject({ name: 'In the first', brief: '' });
		expect(await undo(as('second'))).toBeUndefined();
		expect(await redo(as('second'))).toBe('Noted in the second');
	});

	it('take back what a closed tab did', async () => {
		await addClient('closed');
		expect(await undo(as('first'))).toBe('Added a client');
	});

	it('keep what the other could do again when one does something new', async () => {
		await addClient('first');
		await rename('Second', undefined, 'second');
		await undo(as('second'));
		await change(
			'Noted in the first',
			(writer) => writer.edit('clients', client.id, (draft) => void (draft.brief = 'a')),
			db,
			'first'
		);
		expect(await redo(as('second'))).toBe('Renamed to Second');
	});

	it('do not choose what the other has just deleted', async () => {
		const top = element(1, garment('blouse', ['ivory']));
		const reference = makeReference([top]);
		const blouse = makePiece(1, garment('blouse', ['ivory']));
		const echo = makeEcho(client, reference);
		await replaceStudio(
			{ ...emptyStudio(), clients: [client], pieces: [blouse], references: [reference], echoes: [echo] },
			db
		);
		await change('Deleted', (writer) => writer.remove('pieces', blouse.id), db, 'second');
		const item = { source: 'piece' as const, pieceId: blouse.id, partId: blouse.parts[0]!.id };
		const chosen = choosing.chooseItem([], [top], { element: top, item, garment: top.garment }, uuid(77));
		const work = change(
			'Chose',
			(writer) => writer.edit('echoes', echo.id, (draft) => void (draft.matches = chosen)),
			db,
			'first'
		);
		await expect(work).rejects.toThrow(StaleWriteError);
		expect((await db.echoes.get(echo.id))?.matches).toEqual([]);
	});
});

describe('over records of every kind', () => {
	const withoutRev = (records: AnyRecord[]) => records.map(({ rev: _rev, ...record }) => record);
	const plain = async () =>
		Object.fromEntries(
			Object.entries(await readStudio(db)).map(([table, records]) => [
				table,
				withoutRev(records as unknown as AnyRecord[])
			])
		);

	it('removing any one takes what belongs to it, leaves every link whole, and undo brings all back', async () => {
		await fc.assert(
			fc.asyncProperty(studioArbitrary, fc.nat(), async (studio, n) => {
				await replaceStudio(studio, db);
				const before = await plain();
				const records = tableNames
					.filter((table) => table !== 'settings')
					.flatMap((table) => studio[table].map(({ id }) => ({ table, id })));
				const chosen = records[n % records.length];
				if (!chosen) return;
				await change('Removed', (writer) => writer.remove(chosen.table, chosen.id), db);
				const after = await readStudio(db);
				expect(brokenLinks(after)).toEqual([]);
				expect(after[chosen.table].some(({ id }) => id === chosen.id)).toBe(false);
				await undo({ db });
				expect(await plain()).toEqual(before);
			}),
			{ numRuns: 40 }
		);
	}, 60_000);
});
