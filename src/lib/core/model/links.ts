/** Whether every record that is named is there; used by imports over a whole studio and by the store over what changed. */
import type { Id } from './basics';
import { recordTypeOf, tableNames, type AnyRecord, type Studio, type TableName } from './studio';

/** A record that names something which is not there. */
export interface BrokenLink {
	table: TableName;
	record: AnyRecord;
	/** Which of its kind's links. */
	link: number;
	/** The records that are not there, or are none that it may name. */
	holders: Id[];
	/** The things inside records that are not there. */
	inner: Id[];
}

/** The ids that others may name inside a record. */
export const innerIdsOf = (table: TableName, record: AnyRecord): readonly Id[] =>
	recordTypeOf(table).innerIds?.(record) ?? [];

/** The links of one record that lead nowhere, given how a record is looked up. */
export function brokenLinksOf(
	table: TableName,
	record: AnyRecord,
	find: (table: TableName, id: Id) => AnyRecord | undefined
): BrokenLink[] {
	return recordTypeOf(table).links.flatMap((link, at) => {
		const found = link.holders(record).map((id) => {
			const holder = find(link.to, id);
			return { id, holder: holder && (link.mayName?.(record, holder) ?? true) ? holder : undefined };
		});
		const holders = found.filter(({ holder }) => !holder).map(({ id }) => id);
		const there = new Set(found.flatMap(({ holder }) => (holder ? innerIdsOf(link.to, holder) : [])));
		const inner = (link.inner?.(record) ?? []).filter((id) => !there.has(id));
		return holders.length + inner.length > 0
			? [{ table, record, link: at, holders: [...new Set(holders)], inner: [...new Set(inner)] }]
			: [];
	});
}

/** All links of a studio that lead nowhere. A studio of an older version has no records of kinds that came later. */
export function brokenLinks(studio: Partial<Studio>): BrokenLink[] {
	const recordsOf = (table: TableName) => (studio[table] ?? []) as unknown as AnyRecord[];
	const byId = new Map<TableName, Map<Id, AnyRecord>>(
		tableNames.map((table) => [table, new Map(recordsOf(table).map((record) => [record.id, record]))])
	);
	const find = (table: TableName, id: Id) => byId.get(table)?.get(id);
	return tableNames.flatMap((table) =>
		recordsOf(table).flatMap((record) => brokenLinksOf(table, record, find))
	);
}

/** "pieces › “Wine blazer”: its client is not there" */
export function brokenLinkInWords({ table, record, link }: BrokenLink): string {
	const { titleOf, links } = recordTypeOf(table);
	return `${table} › “${titleOf(record).slice(0, 60)}”: ${links[link]?.words ?? 'what it belongs to'} is not there`;
}

/** Lets a record go of what is not there; undefined where it cannot be without it. The draft is changed in place. */
export function mended(draft: AnyRecord, { table, link, holders, inner }: BrokenLink): AnyRecord | undefined {
	const rule = recordTypeOf(table).links[link];
	if (!rule) return draft;
	if (holders.length > 0) {
		if (rule.whenGone === 'remove') return undefined;
		rule.whenGone(draft, new Set(holders));
	}
	if (inner.length > 0) rule.whenInnerGone?.(draft, new Set(inner));
	return draft;
}
