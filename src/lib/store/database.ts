import { Dexie, type Table } from 'dexie';
import type { Patch } from 'immer';
import { tableNames, type RecordOf, type TableName } from '../core';

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
	return database;
}

export const database = openDatabase();

/** The tables that hold a studio's records, for a transaction over all of them. */
export const recordTables = (db: StudioDatabase) => tableNames.map((name) => db.table(name));
