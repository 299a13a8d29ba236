import { onFirstUse } from './on-first-use';
import type { FacetId } from './facets';
import { materialWords } from './material-words';
import type { MaterialId } from './materials';
import type { GarmentType } from './taxonomy';
import type { FamilyId, TypeId } from './types';
import { woollens } from './wearable-cloth';

/** What makes a thing bare, high, sheer or of a material, for limits (common practice). */

export const bareNecklines = ['off-shoulder', 'one-shoulder', 'strapless', 'halter'];
export const lowNecklines = ['deep-v', 'plunge', 'sweetheart'];
/** Necks that show the collarbone. */
export const wideNecklines = ['scoop', 'boat', 'square', 'v', 'wrap', 'cowl', 'asymmetric'];
export const highNecklines = ['roll', 'funnel', 'mock', 'high-neck'];

/** Types that hang from thin straps and leave the shoulder bare. */
export const shoulderStraps: readonly TypeId[] = [
	'camisole',
	'slip-dress',
	'sundress',
	'bandeau',
	'bralette',
	'bikini',
	'swimsuit',
	'corset-top'
];

/** Why clients have limits: what they have, do or are, and no thing to wear (common practice; none of it is advice). */
export const reasons =
	/^(?:(?:her|his|my|their|has|severe|mild|chronic|bad) )*(?:eczema|psoriasis|dermatitis|vertigo|bunions?|arthritis|asthma|migraines?|lupus|stoma|ibs|pots|raynaud['’]?s|diabet(?:es|ic)|sciatica|scoliosis|scars?|tattoos?|varicose veins|swollen (?:feet|ankles|hands)|plantar fasciitis|carpal tunnel|pregnan(?:t|cy)|breast-?feeding|nursing|mastectomy|menopaus(?:e|al)|hot flushes|hearing aids?|wheelchair(?: user)?|crutches|walking stick|prosthe(?:sis|tic)|sensory(?: issues)?|autis(?:m|tic)|halal|jain|vegetarian|modesty|faith|religious reasons|(?:bad|sore|weak|dodgy|swollen|stiff) (?:backs?|hips?|knees?|feet|ankles?|necks?|shoulders?))$/i;

/** Underwear that is shown as a top, and leaves arms, shoulders, back and midriff bare (common practice). */
export const shownUnderwear: readonly TypeId[] = ['bralette', 'sports-bra'];

/** Cloth that shows what is under it unless it is said to be lined or opaque. */
export const sheerCloth: readonly MaterialId[] = [
	'chiffon',
	'organza',
	'tulle',
	'net',
	'lace',
	'georgette',
	'voile',
	'chanderi'
];

/** Kinds that are made of fur or of imitation, and whose word does not tell. */
export const maybeFur: readonly TypeId[] = ['trapper-hat'];
export type MaterialKind =
	'leather' | 'fur' | 'feather' | 'down' | 'wool' | 'silk' | 'latex' | 'synthetics' | 'scratchy' | 'rustling';

type Kind = Pick<GarmentType, 'family' | 'id'>;

interface Commonly {
	families?: readonly FamilyId[];
	kinds?: readonly TypeId[];
	/** Kinds of those families that seldom are. */
	but?: readonly TypeId[];
}

/** What is so commonly of a material that it is asked where nobody said: what is knitted, tailored or of felt, most shoes, bags and belts, and blended into nearly all that is not denim or a plain shirt (common practice). */
const commonlyOf: Partial<Record<MaterialKind, Commonly>> = {
	wool: {
		families: ['knitwear', 'cardigans', 'tailored', 'coats', 'suits', 'skirt-suits'],
		kinds: [
			'fedora',
			'wide-brimmed-hat',
			'bowler-hat',
			'top-hat',
			'beret',
			'cloche',
			'pillbox-hat',
			'beanie',
			'baker-boy-cap',
			'flat-cap',
			'scarf',
			'blanket-scarf',
			'snood',
			'shawl',
			'gloves',
			'fingerless-gloves',
			'mittens',
			'tailored-trousers',
			'dinner-trousers',
			'plus-fours',
			'kilt',
			'jumper-dress',
			'leg-warmers'
		]
	},
	silk: { kinds: ['tie', 'bow-tie', 'cravat', 'pocket-square', 'saree'] },
	synthetics: {
		families: [
			'hosiery',
			'knitwear',
			'cardigans',
			'dresses',
			'skirts',
			'jumpsuits',
			'trousers',
			'tailored',
			'coats',
			'suits',
			'skirt-suits',
			'co-ords',
			'skirt-sets'
		],
		kinds: [
			'blouse',
			'pussy-bow-blouse',
			'camisole',
			'leggings',
			'yoga-leggings',
			'cycling-shorts',
			'bodysuit',
			'swimsuit',
			'bikini',
			'sports-bra',
			'tracksuit',
			'joggers',
			'windbreaker',
			'raincoat',
			'parka',
			'puffer-coat',
			'puffer-jacket'
		]
	},
	leather: {
		families: ['shoes', 'sandals', 'boots', 'handbags', 'belts', 'gloves'],
		but: [
			'slippers',
			'espadrilles',
			'flip-flops',
			'sports-sandals',
			'football-boots',
			'dance-shoes',
			'snow-boots',
			'minaudiere',
			'potli',
			'basket-bag',
			'backpack',
			'suitcase',
			'umbrella',
			'sash',
			'cummerbund',
			'braces',
			'opera-gloves',
			'fingerless-gloves',
			'mittens',
			'muff'
		]
	}
};
export function isCommonlyOf(kind: MaterialKind, { family, id }: Kind): boolean {
	const { families = [], kinds = [], but = [] } = commonlyOf[kind] ?? {};
	return kinds.includes(id) || (families.includes(family) && !but.includes(id));
}

/** Where metal lies on the skin though nobody named it: a buckle, the button and rivets of jeans (common practice; they are the usual places of a nickel rash). */
const buckled: readonly TypeId[] = ['belt', 'skinny-belt', 'wide-belt', 'western-belt'];
const buttonedInMetal: readonly TypeId[] = ['denim-shorts', 'denim-skirt', 'denim-jacket', 'dungarees'];
export const hasMetalFittings = ({ family, id }: Kind): boolean =>
	buckled.includes(id) || family === 'jeans' || buttonedInMetal.includes(id);

/** What is knitted so close to the body that it could not be put on if it did not stretch. */
export const stretches: readonly TypeId[] = [
	'leggings',
	'yoga-leggings',
	'cycling-shorts',
	'bodysuit',
	'swimsuit',
	'bikini',
	'sports-bra',
	'shapewear'
];

/** Cloth that creases as soon as it is worn, and cloth that may (common practice). */
export const creasingCloth: readonly MaterialId[] = ['linen', 'voile', 'lawn', 'chanderi'];
export const maybeCreasing: readonly MaterialId[] = [
	'cotton',
	'poplin',
	'muslin',
	'hemp',
	'chambray',
	'khadi',
	'canvas',
	'silk',
	'viscose',
	'taffeta',
	'satin',
	'velvet',
	'organza'
];

export interface KindOfMaterial {
	/** How it is said. */
	said: RegExp;
	asks: string;
	/** Materials and textures that are of it. */
	is: readonly string[];
	/** Materials that may be, so that it is asked. */
	maybe?: readonly string[];
	/** Padding may be filled with it. */
	fills?: true;
	/** How a note says it, where that is more than a limit has to say. */
	noted?: RegExp;
}

export const materialKinds: Readonly<Record<MaterialKind, KindOfMaterial>> = {
	leather: {
		said: /(?<!(?:faux|fake|imitation|mock|vegan|synthetic|cow|calf|pig|goat|lamb|kid|deer|horse)[ -]|\bp)leather|\bhides?\b|animal skins?|(?:\bexotic )?\bskins\b/i,
		noted: /leather|suede|\bhides?\b|animal skins?/i,
		asks: 'is it real leather?',
		is: ['leather', 'suede', 'patent-leather', 'exotic-skin', 'shearling']
	},
	fur: {
		said: /(?<!(?:faux|fake|imitation|mock|vegan|synthetic)[ -])\bfurs?\b|animal skins?|(?:\bexotic )?\bskins\b|\bpelts?\b/i,
		asks: 'is this real fur?',
		is: ['fur', 'shearling']
	},
	feather: {
		said: /feathers?/i,
		asks: 'are there feathers in it?',
		is: ['feather'],
		maybe: ['down-fill'],
		fills: true
	},
	down: {
		said: /(?<!\b(?:button(?:s|ed)?|zips?|zipped|open|turned|folded|dressed|worn)[ -])\bdown\b(?! (?:the|to|her|his)\b)/i,
		noted: /\b(?:goose|duck|eider)[ -]?down\b|\bdown[ -](?:fill|stuff|pad|lin)/i,
		asks: 'what is it filled with?',
		is: ['down-fill'],
		maybe: ['feather'],
		fills: true
	},
	wool: {
		said: /\bwool|lanolin/i,
		noted: /\bwool|cashmere|mohair|alpaca|lanolin/i,
		asks: 'is there wool in it?',
		is: [...woollens, 'boucle', 'shearling'],
		maybe: ['knit', 'fleece', 'velour', 'crepe', 'twill', 'gabardine']
	},
	silk: {
		said: /\bsilks?\b/i,
		asks: 'is it silk?',
		is: ['silk', 'chanderi'],
		maybe: ['satin', 'chiffon', 'georgette', 'brocade', 'organza', 'crepe', 'taffeta', 'velvet']
	},
	latex: {
		said: /latex|rubber/i,
		asks: 'is there latex in it?',
		is: ['rubber', 'elastane'],
		maybe: []
	},
	synthetics: {
		said: /synthetics?|polyester|nylon|man.made|\bplastics?\b|\bpvc\b/i,
		asks: 'what is it made of?',
		is: ['nylon', 'polyester', 'elastane', 'technical', 'imitation-leather', 'fleece'],
		maybe: [
			'patent-leather',
			'resin',
			'rubber',
			'knit',
			'satin',
			'chiffon',
			'georgette',
			'organza',
			'taffeta',
			'tulle',
			'net',
			'lace',
			'velour',
			'sequin',
			'lame'
		]
	},
	scratchy: {
		said: /scratchy|itchy|prickly/i,
		asks: 'does it scratch?',
		is: [
			'wool',
			'mohair',
			'tweed',
			'boucle-wool',
			'sequin',
			'lame',
			'net',
			'raffia',
			'straw',
			'embroidered',
			'beaded',
			'sequinned'
		],
		maybe: ['lace', 'knit', 'tulle', 'lambswool', 'alpaca']
	},
	rustling: {
		said: /rustl/i,
		asks: 'does it rustle?',
		is: ['taffeta', 'nylon', 'technical', 'lame'],
		maybe: ['polyester', 'organza']
	}
};

/** Parts of a garment that are of a material whatever the rest is made of. */
const materialOfPart: Readonly<Partial<Record<FacetId, Readonly<Record<string, string>>>>> = {
	collar: { fur: 'fur' },
	hemDetail: { feathered: 'feather' }
};

/** The materials of the parts that are said of a garment: a fur collar, a feather trim. */
export const materialsOfParts = (stated: (facet: FacetId) => string | undefined): string[] =>
	(Object.keys(materialOfPart) as FacetId[]).flatMap(
		(facet) => materialOfPart[facet]?.[stated(facet) ?? ''] ?? []
	);

/** Every name of what a kind of material is: "mink", "real fur", "persian lamb". */
const namesOf = (kind: MaterialKind): string[] =>
	materialKinds[kind].is.flatMap((id) => [id.replace(/-/g, ' '), ...(materialWords[id]?.words ?? [])]);
/** One of several names, the longest that fits. */
const oneOf = (names: readonly string[]): string => {
	const longestFirst = [...names].sort((a, b) => b.length - a.length);
	return `(?:${longestFirst.join('|').replace(/[ -]/g, '[ -]')})`;
};
const kindsOfMaterial = Object.keys(materialKinds) as MaterialKind[];

const denying =
	'(?:faux|fake|false|mock|imitation|artificial|synthetic|vegan|no|not|non|without|never)[\\s-]+(?:(?:real|any|made|of|in)[\\s-]+)*';
/** Made when a note is first read. */
const inNotes = onFirstUse(() => ({
	/** "Faux fur", "no real leather": words of a note that say what it is not. */
	notReal: new RegExp(`\\b${denying}(?:${oneOf(kindsOfMaterial.flatMap(namesOf))}\\b|[\\w-]+)`, 'gi'),
	/** "Mink collar", and no "fox print lining", nor "bought in Morocco" nor "a kid’s size". */
	named: Object.fromEntries(
		kindsOfMaterial.map((kind) => [
			kind,
			new RegExp(
				`(?<!\\b(?:in|from|to) )\\b${oneOf(namesOf(kind))}\\b(?!['’]s|[ -](?:prints?|printed|patterns?|motifs?|charms?|brooch|heads?)\\b)`,
				'i'
			)
		])
	) as Record<MaterialKind, RegExp>
}));

/** Does a note speak of such a material: "lined with fur", "leather toggles", "mink collar"? Not of faux fur, and not where it is denied. */
export function isNoted(kind: MaterialKind, note: string): boolean {
	const { said, noted = said } = materialKinds[kind];
	const { notReal, named } = inNotes();
	const real = note.replace(notReal, ' ');
	return noted.test(real) || named[kind].test(real);
}

/** As much of a note as is read at a glance. */
const mostQuoted = 60;

/** What a note says, in its words, where it speaks of a material that is avoided: "its note says …"; undefined where it does not. */
export function quotedFor(avoided: string, note = ''): string | undefined {
	if (!kindsOfMaterial.some((kind) => materialKinds[kind].said.test(avoided) && isNoted(kind, note)))
		return undefined;
	const short = note.length > mostQuoted ? `${note.slice(0, mostQuoted).trimEnd()}…` : note;
	return `its note says “${short}”`;
}

/**
 * Of a fibre and a weave, "silk jersey": would a limit that names the fibre pass by a thing of that weave? What silk is mostly
 * woven into is seen from afar and is asked of; of wool nothing is left to a question.
 */
export function limitWouldPass(fibre: string, weave: string): boolean {
	const { wool, silk } = materialKinds;
	const isOf = ({ is }: KindOfMaterial) => is.includes(fibre) && !is.includes(weave);
	return isOf(wool) || (isOf(silk) && !silk.maybe?.includes(weave));
}
