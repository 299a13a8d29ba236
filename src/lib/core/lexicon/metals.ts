/**
 * Metals of hardware and jewellery, in groups that look alike (common practice), with the words for each and a
 * colour to draw it in.
 */
export interface Metal<I extends string = string> {
	id: I;
	label: string;
	/** Other words for it. */
	words: string[];
	hex: string;
}

const metal = <I extends string>(
	id: I,
	hex: string,
	words = '',
	label = id.replace(/-/g, ' ')
): Metal<I> => ({
	id,
	label,
	words: words
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean),
	hex
});

export const metalGroupsOf = [
	[
		metal(
			'gold',
			'#c9a227',
			'golden, gold metal, gold-tone, gold-toned, gold-plated, gilt, yellow gold, vermeil, gold tone'
		),
		metal('brass', '#b08d57', 'antique gold, old gold, brass-toned'),
		metal('rose-gold', '#c99a86', 'pink gold, rose-gold'),
		metal('copper', '#b2693f'),
		metal('bronze', '#8c6b3f')
	],
	[
		metal(
			'silver',
			'#c0c4c8',
			'silver metal, silver-tone, silver-toned, silver-plated, sterling silver, white gold, oxidised silver, silver tone'
		),
		metal('steel', '#a7adb2', 'stainless steel, chrome'),
		metal('platinum', '#cfd2d4'),
		metal('pewter', '#8b8d8f', 'antique silver')
	],
	[
		metal('gunmetal', '#53565a', 'gun-metal, dark metal, ruthenium'),
		metal('black', '#1f1f20', 'blackened', 'black metal')
	],
	[metal('mixed', '#bba77a', 'mixed metal, mixed metals, two-tone metal, gold and silver')]
];

export type MetalId = (typeof metalGroupsOf)[number][number]['id'];
export const metals: Metal<MetalId>[] = metalGroupsOf.flat();
export const metalGroups: MetalId[][] = metalGroupsOf.map((group) => group.map(({ id }) => id));
export const metalColours: Record<string, string> = Object.fromEntries(
	metals.map(({ id, hex }) => [id, hex])
);
export const metalIds = metals.map(({ id }) => id);

/** Metals that often hold or are plated over nickel (common practice; the maker's label has the last word). */
export const nickelBearing: string[] = ['steel', 'brass', 'gunmetal', 'black', 'mixed'];

/** What is told of a metal besides its look: whether it is all of it (common practice). */
const howMade = /plated|\btoned?\b|\bgilt\b|vermeil|sterling|stainless|chrome/i;
/** Do the words for a metal say how it is made, so that they are kept as they stand? */
export const saysHowMade = (words: string): boolean => howMade.test(words);
/** Does a note tell of a metal that lies over another? What is under it often holds nickel (common practice). */
export const isOverAnother = (note: string): boolean => /plated|\btoned?\b|\bgilt\b/i.test(note);
