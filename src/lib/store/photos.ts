/** Photos: their records go through the journal as all others; their bytes lie apart, once for each content. */
import { momentBefore, type Photo } from '../core';
import { moment, newId, today } from './clock';
import { database, storeEvents, type StudioDatabase } from './database';

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

/** As many bytes are stored at once, while as many more are read: memory stays bounded by both (this project's). */
const atOnceBytes = 16 * 1024 * 1024;

/** Stores photos as they come out of a file, several in one transaction and the next read meanwhile. Rejects with what goes wrong first. */
export async function keepPhotos(
	photos: AsyncIterable<{ hash: string; bytes: Blob }>,
	db: StudioDatabase = database
): Promise<void> {
	let batch: { hash: string; bytes: Blob; addedAt: string }[] = [];
	let size = 0;
	let stored: Promise<unknown> = Promise.resolve();
	const store = async () => {
		const next = batch;
		batch = [];
		size = 0;
		await stored;
		stored = db.transaction('rw', db.photoBytes, () =>
			Promise.all(next.map((photo) => db.photoBytes.put(photo)))
		);
		// It is waited for once the next ones are read, or at the end.
		stored.catch(() => undefined);
	};
	for await (const { hash, bytes } of photos) {
		batch.push({ hash, bytes, addedAt: moment() });
		size += bytes.size;
		if (size >= atOnceBytes) await store();
	}
	await store();
	await stored;
}

/** Bytes that are on their way to the table. */
let coming: Promise<unknown> | undefined;

/** The bytes of a photo, waiting for those that are on their way; undefined when they are gone. */
export async function bytesOfPhoto(
	{ hash }: Pick<Photo, 'hash'>,
	db: StudioDatabase = database
): Promise<Blob | undefined> {
	const stored = await db.photoBytes.get(hash);
	if (stored || !coming) return stored?.bytes;
	want();
	await coming;
	return (await db.photoBytes.get(hash))?.bytes;
}

/** How long one of the demo's photographs may take to come. */
const longestMs = 20_000;

/** How long a page that was just opened is left to itself, and how much longer while it is busy, in milliseconds. */
const [settlingMs, busyMs] = [1500, 1500];
/** A photograph is wanted now: the wait for a page to settle ends, or does not begin. */
let isWanted = false;
let endWait: () => void = () => undefined;
function want() {
	isWanted = true;
	endWait();
}
const untilSettled = () =>
	new Promise<void>((resolve) => {
		endWait = resolve;
		if (isWanted || !('requestIdleCallback' in globalThis)) setTimeout(resolve);
		else setTimeout(() => requestIdleCallback(() => resolve(), { timeout: busyMs }), settlingMs);
	});

/** Fetches what is not here yet, and tells of what did not come or could not be kept. */
async function fetchMissing(db: StudioDatabase): Promise<void> {
	const settings = await db.settings.toCollection().first();
	if (!settings?.demo) return;
	const here = new Set(await db.photoBytes.toCollection().primaryKeys());
	const named = new Set((await db.photos.toArray()).map(({ hash }) => hash));
	await untilSettled();
	const brought = await Promise.allSettled(
		[...named]
			.filter((hash) => !here.has(hash))
			.map(async (hash) => {
				const response = await fetch(`/demo/photos/${hash}.webp`, { signal: AbortSignal.timeout(longestMs) });
				if (!response.ok) throw new Error(String(response.status));
				await db.photoBytes.put({ hash, bytes: await response.blob(), addedAt: moment() });
			})
	);
	const missing = brought.filter((one) => one.status === 'rejected');
	const isFull = missing.some(({ reason }) => reason instanceof Error && /quota/i.test(reason.name));
	if (missing.length > 0)
		storeEvents.onphotosmissing({ number: missing.length, why: isFull ? 'full' : 'unreachable' });
}

/**
 * Fetches the photographs of the demo that are not here yet. Those that do not come are missing, which is told, and asked for again
 * at the next start. Does nothing in a studio of one's own; never rejects.
 */
export function fetchDemoPhotos(db: StudioDatabase = database): Promise<void> {
	// One after the other: the second asks for nothing that the first has brought.
	const arriving: Promise<void> = (coming ?? Promise.resolve())
		.then(() => fetchMissing(db))
		.catch(() => undefined)
		.finally(() => {
			if (coming !== arriving) return;
			coming = undefined;
			isWanted = false;
		});
	coming = arriving;
	return arriving;
}

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
