/** What stands in a lookbook beside the look that it was opened for. */
import type { BookSource } from '$lib/core';
import { database } from '$lib/store/database';
import { latestTryOn } from '$lib/store/verdicts';
import { bytesOfPhoto } from '$lib/store/photos';

/** The other looks of a client with all that they are told from, the latest begun first. */
export async function otherLooks(clientId: string, except: string): Promise<BookSource[]> {
	const echoes = (await database.echoes.where('clientId').equals(clientId).toArray())
		.filter(({ id }) => id !== except)
		.sort((a, b) => b.createdOn.localeCompare(a.createdOn));
	const sources = await Promise.all(
		echoes.map(async (echo) => ({
			echo,
			reference: await database.references.get(echo.referenceId),
			event: echo.eventId === undefined ? undefined : await database.events.get(echo.eventId)
		}))
	);
	return sources.flatMap(({ reference, ...source }) => (reference ? [{ ...source, reference }] : []));
}

const asDataUrl = (bytes: Blob) =>
	new Promise<string>((resolve, reject) => {
		const reader = new FileReader();
		reader.onload = () => resolve(reader.result as string);
		reader.onerror = () => reject(reader.error ?? new Error('a photo could not be read'));
		reader.readAsDataURL(bytes);
	});

/** By look, the first picture of its last try-on as a data URL, where there is one. */
export async function picturesOf(echoIds: readonly string[]): Promise<Record<string, string>> {
	const found = await Promise.all(
		echoIds.map(async (id): Promise<[string, string][]> => {
			const [photoId] = (await latestTryOn(id))?.photos ?? [];
			const photo = photoId === undefined ? undefined : await database.photos.get(photoId);
			const bytes = photo && (await bytesOfPhoto(photo));
			return bytes ? [[id, await asDataUrl(bytes)]] : [];
		})
	);
	return Object.fromEntries(found.flat());
}
