import { schemaVersion } from '../model/basics';
import { brokenLinkInWords, brokenLinks } from '../model/links';
import { migrate } from '../model/migrations';
import { freshSettings, settingsId } from '../model/settings';
import { studioDocumentSchema, tableNames, type Studio, type StudioDocument } from '../model/studio';
import { problemsInWords } from './problems';

/** What was read, or why it is refused: a sentence, and the places that it speaks of. */
export type Read<T> = { ok: true; value: T } | { ok: false; message: string; problems: string[] };

export const refused = (
	message: string,
	problems: string[] = []
): { ok: false; message: string; problems: string[] } => ({
	ok: false,
	message,
	problems
});

/** As many problems as are told; the rest is counted. */
const toldProblems = 5;
const firstFew = (problems: readonly string[]) =>
	problems.length > toldProblems
		? [...problems.slice(0, toldProblems), `and ${problems.length - toldProblems} more`]
		: [...problems];

/**
 * A studio as the document that is exported. `today` is the day of writing; `isPart` where it is no whole studio and must never
 * take the place of one.
 */
export const documentOf = (studio: Studio, today: string, isPart = false): StudioDocument => ({
	format: 'prime-echo-studio',
	schemaVersion,
	writtenOn: today,
	...(isPart && { part: true }),
	...studio
});

/** Ids that two records of a kind share. */
const doubledIds = (studio: StudioDocument): string[] =>
	tableNames
		.filter((table) => new Set(studio[table].map(({ id }) => id)).size !== studio[table].length)
		.map((table) => `${table}: two records have the same id`);

/** A studio whose settings were lost has records all the same: it gets settings anew, and is never taken for an empty one. */
const withSettings = (document: StudioDocument): StudioDocument =>
	document.settings.some(({ id }) => id === settingsId)
		? { ...document, settings: document.settings.filter(({ id }) => id === settingsId) }
		: { ...document, settings: [freshSettings({ ...document.settings[0], id: settingsId, rev: 1 })] };

/**
 * Reads the text of a studio document: JSON, right format, a version that this Prime Echo knows, every record
 * valid, every link whole. All or nothing; a refusal says what is wrong and where.
 */
export function readDocument(text: string): Read<StudioDocument> {
	let raw: unknown;
	try {
		raw = JSON.parse(text);
	} catch {
		return refused('studio.json is damaged: it is no readable JSON.');
	}
	if (typeof raw !== 'object' || raw === null || (raw as { format?: unknown }).format !== 'prime-echo-studio')
		return refused('studio.json is not a Prime Echo studio.');
	let current: Record<string, unknown>;
	try {
		current = migrate(raw as Record<string, unknown>);
	} catch (error) {
		if (error instanceof RangeError) return refused(error.message);
		throw error;
	}
	const checked = studioDocumentSchema.safeParse(current);
	if (!checked.success)
		return refused('Some records in studio.json are not valid.', problemsInWords(checked.error, current));
	const broken = [...doubledIds(checked.data), ...brokenLinks(checked.data).map(brokenLinkInWords)];
	if (broken.length > 0)
		return refused('Some records in studio.json belong to nothing.', firstFew([...new Set(broken)]));
	return { ok: true, value: withSettings(checked.data) };
}
