/**
 * All writes to the studio go through here. A change is written together with its inverse in one transaction, so
 * that it can be undone after a reload, and a crash in the middle leaves nothing half done.
 */
import { applyPatches, enablePatches, type Patch } from 'immer';
import { brokenLinkInWords, type AnyRecord } from '../core';
import { moment } from './clock';
import {
	database,
	recordTables,
	type JournalEntry,
	type RecordChange,
	type StudioDatabase
} from './database';
import { brokenBy } from './integrity';
import { otherTabs, thisTab } from './tab';
import { StaleWriteError, validated, writerInto, type Touched, type Writer } from './writer';

export { InvalidRecordError, StaleWriteError, type Writer } from './writer';

enablePatches();

/** Undo reaches this far back. */
const longestJournal = 300;

/** A change cannot be taken back or done again, because of what was done since. */
export class UndoRefusedError extends Error {
	constructor(
		readonly label: string,
		/** What was done since, latest last; or what would be left hanging. */
		readonly since: string[]
	) {
		super(`“${label}” cannot be changed by itself any more. In the way: ${since.slice(0, 3).join('; ')}`);
		this.name = 'UndoRefusedError';
	}
}

const inTransaction = <T>(db: StudioDatabase, work: () => Promise<T>): Promise<T> =>
	db.transaction('rw', [...recordTables(db), db.journal], work);

/** A journal as one tab sees it. */
export interface Undoing {
	db?: StudioDatabase;
	tab?: string;
	/** Other tabs that are open: what they did is theirs to take back. */
	others?: ReadonlySet<string>;
}
const isOwn =
	({ tab = thisTab, others = new Set() }: Undoing) =>
	(entry: JournalEntry) =>
		entry.tab === tab || !others.has(entry.tab);

/**
 * Makes one change under one label, of as many records as it takes. Returns its number in the journal, by which it can
 * be undone; undefined when nothing changed. Throws InvalidRecordError or StaleWriteError, and then nothing is changed.
 */
export async function change(
	label: string,
	work: (writer: Writer) => Promise<void>,
	db: StudioDatabase = database,
	tab: string = thisTab
): Promise<number | undefined> {
	return inTransaction(db, async () => {
		const { writer, changes, touched } = writerInto(db);
		await work(writer);
		if (changes.length === 0) return undefined;
		const [broken] = await brokenBy(db, touched());
		// What was chosen is gone by now: another tab was quicker.
		if (broken) throw new StaleWriteError(broken.table);
		await db.journal
			.where('undone')
			.equals(1)
			.filter((entry) => entry.tab === tab)
			.delete();
		const sequence = await db.journal.add({ at: moment(), label, changes, undone: 0, tab });
		await db.journal
			.where('sequence')
			.belowOrEqual(sequence - longestJournal)
			.delete();
		return sequence;
	});
}

/** The place in a record that a patch is about; the length of a list is the list itself. */
const placeOf = ({ path }: Patch) => (path.at(-1) === 'length' ? path.slice(0, -1) : path);
const startsWith = (path: Patch['path'], start: Patch['path']) => start.every((step, i) => path[i] === step);
const meet = (a: Patch, b: Patch) => {
	const [one, other] = [placeOf(a), placeOf(b)];
	return startsWith(one, other) || startsWith(other, one);
};

/** Do two changes concern the same place of the same record? */
const overlap = (a: readonly RecordChange[], b: readonly RecordChange[]) =>
	a.some(({ table, id, forward }) =>
		b.some(
			(other) =>
				other.table === table &&
				other.id === id &&
				forward.some((patch) => other.forward.some((after) => meet(patch, after)))
		)
	);

async function replay(
	db: StudioDatabase,
	entry: JournalEntry,
	direction: 'forward' | 'inverse'
): Promise<void> {
	const since = await db.journal
		.where('sequence')
		.above(entry.sequence ?? 0)
		.filter((later) => later.undone === 0 && overlap(entry.changes, later.changes))
		.toArray();
	if (since.length > 0)
		throw new UndoRefusedError(
			entry.label,
			since.map(({ label }) => label)
		);

	const ordered = direction === 'forward' ? entry.changes : [...entry.changes].reverse();
	const touched: Touched[] = [];
	const reached: RecordChange[] = [];
	for (const change of ordered) {
		const { table, id } = change;
		const stored = (await db.table(table).get(id)) as AnyRecord | undefined;
		const { record } = applyPatches({ record: stored }, change[direction]) as { record?: AnyRecord };
		// A record that goes and comes again never has a rev that it had before.
		const highest = Math.max(stored?.rev ?? 0, change.rev ?? 0, record?.rev ?? 0);
		const after = record && validated(table, record, highest + 1);
		if (after) await db.table(table).put(after);
		else await db.table(table).delete(id);
		touched.push({ table, id, before: stored, after });
		reached.push({ ...change, rev: after?.rev ?? highest });
	}
	const broken = await brokenBy(db, touched);
	if (broken.length > 0) throw new UndoRefusedError(entry.label, broken.map(brokenLinkInWords));
	await db.journal.update(entry.sequence ?? 0, {
		undone: direction === 'inverse' ? 1 : 0,
		changes: direction === 'forward' ? reached : reached.reverse()
	});
}

/** The latest change that this tab may take back. */
export const nextToUndo = ({ db = database, ...from }: Undoing = {}): Promise<JournalEntry | undefined> =>
	db.journal.where('undone').equals(0).reverse().filter(isOwn(from)).first();

/** The change that this tab took back last of those that are next to be done again. */
export const nextToRedo = ({ db = database, ...from }: Undoing = {}): Promise<JournalEntry | undefined> =>
	db.journal.where('undone').equals(1).filter(isOwn(from)).first();

/**
 * Takes back this tab's latest change, or the one of the given number. Returns its label, or undefined when there is none
 * (any more). Throws UndoRefusedError when something done since stands in the way; then nothing is changed.
 */
export async function undo(from: Undoing & { sequence?: number } = {}): Promise<string | undefined> {
	const { db = database, sequence } = from;
	const others = from.others ?? (await otherTabs());
	return inTransaction(db, async () => {
		const entry =
			sequence === undefined ? await nextToUndo({ ...from, others }) : await db.journal.get(sequence);
		if (!entry || entry.undone === 1) return undefined;
		await replay(db, entry, 'inverse');
		return entry.label;
	});
}

/** Does this tab's latest undone change again; returns its label, or undefined when there is none. Throws as `undo` does. */
export async function redo(from: Undoing = {}): Promise<string | undefined> {
	const { db = database } = from;
	const others = from.others ?? (await otherTabs());
	return inTransaction(db, async () => {
		const entry = await nextToRedo({ ...from, others });
		if (entry) await replay(db, entry, 'forward');
		return entry?.label;
	});
}
