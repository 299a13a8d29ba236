/** Limits of how a thing is got into and kept on: buttons, laces, straps, elastic, "slip-ons only", "nothing over the head" (common practice). */
import { shoulderStraps } from '../../lexicon/limit-properties';
import type { TypeId } from '../../lexicon/types';
import type { PieceFacts } from '../facts';
import { fastensBehind, goesOverTheHead, opensInFront, takesTwoHands } from '../fastenings';
import { among, anyOf, byFacet, isOne, saidOnly, type Answer, type Property } from '../property';
import { nextToSkin } from './of-the-body';

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

/** Is it pulled over the head? What neither opens nor is known to go over it is asked. */
function pulledOverHead(piece: PieceFacts): Answer {
	if (!['top', 'whole', 'drape'].includes(piece.slot) || opensInFront(piece)) return 'no';
	if (goesOverTheHead(piece)) return piece.stated('closure') === 'pull-on' ? 'yes' : 'by-kind';
	return piece.stated('closure') === undefined && isOne(...buttonedThrough)(piece) !== 'no'
		? 'no'
		: 'unknown';
}

/** Does it fasten at the back? What a note tells counts; of a dress that is not said to open in front it is asked. */
const backInNote =
	/\b(?:zip|button|hook|fasten|lace|tie)\w*\b.*\bback\b|\bback[ -](?:zip|button|fasten|hook)/i;
function atTheBack(piece: PieceFacts): Answer {
	if (backInNote.test(piece.note ?? '')) return 'yes';
	if (fastensBehind(piece)) return 'by-kind';
	return piece.slot === 'whole' && !opensInFront(piece) ? 'unknown' : 'no';
}

/** Is it held by elastic? */
export const hasElastic = (piece: PieceFacts): Answer =>
	anyOf(
		saidOnly(byFacet(piece, 'closure', among('elastic', 'drawstring'))),
		saidOnly(byFacet(piece, 'hemDetail', among('elasticated'))),
		/\belastic/i.test(piece.note ?? '') ? 'yes' : 'no',
		isOne('joggers', 'track-trousers', 'tracksuit', 'pyjama-trousers', 'harem-trousers')(piece)
	);

export const fasteningProperties: readonly Property[] = [
	{
		// "Button-down collars", "no gold buttons" are more particular.
		said: /^(?:(?:small|tiny|fiddly|tricky) )?buttons?$|^(?:do(?:ing)? up|manag(?:e|ing)|fasten(?:ing)?) (?:(?:small|tiny|fiddly) )?buttons?$/i,
		asks: 'has it buttons?',
		holds: (piece) =>
			anyOf(
				/\bbutton(?:s|ed)?\b/i.test(piece.note ?? '') ? 'yes' : 'no',
				saidOnly(
					byFacet(piece, 'closure', among('buttoned', 'single-breasted', 'double-breasted', 'covered'))
				),
				piece.stated('closure') === undefined ? isOne(...buttonedThrough)(piece) : 'no',
				piece.type.family === 'jeans' ? 'unknown' : 'no',
				piece.stated('closure') === undefined && isOne(...maybeButtoned)(piece) !== 'no' ? 'unknown' : 'no'
			)
	},
	{
		said: /\btoe[ -]?posts?\b|\b(?:(?:thongs?|straps?) )?between (?:the|her|his|their|my) toes\b/i,
		asks: 'has it a strap between the toes?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'strap', among('toe-post'))),
				piece.stated('strap') === undefined ? isOne('flip-flops', 'kolhapuri-sandals')(piece) : 'no'
			)
	},
	{
		said: /^(?:(?:do(?:ing)?|tie|tying|manag(?:e|ing)) )?(?:shoe-?)?laces(?: up| to tie)?$|^(?:bend(?:ing)? (?:down )?to )(?:do|tie)(?: up)? (?:shoe-?)?laces$|^lac(?:ed|ing) (?:shoes?|boots?)$/i,
		asks: 'has it laces?',
		holds: (piece) => (piece.slot === 'feet' ? saidOnly(byFacet(piece, 'closure', among('lace-up'))) : 'no')
	},
	{
		said: /\b(?:back|rear)[ -](?:fasten\w+|zip\w*|button\w*|clos\w+|hooks?)\b|\bfasten\w* (?:at|up|down) the back\b/i,
		asks: 'does it fasten at the back?',
		holds: atTheBack
	},
	{
		said: /^(?:(?:do(?:ing)? up|manag(?:e|ing)|fasten(?:ing)?) )?(?:(?:small|tiny) )?clasps?$/i,
		asks: 'has it a clasp?',
		holds: ({ slot, note }) => {
			if (/\bclasp/i.test(note ?? '')) return 'yes';
			return ['neck', 'wrist', 'bag'].includes(slot) ? 'unknown' : 'no';
		}
	},
	{
		said: /\b(?:fiddly|tricky|awkward|complicated) (?:fastenings?|closures?|clasps?|hooks?)\b/i,
		asks: 'is it hard to do up?',
		holds: (piece) =>
			anyOf(
				takesTwoHands(piece) ? 'by-kind' : 'no',
				atTheBack(piece),
				/\b(?:tiny|small|covered|many) buttons\b|\bhooks?\b/i.test(piece.note ?? '') ? 'yes' : 'no'
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
	...([false, true] as const).map((positive): Property => ({
		...(positive && { positive }),
		said: positive
			? /^(?:front|centre)[ -]?(?:opening|fastening|buttoned|buttoning|closing|access)(?: (?:tops?|dress(?:es)?|things?|bras?))? only$|^(?:button|zip)(?:ped|ed)?[ -](?:front|through|up)(?:ed)?(?: (?:tops?|dress(?:es)?|things?))? only$|^(?:opens?|fastens?|buttons?|zips?)(?: or (?:buttons?|zips?|snaps?|wraps?|ties?))?(?: up)? (?:at|in|down|up) (?:the )?front only$/i
			: /^(?:front[ -](?:opening|fastening|access)|opening at the front|(?:to )?(?:(?:open|fasten|button)(?: up)? (?:at|in)|open down) (?:the )?front)$|\b(?:over|go(?:es)? over) (?:the|her|his|their|my) head\b|\b(?:overhead|over-the-head|pullover) (?:dressing|tops?|dress(?:es)?|things?)\b|^pull(?:ing)? (?:things |anything )?on over/i,
		asks: 'does it open at the front?',
		holds: pulledOverHead
	})),
	{
		said: /^(?:any )?straps?$|\bstraps? (?:round|around|at|on) (?:the|her|his|their|my) (?:ankles?|foot|feet)\b/i,
		asks: 'has it a strap?',
		holds: (piece) =>
			anyOf(
				piece.slot === 'feet'
					? saidOnly(
							byFacet(
								piece,
								'strap',
								among('ankle-strap', 't-bar', 'mary-jane', 'strappy', 'slingback', 'toe-post')
							)
						)
					: 'no',
				nextToSkin(piece) && piece.value('sleeveLength') !== 'strapless'
					? isOne(...shoulderStraps)(piece)
					: 'no',
				/\bstrap/i.test(piece.note ?? '') ? 'yes' : 'no'
			)
	},
	{
		said: /\belastic(?:ated)?(?! bands?\b)\b/i,
		asks: 'is there elastic in it?',
		holds: hasElastic
	}
];
