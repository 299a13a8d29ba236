/**
 * Dress codes as hosts write them, with what each asks for at least and bears at most on the scale of formality (0 sport … 5
 * formal), and the forms that it usually takes (common practice; the host and the venue have the last word).
 */
export interface DressCode {
	label: string;
	said: RegExp;
	/** Undefined where anything goes. */
	least?: number;
	/** More than this is overdressed; undefined where nothing is. */
	most?: number;
	/** What is seldom meant by it, however dressy it is, as limits are said (common practice). */
	seldom?: readonly string[];
	/** What is usually worn: men's forms and women's; either is anybody's. */
	usual: { mens: string; womens: string };
}

const code = (
	label: string,
	said: RegExp,
	[least, most]: readonly [number | undefined, number | undefined],
	mens: string,
	womens: string,
	seldom: readonly string[] = []
): DressCode => ({
	label,
	said,
	...(least !== undefined && { least }),
	...(most !== undefined && { most }),
	...(seldom.length > 0 && { seldom }),
	usual: { mens, womens }
});

/** At work nobody is dressed for a party, a beach or a night out. */
const notAtWork = [
	'sequins',
	'bare midriff',
	'bare back',
	'sheer',
	'ripped',
	'mini',
	'shorts',
	'flip-flops',
	'cocktail dresses',
	'evening gowns'
];

/** In the order in which they are tried: what qualifies a word comes before the word ("semi-formal" is not formal). */
export const dressCodes: readonly DressCode[] = [
	code(
		'white tie',
		/\bwhite[- ]tie\b|\bfull evening dress\b/i,
		[4.6, undefined],
		'tailcoat, white waistcoat and bow tie',
		'floor-length gown, long gloves at will'
	),
	code(
		'black tie optional',
		/\bblack[- ]tie (?:optional|preferred|invited)\b|\bformal optional\b/i,
		[3.6, undefined],
		'dinner suit, or a dark suit and tie',
		'long or cocktail dress, dressy separates'
	),
	code(
		'creative black tie',
		/\bcreative black[- ]tie\b/i,
		[3.8, undefined],
		'dinner suit with a colour, cloth or tie of one’s own',
		'evening dress or suit with a twist'
	),
	code(
		'black tie',
		/\bblack[- ]tie\b|\bdinner jackets?\b/i,
		[4.2, undefined],
		'dinner suit, bow tie, black shoes',
		'long or very dressy short dress, evening suit'
	),
	code(
		'informal',
		/\bin[- ]?formal\b|\bnot formal\b|\bno dress code\b/i,
		[1.2, 4],
		'shirt and trousers, a jacket at will',
		'dress or separates for the day'
	),
	code(
		'semi-formal',
		/\bsemi[- ]?formal\b|\bdressy casual\b/i,
		[2.8, 4.4],
		'suit, or jacket and tailored trousers, tie at will',
		'cocktail or day dress, tailored separates'
	),
	code(
		'business formal',
		/\bbusiness[- ]formal\b|\bboardroom\b/i,
		[3, 4.2],
		'dark suit, shirt and tie',
		'suit, or dress and jacket',
		notAtWork
	),
	code(
		'business casual',
		/\bbusiness[- ]casual\b/i,
		[1.9, 4],
		'shirt, chinos or tailored trousers, jacket at will',
		'blouse or knit, trousers or skirt',
		notAtWork
	),
	code(
		'smart casual',
		/\bsmart[- ]casual\b|\bcasual smart\b/i,
		[1.6, 4],
		'collar or fine knit, tailored trousers or dark jeans',
		'dress, or one dressy and one easy piece',
		['shorts', 'flip-flops', 'ripped', 'joggers', 'hoodies']
	),
	code(
		'formal',
		/\bformal\b|\bmorning dress\b/i,
		[3.8, undefined],
		'by day morning dress or a dark suit, by night black tie',
		'dress or suit at the dressiest of the hour'
	),
	code(
		'cocktail',
		/\bcocktail\b|\bevening\b|\blounge suits?\b/i,
		[3.2, 4.7],
		'suit with shirt and tie, polished shoes',
		'cocktail dress or dressy suit'
	),
	code(
		'business',
		/\bbusiness\b|\boffice\b|\binterview\b|\b(?:in|at|to) court\b|\bcourt(?:room| hearing| dress)\b/i,
		[2.6, 4.2],
		'suit, or jacket and trousers',
		'suit, dress, separates',
		notAtWork
	),
	code(
		'day celebration',
		/\bgarden part(?:y|ies)\b|\btea part(?:y|ies)\b|\bwedding\b|\bchristening\b|\braces\b|\brace day\b/i,
		[2.2, 4.7],
		'suit, or jacket and tailored trousers',
		'day dress, or dressy separates, a hat at will',
		['ripped', 'joggers', 'hoodies', 'flip-flops']
	),
	code(
		'festive',
		/\bfestive\b|\bdressy\b/i,
		[2.2, undefined],
		'jacket, a colour or rich cloth',
		'colour, shine or embroidery; sarees, lehengas and kurtas at their dressiest'
	),
	code(
		'casual',
		/\bcasual\b|\brelaxed\b|\bcome as you are\b/i,
		[undefined, 3.8],
		'jeans, chinos, knits, clean trainers',
		'easy dress, jeans, knits, flat shoes'
	),
	code(
		'smart',
		/\bsmart\b|\belegant\b/i,
		[2, 4.4],
		'jacket and tailored trousers',
		'dress, or tailored separates'
	)
];

/** What a dress code in words asks for; undefined where it is not understood. */
export const askedBy = (words: string): DressCode | undefined =>
	dressCodes.find(({ said }) => said.test(words));
