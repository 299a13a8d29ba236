/** Types that say an era at once, by the era; what costume histories agree on (common practice). */
export const eraMarks: Readonly<Record<string, readonly string[]>> = {
	'the 1920s': [
		'drop-waist-dress',
		'cloche',
		'long-beads',
		'feather-boa',
		't-bar-shoes',
		'finger-waves',
		'headband',
		'bob'
	],
	'the 1930s': ['evening-gown', 'finger-waves', 'fur-stole', 'opera-gloves', 'cape', 'clutch', 'jabot'],
	'the 1940s': ['victory-rolls', 'snood', 'skirt-suit', 'turban', 'tea-dress', 'peep-toes', 'pillbox-hat'],
	'the 1950s': [
		'swing-dress',
		'circle-skirt',
		'petticoat',
		'twinset',
		'cat-eye-sunglasses',
		'pearl-necklace',
		'pillbox-hat',
		'gloves',
		'saddle-shoes',
		'neckerchief',
		'corset-belt',
		'kitten-heels',
		'wiggle-dress'
	],
	'the 1960s': ['go-go-boots', 'shift-dress', 'beehive', 'eyeliner', 'baker-boy-cap'],
	'the 1970s': [
		'flared-trousers',
		'flared-jeans',
		'platform-shoes',
		'platform-boots',
		'prairie-dress',
		'wide-brimmed-hat',
		'suede-jacket',
		'clogs',
		'jumpsuit',
		'kaftan'
	],
	'the 1980s': [
		'leg-warmers',
		'zoot-suit',
		'scrunchie',
		'peplum-jacket',
		'puff-skirt',
		'clip-earrings',
		'mullet'
	]
};

/** Pieces that are plainly of today: with one of them no look is a costume (common practice). */
export const plainlyModern: readonly string[] = [
	'trainers',
	'chunky-trainers',
	'high-tops',
	'jeans',
	'straight-jeans',
	'skinny-jeans',
	'slim-jeans',
	'mom-jeans',
	'baggy-jeans',
	't-shirt',
	'hoodie',
	'sweatshirt',
	'leggings',
	'bomber-jacket',
	'biker-jacket',
	'puffer-jacket',
	'parka',
	'belt-bag',
	'backpack',
	'crossbody-bag',
	'tote',
	'blazer',
	'denim-jacket'
];
