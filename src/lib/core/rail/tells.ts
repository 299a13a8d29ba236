/** What a rail tells of itself: what there is much of, what is missing, doubled, unworn, and what carries it. */
import { factsOfGarment, type GarmentFacts } from '../checks/facts';
import { thresholds } from '../checks/thresholds';
import { kindSimilarity } from '../closeness/kind';
import { closenessTo } from '../closeness/piece';
import { facetOf, placeOf } from '../lexicon/facets';
import type { SlotId } from '../lexicon/slots';
import { closest, indexGarments } from '../matching/garment-index';
import { wearable } from '../matching/items';
import type { Garment } from '../model/garment';
import { shownParts, type Piece } from '../model/piece';
import { filterRail, type RailUse } from './filter';
import { traitOf, valuesOf, type TraitValue } from './traits';

/** Pieces of a rail, by id, under words of their own. */
interface Told {
	words: string;
	ids: string[];
}

/** What is worn together at one level of dressiness. */
const wornAs = {
	tops: ['top'],
	bottoms: ['legs'],
	'one-pieces': ['whole', 'drape', 'suit'],
	layers: ['layer', 'suit'],
	coats: ['outer'],
	shoes: ['feet'],
	bags: ['bag']
} as const satisfies Record<string, readonly SlotId[]>;
type WornAs = keyof typeof wornAs;
const wornAsIds = Object.keys(wornAs) as WornAs[];

/** How far cloth stands off: close, regular, loose (as the rule on two volumes parts them). */
const volumes = ['close', 'regular', 'loose'] as const;
type Volume = (typeof volumes)[number];

export interface RailTells {
	/** Families of colours, most pieces first, with the colour of its largest piece. */
	colours: (TraitValue & { hex: string; ids: string[] })[];
	/** By level of dressiness (in the order of the facet) and by what is worn as what, the pieces that lie there. */
	spread: { level: string; label: string; pieces: Record<WornAs, string[]> }[];
	/** Tops, bottoms and one-pieces by their volume. */
	volume: { as: WornAs; pieces: Record<Volume, string[]> }[];
	/** By level, what is missing to be dressed for it; `ids` are the pieces that are there. */
	gaps: Told[];
	/** Near-identical pieces, the largest group first. */
	doubles: Told[];
	neverWorn: string[];
	longUnworn: string[];
	/** Worn most, the most first. */
	workhorses: { id: string; times: number }[];
}

export interface TellsOptions {
	used: RailUse;
	/** What was last worn before this day is long unworn (ISO date). */
	longBefore: string;
}

/** From this closeness on, both ways, two pieces do the same (this project's). */
const sameFrom = 0.88;
/** And they are of one kind, or one is named by the word for the other's. */
const oneKindFrom = 0.8;
const oneKind = ({ type: a }: Garment, { type: b }: Garment) =>
	Math.max(kindSimilarity(a, b), kindSimilarity(b, a)) >= oneKindFrom;
const asAsked = (garment: Garment) => ({ garment, open: [], signature: [] });

/** Pieces of a rail that do the same as a garment: of its kind, and as close as `sameFrom` whichever of them is asked for. */
export function doublesOfGarment(garment: Garment, pieces: readonly Piece[]): Piece[] {
	const toIt = closenessTo(asAsked(garment));
	return pieces.filter((piece) => {
		const [part, another] = shownParts(piece);
		return (
			part !== undefined &&
			another === undefined &&
			oneKind(garment, part.garment) &&
			toIt(part.garment).closeness >= sameFrom &&
			closenessTo(asAsked(part.garment))(garment).closeness >= sameFrom
		);
	});
}

/** Worn so often, a piece carries the rail. */
const workhorseFrom = 3;
const workhorsesShown = 6;
const fitPlace = (id: string) => placeOf('fit', id);

interface Thing {
	piece: Piece;
	garment: Garment;
	facts: GarmentFacts;
}
const unique = (ids: readonly string[]) => [...new Set(ids)];
const idsOf = (things: readonly Thing[]) => unique(things.map(({ piece }) => piece.id));
const isWornAs = ({ facts }: Thing, as: WornAs) => (wornAs[as] as readonly SlotId[]).includes(facts.slot);

function spreadOf(things: readonly Thing[]): RailTells['spread'] {
	return facetOf('formality').values.map(({ id, label }, place) => ({
		level: id,
		label,
		pieces: Object.fromEntries(
			wornAsIds.map((as) => [
				as,
				idsOf(
					things.filter(
						(thing) =>
							isWornAs(thing, as) &&
							thing.facts.formality !== undefined &&
							Math.round(thing.facts.formality) === place
					)
				)
			])
		) as Record<WornAs, string[]>
	}));
}

function volumeOf({ facts }: Thing): Volume | undefined {
	const fit = facts.value('fit');
	if (fit === undefined) return undefined;
	const place = fitPlace(fit);
	if (place >= thresholds.looseFit) return 'loose';
	return place < fitPlace('regular') ? 'close' : 'regular';
}
function volumesOf(things: readonly Thing[]): RailTells['volume'] {
	return (['tops', 'bottoms', 'one-pieces', 'layers'] as const).map((as) => ({
		as,
		pieces: Object.fromEntries(
			volumes.map((volume) => [
				volume,
				idsOf(things.filter((thing) => isWornAs(thing, as) && volumeOf(thing) === volume))
			])
		) as Record<Volume, string[]>
	}));
}

function coloursOf(pieces: readonly Piece[], things: readonly Thing[]): RailTells['colours'] {
	return valuesOf('colour', pieces)
		.map((one) => {
			const seen = things.flatMap(({ facts: { area, colours } }) =>
				colours.flatMap(({ family, hex }) => (family === one.value ? { area, hex } : []))
			);
			return {
				...one,
				hex: seen.sort((a, b) => b.area - a.area)[0]?.hex ?? '',
				ids: pieces.filter((piece) => traitOf(piece, 'colour').has(one.value)).map(({ id }) => id)
			};
		})
		.sort((a, b) => b.count - a.count);
}

/** Levels that a client dresses for; nobody is asked to own sports clothes. */
const dressedLevels = ['casual', 'smart-casual', 'business', 'cocktail', 'formal'];
/** What an outfit wants at the least: a base, and shoes; the rest goes from one level to the next. */
function missingAt({ pieces }: RailTells['spread'][number]): string[] {
	const has = (as: WornAs) => pieces[as].length > 0;
	const base = has('one-pieces') || (has('tops') && has('bottoms'));
	const wanted: [boolean, string][] = [
		[base, has('tops') ? 'bottoms' : has('bottoms') ? 'tops' : 'tops, bottoms or one-pieces'],
		[has('shoes'), 'shoes'],
		[has('layers') || has('coats'), 'layers']
	];
	return wanted.filter(([there]) => !there).map(([, what]) => what);
}
function gapsOf(spread: RailTells['spread']): Told[] {
	return spread
		.filter(({ level }) => dressedLevels.includes(level))
		.flatMap((one) => {
			const missing = missingAt(one);
			return missing.length === 0
				? []
				: [
						{
							words: `${one.label}: no ${missing.join(', no ')}`,
							ids: unique(wornAsIds.flatMap((as) => one.pieces[as]))
						}
					];
		});
}

/**
 * Groups of pieces of a kind that do the same: every two of a group come as close to each other as `sameFrom`, whichever of them
 * is asked for. Each piece stands in one group at most.
 */
export function doublesOf(pieces: readonly Piece[]): Piece[][] {
	const single = pieces.filter((piece) => shownParts(piece).length === 1);
	const garmentOf = (piece: Piece) => shownParts(piece)[0]?.garment as Garment;
	const index = indexGarments(single.map(garmentOf));
	const near = single.map(
		(piece) =>
			new Set(
				closest(index, asAsked(garmentOf(piece)), { least: sameFrom, most: single.length }).flatMap(
					({ at }) => {
						const other = single[at];
						return other && oneKind(garmentOf(piece), garmentOf(other)) ? [at] : [];
					}
				)
			)
	);
	const grouped = new Set<number>();
	return single
		.flatMap((_, at) => {
			if (grouped.has(at)) return [];
			const group = [at];
			for (const other of near[at] ?? [])
				if (
					other > at &&
					!grouped.has(other) &&
					group.every((one) => near[other]?.has(one) && near[one]?.has(other))
				)
					group.push(other);
			if (group.length < 2) return [];
			for (const one of group) grouped.add(one);
			return [group.flatMap((one) => single[one] ?? [])];
		})
		.sort((a, b) => b.length - a.length);
}

/** What a rail tells of itself. Pieces that are away or retired are not counted. */
export function railTells(all: readonly Piece[], { used, longBefore }: TellsOptions): RailTells {
	const pieces = all.filter(wearable);
	const things = pieces.flatMap((piece) =>
		piece.parts.map(({ garment }): Thing => ({ piece, garment, facts: factsOfGarment(garment) }))
	);
	const spread = spreadOf(things);
	const idsWith = (use: 'never-worn' | 'long-unworn') =>
		filterRail(pieces, { use, longBefore }, used).map(({ id }) => id);
	return {
		colours: coloursOf(pieces, things),
		spread,
		volume: volumesOf(things),
		gaps: gapsOf(spread),
		doubles: doublesOf(pieces).map((group) => ({
			words: group.map(({ name }) => name).join(' · '),
			ids: group.map(({ id }) => id)
		})),
		neverWorn: idsWith('never-worn'),
		longUnworn: idsWith('long-unworn'),
		workhorses: pieces
			.flatMap(({ id }) => {
				const times = used.worn.get(id)?.times ?? 0;
				return times >= workhorseFrom ? [{ id, times }] : [];
			})
			.sort((a, b) => b.times - a.times)
			.slice(0, workhorsesShown)
	};
}
