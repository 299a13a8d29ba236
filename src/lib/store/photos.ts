/** Photos: their records go through the journal as all others; their bytes lie apart, once for each content. */
import { momentBefore, type Photo } from '../core';
import { moment, newId, today } from './clock';
import { database, type StudioDatabase } from './database';

/** Bytes that no record names are kept this long: the change that will name them may still be on its way in another tab. */
const graceMs = 24 * 60 * 60 * 1000;

const inHex = (bytes: ArrayBuffer) =>
	[...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');

/** The SHA-256 of a file, in hexadecimal. */
export const contentHash = async (bytes: Blob): Promise<string> =>
	inHex(await crypto.subtle.digest('SHA-256', await bytes.arrayBuffer()));

/**
 * Stores the bytes of a photo and gives the record for it, to be created in the change that names it. The bytes are
 * hashed and written before that change begins.
 */
export async function takePhoto(
	bytes: Blob,
	facts: Pick<Photo, 'mediaType' | 'width' | 'height'>,
	db: StudioDatabase = database
): Promise<Photo> {
	const hash = await contentHash(bytes);
	await db.photoBytes.put({ hash, bytes, addedAt: moment() });
	return { id: newId(), rev: 0, hash, byteLength: bytes.size, addedOn: today(), note: '', ...facts };
}

/** The bytes of a photo; undefined when they are gone. */
export const bytesOfPhoto = async (
	{ hash }: Pick<Photo, 'hash'>,
	db: StudioDatabase = database
): Promise<Blob | undefined> => (await db.photoBytes.get(hash))?.bytes;

/** Every content hash in a value of the journal: a photo that was removed may be brought back by undo. */
function hashesIn(value: unknown, found: Set<string>): void {
	if (Array.isArray(value)) for (const one of value) hashesIn(one, found);
	else if (typeof value === 'object' && value !== null)
		for (const [key, inner] of Object.entries(value))
			if (key === 'hash' && typeof inner === 'string') found.add(inner);
			else hashesIn(inner, found);
}

/** Removes bytes that neither a record nor the journal names; done once at the start. Returns how many went. */
export async function sweepPhotos(db: StudioDatabase = database): Promise<number> {
	return db.transaction('rw', [db.photos, db.journal, db.photoBytes], async () => {
		const before = momentBefore(moment(), graceMs);
		const old = await db.photoBytes.filter(({ addedAt }) => addedAt < before).primaryKeys();
		if (old.length === 0) return 0;
		const named = new Set((await db.photos.toArray()).map(({ hash }) => hash));
		await db.journal.each(({ changes }) => hashesIn(changes, named));
		const unnamed = old.filter((hash) => !named.has(hash));
		await db.photoBytes.bulkDelete(unnamed);
		return unnamed.length;
	});
}
