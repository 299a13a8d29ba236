import type { AnswerFile } from '../core';
import { newId } from './clock';
import { change, type Writer } from './journal';

/**
 * Keeps what a client answered to looks, in one change; what they said no to is taken off where that is asked for.
 *
 * @param takeOff by look, the matches and extras that are taken off
 */
export const keepAnswer = (
	label: string,
	answer: AnswerFile,
	lookIds: readonly string[],
	takeOff: ReadonlySet<string>
) =>
	change(label, async (writer: Writer) => {
		for (const { look, pieces, note } of answer.looks.filter((one) => lookIds.includes(one.look)))
			await writer.edit('echoes', look, (draft) => {
				draft.answers.push({ id: newId(), on: answer.on, pieces, note });
				draft.matches = draft.matches.filter(({ id }) => !takeOff.has(id));
				draft.extras = draft.extras.filter(({ id }) => !takeOff.has(id));
			});
	});
