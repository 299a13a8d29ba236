/** A backup: a ZIP (APPNOTE) with the records in `studio.json` and the bytes of each photo under its content hash. */
import {
	BlobReader,
	BlobWriter,
	configure,
	ERR_INVALID_CRC32,
	ZipReader,
	ZipWriter,
	type Entry,
	type FileEntry
} from '@zip.js/zip.js/lib/zip-core-external.js';
import { crc32 } from 'hash-wasm';
import { contentHashSchema } from '../model/photo';
import { tableNames, type StudioDocument } from '../model/studio';
import { noonOf } from '../time/days';
import { readDocument, refused, type Read } from './document';
import { briefly } from './problems';
import { ReadAhead } from './read-ahead';

// The browser's own streams compress; whoever wants this off the main thread runs all of it in a worker.
configure({ useWebWorkers: false, useCompressionStream: true, chunkSize: 256 * 1024 });

const recordsFile = 'studio.json';
const photoFolder = 'photos/';
const photoFile = (hash: string) => photoFolder + hash;

/** More than any studio's records; a file that unpacks to more is refused before it fills the memory. */
const mostRecordBytes = 192 * 1024 * 1024;
/** Records shrink ten to thirty times when they are packed; what shrinks more than this is made to fill the memory. */
const mostRatio = 100;
/** Below this, no ratio is suspicious. */
const harmlessBytes = 16 * 1024 * 1024;
/** The largest photo that is taken in, and as many as are counted before a file is taken for no backup. */
const mostPhotoBytes = 32 * 1024 * 1024;
const mostEntries = 20_001;

/** The document as JSON in pieces of one record each, so that no second copy of the whole is held. */
export function* documentText(document: StudioDocument): Generator<string, void> {
	const { format, schemaVersion, writtenOn, part } = document;
	yield `{"format":${JSON.stringify(format)},"schemaVersion":${schemaVersion},"writtenOn":${JSON.stringify(writtenOn)}${part ? ',"part":true' : ''}`;
	for (const table of tableNames) {
		yield `,\n"${table}":[`;
		let first = true;
		for (const record of document[table]) {
			yield (first ? '\n' : ',\n') + JSON.stringify(record);
			first = false;
		}
		yield ']';
	}
	yield '}\n';
}

/** Joins small texts, so that the compressor is not called once a record. */
const chunkLetters = 64 * 1024;

function recordStream(
	document: StudioDocument,
	onWritten: (records: number) => void
): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	const pieces = documentText(document);
	let written = 0;
	return new ReadableStream({
		pull(controller) {
			let text = '';
			while (text.length < chunkLetters) {
				const next = pieces.next();
				if (next.done) {
					if (text !== '') controller.enqueue(encoder.encode(text));
					controller.close();
					onWritten(written);
					return;
				}
				text += next.value;
				written++;
			}
			controller.enqueue(encoder.encode(text));
			onWritten(written);
		}
	});
}

/** An archive that is being written: open, add records, add bytes, close. */
export interface ArchiveWriter {
	addRecords(document: StudioDocument, onProgress?: (share: number) => void): Promise<void>;
	/** Photos are compressed already; they are stored as they are. */
	addBytes(hash: string, bytes: Blob): Promise<void>;
	close(): Promise<Blob>;
}

/**
 * Opens a new backup. What is written goes into a Blob as it comes, which the browser may keep on disk: memory stays
 * bounded by one photo.
 *
 * @example const archive = openArchive('2026-01-10'); await archive.addRecords(document); const file = await archive.close();
 */
export function openArchive(writtenOn: string): ArchiveWriter {
	// ZIP knows no time before 1980, which a wrong clock may say, and no zone: noon of the day is the same everywhere.
	const lastModDate = noonOf(writtenOn > '1980-01-01' ? writtenOn : '1980-01-01');
	const zip = new ZipWriter(new BlobWriter('application/zip'), { lastModDate, extendedTimestamp: false });
	return {
		async addRecords(document, onProgress = () => undefined) {
			const total = tableNames.reduce((sum, table) => sum + document[table].length, 0) || 1;
			await zip.add(
				recordsFile,
				recordStream(document, (written) => onProgress(Math.min(1, written / total))),
				{ level: 6 }
			);
		},
		async addBytes(hash, bytes) {
			await zip.add(photoFile(hash), new BlobReader(bytes), { level: 0 });
		},
		close: () => zip.close()
	};
}

/** A backup that was opened: its records are checked, its photos are read one by one. */
export interface OpenedArchive {
	document: StudioDocument;
	/** The bytes of each photo of the document, as they come; throws a RangeError on a damaged one. */
	photos: () => AsyncGenerator<{ hash: string; bytes: Blob }>;
	/** Gives the file free. */
	close: () => Promise<void>;
}

const isFile = (entry: Entry): entry is FileEntry => !entry.directory;

/** The method of a file of an archive that is not compressed (APPNOTE 4.4.5). */
const storedAsIs = 0;

/** A file in an archive states a size that it does not keep to. */
class TooLargeError extends Error {}

/** Reads one file of an archive and checks it, stopping at `bound` bytes, whatever size it states. */
async function readThrough(
	entry: FileEntry,
	bound: number,
	take: (chunk: Uint8Array<ArrayBuffer>) => void
): Promise<void> {
	const most = Math.min(bound, Math.max(harmlessBytes, mostRatio * entry.compressedSize));
	if (entry.uncompressedSize > most) throw new TooLargeError();
	let size = 0;
	const sink = new WritableStream<Uint8Array>({
		write(chunk) {
			size += chunk.byteLength;
			if (size > most) throw new TooLargeError();
			take(chunk as Uint8Array<ArrayBuffer>);
		}
	});
	await entry.getData(sink, { checkSignature: true });
}

async function textOf(entry: FileEntry): Promise<string> {
	const decoder = new TextDecoder('utf-8', { fatal: true });
	let text = '';
	await readThrough(entry, mostRecordBytes, (chunk) => (text += decoder.decode(chunk, { stream: true })));
	return text + decoder.decode();
}

/**
 * What is stored as it is stays where it lies once it is checked: a part of the file, which the browser copies by itself.
 * Undefined of anything else. The library alone would copy each twice to check it.
 */
async function storedIn(file: Blob, source: ReadAhead, entry: FileEntry): Promise<Blob | undefined> {
	const { compressionMethod, encrypted, compressedSize: size, uncompressedSize } = entry;
	if (compressionMethod !== storedAsIs || encrypted || size !== uncompressedSize) return undefined;
	if (size > mostPhotoBytes) throw new TooLargeError();
	await entry.getData(new WritableStream(), { checkOverlappingEntryOnly: true });
	const start = entry.localDirectory?.dataOffset;
	if (start === undefined) return undefined;
	const checksum = await crc32(await source.readUint8Array(start, size));
	if (Number.parseInt(checksum, 16) !== entry.crc32) throw new Error(ERR_INVALID_CRC32);
	return file.slice(start, start + size);
}

async function unpacked(entry: FileEntry): Promise<Blob> {
	const parts: Uint8Array<ArrayBuffer>[] = [];
	await readThrough(entry, mostPhotoBytes, (chunk) => parts.push(chunk));
	return new Blob(parts);
}

function damageInWords(name: string, error: unknown, mostMegabytes: number): string {
	if (error instanceof TooLargeError)
		return `${name} unpacks to far more than a studio needs (at most ${mostMegabytes} MB).`;
	if ((error as Error).message === ERR_INVALID_CRC32)
		return `The backup is damaged: ${name} is not as it was written.`;
	return `The backup is damaged: ${name} cannot be unpacked.`;
}

const notABackup = refused(
	'This is not a Prime Echo backup: a backup is a .zip file with studio.json in it.'
);
const cutShort = refused(
	'This file is not whole: it begins as a .zip file and its end is missing, or cannot be read. Copy or download it again from where it is kept.'
);

/** Every archive with anything in it begins with its first file's header (APPNOTE 4.3.7); its directory stands at its end. */
async function beginsAsArchive(file: Blob): Promise<boolean> {
	const head = new DataView(await file.slice(0, 4).arrayBuffer());
	return head.byteLength === 4 && head.getUint32(0, true) === 0x04034b50;
}

async function directoryOf(file: Blob, reader: ZipReader<Blob>): Promise<Read<Entry[]>> {
	const entries: Entry[] = [];
	try {
		for await (const entry of reader.getEntriesGenerator()) {
			entries.push(entry);
			if (entries.length > mostEntries) return notABackup;
		}
	} catch {
		return (await beginsAsArchive(file)) ? cutShort : notABackup;
	}
	return { ok: true, value: entries };
}

/**
 * Opens a backup and reads its records: they are read whole and checked; nothing is changed by it. A refusal says what is
 * wrong and where. Photos that no record names are left aside.
 */
export async function openBackup(file: Blob): Promise<Read<OpenedArchive>> {
	const source = new ReadAhead(file);
	const reader = new ZipReader(source);
	const directory = await directoryOf(file, reader);
	const close = async () => {
		await reader.close().catch(() => undefined);
	};
	const refuse = async (answer: Read<OpenedArchive>) => {
		await close();
		return answer;
	};
	if (!directory.ok) return refuse(directory);
	const entries = directory.value;
	const [records, another] = entries.filter(isFile).filter(({ filename }) => filename === recordsFile);
	if (!records) return refuse(notABackup);
	if (another)
		return refuse(refused('The backup holds studio.json twice, so it is not clear which one counts.'));

	let text: string;
	try {
		text = await textOf(records);
	} catch (error) {
		return refuse(
			refused(
				error instanceof TypeError
					? 'studio.json is damaged: it is not UTF-8 text.'
					: damageInWords(recordsFile, error, mostRecordBytes / 1024 / 1024)
			)
		);
	}
	const read = readDocument(text);
	if (!read.ok) return refuse(read);

	const photoEntries = new Map(
		entries
			.filter(isFile)
			.filter(({ filename }) => filename.startsWith(photoFolder))
			.map((entry) => [entry.filename.slice(photoFolder.length), entry])
	);
	const wanted = new Map(read.value.photos.map(({ hash, mediaType }) => [hash, mediaType]));
	const missing = [...wanted.keys()].filter((hash) => !photoEntries.has(hash));
	if (missing.length > 0)
		return refuse(
			refused(
				'The backup names photos that it does not hold.',
				missing.slice(0, 3).map((hash) => photoFile(hash))
			)
		);

	async function photoOf(hash: string, entry: FileEntry, mediaType: string) {
		try {
			const bytes = (await storedIn(file, source, entry)) ?? (await unpacked(entry));
			return { hash, bytes: bytes.slice(0, bytes.size, mediaType) };
		} catch (error) {
			throw new RangeError(damageInWords(briefly(photoFile(hash)), error, mostPhotoBytes / 1024 / 1024), {
				cause: error
			});
		}
	}
	/** In the order in which they lie in the file, so that it is read from its beginning to its end. */
	async function* photos() {
		const toCome = [...wanted]
			.flatMap(([hash, mediaType]) => {
				const entry = photoEntries.get(hash);
				return entry && contentHashSchema.safeParse(hash).success ? [{ hash, entry, mediaType }] : [];
			})
			.sort((a, b) => a.entry.offset - b.entry.offset);
		for (const { hash, entry, mediaType } of toCome) yield photoOf(hash, entry, mediaType);
	}
	return { ok: true, value: { document: read.value, photos, close } };
}
