/**
 * All writes to the studio go through here. A change is written together with its inverse in one transaction, so
 * that it can be undone after a reload, and a crash in the middle leaves nothing half done.
 */
import { applyPatches, enablePatches, produceWithPatches, type Draft } from 'immer';
import { problemsInWords, tableSchemas, type RecordOf, type TableName } from '../core';
import { moment } from './clock';
import {
	database,
	recordTables,
	type JournalEntry,
	type RecordChange,
	type StudioDatabase
} from './database';

enablePatches();

/** Undo reaches this far back. */
const longestJournal = 300;

/** A record was changed elsewhere (another tab) since the writer read it. */
export class StaleWriteError extends Error {
	constructor(table: TableName) {
		super(
			`This was changed elsewhere in the meantime, so nothing was saved. Look at it again, then repeat the change. (${table})`
		);
		this.name = 'StaleWriteError';
	}
}

/** A record would not be valid; `problems` says where. */
export class InvalidRecordError extends Error {
	constructor(
		table: TableName,
		readonly problems: string[]
	) {
		super(`Not saved (${table}): ${problems.join('; ')}`);
		this.name = 'InvalidRecordError';
	}
}

type Box<T> = { record: T | undefined };

export interface Writer {
	create<T extends TableName>(table: T, record: RecordOf<T>): Promise<void>;
	/** Changes a record in place. With `rev`, refuses when the stored record is no longer of that rev. */
	edit<T extends TableName>(
		table: T,
		id: string,
		recipe: (draft: Draft<RecordOf<T>>) => void,
		rev?: number
	): Promise<void>;
	remove(table: TableName, id: string): Promise<void>;
}

function validated<T extends TableName>(table: T, record: unknown): RecordOf<T> {
	const checked = tableSchemas[table].safeParse(record);
	if (!checked.success) throw new InvalidRecordError(table, problemsInWords(checked.error, record));
	return checked.data as RecordOf<T>;
}

function writerInto(db: StudioDatabase, changes: RecordChange[]): Writer {
	const write = async <T extends TableName>(
		table: T,
		id: string,
		recipe: (box: Box<RecordOf<T>>) => void
	) => {
		const stored = (await db.table(table).get(id)) as RecordOf<T> | undefined;
		const [after, forward, inverse] = produceWithPatches({ record: stored } as Box<RecordOf<T>>, (box) =>
			recipe(box as Box<RecordOf<T>>)
		);
		if (forward.length === 0) return;
		changes.push({ table, id, forward, inverse });
		await put(db, table, id, after.record, stored?.rev);
	};
	return {
		create: (table, record) => write(table, record.id, (box) => void (box.record = record)),
		edit: (table, id, recipe, rev) =>
			write(table, id, (box) => {
				if (!box.record || (rev !== undefined && box.record.rev !== rev)) throw new StaleWriteError(table);
				recipe(box.record as Draft<RecordOf<typeof table>>);
			}),
		remove: (table, id) => write(table, id, (box) => void (box.record = undefined))
	};
}

/** Stores a record under the next rev, or removes it when there is none. */
async function put<T extends TableName>(
	db: StudioDatabase,
	table: T,
	id: string,
	record: RecordOf<T> | undefined,
	storedRev = 0
): Promise<void> {
	if (record === undefined) await db.table(table).delete(id);
	else await db.table(table).put(validated(table, { ...record, rev: storedRev + 1 }));
}

const inTransaction = <T>(db: StudioDatabase, work: () => Promise<T>): Promise<T> =>
	db.transaction('rw', [...recordTables(db), db.journal], work);

/**
 * Makes one change under one label, of as many records as it takes. Throws InvalidRecordError or StaleWriteError,
 * and then nothing is changed.
 */
export async function change(
	label: string,
	work: (writer: Writer) => Promise<void>,
	db: StudioDatabase = database
): Promise<void> {
	await inTransaction(db, async () => {
		const changes: RecordChange[] = [];
		await work(writerInto(db, changes));
		if (changes.length === 0) return;
		await db.journal.where('undone').equals(1).delete();
		const sequence = await db.journal.add({ at: moment(), label, changes, undone: 0 });
		await db.journal
			.where('sequence')
			.belowOrEqual(sequence - longestJournal)
			.delete();
	});
}

async function replay(
	db: StudioDatabase,
	entry: JournalEntry,
	direction: 'forward' | 'inverse'
): Promise<void> {
	const changes = direction === 'forward' ? entry.changes : [...entry.changes].reverse();
	for (const { table, id, ...patches } of changes) {
		const stored = await db.table(table).get(id);
		const { record } = applyPatches({ record: stored } as Box<RecordOf<TableName>>, patches[direction]);
		await put(db, table, id, record, stored?.rev);
	}
	await db.journal.update(entry.sequence ?? 0, { undone: direction === 'inverse' ? 1 : 0 });
}

export const nextToUndo = (db: StudioDatabase = database): Promise<JournalEntry | undefined> =>
	db.journal.where('undone').equals(0).last();

export const nextToRedo = (db: StudioDatabase = database): Promise<JournalEntry | undefined> =>
	db.journal.where('undone').equals(1).first();

/** Takes back the latest change; returns its label, or undefined when there is none. */
export const undo = (db: StudioDatabase = database): Promise<string | undefined> =>
	inTransaction(db, async () => {
		const entry = await nextToUndo(db);
		if (entry) await replay(db, entry, 'inverse');
		return entry?.label;
	});

/** Does the latest undone change again; returns its label, or undefined when there is none. */
export const redo = (db: StudioDatabase = database): Promise<string | undefined> =>
	inTransaction(db, async () => {
		const entry = await nextToRedo(db);
		if (entry) await replay(db, entry, 'forward');
		return entry?.label;
	});
