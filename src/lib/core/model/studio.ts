import * as z from 'zod';
import { dateSchema, schemaVersion } from './basics';
import { clientType } from './client';
import { drillCardType } from './drill-card';
import { echoType } from './echo';
import { eventType } from './event';
import { fitNoteType } from './fit-note';
import { orderType } from './order';
import { photoType } from './photo';
import { pieceType } from './piece';
import { recipeType } from './recipe';
import type { Link, RecordType, StoredRecord } from './record-type';
import { referenceType } from './reference';
import { settingsType } from './settings';
import { stockListType } from './stock-list';
import { tryOnType } from './try-on';
import { wearType } from './wear';

/** Every kind of record: the one list that storage, backup, import and deletion share. A new kind is added here. */
export const recordTypes = {
	settings: settingsType,
	clients: clientType,
	events: eventType,
	photos: photoType,
	pieces: pieceType,
	recipes: recipeType,
	references: referenceType,
	echoes: echoType,
	wears: wearType,
	fitNotes: fitNoteType,
	orders: orderType,
	tryOns: tryOnType,
	drillCards: drillCardType,
	stockLists: stockListType
} as const;

export type TableName = keyof typeof recordTypes;
export type RecordOf<T extends TableName> = z.infer<(typeof recordTypes)[T]['schema']>;
export const tableNames = Object.keys(recordTypes) as TableName[];

/** A kind of record where it does not matter which: for code that walks over all of them. */
export type AnyRecord = StoredRecord & Record<string, unknown>;
export type AnyRecordType = Omit<RecordType<AnyRecord>, 'links'> & {
	links: readonly (Omit<Link<AnyRecord>, 'to'> & { to: TableName })[];
};
export const recordTypeOf = (table: TableName) => recordTypes[table] as unknown as AnyRecordType;

/** All links that lead to a table, each with the table that it comes from. */
export const linksTo = (table: TableName) =>
	tableNames.flatMap((from) =>
		recordTypeOf(from)
			.links.filter(({ to }) => to === table)
			.map((link) => ({ from, link }))
	);

/** All records of a studio: what a backup holds besides the bytes of its photos. */
export type Studio = { [T in TableName]: RecordOf<T>[] };

export const emptyStudio = (): Studio =>
	Object.fromEntries(tableNames.map((name) => [name, []])) as unknown as Studio;

/** The exported document: the studio's records under a format name and a schema version. */
export const studioDocumentSchema = z.object({
	format: z.literal('prime-echo-studio'),
	schemaVersion: z.literal(schemaVersion),
	/** Day on which the document was written; the demo's dates are moved from it to the day it is opened. */
	writtenOn: dateSchema,
	/** It holds a part of a studio, to be read in beside another, and no whole one. */
	part: z.literal(true).optional(),
	...(Object.fromEntries(tableNames.map((name) => [name, z.array(recordTypes[name].schema)])) as unknown as {
		[T in TableName]: z.ZodArray<(typeof recordTypes)[T]['schema']>;
	})
});
export type StudioDocument = z.infer<typeof studioDocumentSchema>;
