/** The families that a stylist's colour words fall into. */
export const colourFamilies = [
	'white',
	'ivory',
	'black',
	'grey',
	'beige',
	'camel',
	'brown',
	'navy',
	'denim',
	'blue',
	'teal',
	'green',
	'olive',
	'yellow',
	'orange',
	'red',
	'burgundy',
	'pink',
	'purple',
	'gold',
	'silver'
] as const;
export type ColourFamily = (typeof colourFamilies)[number];

/** A part of the colour space that a family's word names: CIELAB lightness 0..100, chroma from 0, hue in degrees. */
export interface FamilyBox {
	family: ColourFamily;
	/** From, and up to but not with. */
	lightness: readonly [number, number];
	chroma: readonly [number, number];
	hue: readonly [number, number];
}

/**
 * `family, lightness from to, chroma from to, hue from to | why`, the first that holds counts; `-` is without end. Bounds are
 * common practice, set where the trade's words part: brown is dark orange, ivory is not white, navy is not black. They are
 * checked against the colour words and the CSS named colours.
 */
const source = `
white 96 - 0 4.5 0 360 | nothing but light
ivory 88 - 0 16 40 110 | white with a warm cast
white 93 - 0 5 0 360 |
black 0 20 0 4.5 0 360 | dark without a cast
black 0 12 0 10 0 235 | so dark that a cast is not seen; a blue one is
black 0 12 0 10 310 360 |
navy 0 24 5 30 235 310 | dark with a blue cast is not black
navy 0 17 0 - 260 312 |
black 0 24 0 6 0 360 |
grey 0 - 0 8.5 0 40 | no colour to speak of; a light warm one is beige
grey 0 - 0 8.5 110 360 |
grey 0 50 0 8.5 40 110 |
grey 0 - 0 6 40 110 |
beige 68 - 0 30 40 110 | light and warm, with little colour
beige 45 - 0 14 40 110 |
purple 0 32 0 42 340 346 | dark pinks: purple, then burgundy
burgundy 0 32 0 42 346 352 |
pink 0 - 0 - 340 352 |
pink 66 - 0 - 352 360 | light reds
pink 66 - 0 - 0 40 |
pink 42 - 0 - 352 360 | bluish reds that are not dark
pink 42 - 0 - 0 14 |
brown 0 27 0 30 36 40 | dark reds: burgundy, but for the brownest
burgundy 0 27 0 - 352 360 |
burgundy 0 27 0 - 0 40 |
brown 0 29 0 30 36 40 |
burgundy 0 29 0 52 352 360 |
burgundy 0 29 0 52 0 40 |
brown 0 - 0 22 20 40 | dull reds
purple 0 - 0 22 352 360 | and dull bluish ones, as mauve
red 0 - 0 - 352 360 |
red 0 - 0 - 0 40 |
red 0 36 42 - 40 50 | orange that is deep and strong
brown 0 46 0 41 40 76 | brown is dark orange
brown 0 46 0 50 52 76 |
brown 0 55 0 46 58 76 |
camel 0 72 0 48 60 76 | and camel is light brown
camel 0 - 0 38 60 76 |
red 0 62 0 - 40 44 |
orange 0 - 0 - 40 76 |
brown 0 40 0 32 76 86 | dark yellows
brown 0 52 0 46 76 82 |
camel 0 - 0 46 76 82 |
olive 0 60 0 48 76 110 | dull yellows, and dark ones that lean to green
olive 0 54 0 - 90 110 |
orange 0 74 0 - 76 80 |
yellow 0 - 0 - 76 110 |
olive 0 58 0 36 110 126 | dull greens that lean to yellow
green 0 - 0 - 110 172 |
teal 0 - 0 - 172 235 |
navy 0 22 0 34 235 298 | dark blues
denim 0 75 0 27 255 290 | greyed blues
blue 0 - 0 - 235 298 |
pink 40 - 40 - 330 340 | strong and light
purple 0 - 0 - 298 340 |
`;

const figure = (text: string | undefined) => (text === '-' ? Infinity : Number(text));

export const familyBoxes: readonly FamilyBox[] = source
	.trim()
	.split('\n')
	.map((line) => {
		const [family, ...bounds] = (line.split('|')[0] ?? '').trim().split(/\s+/);
		const [l1, l2, c1, c2, h1, h2] = bounds.map(figure) as [number, number, number, number, number, number];
		return { family: family as ColourFamily, lightness: [l1, l2], chroma: [c1, c2], hue: [h1, h2] };
	});
