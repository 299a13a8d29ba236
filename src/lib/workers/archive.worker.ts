/// <reference lib="webworker" />
import { expose, proxy } from 'comlink';
import { openArchive, openBackup, type OpenedArchive, type Read } from '../core/exchange';
import type { StudioDocument } from '../core/model';
import type { PhotoFile } from './archive';
import { seal, unseal } from './sealing';

type PhotoStream = ReturnType<OpenedArchive['photos']>;

/** Backups that are open, under a number each, with the photos that are still to come. */
const opened = new Map<number, { archive: OpenedArchive; photos: PhotoStream }>();
let last = 0;

/** As many bytes of photos are given at once (this project's): each answer takes a moment, whatever it brings. */
const atOnceBytes = 8 * 1024 * 1024;

/** Writes and reads backups away from the page, so that it stays at hand while a large studio is written. */
const archive = {
	/** It runs. */
	ready: (): void => undefined,

	write: (writtenOn: string) => proxy(openArchive(writtenOn)),

	/** Reads and checks the records of a backup, and keeps it open under `number` for its photos. */
	async read(file: Blob): Promise<{ read: Read<StudioDocument>; number: number }> {
		const backup = await openBackup(file);
		if (!backup.ok) return { read: backup, number: 0 };
		opened.set(++last, { archive: backup.value, photos: backup.value.photos() });
		return { read: { ok: true, value: backup.value.document }, number: last };
	},

	/** A file put under a passphrase; `onProgress` gets shares 0..1. */
	seal: (file: Blob, passphrase: string, onProgress: (share: number) => void): Promise<Blob> =>
		seal(file, passphrase, onProgress),
	/** A file taken out from under its passphrase. */
	unseal: (file: Blob, passphrase: string): Promise<Read<Blob>> => unseal(file, passphrase),

	/** The next photos of an open backup, a few at a time; none after the last. */
	async nextPhotos(number: number): Promise<PhotoFile[]> {
		const photos: PhotoFile[] = [];
		let size = 0;
		while (size < atOnceBytes) {
			const next = await opened.get(number)?.photos.next();
			if (!next || next.done) break;
			photos.push(next.value);
			size += next.value.bytes.size;
		}
		return photos;
	},

	async close(number: number): Promise<void> {
		await opened.get(number)?.archive.close();
		opened.delete(number);
	}
};

export type ArchiveWorker = typeof archive;
expose(archive);
