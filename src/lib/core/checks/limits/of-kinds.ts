/** Limits of things that are alike across kinds, for which no kind has the name: "slip-ons", "dangly earrings", "hair up" (common practice). */
import type { TypeId } from '../../lexicon/types';
import type { PieceFacts } from '../facts';
import { among, anyOf, byFacet, saidOnly, type Answer, type Property } from '../property';

const isOne =
	(...ids: readonly TypeId[]) =>
	({ type }: PieceFacts): Answer =>
		(ids as readonly string[]).includes(type.id) ? 'by-kind' : 'no';

/** Shoes that one steps into. */
const slippedOn: readonly TypeId[] = [
	'flats',
	'ballet-flats',
	'mules',
	'slippers',
	'clogs',
	'espadrilles',
	'jutti',
	'loafers',
	'tassel-loafers',
	'chunky-loafers',
	'sliders',
	'flip-flops'
];

/** Shirts that button through, though nothing of it is said. */
const buttonedThrough: readonly TypeId[] = [
	'shirt',
	'dress-shirt',
	'evening-shirt',
	'oxford-shirt',
	'flannel-shirt',
	'denim-shirt',
	'camp-collar-shirt',
	'grandad-shirt',
	'overshirt',
	'pyjamas'
];
const maybeButtoned: readonly TypeId[] = ['blouse', 'pussy-bow-blouse'];

/** A lip colour up to this is dark (CIELAB L*), beyond this is bright (CIELAB chroma; this project's). */
const [darkUpTo, quietUpTo] = [40, 40];

export const kindProperties: readonly Property[] = [
	{
		// "Button-down collars", "no gold buttons" are more particular.
		said: /^(?:(?:small|tiny|fiddly|tricky) )?buttons?$|^(?:do(?:ing)? up|manag(?:e|ing)|fasten(?:ing)?) (?:(?:small|tiny|fiddly) )?buttons?$/i,
		asks: 'has it buttons?',
		holds: (piece) =>
			anyOf(
				/\bbuttons?\b/i.test(piece.note ?? '') ? 'yes' : 'no',
				saidOnly(
					byFacet(piece, 'closure', among('buttoned', 'single-breasted', 'double-breasted', 'covered'))
				),
				piece.stated('closure') === undefined ? isOne(...buttonedThrough)(piece) : 'no',
				piece.stated('closure') === undefined && isOne(...maybeButtoned)(piece) !== 'no' ? 'unknown' : 'no'
			)
	},
	{
		said: /\btoe[ -]?posts?\b|\bbetween (?:the|her|his|their|my) toes\b/i,
		asks: 'has it a strap between the toes?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'strap', among('toe-post'))),
				piece.stated('strap') === undefined ? isOne('flip-flops', 'kolhapuri-sandals')(piece) : 'no'
			)
	},
	{
		said: /\bpull-?on (?:trousers|pants|bottoms|skirts?|jeans)\b/i,
		asks: 'has it a fastening?',
		holds: (piece) => {
			if (piece.slot !== 'legs') return 'no';
			const fastening = piece.stated('closure');
			if (fastening !== undefined)
				return ['elastic', 'drawstring', 'pull-on'].includes(fastening) ? 'yes' : 'no';
			return isOne('joggers', 'track-trousers', 'leggings', 'yoga-leggings', 'pyjama-trousers')(piece);
		}
	},
	{
		positive: true,
		said: /^(?:slip|pull)-?ons?(?: shoes?)? only$/i,
		asks: 'has it a fastening?',
		holds: (piece) => {
			if (piece.slot !== 'feet') return 'no';
			const fastening = piece.stated('closure');
			if (fastening !== undefined) return fastening === 'pull-on' ? 'no' : 'yes';
			return isOne(...slippedOn)(piece) === 'no' ? 'unknown' : 'no';
		}
	},
	{
		said: /\bslip-?ons?\b/i,
		asks: 'has it a fastening?',
		holds: (piece) =>
			anyOf(
				piece.stated('closure') === 'pull-on' ? 'yes' : 'no',
				piece.stated('closure') === undefined ? isOne(...slippedOn)(piece) : 'no'
			)
	},
	{
		said: /^(?:any |shirt |stiff )?collars?$/i,
		asks: 'has it a collar?',
		holds: (piece) => saidOnly(byFacet(piece, 'collar', (value) => value !== 'collarless'))
	},
	{
		said: /\b(?:bold|bright|dark|strong|statement|loud) (?:lips?|lipsticks?|mouth)\b/i,
		asks: 'how bold is the colour?',
		holds: ({ type, colours }) => {
			if (type.id !== 'lipstick') return 'no';
			if (colours.length === 0) return 'unknown';
			return colours.some(({ lab }) => lab.l < darkUpTo || Math.hypot(lab.a, lab.b) > quietUpTo)
				? 'yes'
				: 'no';
		}
	},
	{
		said: /\b(?:dangl(?:y|ing)|long|hanging|swinging) earrings?\b|^(?:dangl(?:y|ing)|swinging)(?: (?:things|bits|jewel(?:le)?ry))?$/i,
		asks: 'how far do they hang?',
		holds: isOne('drop-earrings', 'chandelier-earrings', 'tassel-earrings', 'jhumkas', 'chandbalis')
	},
	{
		said: /\bears?(?: (?:are|is))?(?: not|n['’]t|(?: \w+)? un) ?pierced\b|\b(?:un|not )pierced ears?\b|\bears closed up\b/i,
		asks: 'is it a clip-on?',
		holds: (piece) =>
			piece.slot === 'ears' && piece.type.id !== 'clip-earrings' && !/\bclip/i.test(piece.note ?? '')
				? 'unknown'
				: 'no'
	},
	{
		said: /\bupdos?\b|\bhair (?:worn |pinned |put )?up\b/i,
		asks: 'is the hair up?',
		holds: isOne('updo', 'low-bun', 'top-knot', 'french-twist', 'beehive', 'victory-rolls')
	},
	{
		said: /\bhair (?:worn |left )?(?:down|loose)\b|\b(?:loose|flowing) hair\b/i,
		asks: 'is the hair down?',
		holds: isOne('loose-hair')
	},
	{
		said: /\b(?:thin|narrow|spindly|pointy|skinny|needle|spike) heels?\b/i,
		asks: 'how thin is the heel?',
		holds: (piece) =>
			piece.slot !== 'feet'
				? 'no'
				: anyOf(
						saidOnly(byFacet(piece, 'heelShape', among('stiletto', 'kitten'))),
						isOne('stilettos', 'kitten-heels')(piece)
					)
	},
	{
		said: /\bhood(?:s|ed|ies)?\b/i,
		asks: 'has it a hood?',
		holds: (piece) =>
			anyOf(
				piece.stated('collar') === 'hood' ? 'yes' : 'no',
				/\bhood/i.test(piece.note ?? '') ? 'yes' : 'no',
				isOne('hood', 'hoodie', 'zip-up-hoodie', 'parka', 'duffle-coat', 'windbreaker')(piece)
			)
	}
];
