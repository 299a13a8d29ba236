/** A part of a studio as a file of its own, and what reading one in would do. */
import { dequal } from 'dequal/lite';
import type { Id } from '../model/basics';
import {
	emptyStudio,
	linksTo,
	recordTypeOf,
	tableNames,
	type AnyRecord,
	type Studio,
	type TableName
} from '../model/studio';

export interface RecordKey {
	table: TableName;
	id: Id;
}

const keyOf = ({ table, id }: RecordKey) => `${table} ${id}`;
const recordsOf = (studio: Studio, table: TableName) => studio[table] as unknown as AnyRecord[];

/** What belongs to a record: what would be deleted with it. */
function belongingTo(studio: Studio, root: RecordKey): RecordKey[] {
	const found = new Map([[keyOf(root), root]]);
	for (const at of found.values())
		for (const { from, link } of linksTo(at.table)) {
			if (link.whenGone !== 'remove') continue;
			for (const record of recordsOf(studio, from))
				if (link.holders(record).includes(at.id)) {
					const key = { table: from, id: record.id };
					found.set(keyOf(key), key);
				}
		}
	return [...found.values()];
}

/**
 * The part of a studio that some records need to stand by themselves: they and all that they name, and what those name. With
 * `whole`, what belongs to them comes too: the rail, the days and the looks of a client. Settings stay where they are.
 */
export function partOf(studio: Studio, roots: readonly RecordKey[], whole = false): Studio {
	const wanted = new Map<string, RecordKey>();
	const open = whole ? roots.flatMap((root) => belongingTo(studio, root)) : [...roots];
	const byKey = new Map(
		tableNames.flatMap((table) =>
			recordsOf(studio, table).map((record) => [keyOf({ table, id: record.id }), record])
		)
	);
	for (let next = open.pop(); next; next = open.pop()) {
		const record = byKey.get(keyOf(next));
		if (!record || wanted.has(keyOf(next))) continue;
		wanted.set(keyOf(next), next);
		for (const { to, holders } of recordTypeOf(next.table).links)
			open.push(...holders(record).map((id) => ({ table: to, id })));
	}
	const part = emptyStudio() as unknown as Record<TableName, AnyRecord[]>;
	for (const table of tableNames)
		if (table !== 'settings')
			part[table] = recordsOf(studio, table).filter(({ id }) => wanted.has(keyOf({ table, id })));
	return part as unknown as Studio;
}

/** What a record of a shared file is to the studio that reads it in. */
export interface MergeRow extends RecordKey {
	title: string;
	/** It is not there yet; it is there and the same; it is there and otherwise. */
	state: 'new' | 'same' | 'differs';
	/** Fields that are otherwise, where it differs. */
	fields: string[];
}

/** A field as a file keeps it: what is undefined is not there. */
const asFiled = (value: unknown): unknown =>
	value === undefined ? undefined : JSON.parse(JSON.stringify(value));
const isSame = (a: unknown, b: unknown): boolean => dequal(asFiled(a), asFiled(b));

/** What reading in would do, record by record; how often a record was written does not count. */
export function mergeRows(here: Studio, coming: Studio): MergeRow[] {
	return tableNames
		.filter((table) => table !== 'settings')
		.flatMap((table) => {
			const stored = new Map(recordsOf(here, table).map((record) => [record.id, record]));
			return recordsOf(coming, table).map((record): MergeRow => {
				const own = stored.get(record.id);
				const fields = own
					? [...new Set([...Object.keys(own), ...Object.keys(record)])].filter(
							(field) => field !== 'rev' && !isSame(own[field], record[field])
						)
					: [];
				return {
					table,
					id: record.id,
					title: recordTypeOf(table).titleOf(record),
					state: own ? (fields.length > 0 ? 'differs' : 'same') : 'new',
					fields
				};
			});
		});
}
