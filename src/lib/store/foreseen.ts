/**
 * What is shown before it is written is noted where this tab finds it again: a reload in the same breath, before the store has it, loses
 * nothing that was seen.
 */
import { dequal } from 'dequal/lite';
import type { Echo } from '../core';
import { database, type StudioDatabase } from './database';
import { change } from './journal';

interface Note {
	label: string;
	/** The echo as it was shown, under the rev that it was to have. */
	echo: Echo;
	/** The rev that was stored when the first step was shown that is not written yet. */
	since: number;
}

const place = 'prime-echo-foreseen';
const storage = typeof sessionStorage === 'undefined' ? undefined : sessionStorage;

function noted(): Note | undefined {
	try {
		const text = storage?.getItem(place);
		return text ? (JSON.parse(text) as Note) : undefined;
	} catch {
		return undefined;
	}
}

/** Notes an echo as it is shown, before it is written. */
export function noteForeseen(label: string, echo: Echo): void {
	const before = noted();
	const since = before?.echo.id === echo.id ? before.since : echo.rev - 1;
	try {
		storage?.setItem(place, JSON.stringify({ label, echo, since } satisfies Note));
	} catch {
		// No room: a reload within a few milliseconds would find what was there before.
		storage?.removeItem(place);
	}
}

/** The step under this rev, and those before it, are written; or, without a rev, what was shown was taken back. */
export function forgetForeseen(id: string, rev = Infinity): void {
	const note = noted();
	if (note?.echo.id === id && note.echo.rev <= rev) storage?.removeItem(place);
}

/** Writes what was shown and not written, where nobody else has changed it since. Called before the store answers anything. */
export async function writeForeseen(db: StudioDatabase = database): Promise<void> {
	const note = noted();
	storage?.removeItem(place);
	if (!note) return;
	const { label, echo, since } = note;
	// What cannot be written now was not to be: the studio is another, or the echo is gone.
	await change(
		label,
		(writer) =>
			writer.edit('echoes', echo.id, (draft) => {
				if (draft.rev < since || draft.rev >= echo.rev) return;
				const [now, next] = [draft, echo] as unknown as [Record<string, unknown>, Record<string, unknown>];
				for (const key of new Set([...Object.keys(now), ...Object.keys(next)]))
					if (key !== 'rev' && !dequal(JSON.parse(JSON.stringify(now[key] ?? null)), next[key] ?? null))
						now[key] = next[key];
			}),
		db
	).catch(() => undefined);
}
