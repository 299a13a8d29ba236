import { strToU8, Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import { tableNames, type StudioDocument } from '../model/studio';
import { runningCrc, statedCrc } from './checksum';
import { readDocument, type Read } from './document';

const recordsFile = 'studio.json';
/** More than any studio's records; a file that unpacks to more is refused before it fills the memory. */
const mostRecordBytes = 256 * 1024 * 1024;

/** The end of the archive that is kept to read its directory from: room for some thousands of files. */
const tailBytes = 1024 * 1024;

/** The document as JSON in pieces of one record each, so that no second copy of the whole is held. */
function* jsonPieces(document: StudioDocument): Generator<string> {
	const { format, schemaVersion, writtenOn } = document;
	yield `{"format":${JSON.stringify(format)},"schemaVersion":${schemaVersion},"writtenOn":${JSON.stringify(writtenOn)}`;
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

/**
 * Packs a studio as a backup: a ZIP (APPNOTE, deflate) holding `studio.json`. Bytes are handed on as they come.
 *
 * @param onProgress called with the share of records written, 0..1
 */
export function packStudio(
	document: StudioDocument,
	onBytes: (bytes: Uint8Array) => void,
	onProgress: (share: number) => void = () => undefined
): void {
	const zip = new Zip((error, bytes) => {
		if (error) throw error;
		onBytes(bytes);
	});
	const records = new ZipDeflate(recordsFile, { level: 6 });
	// ZIP knows no zone and no time before 1980; the day of writing is all that is wanted.
	records.mtime = new Date(`${document.writtenOn}T12:00:00`);
	zip.add(records);
	const total = tableNames.reduce((sum, table) => sum + document[table].length, 0) || 1;
	let done = 0;
	for (const piece of jsonPieces(document)) {
		records.push(strToU8(piece));
		if (++done % 50 === 0) onProgress(Math.min(1, done / total));
	}
	records.push(new Uint8Array(0), true);
	zip.end();
	onProgress(1);
}

const notABackup = (problems: string[] = []) => ({
	ok: false as const,
	message: 'This is not a Prime Echo backup: a backup is a .zip file with studio.json in it.',
	problems
});

/** The last bytes of what came before and what comes now. */
function withTail(before: Uint8Array, now: Uint8Array): Uint8Array<ArrayBuffer> {
	const whole = new Uint8Array(before.length + now.length);
	whole.set(before);
	whole.set(now, before.length);
	return whole.slice(-tailBytes);
}

/** Takes a backup apart as its bytes come; `finish` gives the studio, or says what is wrong. */
export function unpackStudio(): { push(bytes: Uint8Array): void; finish(): Read<StudioDocument> } {
	const decoder = new TextDecoder('utf-8', { fatal: true });
	let text = '';
	let size = 0;
	let seen: 'none' | 'open' | 'whole' = 'none';
	let failure: string | undefined;
	let tail = new Uint8Array(0);
	const crc = runningCrc();
	const unzip = new Unzip((file) => {
		if (file.name !== recordsFile || seen !== 'none') return;
		seen = 'open';
		file.ondata = (error, bytes, final) => {
			if (failure) return;
			if (error) {
				failure = `studio.json cannot be unpacked: ${error.message}.`;
				return;
			}
			size += bytes.length;
			crc.add(bytes);
			if (size > mostRecordBytes) {
				failure = 'studio.json unpacks to more than 256 MB, which no studio needs.';
				file.terminate();
				return;
			}
			try {
				text += decoder.decode(bytes, { stream: !final });
			} catch {
				failure = 'studio.json is damaged: it is not UTF-8 text.';
			}
			if (final) seen = 'whole';
		};
		file.start();
	});
	unzip.register(UnzipInflate);

	return {
		push(bytes) {
			if (failure) return;
			tail = withTail(tail, bytes);
			try {
				unzip.push(bytes);
			} catch (error) {
				failure = `The file is damaged: ${(error as Error).message}.`;
			}
		},
		finish() {
			if (failure) return { ok: false, message: failure, problems: [] };
			try {
				unzip.push(new Uint8Array(0), true);
			} catch {
				// The end of a file that is no archive; what is missing is said below.
			}
			if (failure) return { ok: false, message: failure, problems: [] };
			if (seen === 'none') return notABackup();
			if (seen === 'open')
				return { ok: false, message: 'The backup is cut off: studio.json does not end.', problems: [] };
			if (statedCrc(tail, recordsFile) !== crc.value())
				return {
					ok: false,
					message: 'The backup is damaged: studio.json is not as it was written.',
					problems: []
				};
			return readDocument(text);
		}
	};
}
