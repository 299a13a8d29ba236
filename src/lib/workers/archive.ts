import { proxy, wrap, type Remote } from 'comlink';
import type { Read, StudioDocument } from '../core';
import type { ArchiveWorker } from './archive.worker';

async function withWorker<T>(work: (archive: Remote<ArchiveWorker>) => Promise<T>): Promise<T> {
	const worker = new Worker(new URL('./archive.worker.ts', import.meta.url), { type: 'module' });
	try {
		return await work(wrap<ArchiveWorker>(worker));
	} finally {
		worker.terminate();
	}
}

/** Packs a studio into a ZIP off the main thread; `onProgress` gets shares 0..1. */
export const packInWorker = (document: StudioDocument, onProgress: (share: number) => void): Promise<Blob> =>
	withWorker((archive) => archive.pack(document, proxy(onProgress)));

/** Reads and checks a backup off the main thread; the worker starts while the file is still coming. */
export const unpackInWorker = (file: Promise<Blob>): Promise<Read<StudioDocument>> =>
	withWorker(async (archive): Promise<Read<StudioDocument>> => archive.unpack(await file));
