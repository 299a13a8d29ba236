/** Words that nobody knows: with whom they are kept, and which stay to be put right. */
import type { ReadPhrase } from '../model';

/** Phrases with what stands before each in the text: a comma, a stop, a new line, or nothing. */
interface Placed {
	phrases: readonly ReadPhrase[];
	text: string;
}

const isUnknown = (phrase: ReadPhrase | undefined) =>
	phrase?.status === 'unknown' && phrase.element === undefined && phrase.takenFor === 'not known';

/** Does a phrase follow the one before it without a mark between? */
const follows = ({ phrases, text }: Placed, at: number): boolean => {
	const [before, phrase] = [phrases[at - 1], phrases[at]];
	if (before === undefined || phrase === undefined) return false;
	return /^[^\S\n]*$/.test(text.slice(before.end, phrase.start));
};

/** Do the phrases from here lead straight to the name of what they speak of? */
function namesIt(placed: Placed, from: number): boolean {
	const { element } = placed.phrases[from] ?? {};
	let at = from;
	while (placed.phrases[at]?.says?.aspect !== 'type') {
		at++;
		if (!follows(placed, at) || placed.phrases[at]?.element !== element) return false;
	}
	return true;
}

/** What leads to what a thing is made of: "in", "made of". */
const leads = /^(?:(?:made |all )?(?:in|of|from))$/i;

/** Does a phrase say something of an element by itself, as a name or an adjective does, and not how or where it is worn? */
const describes = (phrase: ReadPhrase | undefined): phrase is ReadPhrase & { element: number } =>
	phrase?.element !== undefined && phrase.status !== 'unknown' && !placing.test(phrase.text);
const placing = /^(?:in|with|on|of|at|by|for|from|over|under|to|round|around)(?= |$)/i;

/** A word that is not known, and the element that it is kept with. */
export interface KeptWord {
	at: number;
	element: number;
	/** As it is noted. */
	words: string;
}

/**
 * Words not known that are said of one thing beyond doubt: right before its name or among what is said before it ("a grey zorbled
 * hat"), or as what it is made of ("a hat in zorble"). All other unknown words are left alone.
 */
export function keptUnknown(placed: Placed): KeptWord[] {
	const { phrases } = placed;
	const kept: KeptWord[] = [];
	for (const [at, phrase] of phrases.entries()) {
		if (!isUnknown(phrase)) continue;
		let to = at + 1;
		while (follows(placed, to) && isUnknown(phrases[to])) to++;
		const next = follows(placed, to) ? phrases[to] : undefined;
		if (describes(next) && namesIt(placed, to) && !isPredicate(placed, at)) {
			kept.push({ at, element: next.element, words: phrase.text });
			continue;
		}
		const lead = follows(placed, at) ? phrases[at - 1] : undefined;
		const owner = lead && follows(placed, at - 1) ? phrases[at - 2] : undefined;
		if (lead && leads.test(lead.text) && owner?.element !== undefined && !follows(placed, at + 1))
			kept.push({ at, element: owner.element, words: `${lead.text} ${phrase.text}` });
	}
	return kept;
}

/** Is a word part of a sentence about something before it, rather than said of what comes after: "she zorbled red shoes"? */
const isPredicate = (placed: Placed, at: number): boolean => {
	const before = follows(placed, at) ? placed.phrases[at - 1] : undefined;
	return before !== undefined && before.status === 'idle' && subjects.test(before.text);
};
const subjects = /\b(?:she|he|they|it|who|that|which|i|we|you|to)$/i;

/** Words that set one thing beside another. */
const joins = /^(?:and|&|plus|then)$/i;
/** More words than this between two marks are a sentence: what is not known in it is told while it is typed, and no name. */
const nameOfWords = 3;

/** Where words not known stand alone between marks, as a name would: "a grey hat, zorblets". */
export function unknownAlone(placed: Placed): { start: number; end: number }[] {
	const { phrases } = placed;
	const alone: { start: number; end: number }[] = [];
	let between: ReadPhrase[] = [];
	const take = () => {
		const named = between.every(
			(phrase) => isUnknown(phrase) || (phrase.status === 'idle' && !subjects.test(phrase.text))
		);
		const unknown = between.filter(isUnknown);
		const [first, last] = [unknown[0], unknown.at(-1)];
		if (named && between.length <= nameOfWords && first && last)
			alone.push({ start: first.start, end: last.end });
		between = [];
	};
	for (const [at, phrase] of phrases.entries()) {
		if (!follows(placed, at) || joins.test(phrase.text)) take();
		if (!joins.test(phrase.text)) between.push(phrase);
	}
	take();
	return alone;
}
