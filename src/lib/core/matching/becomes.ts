/** What an owned piece can turn into. */
import { seatCoverCm, usualLengthCm } from '../body/hem-landing';
import {
	closenessTo,
	type Asked,
	type ClosenessOptions,
	type ClosenessTo,
	type PieceCloseness
} from '../closeness/piece';
import { deltaE00 } from '../colour/difference';
import { labOfHex } from '../colour/spaces';
import type { FacetId } from '../lexicon/facets';
import { bodyMeasures } from '../lexicon/measures';
import { transformationIds, type TransformationId } from '../lexicon/transformation-ids';
import { transformationOf, type Need, type Transformation } from '../lexicon/transformations';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import { optionsOfPiece, type OwnedOption } from './items';
import { transformed } from './transformed';

/** A need, looked at for this piece and this client. */
export interface CheckedNeed {
	/** With its figures: "77 cm from the shoulder to cover the seat; it has 81". */
	words: string;
	/** unknown: a measure is missing, or only the eye can tell */
	met: 'yes' | 'no' | 'unknown';
}

/** An owned piece as something else. */
export interface Becoming extends OwnedOption {
	id: TransformationId;
	transformation: Transformation;
	needs: CheckedNeed[];
	closeness: PieceCloseness;
}

const valueOf = (garment: Garment, facet: FacetId) =>
	garment.facets[facet]?.value ?? garmentType(garment.type).usual[facet];

const isOneOf = (values: readonly string[], value: string | undefined) =>
	value !== undefined && values.includes(value);

function isFrom({ types, families, facets = {} }: Transformation['from'], garment: Garment): boolean {
	const named =
		(types?.includes(garment.type) ?? false) ||
		(families?.includes(garmentType(garment.type).family) ?? false);
	return (
		named &&
		Object.entries(facets).every(([facet, values]) => isOneOf(values, valueOf(garment, facet as FacetId)))
	);
}

const cm = (value: number) => `${Math.round(value)} cm`;
const measured = (words: string, needed: number, has: number | undefined): CheckedNeed => {
	if (has === undefined) return { words: `${words}: ${cm(needed)}; measure it`, met: 'unknown' };
	return {
		words: `${words}: ${cm(needed)}; it has ${cm(has)}`,
		met: Math.round(has) >= Math.round(needed) ? 'yes' : 'no'
	};
};

/** Longest way across: a length as it is, the diagonal of a square with a measured side. */
function reachOf({ measuresCm: { length, side } }: Pick<Piece, 'measuresCm'>, by: 'length' | 'diagonal') {
	if (by === 'length' || side === undefined) return length;
	return side * Math.SQRT2;
}

function checkNeed(
	need: Need,
	garment: Garment,
	piece: Pick<Piece, 'measuresCm'>,
	measurements: Client['measurements']
): CheckedNeed {
	switch (need.kind) {
		case 'look':
			return { words: need.words, met: 'unknown' };
		case 'facet': {
			const value = valueOf(garment, need.facet);
			if (value === undefined) return { words: need.words, met: 'unknown' };
			return { words: need.words, met: isOneOf(need.values, value) ? 'yes' : 'no' };
		}
		case 'not': {
			const value = valueOf(garment, need.facet);
			// What is not noted is not claimed: it is looked at.
			if (value === undefined) return { words: need.words, met: 'unknown' };
			return { words: need.words, met: isOneOf(need.values, value) ? 'no' : 'yes' };
		}
		case 'lighter-than': {
			const { palette } = garment;
			if (palette.length === 0) return { words: need.words, met: 'unknown' };
			const lighter = palette.every(({ hex }) => labOfHex(hex).l >= need.darkest);
			return { words: need.words, met: lighter ? 'yes' : 'no' };
		}
		case 'at-least-cm':
			return measured('length', need.cm, piece.measuresCm.length);
		case 'goes-round': {
			const girth = measurements[need.measure];
			const words = `to go round the ${bodyMeasures[need.measure].label} and be tied`;
			if (girth === undefined)
				return {
					words: `${words}: the ${bodyMeasures[need.measure].label} and ${cm(need.extraCm)}`,
					met: 'unknown'
				};
			return measured(words, girth + need.extraCm, reachOf(piece, need.by));
		}
		case 'covers-seat': {
			const needed = seatCoverCm(measurements);
			if (needed === undefined)
				return { words: 'to end a hand below the seat; the client’s height is missing', met: 'unknown' };
			return measured(
				'from the shoulder, to end a hand below the seat',
				needed,
				piece.measuresCm.length ?? usualLengthCm(garment)
			);
		}
	}
}

/** A way of a piece, whatever it is to answer. */
export type Way = Omit<Becoming, 'closeness'>;

/** The ways of pieces, remembered: they hang on the piece and the client's measures, not on the element. */
const known = new WeakMap<object, WeakMap<Piece, Way[]>>();
/** Stands for a client without measures. */
const unmeasured: Client['measurements'] = {};

function workedOut(piece: Piece, measurements: Client['measurements']): Way[] {
	return optionsOfPiece(piece).flatMap((option) =>
		transformationIds
			.filter((id) => isFrom(transformationOf(id).from, option.garment))
			.flatMap((id): Way[] => {
				const transformation = transformationOf(id);
				const needs = transformation.needs.map((need) =>
					checkNeed(need, option.garment, piece, measurements)
				);
				if (needs.some(({ met }) => met === 'no')) return [];
				return [
					{
						...option,
						item: { ...option.item, becomes: id },
						garment: transformed(option.garment, id),
						title: `${option.title}, ${transformation.label}`,
						id,
						transformation,
						needs
					}
				];
			})
	);
}

/** What a piece can become whatever it is to answer: the ways whose needs do not fail for these measures. */
export function waysOf(piece: Piece, measurements: Client['measurements'] = unmeasured): Way[] {
	let ofMeasures = known.get(measurements);
	if (!ofMeasures) known.set(measurements, (ofMeasures = new WeakMap()));
	let ways = ofMeasures.get(piece);
	if (!ways) ofMeasures.set(piece, (ways = workedOut(piece, measurements)));
	return ways;
}

/** A colour as near as this to the one that is asked for is that colour (CIEDE2000). */
const asAsked = 12;

/** Nothing is altered but for what is asked for: that length, that fit, that colour. */
function bringsAsked({ transformation: { to } }: Way, asked: Garment): boolean {
	const [first] = asked.palette;
	return (
		Object.entries(to.facets ?? {}).every(
			([facet, value]) => asked.facets[facet as FacetId]?.value === value
		) &&
		(to.metal === undefined || asked.metal?.value === to.metal) &&
		(to.palette === undefined ||
			(first !== undefined && deltaE00(labOfHex(first.hex), labOfHex(to.palette)) <= asAsked))
	);
}

/** The ways of a piece that can answer an element, each with how close it then comes. */
const answersOf = (
	piece: Piece,
	asked: Asked,
	closenessOf: ClosenessTo,
	measurements?: Client['measurements']
): Becoming[] =>
	waysOf(piece, measurements).flatMap((way) => {
		if (way.transformation.altering && !bringsAsked(way, asked.garment)) return [];
		const closeness = closenessOf(way.garment);
		return closeness.worn ? [{ ...way, closeness }] : [];
	});

/** What is only worn otherwise comes before what is altered. */
const isAltered = ({ transformation: { altering } }: Becoming) => (altering ? 1 : 0);
const byCloseness = (a: Becoming, b: Becoming) => b.closeness.closeness - a.closeness.closeness;

export interface BecomesOptions extends ClosenessOptions {
	/** Who is to wear it; without measurements the needs that hang on them are not known. */
	client?: Partial<Pick<Client, 'measurements' | 'figure'>>;
}

/**
 * What a piece can become in answer to an element, the closest first. A way whose needs fail for this piece and this
 * client is not given, so that the next best comes first; needs that cannot be told from what is known are given as such.
 */
export const becomes = (piece: Piece, element: Asked, options: BecomesOptions = {}): Becoming[] =>
	answersOf(piece, element, closenessTo(element, options), options.client?.measurements).sort(byCloseness);

/** A way less close than this is not worth the turning (0..1). */
const worthTurning = 0.45;
/** What costs money and cannot well be undone is offered where it wins at least so much. */
const worthAltering = 0.08;

/**
 * What the pieces of a wardrobe can become in answer to an element, the closest first: only ways that come nearer than the
 * piece does as it is; what is only worn otherwise before what is altered.
 */
export function becomingsOf(
	pieces: readonly Piece[],
	element: Asked,
	options: BecomesOptions = {}
): Becoming[] {
	const closenessOf = closenessTo(element, options);
	return pieces
		.flatMap((piece) => {
			const ways = answersOf(piece, element, closenessOf, options.client?.measurements).filter(
				({ closeness }) => closeness.closeness > worthTurning
			);
			if (ways.length === 0) return [];
			const plainly = Math.max(...optionsOfPiece(piece).map(({ garment }) => closenessOf(garment).closeness));
			return ways.filter(
				({ closeness, transformation: { altering } }) =>
					closeness.closeness > plainly + (altering ? worthAltering : 0)
			);
		})
		.sort((a, b) => isAltered(a) - isAltered(b) || byCloseness(a, b));
}
