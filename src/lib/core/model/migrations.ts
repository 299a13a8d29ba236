import { schemaVersion } from './basics';
import { brokenLinks, mended } from './links';
import type { OldRecord } from './record-type';
import { retired, withNewNames } from './retired';
import { recordTypes, recordTypeOf, tableNames, type Studio, type TableName } from './studio';

/** A studio document of any version. */
export type OldDocument = Record<string, unknown>;

const recordsOf = (document: OldDocument, table: TableName): unknown =>
	document[table] ?? (recordTypes[table].since > Number(document.schemaVersion) ? [] : document[table]);

const isRecord = (value: unknown): value is OldRecord => typeof value === 'object' && value !== null;

/** One version up: each kind of record by its own steps, then the names that the lexicon gave up. */
function stepTo(version: number, document: OldDocument): OldDocument {
	const names = retired[version];
	const tables = tableNames
		.filter((table) => recordTypes[table].since <= version)
		.map((table) => {
			const records = recordsOf(document, table);
			if (!Array.isArray(records)) return [table, records];
			const steps = recordTypeOf(table).migrations.filter((step) => step.version === version);
			return [
				table,
				(records as unknown[]).map((record) => {
					const stepped = isRecord(record) ? steps.reduce((now, { up }) => up(now), record) : record;
					return names ? withNewNames(stepped, names) : stepped;
				})
			];
		});
	return { ...document, ...(Object.fromEntries(tables) as OldDocument), schemaVersion: version };
}

/** From this version on, a record names nothing that is not there; older ones are let go of what was left over. */
const wholeSince = 4;

/** Lets records go of what they name in vain. A record that belongs to nothing stays, to be refused by name. */
function withoutLeftOvers(document: OldDocument): OldDocument {
	const studio = structuredClone(document) as unknown as Studio;
	for (const one of brokenLinks(studio)) mended(one.record, one);
	return studio;
}

/** Is a document of the right form as far as links are read from it? What is not is left for the schemas to tell. */
function hasReadableLinks(document: OldDocument): boolean {
	try {
		brokenLinks(document);
		return true;
	} catch {
		return false;
	}
}

/**
 * Brings a studio document of an older schema version to the present one. Used by the browser's store and by
 * imports alike. Throws a RangeError on a newer or unknown version.
 *
 * @param to stops at this version, for a store that upgrades step by step
 */
export function migrate(document: OldDocument, to: number = schemaVersion): OldDocument {
	const from = document.schemaVersion;
	if (typeof from !== 'number' || !Number.isInteger(from) || from < 1)
		throw new RangeError('It does not say which version of Prime Echo wrote it.');
	if (from > schemaVersion)
		throw new RangeError(
			`It was written by a newer Prime Echo (records of version ${from}; this one reads up to ${schemaVersion}). Update Prime Echo, then import it.`
		);
	let current = document;
	for (let version = from + 1; version <= to; version++) {
		current = stepTo(version, current);
		if (version === wholeSince && hasReadableLinks(current)) current = withoutLeftOvers(current);
	}
	return current;
}
