import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { element, elementsArbitrary, garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import { schemaVersion } from '../model/basics';
import { migrate } from '../model/migrations';
import { emptyStudio, type StudioDocument } from '../model/studio';
import { packStudio, unpackStudio } from './archive';
import { runningCrc, statedCrc } from './checksum';
import { movedToToday } from './dates';
import { documentOf, readDocument } from './document';

const client = makeClient();
const reference = makeReference([element(1, garment('blazer', ['navy'], { fit: 'tailored' }))]);
const studio = {
	...emptyStudio(),
	clients: [client],
	pieces: [
		makePiece(1, garment('blazer', ['wine']), {
			name: 'Wine blazer',
			acquired: { how: 'new', on: '2026-01-01' }
		})
	],
	references: [reference],
	echoes: [makeEcho(client, reference)]
};
const document = documentOf(studio, '2026-01-10');

function pack(source: StudioDocument): Uint8Array {
	const parts: Uint8Array[] = [];
	packStudio(source, (bytes) => parts.push(bytes));
	return Uint8Array.from(parts.flatMap((part) => [...part]));
}
function unpack(bytes: Uint8Array, chunk = 64) {
	const archive = unpackStudio();
	for (let at = 0; at < bytes.length; at += chunk) archive.push(bytes.subarray(at, at + chunk));
	return archive.finish();
}
/** A copy of the document with one thing changed, as it would stand in a file. */
// The copy is no longer typed as a document: spoiling it is the point.
const spoiled = (spoil: (copy: ReturnType<typeof JSON.parse>) => void) => {
	const copy = JSON.parse(JSON.stringify(document));
	spoil(copy);
	return JSON.stringify(copy);
};

describe('a backup', () => {
	it('goes out and comes in again with the same records', () => {
		expect(unpack(pack(document))).toEqual({ ok: true, value: document });
	});

	it('is a ZIP that an independent reader opens', () => {
		const files = unzipSync(pack(document));
		expect(Object.keys(files)).toEqual(['studio.json']);
		expect(JSON.parse(Buffer.from(files['studio.json'] ?? []).toString('utf8'))).toEqual(
			JSON.parse(JSON.stringify(document))
		);
	});

	it('brings back any studio as it was', () => {
		fc.assert(
			fc.property(
				fc.array(fc.tuple(garmentArbitrary(), fc.string({ minLength: 1, maxLength: 30 })), { maxLength: 6 }),
				elementsArbitrary,
				(wardrobe, elements) => {
					const any = documentOf(
						{
							...emptyStudio(),
							clients: [client],
							pieces: wardrobe.map(([one, note], i) => makePiece(i + 1, one, { note })),
							references: [makeReference(elements.map((one, i) => ({ ...one, id: uuid(100 + i) })))]
						},
						'2026-01-10'
					);
					expect(unpack(pack(any), 999)).toEqual({ ok: true, value: JSON.parse(JSON.stringify(any)) });
				}
			),
			{ numRuns: 30 }
		);
	});

	it('refuses any damage to its bytes, or is not changed by it', () => {
		const whole = pack(document);
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: whole.length - 1 }),
				fc.integer({ min: 1, max: 255 }),
				(at, by) => {
					const damaged = whole.slice();
					damaged[at] = ((damaged[at] ?? 0) + by) % 256;
					const read = unpack(damaged);
					if (read.ok) expect(read.value).toEqual(JSON.parse(JSON.stringify(document)));
					else expect(read.message).not.toBe('');
				}
			)
		);
	});

	it('reports its progress up to 1', () => {
		const shares: number[] = [];
		packStudio(
			document,
			() => undefined,
			(share) => shares.push(share)
		);
		expect(shares.at(-1)).toBe(1);
	});

	it('keeps text beyond ASCII whole across the chunks of a stream', () => {
		const named = documentOf(
			{ ...studio, clients: [{ ...client, name: 'Zoë Ångström-Ñandú ✂' }] },
			'2026-01-10'
		);
		expect(unpack(pack(named), 7)).toEqual({ ok: true, value: named });
	});
});

describe('the checksum', () => {
	it('of "123456789" is cbf43926 (the check value of CRC-32/ISO-HDLC, as ZIP uses it; value from memory)', () => {
		const crc = runningCrc();
		crc.add(strToU8('12345'));
		crc.add(strToU8('6789'));
		expect(crc.value()).toBe(0xcbf43926);
	});

	it('is found in the directory of an archive by the file’s name', () => {
		const archive = zipSync({ 'a.txt': strToU8('one'), 'b.txt': strToU8('123456789') });
		expect(statedCrc(archive, 'b.txt')).toBe(0xcbf43926);
		expect(statedCrc(archive, 'c.txt')).toBeUndefined();
		expect(statedCrc(strToU8('no archive at all, only text'), 'b.txt')).toBeUndefined();
	});
});

describe('a bad file is refused with its reason', () => {
	const message = (bytes: Uint8Array) => {
		const read = unpack(bytes);
		return read.ok ? 'accepted' : `${read.message} ${read.problems.join(' ')}`;
	};

	it('when it is no archive', () =>
		expect(message(strToU8('not a zip at all'))).toMatch(/not a Prime Echo backup/));
	it('when it is empty', () => expect(message(new Uint8Array(0))).toMatch(/not a Prime Echo backup/));
	it('when it is another archive', () =>
		expect(message(zipSync({ 'holiday.txt': strToU8('sand') }))).toMatch(/not a Prime Echo backup/));
	it('when it is cut off', () => {
		const whole = pack(document);
		expect(message(whole.subarray(0, Math.floor(whole.length / 2)))).not.toBe('accepted');
	});
	it('when studio.json is damaged', () =>
		expect(message(zipSync({ 'studio.json': strToU8('{"format": ') }))).toMatch(/no readable JSON/));
	it('when studio.json is no text', () =>
		expect(message(zipSync({ 'studio.json': new Uint8Array([0xff, 0xfe, 0xfd]) }))).toMatch(/not UTF-8/));
});

describe('a document is refused with place and record', () => {
	const refusal = (text: string) => {
		const read = readDocument(text);
		return read.ok ? 'accepted' : `${read.message} ${read.problems.join(' ')}`;
	};

	it('when it is of another kind', () =>
		expect(refusal('{"format":"recipes"}')).toMatch(/not a Prime Echo studio/));
	it('when it is of a newer version', () =>
		expect(refusal(spoiled((copy) => (copy.schemaVersion = 99)))).toMatch(/newer Prime Echo/));
	it('when it names no version', () =>
		expect(refusal(spoiled((copy) => delete copy.schemaVersion))).toMatch(/which version/));
	it('when a field is wrong', () =>
		expect(refusal(spoiled((copy) => (copy.pieces[0].parts[0].garment.type = 'spacesuit')))).toMatch(
			/pieces › 1 “Wine blazer” › parts › 1 › garment › type: is no garment type/
		));
	it('when a facet does not belong to the type', () =>
		expect(
			refusal(
				spoiled(
					(copy) =>
						(copy.pieces[0].parts[0].garment.facets = { heelHeight: { value: 'mid', provenance: 'said' } })
				)
			)
		).toMatch(/heelHeight: a garment of type "blazer" has no such facet/));
	it('when a colour is none', () =>
		expect(refusal(spoiled((copy) => (copy.pieces[0].parts[0].garment.palette[0].hex = 'wine')))).toMatch(
			/#rrggbb/
		));
	it('when a piece belongs to nobody', () =>
		expect(refusal(spoiled((copy) => (copy.clients = [])))).toMatch(
			/“Wine blazer”: its client is not in the file/
		));
	it('when two records share an id', () =>
		expect(refusal(spoiled((copy) => copy.pieces.push(copy.pieces[0])))).toMatch(/same id/));
	it('when there are many problems, names the first and counts the rest', () =>
		expect(
			refusal(
				spoiled((copy) => (copy.pieces = Array.from({ length: 9 }, () => ({ ...copy.pieces[0], name: '' }))))
			)
		).toMatch(/and 4 more/));
});

describe('migrations', () => {
	it('read the fixture of every version there has been', () => {
		for (let version = 1; version <= schemaVersion; version++) {
			const fixture = readFileSync(`tests/unit/data/studio-v${version}.json`, 'utf8');
			expect(JSON.parse(fixture).schemaVersion).toBe(version);
			expect(readDocument(fixture)).toMatchObject({ ok: true, value: { schemaVersion } });
		}
	});

	it('leave the present version as it is', () => {
		const plain = JSON.parse(JSON.stringify(document));
		expect(migrate(plain)).toEqual(plain);
	});

	it('throw on versions that make no sense', () => {
		for (const schemaVersion of [0, -1, 1.5, 'one', undefined])
			expect(() => migrate({ schemaVersion })).toThrow(RangeError);
	});
});

describe('the demo’s dates', () => {
	it('move with the days since it was written, and only dates move', () => {
		const moved = movedToToday(document, '2026-03-01');
		expect(moved.writtenOn).toBe('2026-03-01');
		expect(moved.pieces[0]?.acquired.on).toBe('2026-02-20');
		expect(moved.pieces[0]?.name).toBe('Wine blazer');
	});
});
