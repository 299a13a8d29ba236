/** How safely and how much this browser keeps. */
import { database, type StudioDatabase } from './database';
import { countStudio } from './studio';

export interface StorageState {
	/** Will the browser keep the studio when it clears up? Undefined where it does not tell. */
	kept?: boolean;
	/** In bytes; undefined where the browser does not tell. */
	used?: number;
	free?: number;
}

/** What a browser tells of its storage; an old or insecure one tells nothing. */
const storageOf = (): StorageManager | undefined =>
	'storage' in navigator && 'persist' in navigator.storage ? navigator.storage : undefined;

export async function storageState(): Promise<StorageState> {
	const storage = storageOf();
	if (!storage) return {};
	const [kept, { usage, quota }] = await Promise.all([
		storage.persisted().catch(() => undefined),
		storage.estimate().catch((): StorageEstimate => ({}))
	]);
	return { kept, used: usage, free: usage === undefined || quota === undefined ? undefined : quota - usage };
}

/** Asks the browser to keep the studio, once there is anything of the stylist's own to keep. */
export async function askToKeep(db: StudioDatabase = database): Promise<void> {
	const settings = await db.settings.toCollection().first();
	if (!settings || settings.demo) return;
	const { settings: _settings, ...counts } = await countStudio(db);
	if (Object.values(counts).every((count) => count === 0)) return;
	const storage = storageOf();
	if (storage && !(await storage.persisted())) await storage.persist();
}

/** Days without a backup after which it is time for one, and as many records as make it worth the reminder. */
const backupEveryDays = 14;
const worthABackup = 10;

/** Is it time for a backup? Never in the demo, never for a handful of records. */
export async function backupIsDue(now: Date, db: StudioDatabase = database): Promise<boolean> {
	const settings = await db.settings.toCollection().first();
	if (!settings || settings.demo) return false;
	const { settings: _settings, ...counts } = await countStudio(db);
	if (Object.values(counts).reduce((sum, count) => sum + count, 0) < worthABackup) return false;
	const last = (await db.device.get('last-backup'))?.value;
	return last === undefined || now.getTime() - Date.parse(last) > backupEveryDays * 86_400_000;
}
