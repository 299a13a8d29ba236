import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { schemaVersion } from '../../src/lib/core';
import { retired, type Retired } from '../../src/lib/core/model/retired';
import { storedIds } from '../stored-ids';

/** The new name of an id, if a later version retired it. */
function nameNow(kind: string, id: string, since: number): string {
	let name = id;
	for (let version = since + 1; version <= schemaVersion; version++) {
		const names: Retired = retired[version] ?? {};
		const [of, facet = ''] = kind.split('/');
		const renamed =
			of === 'values' ? names.values?.[facet] : names[of as 'types' | 'prints' | 'metals' | 'moves'];
		const now = renamed?.[name] ?? name;
		name = typeof now === 'string' ? now : now.type;
	}
	return name;
}

describe('what is stored stays readable', () => {
	const frozen = readdirSync('tests/unit/data').flatMap((file) => {
		const version = /^ids-v(\d+)\.json$/.exec(file)?.[1];
		if (!version) return [];
		const ids = JSON.parse(readFileSync(`tests/unit/data/${file}`, 'utf8')) as Record<string, string[]>;
		return [{ version: Number(version), ids }];
	});
	const now = storedIds();

	it('the ids of the present version are written down', () =>
		expect(frozen.map(({ version }) => version)).toContain(schemaVersion));

	it.each(frozen)('every id of version $version is still known, or has a new name', ({ version, ids }) => {
		const lost = Object.entries(ids).flatMap(([kind, list]) =>
			list
				.filter((id) => !(now[kind] ?? []).includes(nameNow(kind, id, version)))
				.map((id) => `${kind}: ${id}`)
		);
		expect(lost).toEqual([]);
	});

	it('no id is used twice within a kind', () => {
		for (const [kind, list] of Object.entries(now)) expect(new Set(list).size, kind).toBe(list.length);
	});
});
