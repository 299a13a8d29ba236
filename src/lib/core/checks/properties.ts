/**
 * Does this thing, worn so, have this property? Asked of one place by every limit and caution. A stated value is the answer;
 * without one, what is usual for its kind; where neither tells, it is not known, and somebody is asked.
 */
import { heelOfShoe } from '../body/heights';
import type { FacetId } from '../lexicon/facets';
import {
	bareNecklines,
	highNecklines,
	isNoted,
	likelyWool,
	lowNecklines,
	materialKinds,
	materialsOfParts,
	maybeFur,
	sheerCloth,
	shoulderStraps,
	type MaterialKind
} from '../lexicon/limit-properties';
import type { PieceFacts } from './facts';

export type Answer =
	/** It is stated, or its name says so. */
	| 'yes'
	/** So it usually is with its kind. */
	| 'by-kind'
	| 'no'
	/** Nobody said, and its kind does not tell. */
	| 'unknown';

/** The strongest of several answers: any yes is one, and what is not known outweighs a no. */
export function anyOf(...answers: readonly Answer[]): Answer {
	return (['yes', 'by-kind', 'unknown'] as const).find((answer) => answers.includes(answer)) ?? 'no';
}

/** Whether a facet's value is one of those that count; a type that cannot have the facet does not have them. */
function byFacet(piece: PieceFacts, facet: FacetId, counts: (value: string) => boolean): Answer {
	const stated = piece.stated(facet);
	if (stated !== undefined) return counts(stated) ? 'yes' : 'no';
	const usual = piece.type.usual[facet];
	if (usual !== undefined) return counts(usual) ? 'by-kind' : 'no';
	return piece.type.facets.includes(facet) ? 'unknown' : 'no';
}
const among =
	(...values: readonly string[]) =>
	(value: string) =>
		values.includes(value);
/** Longer than a doubt: where nobody said, and few of its kind are so. */
const saidOnly = (answer: Answer): Answer => (answer === 'unknown' ? 'no' : answer);

/** The heel of a shoe in cm: as stated, or as is usual for its kind; undefined for what has none. */
export function heelOf(piece: PieceFacts): { cm: number; sure: boolean } | undefined {
	const heel = heelOfShoe(piece.garment);
	return heel && { cm: heel.cm, sure: heel.stated };
}
/** A sole of up to this is flat (cm; common practice). */
const flatUpToCm = 2;
/** From here on a heel is a high one (cm; common practice). */
const highFromCm = 7.5;

function heelOver(piece: PieceFacts, cm: number): Answer {
	if (piece.slot !== 'feet') return 'no';
	const heel = heelOf(piece);
	if (!heel) return 'unknown';
	if (heel.cm <= cm) return 'no';
	return heel.sure ? 'yes' : 'by-kind';
}

/** Does it cover the body by itself, so that what it leaves bare is bare? A layer is worn over something. */
const nextToSkin = ({ slot }: PieceFacts) => ['top', 'whole', 'drape', 'under'].includes(slot);

function sleevesAre(piece: PieceFacts, ...lengths: readonly string[]): Answer {
	if (!nextToSkin(piece)) return 'no';
	const bySleeve = byFacet(piece, 'sleeveLength', among(...lengths));
	if (piece.stated('sleeveLength') !== undefined) return bySleeve;
	// A neckline that leaves no shoulder to hang a sleeve from says it too.
	return anyOf(bySleeve, saidOnly(byFacet(piece, 'neckline', among('strapless', 'halter'))));
}

function shoulders(piece: PieceFacts): Answer {
	if (!nextToSkin(piece)) return 'no';
	const strappy: Answer =
		shoulderStraps.includes(piece.type.id) &&
		byFacet(piece, 'sleeveLength', among('sleeveless', 'strapless')) !== 'no'
			? 'by-kind'
			: 'no';
	return anyOf(
		saidOnly(byFacet(piece, 'neckline', among(...bareNecklines))),
		saidOnly(byFacet(piece, 'sleeveLength', among('strapless'))),
		strappy
	);
}

const legsUpTo = (piece: PieceFacts, hems: readonly string[], legs: readonly string[]): Answer =>
	['outer', 'layer'].includes(piece.slot)
		? 'no'
		: anyOf(
				saidOnly(byFacet(piece, 'hemLength', among(...hems))),
				saidOnly(byFacet(piece, 'legLength', among(...legs)))
			);

/** Is it, or a part of it, made of a material or of its kin? What only its note speaks of is asked. */
export function madeOf(piece: PieceFacts, kind: MaterialKind): Answer {
	const whole = clothIs(piece, kind);
	return whole === 'no' && piece.note && isNoted(kind, piece.note) ? 'unknown' : whole;
}

function clothIs(piece: PieceFacts, kind: MaterialKind): Answer {
	const { is, maybe = [] } = materialKinds[kind];
	const cloth = [piece.stated('material'), piece.stated('texture'), ...materialsOfParts(piece.stated)];
	if (cloth.some((value) => value !== undefined && is.includes(value))) return 'yes';
	const material = piece.stated('material');
	if (material !== undefined) return maybe.includes(material) ? 'unknown' : 'no';
	const usual = piece.type.usual.material;
	if (usual !== undefined && is.includes(usual)) return 'by-kind';
	if (kind === 'fur' && maybeFur.includes(piece.type.id)) return 'unknown';
	if (kind === 'wool' && (likelyWool.includes(piece.type.family) || (usual && maybe.includes(usual))))
		return 'unknown';
	return usual !== undefined && maybe.includes(usual) ? 'unknown' : 'no';
}

export interface Property {
	/** Limits in a client's own words that speak of it. */
	said: RegExp;
	/** What is asked where it is not known. */
	asks: string;
	holds: (piece: PieceFacts) => Answer;
}

/** What a client may not want worn or shown, that is no kind of piece, colour or print. The first that is said counts with the others. */
export const properties: readonly Property[] = [
	{
		said: /\bflats? only\b|\bonly flats?\b|\bflat (?:soles?|shoes?)\b|^(?:any |no |all )?heels?$|\bheels? (?:at all|of any kind)\b/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, flatUpToCm)
	},
	{
		said: /\bhigh heels?\b/i,
		asks: 'how high is the heel?',
		holds: (piece) => heelOver(piece, highFromCm)
	},
	{
		said: /strapless/i,
		asks: 'has it straps?',
		holds: (piece) =>
			anyOf(
				saidOnly(byFacet(piece, 'sleeveLength', among('strapless'))),
				saidOnly(byFacet(piece, 'neckline', among('strapless')))
			)
	},
	{
		said: /sleeveless|upper arms?|(?:bare|uncovered|naked|showing) arms?|arms? (?:bare|uncovered|showing|on show)/i,
		asks: 'has it sleeves?',
		holds: (piece) => sleevesAre(piece, 'sleeveless', 'strapless')
	},
	{
		said: /(?:bare|uncovered|naked) shoulders?|off.the.shoulder|shoulders? (?:bare|showing|on show)|spaghetti straps?/i,
		asks: 'does it leave the shoulders bare?',
		holds: shoulders
	},
	{
		said: /(?:bare|open|low|naked) backs?|backless|back (?:bare|showing)/i,
		asks: 'is its back open?',
		holds: (piece) =>
			nextToSkin(piece)
				? anyOf(
						saidOnly(byFacet(piece, 'back', among('open', 'low', 'backless', 'racer'))),
						saidOnly(byFacet(piece, 'neckline', among('halter')))
					)
				: 'no'
	},
	{
		said: /midriff|belly|stomach|tummy|crop(?:ped)? tops?/i,
		asks: 'where does it end?',
		holds: (piece) => (nextToSkin(piece) ? saidOnly(byFacet(piece, 'topLength', among('cropped'))) : 'no')
	},
	{
		said: /low neck|low.cut|cleavage|plung|bare chest|d[ée]collet/i,
		asks: 'how low is the neck?',
		holds: (piece) =>
			nextToSkin(piece) ? saidOnly(byFacet(piece, 'neckline', among(...lowNecklines))) : 'no'
	},
	{
		said: /bare knees?|above the knee|knees? (?:bare|showing|on show)|short skirts?/i,
		asks: 'where does it end?',
		holds: (piece) => legsUpTo(piece, ['micro', 'mini', 'above-knee'], ['micro', 'short', 'mid-thigh'])
	},
	{
		said: /thighs?|\bmini\b|miniskirts?|very short/i,
		asks: 'where does it end?',
		holds: (piece) => legsUpTo(piece, ['micro', 'mini'], ['micro', 'short'])
	},
	{
		said: /high necks?|roll.?necks?|polo.?necks?|turtle.?necks?|tight necks?|anything (?:at|round) the (?:neck|throat)/i,
		asks: 'how high is the neck?',
		holds: (piece) => saidOnly(byFacet(piece, 'neckline', among(...highNecklines)))
	},
	{
		said: /\btight\b|clingy|bodycon|skin.tight|figure.hugging/i,
		asks: 'how close does it fit?',
		holds: (piece) => (piece.slot === 'hosiery' ? 'no' : saidOnly(byFacet(piece, 'fit', among('skin-tight'))))
	},
	{
		said: /see.through|sheer|transparent/i,
		asks: 'does it show through?',
		holds: (piece) => {
			if (piece.slot === 'hosiery') return 'no';
			const stated = piece.stated('opacity');
			if (stated !== undefined) return stated === 'opaque' ? 'no' : 'yes';
			const cloth = piece.value('material') ?? '';
			return sheerCloth.includes(cloth)
				? 'by-kind'
				: saidOnly(byFacet(piece, 'opacity', among('sheer', 'semi-sheer')));
		}
	},
	{
		said: /scratchy|itchy|prickly/i,
		asks: 'does it scratch?',
		holds: (piece) => madeOf(piece, 'scratchy')
	},
	{ said: /rustl/i, asks: 'does it rustle?', holds: (piece) => madeOf(piece, 'rustling') },
	...(['leather', 'fur', 'feather', 'down', 'wool', 'silk', 'latex'] as const).map((kind): Property => ({
		said: materialKinds[kind].said,
		asks: materialKinds[kind].asks,
		holds: (piece) => madeOf(piece, kind)
	}))
];

/** The properties that a limit in words speaks of. */
export const propertiesSaid = (limit: string): readonly Property[] =>
	properties.filter(({ said }) => said.test(limit));
