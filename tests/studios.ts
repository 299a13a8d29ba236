/** Any valid studio, made from the schemas of the records themselves, so that a new kind of record is tried without a word more. */
import fc from 'fast-check';
import type * as z from 'zod';
import {
	brokenLinks,
	emptyStudio,
	garmentSchema,
	garmentTypes,
	recordTypes,
	settingsId,
	tableNames,
	type AnyRecord,
	type Echo,
	type Id,
	type Piece,
	type Reference,
	type StockList,
	type Studio,
	type TableName
} from '../src/lib/core';
import { mended } from '../src/lib/core/model/links';
import { itemsOf, putTogether } from '../src/lib/core/model/worn';
import { garmentArbitrary } from './arbitraries';

/** What the walk over a schema needs of Zod's definitions. */
interface Definition {
	type: string;
	checks?: { _zod: { def: Check } }[];
	shape?: Record<string, z.ZodType>;
	element?: z.ZodType;
	innerType?: z.ZodType;
	entries?: Record<string, string>;
	values?: unknown[];
	options?: z.ZodType[];
	items?: z.ZodType[];
	keyType?: z.ZodType;
	valueType?: z.ZodType;
	format?: string;
	pattern?: RegExp;
}
interface Check {
	check: string;
	format?: string;
	minimum?: number;
	maximum?: number;
	value?: number;
	inclusive?: boolean;
	pattern?: RegExp;
}

const inRange = (checks: readonly Check[]) => {
	const more = checks.find(({ check }) => check === 'greater_than');
	const less = checks.find(({ check }) => check === 'less_than');
	return {
		min: more?.value === undefined ? -1e6 : more.value + (more.inclusive ? 0 : 1e-3),
		max: less?.value === undefined ? 1e6 : less.value - (less.inclusive ? 0 : 1e-3)
	};
};
const lengths = (checks: readonly Check[], most: number) => {
	const minLength = checks.find(({ check }) => check === 'min_length')?.minimum ?? 0;
	const max = checks.find(({ check }) => check === 'max_length')?.maximum ?? most;
	return { minLength, maxLength: Math.max(minLength, Math.min(max, most)) };
};

const typeIds = garmentTypes.map(({ id }) => id);
const takes = (schema: z.ZodType, value: unknown) => schema.safeParse(value).success;
/** A word of a table tells no values of its own: it is known by what it takes. */
const isOfGarmentTypes = (schema: z.ZodType) => takes(schema, typeIds[0]) && !takes(schema, 'no such type');

function texts(schema: z.ZodType, definition: Definition, checks: readonly Check[]): fc.Arbitrary<string> {
	const formats = [definition.format, ...checks.map(({ format }) => format)];
	if (formats.includes('uuid')) return fc.uuid({ version: 4 });
	if (formats.includes('date'))
		return fc
			.integer({ min: 0, max: 20_000 })
			.map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10));
	if (formats.includes('datetime'))
		return fc.integer({ min: 0, max: 2e9 }).map((n) => new Date(n * 1000).toISOString());
	if (definition.checks?.length && isOfGarmentTypes(schema)) return fc.constantFrom(...typeIds);
	const pattern = definition.pattern ?? checks.find((check) => check.pattern)?.pattern;
	if (pattern) return fc.stringMatching(pattern);
	return fc
		.string({ ...lengths(checks, 12), unit: 'grapheme' })
		.map((text) => text.trim() || 'x')
		.filter((text) => text.length <= (checks.find(({ check }) => check === 'max_length')?.maximum ?? 99));
}

/** Any value that a schema takes. */
const arbitraryOf = (schema: z.ZodType): fc.Arbitrary<unknown> =>
	valuesOf(schema).filter((value) => takes(schema, value));

/** Values field by field; what a schema asks across its own fields is not seen to. */
function valuesOf(schema: z.ZodType): fc.Arbitrary<unknown> {
	if (schema === (garmentSchema as unknown)) return garmentArbitrary();
	const definition = (schema as unknown as { _zod: { def: Definition } })._zod.def;
	const checks = (definition.checks ?? []).map(({ _zod }) => _zod.def);
	switch (definition.type) {
		case 'object':
			return fc
				.record(
					Object.fromEntries(
						Object.entries(definition.shape ?? {}).map(([key, inner]) => [key, arbitraryOf(inner)])
					)
				)
				.map((record) =>
					Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined))
				);
		case 'array':
			return fc.array(arbitraryOf(definition.element!), lengths(checks, 3));
		case 'tuple':
			return fc.tuple(...(definition.items ?? []).map(arbitraryOf));
		case 'record':
			return fc.dictionary(
				arbitraryOf(definition.keyType!) as fc.Arbitrary<string>,
				arbitraryOf(definition.valueType!),
				{ maxKeys: 2, noNullPrototype: true }
			);
		case 'union':
			return fc.oneof(...(definition.options ?? []).map(arbitraryOf));
		case 'optional':
			return fc.option(arbitraryOf(definition.innerType!), { nil: undefined });
		case 'enum':
			return fc.constantFrom(...Object.values(definition.entries ?? {}));
		case 'literal':
			return fc.constantFrom(...(definition.values ?? []));
		case 'boolean':
			return fc.boolean();
		case 'number': {
			const { min, max } = inRange(checks);
			const whole = [definition.format, ...checks.map(({ format }) => format)].includes('safeint');
			const least = schema.safeParse(-1).success ? min : Math.max(0, min);
			return whole
				? fc.integer({ min: Math.ceil(least), max: Math.floor(max) })
				: fc.double({ min: least, max, noNaN: true }).map((value) => value + 0 || 0);
		}
		case 'string':
			return texts(schema, definition, checks);
		default:
			throw new Error(`No values are known for a schema of type "${definition.type}"`);
	}
}

/** Fields that name other records, by name: pointed at some record that is there. */
const namedBy = new Map<string, TableName>([
	['clientId', 'clients'],
	['echoId', 'echoes'],
	['echoIds', 'echoes'],
	['eventId', 'events'],
	['photo', 'photos'],
	['photoId', 'photos'],
	['photos', 'photos'],
	['pieceId', 'pieces'],
	['referenceId', 'references']
]);

function pointed(value: unknown, studio: Studio, seed: number, table?: TableName): unknown {
	const there = table ? studio[table] : [];
	if (typeof value === 'string' && there.length > 0) return there[seed % there.length]!.id;
	if (Array.isArray(value)) {
		const each = value.map((one, i) => pointed(one, studio, seed + i, table));
		return table ? [...new Set(each)] : each;
	}
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(
		Object.entries(value).map(([key, inner]) => [key, pointed(inner, studio, seed + 1, namedBy.get(key))])
	);
}

/** What holds across the fields of one record, by its kind; the record is changed in place. */
const settled: { [T in TableName]?: (record: never, studio: Studio) => void } = {
	pieces(piece: Piece) {
		const { parts, configurations, picture, photos } = piece;
		const [whole, ...others] = parts;
		for (const part of parts) {
			if (part === whole && part.of && others.length > 1) part.of = others.map(({ id }) => id);
			else delete part.of;
		}
		for (const { garments } of configurations)
			garments.forEach((worn, i) => (worn.partId = parts[i % parts.length]!.id));
		if (picture && photos[0] !== undefined) picture.photo = photos[0];
		else delete piece.picture;
	},
	references({ photos, elements }: Reference) {
		for (const element of elements)
			element.regions = element.regions?.slice(0, photos.length).map((region, i) => ({
				...region,
				photo: photos[i]!
			}));
	},
	stockLists({ shop, listings }: StockList) {
		for (const listing of listings) listing.shopId = shop.id;
	},
	echoes(echo: Echo, { pieces, references }: Studio) {
		const elements = references.find(({ id }) => id === echo.referenceId)?.elements ?? [];
		const rail = pieces.filter(({ clientId }) => clientId === echo.clientId);
		for (const worn of putTogether(echo)) {
			worn.matches = worn.matches.slice(0, elements.length);
			worn.matches.forEach((match, i) => (match.elementIds = [elements[i]!.id]));
			worn.gapNotes = worn.gapNotes?.slice(0, elements.length);
			worn.gapNotes?.forEach((note, i) => (note.elementId = elements[i]!.id));
			itemsOf(worn).forEach((item, i) => {
				const piece = rail[i % rail.length];
				const [part] = piece?.parts ?? [];
				if (item.source !== 'piece' || !piece || !part) return;
				item.pieceId = piece.id;
				item.partId = part.id;
				if (part.of && item.takes) item.takes = part.of;
				else delete item.takes;
				const [configuration] = piece.configurations;
				if (configuration && item.configurationId) item.configurationId = configuration.id;
				else delete item.configurationId;
			});
		}
	}
};

/** Lets go of what names a thing that is not there, until nothing does. */
function mend(studio: Studio): void {
	for (let broken = brokenLinks(studio); broken.length > 0; broken = brokenLinks(studio))
		for (const one of broken) if (!mended(one.record, one)) dropped(studio, one.table, one.record);
}

function dropped(studio: Studio, table: TableName, record: AnyRecord): void {
	const records = studio[table] as unknown as AnyRecord[];
	if (records.includes(record)) records.splice(records.indexOf(record), 1);
}

/** A studio of a few records of every kind, each as its schema gives it back and none naming what is not there. */
export const studioArbitrary: fc.Arbitrary<Studio> = fc
	.tuple(
		...tableNames.map((table) =>
			fc.uniqueArray(valuesOf(recordTypes[table].schema) as fc.Arbitrary<{ id: Id }>, {
				minLength: 1,
				maxLength: table === 'settings' ? 1 : 3,
				selector: ({ id }) => id
			})
		)
	)
	.map((tables) => {
		const made = emptyStudio();
		const recordsOf = (studio: Studio, table: TableName) => studio[table] as unknown as AnyRecord[];
		tableNames.forEach((table, i) => recordsOf(made, table).push(...(tables[i] as AnyRecord[])));
		const studio = emptyStudio();
		for (const table of tableNames)
			recordsOf(studio, table).push(
				...recordsOf(made, table).map((record, n) => pointed(record, made, n) as AnyRecord)
			);
		for (const settings of studio.settings) settings.id = settingsId;
		for (const table of tableNames)
			for (const record of recordsOf(studio, table)) settled[table]?.(record as never, studio);
		for (const table of tableNames) {
			const { schema } = recordTypes[table];
			const valid = recordsOf(studio, table).flatMap((record) => {
				const read = schema.safeParse(record);
				return read.success ? [read.data as AnyRecord] : [];
			});
			recordsOf(studio, table).splice(0, Infinity, ...valid);
		}
		mend(studio);
		return studio;
	});
