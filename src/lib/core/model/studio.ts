import * as z from 'zod';
import { nameSchema, recordFields, schemaVersion } from './basics';
import { clientSchema, eventSchema } from './client';
import { echoSchema } from './echo';
import { pieceSchema } from './piece';
import { recipeSchema } from './recipe';
import { referenceSchema } from './reference';

export const settingsSchema = z.object({
	...recordFields,
	studioName: nameSchema,
	currency: z.string().regex(/^[A-Z]{3}$/),
	units: z.enum(['cm', 'in']),
	/** Which side of the Atlantic a word like "vest" belongs to. */
	words: z.enum(['uk', 'us']),
	timeZone: z.string().min(1),
	demo: z.boolean()
});
export type Settings = z.infer<typeof settingsSchema>;

/** There is one settings record; its id is fixed. */
export const settingsId = '5e77196e-0000-4000-8000-000000000001';

/** The tables of a studio with the schema of their records: the one list that storage, backup and import share. */
export const tableSchemas = {
	settings: settingsSchema,
	clients: clientSchema,
	events: eventSchema,
	pieces: pieceSchema,
	recipes: recipeSchema,
	references: referenceSchema,
	echoes: echoSchema
} as const;

export type TableName = keyof typeof tableSchemas;
export type RecordOf<T extends TableName> = z.infer<(typeof tableSchemas)[T]>;
export const tableNames = Object.keys(tableSchemas) as TableName[];

/** All records of a studio: what a backup holds. */
export type Studio = { [T in TableName]: RecordOf<T>[] };

export const emptyStudio = (): Studio => ({
	settings: [],
	clients: [],
	events: [],
	pieces: [],
	recipes: [],
	references: [],
	echoes: []
});

/** The exported document: the studio's records under a format name and a schema version. */
export const studioDocumentSchema = z.object({
	format: z.literal('prime-echo-studio'),
	schemaVersion: z.literal(schemaVersion),
	/** Day on which the document was written; the demo's dates are moved from it to the day it is opened. */
	writtenOn: z.iso.date(),
	...Object.fromEntries(tableNames.map((name) => [name, z.array(tableSchemas[name])]))
} as {
	format: z.ZodLiteral<'prime-echo-studio'>;
	schemaVersion: z.ZodLiteral<3>;
	writtenOn: z.ZodISODate;
} & {
	[T in TableName]: z.ZodArray<(typeof tableSchemas)[T]>;
});
export type StudioDocument = z.infer<typeof studioDocumentSchema>;
