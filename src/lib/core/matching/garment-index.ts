/** Many garments laid out in columns, so that one element is compared with all of them at once. */
import { paletteComparer } from '../colour/palette';
import {
	compareAspect,
	signatureCap,
	weighedAspects,
	type Asked,
	type ClosenessOptions,
	type Compared
} from '../closeness/piece';
import { filledByKind } from '../closeness/by-kind';
import { isLoud, listenerFor, unaskedIn } from '../closeness/unasked';
import { facetIds, type FacetId } from '../lexicon/facets';
import type { TypeId } from '../lexicon/types';
import { canAnswer, typeHasFacet } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { AspectId } from '../model/reference';

/** One aspect of all garments: for each the number of its value, 0 where it states none. */
interface Column {
	values: Uint32Array;
	/** For each number a garment that has the value; nothing at 0. */
	examples: (Garment | undefined)[];
}

export interface GarmentIndex {
	garments: readonly Garment[];
	/** The same with what their kinds and cloths say of them; undefined of one in which nothing could shout. */
	loud: readonly (Garment | undefined)[];
	/** Numbers of types begin at 1. */
	types: Column;
	columns: Record<Exclude<AspectId, 'type'>, Column>;
}

const keyOf: Record<'palette' | 'print' | 'metal', (garment: Garment) => string | undefined> = {
	palette: ({ palette }) =>
		palette.length === 0
			? undefined
			: palette.length === 1
				? palette[0]?.hex
				: palette.map(({ hex, share }) => `${hex} ${share}`).join(),
	print: ({ print }) => print && `${print.family.value} ${print.scale?.value ?? ''}`,
	metal: ({ metal }) => metal?.value
};

/** A column that is filled garment by garment. */
class ColumnBuilder implements Column {
	values: Uint32Array;
	examples: Column['examples'] = [undefined];
	#numbers = new Map<string, number>();
	/** What is only assumed is worth less than what is stated: numbers of its own. */
	#assumed = new Map<string, number>();

	constructor(rows: number) {
		this.values = new Uint32Array(rows);
	}

	put(row: number, garment: Garment, value: string | undefined, isAssumed = false): void {
		if (value === undefined) return;
		const numbers = isAssumed ? this.#assumed : this.#numbers;
		let number = numbers.get(value);
		if (number === undefined) {
			number = this.examples.length;
			numbers.set(value, number);
			this.examples.push(garment);
		}
		this.values[row] = number;
	}
}

/** Lays garments out for `closest`. Made once for a stock; its garments must not change afterwards. */
export function indexGarments(garments: readonly Garment[]): GarmentIndex {
	const column = () => new ColumnBuilder(garments.length);
	const facets = Object.fromEntries(facetIds.map((id) => [id, column()])) as Record<FacetId, ColumnBuilder>;
	const [types, palette, print, metal] = [column(), column(), column(), column()];
	const loud = garments.map((garment, row) => {
		const filled = filledByKind(garment);
		for (const id in filled.facets) {
			const stated = filled.facets[id as FacetId];
			facets[id as FacetId].put(row, filled, stated?.value, stated?.provenance === 'assumed');
		}
		types.put(row, garment, garment.type);
		palette.put(row, garment, keyOf.palette(garment));
		print.put(row, garment, keyOf.print(garment));
		metal.put(row, garment, keyOf.metal(garment));
		return isLoud(filled) ? filled : undefined;
	});
	return { garments, loud, types, columns: { ...facets, palette, print, metal } };
}

/** What an aspect's values are worth to the element; worked out when a value is first asked for. */
interface Table {
	values: Uint32Array;
	share: number;
	signature: boolean;
	/** By number of the value; NaN where it was not asked for yet. */
	similarity: Float64Array;
	worthOf: (value: number) => number;
	/** 1 where the value is not stated; known once its worth was asked for. */
	unstated: Uint8Array;
	/** By number of the type: 1 where garments of the type cannot have the aspect. */
	impossible: Uint8Array;
	/** Is a value too dear to compare before it is known to matter, as a palette is? */
	dear: boolean;
}

const isFacet = (aspect: AspectId): aspect is FacetId =>
	!['type', 'palette', 'print', 'metal'].includes(aspect);

/** A garment that states nothing, for the worth of what is not stated. */
const silent = (type: TypeId): Garment => ({ type, facets: {}, palette: [] });

function tableOf(
	index: GarmentIndex,
	element: Asked,
	one: { aspect: AspectId; share: number; signature: boolean },
	schools: ClosenessOptions['schools'] = {}
): Table {
	const { aspect, share, signature } = one;
	const asked = element.garment;
	const { values, examples } = aspect === 'type' ? index.types : index.columns[aspect];
	const similarity = new Float64Array(examples.length).fill(NaN);
	const unstated = new Uint8Array(examples.length);
	const impossible = new Uint8Array(index.types.examples.length);
	const dear = aspect === 'palette' && asked.palette.length > 0;
	const compare = dear
		? paletteComparer(asked.palette, { familyFloor: schools.colours !== 'repeat-exactly' })
		: undefined;
	const comparedAt = (number: number): Compared => {
		const example = examples[number];
		return example && compare
			? { similarity: compare(example.palette), status: 'stated' }
			: compareAspect(aspect, asked, example ?? silent(asked.type), schools);
	};
	const worthOf = (number: number): number => {
		const known = similarity[number] ?? NaN;
		if (!Number.isNaN(known)) return known;
		const { similarity: worth, status } = comparedAt(number);
		if (status === 'unstated') unstated[number] = 1;
		return (similarity[number] = worth);
	};
	if (isFacet(aspect))
		index.types.examples.forEach((example, number) => {
			if (example && !typeHasFacet(example.type, aspect)) impossible[number] = 1;
		});
	return { values, share, signature, similarity, worthOf, unstated, impossible, dear };
}

export interface Closest {
	/** Place of the garment in the index. */
	at: number;
	/** 0..1 */
	closeness: number;
	/** 0..1 */
	confidence: number;
}

export interface ClosestOptions extends Pick<ClosenessOptions, 'schools'> {
	/** How many to give at most. */
	most?: number;
	/** Garments less close than this are left out (0..1). */
	least?: number;
	/** Places of garments that may be given; all without it. Asked only of what would be given. */
	accepts?: (at: number) => boolean;
}

/** The most that each garment's closeness can be, by all that is cheap to compare; −1 where it is worn elsewhere. */
function boundsOf(tables: readonly Table[], types: Uint32Array, worn: Uint8Array): Float64Array {
	const bounds = new Float64Array(types.length).fill(-1);
	for (let at = 0; at < types.length; at++) {
		const type = types[at] ?? 0;
		if (worn[type] !== 1) continue;
		let mean = 1;
		let cap = 1;
		for (const table of tables) {
			const value = table.values[at] ?? 0;
			if (table.dear && value > 0) continue;
			let worth = table.impossible[type] === 1 ? 0 : (table.similarity[value] ?? 0);
			if (Number.isNaN(worth)) worth = table.worthOf(value);
			mean -= table.share * (1 - worth);
			if (table.signature) cap = Math.min(cap, signatureCap(worth));
		}
		bounds[at] = Math.max(0, Math.min(mean, cap));
	}
	return bounds;
}

/** Bounds are sorted into as many steps; within one the order does not matter. */
const steps = 1024;
/** Sums in another order may differ in the last digits. */
const rounding = 1e-9;

/** Places of the garments that are worn there, those with the highest bound first. */
function byBound(bounds: Float64Array): Uint32Array {
	const stepOf = (bound: number) => Math.min(steps - 1, Math.floor(bound * steps));
	// How many lie in each step, then where each step begins: a counting sort, the highest step first.
	const begins = new Uint32Array(steps + 1);
	let worn = 0;
	for (const bound of bounds)
		if (bound >= 0) {
			const place = steps - stepOf(bound);
			begins[place] = (begins[place] ?? 0) + 1;
			worn++;
		}
	for (let step = 1; step <= steps; step++) begins[step] = (begins[step] ?? 0) + (begins[step - 1] ?? 0);
	const places = new Uint32Array(worn);
	for (let at = 0; at < bounds.length; at++) {
		const bound = bounds[at] ?? -1;
		if (bound < 0) continue;
		const step = steps - 1 - stepOf(bound);
		const place = begins[step] ?? 0;
		places[place] = at;
		begins[step] = place + 1;
	}
	return places;
}

/**
 * The garments of an index that come closest to an element, best first: by closeness, then by confidence, then in
 * their order. Figures are the very ones of `closenessOf`. Each distinct value is compared once, and a palette only where
 * the rest of its garment is near enough for it to matter.
 */
export function closest(
	index: GarmentIndex,
	element: Asked,
	{ schools, most = 24, least = 0, accepts }: ClosestOptions = {}
): Closest[] {
	const tables = weighedAspects(element, schools ?? {}).map((one) => tableOf(index, element, one, schools));
	const types = index.types.values;
	const worn = Uint8Array.from(index.types.examples, (example) =>
		example && canAnswer(element.garment.type, example.type) ? 1 : 0
	);
	const bounds = boundsOf(tables, types, worn);
	const listener = listenerFor(element);
	const best: Closest[] = [];
	const comesBefore = (a: Closest, b: Closest) =>
		a.closeness > b.closeness ||
		(a.closeness === b.closeness &&
			(a.confidence > b.confidence || (a.confidence === b.confidence && a.at < b.at)));
	for (const at of byBound(bounds)) {
		const last = best[most - 1];
		// Steps come in falling order: below this one, none can come in any more.
		const bound = (bounds[at] ?? 0) + rounding;
		const needed = Math.max(least, last?.closeness ?? 0);
		if (bound + 1 / steps < needed) break;
		if (bound < needed) continue;
		const type = types[at] ?? 0;
		let mean = 1;
		let cap = 1;
		let unsure = 0;
		for (const table of tables) {
			const cannot = table.impossible[type] === 1;
			const value = table.values[at] ?? 0;
			const similarity = cannot ? 0 : table.worthOf(value);
			mean -= table.share * (1 - similarity);
			if (!cannot && table.unstated[value] === 1) unsure += table.share;
			if (table.signature) cap = Math.min(cap, signatureCap(similarity));
		}
		const loud = index.loud[at];
		if (loud) for (const { loss } of unaskedIn(listener, loud, mean)) mean -= loss;
		const closeness = Math.min(Math.max(0, mean), cap);
		if (closeness < least || (last && closeness < last.closeness)) continue;
		const one = { at, closeness, confidence: 1 - unsure };
		if ((last && !comesBefore(one, last)) || (accepts && !accepts(at))) continue;
		let place = Math.min(best.length, most);
		while (place > 0 && comesBefore(one, best[place - 1] as Closest)) place--;
		best.splice(place, 0, one);
		if (best.length > most) best.pop();
	}
	return best;
}
