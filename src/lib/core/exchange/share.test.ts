import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { studioArbitrary } from '../../../../tests/studios';
import { brokenLinks, emptyStudio, tableNames, type AnyRecord } from '../model';
import { documentText } from './archive';
import { documentOf, readDocument } from './document';
import { mergeRows, partOf, type RecordKey } from './share';

const keysOf = (studio: ReturnType<typeof emptyStudio>): RecordKey[] =>
	tableNames
		.filter((table) => table !== 'settings')
		.flatMap((table) => studio[table].map(({ id }) => ({ table, id })));

describe('a part of a studio', () => {
	it('stands by itself, holds what was asked for, and is read as a file (generated)', () =>
		fc.assert(
			fc.property(studioArbitrary, fc.nat(), fc.boolean(), (studio, at, whole) => {
				const keys = keysOf(studio);
				const root = keys[at % Math.max(1, keys.length)];
				const part = partOf(studio, root ? [root] : [], whole);
				expect(brokenLinks(part)).toEqual([]);
				if (root) expect(part[root.table].map(({ id }) => id)).toContain(root.id);
				expect(part.settings).toEqual([]);
				const written = [...documentText(documentOf(part, '2026-01-10', true))].join('');
				const read = readDocument(written);
				// It says that it is a part, so that it never takes the place of a whole studio.
				expect(read.ok && read.value.part).toBe(true);
			}),
			{ numRuns: 60 }
		));
	it('of everything is the studio, but for its settings (generated)', () =>
		fc.assert(
			fc.property(studioArbitrary, (studio) => {
				const part = partOf(studio, keysOf(studio));
				expect({ ...part, settings: studio.settings }).toEqual(studio);
			}),
			{ numRuns: 30 }
		));
});

describe('reading a part in', () => {
	it('finds all of it new in an empty studio, and all of it the same where it came from (generated)', () =>
		fc.assert(
			fc.property(studioArbitrary, (studio) => {
				const states = (here: typeof studio) => new Set(mergeRows(here, studio).map(({ state }) => state));
				const count = keysOf(studio).length;
				expect(mergeRows(emptyStudio(), studio)).toHaveLength(count);
				expect([...states(emptyStudio())].filter((state) => state !== 'new')).toEqual([]);
				const written = JSON.parse(JSON.stringify(studio)) as typeof studio;
				for (const table of tableNames)
					for (const record of written[table] as unknown as AnyRecord[]) record.rev += 3;
				expect([...states(written)].filter((state) => state !== 'same')).toEqual([]);
			}),
			{ numRuns: 30 }
		));
	it('names the fields in which a record is otherwise', () => {
		const [studio] = fc.sample(
			studioArbitrary.filter(({ clients }) => clients.length > 0),
			{ numRuns: 1, seed: 5 }
		);
		const other = JSON.parse(JSON.stringify(studio)) as NonNullable<typeof studio>;
		other.clients[0]!.name = 'Another name';
		const differing = mergeRows(studio!, other).filter(({ state }) => state === 'differs');
		expect(differing).toMatchObject([{ table: 'clients', fields: ['name'] }]);
	});
});
