/** Writes records into an open transaction, with all that follows from a write, and keeps what it did to be undone. */
import { current, isDraft, produceWithPatches, type Draft } from 'immer';
import {
	innerIdsOf,
	linksTo,
	problemsInWords,
	recordTypeOf,
	type AnyRecord,
	type RecordOf,
	type TableName
} from '../core';
import type { RecordChange, StudioDatabase } from './database';

/** A record was changed elsewhere (another tab) since the writer read it. */
export class StaleWriteError extends Error {
	constructor(
		readonly table: TableName,
		/** The record as it is stored now; undefined when it is gone. */
		readonly stored?: AnyRecord
	) {
		super(
			stored
				? 'This was changed elsewhere in the meantime, so nothing was saved yet.'
				: 'This is no longer there: it was deleted elsewhere. Nothing was saved.'
		);
		this.name = 'StaleWriteError';
	}
}

/** A record would not be valid; `problems` says where. */
export class InvalidRecordError extends Error {
	constructor(
		readonly table: TableName,
		readonly problems: string[]
	) {
		super(`Not saved: ${problems.join('; ')}`);
		this.name = 'InvalidRecordError';
	}
}

export interface Writer {
	create<T extends TableName>(table: T, record: RecordOf<T>): Promise<void>;
	/** Changes a record as it is stored now. With `rev`, refuses when it is no longer of that rev. */
	edit<T extends TableName>(
		table: T,
		id: string,
		recipe: (draft: Draft<RecordOf<T>>) => void,
		rev?: number
	): Promise<void>;
	/** Removes a record with all that belongs to it; what only names it lets go of it. */
	remove(table: TableName, id: string): Promise<void>;
}

/** A record before and after what was done to it. */
export interface Touched {
	table: TableName;
	id: string;
	before: AnyRecord | undefined;
	after: AnyRecord | undefined;
}

interface Box {
	record: AnyRecord | undefined;
}

/** A record as it may be stored, under its next rev; throws InvalidRecordError. */
export function validated(table: TableName, record: AnyRecord, rev: number): AnyRecord {
	const checked = recordTypeOf(table).schema.safeParse({ ...record, rev });
	if (!checked.success) throw new InvalidRecordError(table, problemsInWords(checked.error, record));
	return checked.data;
}

/** Ids that stood in the first list and do not in the second. */
const lostIds = (before: readonly string[], after: readonly string[]) => {
	const left = new Set(after);
	return new Set(before.filter((id) => !left.has(id)));
};

/** The writer of one change, what it did, and the same as a journal keeps it. */
export function writerInto(db: StudioDatabase): {
	writer: Writer;
	changes: RecordChange[];
	touched: () => Touched[];
} {
	const changes: RecordChange[] = [];
	const touched = new Map<string, Touched>();

	async function write(table: TableName, id: string, recipe: (box: Box) => void): Promise<void> {
		const stored = (await db.table(table).get(id)) as AnyRecord | undefined;
		const [after, forward, inverse] = produceWithPatches({ record: stored }, (box) => recipe(box));
		if (forward.length === 0) return;
		changes.push({ table, id, forward, inverse });
		const record = after.record && validated(table, after.record, (stored?.rev ?? 0) + 1);
		if (record) await db.table(table).put(record);
		else await db.table(table).delete(id);
		const key = `${table} ${id}`;
		touched.set(key, {
			table,
			id,
			before: touched.has(key) ? touched.get(key)?.before : stored,
			after: record
		});
		await follow(table, stored, record);
	}

	/** What a write takes with it: records that belonged to it, names that lead nowhere now, photos nobody shows. */
	async function follow(table: TableName, before: AnyRecord | undefined, after: AnyRecord | undefined) {
		if (!before) return;
		const goneInside = lostIds(innerIdsOf(table, before), after ? innerIdsOf(table, after) : []);
		if (!after || goneInside.size > 0) await letGo(table, before, after, goneInside);
		for (const link of recordTypeOf(table).links)
			if (link.owns)
				for (const id of lostIds(link.holders(before), after ? link.holders(after) : []))
					if (!(await isNamed(link.to, id))) await write(link.to, id, (box) => void (box.record = undefined));
	}

	async function letGo(
		table: TableName,
		before: AnyRecord,
		after: AnyRecord | undefined,
		goneInside: ReadonlySet<string>
	) {
		for (const { from, link } of linksTo(table)) {
			const rows = (await (
				link.by ? db.table(from).where(link.by.index).equals(link.by.key(before)) : db.table(from)
			).toArray()) as AnyRecord[];
			for (const row of rows.filter((one) => link.holders(one).includes(before.id))) {
				if (!after && link.whenGone === 'remove')
					await write(from, row.id, (box) => void (box.record = undefined));
				else
					await write(from, row.id, ({ record }) => {
						if (!record) return;
						if (!after && link.whenGone !== 'remove') link.whenGone(record, new Set([before.id]));
						else link.whenInnerGone?.(record, goneInside);
					});
			}
		}
	}

	async function isNamed(table: TableName, id: string): Promise<boolean> {
		for (const { from, link } of linksTo(table)) {
			const named = link.by
				? db.table(from).where(link.by.index).equals(id)
				: db.table(from).filter((record) => link.holders(record as AnyRecord).includes(id));
			if ((await named.count()) > 0) return true;
		}
		return false;
	}

	return {
		changes,
		touched: () => [...touched.values()],
		writer: {
			create: (table, record) =>
				write(table, record.id, (box) => void (box.record = record as unknown as AnyRecord)),
			edit: (table, id, recipe, rev) =>
				write(table, id, (box) => {
					const stored = isDraft(box.record) ? current(box.record) : box.record;
					if (!box.record || !stored) throw new StaleWriteError(table);
					if (rev !== undefined && stored.rev !== rev) throw new StaleWriteError(table, stored);
					recipe(box.record as unknown as Draft<RecordOf<typeof table>>);
				}),
			remove: (table, id) => write(table, id, (box) => void (box.record = undefined))
		}
	};
}
