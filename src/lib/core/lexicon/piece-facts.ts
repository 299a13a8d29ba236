/**
 * What is said of a piece besides what it looks like: size, price, how and when it came, flaws, how many there are. Patterns
 * of common speech; all of them are looked for with small and capital letters alike unless told otherwise.
 */
import type { Piece } from '../model/piece';

export const numberWords: Readonly<Record<string, number>> = {
	two: 2,
	three: 3,
	four: 4,
	five: 5,
	six: 6,
	seven: 7,
	eight: 8,
	nine: 9,
	ten: 10,
	eleven: 11,
	twelve: 12,
	dozen: 12
};

/** As many alike as are hung at once; more is taken for a figure of another kind. */
export const mostAlike = 24;

/** Words after a number that make it part of the garment: "two-tone", "three-button blazer", "3/4 sleeve", "two-inch". */
export const notACount =
	/^[-\s]*(?:tone|toned|piece|button|buttons|buttoned|tier|tiers|tiered|inch|inches|in\b|cm|mm|way|strap|straps|ply|row|rows|strand|strands|band|colour|coloured|color|quarter|denier|gauge|eyelet|eyelets|hole|holes|pocket|pockets|panel|layer|layers|stripe|stripes|bar|part|toe|tone|sleeve|lace|season|finger|fingers|strap|metal|in one|by four|hundred)\b/i;

/** How a piece came, the plainest word first; a pattern is matched as a whole word. */
export const waysItCame: readonly { how: Piece['acquired']['how']; said: RegExp }[] = [
	{
		how: 'thrifted',
		said: /thrifted|(?:from (?:a |the )?)?(?:charity|thrift|op)[- ]shops?|flea[- ]market|car[- ]boot(?: sale)?|jumble sale/
	},
	{ how: 'pre-owned', said: /pre[- ]?owned|pre[- ]?loved|second[- ]?hand|used|resale/ },
	{ how: 'vintage', said: /vintage|antique/ },
	{
		how: 'made',
		said: /home[- ]?made|hand[- ]?made|bespoke|made[- ]to[- ]measure|tailor[- ]made|made (?:by|for) (?:her|him|them|me|a tailor|the tailor)/
	},
	{
		how: 'gift',
		said: /(?:a )?(?:gift|present)(?: from [a-z]+(?: [a-z]+)?)?|inherited(?: from [a-z]+(?: [a-z]+)?)?|hand[- ]me[- ]down|(?:was )?her (?:mother|grandmother|aunt)'?s/
	},
	{ how: 'new', said: /brand[- ]?new|bought new|as new|new with tags|bnwt/ }
];

/** Labels of sizes by region and letter, lengths of legs, and the word itself. */
export const sizePatterns: readonly RegExp[] = [
	/\b(?:size|sz)\.?\s*:?\s*((?:UK|EU|US|IT|FR|DE|JP|AU)?\s?(?:\d{1,2}(?:\.5|½)?(?:\s?[-/]\s?\d{1,2}(?:\.5)?)?|X{0,4}[SL]|[2-6]XL|M|one size|large|medium|small|extra large|extra small)(?:\s(?:petite|tall|short|regular|long))?)\b/i,
	/\b((?:UK|EU|EUR|US|IT|FR|DE|JP|AU)\s?\d{1,2}(?:\.5|½)?(?:\s(?:petite|tall|short|regular|long))?)\b/i,
	/\b(W\s?\d{2}\s?[/x×,]?\s?L\s?\d{2})\b/i,
	// Suits: the chest in inches and the length, as in "42 R" or "38XL".
	/(?<![\d.£$€])\b([3-5]\d\s?(?:XS|XL|R|S|L))\b(?!\w)/,
	/\b(one size)\b/i,
	// Letters by themselves are sizes only in capitals.
	/(?<=^|[,;(]\s*|\s)(XXXS|XXS|XS|XXXL|XXL|XL|[2-6]XL|S|M|L)(?=\s*(?:$|[,;.)]|\n))/
];
/** A bare number between commas: "navy trousers, 38, £60". */
export const bareSize = /(?<=[,;]\s*)(\d{1,2}(?:\.5)?)(?=\s*(?:$|[,;]|\n))/;

/** A sum with its sign, its word, or after a word of paying. */
export const pricePattern =
	/(?:\b(?:paid|cost|costs|for|at|was|price|priced at)\s+)?([£€$₹]\s?\d[\d,]*(?:\.\d{1,2})?)|\b(?:(?:paid|cost|costs|for)\s+)?(\d[\d,]*(?:\.\d{1,2})?)\s?(pounds|quid|euros?|dollars|rupees|gbp|eur|usd|inr)\b|\b(?:paid|cost)\s+(\d[\d,]*(?:\.\d{1,2})?)\b/i;
export const currencyOfWord: Readonly<Record<string, string>> = {
	pounds: 'GBP',
	quid: 'GBP',
	gbp: 'GBP',
	euro: 'EUR',
	euros: 'EUR',
	eur: 'EUR',
	dollars: 'USD',
	usd: 'USD',
	rupees: 'INR',
	inr: 'INR'
};

export const monthNames = [
	'january',
	'february',
	'march',
	'april',
	'may',
	'june',
	'july',
	'august',
	'september',
	'october',
	'november',
	'december'
];
/** A year with what leads to it, with or without its month. */
export const yearPattern = new RegExp(
	`\\b(?:(?:bought|got|came|from|since|in|of|new in)\\s+)*(?:(${monthNames.join('|')}|${monthNames.map((name) => name.slice(0, 3)).join('|')})\\.?\\s+)?((?:19[5-9]|20[0-4])\\d)\\b(?!s)`,
	'i'
);

/** What is wrong with a piece; it is kept as said, and the piece needs care. */
export const flawPattern =
	/\b(?:(?:(?:small|tiny|little|big|large|slight|one|two|a|an|some|few|a few|with)\s+)*(?:(?:missing|lost|loose|broken|torn|ripped|frayed|split|worn|scuffed|scratched|stuck|cracked)\s+(?:a\s+|one\s+)?(?:button|buttons|seam|zip|zipper|heel|heels|heel tip|heel tips|hem|lining|strap|clasp|buckle|hook|sole|soles|toe|toes|stitching|popper)|(?:button|buttons|zip|zipper|seam|heel|heel tip|hem|lining|strap|clasp|buckle|hook|sole|stitching|popper)s?\s+(?:is\s+|are\s+)?(?:missing|gone|loose|broken|torn|worn|stuck|cracked|coming off|coming loose|undone)|stain(?:s|ed)?|holes?|moth[- ]?(?:holes?|eaten)|pilling|bobbl(?:ed|ing)|pilled|scuff(?:s|ed|marks)?|snag(?:s|ged)?|tear|rip|mark(?:s)? on|shrunk|yellowed|needs? (?:a )?(?:hemming|mending|repair|repairs|cleaning|dry[- ]cleaning|ironing|pressing|re-?heeling|resoling|new (?:zip|buttons?|heel tips?|soles?|lining|hem)|hem|wash|press|button))(?:\s+(?:on|at|in|under|near|along)\s+(?:the\s+|one\s+|left\s+|right\s+)*[a-z]+)?)/i;
