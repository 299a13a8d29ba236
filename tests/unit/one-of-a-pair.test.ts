/** One of a pair by itself: said, chosen, scored, drawn and looked over. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	choosing,
	comesInPairs,
	drawPlate,
	garmentType,
	garmentTypes,
	halfOf,
	matchWardrobe,
	optionsOfPiece,
	plateSvg,
	readLook,
	sides,
	type Element,
	type Garment,
	type Item,
	type OwnedOption,
	type Side
} from '../../src/lib/core';
import { elementScorer } from '../../src/lib/core/closeness/look';
import { sameItem, sameThing } from '../../src/lib/core/matching/items';
import { element, elementsArbitrary, garmentArbitrary, palette } from '../arbitraries';
import { colourWord } from '../looks';
import { makePiece, uuid } from '../records';
import { someOf } from '../read';

const runs = { numRuns: 200 };
const side = someOf(sides);
/** Kinds of which one can be named by a single word: "hoop", "boot", "glove". */
const single = garmentTypes.filter(
	({ id, singular, plural }) => comesInPairs(id) && /^[a-z]+s$/.test(singular) && singular === plural
);
const oneOf = (singular: string) => singular.replace(/s$/, '');
const place = { feet: 'foot', hosiery: 'leg', hands: 'hand', ears: 'ear' } as Record<string, string>;
const named = someOf(single);
const reads = (text: string) =>
	readLook(text).elements.map(({ garment, side }) => ({ type: garment.type, side }));

describe('a text that says a side', () => {
	it('has kinds to say it of', () => expect(single.length).toBeGreaterThan(12));
	it('"a black boot on the left foot", "the left boot": of that thing alone, in any colour', () => {
		fc.assert(
			fc.property(named, side, colourWord, fc.boolean(), ({ id, singular, slot }, on, colour, before) => {
				const one = oneOf(singular);
				fc.pre(reads(`${colour} ${one}`)[0]?.type === id);
				const text = before
					? `white shirt, ${on} ${colour} ${one}, black trousers`
					: `white shirt, ${colour} ${one} on the ${on} ${place[slot]}, black trousers`;
				const [shirt, half, trousers] = readLook(text).elements;
				expect(half?.garment.type, text).toBe(id);
				expect([shirt?.side, half?.side, trousers?.side], text).toEqual([undefined, on, undefined]);
			}),
			runs
		);
	});
	it('gives two halves their own sides, in either order, and changes neither garment', () => {
		fc.assert(
			fc.property(named, side, colourWord, colourWord, ({ id, singular, slot }, on, one, other) => {
				fc.pre(one !== other && reads(`${one} ${oneOf(singular)}`)[0]?.type === id);
				const across = sides.find((each) => each !== on);
				const noun = oneOf(singular);
				const text = `${one} ${noun} in the ${on} ${place[slot]}, ${other} ${noun} in the ${across} ${place[slot]}`;
				const { elements } = readLook(text);
				expect(
					elements.map((half) => half.side),
					text
				).toEqual([on, across]);
				const plain = readLook(`${one} ${noun}, ${other} ${noun}`).elements;
				expect(
					elements.map(({ garment }) => garment),
					text
				).toEqual(plain.map(({ garment }) => garment));
			}),
			runs
		);
	});
	it('is heard of no whole thing, and of no place that is named for another', () => {
		for (const text of [
			'brooch on the left lapel, gold hoops',
			'parted on the left, pearl studs',
			'left wrist: gold watch; black boots',
			'a bag in the right hand, brown loafers'
		])
			expect(
				readLook(text).elements.every(({ side: said }) => said === undefined),
				text
			).toBe(true);
	});
	it.each([
		['odd earrings: a pearl stud and a gold hoop', ['studs left', 'hoops right']],
		['one red sock and one blue sock with white trainers', ['socks left', 'socks right', 'trainers ']],
		['silver hoop in one ear, pearl drop in the other', ['hoops left', 'drop-earrings right']],
		['left ear: a small gold hoop; right ear: a long pearl drop', ['hoops left', 'drop-earrings right']],
		['jeans, left boot black, right boot cream', ['jeans ', 'boots left', 'boots right']]
	])('%s', (text, expected) =>
		expect(reads(text).map(({ type, side: said = '' }) => `${type} ${said}`)).toEqual(expected)
	);
});

describe('what is worn on one side', () => {
	/** Two garments that answer one element, each for its half. */
	const scored = (asked: Garment, worn: [Garment, Side | undefined][], askedSide?: Side) => {
		const only = { ...element(1, asked), ...(askedSide && { side: askedSide }) };
		return elementScorer({ elements: [only] })(only.id, {
			elementId: only.id,
			state: 'items',
			garments: worn.map(([garment]) => garment),
			sides: worn.map(([, on]) => on),
			movesDone: only.moves
		});
	};
	const shoes = garmentArbitrary('court-shoes');
	const sum = (losses: { points: number }[]) => losses.reduce((all, { points }) => all + points, 0);

	it('earns the mean of what each half would earn as a pair', () => {
		fc.assert(
			fc.property(shoes, shoes, shoes, (asked, left, right) => {
				const pairOf = (garment: Garment) => scored(asked, [[garment, undefined]]).score.earned;
				const { score, losses } = scored(asked, [
					[left, 'left'],
					[right, 'right']
				]);
				expect(score.earned).toBeCloseTo((pairOf(left) + pairOf(right)) / 2, 8);
				expect(sum(losses)).toBeCloseTo(score.points - score.earned, 8);
			}),
			runs
		);
	});
	it('leaves the other half a gap, and filling that never lowers the score', () => {
		fc.assert(
			fc.property(shoes, shoes, shoes, side, (asked, one, other, on) => {
				const across = on === 'left' ? 'right' : 'left';
				const half = scored(asked, [[one, on]]);
				expect(half.losses.find(({ kind }) => kind === 'gap')?.points).toBeCloseTo(half.score.points / 2, 8);
				const both = scored(asked, [
					[one, on],
					[other, across]
				]);
				expect(both.score.earned).toBeGreaterThanOrEqual(half.score.earned - 1e-9);
			}),
			runs
		);
	});
	it('is told half by half: what each earns adds up, a half without an answer earns nothing', () => {
		fc.assert(
			fc.property(shoes, shoes, shoes, fc.boolean(), (asked, one, other, whole) => {
				const { score } = scored(
					asked,
					whole
						? [
								[one, 'left'],
								[other, 'right']
							]
						: [[one, 'left']]
				);
				const [left, right] = score.halves ?? [];
				expect([left?.side, right?.side]).toEqual(['left', 'right']);
				expect((left?.earned ?? 0) + (right?.earned ?? 0)).toBeCloseTo(score.earned, 8);
				expect((left?.points ?? 0) + (right?.points ?? 0)).toBeCloseTo(score.points, 8);
				expect(left?.garment).toEqual(one);
				expect(right?.garment).toEqual(whole ? other : undefined);
				if (!whole) expect(right?.earned).toBe(0);
				expect(scored(asked, [[one, undefined]]).score.halves).toBeUndefined();
			}),
			runs
		);
	});
	it('is all that is asked where the reference wears it so', () => {
		fc.assert(
			fc.property(shoes, shoes, side, (asked, one, on) => {
				const across = on === 'left' ? 'right' : 'left';
				const whole = scored(asked, [[one, undefined]]).score.earned;
				expect(scored(asked, [[one, on]], on).score.earned).toBeCloseTo(whole, 8);
				expect(scored(asked, [[one, across]], on).score.earned).toBe(0);
			}),
			runs
		);
	});
	it('scores looks of pairs as before', () => {
		fc.assert(
			fc.property(elementsArbitrary, (elements) => {
				fc.pre(elements.length > 0);
				const scorer = elementScorer({ elements });
				for (const { id, garment, moves } of elements) {
					const worn = { elementId: id, state: 'items' as const, garments: [garment], movesDone: moves };
					expect(scorer(id, { ...worn, sides: [undefined] })).toEqual(scorer(id, worn));
				}
			}),
			{ numRuns: 60 }
		);
	});
});

describe('choosing halves', () => {
	const shoe = (n: number): { item: Item; garment: Garment } => {
		const garment: Garment = { type: 'loafers', facets: {}, palette: palette('#a02020') };
		const piece = makePiece(n, garment);
		return { item: { source: 'piece', pieceId: piece.id, partId: piece.parts[0]!.id }, garment };
	};
	const asked = element(1, { type: 'loafers', facets: {}, palette: palette('#a02020') });
	const elements = [asked];
	const chosen = choosing.chooseItem([], elements, { element: asked, ...shoe(1) }, uuid(1));
	const shared = choosing.addItem(chosen, elements, { element: asked, ...shoe(2) }, uuid(2));
	const sidesIn = (matches: typeof chosen) => matches.flatMap(({ items }) => items.map((item) => item.side));

	it('a second pair of shoes shares the feet, and taken off leaves a pair', () => {
		expect(sidesIn(shared)).toEqual(['left', 'right']);
		expect(sidesIn(choosing.removeItem(shared, asked.id, shoe(1).item))).toEqual([undefined]);
	});
	it('a half is moved to the other side, and made a pair again', () => {
		const moved = choosing.setSide(shared, asked.id, shoe(1).item, 'right');
		expect(sidesIn(moved)).toEqual(['right', 'right']);
		expect(sidesIn(choosing.setSide(moved, asked.id, shoe(1).item, undefined))).toEqual([undefined, 'right']);
	});
	it('one pair answers two elements, a half each', () => {
		const [left, right] = sides.map((on, i) => ({ ...element(10 + i, asked.garment), side: on }));
		const first = choosing.chooseItem([], [left!, right!], { element: left!, ...shoe(3) }, uuid(3));
		const both = choosing.chooseItem(first, [left!, right!], { element: right!, ...shoe(3) }, uuid(4));
		expect(sidesIn(both)).toEqual(['left', 'right']);
		expect(sameThing({ ...shoe(3).item, side: 'left' }, { ...shoe(3).item, side: 'right' })).toBe(false);
		expect(sameThing({ ...shoe(3).item, side: 'left' }, shoe(3).item)).toBe(true);
	});
	it('put on one side, what was on both keeps the other, and what was on that side makes way', () => {
		const onLeft = choosing.chooseOnSide(
			chosen,
			elements,
			{ element: asked, ...shoe(2), side: 'left' },
			uuid(5)
		);
		expect(sidesIn(onLeft)).toEqual(['right', 'left']);
		const another = choosing.chooseOnSide(
			onLeft,
			elements,
			{ element: asked, ...shoe(3), side: 'left' },
			uuid(6)
		);
		expect(another.flatMap(({ items }) => items)).toEqual([
			{ ...shoe(1).item, side: 'right' },
			{ ...shoe(3).item, side: 'left' }
		]);
		const first = choosing.chooseOnSide([], elements, { element: asked, ...shoe(1), side: 'right' }, uuid(7));
		expect(sidesIn(first)).toEqual(['right']);
	});
	it('steps from side to side: each thing is worn once, on both sides or on one, and what was noted stays', () => {
		const step = fc.record({ n: fc.integer({ min: 1, max: 4 }), on: side });
		fc.assert(
			fc.property(fc.array(step, { minLength: 1, maxLength: 12 }), (steps) => {
				const noted = choosing.noteMatch(chosen, asked.id, { note: 'as she likes it' });
				const end = steps.reduce(
					(matches, { n, on }, i) =>
						choosing.chooseOnSide(matches, elements, { element: asked, ...shoe(n), side: on }, uuid(100 + i)),
					noted
				);
				const items = end.flatMap((match) => match.items);
				const last = steps.at(-1)!;
				expect(end.map(({ note }) => note)).toEqual(['as she likes it']);
				expect(items.at(-1)).toEqual({ ...shoe(last.n).item, side: last.on });
				expect(items.filter(({ side: on }) => on === last.on)).toHaveLength(1);
				for (const item of items)
					expect(items.filter((other) => other !== item && sameThing(other, item))).toEqual([]);
			}),
			runs
		);
	});
	describe('of a whole wardrobe', () => {
		const types = ['studs', 'hoops', 'drop-earrings', 'loafers', 'court-shoes', 'ankle-boots'] as const;
		const kind = someOf(types);
		const sided = fc.record({ type: kind, on: fc.option(side, { nil: undefined }) });
		const colours = ['#a02020', '#203060', '#c0a040'] as const;
		const thing = (type: Garment['type'], n: number) =>
			({ type, facets: {}, palette: palette(colours[n % 3]!) }) satisfies Garment;
		/** The most that any choice earns: each pair once, or once on each side where all of its slot is asked for by sides. */
		function most(
			asks: readonly Element[],
			pairs: readonly OwnedOption[],
			earns: (ask: Element, pair: OwnedOption) => number
		) {
			const slotOf = (ask: Element) => garmentType(ask.garment.type).slot;
			const halves = (ask: Element) => asks.every((other) => slotOf(other) !== slotOf(ask) || other.side);
			const used = new Set<string>();
			const best = (i: number): number => {
				const ask = asks[i];
				if (!ask) return 0;
				return pairs.reduce(
					(sum, pair) => {
						const key = `${pair.piece.id} ${halves(ask) ? ask.side : ''}`;
						const worth = used.has(key) ? 0 : earns(ask, pair);
						if (worth <= 0) return sum;
						used.add(key);
						const whole = worth + best(i + 1);
						used.delete(key);
						return Math.max(sum, whole);
					},
					best(i + 1)
				);
			};
			return best(0);
		}
		it('a pair serves both its sides, where both are asked for by themselves, as brute force finds', () => {
			fc.assert(
				fc.property(
					fc.array(sided, { minLength: 1, maxLength: 4 }),
					fc.array(kind, { minLength: 1, maxLength: 4 }),
					(looks, owned) => {
						const asks = looks.map(({ type, on }, i) => ({
							...element(20 + i, thing(type, i)),
							...(on && { side: on })
						}));
						const reference = { elements: asks };
						const pairs = owned.flatMap((type, i) => optionsOfPiece(makePiece(30 + i, thing(type, i))));
						let next = 200;
						const matches = matchWardrobe(reference, [], pairs, { newId: () => uuid(next++) });
						const scorer = elementScorer(reference, {});
						const earns = ({ id }: Element, { garment }: OwnedOption) => {
							const worn = { elementId: id, state: 'items' as const, garments: [garment], movesDone: [] };
							return scorer(id, worn).score.earned;
						};
						const got = matches.reduce(
							(sum, { elementIds, items }) =>
								sum +
								earns(
									asks.find(({ id }) => id === elementIds[0])!,
									pairs.find(({ item }) => sameItem(item, items[0]!))!
								),
							0
						);
						expect(got).toBeCloseTo(most(asks, pairs, earns), 6);
						const worn = matches.flatMap(({ items }) => items);
						for (const item of worn)
							expect(worn.filter((other) => other !== item && sameThing(other, item))).toEqual([]);
					}
				),
				runs
			);
		});
	});
});

describe('the plate of halves', () => {
	const worn = (on: Side, colour: string) => ({
		id: on,
		garment: { type: 'boots', facets: {}, palette: palette(colour) } satisfies Garment,
		moves: [],
		side: on
	});
	const plate = drawPlate({ worn: [worn('left', '#101010'), worn('right', '#f0e0c0')] });
	it('has a layer of each side, seen on that side alone', () => {
		const halves = plate.layers.filter((layer) => layer.side);
		expect(halves.map((layer) => layer.side)).toEqual(['left', 'right']);
		const [left, right] = sides.map((on) => halfOf(on, plate));
		expect(left!.x).toBe(right!.x + right!.width);
		expect(left!.width + right!.width).toBe(plate.width);
	});
	it('is written with a clip for each side that is worn, and with none for pairs', () => {
		expect(plateSvg(plate).match(/<clipPath /g)).toHaveLength(2);
		const { side: _side, ...pair } = worn('left', '#101010');
		expect(plateSvg(drawPlate({ worn: [pair] }))).not.toContain('clip');
	});
});
