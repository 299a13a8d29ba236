/** Cloths and yarns of wool and other animal hair. A limit that names wool means each of them. */
export const woollens: readonly string[] = [
	'wool',
	'merino',
	'lambswool',
	'cashmere',
	'mohair',
	'alpaca',
	'camel-hair',
	'tweed',
	'flannel',
	'felt',
	'boucle-wool'
];

const each = (from: readonly string[], to: readonly string[]) =>
	Object.fromEntries(from.map((one) => [one, to]));

const tailored = { ...each(woollens, ['crepe', 'twill', 'linen', 'cotton', 'viscose']) };
const outer = { ...each(woollens, ['twill', 'technical', 'cotton', 'moleskin']) };
const knitted = { ...each(woollens, ['cotton', 'viscose', 'knit']) };
const headwear = { ...each(woollens, ['cotton', 'velvet', 'straw']) };

/**
 * What is taken instead of a cloth that a client cannot wear, or the day does not bear, by family of garments; "any"
 * stands for the rest (common practice). Labels have the last word: blends may hold what is avoided.
 */
export const wearableCloth: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {
	coats: outer,
	jackets: outer,
	tailored,
	suits: tailored,
	'skirt-suits': tailored,
	trousers: tailored,
	skirts: tailored,
	knitwear: knitted,
	cardigans: knitted,
	headwear,
	any: {
		...each(woollens, ['cotton', 'crepe', 'viscose', 'velvet']),
		leather: ['imitation-leather', 'canvas'],
		suede: ['leather', 'imitation-leather', 'canvas'],
		'exotic-skin': ['imitation-leather', 'leather'],
		fur: ['faux-fur', 'velvet'],
		shearling: ['faux-fur', 'fleece'],
		silk: ['viscose', 'satin', 'crepe'],
		satin: ['crepe', 'viscose'],
		velvet: ['satin', 'velour', 'crepe'],
		straw: ['canvas', 'leather'],
		raffia: ['canvas', 'leather'],
		chiffon: ['crepe', 'georgette', 'viscose'],
		organza: ['taffeta', 'satin'],
		tulle: ['taffeta', 'satin'],
		lace: ['broderie-anglaise', 'crepe'],
		linen: ['cotton', 'gabardine', 'flannel'],
		rubber: ['leather', 'imitation-leather'],
		'down-fill': ['technical', 'cotton']
	}
};
