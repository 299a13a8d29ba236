/** Numbers in a text: lengths with their unit, and how many of a thing there are. */
import type { Sense, Token } from '../model';

const cmOf: Record<string, number> = {
	cm: 1,
	centimetre: 1,
	centimetres: 1,
	mm: 0.1,
	m: 100,
	in: 2.54,
	'"': 2.54,
	'″': 2.54,
	inch: 2.54,
	inches: 2.54
};
const spokenNumbers: Record<string, number> = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };

/** How many a word says, from two on; undefined where it says no number. */
export function howMany(word = ''): number | undefined {
	const number = /^[2-9]$/.test(word) ? Number(word) : known(spokenNumbers, word);
	return number !== undefined && number > 1 ? number : undefined;
}

/** A word's entry in a table; words such as "constructor" are no entries. */
const known = (table: Readonly<Record<string, number>>, word = '') =>
	Object.hasOwn(table, word) ? table[word] : undefined;

/** "8 cm", "two-inch": a length in figures or small number words. */
export function lengthAt(tokens: readonly Token[], at: number): Sense | undefined {
	const [figures, next] = [tokens[at], tokens[at + 1]];
	if (!figures || !next || next.breakBefore) return undefined;
	// "Bangles, three in gold" tells no inches, "two M" no metres: such units stand straight after their figure, or "4 in" before a heel or nothing.
	const after = tokens[at + 2];
	const isLast = !after || after.breakBefore !== undefined || /^heel(?:s|ed)?$/.test(after.word);
	const isInch = next.word === 'in' && isLast && Number(figures.word) > 0;
	const isWord = ['in', 'm'].includes(next.word) && next.start !== figures.end && !next.hyphenated && !isInch;
	const number = Number(figures.word) || known(spokenNumbers, figures.word);
	const unit = isWord ? undefined : known(cmOf, next.word);
	return number && unit ? { kind: 'length', cm: number * unit } : undefined;
}

/** A figure that may say how many: it names and describes nothing by itself. */
export const isFigure = (word = '') => /^[2-9]$/.test(word);
export const figure: readonly Sense[] = [{ kind: 'filler' }];
