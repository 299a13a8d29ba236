import type { Token } from '../model';

/** Words as they are shortened in notes; only those that shorten one word of the trade and no other. */
const shortened: Record<string, string> = {
	'w/': 'with',
	'w/o': 'without',
	blk: 'black',
	wht: 'white',
	brn: 'brown',
	gry: 'grey',
	nvy: 'navy',
	grn: 'green',
	burg: 'burgundy',
	lt: 'light',
	dk: 'dark',
	jkt: 'jacket',
	jckt: 'jacket',
	trs: 'trousers',
	lthr: 'leather',
	btn: 'button',
	btns: 'buttons',
	slv: 'sleeve',
	slvs: 'sleeves',
	dbl: 'double',
	sgl: 'single'
};

/** "In the palest blue": the most of it is said as it is itself. */
const superlatives = Object.fromEntries(
	'palest pale, lightest light, darkest dark, deepest deep, brightest bright, softest soft, richest rich, finest fine, widest wide, slimmest slim, thinnest thin, thickest thick, sheerest sheer, tiniest tiny, highest high, lowest low, longest long, shortest short, tightest tight, loosest loose, chunkiest chunky, fullest full'
		.split(', ')
		.map((pair) => pair.split(' ') as [string, string])
);

/** Spellings of one word that are not worth two entries: US to UK, and what keyboards do to them. */
const spellings: Record<string, string> = {
	color: 'colour',
	colored: 'coloured',
	colors: 'colours',
	gray: 'grey',
	grays: 'greys',
	grayish: 'greyish',
	colorful: 'colourful',
	paneled: 'panelled',
	toweling: 'towelling',
	jewelry: 'jewellery',
	pajama: 'pyjama',
	pajamas: 'pyjamas',
	woolen: 'woollen',
	mustache: 'moustache',
	plaided: 'plaid',
	'&': 'and',
	'+': 'and',
	w: 'with',
	adn: 'and',
	wiht: 'with',
	whit: 'with',
	teh: 'the',
	wth: 'with',
	...shortened,
	...superlatives
};

/** Small letters alone, as most words are and all of the lexicon: there is nothing to make plain in them. */
const isPlain = (word: string) => /^[a-z]+$/.test(word);
const spelt = (plain: string) => (Object.hasOwn(spellings, plain) ? (spellings[plain] ?? plain) : plain);

/** A word as it is looked up: small letters, no accents, no apostrophes, one spelling. */
export function normalised(word: string): string {
	if (isPlain(word)) return spelt(word);
	// "It’s long" says of what was named that it is so; "its" is an owner's.
	if (/^(?:it|that)['’]s$/i.test(word)) return 'is';
	const plain = word
		.toLowerCase()
		.normalize('NFD')
		.replace(/[\u0300-\u036f'’]/g, '');
	return spelt(plain);
}

/** The words of a phrase as they are looked up; a hyphen parts words as a space does. */
export function wordsOf(phrase: string): string[] {
	// The lexicon enters thousands of phrases before the first line is read.
	if (!/^[a-z]+(?:[ -][a-z]+)*$/.test(phrase)) return tokensOf(phrase).map(({ word }) => word);
	const words = phrase.includes('-') ? phrase.split(/[ -]/) : phrase.split(' ');
	return words.map(spelt);
}

const pattern =
	/\bw\/o?(?![\p{L}\p{M}\d])|\d+\/\d+|\d+\.\d+|\d+(?=(?:cm|mm|m|in|inch|inches)(?![\p{L}\p{M}\d]))|(?<=\d)["″]|[\p{L}\p{M}\d]+(?:['’][\p{L}]+)*|[&+]|\n|[.,;:=()[\]•|!?/–—]|\s-\s/gu;

/** "The top's a plain tee": a thing and what it is, not what is its own; "it's" and "she's" are words by themselves. */
const contracted = /^(?!(?:it|that|he|she|who|there|here|what|let)['’])(.+)['’]s$/iu;
const saysWhatItIs = /^\s+(?:a|an|just|all|another|more|really|basically|also)\s/i;

/** Brackets, with what ends them. */
const closedBy: Record<string, string | undefined> = { '(': ')', '[': ']' };

/** "(Cardigan?)", behind the bracket that opens. */
const asked = /^[^()[\].;!?]*\?\s*[)\]]/;

/** "Her fur – a short jacket – over a slip dress": after a dash, what leads to the next dash and goes on behind it. */
const toNextDash =
	/^(?:(?!\s-\s)[^.;:!?\n–—])*(?:\s-\s|[–—])\s*(?=(?:over|under|with|and|in|on|worn|tucked|beneath|above|below|is|are|was|has)\b)/i;

/** Is the last word so far a sentence's first? */
const begins = (last: Token | undefined, count: number) => count === 1 || last?.breakBefore === 'stop';

/** Cuts a text into words with their places; punctuation becomes a break before the next word. */
export function tokensOf(text: string): Token[] {
	const tokens: Token[] = [];
	let breakBefore: Token['breakBefore'];
	let aside: true | undefined;
	/** Between brackets: all that stands there is said aside. */
	let isAside = false;
	/** All of what the brackets hold is asked: "(cardigan?)". */
	let guessed: true | undefined;
	let labelled: true | undefined;
	/** Where a pair of dashes ends. */
	let dashed = 0;
	for (const match of text.matchAll(pattern)) {
		const [found] = match;
		if (/^[\p{L}\p{M}\d&+"″]/u.test(found)) {
			const { index: start } = match;
			const hyphenated = text[start - 1] === '-' && tokens.at(-1)?.end === start - 1;
			const end = start + found.length;
			const [, thing] = saysWhatItIs.test(text.slice(end, end + 12)) ? (contracted.exec(found) ?? []) : [];
			tokens.push({
				word: normalised(thing ?? found),
				start,
				end: start + (thing ?? found).length,
				breakBefore,
				hyphenated,
				...(aside ? { aside } : {}),
				...(aside && guessed ? { guessed } : {}),
				...(text[start - 1] === '/' && tokens.at(-1)?.end === start - 1 ? { slashed: true as const } : {}),
				...(labelled ? { labelled } : {})
			});
			if (thing)
				tokens.push({
					word: 'is',
					start: start + thing.length,
					end,
					breakBefore: undefined,
					hyphenated: false
				});
			breakBefore = undefined;
			aside = undefined;
			labelled = undefined;
			continue;
		}
		const closing = closedBy[found];
		// One that is never closed holds nothing.
		if (/[([\])]/.test(found)) isAside = closing !== undefined && text.includes(closing, match.index);
		if (closing) guessed = asked.test(text.slice(match.index + 1)) || undefined;
		aside = isAside || undefined;
		// "Shoes? Black oxfords": a word that is asked stands over the answer.
		const isAsked = found === '?' && tokens.length > 0 && begins(tokens.at(-1), tokens.length);
		const endsGuess = found === '?' && isAside && guessed;
		if (/[.;!?\n•|]/.test(found) && !isAsked && !endsGuess) breakBefore = 'stop';
		else {
			breakBefore ??= 'comma';
			const isDash = /[–—-]/.test(found);
			const between = isDash ? toNextDash.exec(text.slice(match.index + found.length))?.[0] : undefined;
			const inPair = isDash && (match.index < dashed || between !== undefined);
			dashed = between === undefined ? dashed : match.index + found.length + between.length;
			labelled = isAsked || (/[:=–—-]/.test(found) && !inPair) || undefined;
		}
	}
	return tokens;
}
