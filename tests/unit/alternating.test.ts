import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chance } from '../../demo/camera/noise';
import { levelsAt, maskOfNodes, nodesInBox, overlap, readyPhoto, type ReadyPhoto } from '../../src/lib/core';

type Tone = readonly [number, number, number];
const [width, height] = [240, 320];
const wall: Tone = [118, 126, 120];
/** Each a cloth's tones, all of them far from one another and from the wall. */
const cloths: Tone[][] = [
	[
		[24, 34, 80],
		[240, 238, 230]
	],
	[
		[178, 28, 40],
		[244, 240, 232]
	],
	[
		[20, 92, 56],
		[236, 206, 70],
		[22, 26, 60]
	],
	[
		[18, 18, 20],
		[240, 240, 236]
	],
	[
		[40, 96, 170],
		[240, 150, 40]
	]
];
const plain: Tone = [96, 58, 40];

/** Draws what has which tone where, with the grain of a camera. */
function pictureOf(toneAt: (x: number, y: number) => Tone, seed: number): ReadyPhoto {
	const grain = chance(seed);
	const data = new Uint8ClampedArray(width * height * 4).fill(255);
	for (let at = 0; at < width * height; at++) {
		const noise = (grain() - 0.5) * 8;
		toneAt(at % width, Math.floor(at / width)).forEach(
			(byte, channel) => (data[at * 4 + channel] = byte + noise)
		);
	}
	return readyPhoto({ width, height, data });
}
const maskWhere = (inside: (x: number, y: number) => boolean) =>
	Uint8Array.from({ length: width * height }, (_, at) =>
		inside(at % width, Math.floor(at / width)) ? 1 : 0
	);
const clicked = (photo: ReadyPhoto, x: number, y: number) => {
	const { nodes, automatic } = levelsAt(photo, { x, y });
	return maskOfNodes(photo, [nodes[automatic] ?? -1]);
};

const isTop = (x: number, y: number) => x >= 60 && x < 180 && y >= 40 && y < 180;
const isSkirt = (x: number, y: number) => x >= 70 && x < 170 && y >= 180 && y < 290;

/** A top in stripes or checks of so many tones over a plain skirt, before a wall. */
const dressed = fc.record({
	tones: fc.constantFrom(...cloths),
	band: fc.integer({ min: 6, max: 13 }),
	way: fc.constantFrom('along', 'across', 'both'),
	at: fc.record({ x: fc.integer({ min: 75, max: 164 }), y: fc.integer({ min: 55, max: 164 }) }),
	seed: fc.integer({ min: 1, max: 9999 })
});
type Dressed = typeof dressed extends fc.Arbitrary<infer T> ? T : never;
const photographOf = ({ tones, band, way, seed }: Dressed) =>
	pictureOf((x, y) => {
		if (isSkirt(x, y)) return plain;
		if (!isTop(x, y)) return wall;
		const [along, across] = [Math.floor(x / band), Math.floor(y / band)];
		const turn = way === 'along' ? along : way === 'across' ? across : along + across;
		return tones[turn % tones.length] ?? wall;
	}, seed);

describe('a cloth whose tones alternate', () => {
	it('is found whole by a click anywhere on it, and by a box around it', () => {
		fc.assert(
			fc.property(dressed, (look) => {
				const photo = photographOf(look);
				const truth = maskWhere(isTop);
				expect(overlap(clicked(photo, look.at.x, look.at.y), truth)).toBeGreaterThan(0.85);
				const box = { x: 56, y: 36, width: 128, height: 148 };
				expect(overlap(maskOfNodes(photo, nodesInBox(photo, box)), truth)).toBeGreaterThan(0.85);
			}),
			{ numRuns: 40 }
		);
	});

	it('leaves the plain thing that it is worn with alone', () => {
		fc.assert(
			fc.property(dressed, (look) => {
				expect(overlap(clicked(photographOf(look), 120, 240), maskWhere(isSkirt))).toBeGreaterThan(0.9);
			}),
			{ numRuns: 20 }
		);
	});

	it('is one step of a click, not one for every stripe', () => {
		fc.assert(
			fc.property(dressed, (look) => {
				const photo = photographOf(look);
				const whole = 120 * 140;
				const areas = levelsAt(photo, look.at).nodes.map((node) => photo.tree.area[node] ?? 0);
				const between = areas.filter((area) => area > 3 * look.band * 140 && area < 0.7 * whole);
				expect(between.length).toBeLessThan(3);
			}),
			{ numRuns: 20 }
		);
	});
});

describe('what alternates and is no cloth', () => {
	it('is the wall between the legs and beside the arms', () => {
		const limbs = fc.record({
			tone: fc.constantFrom(...cloths.map(([first]) => first ?? wall)),
			thick: fc.integer({ min: 16, max: 30 }),
			gap: fc.integer({ min: 6, max: 24 }),
			seed: fc.integer({ min: 1, max: 9999 })
		});
		fc.assert(
			fc.property(limbs, ({ tone, thick, gap, seed }) => {
				// Closed at the top, as trousers are, and on the floor below.
				const isLeg = (x: number, y: number) => {
					const aside = Math.abs(x - 120);
					return y >= 60 && y < 280 && aside < gap / 2 + thick && (y < 90 || aside >= gap / 2);
				};
				const photo = pictureOf((x, y) => (isLeg(x, y) ? tone : wall), seed);
				const found = clicked(photo, 120 - gap / 2 - thick / 2, 200);
				expect(overlap(found, maskWhere(isLeg))).toBeGreaterThan(0.9);
			}),
			{ numRuns: 20 }
		);
	});

	it('is a strap across a sleeve, which stays a thing of its own', () => {
		const isArm = (x: number, y: number) => x >= 100 && x < 140 && y >= 40 && y < 280;
		const isStrap = (x: number, y: number) =>
			isArm(x, y) && [110, 124].some((from) => x >= from && x < from + 6);
		const [tone = wall, leather = wall] = cloths[0] ?? [];
		const photo = pictureOf((x, y) => (isStrap(x, y) ? leather : isArm(x, y) ? tone : wall), 7);
		const strap = maskWhere((x, y) => isStrap(x, y) && x < 120);
		const best = Math.max(
			...levelsAt(photo, { x: 112, y: 160 }).nodes.map((node) => overlap(maskOfNodes(photo, [node]), strap))
		);
		expect(best).toBeGreaterThan(0.8);
	});
});
