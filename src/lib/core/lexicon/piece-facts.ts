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
	{
		how: 'new',
		said: /brand[- ]?new|bought new|as new|new with tags|bnwt|(?:with )?(?:the )?tags (?:still )?on|with (?:its |the )?tags|unworn/
	}
];

/** Labels of sizes by region and letter, lengths of legs, and the word itself. */
export const sizePatterns: readonly RegExp[] = [
	/\b(?:size|sz)\.?\s*:?\s*((?:UK|EU|US|IT|FR|DE|JP|AU)?\s?(?:\d{1,2}(?:\.5|½)?(?:\s?[-/]\s?\d{1,2}(?:\.5)?)?|X{0,4}[SL]|[2-6]XL|M|one size|large|medium|small|extra large|extra small)(?:\s(?:petite|tall|short|regular|long))?)\b/i,
	/\b((?:UK|EU|EUR|US|IT|FR|DE|JP|AU)\s?\d{1,2}(?:\.5|½)?(?:\s(?:petite|tall|short|regular|long))?)\b/i,
	/\b(W\s?\d{2}(?:\s?[/x×,]?\s?L\s?\d{2})?)\b/i,
	// Waist and leg in inches: "28/32".
	/(?<![\d.£$€])\b([2-4]\d\s?[/x×]\s?(?:2[6-9]|3[0-8]))\b(?![\d%])/i,
	// "Fits a 10", "fits like a UK 12".
	/\bfits (?:like )?(?:an? )?((?:UK|EU|US|IT|FR|DE)?\s?\d{1,2}(?:\.5)?)\b/i,
	// "10 petite", "12 long" at its end: elsewhere it is how many there are.
	/(?<![\d.£$€])\b(\d{1,2}(?:\.5)?\s(?:petite|tall|short|regular|long))(?=\s*(?:$|[,;.)]|\n))/i,
	/\b((?:petite|tall)\s\d{1,2})\b/i,
	// Bras: the band and the cup, in capitals.
	/(?<![\d.£$€])\b((?:2[68]|3[02468]|4[02468])\s?(?:AA|A|B|C|D{1,3}|E|FF?|GG?|HH?|J|K))\b/,
	// Suits: the chest in inches and the length, as in "42 R" or "38XL".
	/(?<![\d.£$€])\b([3-5]\d\s?(?:XS|XL|R|S|L))\b(?!\w)/,
	/\b(one size)\b/i,
	/(?<=[,;(]\s*)(medium|extra (?:large|small))(?=\s*(?:$|[,;.)]|\n))/i,
	// Letters by themselves are sizes only in capitals.
	/(?<=^|[,;(]\s*|\s)(XS\/S|S\/M|M\/L|L\/XL|XXXS|XXS|XS|XXXL|XXL|XL|[2-6]XL|S|M|L)(?=\s*(?:$|[,;.)]|\n))/
];
/** A bare number between commas, or last of what is said: "navy trousers, 38, £60", "wool coat camel 12". */
export const bareSize = /(?<=(?:[,;(]|\p{L})\s*)(?<!\p{L})(\d{1,2}(?:\.5)?)(?=\s*(?:$|[,;)]|\n))/u;

/** Where a piece is that is not at hand. */
export const awayPattern =
	/\b(?:(?:is |are |still |now |currently )*(?:at (?:the )?(?:dry[- ])?(?:(?:cleaner|mender|tailor|cobbler)['’]?s?|laundry)|being (?:altered|repaired|cleaned|mended|resoled|re-?heeled)|in storage|on loan(?: to \p{L}+(?: \p{L}+)?)?|(?:lent|loaned|borrowed by|lent out)(?: to)?(?: (?:her |his |their )?\p{L}+)?)(?: (?:until|till|from|since|for) [^,;.)\n]+)?)(?=\s*(?:$|[,;.)]|\n))/iu;

/** What was done to it: kept as it is said, up to the next comma. */
export const donePattern =
	/(?<=[,;(]\s*|\s{2,})(?:(?:hem|hems|sleeves?|waist|sides?|legs?|trousers)\s+)?(?:altered|taken (?:up|in|out)|let (?:out|down)|shortened|lengthened|re-?hemmed|resoled|re-?heeled|mended|darned|repaired|relined)\b[^,;.)\n]*/i;

/** What its label says of its care, or of what it is free of: kept as it is said. */
export const labelPattern =
	/\b(?:dry[- ]clean(?:ing|ed)?(?: only)?|(?:hand|machine)[- ]wash(?:able)?(?: only)?|do not (?:tumble|wash|iron)(?: dry)?|(?:nickel|lead|latex|wool)[- ]free)\b/i;

/** A figure of money; a comma after it ends what is said and is none of it. */
const figure = String.raw`\d(?:[\d,]*\d)?(?:\.\d{1,2})?`;
const currencyWords = 'pounds|quid|euros?|dollars|rupees|gbp|eur|usd|inr';
/**
 * A sum with its sign, its word, or after a word of paying: how many were had for it ("3 for £12"), whether it is what it was
 * before ("was £95"), the sum with its sign, or its figure and word, or the bare figure.
 */
export const pricePattern = new RegExp(
	String.raw`(?:\b(\d{1,2}|${Object.keys(numberWords).join('|')})\s+for\s+(?=[£€$₹]))?(?:\b(?:paid|cost|costs|for|at|(was|down from|reduced from|rrp|worth|originally|retail)|now|price|priced at)\s+)?(?:(?:about|approx\.?|around|roughly|c\.)\s*)?([£€$₹]\s?${figure})(?:\s+(?:each|in (?:the|a) sales?))?` +
		String.raw`|\b(?:(?:paid|cost|costs|for)\s+)?(${figure})\s?(${currencyWords})\b` +
		String.raw`|\b(?:paid|cost)\s+(${figure})\b`,
	'i'
);
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

const hurt = 'missing|lost|loose|broken|torn|ripped|frayed|split|worn|scuffed|scratched|stuck|cracked';
const partOfPiece =
	'buttons?|seam|zip|zipper|heel tips?|heel|hem|lining|strap|clasp|buckle|hook|soles?|toes?|stitching|popper|beads|sequins|crystals|stones|pearls';
/** "A frayed zip-up hoodie", "a scuffed buckle-front shoe": the part belongs to a name. */
const endsThere = String.raw`(?!-|\s+(?:up|down|through|front|fly)\b)`;
/** "A broken pearl necklace": what is broken is the necklace. */
const oneLost = String.raw`(?:bead|sequin|crystal|stone|pearl)(?=\s*(?:$|[^\w\s-])|\s+(?:on|at|in|under|near|along|from|by|and|but)\b)`;
const whichPart = String.raw`\s+(?:a\s+(?:few\s+)?|(?:the|some|one|two|three|four|\d)\s+)?(?:cuff\s+|back\s+|front\s+|side\s+|top\s+|inner\s+)?`;
/** "Red courts, scuffed heels"; said first in its line, heels are the shoes themselves. */
const itsHeels = String.raw`(?<=[^\s;][^\n;]*\s(?:${hurt})${whichPart})heels`;
const hurtPart = String.raw`(?:${hurt})${whichPart}(?:${oneLost}|${itsHeels}|(?:${partOfPiece})\b${endsThere})`;

/** What is wrong with a piece; it is kept as said, and the piece needs care. A heel that was worn once is whole. */
export const flawPattern = new RegExp(
	String.raw`\b(?:(?:(?:small|tiny|little|big|large|slight|one|two|a|an|some|few|a few|with)\s+)*(?:${hurtPart}|(?:bead|sequin|crystal|stone|pearl|button|buttons|zip|zipper|seam|heel|heel tip|hem|lining|strap|clasp|buckle|hook|sole|stitching|popper)s?\s+(?:is\s+|are\s+)?(?:missing|gone|loose|broken|torn|worn|stuck|cracked|coming off|coming loose|undone)|(?:(?:bleach|ink|pen|water|rust|burn|scorch|sweat|deodorant|grass|wine|oil|lipstick|make-?up|coffee)\s+)?(?:stain(?:s|ed)?|marks?(?=\s+(?:on|at|in|near|under)\b))|holes?|moth[- ]?(?:holes?|eaten)|pilling|bobbl(?:ed|ing)|pilled|scuff(?:s|ed|marks)?|snag(?:s|ged)?|tear|rip|worn out|shrunk|yellowed|needs? (?:a )?(?:hemming|mending|repair|repairs|cleaning|dry[- ]cleaning|ironing|pressing|re-?heeling|resoling|new (?:zip|buttons?|heel tips?|soles?|lining|hem)|hem|wash|press|button))\b(?!\s+(?:once|twice|only once|a few times|\d+ times))(?:\s+(?:on|at|in|under|near|along)\s+(?:the\s+|one\s+|left\s+|right\s+)*[a-z]+)?)`,
	'i'
);
