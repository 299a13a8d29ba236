import { Dexie, type Table, type Transaction } from 'dexie';
import type { Patch } from 'immer';
import { migrate, tableNames, type RecordOf, type TableName } from '../core';

/** One record's part in a change; patches of the whole record (empty path) stand for its making or removal. */
export interface RecordChange {
	table: TableName;
	id: string;
	forward: Patch[];
	inverse: Patch[];
}

/** A change as the stylist made it: undone and done again as one. */
export interface JournalEntry {
	sequence?: number;
	at: string;
	/** What was done, in the past tense: "Left out the scarf". */
	label: string;
	changes: RecordChange[];
	/** 0 done, 1 undone: an indexed number. */
	undone: 0 | 1;
}

export type StudioDatabase = Dexie & { [T in TableName]: Table<RecordOf<T>, string> } & {
	journal: Table<JournalEntry, number>;
};

/**
 * Brings the stored records from one schema version to the next, by the steps that imports take. The journal's patches
 * speak of records of the old shape: they go.
 */
async function migrateRecords(upgrade: Transaction, from: number, to: number) {
	const tables = tableNames.filter((name) => upgrade.storeNames.includes(name));
	const rows = await Promise.all(tables.map((name) => upgrade.table(name).toArray()));
	const document = Object.fromEntries(tables.map((name, i) => [name, rows[i]]));
	const migrated = migrate({ ...document, schemaVersion: from }, to);
	await Promise.all(tables.map((name) => upgrade.table(name).bulkPut(migrated[name] as object[])));
	await upgrade.table('journal').clear();
}

/** Opens the browser's store; the name is overridden in tests only. */
export function openDatabase(name = 'prime-echo'): StudioDatabase {
	const database = new Dexie(name) as StudioDatabase;
	database.version(1).stores({
		settings: 'id',
		clients: 'id',
		events: 'id, clientId, date',
		pieces: 'id, clientId',
		references: 'id',
		echoes: 'id, clientId, referenceId',
		journal: '++sequence, undone'
	});
	database.version(2).stores({ recipes: 'id' });
	database.version(3).upgrade((upgrade) => migrateRecords(upgrade, 2, 3));
	return database;
}

export const database = openDatabase();

/** The tables that hold a studio's records, for a transaction over all of them. */
export const recordTables = (db: StudioDatabase) => tableNames.map((name) => db.table(name));
