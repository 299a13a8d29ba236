/** The studio as a whole: started, backed up, restored, cleared. */
import {
	documentOf,
	emptyStudio,
	freshSettings,
	movedToToday,
	partOf,
	tableNames,
	type Read,
	type RecordKey,
	type Settings,
	type Studio,
	type StudioDocument
} from '../core';
import {
	openInWorker,
	packInWorker,
	sealInWorker,
	unsealInWorker,
	type OpenedBackup
} from '../workers/archive';
import { isSealed } from '../workers/sealing';
import { moment, today } from './clock';
import { database, recordTables, type StudioDatabase } from './database';
import { studioWasReplaced } from './kept';
import { change } from './journal';
import { bytesOfPhoto, fetchDemoPhotos, keepPhotos } from './photos';

const newSettings = (): Settings =>
	freshSettings({ rev: 1, timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone });

/** All records, read at one moment. */
export async function readStudio(db: StudioDatabase = database): Promise<Studio> {
	return db.transaction('r', recordTables(db), async () => {
		const studio = emptyStudio() as Record<string, unknown[]>;
		for (const table of tableNames) studio[table] = await db.table(table).toArray();
		return studio as unknown as Studio;
	});
}

/** How much of each kind there is. */
export async function countStudio(db: StudioDatabase = database): Promise<Record<keyof Studio, number>> {
	const counts = await Promise.all(tableNames.map(async (table) => [table, await db.table(table).count()]));
	return Object.fromEntries(counts) as Record<keyof Studio, number>;
}

/** Puts a whole studio in place of the present one; all or nothing. Undo does not reach behind it. */
export async function replaceStudio(studio: Studio, db: StudioDatabase = database): Promise<void> {
	await db.transaction('rw', [...recordTables(db), db.journal], async () => {
		// All tables at once: the store answers each question only after a while.
		await Promise.all([
			db.journal.clear(),
			...tableNames.map(async (table) => {
				await db.table(table).clear();
				await db.table(table).bulkAdd(studio[table]);
			})
		]);
	});
	studioWasReplaced();
}

/** An empty studio of one's own; refused where there are records already. */
export async function startEmptyStudio(db: StudioDatabase = database): Promise<void> {
	await db.transaction('rw', [...recordTables(db), db.journal, db.photoBytes], async () => {
		const counts = await countStudio(db);
		if (Object.values(counts).some((count) => count > 0))
			throw new Error(
				'There is a studio in this browser already. Nothing was changed; open it from the desk.'
			);
		await db.settings.add(newSettings());
	});
}

/** Settings for a studio that has records and lost them; its records are left as they are. */
export const mendSettings = (db: StudioDatabase = database): Promise<void> =>
	db.transaction('rw', recordTables(db), async () => {
		const counts = await countStudio(db);
		const isEmpty = Object.values(counts).every((count) => count === 0);
		if (!isEmpty && counts.settings === 0) await db.settings.add(newSettings());
	});

/** Takes everything out of this browser; afterwards the app is as on its first day. */
export async function clearStudio(db: StudioDatabase = database): Promise<void> {
	await replaceStudio(emptyStudio(), db);
	await db.photoBytes.clear();
	await db.device.clear();
}

/** Photos are handed to the packer one by one. */
async function* storedPhotos(photos: Studio['photos'], db: StudioDatabase) {
	for (const hash of new Set(photos.map((photo) => photo.hash))) {
		const bytes = await bytesOfPhoto({ hash }, db);
		if (!bytes) throw new Error('The bytes of a photo are gone, so no whole backup can be made.');
		yield { hash, bytes };
	}
}

/**
 * The studio as a backup file, under a passphrase where one is given; `onProgress` gets shares 0..1, for packing and for sealing
 * anew.
 */
export async function backUpStudio(
	onProgress: (share: number) => void,
	signal?: AbortSignal,
	passphrase?: string,
	db: StudioDatabase = database
): Promise<{ blob: Blob; name: string }> {
	const studio = await readStudio(db);
	const blob = await packInWorker(
		documentOf(studio, today()),
		storedPhotos(studio.photos, db),
		onProgress,
		signal
	);
	const name = `prime-echo-${today()}`;
	if (passphrase === undefined) return { blob, name: `${name}.zip` };
	return { blob: await sealInWorker(blob, passphrase, onProgress, signal), name: `${name}.sealed` };
}

/** Remembers that a backup was taken. */
export const noteBackup = (db: StudioDatabase = database) =>
	db.device.put({ key: 'last-backup', value: moment() });
/** The moment of the last backup from this browser. */
export const lastBackup = async (db: StudioDatabase = database): Promise<string | undefined> =>
	(await db.device.get('last-backup'))?.value;

/** Reads and checks a backup; changes nothing. Whoever opened it closes it. */
export async function readBackup(file: Blob, signal?: AbortSignal): Promise<Read<OpenedBackup>> {
	if (file.size === 0) return { ok: false, message: 'The file is empty.', problems: [] };
	return openInWorker(file, signal);
}

/** Is a file under a passphrase? */
export const needsPassphrase = (file: Blob): Promise<boolean> => isSealed(file);

/** Reads and checks a backup that is under a passphrase; changes nothing. */
export async function readSealedBackup(
	file: Blob,
	passphrase: string,
	signal?: AbortSignal
): Promise<Read<OpenedBackup>> {
	const opened = await unsealInWorker(file, passphrase, signal);
	return opened.ok ? openInWorker(opened.value, signal) : opened;
}

/** Puts a backup that was read in place of the present studio: photos first, some at a time, then all records at once. */
export async function restoreBackup(opened: OpenedBackup, db: StudioDatabase = database): Promise<void> {
	if (opened.document.part)
		throw new RangeError('The file holds a part of a studio. Read it in under Share and merge.');
	await keepPhotos(opened.photos(), db);
	await restoreDocument(opened.document, db);
}

/** Puts the records of a document in place of the present ones. */
export const restoreDocument = (
	{ format: _f, schemaVersion: _v, writtenOn: _w, part: _p, ...studio }: StudioDocument,
	db: StudioDatabase = database
) => replaceStudio(studio, db);

/** Puts the demo in place of the present studio. Its photographs come after it, while it is looked at. */
export async function restoreDemo(document: StudioDocument, db: StudioDatabase = database): Promise<void> {
	await restoreDocument(document, db);
	void fetchDemoPhotos(db);
}

/** Reads the demo studio that ships with the app, checked when it was built; its dates are moved to today. */
export async function readDemo(): Promise<Read<StudioDocument>> {
	try {
		const response = await fetch('/demo/studio.json');
		if (!response.ok) throw new Error(String(response.status));
		const document = (await response.json()) as StudioDocument;
		return { ok: true, value: movedToToday(document, today()) };
	} catch {
		return {
			ok: false,
			message:
				'The demo studio could not be loaded: the server does not answer. Start it with “npm start”, then try again.',
			problems: []
		};
	}
}

/** A part of the studio as a file: some records with all that they name, and with what belongs to them where that is asked for. */
export async function shareOf(
	roots: readonly RecordKey[],
	whole: boolean,
	signal?: AbortSignal,
	db: StudioDatabase = database
): Promise<Blob> {
	const part = partOf(await readStudio(db), roots, whole);
	return packInWorker(
		documentOf(part, today(), true),
		storedPhotos(part.photos, db),
		() => undefined,
		signal
	);
}

/**
 * Reads records of a shared file in, as one change that can be undone: those that are new, and of those that differ the ones
 * that are to be taken. The bytes of photos come first.
 */
export async function mergeIn(
	label: string,
	opened: OpenedBackup,
	taken: readonly RecordKey[],
	db: StudioDatabase = database
): Promise<number | undefined> {
	await keepPhotos(opened.photos(), db);
	return change(
		label,
		async (writer) => {
			for (const { table, id } of taken) {
				const record = (opened.document[table] as { id: string; rev: number }[]).find((one) => one.id === id);
				if (!record) continue;
				const isThere = (await db.table(table).get(id)) !== undefined;
				if (isThere) await writer.edit(table, id, (draft) => putInPlace(draft, record));
				else await writer.create(table, record as never);
			}
		},
		db
	);
}

/** Puts the fields of one record in place of another's; how often it was written stays. */
function putInPlace(draft: object, record: object) {
	const [into, from] = [draft as Record<string, unknown>, record as Record<string, unknown>];
	for (const field of Object.keys(into))
		if (field !== 'rev' && !(field in from)) Reflect.deleteProperty(into, field);
	for (const [field, value] of Object.entries(from)) if (field !== 'rev') into[field] = value;
}
