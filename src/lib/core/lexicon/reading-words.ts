/**
 * The small words of a spoken look: what joins, what denies, what doubts, what deepens a colour, and what carries
 * nothing. Common practice and plain English.
 */

const listed = (text: string) =>
	text
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean);

/** How a word joins what stands before it to what follows. */
export const links = {
	/** Another of the same: things or words in a list. */
	and: listed('and, plus, as well as, along with, together with, n'),
	/** A choice; under a denial it goes on denying. */
	or: listed('or, nor'),
	/** What follows belongs to what went before, or is worn beside it. */
	with: listed(
		'with, featuring, has, having, paired with, teamed with, finished with, topped with, set off by, accessorised with, styled with'
	),
	/** What follows is said of what went before. */
	in: listed('in, of, from, at, to, cut in, made of, made from, up in, done in'),
	/** The ground under a print. */
	on: listed('on, on a ground of, against'),
	/** Another thing, worn over or under. */
	list: listed(
		'over, under, underneath, beneath, worn over, worn under, layered over, layered under, thrown over, pulled over, over the top of, on top of, into, then, next, followed by, above, beside, worn with, peeking out, peeking from'
	),
	/** What follows is what it is turned into. */
	as: listed('as, like'),
	/** Takes a denial back. */
	but: listed('but, instead, rather, although, though, yet'),
	/** What follows is not there. */
	no: listed('no, without, minus, never, lacking, free of, skip the, not wearing, no sign of, zero'),
	/** The next word does not hold. */
	not: listed('not, isn’t, aren’t, hardly, less, non, neither'),
	/** Takes colour, cloth and print from the thing before. */
	matching: listed(
		'matching, to match, coordinating, in the same fabric, in the same cloth, in the same colour, of the same fabric, of the same cloth, same fabric, same colour, self-fabric, in the same print, tonal matching'
	)
} as const;
export type Link = keyof typeof links;

/** Marks what follows as a guess. */
export const hedges = listed(
	'probably, maybe, perhaps, possibly, presumably, looks like, seems, seemingly, appears to be, might be, could be, i think, i guess, likely, guess, not sure, unsure, apparently'
);

/** How a word before a colour changes it, in CIELAB: lightness and chroma each towards or by a share. */
export interface Tone {
	words: readonly string[];
	/** Share of the way from the colour's lightness to black (negative) or white (positive), −1..1. */
	lighten: number;
	/** Factor on chroma. */
	chroma: number;
}
/** Common practice; the numbers are this project's. */
export const tones: readonly Tone[] = [
	{ words: listed('dark, darker, deep, deeper, darkest, inky, rich deep'), lighten: -0.38, chroma: 0.85 },
	{
		words: listed('slightly darker, a shade darker, one shade darker, a touch darker, a little darker'),
		lighten: -0.15,
		chroma: 0.95
	},
	{
		words: listed('slightly lighter, a shade lighter, one shade lighter, a touch lighter, a little lighter'),
		lighten: 0.17,
		chroma: 0.9
	},
	{ words: listed('light, lighter, pale, paler, pastel, lightest, palest, icy'), lighten: 0.5, chroma: 0.6 },
	{
		words: listed('bright, vivid, vibrant, bold, electric, neon, acid, hot, fluorescent, intense, saturated'),
		lighten: 0.06,
		chroma: 1.3
	},
	{
		words: listed(
			'dusty, muted, soft, faded, washed, washed-out, powdery, smoky, chalky, greyed, sun-bleached'
		),
		lighten: 0.12,
		chroma: 0.55
	},
	{ words: listed('warm, rich, true, classic, deep rich, jewel'), lighten: -0.08, chroma: 1.1 }
];

/** Words that say nothing of a garment that could be compared. */
export const fillers = listed(`
	a, an, the, his, her, hers, their, theirs, its, it, my, our, your, this, that, these, those, some, any, one, two, three, four, five, six, both, double, each, every, single, pair, pairs, of, couple, set,
	is, are, was, were, be, been, being, am, do, does, did, done, will, would, can, could, should, may, must,
	she, he, they, i, we, you, shes, hes, theyre, im, youre, theres, heres, bare, who, which, what, whose, where, when, while, there, here, so, such, than, also, too, very, quite, rather, really, just, only, even, more, most, much, all, almost, nearly, barely, slightly, bit, somewhat, fairly, pretty, super, ultra, extra, truly, totally, completely, entirely, mainly, mostly, kind, sort, type, style, styled, styling, styles, looking, look, looks, outfit, ensemble, piece, pieces, item, items, garment, thing,
	wears, wearing, worn, wear, wore, dressed, shown, showing, shows, seen, carrying, carries, holding, holds, sporting, pictured, photographed, finished, finishing, paired, teamed, topped, completed, complete, add, added, adding, includes, including, included, comes, come, goes, go, gives, sits, sitting, hits, hitting, falls, falling, hangs, hanging, ends, ending, cut, made, done, made up, up, down, out, off, by, for, about, around, round, through, between, behind, near, against, along, across, upon, back, front, side, sides, away, again, always, often, usually, once, now, today, still,
	man, men, mens, men’s, woman, women, womens, women’s, ladies, lady, girl, guy, boy, model, person, client, unisex, feminine, masculine, androgynous, girlish, ladylike, boyish,
	colour, color, coloured, colored, colours, colors, tone, tones, toned, shade, hue, hued, print, prints, printed, pattern, patterned, motif, design, all-over, allover, all over, overall, contrast, contrasting, contrasted, tonal, monochrome, base, neutral-toned, head to toe, head-to-toe,
	effect, double denim, plenty of, few, several, many, other, another, same, different, various, assorted, flash, pop, splash, lots,
	tied, wrapped, wound, draped, slung, thrown, pinned, tucked away, fastened with, held, set, put, gone, turned, pulled, swept, left, kept, used, doubling, doubled as,
	prom, ball, school, strand, strands, nothing, jewellery, accessories,
	nice, lovely, beautiful, gorgeous, great, good, perfect, elegant, chic, cool, timeless, iconic, simple, understated, minimalist, sleek-looking, stylish, fashionable, trendy, modern, contemporary, traditional, retro, vintage, antique, old, new, used, second-hand, secondhand, thrifted, pre-owned, handmade, bespoke, made-to-measure, made to measure, designer, high-street, luxury, luxurious, cheap, expensive, quality, signature, favourite, usual, crisp, fresh-looking, cosy, cozy, romantic, edgy, preppy, boho, bohemian, grungy, punk, gothic, western-style, military-style, utilitarian, utility, nautical, victorian, edwardian, regency, art-nouveau, mod, hippie, disco, rockabilly, flapper, bridal, festive, summer, winter, spring, autumn, summery, wintry, holiday, day, daytime, night, evening-out, weekend,
	classic, statement-making, eye-catching, dramatic-looking, subtle, natural-looking, real, artificial, genuine, authentic, imitation,
	1920s, 1930s, 1940s, 1950s, 1960s, 1970s, 1980s, 1990s, 2000s, 20s, 30s, 40s, 50s, 60s, 70s, 80s, 90s, twenties, thirties, forties, fifties, sixties, seventies, eighties, nineties, noughties, y2k, era, century, period, inspired, -inspired, esque, ish, visible, placed, detail, details, detailed, detailing, accent, accents, accented, element, decorated, decoration, ornament, ornamental, adorned, worked, hand, all-round, everywhere, throughout, on, at, to, into, from, in, if, because, since, until, then, yet, hint, touch, line, lines, wrist, wrists, ankles, knees, arm, hip, hips, head, body, feet, foot, finger, fingers, ear, ears, throat, chest, left, right, centre, center, middle, top to toe, first, second, third, cm, inch, inches, mm, size, sized, uk, us, eu, xs, s, m, l, xl, xxl
`);
