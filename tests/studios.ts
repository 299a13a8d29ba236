/** Any valid studio, made from the schemas of the records themselves, so that a new kind of record is tried without a word more. */
import fc from 'fast-check';
import type * as z from 'zod';
import {
	brokenLinks,
	emptyStudio,
	garmentSchema,
	recordTypes,
	settingsId,
	tableNames,
	type AnyRecord,
	type Studio,
	type TableName
} from '../src/lib/core';
import { mended } from '../src/lib/core/model/links';
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

function texts(definition: Definition, checks: readonly Check[]): fc.Arbitrary<string> {
	const formats = [definition.format, ...checks.map(({ format }) => format)];
	if (formats.includes('uuid')) return fc.uuid({ version: 4 });
	if (formats.includes('date'))
		return fc
			.integer({ min: 0, max: 20_000 })
			.map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10));
	if (formats.includes('datetime'))
		return fc.integer({ min: 0, max: 2e9 }).map((n) => new Date(n * 1000).toISOString());
	const pattern = definition.pattern ?? checks.find((check) => check.pattern)?.pattern;
	if (pattern) return fc.stringMatching(pattern);
	return fc
		.string({ ...lengths(checks, 12), unit: 'grapheme' })
		.map((text) => text.trim() || 'x')
		.filter((text) => text.length <= (checks.find(({ check }) => check === 'max_length')?.maximum ?? 99));
}

/** Any value that a schema takes; refinements across fields are seen to afterwards. */
export function arbitraryOf(schema: z.ZodType): fc.Arbitrary<unknown> {
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
			return texts(definition, checks);
		default:
			throw new Error(`No values are known for a schema of type "${definition.type}"`);
	}
}

/** Fields that name other records, by name: pointed at some record that is there. */
const namedBy = new Map<string, TableName>([
	['clientId', 'clients'],
	['referenceId', 'references'],
	['eventId', 'events'],
	['pieceId', 'pieces']
]);

function pointed(value: unknown, studio: Studio, seed: number): unknown {
	if (Array.isArray(value)) return value.map((one, i) => pointed(one, studio, seed + i));
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(
		Object.entries(value).map(([key, inner]) => {
			const table = namedBy.get(key);
			const there = table ? studio[table] : [];
			return [key, there.length > 0 ? there[seed % there.length]!.id : pointed(inner, studio, seed + 1)];
		})
	);
}

/** A studio of a few records of every kind, each valid and none naming what is not there. */
export const studioArbitrary: fc.Arbitrary<Studio> = fc
	.tuple(
		...tableNames.map((table) =>
			fc.uniqueArray(arbitraryOf(recordTypes[table].schema) as fc.Arbitrary<AnyRecord>, {
				minLength: 1,
				maxLength: table === 'settings' ? 1 : 3,
				selector: ({ id }) => id
			})
		)
	)
	.map((tables) => {
		const studio = emptyStudio();
		tables.forEach((records, i) => {
			const table = tableNames[i]!;
			(studio[table] as unknown as AnyRecord[]).push(
				...records.map((record, n) => pointed(record, studio, n) as AnyRecord)
			);
		});
		for (const settings of studio.settings) settings.id = settingsId;
		for (let broken = brokenLinks(studio); broken.length > 0; broken = brokenLinks(studio))
			for (const one of broken) if (!mended(one.record, one)) dropped(studio, one.table, one.record);
		// What still breaks a rule across its own fields is left out.
		for (const table of tableNames) {
			const records = studio[table] as unknown as AnyRecord[];
			records.splice(
				0,
				records.length,
				...records.filter((record) => recordTypes[table].schema.safeParse(record).success)
			);
		}
		for (let broken = brokenLinks(studio); broken.length > 0; broken = brokenLinks(studio))
			for (const one of broken) if (!mended(one.record, one)) dropped(studio, one.table, one.record);
		return studio;
	});

function dropped(studio: Studio, table: TableName, record: AnyRecord): void {
	const records = studio[table] as unknown as AnyRecord[];
	if (records.includes(record)) records.splice(records.indexOf(record), 1);
}
