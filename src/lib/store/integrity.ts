/** Whether what was just written still fits everything else that is stored. */
import {
	brokenLinksOf,
	innerIdsOf,
	linksTo,
	recordTypeOf,
	type AnyRecord,
	type BrokenLink,
	type TableName
} from '../core';
import type { StudioDatabase } from './database';
import type { Touched } from './writer';

const isNew = (ids: readonly string[], before: readonly string[]) => ids.some((id) => !before.includes(id));

/** Does a record name something that it did not name before? */
function namesMore(table: TableName, after: AnyRecord, before: AnyRecord | undefined): boolean {
	return recordTypeOf(table).links.some(
		(link) =>
			isNew(link.holders(after), before ? link.holders(before) : []) ||
			isNew(link.inner?.(after) ?? [], before ? (link.inner?.(before) ?? []) : [])
	);
}

async function linksOutOf(db: StudioDatabase, table: TableName, record: AnyRecord): Promise<BrokenLink[]> {
	const found = new Map<string, AnyRecord>();
	for (const { to, holders } of recordTypeOf(table).links) {
		const ids = [...new Set(holders(record))];
		const rows = (await db.table(to).bulkGet(ids)) as (AnyRecord | undefined)[];
		for (const row of rows) if (row) found.set(`${to} ${row.id}`, row);
	}
	return brokenLinksOf(table, record, (to, id) => found.get(`${to} ${id}`));
}

/** Records that name a given one, as it was before it went or lost something inside. */
async function namersOf(db: StudioDatabase, table: TableName, before: AnyRecord) {
	const namers: { table: TableName; record: AnyRecord }[] = [];
	for (const { from, link } of linksTo(table)) {
		const rows = (await (
			link.by ? db.table(from).where(link.by.index).equals(link.by.key(before)) : db.table(from)
		).toArray()) as AnyRecord[];
		for (const record of rows)
			if (link.holders(record).includes(before.id)) namers.push({ table: from, record });
	}
	return namers;
}

/**
 * The links that a change leaves leading nowhere: of what was written to what it names now, and of others to what was
 * taken away. Only what changed is looked up.
 */
export async function brokenBy(db: StudioDatabase, touched: readonly Touched[]): Promise<BrokenLink[]> {
	const broken: BrokenLink[] = [];
	for (const { table, before, after } of touched) {
		if (after && namesMore(table, after, before)) broken.push(...(await linksOutOf(db, table, after)));
		const lost = before && (!after || isNew(innerIdsOf(table, before), innerIdsOf(table, after)));
		if (!lost) continue;
		for (const namer of await namersOf(db, table, before))
			broken.push(...(await linksOutOf(db, namer.table, namer.record)));
	}
	return broken;
}
