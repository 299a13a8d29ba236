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

export const kindProperties: readonly Property[] = [
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
		said: /\b(?:dangl(?:y|ing)|long|hanging|swinging) earrings?\b/i,
		asks: 'how far do they hang?',
		holds: isOne('drop-earrings', 'chandelier-earrings', 'tassel-earrings', 'jhumkas', 'chandbalis')
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
