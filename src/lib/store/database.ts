import { Dexie, type Table, type Transaction } from 'dexie';
import type { Patch } from 'immer';
import { migrate, recordTypes, schemaVersion, tableNames, type RecordOf, type TableName } from '../core';

/** One record's part in a change; patches of the whole record (empty path) stand for its making or removal. */
export interface RecordChange {
	table: TableName;
	id: string;
	forward: Patch[];
	inverse: Patch[];
	/** The rev that the record had reached when this was last done or undone. */
	rev?: number;
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
	/** The tab in which it was done; a tab takes back its own. */
	tab: string;
}

/** The bytes of a photo, once for all records that hold the same ones. */
export interface PhotoBytes {
	hash: string;
	bytes: Blob;
	addedAt: string;
}

/** What belongs to this browser and not to the studio: it is neither backed up nor undone. */
export interface DeviceNote {
	key: 'last-backup' | 'steps-left';
	value: string;
}

export type StudioDatabase = Dexie & { [T in TableName]: Table<RecordOf<T>, string> } & {
	journal: Table<JournalEntry, number>;
	photoBytes: Table<PhotoBytes, string>;
	device: Table<DeviceNote, string>;
};

/** Every table with its indexes, as Dexie takes them; photos, the journal and the device's notes are no records. */
const stores: Record<string, string> = {
	...Object.fromEntries(tableNames.map((name) => [name, ['id', ...recordTypes[name].indexes].join(', ')])),
	journal: '++sequence, undone',
	photoBytes: 'hash',
	device: 'key'
};

/**
 * Brings the stored records from one schema version to the next, by the steps that imports take. The journal's patches
 * speak of records of the old shape: they go.
 */
async function migrateRecords(upgrade: Transaction, to: number) {
	const tables = tableNames.filter((name) => recordTypes[name].since <= to);
	const rows = await Promise.all(tables.map((name) => upgrade.table(name).toArray()));
	const document = Object.fromEntries(tables.map((name, i) => [name, rows[i]]));
	const migrated = migrate({ ...document, schemaVersion: to - 1 }, to);
	await Promise.all(tables.map((name) => upgrade.table(name).bulkPut(migrated[name] as object[])));
	await upgrade.table('journal').clear();
}

/** The store was written by a newer Prime Echo than this one: it is left alone. */
export class NewerStoreError extends Error {
	constructor() {
		super(
			'This browser’s studio was written by a newer Prime Echo. Nothing was changed. Reload the page; if this stays, update Prime Echo.'
		);
		this.name = 'NewerStoreError';
	}
}

export interface MissingPhotos {
	number: number;
	/** There is no room for them, or nobody gave them. */
	why: 'full' | 'unreachable';
}

/** What can happen to the store from outside, told to whoever shows it. */
export interface StoreEvents {
	/** Another tab runs a newer Prime Echo, or deletes the store: this tab has closed it for good. */
	onclosed: (why: 'newer' | 'deleted') => void;
	/** The store cannot be brought up while another tab holds it open. */
	onblocked: () => void;
	/** Photographs of the demo did not come, or could not be kept. */
	onphotosmissing: (missing: MissingPhotos) => void;
}
const nobody: StoreEvents = {
	onclosed: () => undefined,
	onblocked: () => undefined,
	onphotosmissing: () => undefined
};

/** Dexie counts in tenths, to have room for its own repairs. */
const dexieFactor = 10;

/** Opens the browser's store; the name is overridden in tests only. */
export function openDatabase(
	name = 'prime-echo',
	events: Pick<StoreEvents, 'onclosed' | 'onblocked'> = nobody
): StudioDatabase {
	// Dexie's own cache holds the promise of an answer, and through it the view that asked first, as long as any view follows the same
	// query; and it copies every answer once more. What did not change stays the same object by `kept` already.
	const database = new Dexie(name, { cache: 'disabled' }) as StudioDatabase;
	const [first, ...later] = Array.from({ length: schemaVersion }, (_, i) => database.version(i + 1));
	for (const [i, version] of later.entries()) version.upgrade((upgrade) => migrateRecords(upgrade, i + 2));
	// Told last and once: Dexie reads the tables of all versions anew each time. A store that is brought up gets those that it lacks.
	first?.stores(stores);
	// Dexie would open a newer store as it is, and write records of the old shape into it.
	database.on('ready', () => {
		if (Math.floor(database.backendDB().version / dexieFactor) > schemaVersion) throw new NewerStoreError();
	});
	// Dexie would close and open again at the next query; a tab of an older build must not come back.
	database.on('versionchange', ({ newVersion }) => {
		database.close({ disableAutoOpen: true });
		events.onclosed(newVersion ? 'newer' : 'deleted');
		return false;
	});
	database.on('blocked', () => events.onblocked());
	return database;
}

/** What has become of the store of this tab, told to whoever shows it. */
export const storeEvents: StoreEvents = { ...nobody };

export const database = openDatabase('prime-echo', {
	onclosed: (why) => storeEvents.onclosed(why),
	onblocked: () => storeEvents.onblocked()
});

/** The tables that hold a studio's records, for a transaction over all of them. */
export const recordTables = (db: StudioDatabase) => tableNames.map((name) => db.table(name));
