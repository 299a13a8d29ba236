/** Limits of things that are alike across kinds, for which no kind has the name: "dangly earrings", "hair up", "sportswear" (common practice). */
import { highNecklines } from '../../lexicon/limit-properties';
import { among, anyOf, byFacet, isOne, saidOnly, type Property } from '../property';

/** What is dressed up no more than this is worn for sport or for lounging (0 sport … 5 formal; this project's). */
const sportyUpTo = 0.6;

/** A lip colour up to this is dark (CIELAB L*), beyond this is bright (CIELAB chroma; this project's). */
const [darkUpTo, quietUpTo] = [40, 40];

export const kindProperties: readonly Property[] = [
	{
		said: /\b(?:tight|close|snug|constricting) (?:collars?|necks?|necklines?)\b|\btight (?:at|on|around|round|about) (?:the|her|his|their|my) (?:neck|throat)\b/i,
		asks: 'how close does it lie to the neck?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'neckline', among(...highNecklines))),
				saidOnly(byFacet(piece, 'collar', among('band', 'stand', 'mandarin', 'funnel', 'wing'))),
				isOne('choker', 'collar-necklace')(piece),
				// How tight a shirt's collar is goes by its buttons.
				saidOnly(byFacet(piece, 'collar', among('shirt', 'button-down', 'spread', 'cutaway', 'pointed'))) ===
					'no'
					? 'no'
					: 'unknown'
			)
	},
	{
		said: /^(?:that |which )?flap(?:s|ping|py)?(?: (?:about|around))?(?: (?:things?|bits|clothes))?$/i,
		asks: 'does it flap?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'leg', among('wide', 'flared', 'balloon'))),
				saidOnly(byFacet(piece, 'skirtShape', among('full', 'circle', 'tiered'))),
				saidOnly(byFacet(piece, 'fit', among('oversized'))),
				saidOnly(byFacet(piece, 'sleeveShape', among('bell', 'flutter', 'dolman', 'kimono', 'cape'))),
				isOne('poncho', 'cape', 'kimono-jacket')(piece)
			)
	},
	{
		said: /\b(?:narrow|tight|slim|pinch(?:ed|ing)|cramped) toes?\b|\btoes? that pinch/i,
		asks: 'how narrow is its toe?',
		holds: (piece) =>
			anyOf(
				byFacet(piece, 'toe', among('pointed')),
				saidOnly(byFacet(piece, 'toe', among('almond'))) === 'no' ? 'no' : 'unknown'
			)
	},
	{
		said: /\b(?:narrow|slim|tight|straight|hobble) skirts?\b/i,
		asks: 'how narrow is its skirt?',
		holds: (piece) => saidOnly(byFacet(piece, 'skirtShape', among('pencil', 'straight', 'column', 'mermaid')))
	},
	{
		said: /^(?:any |shirt |stiff )?collars?$/i,
		asks: 'has it a collar?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'collar', (value) => value !== 'collarless')),
				// A roll neck stands as high as a collar.
				saidOnly(byFacet(piece, 'neckline', among(...highNecklines))) === 'no' ? 'no' : 'unknown'
			)
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
		said: /\b(?:dangl(?:y|ing)|long|hanging|swinging) earrings?\b|\b(?:dangl\w+|hang\w*) (?:from|off|in|at) (?:the|her|his|their|my) (?:ears?|lobes?)\b|^(?:dangl(?:y|ing)|swinging)(?: (?:things|bits|jewel(?:le)?ry))?$/i,
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
		positive: true,
		said: /^hands?[- ]free(?: bags?)? only$/i,
		asks: 'is it carried in the hand?',
		holds: (piece) => {
			if (piece.slot !== 'bag') return 'no';
			if (isOne('crossbody-bag', 'backpack', 'belt-bag')(piece) !== 'no') return 'no';
			return anyOf(isOne('clutch', 'minaudiere', 'potli')(piece), 'unknown');
		}
	},
	{
		said: /\bupdos?\b|\bhair (?:worn |pinned |put )?up\b/i,
		asks: 'is the hair up?',
		holds: isOne('updo', 'low-bun', 'top-knot', 'french-twist', 'beehive', 'victory-rolls')
	},
	{
		said: /\bhair (?:worn |left )?(?:down|loose)\b|\b(?:loose|flowing) hair\b|\bhair (?:(?:must|has to|should|to) be )?(?:(?:tied|pulled|kept|pinned|scraped|worn) )?(?:back|(?:off|out of|away from) (?:the|her|his|their|my) (?:face|eyes))\b/i,
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
		said: /\b(?:dangl(?:y|ing)|floppy|trailing|draping|drapey|flapping|flowing|billow(?:y|ing)|hanging|wide|full|voluminous) (?:sleeves?|cuffs?)\b/i,
		asks: 'how wide are its sleeves?',
		holds: (piece) =>
			anyOf(
				saidOnly(
					byFacet(
						piece,
						'sleeveShape',
						among('bishop', 'balloon', 'bell', 'flutter', 'dolman', 'kimono', 'cape', 'slashed')
					)
				),
				isOne('poncho', 'cape', 'kimono-jacket')(piece)
			)
	},
	{
		said: /\b(?:trailing|dragging|sweeping|dragg?y)(?: (?:hems?|skirts?|hemlines?|dress(?:es)?|coats?|trousers?|things?))?$|\b(?:drags?|trails?|sweeps?) (?:on|along|over) the (?:floor|ground)\b/i,
		asks: 'does it touch the floor?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'hemDetail', among('trained'))),
				saidOnly(byFacet(piece, 'hemLength', among('floor'))),
				saidOnly(byFacet(piece, 'legLength', among('floor', 'stacked')))
			)
	},
	{
		said: /\b(?:long|big|full|heavy|deep) trains?\b/i,
		asks: 'how long is its train?',
		holds: (piece) => (saidOnly(byFacet(piece, 'hemDetail', among('trained'))) === 'no' ? 'no' : 'unknown')
	},
	{
		said: /^(?:any )?(?:writing|words|wording|text|lettering|letters|typography)(?: on(?: (?:it|them|tops|t-?shirts?))?| across the (?:chest|front))?$/i,
		asks: 'is there writing on it?',
		holds: ({ print }) => (print === 'slogan' ? 'yes' : 'no')
	},
	{
		said: /^(?:any )?lapels?$/i,
		asks: 'has it lapels?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'lapel', (value) => value !== 'collarless')),
				/\blapel/i.test(piece.note ?? '') ? 'yes' : 'no'
			)
	},
	{
		said: /\b(?:sports?[- ]?(?:wear|clothes|clothing|kit)|active ?wear|athlei?sure|gym[- ]?(?:wear|clothes|clothing|kit)|lounge ?wear|sweats)\b/i,
		asks: 'is it made for sport?',
		holds: ({ formality }) => (formality !== undefined && formality <= sportyUpTo ? 'by-kind' : 'no')
	},
	{
		positive: true,
		said: /^separates only$/i,
		asks: 'is it in one piece?',
		holds: ({ slot }) => (slot === 'whole' ? 'by-kind' : 'no')
	},
	{
		said: /^separates$/i,
		asks: 'is it in one piece?',
		holds: ({ slot }) => (slot === 'top' || slot === 'legs' ? 'by-kind' : 'no')
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
