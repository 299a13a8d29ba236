import type * as z from 'zod';
import type { Id } from './basics';

/** What every stored record is. */
export interface StoredRecord {
	id: Id;
	rev: number;
}

/** A record as it stands in a file of an older version: no more than an object. */
export type OldRecord = Record<string, unknown>;

/**
 * That records name others: whose they are, what they answer, what they are made of. Storage, import and deletion read
 * from here what must be there and what happens when it goes.
 */
export interface Link<T> {
	/** The table of the records that are named. */
	to: string;
	/** What is named, for a refusal: "its client". */
	words: string;
	/** The records that are named. */
	holders: (record: T) => readonly Id[];
	/** Things inside those records that are named too: elements of a reference, parts of a piece. */
	inner?: (record: T) => readonly Id[];
	/** Whether it may name that record at all: an echo wears what hangs on its own client's rail. Without it, any. */
	mayName?: (record: T, holder: StoredRecord & Record<string, unknown>) => boolean;
	/**
	 * How the records that may name a given one are found: an indexed field of theirs and the key to look up. Without it
	 * the field `holders` reads is taken to be one that the table is too small to need an index for.
	 */
	by?: { index: string; key: (holder: StoredRecord & Record<string, unknown>) => Id };
	/** Does what is named belong to what names it, and go when nothing names it any more? */
	owns?: boolean;
	/** What becomes of a record when what it names goes: it goes too, or it lets go of the ids that are gone. */
	whenGone: 'remove' | ((draft: T, gone: ReadonlySet<Id>) => void);
	/** How it lets go of things inside that are gone while their record stays. */
	whenInnerGone?: (draft: T, gone: ReadonlySet<Id>) => void;
}

/** A step of one record from the version before. */
export interface RecordMigration {
	/** The version that it leads to. */
	version: number;
	/** What it is for, as a name: "findings-let-stand". */
	name: string;
	up: (record: OldRecord) => OldRecord;
}

/**
 * All that the app must know of a kind of record. From these come the browser's tables and their indexes, the empty
 * studio, the exported document and its check, deletion with what hangs on it, migrations, and the records of tests.
 */
export interface RecordType<T extends StoredRecord> {
	schema: z.ZodType<T>;
	/** A record with nothing known but what is given. */
	fresh: (given: never) => T;
	/** What it is called on screen, for messages. */
	titleOf: (record: T) => string;
	/** Indexed fields besides the id, as Dexie writes them; a `*` marks a list. */
	indexes: readonly string[];
	/** Ids of things inside the record that other records name. */
	innerIds?: (record: T) => readonly Id[];
	links: readonly Link<T>[];
	/** The version in which this kind of record came. */
	since: number;
	migrations: readonly RecordMigration[];
}

/** A descriptor that keeps the exact types of its schema and its fresh record. */
export const recordType = <T extends StoredRecord, G, S extends z.ZodType<T>>(
	type: Omit<RecordType<T>, 'fresh' | 'schema'> & { schema: S; fresh: (given: G) => T }
) => type;

/** Ids given twice in a list. */
export const givenTwice = (ids: readonly Id[]): Id[] => ids.filter((id, i) => ids.indexOf(id) !== i);
