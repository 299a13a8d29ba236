import { proxy } from 'comlink';
import type { Read, StudioDocument } from '../core';
import type { ArchiveWorker } from './archive.worker';
import { sessionWorker } from './session';

const inArchiveWorker = sessionWorker<ArchiveWorker>(
	() => new Worker(new URL('./archive.worker.ts', import.meta.url), { type: 'module' })
);

/** A photo's bytes under their content hash. */
export interface PhotoFile {
	hash: string;
	bytes: Blob;
}

/** Out of a worker comes what an error is called and says, and not what it is: a damaged photo is told in its own words. */
function asItWasThrown(error: unknown): never {
	const { name, message } = error as Error;
	throw name === 'RangeError' ? new RangeError(message, { cause: error }) : error;
}

/** A backup that was read: its records, and its photos one by one. Whoever opened it closes it. */
export interface OpenedBackup {
	document: StudioDocument;
	photos: () => AsyncGenerator<PhotoFile>;
	close: () => Promise<void>;
}

/** Packs a studio into a ZIP off the main thread; `onProgress` gets shares 0..1. */
export const packInWorker = (
	document: StudioDocument,
	photos: AsyncIterable<PhotoFile>,
	onProgress: (share: number) => void,
	signal?: AbortSignal
): Promise<Blob> =>
	inArchiveWorker(async (worker) => {
		const archive = await worker.write(document.writtenOn);
		await archive.addRecords(document, proxy(onProgress));
		for await (const { hash, bytes } of photos) await archive.addBytes(hash, bytes);
		return archive.close();
	}, signal);

/** Reads and checks a backup off the main thread. */
export const openInWorker = (file: Blob, signal?: AbortSignal): Promise<Read<OpenedBackup>> =>
	inArchiveWorker(async (worker): Promise<Read<OpenedBackup>> => {
		const { read, number } = await worker.read(file);
		if (!read.ok) return read;
		async function* photos() {
			for (;;) {
				const next = await inArchiveWorker((same) => same.nextPhotos(number)).catch(asItWasThrown);
				if (next.length === 0) return;
				yield* next;
			}
		}
		const close = () => inArchiveWorker((same) => same.close(number));
		return { ok: true, value: { document: read.value, photos, close } };
	}, signal);

/** Puts a file under a passphrase off the main thread; `onProgress` gets shares 0..1. */
export const sealInWorker = (
	file: Blob,
	passphrase: string,
	onProgress: (share: number) => void,
	signal?: AbortSignal
): Promise<Blob> => inArchiveWorker((worker) => worker.seal(file, passphrase, proxy(onProgress)), signal);

/** Takes a file out from under its passphrase off the main thread. */
export const unsealInWorker = (file: Blob, passphrase: string, signal?: AbortSignal): Promise<Read<Blob>> =>
	inArchiveWorker(async (worker): Promise<Read<Blob>> => worker.unseal(file, passphrase), signal);

/** Starts the worker before it is needed, so that a backup can be made with the server stopped. */
export const readyArchive = (): Promise<void> =>
	inArchiveWorker((worker) => worker.ready()).catch(() => undefined);
