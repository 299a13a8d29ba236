/** How clothes are got into, and what they carry, by their kind (common practice). */
import type { Side } from './sides';

/** Types that usually fasten at the back. */
export const fastenAtTheBack = [
	'sheath-dress',
	'bodycon-dress',
	'wiggle-dress',
	'cocktail-dress',
	'evening-gown',
	'ball-gown',
	'wedding-dress',
	'indo-western-gown',
	'corset-top',
	'choli',
	'backless-choli',
	'bra',
	'strapless-bra'
];
/** Fastenings that, on a dress or a close top, are at the back unless it is said otherwise. */
export const backFastenings = ['zip', 'hook', 'lace-up'];
/**
 * Types that usually fasten at one side of whoever wears them: women’s clothes in the left seam, under the arm or on the hip, and
 * what crosses over to the right on the right.
 */
export const fastenAtTheSide: Readonly<Record<string, Side>> = {
	'cigarette-trousers': 'left',
	culottes: 'left',
	'circle-skirt': 'left',
	'slip-skirt': 'left',
	'tea-dress': 'left',
	'swing-dress': 'left',
	anarkali: 'left',
	lehenga: 'left',
	'fishtail-lehenga': 'left',
	'lehenga-choli': 'left',
	cheongsam: 'right'
};
/** Fastenings that may be those of a side seam. */
export const sideFastenings = ['zip', 'hook'];
/** Fastenings that take two hands. */
export const twoHanded = ['lace-up', 'tie', 'hook'];
/** Types that take two hands as they usually are; what is said to be elastic, zipped or to close with hook and loop does not. */
export const needTwoHands = [
	'brogues',
	'saddle-shoes',
	'desert-boots',
	'football-boots',
	'trainers',
	'chunky-trainers',
	'canvas-plimsolls',
	'high-tops',
	'bracelet',
	'watch',
	'anklet',
	'haath-phool',
	'cufflinks',
	'tie',
	'bow-tie',
	'corset-top',
	'bra',
	'strapless-bra',
	'suspender-belt',
	'stockings',
	'saree',
	'banarasi-saree',
	'kanjivaram-saree',
	'chiffon-saree',
	'cotton-saree',
	'bandhani-saree'
];

/** Fastenings that open a thing so far that it is put on like a coat. */
export const openFastenings = [
	'single-breasted',
	'buttoned',
	'snap',
	'toggle',
	'covered',
	'double-breasted',
	'double-breasted-4x2',
	'double-breasted-6x2',
	'asymmetric-zip',
	'wrap',
	'tie',
	'open'
];
/** Families that go over the head. */
export const overTheHead = ['tees', 'knitwear'];
/** Types of those families, and of others, that open in front all the same. */
export const openInFront = ['zip-up-hoodie', 'bodysuit', 'bandeau', 'camp-collar-shirt'];
/** Types of other families that go over the head. */
export const alsoOverTheHead = [
	'kaftan',
	'kaftan-top',
	't-shirt-dress',
	'slip-dress',
	'smock-dress',
	'tunic',
	'poncho',
	'kurta',
	'short-kurta',
	'straight-kurta',
	'a-line-kurta',
	'peplum-kurta',
	'anarkali',
	'boubou'
];

/** Families that usually have a pocket, and types of them that have none. */
export const pocketed = [
	'jeans',
	'trousers',
	'shorts',
	'coats',
	'jackets',
	'tailored',
	'suits',
	'skirt-suits'
];
export const unpocketed = [
	'leggings',
	'yoga-leggings',
	'stirrup-trousers',
	'leather-trousers',
	'bolero',
	'cape'
];
export const alsoPocketed = [
	'shirt-dress',
	'dungarees',
	'boiler-suit',
	'hoodie',
	'zip-up-hoodie',
	'fleece',
	'sherwani',
	'bandhgala',
	'bandi'
];

/** Cloth and kinds that are heavy to wear for long. */
export const heavyCloth = ['shearling', 'fur', 'leather', 'sequin', 'brocade', 'waxed-cotton'];
export const heavyTypes = [
	'greatcoat',
	'shearling-coat',
	'fur-coat',
	'ball-gown',
	'lehenga',
	'lehenga-choli',
	'holdall',
	'suitcase'
];
