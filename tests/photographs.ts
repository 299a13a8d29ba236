/** Photographs of the stand-in camera with the truth behind them, and how near what is measured in them comes. */
import { readFileSync, readdirSync } from 'node:fs';
import sharp from 'sharp';
import { composeDemo } from '../demo/compose';
import { chance } from '../demo/camera/noise';
import { photograph, type Photograph } from '../demo/camera/photograph';
import {
	afterClick,
	areaOf,
	bodyMarkIds,
	bodyScale,
	correctionFor,
	deltaE00,
	facetOf,
	garmentType,
	inOrder,
	labOfHex,
	levelsAt,
	lightAround,
	maskOf,
	maskOfNodes,
	measuredShape,
	nodesInBox,
	nothingMarked,
	onBody,
	overlap,
	readLook,
	readPhoto,
	readRecipe,
	referenceOf,
	readyPhoto,
	regionOf,
	type BodyMarks,
	type Garment,
	type Marked,
	type Pixels,
	type PlateLook,
	type PrintHint,
	type ReadyPhoto,
	type Region,
	type Spot
} from '../src/lib/core';
import { heights } from '../src/lib/core/body/heights';

/** What measuring one garment on one photograph came to. */
export interface Measured {
	what: string;
	/** How well a click, its best level, and a box around it find it, 0..1. */
	automatic: number;
	best: number;
	/** The same, of a click once the larger garments of the look are marked. */
	beside: number;
	/** How well after one click more where the first found it badly: on what is wrong taken away, or on what is missing added. */
	mended: number;
	boxed: number;
	/** Colour differences (CIEDE2000) to the truth: before and after white, and hue and chroma alone. Plain cloths only. */
	before?: number;
	after?: number;
	hueAndChroma?: number;
	print: { drawn: string; read?: PrintHint };
}

const size = { width: 640, height: 960 };
/** Smaller things than this are not clicked on: a brush is nearer. */
const leastPixels = 900;

const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Through JPEG and back, as a camera's picture comes. */
async function developed({ pixels: { width, height, data } }: Photograph): Promise<Pixels> {
	const raw = { raw: { width, height, channels: 4 as const } };
	const file = await sharp(Buffer.from(data), raw).removeAlpha().jpeg({ quality: 90 }).toBuffer();
	return { width, height, data: new Uint8Array(await sharp(file).ensureAlpha().raw().toBuffer()) };
}

/** The largest connected part of a mask, and its innermost pixel. */
function largestPart(mask: Uint8Array, width: number): { part: Uint8Array; count: number; inmost: number } {
	const seen = new Uint8Array(mask.length);
	let largest: number[] = [];
	for (let start = 0; start < mask.length; start++) {
		if (!mask[start] || seen[start]) continue;
		const members = [start];
		seen[start] = 1;
		for (const at of members)
			for (const near of [at - 1, at + 1, at - width, at + width])
				if (mask[near] && !seen[near]) {
					seen[near] = 1;
					members.push(near);
				}
		if (members.length > largest.length) largest = members;
	}
	const part = new Uint8Array(mask.length);
	for (const at of largest) part[at] = 1;
	let left = part;
	let members = largest;
	let inmost = largest[0] ?? 0;
	while (members.length > 0) {
		inmost = members[Math.floor(members.length / 2)] ?? inmost;
		const from = left;
		members = members.filter((at) => from[at - 1] && from[at + 1] && from[at - width] && from[at + width]);
		left = new Uint8Array(mask.length);
		for (const at of members) left[at] = 1;
	}
	return { part, count: largest.length, inmost };
}

/** A first click that covers less of a thing than this is followed by another. */
const wellFound = 0.85;

/** How well a part is marked after a click on it and, where that marks it badly, one more where most is wrong or missing. */
function mendedOverlap(ready: ReadyPhoto, part: Uint8Array, spot: Spot): number {
	const first = afterClick(ready, nothingMarked, { spot, mode: 'new' })?.marked ?? nothingMarked;
	const maskIn = ({ region }: Marked) => (region ? maskOf(region, ready) : new Uint8Array(part.length));
	const mask = maskIn(first);
	if (overlap(mask, part) >= wellFound) return overlap(mask, part);
	const differing = (inside: Uint8Array, not: Uint8Array) =>
		largestPart(
			inside.map((is, at) => (is && !not[at] ? 1 : 0)),
			ready.width
		);
	const [wrong, missing] = [differing(mask, part), differing(part, mask)];
	const [mode, { inmost, count }] =
		wrong.count > missing.count ? (['trim', wrong] as const) : (['add', missing] as const);
	if (count < leastPixels) return overlap(mask, part);
	const next = { x: inmost % ready.width, y: Math.floor(inmost / ready.width) };
	return overlap(maskIn(afterClick(ready, first, { spot: next, mode })?.marked ?? first), part);
}

/** How well a part is marked by a click once others are marked. */
function besideOverlap(ready: ReadyPhoto, part: Uint8Array, spot: Spot, others: readonly Region[]): number {
	const { region } = afterClick(ready, nothingMarked, { spot, mode: 'new', others })?.marked ?? nothingMarked;
	return region ? overlap(maskOf(region, ready), part) : 0;
}

/** How well each node that a click can mean covers a part. */
function overlaps(ready: ReadyPhoto, nodes: readonly number[], part: Uint8Array, count: number): number[] {
	const inLeaf = new Float64Array(ready.tree.leaves);
	part.forEach((inside, at) => {
		const label = ready.labels[at] ?? 0;
		if (inside) inLeaf[label] = (inLeaf[label] ?? 0) + 1;
	});
	return nodes.map((node) => {
		const first = ready.from[node] ?? 0;
		let both = 0;
		for (let i = first; i < first + (ready.size[node] ?? 0); i++) both += inLeaf[ready.order[i] ?? 0] ?? 0;
		return both / ((ready.tree.area[node] ?? 0) + count - both);
	});
}

/** Where the garments of a look are that show more of themselves than this one. */
function largerOnes({ covers, ids }: Photograph['scene'], index: number, picture: Pixels): Region[] {
	const shown = new Float64Array(ids.length);
	for (const cover of covers) shown[cover] = (shown[cover] ?? 0) + 1;
	return ids.flatMap((id, other) => {
		if (other < 1 || id === '' || (shown[other] ?? 0) <= (shown[index] ?? 0)) return [];
		return (
			regionOf(
				Uint8Array.from(covers, (cover) => (cover === other ? 1 : 0)),
				picture
			) ?? []
		);
	});
}

function measuredGarment(
	shot: Photograph,
	pixels: Pixels,
	ready: ReadyPhoto,
	{ id, garment }: { id: string; garment: Garment }
): Measured | undefined {
	const { covers, ids, flat } = shot.scene;
	const index = ids.indexOf(id);
	if (index < 1) return undefined;
	const mask = Uint8Array.from(covers, (cover) => (cover === index ? 1 : 0));
	const region = regionOf(mask, pixels);
	const { part, count, inmost } = largestPart(mask, pixels.width);
	if (!region || count < leastPixels) return undefined;
	const spot = { x: inmost % pixels.width, y: Math.floor(inmost / pixels.width) };
	const { nodes, automatic } = levelsAt(ready, spot);
	const found = overlaps(ready, nodes, part, count);
	const correction = correctionFor(lightAround(pixels, shot.card, 6), 'white');
	const read = readPhoto(pixels, region, { correction });
	const raw = readPhoto(pixels, region);
	const measured: Measured = {
		what: garment.type,
		automatic: found[automatic] ?? 0,
		best: Math.max(...found),
		mended: mendedOverlap(ready, part, spot),
		beside: besideOverlap(ready, part, spot, largerOnes(shot.scene, index, pixels)),
		boxed: overlap(maskOfNodes(ready, nodesInBox(ready, region)), mask),
		print: { drawn: garment.print?.family.value ?? 'plain', read: read?.print.hint }
	};
	const plain = garment.palette.length === 1 && !garment.print;
	const [swatch] = read?.palette ?? [];
	const [rawSwatch] = raw?.palette ?? [];
	if (!plain || !swatch || !rawSwatch) return measured;
	const places = [...mask.keys()].filter((at) => mask[at]);
	const drawn = [0, 1, 2].map((channel) => median(places.map((at) => flat.data[at * 4 + channel] ?? 0)));
	const truth = labOfHex(`#${drawn.map((byte) => byte.toString(16).padStart(2, '0')).join('')}`);
	return {
		...measured,
		before: deltaE00(rawSwatch.lab, truth),
		after: deltaE00(swatch.lab, truth),
		hueAndChroma: deltaE00({ ...swatch.lab, l: truth.l }, truth)
	};
}

/** The looks of the demo's references, and those that the recipes make. */
function manyLooks(): PlateLook['worn'][] {
	const folder = 'src/lib/core/recipes/texts';
	let last = 0;
	const newId = () => `00000000-0000-4000-8000-${String(++last).padStart(12, '0')}`;
	const made = readdirSync(folder).map((file) =>
		referenceOf(readRecipe(readFileSync(`${folder}/${file}`, 'utf8')).recipe, 'most', newId)
	);
	return [...composeDemo().references, ...made].map(({ elements }) =>
		inOrder(elements).map(({ id, garment, moves }) => ({ id, garment, moves }))
	);
}

/** Garments in strong prints, each the first thing of its look. */
const inPrints = [
	'red and white gingham shirt dress',
	'black and white gingham midi skirt, white shirt',
	'navy, sky and white gingham shirt, mid denim jeans',
	'grey and white windowpane blazer, grey trousers',
	'green, navy and yellow tartan maxi skirt, black jumper',
	'navy and white striped midi dress',
	'white and navy breton striped top, navy trousers',
	'red and white candy stripe shirt, blue jeans',
	'black and white wide striped trousers, black camisole',
	'red and white polka dot midi dress',
	'black and white polka dot blouse, black pencil skirt',
	'blue and white ditsy floral midi dress',
	'pink and white and green painterly floral maxi skirt, white t-shirt',
	'leopard print midi skirt, black jumper',
	'zebra print shirt, black trousers'
];

/** Photographs garments in strong prints with these seeds and measures them. */
export async function measuredPrints(seeds: readonly number[]): Promise<Measured[]> {
	const all: Measured[] = [];
	for (const phrase of inPrints)
		for (const seed of seeds) {
			const worn = inOrder(readLook(phrase).elements).map(({ id, garment, moves }) => ({
				id,
				garment,
				moves
			}));
			const shot = await photograph({ worn }, undefined, { seed, ...size });
			const pixels = await developed(shot);
			const [printed] = worn.filter(({ garment }) => garment.print);
			const measured = printed && measuredGarment(shot, pixels, readyPhoto(pixels), printed);
			if (measured) all.push(measured);
		}
	return all;
}

/** Photographs looks of the demo and of the recipes with these seeds and measures every garment on them. */
export async function measuredPhotographs(seeds: readonly number[]): Promise<Measured[]> {
	const looks = manyLooks();
	const all: Measured[] = [];
	for (const [i, seed] of seeds.entries()) {
		const worn = looks[(i * 7) % looks.length] ?? [];
		const shot = await photograph({ worn }, undefined, { seed, ...size });
		const pixels = await developed(shot);
		const ready = readyPhoto(pixels);
		all.push(...worn.flatMap((one) => measuredGarment(shot, pixels, ready, one) ?? []));
	}
	return all;
}

/** A share of sorted values: 0.5 is the median. */
export const quantile = (values: readonly number[], share: number) =>
	[...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? NaN;

/** Prints as they are said, one of each kind that is hinted at, and what each is drawn as. */
const printed: Record<string, string[]> = {
	plain: [
		'navy wool coat',
		'ivory silk midi dress',
		'burgundy satin maxi dress',
		'mid denim jeans',
		'green velvet blazer'
	],
	stripe: [
		'navy and white striped midi dress',
		'white and navy breton striped top',
		'red and white candy stripe shirt'
	],
	check: [
		'red and white gingham shirt dress',
		'black and white buffalo check shirt',
		'grey and white windowpane blazer'
	],
	spot: ['red and white polka dot midi dress', 'navy midi dress with white spots'],
	floral: ['blue and white ditsy floral midi dress', 'pink and white and green painterly floral maxi skirt']
};

/** What prints were taken for, by what they are drawn as: six photographs of each. */
export async function printConfusion(): Promise<Record<string, Record<string, number>>> {
	const table: Record<string, Record<string, number>> = {};
	for (const [drawn, phrases] of Object.entries(printed))
		for (const [i, phrase] of phrases.entries())
			for (let turn = 0; turn < 6; turn++) {
				const garment = readLook(phrase).elements[0]?.garment;
				if (!garment) throw new Error(`"${phrase}" is no garment`);
				const look = { worn: [{ id: 'it', garment, moves: [] }] };
				const shot = await photograph(look, undefined, { seed: 2001 + 10 * i + turn, ...size });
				const pixels = await developed(shot);
				const index = shot.scene.ids.indexOf('it');
				const region = regionOf(
					Uint8Array.from(shot.scene.covers, (cover) => (cover === index ? 1 : 0)),
					pixels
				);
				const correction = correctionFor(lightAround(pixels, shot.card, 6), 'white');
				const hint = region && readPhoto(pixels, region, { correction })?.print.hint;
				const row = (table[drawn] ??= {});
				row[hint ?? 'nothing'] = (row[hint ?? 'nothing'] ?? 0) + 1;
			}
	return table;
}

/** A facet of shape as it was drawn and as it was measured, and how many steps they are apart. */
export interface MeasuredStep {
	what: string;
	facet: string;
	drawn: string;
	read: string;
	steps: number;
}

/** Where the arm of the figure hangs, in plate units from its middle: shoulder, elbow, wrist. */
const armAside = { shoulder: 98, elbow: 118, wrist: 140 } as const;

/** The marks of the drawn figure, as a careful hand would set them; each is off by up to so much of the stature. */
export function drawnMarks({ scene, pixels }: Photograph, seed: number, off: number): BodyMarks {
	const random = chance(seed);
	const { landmarks } = scene.plate;
	const stature = landmarks.sole - landmarks.crown;
	const astray = () => (random() * 2 - 1) * off * stature;
	return Object.fromEntries(
		bodyMarkIds.map((id) => {
			const aside = id === 'shoulder' || id === 'elbow' || id === 'wrist' ? armAside[id] : 0;
			return [
				id,
				{
					x: 0.5 + ((aside + astray()) * scene.scale) / pixels.width,
					y: (scene.top + (landmarks[id] + astray()) * scene.scale) / pixels.height
				}
			];
		})
	);
}

/** The rows of a photograph from one share of its height to another. */
export function cutTo({ pixels: { width, height, data } }: Photograph, from: number, to: number): Pixels {
	const [top, bottom] = [from, to].map((share) => Math.round(Math.min(1, Math.max(0, share)) * height));
	const rows = data.slice((top ?? 0) * width * 4, (bottom ?? height) * width * 4);
	return { width, height: (bottom ?? height) - (top ?? 0), data: rows };
}

/** Where a picture of somebody may end, as a share of its height, by the marks that were drawn. */
export const cutsBelow = {
	knee: ({ knee }: BodyMarks) => knee?.y ?? 1,
	hips: ({ crotch }: BodyMarks) => (crotch?.y ?? 1) + 0.015,
	waist: ({ waist }: BodyMarks) => (waist?.y ?? 1) + 0.015,
	chest: ({ shoulder, waist }: BodyMarks) => ((shoulder?.y ?? 1) + (waist?.y ?? 1)) / 2
};

/** How far marks found on a picture that ends so lie from where they were drawn, up or down, in shares of stature. */
export function marksAstray(found: BodyMarks, drawn: BodyMarks, end: number): number[] {
	const stature = ((drawn.ankle?.y ?? 1) - (drawn.crown?.y ?? 0)) / (1 - heights.ankle);
	return bodyMarkIds.flatMap((id) => {
		const [mark, truth] = [found[id], drawn[id]];
		return mark && truth ? [Math.abs(mark.y * end - truth.y) / stature] : [];
	});
}

const cutLooks = [
	'white shirt, navy trousers',
	'red dress',
	'grey jumper, black skirt',
	'camel coat, blue jeans'
];
/** Photographs looks with these seeds and finds the marks on pictures that end at several heights: how far astray they lie. */
export async function marksOnCuts(
	seeds: readonly number[],
	find: (pixels: Pixels) => Promise<BodyMarks | undefined>
): Promise<Record<string, number[]>> {
	const found: Record<string, number[]> = {};
	for (const seed of seeds) {
		const { elements } = readLook(cutLooks[seed % cutLooks.length] ?? '');
		const shot = await photograph({ worn: elements }, undefined, { seed, width: 480, height: 720 });
		const drawn = drawnMarks(shot, seed, 0);
		for (const [below, endOf] of Object.entries(cutsBelow)) {
			const end = endOf(drawn);
			const marks = await find(cutTo(shot, 0, end));
			(found[below] ??= []).push(...(marks ? marksAstray(marks, drawn, end) : []));
		}
	}
	return found;
}

/** What is worn so has another edge than it is cut to. */
const changesEdges = /sleeve|cuff|drape|knot|tie|tuck|hem|hoist/;

/** Finds or sets the marks of the body on a photograph. */
export type MarksOf = (
	shot: Photograph,
	seed: number
) => BodyMarks | undefined | Promise<BodyMarks | undefined>;

/** What hems, sleeves and rises on one photograph are measured as by these marks, beside what was drawn. */
function stepsOn(shot: Photograph, pixels: Pixels, worn: PlateLook['worn'], marks: BodyMarks | undefined) {
	const body = marks && bodyScale(marks, pixels);
	if (!body) return [];
	const seen = worn.flatMap((one) => {
		const index = shot.scene.ids.indexOf(one.id);
		const mask = Uint8Array.from(shot.scene.covers, (cover) => (cover === index ? 1 : 0));
		const region = index > 0 && regionOf(mask, pixels);
		const on = region && areaOf(region) >= leastPixels ? onBody(pixels, region, body) : undefined;
		return on ? [{ ...one, on }] : [];
	});
	const asCut = seen.filter(({ moves }) => !moves.some((move) => changesEdges.test(move)));
	return asCut.flatMap(({ id, garment, on }) => {
		const beside = seen.filter((one) => one.id !== id).map((one) => ({ type: one.garment.type, on: one.on }));
		return measuredShape(garment.type, on, beside).flatMap(({ facet, value: read }): MeasuredStep[] => {
			const drawn = garment.facets[facet]?.value ?? garmentType(garment.type).usual[facet];
			const order = facetOf(facet).values.map((one) => one.id);
			return drawn
				? [
						{
							what: garment.type,
							facet,
							drawn,
							read,
							steps: Math.abs(order.indexOf(drawn) - order.indexOf(read))
						}
					]
				: [];
		});
	});
}

/** Photographs looks with these seeds and measures hems, sleeves and rises, once by each way of coming to marks. */
export async function measuredShapes<T extends string>(
	seeds: readonly number[],
	ways: Record<T, MarksOf>
): Promise<Record<T, MeasuredStep[]>> {
	const looks = manyLooks();
	const names = Object.keys(ways) as T[];
	const steps = Object.fromEntries(names.map((name) => [name, []])) as unknown as Record<T, MeasuredStep[]>;
	for (const [i, seed] of seeds.entries()) {
		const worn = looks[(i * 7) % looks.length] ?? [];
		const shot = await photograph({ worn }, undefined, { seed, ...size });
		const pixels = await developed(shot);
		for (const name of names)
			steps[name].push(...stepsOn(shot, pixels, worn, await ways[name]({ ...shot, pixels }, seed)));
	}
	return steps;
}

/** How many of these steps are none, and how many at most one, in shares. */
export const withinOne = (steps: readonly MeasuredStep[]) => ({
	exact: steps.filter((one) => one.steps === 0).length / steps.length,
	within: steps.filter((one) => one.steps <= 1).length / steps.length
});
