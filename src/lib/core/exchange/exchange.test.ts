import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { BlobWriter, TextReader, ZipWriter } from '@zip.js/zip.js';
import { element, garment } from '../../../../tests/arbitraries';
import { studioArbitrary } from '../../../../tests/studios';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import * as choosing from '../matching/choosing';
import { schemaVersion } from '../model/basics';
import { migrate } from '../model/migrations';
import { freshPhoto } from '../model/photo';
import { freshSettings } from '../model/settings';
import { emptyStudio, type StudioDocument } from '../model/studio';
import { openArchive, openBackup } from './archive';
import { movedToToday } from './dates';
import { documentOf, readDocument } from './document';

const client = makeClient();
const reference = makeReference([element(1, garment('blazer', ['navy'], { fit: 'tailored' }))]);
const wine = makePiece(1, garment('blazer', ['wine']), {
	name: 'Wine blazer',
	acquired: { how: 'new', on: '2026-01-01' }
});
const studio = {
	...emptyStudio(),
	clients: [client],
	pieces: [wine],
	references: [reference],
	echoes: [
		makeEcho(client, reference, {
			matches: choosing.chooseItem(
				[],
				reference.elements,
				{
					element: reference.elements[0]!,
					item: { source: 'piece', pieceId: wine.id, partId: wine.parts[0]!.id },
					garment: wine.parts[0]!.garment
				},
				uuid(77)
			)
		})
	],
	settings: [freshSettings({ rev: 1 })]
};
const document = documentOf(studio, '2026-01-10');

async function pack(source: StudioDocument, photos: Record<string, Blob> = {}): Promise<Blob> {
	const archive = openArchive(source.writtenOn);
	await archive.addRecords(source);
	for (const [hash, bytes] of Object.entries(photos)) await archive.addBytes(hash, bytes);
	return archive.close();
}
async function unpack(file: Blob) {
	const opened = await openBackup(file);
	if (!opened.ok) return opened;
	await opened.value.close();
	return { ok: true as const, value: opened.value.document };
}
const zipOf = (files: Record<string, Uint8Array>) => new Blob([zipSync(files) as Uint8Array<ArrayBuffer>]);
const bytesIn = async (file: Blob) => new Uint8Array(await file.arrayBuffer());
/** A copy of the document with one thing changed, as it would stand in a file. */
// The copy is no longer typed as a document: spoiling it is the point.
const spoiled = (spoil: (copy: ReturnType<typeof JSON.parse>) => void) => {
	const copy = JSON.parse(JSON.stringify(document));
	spoil(copy);
	return JSON.stringify(copy);
};

describe('a backup', () => {
	it('goes out and comes in again with the same records', async () => {
		expect(await unpack(await pack(document))).toEqual({ ok: true, value: document });
	});

	it('is a ZIP that an independent reader opens', async () => {
		const files = unzipSync(await bytesIn(await pack(document)));
		expect(Object.keys(files)).toEqual(['studio.json']);
		expect(JSON.parse(Buffer.from(files['studio.json'] ?? []).toString('utf8'))).toEqual(
			JSON.parse(JSON.stringify(document))
		);
	});

	it('brings back any studio as it was', async () => {
		await fc.assert(
			fc.asyncProperty(studioArbitrary, async (studio) => {
				const written = documentOf(studio, '2026-01-10');
				const photos = Object.fromEntries(studio.photos.map(({ hash }) => [hash, new Blob([hash])]));
				expect(await unpack(await pack(written, photos))).toEqual({
					ok: true,
					value: JSON.parse(JSON.stringify(written))
				});
			}),
			{ numRuns: 30 }
		);
	});

	it('refuses any damage to its bytes, or is not changed by it', async () => {
		const whole = await bytesIn(await pack(document));
		await fc.assert(
			fc.asyncProperty(
				fc.integer({ min: 0, max: whole.length - 1 }),
				fc.integer({ min: 1, max: 255 }),
				async (at, by) => {
					const damaged = whole.slice();
					damaged[at] = ((damaged[at] ?? 0) + by) % 256;
					const read = await unpack(new Blob([damaged]));
					if (read.ok) expect(read.value).toEqual(JSON.parse(JSON.stringify(document)));
					else expect(read.message).not.toBe('');
				}
			)
		);
	});

	it('reports its progress up to 1', async () => {
		const shares: number[] = [];
		await openArchive('2026-01-10').addRecords(document, (share) => shares.push(share));
		expect(shares.at(-1)).toBe(1);
	});

	it('changes no object by a key that stands for what objects are made of', () => {
		const read = readDocument(
			spoiled((copy) => (copy.pieces[0].measuresCm = JSON.parse('{"__proto__": 1, "length": 62}')))
		);
		expect(read.ok && read.value.pieces[0]?.measuresCm).toEqual({ length: 62 });
	});

	it('keeps text beyond ASCII whole', async () => {
		const named = documentOf(
			{ ...studio, clients: [{ ...client, name: 'Zoë Ångström-Ñandú ✂' }] },
			'2026-01-10'
		);
		expect(await unpack(await pack(named))).toEqual({ ok: true, value: named });
	});

	it('is written though the clock stands before 1980, which ZIP cannot say', async () => {
		const early = { ...document, writtenOn: '1970-01-01' };
		expect(await unpack(await pack(early))).toEqual({ ok: true, value: early });
	});
});

describe('photos in a backup', () => {
	const hash = 'ab'.repeat(32);
	const photo = freshPhoto({
		id: uuid(700),
		hash,
		mediaType: 'image/webp',
		width: 10,
		height: 20,
		byteLength: 5,
		addedOn: '2026-01-01'
	});
	const [piece] = studio.pieces;
	const withPhoto = documentOf(
		{ ...studio, photos: [photo], pieces: [{ ...piece!, photos: [photo.id] }] },
		'2026-01-10'
	);
	const bytes = new Blob([new Uint8Array([1, 2, 3, 250, 251])]);

	it('come in again byte for byte', async () => {
		const opened = await openBackup(await pack(withPhoto, { [hash]: bytes }));
		if (!opened.ok) throw new Error(opened.message);
		const photos = [];
		for await (const one of opened.value.photos()) photos.push(one);
		expect(photos.map((one) => one.hash)).toEqual([hash]);
		expect([...(await bytesIn(photos[0]!.bytes))]).toEqual([1, 2, 3, 250, 251]);
		expect(photos[0]!.bytes.type).toBe('image/webp');
	});

	it('are missed when they are named and not there', async () => {
		expect(await unpack(await pack(withPhoto))).toMatchObject({
			ok: false,
			message: expect.stringMatching(/photos that it does not hold/)
		});
	});

	it('come in again from an archive that another program packed anew, and compressed', async () => {
		const entries = unzipSync(await bytesIn(await pack(withPhoto, { [hash]: bytes })));
		const opened = await openBackup(new Blob([zipSync(entries, { level: 9 }) as Uint8Array<ArrayBuffer>]));
		if (!opened.ok) throw new Error(opened.message);
		const { value } = await opened.value.photos().next();
		expect(value?.bytes.type).toBe('image/webp');
		expect([...(await bytesIn(value!.bytes))]).toEqual([1, 2, 3, 250, 251]);
	});

	it('come in the order in which they lie in the file', async () => {
		const hashes = ['cd', 'ab', 'ef'].map((two) => two.repeat(32));
		const named = documentOf(
			{ ...studio, photos: hashes.map((one, i) => ({ ...photo, id: uuid(700 + i), hash: one })) },
			'2026-01-10'
		);
		const lying = ['ef', 'cd', 'ab'].map((two) => two.repeat(32));
		const opened = await openBackup(
			await pack(named, Object.fromEntries(lying.map((one) => [one, new Blob([one])])))
		);
		if (!opened.ok) throw new Error(opened.message);
		const come = [];
		for await (const one of opened.value.photos()) come.push([one.hash, await one.bytes.text()]);
		expect(come).toEqual(lying.map((one) => [one, one]));
	});

	it('are told when they are damaged', async () => {
		const whole = await bytesIn(await pack(withPhoto, { [hash]: bytes }));
		const at = whole.findIndex((byte, i) => byte === 250 && whole[i + 1] === 251);
		whole[at] = 7;
		const opened = await openBackup(new Blob([whole]));
		if (!opened.ok) throw new Error(opened.message);
		await expect(opened.value.photos().next()).rejects.toThrow(/damaged/);
	});
});

describe('a bad file is refused with its reason', () => {
	const message = async (file: Blob) => {
		const read = await unpack(file);
		return read.ok ? 'accepted' : `${read.message} ${read.problems.join(' ')}`;
	};

	it('when it is no archive', async () =>
		expect(await message(new Blob(['not a zip at all']))).toMatch(/not a Prime Echo backup/));
	it('when it is empty', async () => expect(await message(new Blob([]))).toMatch(/not a Prime Echo backup/));
	it('when it is another archive', async () =>
		expect(await message(zipOf({ 'holiday.txt': strToU8('sand') }))).toMatch(/not a Prime Echo backup/));
	it('when it is cut off', async () => {
		const whole = await pack(document);
		for (const share of [0.1, 0.5, 0.999])
			expect(await message(whole.slice(0, Math.floor(whole.size * share)))).toMatch(
				/not whole: .* end is missing/
			);
	});
	it('when studio.json is damaged', async () =>
		expect(await message(zipOf({ 'studio.json': strToU8('{"format": ') }))).toMatch(/no readable JSON/));
	it('when studio.json is no text', async () =>
		expect(await message(zipOf({ 'studio.json': new Uint8Array([0xff, 0xfe, 0xfd]) }))).toMatch(/not UTF-8/));
	it('when studio.json is there twice', async () => {
		const zip = new ZipWriter(new BlobWriter(), { useWebWorkers: false });
		await zip.add('studio.json', new TextReader('{}'));
		await zip.add('xtudio.json', new TextReader('{}'));
		const bytes = await bytesIn(await zip.close());
		// A writer refuses a second file of one name, so the second is renamed in its bytes.
		bytes.forEach((byte, i) => {
			if (byte === 120 && bytes[i + 1] === 116 && bytes[i + 2] === 117) bytes[i] = 115;
		});
		expect(await message(new Blob([bytes]))).toMatch(/studio\.json twice/);
	});
	it('when it is made to fill the memory: a thousand times larger unpacked', async () => {
		const bomb = zipOf({ 'studio.json': new Uint8Array(40 * 1024 * 1024) });
		expect(bomb.size).toBeLessThan(1024 * 1024);
		expect(await message(bomb)).toMatch(/far more than a studio needs/);
	});
	it('when its directory names more files than any studio has', async () => {
		const many = Object.fromEntries(Array.from({ length: 20_100 }, (_, i) => [`f${i}`, new Uint8Array(0)]));
		expect(await message(zipOf(many))).toMatch(/not a Prime Echo backup/);
	}, 60_000);
	it('and prints no more than the beginning of a value, however long it is', async () => {
		const long = spoiled((copy) => {
			copy.pieces[0].name = 'x'.repeat(2_000_000);
			copy.pieces[0].parts = [];
		});
		const said = await message(zipOf({ 'studio.json': strToU8(long) }));
		expect(said.length).toBeLessThan(600);
		expect(said).toMatch(/x{60}…/);
	});
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
			/“Wine blazer”: its client is not there/
		));
	it('when two records share an id', () =>
		expect(refusal(spoiled((copy) => copy.pieces.push(copy.pieces[0])))).toMatch(/same id/));
	it.each<[string, (copy: ReturnType<typeof JSON.parse>) => void]>([
		['an event', (copy) => (copy.echoes[0].eventId = uuid(4444))],
		['an element of its reference', (copy) => (copy.echoes[0].matches[0].elementIds = [uuid(4444)])],
		['a piece', (copy) => (copy.echoes[0].matches[0].items[0].pieceId = uuid(4444))],
		['a part of a piece', (copy) => (copy.echoes[0].matches[0].items[0].partId = uuid(4444))]
	])('when an echo names %s that is not there', (_, spoil) =>
		expect(refusal(spoiled(spoil))).toMatch(/echoes › “An echo”: .* is not there/)
	);
	it('when an echo wears what hangs on the rail of another client', () =>
		expect(
			refusal(
				spoiled((copy) => {
					copy.clients.push({ ...copy.clients[0], id: uuid(4444) });
					copy.pieces[0].clientId = uuid(4444);
				})
			)
		).toMatch(/echoes › “An echo”: .* is not there/));
	it('when two matches answer one element', () =>
		expect(
			refusal(
				spoiled((copy) => copy.echoes[0].matches.push({ ...copy.echoes[0].matches[0], id: uuid(4445) }))
			)
		).toMatch(/two matches answer the same element/));
	it('when two things inside a record have one id', () =>
		expect(
			refusal(spoiled((copy) => copy.references[0].elements.push(copy.references[0].elements[0])))
		).toMatch(/two elements have the same id/));
	it('and is taken with settings anew where it lost them, never for an empty studio', () => {
		const read = readDocument(spoiled((copy) => (copy.settings = [])));
		expect(read).toMatchObject({ ok: true, value: { settings: [{ demo: false }], pieces: [{}] } });
	});
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

	const third = () => JSON.parse(readFileSync('tests/unit/data/studio-v3.json', 'utf8'));

	it('give things their new names where the lexicon gave one up', () => {
		const old = third();
		const [part] = old.pieces[0].parts;
		part.garment = {
			type: 'bardot-top',
			facets: { neckline: { value: 'bardot', provenance: 'said' } },
			palette: []
		};
		expect(readDocument(JSON.stringify(old))).toMatchObject({
			ok: true,
			value: {
				pieces: [
					{
						parts: [
							{ garment: { type: 'off-shoulder-top', facets: { neckline: { value: 'off-shoulder' } } } }
						]
					}
				]
			}
		});
	});

	it('let go of what older versions left over, and of nothing else', () => {
		const old = third();
		const before = JSON.parse(JSON.stringify(old.echoes[0]));
		old.echoes[0].eventId = uuid(4444);
		old.echoes[0].matches = [
			{ ...before.matches[0], elementIds: [...before.matches[0].elementIds, uuid(4445)] }
		];
		const read = readDocument(JSON.stringify(old));
		if (!read.ok) throw new Error(read.message + read.problems.join());
		expect(read.value.echoes[0]?.eventId).toBeUndefined();
		expect(read.value.echoes[0]?.matches[0]?.elementIds).toEqual(before.matches[0].elementIds);
	});

	it('refuse an older file whose piece belongs to nobody, rather than drop the piece', () => {
		const old = third();
		old.pieces[0].clientId = uuid(4446);
		expect(readDocument(JSON.stringify(old))).toMatchObject({ ok: false });
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
