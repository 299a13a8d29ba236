/**
 * A stand-in for the studio's camera: photographs of looks that were never worn, from their drawings, in light that is known.
 * The same seed always gives the same picture. Simulated, and said to be so wherever one is shown.
 */
import {
	encodedLight,
	lightAt,
	type Light,
	type Pixels,
	type PlateBody,
	type PlateLook,
	type SlotId,
	type Spot
} from '../../src/lib/core/index';
import { chance, smoothNoise } from './noise';
import { sceneOf, type Scene } from './scene';

export interface Photograph {
	pixels: Pixels;
	/** What is where: the truth behind the picture. */
	scene: Scene;
	/** The middle of the white card that stands in the picture. */
	card: Spot;
	/** The colour of the light, and how strong it is: 1 shows a white card as white. */
	light: Light;
}
export interface Shot {
	seed: number;
	width: number;
	height: number;
	/** Coloured light and a wrong exposure; without it, daylight rightly exposed. */
	coloured?: boolean;
	/** Show only where a thing of this slot is worn. */
	slot?: SlotId;
}

/** Walls and floors of the studio, in linear light. */
const rooms: [wall: Light, floor: Light][] = [
	[
		[0.62, 0.6, 0.56],
		[0.33, 0.29, 0.24]
	],
	[
		[0.36, 0.4, 0.43],
		[0.2, 0.2, 0.21]
	],
	[
		[0.55, 0.47, 0.4],
		[0.24, 0.19, 0.15]
	],
	[
		[0.7, 0.7, 0.69],
		[0.5, 0.49, 0.47]
	],
	[
		[0.3, 0.36, 0.3],
		[0.26, 0.23, 0.2]
	]
];
/** Lights as they fall in rooms: daylight in shade, noon, evening, lamps, tubes. */
const lights: Light[] = [
	[0.86, 0.97, 1.16],
	[1, 1, 1],
	[1.14, 0.98, 0.78],
	[1.34, 0.95, 0.52],
	[0.96, 1.06, 0.88],
	[1.08, 0.99, 0.9]
];
/** What a white card gives back. */
export const cardGivesBack = 0.87;

/** Cloth that faces the light gets more of it than a card that faces the camera. */
const facing = 1.14;

/** How brightly each pixel of a figure is lit: round towards a light from one side, in folds, under what hangs over it. */
function lighting({ flat, covers, scale }: Scene, random: () => number): Float32Array {
	const { width, height } = flat;
	const from = random() < 0.5 ? -1 : 1;
	const side = 0.32 + random() * 0.18;
	const folds = smoothNoise(random);
	const small = smoothNoise(random);
	const foldDepth = 0.09 + random() * 0.11;
	const round = new Float32Array(width * height).fill(1);
	const shadowAcross = Math.round(-from * 5 * scale);
	const shadowDown = Math.max(1, Math.round(9 * scale));
	const lit = new Float32Array(width * height).fill(1);
	for (let y = 0; y < height; y++) {
		let x = 0;
		while (x < width) {
			const cover = covers[y * width + x] ?? 0;
			let end = x + 1;
			while (end < width && covers[y * width + end] === cover) end++;
			if (cover > 0)
				for (let at = x; at < end; at++) {
					// A run of cloth is taken for a part of a cylinder.
					const turned = ((at - x + 0.5) / (end - x)) * 2 - 1;
					round[y * width + at] = facing - side * (0.5 + 0.5 * turned * -from) - 0.12 * turned * turned;
					const above = covers[(y - shadowDown) * width + at - shadowAcross] ?? 0;
					const broad = folds(at / (26 * scale), y / (120 * scale));
					const fine = small(at / (9 * scale), y / (40 * scale));
					lit[y * width + at] = (1 + foldDepth * (broad + 0.5 * fine)) * (above > cover ? 0.78 : 1);
				}
			x = end;
		}
	}
	// Where a sleeve parts from the body the light does not change at once.
	const reach = Math.round(14 * scale);
	const eased = blurred(blurred(round, width, height, reach, width), width, height, Math.round(reach / 3), 1);
	for (let at = 0; at < lit.length; at++)
		if ((covers[at] ?? 0) > 0) lit[at] = (lit[at] ?? 1) * (eased[at] ?? 1);
	return lit;
}

/** The soft shadow of the figure on wall and floor. */
function castShadow({ flat, covers, scale }: Scene, from: number): Float32Array {
	const { width, height } = flat;
	const reach = Math.max(2, Math.round(22 * scale));
	const shifted = new Float32Array(width * height);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const behind = covers[(y - Math.round(12 * scale)) * width + x - Math.round(from * 26 * scale)] ?? 0;
			shifted[y * width + x] = behind > 0 ? 1 : 0;
		}
	const rows = blurred(shifted, width, height, reach, 1);
	return blurred(rows, width, height, reach, width);
}

/** A running mean along rows (stride 1) or columns (stride the width). */
function blurred(
	field: Float32Array,
	width: number,
	height: number,
	reach: number,
	stride: number
): Float32Array {
	const out = new Float32Array(field.length);
	const [lines, length, lineStride] = stride === 1 ? [height, width, width] : [width, height, 1];
	for (let line = 0; line < lines; line++) {
		const start = line * lineStride;
		let sum = 0;
		for (let i = -reach; i < length; i++) {
			sum += i + reach < length ? (field[start + (i + reach) * stride] ?? 0) : 0;
			sum -= i - reach - 1 >= 0 ? (field[start + (i - reach - 1) * stride] ?? 0) : 0;
			if (i >= 0) out[start + i * stride] = sum / (2 * reach + 1);
		}
	}
	return out;
}

/** Photographs a look. */
export async function photograph(
	look: PlateLook,
	body: PlateBody | undefined,
	{ seed, width, height, coloured = true, slot }: Shot
): Promise<Photograph> {
	const random = chance(seed);
	const scene = await sceneOf(look, body, { width, height }, slot);
	const { flat, covers } = scene;
	const [wall, floor] = rooms[Math.floor(random() * rooms.length)] ?? [
		[0.6, 0.6, 0.6],
		[0.3, 0.3, 0.3]
	];
	const exposure = coloured ? 0.62 + random() * 0.5 : 0.95;
	const tint = coloured ? (lights[Math.floor(random() * lights.length)] ?? [1, 1, 1]) : ([1, 1, 1] as const);
	// Whoever holds the camera sees that a white card is not burnt out.
	const held = Math.min(exposure, 0.96 / (Math.max(...tint) * cardGivesBack));
	const light: Light = [tint[0] * held, tint[1] * held, tint[2] * held];
	const lit = lighting(scene, random);
	const shadow = castShadow(scene, random() < 0.5 ? -1 : 1);
	const uneven = smoothNoise(random);
	const grain = chance(seed + 1);
	const horizon = height * (0.86 + random() * 0.05);
	const cardSize = Math.round(width * 0.09);
	const corner = { x: Math.round(width * 0.05), y: Math.round(horizon - cardSize * 1.4) };
	const data = new Uint8Array(width * height * 4);
	for (let at = 0; at < width * height; at++) {
		const x = at % width;
		const y = Math.floor(at / width);
		const onCard = x >= corner.x && y >= corner.y && x < corner.x + cardSize && y < corner.y + cardSize * 1.3;
		const alpha = (flat.data[at * 4 + 3] ?? 0) / 255;
		const room: Light = onCard ? [cardGivesBack, cardGivesBack, cardGivesBack] : y > horizon ? floor : wall;
		const roomLit =
			(onCard ? 1 : 1 + 0.05 * uneven(x / (width / 5), y / (height / 5)) - 0.12 * (x / width)) *
			(1 - 0.38 * (shadow[at] ?? 0));
		const cloth = lightAt(flat, at);
		const weave = 1 + (grain() - 0.5) * 0.05;
		const clothLit = (covers[at] ?? 0) > 0 ? (lit[at] ?? 1) * weave : 1;
		for (let channel = 0; channel < 3; channel++) {
			const reflected =
				(cloth[channel] ?? 0) * clothLit * alpha + (room[channel] ?? 0) * roomLit * (1 - alpha);
			const noise = (grain() - 0.5) * 5;
			data[at * 4 + channel] = Math.max(
				0,
				Math.min(255, Math.round(encodedLight(reflected * (light[channel] ?? 1)) * 255 + noise))
			);
		}
		data[at * 4 + 3] = 255;
	}
	return {
		pixels: { width, height, data },
		scene,
		card: { x: corner.x + cardSize / 2, y: corner.y + cardSize * 0.65 },
		light
	};
}
