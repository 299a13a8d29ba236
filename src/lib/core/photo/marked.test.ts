import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { picture } from '../../../../tests/pictures';
import { afterClick, clickModes, nothingMarked, regionInBox, type ClickMode, type Marked } from './marked';
import { partedRegion } from './parting';
import type { Spot } from './pixels';
import { readyPhoto } from './ready';
import { areaOf, maskOf, overlap, regionOf } from './region';
import type { ReadyPhoto } from './click';

const size = { width: 160, height: 200 };
const ground = '#b9b4aa';

/** What is marked after several clicks, one on top of the other. */
const after = (photo: ReadyPhoto, clicks: readonly [Spot, ClickMode][]): Marked =>
	clicks.reduce<Marked>(
		(before, [spot, mode]) => afterClick(photo, before, { spot, mode })?.marked ?? before,
		nothingMarked
	);
const maskIn = ({ region }: Marked) =>
	region ? maskOf(region, size) : new Uint8Array(size.width * size.height);
const truthOf = (isOf: (x: number, y: number) => boolean) =>
	Uint8Array.from({ length: size.width * size.height }, (_, at) =>
		isOf(at % size.width, Math.floor(at / size.width)) ? 1 : 0
	);

/** A jacket over trousers of the same cloth: their seam is a line of a darker tone, with a gap in which nothing is seen of it. */
const suits = fc
	.record({
		cloth: fc.constantFrom(['#7d1f2b', '#541119'], ['#5a7598', '#3c5272'], ['#c58b3a', '#94641f']),
		seam: fc.integer({ min: 70, max: 110 }),
		gap: fc.integer({ min: 55, max: 95 }),
		wide: fc.integer({ min: 4, max: 10 })
	})
	.map(({ cloth: [cloth = '', line = ''], seam, gap, wide }) => {
		const isWorn = (x: number, y: number) => x >= 45 && x < 115 && y >= 20 && y < 180;
		const isLine = (x: number, y: number) => y >= seam && y < seam + 2 && (x < gap || x >= gap + wide);
		const photo = readyPhoto(
			picture(size.width, size.height, (x, y) => (isWorn(x, y) ? (isLine(x, y) ? line : cloth) : ground))
		);
		return {
			photo,
			jacket: truthOf((x, y) => isWorn(x, y) && y < seam + 1),
			trousers: truthOf((x, y) => isWorn(x, y) && y >= seam + 1)
		};
	});
const onJacket = { x: 80, y: 40 };
const onTrousers = { x: 78, y: 150 };

describe('what has run together', () => {
	it('is parted at its seam by a click on each side, gap or no gap', () =>
		fc.assert(
			fc.property(suits, fc.boolean(), ({ photo, jacket, trousers }, isUpper) => {
				const [own, other] = isUpper ? [onJacket, onTrousers] : [onTrousers, onJacket];
				const marked = after(photo, [
					[own, 'new'],
					[other, 'trim']
				]);
				expect(overlap(maskIn(marked), isUpper ? jacket : trousers)).toBeGreaterThan(0.9);
			}),
			{ numRuns: 12 }
		));
	it('keeps what was clicked on first, and what is taken away only makes it less', () =>
		fc.assert(
			fc.property(
				suits,
				fc.array(fc.record({ x: fc.integer({ min: 0, max: 159 }), y: fc.integer({ min: 0, max: 199 }) }), {
					minLength: 1,
					maxLength: 4
				}),
				({ photo }, spots) => {
					let marked = after(photo, [[onJacket, 'new']]);
					for (const spot of spots) {
						const before = maskIn(marked);
						marked = afterClick(photo, marked, { spot, mode: 'trim' })?.marked ?? marked;
						expect(maskIn(marked).every((inside, at) => inside <= (before[at] ?? 0))).toBe(true);
					}
					expect(maskIn(marked)[onJacket.y * size.width + onJacket.x]).toBe(1);
				}
			),
			{ numRuns: 12 }
		));
	it('does not come back with what is added', () =>
		fc.assert(
			fc.property(suits, fc.integer({ min: 50, max: 110 }), ({ photo }, x) => {
				const marked = after(photo, [
					[onJacket, 'new'],
					[onTrousers, 'trim'],
					[{ x, y: 30 }, 'add']
				]);
				expect(maskIn(marked)[onTrousers.y * size.width + onTrousers.x]).toBe(0);
			}),
			{ numRuns: 12 }
		));
	it('is parted from what lies farthest away, where a box marked it and nothing would be left', () =>
		fc.assert(
			fc.property(suits, ({ photo, jacket }) => {
				const boxed: Marked = { ...nothingMarked, region: { x: 45, y: 20, width: 70, height: 160 } };
				const { marked } = afterClick(photo, boxed, { spot: { x: 80, y: 172 }, mode: 'trim' })!;
				expect(overlap(maskIn(marked), jacket)).toBeGreaterThan(0.9);
			}),
			{ numRuns: 12 }
		));
});

describe('what is of another cloth', () => {
	const isDress = (x: number, y: number) => x >= 50 && x < 110 && y >= 20 && y < 180;
	const isBelt = (x: number, y: number) => isDress(x, y) && y >= 90 && y < 100;
	const isBag = (x: number, y: number) => x >= 122 && x < 150 && y >= 100 && y < 130;
	const photo = readyPhoto(
		picture(size.width, size.height, (x, y) =>
			isBelt(x, y) ? '#e8dcc0' : isDress(x, y) ? '#1c2745' : isBag(x, y) ? '#b02a6b' : ground
		)
	);
	const [dress, skirt, belt, bag] = [
		{ x: 80, y: 50 },
		{ x: 80, y: 140 },
		{ x: 80, y: 95 },
		{ x: 136, y: 115 }
	] as const;
	const bodice = truthOf((x, y) => isDress(x, y) && y < 90);
	const whole = truthOf((x, y) => isDress(x, y) && !isBelt(x, y));

	it('is taken away by itself, and leaves what lies beyond it', () => {
		const box: Marked = { kept: [dress], trimmed: [], region: { x: 50, y: 20, width: 60, height: 160 } };
		const { marked } = afterClick(photo, box, { spot: belt, mode: 'trim' })!;
		expect(overlap(maskIn(marked), whole)).toBeGreaterThan(0.95);
	});
	it('is added by itself, and taken away as it was added', () => {
		const first = after(photo, [[dress, 'new']]);
		expect(overlap(maskIn(first), bodice)).toBeGreaterThan(0.95);
		const more = after(photo, [
			[dress, 'new'],
			[skirt, 'add'],
			[bag, 'add']
		]);
		expect(areaOf(more.region!)).toBeGreaterThan(areaOf(first.region!) * 2);
		const less = afterClick(photo, more, { spot: { x: 126, y: 104 }, mode: 'trim' })!.marked;
		expect(overlap(maskIn(less), whole)).toBeGreaterThan(0.95);
	});
	it('takes nothing away from what is not marked', () => {
		expect(after(photo, [[bag, 'trim']]).region).toBeUndefined();
		const marked = after(photo, [[dress, 'new']]);
		const same = afterClick(photo, marked, { spot: bag, mode: 'trim' })!.marked;
		expect(same.region).toEqual(marked.region);
	});
	it('goes from the patch under a click to the whole picture, in every way of marking', () => {
		for (const mode of clickModes) {
			const levels = [-99, 0, 99].map((by) => afterClick(photo, nothingMarked, { spot: bag, mode, by })!);
			expect(levels.map(({ level }) => level)).toEqual([0, levels[1]!.level, levels[0]!.levels - 1]);
		}
	});
});

describe('parting', () => {
	const photo = readyPhoto(picture(60, 60, (x) => (x < 30 ? '#7d1f2b' : '#1c2745')));
	const region = { x: 0, y: 0, width: 60, height: 60 };
	it('needs a place on each side within the region', () => {
		const [left, right] = [
			{ x: 5, y: 5 },
			{ x: 55, y: 5 }
		];
		expect(partedRegion(photo, region, { kept: [left], trimmed: [] })).toBeUndefined();
		expect(partedRegion(photo, region, { kept: [left], trimmed: [{ x: 400, y: -3 }] })).toBeUndefined();
		expect(partedRegion(photo, region, { kept: [left], trimmed: [left] })).toBeUndefined();
		const parted = partedRegion(photo, region, { kept: [left], trimmed: [right] });
		expect(parted).toMatchObject({ x: 0, y: 0, width: 30, height: 60 });
	});
	it('gives every patch to one side or the other, whichever is kept', () => {
		const [left, right] = [
			{ x: 5, y: 5 },
			{ x: 55, y: 50 }
		];
		const [one, other] = [
			partedRegion(photo, region, { kept: [left], trimmed: [right] })!,
			partedRegion(photo, region, { kept: [right], trimmed: [left] })!
		];
		expect(areaOf(one) + areaOf(other)).toBe(3600);
	});
});

describe('what is marked already as other things', () => {
	/** A hat, a coat and trousers one below the other, far likelier to one another than to the light ground. */
	const dressed = fc
		.record({
			cloths: fc.constantFrom(
				['#6b5a44', '#87714f', '#4d4334'],
				['#3d4f6e', '#5b6d8c', '#2b3a55'],
				['#5e6b3f', '#7b8955', '#465030']
			),
			brim: fc.integer({ min: 34, max: 44 }),
			hem: fc.integer({ min: 90, max: 130 })
		})
		.map(({ cloths, brim, hem }) => {
			const colours: readonly string[] = cloths;
			const wornAt = (x: number, y: number) => {
				if (x >= 65 && x < 95 && y >= 20 && y < brim) return 0;
				if (x >= 45 && x < 115 && y >= brim && y < hem) return 1;
				return x >= 55 && x < 105 && y >= hem && y < 185 ? 2 : -1;
			};
			const photo = readyPhoto(
				picture(size.width, size.height, (x, y) => colours[wornAt(x, y)] ?? '#f4f2ee')
			);
			const truths = [0, 1, 2].map((worn) => truthOf((x, y) => wornAt(x, y) === worn));
			return {
				photo,
				truths,
				regions: truths.flatMap((truth) => regionOf(truth, size) ?? []),
				spots: [
					{ x: 80, y: 28 },
					{ x: 80, y: 70 },
					{ x: 80, y: 160 }
				]
			};
		});
	const worn = fc.integer({ min: 0, max: 2 });
	it('is none of what a click beside it means, at any level', () =>
		fc.assert(
			fc.property(
				dressed,
				worn,
				fc.integer({ min: -1, max: 3 }),
				({ photo, truths, regions, spots }, at, by) => {
					const others = regions.filter((_, i) => i !== at);
					const click = { spot: spots[at] ?? onJacket, mode: 'new' as const, others };
					const found = afterClick(photo, nothingMarked, { ...click, by })?.marked ?? nothingMarked;
					for (const [i, truth] of truths.entries())
						if (i !== at) expect(maskIn(found).some((inside, pixel) => inside && truth[pixel])).toBe(false);
					const taken = afterClick(photo, nothingMarked, click)?.marked ?? nothingMarked;
					expect(overlap(maskIn(taken), truths[at] ?? new Uint8Array())).toBeGreaterThan(0.9);
				}
			),
			{ numRuns: 15 }
		));
	it('can be meant by a click on it', () =>
		fc.assert(
			fc.property(dressed, worn, ({ photo, regions, spots }, at) => {
				const click = { spot: spots[at] ?? onJacket, mode: 'new' as const };
				const others = regions.slice(at, at + 1);
				const found = afterClick(photo, nothingMarked, { ...click, others });
				expect(found).toEqual(afterClick(photo, nothingMarked, click));
			}),
			{ numRuns: 10 }
		));
	it('is none of what a box is drawn around, unless that is all there is', () =>
		fc.assert(
			fc.property(dressed, ({ photo, truths, regions: [hat, coat, trousers] }) => {
				const all = { x: 40, y: 15, width: 80, height: 175 };
				const around = regionInBox(
					photo,
					all,
					[hat, coat].flatMap((one) => one ?? [])
				);
				expect(
					overlap(maskIn({ ...nothingMarked, region: around }), truths[2] ?? new Uint8Array())
				).toBeGreaterThan(0.9);
				const again = trousers && regionInBox(photo, trousers, [trousers]);
				expect(again && areaOf(again)).toBeGreaterThan(0.8 * areaOf(trousers ?? all));
			}),
			{ numRuns: 10 }
		));
});
