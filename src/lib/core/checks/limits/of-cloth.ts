/** Limits of what a thing is made of. */
import {
	creasingCloth,
	hasMetalFittings,
	isCommonlyOf,
	isNoted,
	materialKinds,
	materialsOfParts,
	maybeCreasing,
	maybeFur,
	stretches,
	type MaterialKind
} from '../../lexicon/limit-properties';
import type { PieceFacts } from '../facts';
import { hasElastic } from './of-fastenings';
import { anyOf, type Answer, type Property } from '../property';

/** Is it, or a part of it, made of a material or of its kin? What only its note speaks of is asked. */
export function madeOf(piece: PieceFacts, kind: MaterialKind): Answer {
	const whole = clothIs(piece, kind);
	if (whole !== 'no') return whole;
	// Elastic is of rubber or of elastane.
	const mayBe = kind === 'latex' && hasElastic(piece) !== 'no';
	return mayBe || (piece.note && isNoted(kind, piece.note)) ? 'unknown' : 'no';
}

/** Is there something between its layers: a puffer, a quilted coat? */
const isFilled = ({ slot, value }: PieceFacts): boolean =>
	value('texture') === 'padded' || (value('texture') === 'quilted' && ['outer', 'layer'].includes(slot));

function clothIs(piece: PieceFacts, kind: MaterialKind): Answer {
	const { is, maybe = [], fills } = materialKinds[kind];
	const cloth = [piece.stated('material'), piece.stated('texture'), ...materialsOfParts(piece.stated)];
	if (cloth.some((value) => value !== undefined && is.includes(value))) return 'yes';
	// A shell of nylon does not tell what is in it.
	if (fills && isFilled(piece)) return 'unknown';
	const material = piece.stated('material');
	if (material !== undefined) return maybe.includes(material) ? 'unknown' : 'no';
	const usual = piece.type.usual.material;
	if (usual !== undefined && is.includes(usual)) return 'by-kind';
	if (kind === 'fur' && maybeFur.includes(piece.type.id)) return 'unknown';
	if (usual === undefined && isCommonlyOf(kind, piece.type)) return 'unknown';
	return usual !== undefined && maybe.includes(usual) ? 'unknown' : 'no';
}

/** What is gold or silver in colour may be plated. */
const preciousMetals: readonly string[] = ['gold', 'silver', 'platinum', 'rose-gold'];
const fromAnimals = ['leather', 'fur', 'feather', 'down', 'wool', 'silk'] as const;

/** Fine wools that are limits of their own. */
const woolFibres = ['cashmere', 'mohair', 'alpaca', 'merino'] as const;
/** What is usual of wool is a question where one wool is meant. */
const saidElsewhere = (answer: Answer): Answer => (answer === 'by-kind' ? 'unknown' : answer);

/** What is often cleaned by a cleaner (common practice); its label alone tells. */
const delicate: readonly string[] = [
	'velvet',
	'sequin',
	'lace',
	'brocade',
	'chiffon',
	'organza',
	'lame',
	'suede',
	'taffeta',
	'satin'
];
const delicateWork: readonly string[] = [
	'beaded',
	'sequinned',
	'embroidered',
	'mirror-work',
	'applique',
	'pleated'
];
const cleaned = (piece: PieceFacts): Answer =>
	fromAnimals.some((kind) => madeOf(piece, kind) !== 'no') ||
	delicate.includes(piece.value('material') ?? '') ||
	delicateWork.includes(piece.value('texture') ?? '') ||
	piece.type.id === 'evening-gown' ||
	['tailored', 'suits', 'skirt-suits', 'coats'].includes(piece.type.family)
		? 'unknown'
		: 'no';

/** Does its cloth give? What clings without it being said of what is asked. */
function isStretchy(piece: PieceFacts): Answer {
	const { type, stated, value } = piece;
	if (stated('material') === 'elastane') return 'yes';
	if (stated('material') === undefined && (stretches.includes(type.id) || type.slot === 'hosiery'))
		return 'by-kind';
	return value('fit') === 'skin-tight' || value('leg') === 'skinny' ? 'unknown' : 'no';
}

/** Does it need an iron? Shirts do, where nobody said of what they are. */
function creases(piece: PieceFacts): Answer {
	const cloth = piece.value('material');
	// Crinkled cloth looks creased, and shows no creases.
	if (piece.stated('texture') === 'crinkled') return 'unknown';
	if (cloth === undefined) return piece.type.family === 'shirts' ? 'unknown' : 'no';
	if (creasingCloth.includes(cloth)) return piece.stated('material') ? 'yes' : 'by-kind';
	return maybeCreasing.includes(cloth) ? 'unknown' : 'no';
}

/** Cloth on which damp shows dark (common practice). */
const showsDamp: readonly string[] = [
	'silk',
	'satin',
	'viscose',
	'jersey',
	'chambray',
	'linen',
	'crepe',
	'chiffon',
	'taffeta'
];

export const clothProperties: readonly Property[] = [
	{
		positive: true,
		said: /^(?:natural|breathable) (?:fibres?|fibers?|fabrics?|cloths?|materials?) only$/i,
		asks: 'what is it made of?',
		holds: (piece) => madeOf(piece, 'synthetics')
	},
	{
		said: /^(?:any )?metals?$/i,
		asks: 'is there metal in it?',
		holds: ({ metal }) => (metal ? 'yes' : 'no')
	},
	{
		said: /\bnickel\b/i,
		asks: 'is it free of nickel?',
		holds: ({ type, metal }) =>
			metal || type.division === 'jewellery' || hasMetalFittings(type) ? 'unknown' : 'no'
	},
	{
		said: /^(?:base|cheap|plated) metals?$/i,
		asks: 'of what metal is it?',
		holds: ({ metal, type }) =>
			metal
				? preciousMetals.includes(metal)
					? 'unknown'
					: 'yes'
				: type.division === 'jewellery'
					? 'unknown'
					: 'no'
	},
	...([false, true] as const).map((positive): Property => ({
		...(positive && { positive }),
		said: /\bvegan\b|animal (?:products?|fibres?|fibers?|materials?)|\banimals?\b.*\b(?:died|dead|killed|suffered|harmed)\b/i,
		asks: 'is anything in it from an animal?',
		holds: (piece) => anyOf(...fromAnimals.map((kind) => madeOf(piece, kind)))
	})),
	...([false, true] as const).map((positive): Property => ({
		...(positive && { positive }),
		said: positive ? /\bwashable\b|\bmachine.?wash/i : /\bdry.?clean|\bhand.?wash/i,
		asks: 'what does its care label say?',
		holds: cleaned
	})),
	{
		said: /\b(?:cow|calf|pig|goat|lamb|kid|deer|doe|horse)[ -]?(?:skins?|hides?|leathers?|suede)\b/i,
		asks: 'of which animal is it?',
		holds: (piece) => (madeOf(piece, 'leather') === 'no' ? 'no' : 'unknown')
	},
	{
		// Its skin or its feathers.
		said: /\bostrich/i,
		asks: 'is it of ostrich?',
		holds: (piece) => {
			const cloths = [piece.stated('material'), ...materialsOfParts(piece.stated)];
			if (/\bostrich/i.test(piece.note ?? '')) return 'yes';
			return cloths.some((cloth) => cloth === 'exotic-skin' || cloth === 'feather') ? 'unknown' : 'no';
		}
	},
	{
		said: /\b(?:heavy|strong|overpowering|cloying|loud) (?:perfumes?|scents?|fragrances?)\b/i,
		asks: 'how strong is it?',
		holds: ({ slot }) => (slot === 'scent' ? 'unknown' : 'no')
	},
	{
		said: /\b(?:elastane|spandex|stretch(?:y|es|ing)?)\b/i,
		asks: 'does it stretch?',
		holds: isStretchy
	},
	{
		said: /\b(?:creas(?:es?|ed|ing|y)|crumpl(?:es?|ed|ing|y)|wrinkl(?:es?|ed|ing|y)|iron(?:s|ed|ing)?)\b/i,
		asks: 'does it crease?',
		holds: creases
	},
	{
		said: /\b(?:shows?|showing) (?:the |any )?(?:sweat|perspiration|damp|water)\b|\b(?:sweat|perspiration) (?:marks?|patches|stains?)\b/i,
		asks: 'does damp show on it?',
		holds: (piece) => (piece.area > 0 && showsDamp.includes(piece.value('material') ?? '') ? 'unknown' : 'no')
	},
	{
		said: /scratchy|itchy|prickly/i,
		asks: 'does it scratch?',
		holds: (piece) => madeOf(piece, 'scratchy')
	},
	{ said: /rustl/i, asks: 'does it rustle?', holds: (piece) => madeOf(piece, 'rustling') },
	...woolFibres.map((fibre): Property => ({
		said: new RegExp(`\\b${fibre}\\b`, 'i'),
		asks: `is there ${fibre} in it?`,
		holds: (piece) => {
			const cloth = piece.stated('material');
			if (cloth === fibre) return 'yes';
			return cloth === undefined ? saidElsewhere(madeOf(piece, 'wool')) : 'no';
		}
	})),
	...(['leather', 'fur', 'feather', 'down', 'wool', 'silk', 'latex', 'synthetics'] as const).map(
		(kind): Property => ({
			said: materialKinds[kind].said,
			asks: materialKinds[kind].asks,
			holds: (piece) => madeOf(piece, kind)
		})
	)
];
