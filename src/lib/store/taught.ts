import { settingsId } from '../core';
import { change } from './journal';

/** Teaches the studio a word: from now on it is read as what it means. A word that was taught before is taught anew. */
export const teach = (label: string, word: string, means: string): Promise<number | undefined> =>
	change(label, (writer) =>
		writer.edit('settings', settingsId, (draft) => {
			draft.taught = [...draft.taught.filter((one) => one.word !== word), { word, means }];
		})
	);
