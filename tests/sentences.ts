/** The labelled sentences of five kinds of writer: one half for tuning, the other only ever run. */
import { readFileSync } from 'node:fs';
import { labelledLine, type LabelledPhrase } from './phrases';

export interface LabelledSentence extends LabelledPhrase {
	/** The kind of writer. */
	writer: string;
	/** Only ever run: never looked at when the reader is changed. */
	held: boolean;
}

/** Reads a data file; throws with its line on a label that the lexicon does not hold. */
export function labelledSentences(name: 'sentences' | 'more-sentences' = 'sentences'): LabelledSentence[] {
	const file = `tests/unit/data/${name}.txt`;
	let writer = '';
	let count = 0;
	return readFileSync(file, 'utf8')
		.split('\n')
		.flatMap((text, i) => {
			const heading = /^## (.+)$/.exec(text);
			if (heading) {
				writer = heading[1] ?? '';
				count = 0;
			}
			if (text.trim() === '' || text.startsWith('#')) return [];
			count++;
			return [{ ...labelledLine(text, file, i + 1), writer, held: count % 2 === 0 }];
		});
}
