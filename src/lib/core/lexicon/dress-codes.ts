/**
 * Dress codes as hosts write them, with what each asks for at least on the scale of formality (0 sport … 5 formal; common
 * practice; the host and the venue have the last word).
 */
export interface DressCode {
	said: RegExp;
	/** Undefined where anything goes. */
	least?: number;
}

/** In the order in which they are tried: what qualifies a word comes before the word ("semi-formal" is not formal). */
export const dressCodes: readonly DressCode[] = [
	{ said: /\bwhite[- ]tie\b|\bfull evening dress\b/i, least: 4.6 },
	{ said: /\bblack[- ]tie (?:optional|preferred|invited)\b|\bformal optional\b/i, least: 3.6 },
	{ said: /\bcreative black[- ]tie\b/i, least: 3.8 },
	{ said: /\bblack[- ]tie\b|\bdinner jackets?\b/i, least: 4.2 },
	{ said: /\bin[- ]?formal\b|\bnot formal\b|\bno dress code\b/i, least: 1.2 },
	{ said: /\bsemi[- ]?formal\b|\bdressy casual\b/i, least: 2.8 },
	{ said: /\bbusiness[- ]formal\b|\bboardroom\b/i, least: 3 },
	{ said: /\bbusiness[- ]casual\b/i, least: 1.9 },
	{ said: /\bsmart[- ]casual\b|\bcasual smart\b/i, least: 1.6 },
	{ said: /\bformal\b|\bmorning dress\b/i, least: 4.2 },
	{ said: /\bcocktail\b|\bevening\b|\blounge suits?\b/i, least: 3.2 },
	{ said: /\bbusiness\b|\boffice\b/i, least: 2.6 },
	{ said: /\bfestive\b|\bdressy\b/i, least: 2.2 },
	{ said: /\bcasual\b|\brelaxed\b|\bcome as you are\b/i },
	{ said: /\bsmart\b|\belegant\b/i, least: 2 }
];

/** What a dress code in words asks for; undefined where it is not understood. */
export const askedBy = (words: string): DressCode | undefined =>
	dressCodes.find(({ said }) => said.test(words));
