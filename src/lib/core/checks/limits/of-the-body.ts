/** Limits of what a thing shows of the body, how it sits on it, and how high it stands. */
import { heelOfShoe } from '../../body/heights';
import {
	bareNecklines,
	highNecklines,
	lowNecklines,
	sheerCloth,
	shoulderStraps,
	shownUnderwear,
	wideNecklines
} from '../../lexicon/limit-properties';
import type { SlotId } from '../../lexicon/slots';
import type { PieceFacts } from '../facts';
import { among, anyOf, byFacet, saidOnly, type Answer, type Property } from '../property';

/** The heel of a shoe in cm: as stated, or as is usual for its kind; undefined for what has none. */
export function heelOf(piece: PieceFacts): { cm: number; sure: boolean } | undefined {
	const heel = heelOfShoe(piece.garment);
	return heel && { cm: heel.cm, sure: heel.stated };
}
/** A sole of up to this is flat (cm; common practice). */
const flatUpToCm = 2;
/** A heel of up to this is low, or a kitten one (cm; common practice). */
export const lowUpToCm = 5;
/** A heel of up to this is a middling one; from here on it is high (cm; common practice). */
export const midUpToCm = 7.5;

export function heelOver(piece: PieceFacts, cm: number): Answer {
	if (piece.slot !== 'feet') return 'no';
	const heel = heelOf(piece);
	if (!heel) return 'unknown';
	if (heel.cm <= cm) return 'no';
	return heel.sure ? 'yes' : 'by-kind';
}

/** Does it cover the body by itself, so that what it leaves bare is bare? A layer is worn over something. */
export const nextToSkin = ({ slot, moves }: PieceFacts): boolean =>
	['top', 'whole', 'drape', 'under'].includes(slot) || moves.includes('as-top') || moves.includes('as-dress');

/** What is shown as a top and covers no more than a bra does. */
const isBra = ({ type }: PieceFacts): Answer => (shownUnderwear.includes(type.id) ? 'by-kind' : 'no');

export function sleevesAre(piece: PieceFacts, ...lengths: readonly string[]): Answer {
	if (!nextToSkin(piece)) return 'no';
	const bySleeve = byFacet(piece, 'sleeveLength', among(...lengths));
	if (piece.stated('sleeveLength') !== undefined) return bySleeve;
	// A neckline that leaves no shoulder to hang a sleeve from says it too.
	return anyOf(bySleeve, isBra(piece), saidOnly(byFacet(piece, 'neckline', among('strapless', 'halter'))));
}

/** Straps too thin to cover a shoulder, as a note tells them. */
const thinStraps = /\bspaghetti\b|\b(?:shoestring|thin|narrow|skinny|fine|delicate|slim) strap/i;
function shoulders(piece: PieceFacts): Answer {
	if (!nextToSkin(piece)) return 'no';
	const isSleeveless = byFacet(piece, 'sleeveLength', among('sleeveless', 'strapless'));
	const strappy: Answer = shoulderStraps.includes(piece.type.id) && isSleeveless !== 'no' ? 'by-kind' : 'no';
	return anyOf(
		saidOnly(byFacet(piece, 'neckline', among(...bareNecklines))),
		saidOnly(byFacet(piece, 'sleeveLength', among('strapless'))),
		thinStraps.test(piece.note ?? '') ? 'yes' : 'no',
		strappy,
		isBra(piece),
		// A vest covers the shoulder, and what hangs from straps does not: both have no sleeves.
		piece.stated('sleeveLength') === 'sleeveless' && piece.value('neckline') === undefined ? 'unknown' : 'no'
	);
}

const toesBare = (piece: PieceFacts): Answer =>
	piece.slot !== 'feet'
		? 'no'
		: anyOf(
				saidOnly(byFacet(piece, 'toe', among('open', 'peep'))),
				piece.type.family === 'sandals' && piece.stated('toe') === undefined ? 'by-kind' : 'no'
			);

const legsUpTo = (piece: PieceFacts, hems: readonly string[], legs: readonly string[]): Answer =>
	['outer', 'layer'].includes(piece.slot)
		? 'no'
		: anyOf(
				saidOnly(byFacet(piece, 'hemLength', among(...hems))),
				saidOnly(byFacet(piece, 'legLength', among(...legs)))
			);

/** Is it open there? Of what is cut out, and nobody said where, it is asked. */
function cutOutAt({ stated, note = '' }: PieceFacts, place: RegExp): Answer {
	const isNoted = /\bcut[- ]?(?:outs?|away)\b/i.test(note);
	if (isNoted) return place.test(note) ? 'yes' : 'no';
	return stated('texture') === 'cut-out' ? 'unknown' : 'no';
}

/** A back of which something is seen between the strings, or through it, as a note tells. */
const openedBack =
	/\b(?:lace[- ]?up|laced|tie[- ]?up|tied|corset|keyhole|mesh|lattice|strappy|criss-?cross(?:ed)?) back\b/i;

/** Would a bra show with it: what leaves the shoulders or the back bare, and perhaps what shows through or opens low? */
const braShows = (piece: PieceFacts): Answer =>
	!nextToSkin(piece) || piece.slot === 'under'
		? 'no'
		: anyOf(
				shoulders(piece),
				saidOnly(byFacet(piece, 'back', among('open', 'low', 'backless', 'racer'))),
				saidOnly(byFacet(piece, 'neckline', among('deep-v', 'plunge'))),
				cutOutAt(piece, /back|shoulder|side/i),
				['sheer', 'semi-sheer'].includes(piece.value('opacity') ?? '') ? 'unknown' : 'no'
			);

/** A slit opens a hem that covers: how far is told by a note, or is asked. */
function slitUpTo(piece: PieceFacts, height: RegExp): Answer {
	if (piece.stated('hemDetail') !== 'slit') return 'no';
	const note = piece.note ?? '';
	if (height.test(note)) return 'yes';
	return /knee|ankle|calf/i.test(note) ? 'no' : 'unknown';
}

/** What lies on the middle, or on the hips and the thighs. */
const lyingOn: Readonly<Record<'middle' | 'hips', readonly SlotId[]>> = {
	middle: ['top', 'whole', 'suit'],
	hips: ['legs', 'whole', 'suit']
};
/** What fits close may cling, or hold the shape as it is wanted: nobody but the client can say. */
function mayClingTo(where: 'middle' | 'hips', piece: PieceFacts): Answer {
	if (!lyingOn[where].includes(piece.slot)) return 'no';
	const isClose = anyOf(
		byFacet(piece, 'fit', among('skin-tight', 'close')),
		byFacet(piece, 'skirtShape', among('pencil')),
		where === 'hips' ? byFacet(piece, 'leg', among('skinny')) : 'no'
	);
	return saidOnly(isClose) === 'no' ? 'no' : 'unknown';
}

export const bodyProperties: readonly Property[] = [
	{
		positive: true,
		said: /\bflats? only\b|\bflat (?:soles?|shoes?|heels?) only\b|^(?:completely |totally )?flat only$/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, flatUpToCm)
	},
	{
		positive: true,
		said: /^(?:low|lower|small|kitten) heels? only$/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, lowUpToCm)
	},
	{
		said: /\bflat (?:soles?|shoes?)\b|^(?:nearly|almost|practically) flat$|^(?:to )?be (?:completely |totally )?flat$|^(?:barely|hardly|next to no|scarcely)(?: any| a)? heels?$|^(?:any |no |all )?heels?$|\bheels? (?:at all|of any kind)\b/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, flatUpToCm)
	},
	{
		said: /\bhigh heels?\b/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, midUpToCm)
	},
	{
		said: /strapless/i,
		asks: 'has it straps?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'sleeveLength', among('strapless'))),
				saidOnly(byFacet(piece, 'neckline', among('strapless'))),
				/\b(?:bandeau|tube)\b/i.test(piece.note ?? '') ? 'yes' : 'no'
			)
	},
	{
		positive: true,
		said: /^sleeves? only$/i,
		asks: 'has it sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless')
	},
	{
		part: /^upper$/,
		said: /upper arms?/i,
		asks: 'has it sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless', 'cap')
	},
	{
		part: /^elbows?$/,
		said: /\b(?:bare|uncovered) elbows?\b/i,
		asks: 'how long are its sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless', 'cap', 'short')
	},
	{
		part: /^(?:fore-?arms?|wrists?)$/,
		said: /\b(?:bare|uncovered) (?:fore-?arms?|wrists?)\b/i,
		asks: 'how long are its sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless', 'cap', 'short', 'elbow', 'three-quarter')
	},
	{
		positive: true,
		said: /^closed[ -](?:toes?|shoes?|toed? shoes?) only$/i,
		asks: 'is its toe open?',
		holds: toesBare
	},
	{
		part: /^arms?$/,
		said: /sleeveless|(?:bare|uncovered|naked|showing) arms?|arms? (?:bare|uncovered|showing|on show)/i,
		asks: 'has it sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless')
	},
	{
		part: /^shoulders?$/,
		said: /(?:bare|uncovered|naked) shoulders?|off.(?:the|one).shoulder|shoulders? (?:bare|showing|on show)|(?:spaghetti|thin|narrow|skinny|shoestring|delicate|fine) straps?/i,
		asks: 'does it leave the shoulders bare?',
		holds: shoulders
	},
	{
		part: /^backs?$/,
		said: /(?:bare|open|low|naked) backs?|backless|back (?:bare|showing)/i,
		asks: 'is its back open?',
		holds: (piece) =>
			nextToSkin(piece)
				? anyOf(
						saidOnly(byFacet(piece, 'back', among('open', 'low', 'backless', 'racer'))),
						saidOnly(byFacet(piece, 'neckline', among('halter'))),
						isBra(piece),
						openedBack.test(piece.note ?? '') ? 'unknown' : 'no',
						cutOutAt(piece, /\bback/i)
					)
				: 'no'
	},
	...([false, true] as const).map((positive): Property => ({
		...(positive && { positive }),
		said: positive
			? /^(?:[\w-]+ )?bras? only$/i
			: /\b(?:visible )?bra(?:[- ]?straps?|less)\b|\bvisible bras?\b/i,
		asks: 'would a bra show with it?',
		holds: braShows
	})),
	{
		part: /^(?:midriff|belly|stomach|tummy|middle|navel|waist)$/,
		said: /midriff|belly|stomach|tummy|\bbare waists?\b|crop(?:ped)? tops?/i,
		asks: 'where does it end?',
		holds: (piece) =>
			nextToSkin(piece)
				? anyOf(
						saidOnly(byFacet(piece, 'topLength', among('cropped'))),
						isBra(piece),
						// Between the blouse and the folds.
						piece.type.family === 'drapes' ? 'unknown' : 'no',
						cutOutAt(piece, /waist|sides?\b|middle|midriff|tummy|front/i)
					)
				: 'no'
	},
	{
		part: /^(?:cleavage|chest|bust|décolletage|decolletage)$/,
		said: /low neck|low.cut|cleavage|plung|bare chest|d[ée]collet/i,
		asks: 'how low is the neck?',
		holds: (piece) =>
			nextToSkin(piece)
				? anyOf(
						saidOnly(byFacet(piece, 'neckline', among(...lowNecklines))),
						isBra(piece),
						piece.type.id === 'bikini' ? 'by-kind' : 'no'
					)
				: 'no'
	},
	{
		part: /^(?:neck|throat)$/,
		asks: 'does it cover the neck?',
		holds: (piece) => {
			if (!nextToSkin(piece)) return 'no';
			const covered = byFacet(piece, 'neckline', (value) => !highNecklines.includes(value));
			// A collar may be buttoned to the top.
			return covered !== 'no' && (piece.value('collar') ?? 'collarless') !== 'collarless'
				? 'unknown'
				: covered;
		}
	},
	{
		said: /\b(?:open[- ]?back(?:ed)?|backless) (?:shoes?|heels?|sandals?)\b/i,
		asks: 'is it open at the heel?',
		holds: (piece) =>
			piece.slot === 'feet' &&
			['mules', 'sliders', 'flip-flops', 'clogs', 'slingbacks'].includes(piece.type.id)
				? 'by-kind'
				: 'no'
	},
	{
		// Of a neck, a back, a rise, whatever can be.
		said: /^low$/i,
		asks: 'how low is it?',
		holds: (piece) =>
			anyOf(
				nextToSkin(piece) ? saidOnly(byFacet(piece, 'neckline', among(...lowNecklines))) : 'no',
				Object.values(piece.garment.facets).some(({ value }) => value === 'low') ? 'yes' : 'no',
				Object.values(piece.type.usual).includes('low') ? 'by-kind' : 'no'
			)
	},
	{
		part: /^(?:toes?|feet|foot)$/,
		said: /\bbare (?:feet|foot|toes?)\b|\b(?:must|should|ha(?:s|ve) to|needs? to|to) be closed(?: at the toes?)?$/i,
		asks: 'is its toe open?',
		holds: toesBare
	},
	{
		part: /^collar-?bones?$/,
		said: /\bcollar-?bones?\b/i,
		asks: 'how wide is the neck?',
		holds: (piece) =>
			nextToSkin(piece)
				? saidOnly(byFacet(piece, 'neckline', among(...wideNecklines, ...lowNecklines, ...bareNecklines)))
				: 'no'
	},
	{
		part: /^knees?$/,
		said: /bare knees?|above the knee|knees? (?:bare|showing|on show)|short skirts?/i,
		asks: 'where does it end?',
		holds: (piece) =>
			anyOf(
				legsUpTo(piece, ['micro', 'mini', 'above-knee'], ['micro', 'short', 'mid-thigh']),
				slitUpTo(piece, /thigh|high|hip/i)
			)
	},
	{
		part: /^thighs?$/,
		said: /thighs?|\bmini\b|miniskirts?|very short/i,
		asks: 'how far up does it end or open?',
		holds: (piece) =>
			anyOf(
				legsUpTo(piece, ['micro', 'mini'], ['micro', 'short', 'mid-thigh']),
				slitUpTo(piece, /thigh|high|hip/i)
			)
	},
	{
		said: /\bslits?\b.*\b(?:above|higher than|over|past|to) (?:the |her )?(?:knee|thigh|hip)|\b(?:high|thigh|hip)(?:-high)? slits?\b/i,
		asks: 'how far up does it open?',
		holds: (piece) => slitUpTo(piece, /thigh|high|hip/i)
	},
	{
		part: /^ankles?$/,
		asks: 'where does it end?',
		holds: (piece) =>
			legsUpTo(
				piece,
				['micro', 'mini', 'above-knee', 'knee', 'midi', 'maxi'],
				['micro', 'short', 'mid-thigh', 'knee', 'cropped', 'ankle']
			)
	},
	{
		part: /^(?:legs?|calf|calves)$/,
		said: /(?:bare|uncovered|naked) (?:legs?|calf|calves)|(?:legs?|calves) (?:bare|uncovered|showing|on show)/i,
		asks: 'where does it end?',
		holds: (piece) =>
			legsUpTo(
				piece,
				['micro', 'mini', 'above-knee', 'knee', 'midi'],
				['micro', 'short', 'mid-thigh', 'knee', 'cropped']
			)
	},
	{
		said: /high necks?|roll.?necks?|polo.?necks?|turtle.?necks?|tight (?:necks?|collars?)|anything (?:at|round) the (?:neck|throat)/i,
		asks: 'how high is the neck?',
		holds: (piece) => saidOnly(byFacet(piece, 'neckline', among(...highNecklines)))
	},
	...(['middle', 'hips'] as const).map((where): Property => ({
		said: new RegExp(`^clinging to the ${where}$`, 'i'),
		asks: `does it cling to the ${where}?`,
		holds: (piece) => mayClingTo(where, piece)
	})),
	{
		said: /\btight\b|clingy|bodycon|skin.tight|figure.hugging/i,
		asks: 'how close does it fit?',
		holds: (piece) =>
			piece.slot === 'hosiery'
				? 'no'
				: anyOf(
						saidOnly(byFacet(piece, 'fit', among('skin-tight'))),
						saidOnly(byFacet(piece, 'leg', among('skinny'))),
						// "A tight shirt" is close, and so is a fitted one.
						piece.stated('fit') === 'close' ? 'unknown' : 'no'
					)
	},
	{
		said: /see.through|sheer|transparent/i,
		asks: 'does it show through?',
		holds: (piece) => {
			if (piece.slot === 'hosiery') return 'no';
			const stated = piece.stated('opacity');
			if (stated !== undefined) return stated === 'opaque' ? 'no' : 'yes';
			const cloth = piece.value('material');
			if (cloth && sheerCloth.includes(cloth)) return 'by-kind';
			// A yoke, a back of it.
			return anyOf(
				saidOnly(byFacet(piece, 'opacity', among('sheer', 'semi-sheer'))),
				/\b(?:sheer|see-?through|transparent|mesh|net|tulle)\b/i.test(piece.note ?? '') ? 'unknown' : 'no'
			);
		}
	}
];
