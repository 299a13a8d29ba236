import type { PhotoProblem } from '$lib/core';
import { change } from '$lib/store/journal';
import { takePhoto } from '$lib/store/photos';
import type { Writer } from '$lib/store/writer';
import type { Photo } from '$lib/core';
import { takeInInWorker } from '$lib/workers/photo';
import { perform } from '../frame/perform';
import { m } from '../messages';

export interface Refusal {
	name: string;
	problem: PhotoProblem;
}

/** Takes photographs in one after another; `hang` names them where they belong, in the same change that creates them. */
export function photoIntake(hang: (writer: Writer, photos: Photo[]) => Promise<void>) {
	let done = $state(0);
	let all = $state(0);
	let refused = $state.raw<Refusal[]>([]);
	let stop: AbortController | undefined;

	async function take(files: readonly File[]) {
		if (files.length === 0 || stop) return;
		stop = new AbortController();
		const { signal } = stop;
		refused = [];
		done = 0;
		all = files.length;
		const taken: Photo[] = [];
		const turned: Refusal[] = [];
		await perform(async () => {
			let failure: Error | undefined;
			try {
				for (const file of files) {
					const result = await takeInInWorker(file).catch(() => undefined);
					if (signal.aborted) break;
					if (!result) turned.push({ name: file.name, problem: 'unreadable' });
					else if (!result.ok) turned.push({ name: file.name, problem: result.problem });
					else {
						const { bytes, mediaType, width, height } = result;
						taken.push(await takePhoto(bytes, { mediaType, width, height }));
					}
					done++;
				}
			} catch (error) {
				// A full disk, as it may be: what is in by then stays.
				failure = error as Error;
			}
			if (taken.length > 0)
				await change(m.photos.takenIn(taken.length), async (writer) => {
					for (const photo of taken) await writer.create('photos', photo);
					await hang(writer, taken);
				});
			if (failure) throw failure;
		});
		refused = turned;
		all = 0;
		stop = undefined;
	}

	return {
		/** How many of how many are in; of none while nothing is taken in. */
		get done() {
			return done;
		},
		get all() {
			return all;
		},
		/** Files that were not taken the last time, each with why. */
		get refused(): readonly Refusal[] {
			return refused;
		},
		take,
		/** What is in by then stays. */
		cancel: () => stop?.abort()
	};
}
export type PhotoIntake = ReturnType<typeof photoIntake>;
