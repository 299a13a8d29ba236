/** The studio as a whole: started, backed up, restored, cleared. */
import {
	documentOf,
	emptyStudio,
	movedToToday,
	settingsId,
	tableNames,
	type Read,
	type Settings,
	type Studio,
	type StudioDocument
} from '../core';
import { packInWorker, unpackInWorker } from '../workers/archive';
import { today } from './clock';
import { database, recordTables, type StudioDatabase } from './database';

const newSettings = (): Settings => ({
	id: settingsId,
	rev: 1,
	studioName: 'My studio',
	currency: 'GBP',
	units: 'cm',
	words: 'uk',
	timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
	demo: false
});

/** All records, read at one moment. */
export async function readStudio(db: StudioDatabase = database): Promise<Studio> {
	return db.transaction('r', recordTables(db), async () => {
		const studio = emptyStudio() as Record<string, unknown[]>;
		for (const table of tableNames) studio[table] = await db.table(table).toArray();
		return studio as unknown as Studio;
	});
}

/** Puts a whole studio in place of the present one; all or nothing. Undo does not reach behind it. */
export async function replaceStudio(studio: Studio, db: StudioDatabase = database): Promise<void> {
	await db.transaction('rw', [...recordTables(db), db.journal], async () => {
		await db.journal.clear();
		for (const table of tableNames) {
			await db.table(table).clear();
			await db.table(table).bulkAdd(studio[table]);
		}
	});
}

/** An empty studio of one's own. */
export const startEmptyStudio = (db: StudioDatabase = database) =>
	replaceStudio({ ...emptyStudio(), settings: [newSettings()] }, db);

/** Takes everything out of this browser; afterwards the app is as on its first day. */
export const clearStudio = (db: StudioDatabase = database) => replaceStudio(emptyStudio(), db);

/** The studio as a backup file; `onProgress` gets shares 0..1. */
export async function backUpStudio(
	onProgress: (share: number) => void
): Promise<{ blob: Blob; name: string }> {
	const studio = await readStudio();
	const blob = await packInWorker(documentOf(studio, today()), onProgress);
	return { blob, name: `prime-echo-${today()}.zip` };
}

/** Reads and checks a backup; changes nothing. */
export async function readBackup(file: Blob): Promise<Read<StudioDocument>> {
	if (file.size === 0) return { ok: false, message: 'The file is empty.', problems: [] };
	return unpackInWorker(Promise.resolve(file));
}

/** Puts a backup that was read in place of the present studio. */
export const restoreBackup = ({ format: _f, schemaVersion: _v, writtenOn: _w, ...studio }: StudioDocument) =>
	replaceStudio(studio);

/** Reads the demo studio that ships with the app, through the same reading as a backup, its dates moved to today. */
export async function readDemo(): Promise<Read<StudioDocument>> {
	const file = fetch('/demo/studio.zip').then((response) => {
		if (!response.ok) throw new Error(String(response.status));
		return response.blob();
	});
	const read = await unpackInWorker(file).catch((): Read<StudioDocument> => ({
		ok: false,
		message: 'The demo studio could not be loaded. Is the server still running?',
		problems: []
	}));
	return read.ok ? { ok: true, value: movedToToday(read.value, today()) } : read;
}
