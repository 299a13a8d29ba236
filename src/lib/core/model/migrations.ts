import { schemaVersion } from './basics';

/** A step from one schema version to the next, on the plain document. */
type Step = (document: Record<string, unknown>) => Record<string, unknown>;

/** `steps[n]` leads from version n to n + 1. */
const steps: Record<number, Step> = {
	// Version 2 keeps recipes of one's own.
	1: (document) => ({ ...document, recipes: [] }),
	// Version 3 remembers which findings were let stand, and what pieces are turned into.
	2: (document) => ({
		...document,
		echoes: Array.isArray(document.echoes)
			? document.echoes.map((echo: object) => ({ ...echo, dismissed: [] }))
			: document.echoes
	})
};

/**
 * Brings a studio document of an older schema version to the present one. Used by the browser's store and by
 * imports alike. Throws a RangeError on a newer or unknown version.
 *
 * @param to stops at this version, for a store that upgrades step by step
 */
export function migrate(
	document: Record<string, unknown>,
	to: number = schemaVersion
): Record<string, unknown> {
	let version = document.schemaVersion;
	if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
		throw new RangeError('It does not say which version of Prime Echo wrote it.');
	if (version > schemaVersion)
		throw new RangeError(
			`It was written by a newer Prime Echo (records of version ${version}; this one reads up to ${schemaVersion}). Update Prime Echo, then import it.`
		);
	let current = document;
	for (; version < to; version++) {
		const step = steps[version];
		if (!step)
			throw new RangeError(`There is no way from records of version ${version} to ${schemaVersion}.`);
		current = { ...step(current), schemaVersion: version + 1 };
	}
	return current;
}
