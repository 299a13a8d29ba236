import type { ColourFamily } from '../colour/family';

/**
 * Colour words of the trade with a typical value each (common practice; a word covers a region, the value is
 * its middle). The family is stated, not computed, so that tests can hold the computation against the words.
 */
export interface ColourWord {
	word: string;
	hex: string;
	family: ColourFamily;
}

const words = (family: ColourFamily, entries: string): ColourWord[] =>
	entries
		.trim()
		.split(/\s*,\s*/)
		.map((entry) => {
			const [, word = '', hex = ''] = /^(.+) (#[0-9a-f]{6})$/.exec(entry) ?? [];
			return { word, hex, family };
		});

export const colourWords: ColourWord[] = [
	...words('white', 'white #ffffff, optic white #f7f9fb'),
	...words('ivory', 'ivory #f6f0dd, cream #f3e9d0, ecru #e9dfc6, pearl #ece7dd'),
	...words('black', 'black #141414, jet #0c0c0d, washed black #35353a'),
	...words('grey', 'grey #8a8a8a, light grey #c3c4c6, charcoal #45474b, slate #6a737c, silver grey #b3b7ba'),
	...words(
		'beige',
		'beige #d8c7a6, stone #c9bfab, sand #d3bd93, oatmeal #d9ccb4, taupe #8d7f70, champagne #e0cda6'
	),
	...words('camel', 'camel #b98d58, caramel #b67d42'),
	...words(
		'brown',
		'brown #6a4529, tan #a9743f, chocolate #43291b, cognac #8f4f22, mahogany #4f2219, bronze brown #6b5330'
	),
	...words('navy', 'navy #1c2745, midnight #14192f, ink #1f2740'),
	...words('denim', 'light denim #9db4cc, mid denim #56759a, dark denim #2b3c5a'),
	...words(
		'blue',
		'blue #2e5aa8, cobalt #1f45a8, sky blue #8fbfe4, powder blue #b6cde3, cornflower #6a8fd8, royal blue #2a45b0'
	),
	...words('teal', 'teal #1d6c70, petrol #17505c, peacock #0f6f7c, turquoise #36b4b4, aqua #86d3d6'),
	...words(
		'green',
		'green #2f7a45, emerald #0f7a4c, bottle green #13422c, forest green #22492f, sage #9cab8c, mint #aeddc0, leaf green #4f8f3a, fern #5b8a52'
	),
	...words('olive', 'olive #6a6834, khaki #8a7d55, army green #4d5233, moss #5f6b36'),
	...words('yellow', 'yellow #f3cf3a, lemon #f3e678, mustard #c9992a, butter #f5e6a3'),
	...words(
		'orange',
		'orange #e8782a, apricot #f3b27e, rust #a84a26, terracotta #b9603f, marigold #f0a226, saffron #eaa22b, copper #b0643a'
	),
	...words(
		'red',
		'red #bf1f2c, scarlet #d3272b, crimson #a3142e, cherry #99132c, brick #9c4034, coral #ee6d5a'
	),
	...words('burgundy', 'burgundy #6a1a2c, maroon #6b1a1f, wine #5f1b30, oxblood #561a1d'),
	...words(
		'pink',
		'pink #f0a6bc, blush #edcbc5, rose #cf7488, dusty pink #cfa19f, hot pink #e0357f, fuchsia #c8207c, magenta #b52374, salmon #f2a08d'
	),
	...words(
		'purple',
		'purple #6a3388, plum #57264f, aubergine #3b1d36, violet #6d4aa8, lilac #c2a9d6, lavender #bcb2de, mauve #a98ba8'
	),
	...words('gold', 'gold #c9a227, old gold #a5853a'),
	...words('silver', 'silver #c0c4c8')
];
