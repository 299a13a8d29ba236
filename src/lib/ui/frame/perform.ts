import { redo, undo } from '$lib/store/journal';
import { m } from '../messages';
import { notices } from './notices.svelte';

/** What a failed write tells the stylist. */
function explain(error: unknown): string {
	const { name, message } = error as Error;
	if (name === 'QuotaExceededError' || /quota/i.test(message)) return m.diskFull;
	return message;
}

/** Runs a change; when it fails, says why. Resolves to whether it was made. */
export async function perform(work: () => Promise<unknown>): Promise<boolean> {
	try {
		await work();
		return true;
	} catch (error) {
		notices.show({ kind: 'error', title: m.notSaved, text: explain(error) });
		return false;
	}
}

export const undoLast = () =>
	perform(async () => {
		const label = await undo();
		notices.show({ kind: 'info', title: label ? m.undone(label) : m.nothingToUndo });
	});

export const redoLast = () =>
	perform(async () => {
		const label = await redo();
		notices.show({ kind: 'info', title: label ? m.redone(label) : m.nothingToRedo });
	});

/** Says what was deleted and offers to take it back. */
export function offerUndo(title: string): void {
	notices.show({ kind: 'info', title, action: { label: m.undo, run: () => void undoLast() } });
}
