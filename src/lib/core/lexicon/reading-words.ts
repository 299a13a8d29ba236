/**
 * The small words of a spoken look: what joins, what denies, what doubts, what deepens a colour, and what carries
 * nothing. Common practice and plain English.
 */

import type { TypeId } from './types';

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
		'with, have, dotted with, strewn with, sprinkled with, scattered with, featuring, has, having, finished with, topped with, set off by, accessorised with, styled with, held by, held up by, held in place by, held together by, secured by, fastened by, caught by, pinned by, gathered by, cinched by, joined by, kept up by'
	),
	/** What follows is said of what went before. */
	in: listed(
		'in, of, in shades of, in tones of, in hues of, in a shade of, in various shades of, in different shades of, shades of, tones of, hues of, from, at, to, cut in, made of, made from, up in, done in'
	),
	/** The ground under a print. */
	on: listed(
		'on, on a ground of, against, down the, along the, up the, down one, up one, along one, down each, up each, along each, all round the, all around the, all over the, all down the, all up the, all along the, all across the, right round the, right down the'
	),
	/** Another thing, worn over or under. */
	list: listed(
		'over, under, underneath, beneath, below, worn over, worn under, layered over, layered under, thrown over, chucked over, flung over, pulled over, over the top of, on top of, into, then, next, followed by, above, beside, worn with, paired with, teamed with, peeking out, peeking from, peeping out, peeping from, hold up, holds up, holding up, held up by'
	),
	/** What follows is what it is turned into. */
	as: listed('as, like, doubles as, doubled as, doubling as'),
	/** What follows is said of the thing before. */
	is: listed('is, are, was, were, being, looks, seems to be, appears, comes in'),
	/** Takes a denial back. */
	but: listed(
		'but, instead, rather, although, though, yet, just, except, except for, save for, bar the, bar one, bar her, bar his, bar a, apart from, with the exception of, while, whilst, whereas'
	),
	/** What follows is not there. */
	no: listed(
		'no, without, minus, never, lacking, free of, skip, skip the, swap the, swaps the, swapped the, swapped his, swapped her, swapping the, traded the, traded his, traded her, changes the, changes her, changes his, changed the, changed her, changed his, changing the, changing her, changing his, exchanges the, exchanges her, exchanges his, exchanged the, exchanged her, exchanged his, trades the, trades her, trades his, trading the, trading her, trading his, swaps her, swaps his, swap her, swap his, swapping her, swapping his, replaces, replace, replacing, lose the, lose, drop the, drop her, drop his, ditch the, ditch, leave off, leave out, not wearing, isn’t wearing, aren’t wearing, wasn’t wearing, doesn’t wear, doesn’t have, not with, no sign of, zero, instead of, rather than, in place of, in lieu of, everything but, everything except, all but, anything but'
	),
	/** What follows, or what went before, cannot be seen: nothing is known of it. */
	'cannot-see': listed(
		'can’t see, cannot see, can’t make out, cannot make out, no view of, can’t tell what, you can’t see, can not see'
	),
	unseen: listed(
		'cannot be seen, can’t be seen, not visible, isn’t visible, aren’t visible, not seen, out of frame, out of shot, out of the frame, out of picture, not in shot, not in the picture, hidden from view, unseen, not shown, cropped out, cut off by the frame, are hidden, is hidden'
	),
	/** The next word does not hold. */
	not: listed('not, isn’t, aren’t, wasn’t, hardly, less, non, neither, nothing, not too'),
	/** Takes colour, cloth and print from the thing before. */
	matching: listed(
		'so is, so are, so was, so were, matching, ditto, matches, matched, match, to match, coordinating, co-ordinating, in matching fabric, in the same fabric, in the same cloth, in the same material, in the same colour, of the same fabric, of the same cloth, of the same material, cut from the same cloth, same fabric, same cloth, same material, same colour, self-fabric, in the same print, in the same pattern, in a matching print, same print, same pattern, in the same shade, same shade, in matching colour, tonal matching'
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
	{ words: listed('dark, darker, deep, deeper, inky, rich deep'), lighten: -0.38, chroma: 0.85 },
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
	{ words: listed('light, lighter, pale, paler, pastel, icy'), lighten: 0.5, chroma: 0.6 },
	{
		words: listed('bright, vivid, vibrant, bold, electric, neon, acid, hot, fluorescent, intense, saturated'),
		lighten: 0.06,
		chroma: 1.3
	},
	{
		words: listed(
			'dusty, dusky, muted, drab, dull, soft, faded, washed, washed-out, powdery, smoky, chalky, greyed, sun-bleached'
		),
		lighten: 0.12,
		chroma: 0.55
	},
	{ words: listed('warm, rich, true, classic, deep rich, jewel'), lighten: -0.08, chroma: 1.1 }
];

/** What a thing is for, or who wears such: "a riding jacket", "wedding sandals". */
const uses = listed(
	'wedding, academic, workout, battle, civilian, safety, surgical, church, jockey, bulletproof, clerical, christmas, halloween, birthday, college, university, cricket, tennis, riding, racing, yachting, fishing, hunting, hiking, climbing, dancing, dance, ballet, bowling, boxing, fencing, skating, cycling, driving, travel, beach, pool, poolside, garden, gardening, opera, theatre, concert, stage, carnival, masquerade, funeral, mourning, christening, graduation, racecourse, alpine, tyrolean, street, sailor, naval, police, nurse, doctor, chef, waiter, pilot, mechanic'
);

/** Words that say something worth keeping for which there is no field: they go to the note of their garment. */
export const noted = [
	...uses,
	...listed(
		'past the fingertips, over the fingertips, to the fingertips, over the hands, past the hands, half-moon, half-moons, bare shoulders, bare-shouldered, shoulders bare, bare midriff, bare-midriffed, midriff bare, round the crown, around the crown, pulled low, door-knocker, horizontal, vertical, drop-crotch, dropped-crotch, low-crotch, nothing underneath, nothing under it, nothing beneath, nothing beneath it, nothing on underneath, nothing else underneath, with nothing underneath, with nothing under it, with nothing beneath, worn with nothing underneath, worn with nothing under it, over nothing, over bare skin, on bare skin, hood up, hood down, hood out, with the hood up, with the hood down, with the hood out, with hood up, with hood down, with hood out, thermal, on a cord, on cord, on a leather cord, on a thong, loosened, structured, sculptural, geometric, undone, worn undone, smudged, oiled, utility, utilitarian, paint-splattered, paint-spattered, paint-splashed, paint-stained, multicoloured, multi-coloured, multicolour, multicolor, multicolored, multi-colored, many-coloured, rainbow, rainbow-coloured, patterned, printed, detachable, removable, reversible, convertible, hand-painted, painted, monogrammed, mismatched, odd, illusion, selvedge, selvage, overdyed, marled, marl, marle, melange, heathered, flecked, slubbed, slubby, slub, pressed, stiff, rigid, starched, bonded, coated, laminated, princess-seamed, d’orsay, filigree, oxidised, oxidized, hammered, engraved, tinted, tied in bows, tied in a bow, tied into bows, tied into a bow, tied with bows, tied in knots, tied in a knot'
	)
];

/** Done to the cloth, so that what it is done with is shown on it: "embroidered with cranes", "a painted tiger". */
export const shownWork = listed('embroidered, printed, painted, applique, appliqued, patterned');

/** What is said of a garment on which small things sit: "studded with", "covered in". */
export const decorated = listed(
	'studded, scattered, sewn, embellished, decorated, beaded, encrusted, covered, smothered, dotted, strewn, sprinkled, adorned, jewelled, laden, hung, strung, festooned, spangled, stitched, trimmed, edged, bordered, worked, detailed, set, loaded, crusted, hand-sewn, threaded'
);
/** Small things that sit on a garment, and are worn by themselves besides. */
export const trinkets = listed(
	'pearls, beads, chains, rings, brooches, pins, studs, bows, ribbons, belts, buckles, charms, medals, badges, pendants, hoops, clips, tassels'
);

/** Words for the look as a whole: what is said of them is said of no one thing. */
export const wholeLook = listed(
	'everything, every piece, every item, each piece, every garment, the palette, palette, colour palette, the whole thing, photograph, photo, picture, image, snapshot, shot, still, film still, outfit, ensemble, the whole outfit, the whole look, the overall look, head to toe, head-to-toe, top to toe, from head to toe, from top to toe, from head to foot, head to foot, the rest, rest, everything else, all else, otherwise'
);
/** Words for things of a kind that has no one name: which they are must be asked. */
export const generalThings = listed(
	'jewellery, accessories, accessory, extras, add-ons, knitwear, outerwear, tailoring, separates, headwear, eyewear, legwear, neckwear, swimwear, beachwear, nightwear, sleepwear, nightclothes, loungewear, sportswear, activewear, athletic wear, eveningwear, evening wear, formalwear, workwear, streetwear, leisurewear, lingerie, bling, headgear, headdress, millinery'
);
/** Words for one thing of no kind at all: with something said of it, which it is must be asked: "a red affair, black heels". */
export const vagueThings = listed(
	'piece, item, garment, thing, affair, creation, confection, concoction, uniform, livery, wear, getup, costume'
);
/** What such a word is taken for where it stands over a description and no thing is named under it: "eyewear: cat-eye, black". */
export const shelves: Readonly<Record<string, TypeId>> = {
	knitwear: 'jumper',
	outerwear: 'overcoat',
	headwear: 'hat',
	eyewear: 'sunglasses',
	legwear: 'tights',
	neckwear: 'scarf',
	swimwear: 'swimsuit',
	nightwear: 'pyjamas',
	sleepwear: 'pyjamas',
	headgear: 'hat'
};
/** Places on the body that stand over what is worn there: "top half: a Breton tee". */
export const headings: ReadonlySet<string> = new Set(
	listed(
		'top layer, bottom layer, under layer, first layer, second layer, top half, bottom half, upper half, lower half, upper body, lower body, upper, lower, top layer, base layer, mid layer, middle layer, under layer, outer layer, outer, inner, under, underneath, on top, up top, layered, layers'
	)
);

/** Where one is worn on each side of the body, so that two are worn: "a cuff on each wrist". */
export const onBothSides = listed(
	'on each wrist, on both wrists, on either wrist, at each wrist, on each ankle, on both ankles, on either ankle, round each ankle, on each arm, on both arms, on either arm, round each arm'
);

/** "A black tie dinner", "the white-tie look": a dress code and what it is for, and no tie. */
const dressCodeOf = ['black tie', 'black-tie', 'white tie', 'white-tie'].flatMap((code) =>
	listed(
		'look, outfit, attire, dress code, code, event, do, affair, occasion, function, evening, night, dinner, party, gala, ball, wedding, reception, ceremony, guest, optional'
	).map((what) => `${code} ${what}`)
);

/** Words that say nothing of a garment that could be compared. */
export const fillers = [
	...decorated,
	...dressCodeOf,
	...onBothSides,
	...listed(`
	top half, bottom half, upper half, lower half, on top, up top, over the top, at the top, to the top, from the top, along the top, across the top, theyve layered, shes layered, hes layered, has layered, have layered, on the bottom, on the top half, on the bottom half, first view, second view, front view, back view, side view, from the front, from behind, from the back, from the side, seen from behind,
	for the party, for a party, to a party, to the party, at a party, for the evening, for evening, in the evening, for the office, for work, to the office, at the office, for a wedding, for the day, for sport,
	layers and layers, layer upon layer, layer on layer, hidden, half hidden, turned up in, turned up to, turned up wearing, to dinner, for dinner, out to dinner, dress it up, dress it down, dress this up, dress that up, dress them up, dress them down, straight to, straight from, straight out of, proper, from one picture, from the other, from the other picture, from the first picture, from the second picture, in one picture, in the picture, in the photo, in the photograph, from the picture, from the photo, than the rest, than the others, than usual, than most, two pieces of, three pieces of, several pieces of, a few pieces of,
	a, an, the, his, her, hers, their, theirs, its, it, my, our, your, this, that, these, those, some, any, one, ones, two, three, four, five, six, both, double, each, every, single, pair, pairs, of, couple, set,
	as before, as last time, as always, as usual, as ever, as yesterday, same as before, anyway, anyways, anyhow, tbh, mind you, ugly, hideous, awful, start with, begin with, starts with, begins with, start, begin, starting, finish off, think, imagine, finally, lastly, basically, literally, actually, honestly, obviously, totally, like really, kinda, sorta, got, gotten, went, goes with, something, anything, somehow, whatever, autumnal, spirit, core, vibe, vibes, feel, mood, energy, moment, situation, number, affair, guy's, timber, puddled,
	be, been, am, do, does, did, done, will, would, can, could, should, may, must,
	them, him, time, times, eye, eyes closed, one eye, brow, nape, in each ear, in both ears, on each ear, on each hand, on both hands, on every finger, on each finger, bust, navel, ribs, stops, stopping, chin, cheek, cheeks, forehead, elbow, elbows, calf, calves, thigh, thighs, ankle, toes, neck line, both arms, arms,
	loads of, masses of, heaps of, yards of, metres of, tons of, acres of, miles of, clouds of, swathes of, oodles of, loads, masses, heaps, yards, she, he, they, i, we, you, shes, hes, theyre, theyve, im, ive, youre, youve, weve, theres, heres, bare, who, which, what, whose, where, when, while, there, here, so, such, than, also, too, very, quite, rather, really, just, only, even, more, most, much, all, almost, nearly, practically, virtually, barely, slightly, bit, a bit, a little bit, a tiny bit, a wee bit, a good bit, quite a bit, somewhat, fairly, pretty, super, ultra, extra, truly, totally, completely, entirely, mainly, mostly, kind, sort, type, style, styled, styling, styles, looking, look, piece, pieces, item, items, garment, thing,
	wears, wearing, worn, wear, wore, had, dressed, shown, showing, shows, seen, carrying, carries, holding, holds, sporting, pictured, photographed, finished, finishing, paired, teamed, topped, completed, complete, add, adds, added, adding, includes, including, included, comes, come, goes, go, gives, sits, sitting, hits, hitting, falls, falling, hangs, hanging, ends, ending, ended, stopped, cut, made, done, made up, up, down, out, off, by, for, about, around, round, through, between, behind, near, against, outside, along, across, upon, back, front, side, sides, away, again, always, often, usually, once, now, today, still,
	show, stop, break, breaks, enough, swinging, festival,
	fabric, fabrics, cloth, material, textile, work,
	man, men, mens, men’s, menswear, womenswear, kids, kid’s, kid's, children’s, childrens, woman, women, womens, women’s, ladies, lady, girl, guy, boy, model, person, client, unisex, feminine, masculine, androgynous, girlish, ladylike, boyish,
	colour, color, coloured, colored, colours, colors, tone, tones, toned, shade, hue, hued, print, prints, pattern, motif, design, all-over, allover, all over, overall, contrast, contrasting, contrasted, tonal, monochrome, base, neutral-toned,
	effect, ok, okay, either way, definitely, certainly, dotted about, tendril, tendrils, amazing, stunning, fabulous, row, rows, stack, stacks, dyed, plenty of, few, several, many, other, another, same, different, various, assorted, flash, pop, splash, lots,
	tied, wrapped, wound, draped, slung, thrown, chucked, flung, pinned, heavily, lightly, intricately, richly, delicately, pushed, perched, propped, pushed up, minimalism, maximalism, dripping in, dripping with, the star, the star of the show, the star of the look, the stars, the hero, the hero piece, either, uniform, tucked away, fastened with, held, put, gone, missing, nowhere, absent, turned, pulled, swept, left, kept, used, doubling, doubled as,
	prom, ball, school, strand, strands,
	nice, lovely, beautiful, gorgeous, great, good, perfect, elegant, chic, cool, timeless, iconic, simple, understated, minimalist, sleek-looking, stylish, fashionable, trendy, modern, contemporary, traditional, retro, vintage, antique, old, new, used, second-hand, secondhand, thrifted, pre-owned, handmade, bespoke, made-to-measure, made to measure, designer, high-street, luxury, luxurious, cheap, expensive, quality, signature, favourite, usual, crisp, fresh-looking, cosy, cozy, romantic, edgy, preppy, boho, bohemian, grungy, punk, gothic, western-style, military-style, nautical, golden hour, mid-century, mid century, picture this, imagine this, think this, get this, here goes, long story short, to cut a long story short, in short, in a nutshell, victorian, edwardian, regency, art-nouveau, mod, hippie, disco, rockabilly, flapper, bridal, festive, summer, winter, spring, autumn, summery, wintry, holiday, day, daytime, night, evening-out, weekend,
	classic, statement-making, eye-catching, dramatic-looking, subtle, natural-looking, real, artificial, genuine, authentic, imitation,
	1920s, 1930s, 1940s, 1950s, 1960s, 1970s, 1980s, 1990s, 2000s, 20s, 30s, 40s, 50s, 60s, 70s, 80s, 90s, twenties, thirties, forties, fifties, sixties, seventies, eighties, nineties, noughties, y2k, era, century, period, inspired, -inspired, esque, ish, visible, placed, detail, details, detailing, accent, accents, accented, element, decoration, ornament, ornamental, hand, hands, itself, themselves, all-round, everywhere, throughout, it all, with a twist, on, at, to, into, from, in, if, because, since, until, then, yet, hint, touch, slick, swipe, dab, smear, flash, pop, lick, glimpse, line, lines, box-fresh, box fresh, bare skin, the skin, skin, sat, worn next to the skin, nothing but, nothing else, wrist, wrists, upper arm, upper arms, ankles, knees, arm, hip, hips, head, body, feet, foot, finger, fingers, ear, ears, over one shoulder, pinned at one shoulder, pinned to one shoulder, pinned on one shoulder, pinned at the shoulder, pinned to the shoulder, see, sees, seeing, skim, skims, skimming, graze, grazes, grazing, touch, touches, touching, kiss, kisses, kissing, reach, reaches, reaching, thrown over one shoulder, slung over one shoulder, draped over one shoulder, worn over one shoulder, hung over one shoulder, across one shoulder, over one arm, over the arm, slung over the shoulder, hung over the arm, carried over the arm, throat, chest, left, right, centre, center, middle, first, second, third, cm, inch, inches, mm, size, sized, uk, us, eu, xs, s, m, l, xl, xxl
`)
];
