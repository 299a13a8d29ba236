import { schemaVersion } from '../model/basics';
import { migrate } from '../model/migrations';
import { studioDocumentSchema, tableNames, type Studio, type StudioDocument } from '../model/studio';
import { problemsInWords } from './problems';

export type Read<T> = { ok: true; value: T } | { ok: false; message: string; problems: string[] };

const refused = (
	message: string,
	problems: string[] = []
): { ok: false; message: string; problems: string[] } => ({
	ok: false,
	message,
	problems
});

/** A studio as the document that is exported. `today` is the day of writing. */
export const documentOf = (studio: Studio, today: string): StudioDocument => ({
	format: 'prime-echo-studio',
	schemaVersion,
	writtenOn: today,
	...studio
});

/** Records that name others which are not there, or ids given twice. */
function brokenLinks(studio: StudioDocument): string[] {
	const problems: string[] = [];
	const ids = Object.fromEntries(
		tableNames.map((table) => [table, new Set(studio[table].map(({ id }) => id))])
	) as Record<(typeof tableNames)[number], Set<string>>;
	for (const table of tableNames)
		if (ids[table].size !== studio[table].length) problems.push(`${table}: two records have the same id`);
	for (const piece of studio.pieces)
		if (!ids.clients.has(piece.clientId))
			problems.push(`pieces › “${piece.name}”: its client is not in the file`);
	for (const event of studio.events)
		if (!ids.clients.has(event.clientId))
			problems.push(`events › “${event.title}”: its client is not in the file`);
	for (const echo of studio.echoes) {
		if (!ids.clients.has(echo.clientId))
			problems.push(`echoes › “${echo.title}”: its client is not in the file`);
		if (!ids.references.has(echo.referenceId))
			problems.push(`echoes › “${echo.title}”: its reference is not in the file`);
	}
	return problems;
}

/**
 * Reads the text of a studio document: JSON, right format, a version that this Prime Echo knows, every record
 * valid, every link whole. All or nothing; a refusal says what is wrong and where.
 */
export function readDocument(text: string): Read<StudioDocument> {
	let raw: unknown;
	try {
		raw = JSON.parse(text);
	} catch (error) {
		return refused('studio.json is damaged: it is no readable JSON.', [(error as Error).message]);
	}
	if (typeof raw !== 'object' || raw === null || (raw as { format?: unknown }).format !== 'prime-echo-studio')
		return refused('studio.json is not a Prime Echo studio.');
	let current: Record<string, unknown>;
	try {
		current = migrate(raw as Record<string, unknown>);
	} catch (error) {
		return refused((error as Error).message);
	}
	const checked = studioDocumentSchema.safeParse(current);
	if (!checked.success)
		return refused('Some records in studio.json are not valid.', problemsInWords(checked.error, current));
	const links = brokenLinks(checked.data);
	if (links.length > 0) return refused('Some records in studio.json belong to nothing.', links.slice(0, 5));
	return { ok: true, value: checked.data };
}
