import { transfer, type Remote } from 'comlink';
import type { BodyMarks } from '../core/model';
import type { Pixels } from '../core/photo';
import type { PhotoWorker, TakenIn } from './photo.worker';
import type { PoseWorker } from './pose.worker';
import { sessionWorker } from './session';

export type { KnownOfPhoto, OpenedPhoto, TakenIn } from './photo.worker';

const start = () => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
const inIntake = sessionWorker<PhotoWorker>(start);

/** Makes a photo of a file, off the main thread: upright, re-encoded, with nothing in it but the picture. */
export const takeInInWorker = (file: Blob, signal?: AbortSignal): Promise<TakenIn> =>
	inIntake(async (worker): Promise<TakenIn> => worker.takeIn(file), signal);

const inPose = sessionWorker<PoseWorker>(
	() => new Worker(new URL('./pose.worker.ts', import.meta.url), { type: 'module' })
);
/** Looks for the marks of a body, apart from the opened photo: the model takes its time, and no click waits for it. */
export const marksInWorker = (picture: Pixels): Promise<BodyMarks | undefined> =>
	inPose((worker) => worker.marks(transfer(picture, [picture.data.buffer])));

/** A worker that holds one opened photo; apart from the intake, so that neither waits for the other. */
export function photoSession() {
	const inPhoto = sessionWorker<PhotoWorker>(start);
	return <T>(work: (worker: Remote<PhotoWorker>) => Promise<T>, signal?: AbortSignal) =>
		inPhoto(work, signal);
}
export type PhotoSession = ReturnType<typeof photoSession>;
