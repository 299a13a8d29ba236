/** What was done of the preparation of an echo. `label` is what undo calls it, in the past tense. */
import { today } from './clock';
import { change } from './journal';

/** Ticks a task of preparation, or takes the tick back. */
export const tick = (
	label: string,
	echoId: string,
	task: string,
	done: boolean
): Promise<number | undefined> =>
	change(label, (writer) =>
		writer.edit('echoes', echoId, (stored) => {
			const others = stored.prepared.filter((one) => one.task !== task);
			stored.prepared = done ? [...others, { task, on: today() }] : others;
		})
	);
