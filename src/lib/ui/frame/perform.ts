import { change, redo, undo, UndoRefusedError, type Writer } from '$lib/store/journal';
import { InvalidRecordError, StaleWriteError } from '$lib/store/writer';
import { CancelledError, WorkerLostError } from '$lib/workers/session';
import { NewerStoreError } from '$lib/store/database';
import { m } from '../messages';
import { notices } from './notices.svelte';

/** Faults whose words were written for the stylist; any other's are for whoever mends the program. */
const spoken = [InvalidRecordError, StaleWriteError, UndoRefusedError, WorkerLostError, NewerStoreError];

/** A fault in words that a stylist can use. */
export class SpokenError extends Error {}

/** What a failed write tells the stylist; never an exception's own words. */
export function explain(error: unknown): string {
	const { name, message } = error as Error;
	if (name === 'QuotaExceededError' || /quota/i.test(message)) return m.diskFull;
	if (name === 'DatabaseClosedError') return m.storeClosed;
	if (error instanceof SpokenError || spoken.some((kind) => error instanceof kind)) return message;
	// For whoever looks into it; the stylist is told that nothing was lost.
	console.warn(error);
	return m.unforeseen;
}

/** Runs a change; when it fails, says why. Resolves to whether it was made. */
export async function perform(work: () => Promise<unknown>): Promise<boolean> {
	try {
		await work();
		return true;
	} catch (error) {
		if (error instanceof CancelledError) return false;
		const undoing = error instanceof UndoRefusedError;
		notices.show({ kind: 'error', title: undoing ? m.notUndone : m.notSaved, text: explain(error) });
		return false;
	}
}

/** Longer than this, and it is said that it is being done. */
const quickMs = 300;
/** Says of work that takes its time that it is being done. */
async function saidMeanwhile<T>(title: string, work: Promise<T>): Promise<T> {
	const slow = setTimeout(() => notices.show({ kind: 'info', title }), quickMs);
	try {
		return await work;
	} finally {
		clearTimeout(slow);
	}
}

/** Takes back one change by its number, and says so. */
const undoOf = (sequence: number, label: string) =>
	perform(async () => {
		const undone = await saidMeanwhile(m.undoing, undo({ sequence }));
		notices.show({ kind: 'info', title: undone ? m.undone(undone) : m.alreadyUndone(label) });
	});

/**
 * Makes a change and says what was done, with an Undo that takes back this change and no other. Resolves to whether it
 * was made.
 */
export const performTold = (label: string, work: (writer: Writer) => Promise<void>, title = label) =>
	perform(async () => {
		const sequence = await change(label, work);
		if (sequence !== undefined)
			notices.show({
				kind: 'info',
				title,
				action: { label: m.undo, run: () => void undoOf(sequence, label) }
			});
	});

export const undoLast = () =>
	perform(async () => {
		const label = await saidMeanwhile(m.undoing, undo());
		notices.show({ kind: 'info', title: label ? m.undone(label) : m.nothingToUndo });
	});

export const redoLast = () =>
	perform(async () => {
		const label = await saidMeanwhile(m.redoing, redo());
		notices.show({ kind: 'info', title: label ? m.redone(label) : m.nothingToRedo });
	});
