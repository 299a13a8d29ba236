/**
 * Cloths that were drawn by formulas of their own and not by the plates: each kind of print in sizes, turns, colours, light, blur and
 * grain that a seed chooses. Half of the kinds and all other seeds are only ever run.
 */
import { chance } from '../demo/camera/noise';
import { deltaE00, labOfHex, readPhoto, type Pixels, type PrintHint } from '../src/lib/core';
import { encodedLight, linearOfByte } from '../src/lib/core/photo/pixels';

type Random = () => number;
/** Which of its colours a cloth has at a place, in pixels. */
type Drawn = (x: number, y: number) => number;
interface Kind {
	/** What it may be taken for. */
	as: readonly PrintHint[];
	colours: number;
	draw: (repeat: number, random: Random) => Drawn;
	/** It hangs straight: it is neither turned nor bent. */
	straight?: boolean;
	/** The middle one of three colours is where the two others cross. */
	crossed?: boolean;
}

const width = 240;
const height = 300;
const within = (value: number, repeat: number) => ((value % repeat) + repeat) % repeat;
const oneOf = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;

interface Motif {
	x: number;
	y: number;
	radius: number;
	turn: number;
	sort: number;
}
/** Motifs strewn so that none touches another, and which of them is at a place, seen from its own middle. */
function strewn(random: Random, repeat: number, radius: () => number) {
	const found: Motif[] = [];
	const cells = new Map<string, Motif[]>();
	const key = (x: number, y: number) => `${Math.floor(x / repeat)} ${Math.floor(y / repeat)}`;
	for (let tries = 0; tries < 6000 && found.length < 900; tries++) {
		const [x, y] = [random() * 480 - 120, random() * 540 - 120];
		const motif = { x, y, radius: radius(), turn: random() * 2 * Math.PI, sort: random() };
		const near = [-1, 0, 1].flatMap((i) =>
			[-1, 0, 1].flatMap((j) => cells.get(key(x + i * repeat, y + j * repeat)) ?? [])
		);
		if (near.some((one) => Math.hypot(one.x - x, one.y - y) < one.radius + motif.radius + 2)) continue;
		found.push(motif);
		cells.set(key(x, y), [...(cells.get(key(x, y)) ?? []), motif]);
	}
	return (x: number, y: number) => {
		for (const i of [0, -1, 1])
			for (const j of [0, -1, 1])
				for (const motif of cells.get(key(x + i * repeat, y + j * repeat)) ?? []) {
					const distance = Math.hypot(x - motif.x, y - motif.y);
					if (distance < motif.radius)
						return {
							...motif,
							away: distance / motif.radius,
							angle: Math.atan2(y - motif.y, x - motif.x) + motif.turn
						};
				}
		return undefined;
	};
}
/** Waves that run every way, about as long as the repeat. */
function waves(random: Random, repeat: number, count: number): (x: number, y: number) => number {
	const all = Array.from({ length: count }, () => ({
		way: random() * 2 * Math.PI,
		often: ((0.5 + random()) * Math.PI) / repeat,
		from: random() * 2 * Math.PI
	}));
	return (x, y) =>
		all.reduce(
			(sum, { way, often, from }) => sum + Math.sin(often * (x * Math.cos(way) + y * Math.sin(way)) + from),
			0
		);
}
/** The band of a sequence of widths, as shares of the repeat, in which a value lies. */
const banded = (
	value: number,
	repeat: number,
	bands: readonly (readonly [upTo: number, colour: number])[]
) => {
	const share = within(value, repeat) / repeat;
	return bands.find(([upTo]) => share < upTo)?.[1] ?? 0;
};

/** The kinds that were looked at while prints were learnt to be seen. */
export const looked: Readonly<Record<string, Kind>> = {
	plain: { as: ['plain'], colours: 1, draw: () => () => 0 },
	stripe: {
		as: ['stripe'],
		colours: 2,
		draw: (repeat, random) => {
			const share = oneOf(random, [0.5, 0.3, 0.15]);
			return (x) => (within(x, repeat) < repeat * share ? 1 : 0);
		}
	},
	'stripe of three': {
		as: ['stripe'],
		colours: 3,
		draw: (repeat) => (x) =>
			banded(x, repeat, [
				[0.4, 0],
				[0.65, 1],
				[0.85, 2]
			])
	},
	pinstripe: {
		as: ['stripe'],
		colours: 2,
		draw: (repeat) => (x) => (within(x, repeat) < Math.max(2, repeat * 0.12) ? 1 : 0)
	},
	gingham: {
		as: ['check'],
		colours: 3,
		crossed: true,
		draw: (repeat) => (x, y) =>
			Number(within(x, repeat) < repeat / 2) + Number(within(y, repeat) < repeat / 2)
	},
	windowpane: {
		as: ['check'],
		colours: 2,
		draw: (repeat) => (x, y) => (Math.min(within(x, repeat), within(y, repeat)) < repeat * 0.1 ? 1 : 0)
	},
	tattersall: {
		as: ['check'],
		colours: 3,
		draw: (repeat) => (x, y) => {
			const isLine = (from: number) =>
				Math.min(within(x + from, repeat), within(y + from, repeat)) < repeat * 0.12;
			return isLine(0) ? 1 : isLine(repeat / 2) ? 2 : 0;
		}
	},
	tartan: {
		as: ['check'],
		colours: 4,
		draw: (repeat) => {
			const bands = [
				[0.45, 0],
				[0.75, 1],
				[0.8, 2],
				[0.95, 1],
				[1, 3]
			] as const;
			return (x, y) => banded(within(Math.floor(x) + Math.floor(y), 4) < 2 ? x : y, repeat, bands);
		}
	},
	diamonds: {
		as: ['check'],
		colours: 2,
		draw: (repeat) => (x, y) =>
			Number(within(x + y, repeat) < repeat / 2 !== within(x - y, repeat) < repeat / 2)
	},
	dots: {
		as: ['spot'],
		colours: 2,
		draw: (repeat, random) => {
			const radius = repeat * oneOf(random, [0.22, 0.3, 0.36]);
			return (x, y) => {
				const across = within(x + (Math.floor(y / repeat) % 2 === 0 ? 0 : repeat / 2), repeat);
				return Math.hypot(across - repeat / 2, within(y, repeat) - repeat / 2) < radius ? 1 : 0;
			};
		}
	},
	'dots strewn': {
		as: ['spot'],
		colours: 3,
		draw: (repeat, random) => {
			const motifAt = strewn(random, repeat, () => repeat * (0.18 + random() * 0.14));
			return (x, y) => {
				const motif = motifAt(x, y);
				return motif ? 1 + Number(motif.sort < 0.5) : 0;
			};
		}
	},
	flowers: {
		as: ['floral'],
		colours: 3,
		draw: (repeat, random) => {
			const motifAt = strewn(random, repeat, () => repeat * (0.3 + random() * 0.15));
			return (x, y) => {
				const motif = motifAt(x, y);
				if (!motif) return 0;
				const petals = motif.sort < 0.5 ? 5 : 6;
				return motif.away < 0.25 ? 2 : motif.away < 0.55 + 0.45 * Math.cos(petals * motif.angle) ? 1 : 0;
			};
		}
	},
	blobs: {
		as: ['busy'],
		colours: 3,
		draw: (repeat, random) => {
			const wave = waves(random, repeat, 5);
			return (x, y) => (wave(x, y) > 1.2 ? 1 : wave(x, y) < -1.2 ? 2 : 0);
		}
	},
	halves: {
		as: ['plain'],
		colours: 2,
		straight: true,
		draw: (_, random) => {
			const isAcross = random() < 0.5;
			return (x, y) => Number(isAcross ? y > height / 2 : x > width / 2);
		}
	}
};

/** The kinds that are only ever run. */
export const kept: Readonly<Record<string, Kind>> = {
	breton: {
		as: ['stripe'],
		colours: 2,
		draw: (repeat) => (_, y) => (within(y, repeat) < repeat * 0.25 ? 1 : 0)
	},
	'stripes of all widths': {
		as: ['stripe'],
		colours: 4,
		draw: (repeat, random) => {
			const ends: { at: number; colour: number }[] = [];
			for (let at = -200; at < 600; at += Math.max(4, repeat * (0.2 + random() * 0.6)))
				ends.push({ at, colour: (ends.length + Math.floor(random() * 3)) % 4 });
			return (x) => ends.find((end) => end.at > x)?.colour ?? 0;
		}
	},
	buffalo: {
		as: ['check'],
		colours: 3,
		crossed: true,
		draw: () => (x, y) => Number(within(x, 48) < 24) + Number(within(y, 48) < 24)
	},
	houndstooth: {
		as: ['check'],
		colours: 2,
		draw: (repeat) => (x, y) => {
			const [i, j] = [Math.floor(within((x * 8) / repeat, 8)), Math.floor(within((y * 8) / repeat, 8))];
			const [warp, weft] = [i < 4, j < 4];
			return Number(warp === weft ? warp : within(i + j, 4) < 2 ? warp : weft);
		}
	},
	'dots in a square': {
		as: ['spot'],
		colours: 2,
		draw: (repeat, random) => {
			const radius = repeat * oneOf(random, [0.2, 0.28, 0.34]);
			return (x, y) =>
				Math.hypot(within(x, repeat) - repeat / 2, within(y, repeat) - repeat / 2) < radius ? 1 : 0;
		}
	},
	'dots of two colours': {
		as: ['spot'],
		colours: 3,
		draw: (repeat) => (x, y) =>
			Math.hypot(within(x, repeat) - repeat / 2, within(y, repeat) - repeat / 2) < repeat * 0.3
				? 1 + within(Math.floor(x / repeat) + Math.floor(y / repeat), 2)
				: 0
	},
	roses: {
		as: ['floral'],
		colours: 4,
		draw: (repeat, random) => {
			const motifAt = strewn(random, repeat, () => repeat * (0.32 + random() * 0.16));
			return (x, y) => {
				const motif = motifAt(x, y);
				if (!motif) return 0;
				if (motif.away < 0.72) return Math.sin(motif.away * 9 + motif.angle) > 0 ? 1 : 2;
				return Math.cos(2 * motif.angle) > 0.55 ? 3 : 0;
			};
		}
	},
	daisies: {
		as: ['floral'],
		colours: 3,
		draw: (repeat, random) => {
			const motifAt = strewn(random, repeat, () => repeat * 0.42);
			return (x, y) => {
				const motif = motifAt(x, y);
				if (!motif) return 0;
				if (motif.away < 0.3) return 2;
				const aside = within(motif.angle, (2 * Math.PI) / 5) - Math.PI / 5;
				const [u, v] = [motif.away * Math.cos(aside) - 0.58, motif.away * Math.sin(aside)];
				return Math.hypot(u, v) < 0.4 ? 1 : 0;
			};
		}
	},
	camouflage: {
		as: ['busy'],
		colours: 4,
		draw: (repeat, random) => {
			const layers = [1, 2, 3].map((colour) => ({ colour, wave: waves(random, repeat, 6) }));
			return (x, y) => layers.find(({ colour, wave }) => wave(x, y) > 1.3 + colour * 0.2)?.colour ?? 0;
		}
	},
	splashes: {
		as: ['busy', 'spot'],
		colours: 3,
		draw: (repeat, random) => {
			const motifAt = strewn(random, repeat, () => repeat * (0.06 + random() ** 3 * 0.4));
			return (x, y) => {
				const motif = motifAt(x, y);
				return motif ? 1 + Number(motif.sort < 0.5) : 0;
			};
		}
	},
	trims: {
		as: ['plain'],
		colours: 2,
		straight: true,
		draw: () => (x, y) => Number(y < 46 || y > height - 46 || Math.abs(x - width / 2) < 4)
	}
};

const dyes = [
	'#1f2a44',
	'#f4efe6',
	'#8b1e2d',
	'#2f5d3a',
	'#d9b44a',
	'#111111',
	'#c96f9b',
	'#6b4a33',
	'#7f8c99',
	'#b9d3e8',
	'#e6d7b8',
	'#5b3a6e',
	'#d2542b',
	'#ffffff',
	'#3f3f46',
	'#a8b99a'
];
type Light = readonly [number, number, number];
const lightOf = (hex: string): Light => {
	const channel = (from: number) => linearOfByte[parseInt(hex.slice(from, from + 2), 16)] ?? 0;
	return [channel(1), channel(3), channel(5)];
};
/** Dyes that are told apart at a glance. */
function dyesOf(random: Random, { colours, crossed }: Kind): Light[] {
	const found: string[] = [];
	while (found.length < colours) {
		const dye = oneOf(random, dyes);
		if (found.every((other) => deltaE00(labOfHex(other), labOfHex(dye)) > 22)) found.push(dye);
	}
	const lights = found.map(lightOf);
	const [warp, , weft] = lights;
	if (crossed && warp && weft)
		lights[1] = [(warp[0] + weft[0]) / 2, (warp[1] + weft[1]) / 2, (warp[2] + weft[2]) / 2];
	return lights;
}

const garments: readonly ((x: number, y: number) => boolean)[] = [
	(x, y) => x > 30 && x < 210 && y > 30 && y < 270,
	(x, y) => y > 30 && y < 270 && Math.abs(x - 120) < 40 + (y - 30) * 0.22,
	(x, y) => y > 20 && y < 280 && Math.abs(x - 90) < 40,
	(x, y) => x > 50 && x < 190 && y > 90 && y < 220
];

/** The mean of each pixel and its neighbours, as often as is said: a lens that is not quite sharp. */
function blurred(lights: Float64Array, times: number): Float64Array {
	let from = lights;
	for (let time = 0; time < times; time++) {
		const to = from.slice();
		for (let at = 3 * width; at < from.length - 3 * width; at++)
			to[at] =
				((from[at] ?? 0) * 4 +
					(from[at - 3] ?? 0) +
					(from[at + 3] ?? 0) +
					(from[at - 3 * width] ?? 0) +
					(from[at + 3 * width] ?? 0)) /
				8;
		from = to;
	}
	return from;
}

export interface Cloth {
	pixels: Pixels;
	mask: Uint8Array;
}

/** A photograph of a cloth: lit from one side, in folds, a little out of focus, with grain. The same seed gives the same. */
export function clothOf(kind: Kind, seed: number): Cloth {
	const random = chance(seed);
	const repeat = oneOf(random, [12, 16, 22, 30, 42]);
	const dyed = dyesOf(random, kind);
	const drawn = kind.draw(repeat, random);
	const isInside = oneOf(random, garments);
	const turn = kind.straight ? 0 : oneOf(random, [0, 0, 0.12, 0.785]);
	const side = oneOf(random, [-0.4, -0.2, 0.2, 0.4]);
	const fold = kind.straight ? 0 : oneOf(random, [0, 0.1, 0.2]);
	const often = 0.03 + random() * 0.06;
	const grain = oneOf(random, [1, 3, 5]);
	const wall = lightOf('#b5b0a8');
	const mask = new Uint8Array(width * height);
	const lights = new Float64Array(width * height * 3);
	const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
	for (let at = 0; at < mask.length; at++) {
		const [x, y] = [at % width, Math.floor(at / width)];
		const inside = isInside(x, y);
		mask[at] = Number(inside);
		const lit = 0.85 + (side * (x - width / 2)) / width + fold * Math.sin(x * often + y * 0.01);
		for (const [i, j] of [
			[0, 0],
			[0.5, 0],
			[0, 0.5],
			[0.5, 0.5]
		] as const) {
			const [u, v] = [x + i + fold * 8 * Math.sin((y + j) * 0.03), y + j];
			const light = inside ? dyed[drawn(u * cos + v * sin, v * cos - u * sin)] : undefined;
			for (const channel of [0, 1, 2] as const)
				lights[at * 3 + channel] = (lights[at * 3 + channel] ?? 0) + (lit / 4) * (light ?? wall)[channel];
		}
	}
	const soft = blurred(lights, oneOf(random, [0, 1, 2]));
	const data = new Uint8Array(width * height * 4).fill(255);
	for (let at = 0; at < mask.length; at++)
		for (const channel of [0, 1, 2]) {
			const noise = (random() + random() + random() - 1.5) * 2 * grain;
			data[at * 4 + channel] = Math.max(
				0,
				Math.min(255, 255 * encodedLight(soft[at * 3 + channel] ?? 0) + noise)
			);
		}
	return { pixels: { width, height, data }, mask };
}

/** How many of so many cloths of each kind are taken for what they are, by kind: what each was taken for. */
export function printsRead(kinds: Readonly<Record<string, Kind>>, seed: number, ofEach: number) {
	let [right, all] = [0, 0];
	const takenFor: Record<string, Record<string, number>> = {};
	for (const [name, kind] of Object.entries(kinds))
		for (let i = 0; i < ofEach; i++) {
			const { pixels, mask } = clothOf(kind, seed + i);
			const hint = readPhoto(pixels, mask)?.print.hint;
			const row = (takenFor[name] ??= {});
			row[hint ?? 'nothing'] = (row[hint ?? 'nothing'] ?? 0) + 1;
			all++;
			if (hint && kind.as.includes(hint)) right++;
		}
	return { right, all, takenFor };
}
