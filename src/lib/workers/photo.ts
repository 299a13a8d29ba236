import type { Remote } from 'comlink';
import type { PhotoWorker, TakenIn } from './photo.worker';
import { sessionWorker } from './session';

export type { FoundRegion, KnownOfPhoto, OpenedPhoto, TakenIn } from './photo.worker';

const start = () => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
const inIntake = sessionWorker<PhotoWorker>(start);

/** Makes a photo of a file, off the main thread: upright, re-encoded, with nothing in it but the picture. */
export const takeInInWorker = (file: Blob, signal?: AbortSignal): Promise<TakenIn> =>
	inIntake(async (worker): Promise<TakenIn> => worker.takeIn(file), signal);

/** A worker that holds one opened photo; apart from the intake, so that neither waits for the other. */
export function photoSession() {
	const inPhoto = sessionWorker<PhotoWorker>(start);
	return <T>(work: (worker: Remote<PhotoWorker>) => Promise<T>, signal?: AbortSignal) =>
		inPhoto(work, signal);
}
export type PhotoSession = ReturnType<typeof photoSession>;
