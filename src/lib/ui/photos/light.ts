import type { OpenedPhoto } from '$lib/workers/photo';
import type { Photo, Spot } from '$lib/core';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';
import type { Measuring } from './measuring.svelte';

/**
 * Keeps on a photo that a spot of it is white or grey, so that its light is put right; resolves to false, and keeps nothing,
 * where the spot says nothing of the light.
 */
export async function keepKnownSpot(
	measured: Measuring,
	{ id }: Pick<Photo, 'id'>,
	{ width, height }: OpenedPhoto,
	{ x, y }: Spot,
	tone: 'white' | 'grey'
): Promise<boolean> {
	const known = { x: x / width, y: y / height, tone };
	if (!(await measured.canCorrect(known))) return false;
	await perform(() =>
		change(m.photos.knew, (writer) => writer.edit('photos', id, (draft) => void (draft.known = known)))
	);
	return true;
}
