import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makePiece, makeReference, uuid } from '../../../../tests/records';
import { elementScorer, scoreLook } from '../closeness/look';
import { skins } from '../lexicon/skins';
import type { Garment } from '../model/garment';
import type { Match } from '../model/worn';
import type { Element } from '../model/reference';
import { bestAssignment, matchWardrobe } from './assign';
import { leaveOut, togglePin } from './choosing';
import { matchOf, optionsOfPiece, wornIn } from './items';
import { byCheapness, winBacks, type Offer } from './win-back';

/** The most that any choice of one column a row, each column once and rows left empty at will, is worth. */
function bruteForce(worths: number[][], row = 0, used = new Set<number>()): number {
	const line = worths[row];
	if (!line) return 0;
	let best = bruteForce(worths, row + 1, used);
	line.forEach((worth, column) => {
		if (used.has(column)) return;
		used.add(column);
		best = Math.max(best, worth + bruteForce(worths, row + 1, used));
		used.delete(column);
	});
	return best;
}
const worthOf = (worths: number[][], chosen: (number | undefined)[]) =>
	chosen.reduce<number>(
		(sum, column, row) => sum + (column === undefined ? 0 : (worths[row]?.[column] ?? 0)),
		0
	);

describe('the best assignment', () => {
	it('solves a textbook matrix of costs (checked by all its permutations)', () => {
		const costs = [
			[5, 9, 1],
			[10, 3, 2],
			[8, 7, 4]
		];
		const worths = costs.map((row) => row.map((cost) => 20 - cost));
		const chosen = bestAssignment(worths);
		expect(worthOf(worths, chosen)).toBe(bruteForce(worths));
		expect(60 - worthOf(worths, chosen)).toBe(12);
	});

	it('is worth what brute force finds, up to seven rows, wide or tall', () => {
		fc.assert(
			fc.property(
				fc.tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 7 })).chain(([rows, columns]) =>
					fc.array(fc.array(fc.integer({ min: 0, max: 40 }), { minLength: columns, maxLength: columns }), {
						minLength: rows,
						maxLength: rows
					})
				),
				(worths) => {
					const chosen = bestAssignment(worths);
					const columns = chosen.filter((column) => column !== undefined);
					expect(new Set(columns).size).toBe(columns.length);
					expect(worthOf(worths, chosen)).toBe(bruteForce(worths));
				}
			),
			{ numRuns: 120 }
		);
	});

	it('leaves a row empty rather than fill it with what is worth nothing', () => {
		expect(
			bestAssignment([
				[0, 0],
				[3, 0]
			])
		).toEqual([undefined, 0]);
		expect(bestAssignment([[], []])).toEqual([undefined, undefined]);
	});
});

const top = element(1, garment('blouse', ['ivory']), { moves: ['tucked'] });
const skirt = element(2, garment('pleated-skirt', ['bottle green']));
const bag = element(3, garment('handbag', ['tan']));
const scarf = element(4, garment('scarf', ['wine']));
const look = { elements: [top, skirt, bag, scarf] };
let next = 0;
const newId = () => uuid(5000 + next++);
const wardrobe = (...garments: Garment[]) => garments.map((one, i) => makePiece(i + 30, one));
const scoreOf = (
	matches: Match[],
	pieces: ReturnType<typeof wardrobe>,
	elements: Element[] = look.elements
) => scoreLook({ elements }, wornIn({ matches }, pieces)).score;
const matched = (pieces: ReturnType<typeof wardrobe>, before: Match[] = [], reference = look) =>
	matchWardrobe(reference, before, pieces.flatMap(optionsOfPiece), { newId });

describe('matching the whole wardrobe', () => {
	it('wears each piece once, where it earns most', () => {
		const pieces = wardrobe(
			garment('scarf', ['wine']),
			garment('pleated-skirt', ['bottle green']),
			garment('blouse', ['ivory']),
			garment('blouse', ['wine']),
			garment('handbag', ['tan'])
		);
		const matches = matched(pieces);
		expect(matches).toHaveLength(4);
		expect(scoreOf(matches, pieces)).toBeCloseTo(100, 6);
		const items = matches.flatMap((match) => match.items.map((item) => JSON.stringify(item)));
		expect(new Set(items).size).toBe(items.length);
	});

	it('gives a piece that two elements want to the one that leaves the whole best', () => {
		const [first, second] = [
			element(1, garment('necklace', ['pearl'])),
			element(2, garment('pearl-necklace', ['pearl']))
		];
		const pieces = wardrobe(garment('pearl-necklace', ['pearl']), garment('necklace', ['pearl']));
		const reference = { elements: [first, second] };
		const matches = matched(pieces, [], reference);
		expect(matchOf({ matches }, first.id)?.items[0]).toMatchObject({ pieceId: pieces[1]?.id });
		expect(matchOf({ matches }, second.id)?.items[0]).toMatchObject({ pieceId: pieces[0]?.id });
	});

	it('never changes what is pinned, left out or to be bought', () => {
		const pieces = wardrobe(
			garment('blouse', ['wine']),
			garment('blouse', ['ivory']),
			garment('handbag', ['tan'])
		);
		const wine = pieces[0]!;
		const pinned = togglePin(matched([wine], [], { elements: [top] }), top.id);
		const before = leaveOut(pinned, bag.id, newId());
		const after = matched(pieces, before);
		expect(matchOf({ matches: after }, top.id)).toEqual(pinned[0]);
		expect(matchOf({ matches: after }, bag.id)?.state).toBe('left-out');
	});

	it('lets a dress answer top and skirt where that earns more, and wears no top with it', () => {
		const ivory = { elements: [top, element(2, garment('pleated-skirt', ['ivory']))] };
		const pieces = wardrobe(garment('shirt', ['black']), garment('shirt-dress', ['ivory']));
		const [match, ...others] = matched(pieces, [], ivory);
		expect(match?.elementIds).toEqual(ivory.elements.map(({ id }) => id));
		expect(match?.items[0]).toMatchObject({ pieceId: pieces[1]?.id });
		expect(others).toEqual([]);
	});

	it('prefers separates where they earn more than the dress', () => {
		const pieces = wardrobe(
			garment('shirt-dress', ['ivory']),
			garment('blouse', ['ivory']),
			garment('pleated-skirt', ['bottle green'])
		);
		const worn = matched(pieces).flatMap(({ items }) => items);
		expect(worn).toHaveLength(2);
		expect(worn).not.toContainEqual(expect.objectContaining({ pieceId: pieces[0]?.id }));
	});

	it('is never worth less than what was there, and changes nothing the second time', () => {
		const pieces = wardrobe(
			garment('blouse', ['ivory', 'navy']),
			garment('jumper', ['cream']),
			garment('skirt', ['green']),
			garment('tote', ['tan']),
			garment('shawl', ['wine']),
			garment('shirt-dress', ['ivory'])
		);
		const first = matched(pieces);
		expect(scoreOf(first, pieces)).toBeGreaterThan(0);
		expect(matched(pieces, first)).toEqual(first);
	});
});

describe('the cheapest points to win back', () => {
	const pieces = wardrobe(garment('blouse', ['wine']), garment('pleated-skirt', ['bottle green']));
	const before = matched(pieces);
	const worn = wornIn({ matches: before }, pieces);
	const owned = makePiece(60, garment('blouse', ['ivory']));
	const [better] = optionsOfPiece(owned);
	const offers = (id: string): Offer[] =>
		id === top.id && better
			? [{ key: 'ivory', item: better.item, title: 'Ivory blouse', garment: better.garment }]
			: id === bag.id
				? [
						{
							key: 'near',
							item: better!.item,
							title: 'Near',
							garment: garment('handbag', ['brown']),
							cost: { amountMinor: 900, currency: 'GBP' }
						},
						{
							key: 'exact',
							item: better!.item,
							title: 'Exact',
							garment: garment('handbag', ['tan']),
							cost: { amountMinor: 90_000, currency: 'GBP' }
						}
					]
				: [];
	const scorer = elementScorer(look);
	const offersFor = (id: string) =>
		offers(id).map((offer) => ({
			...offer,
			earned: scorer(id, {
				elementId: id,
				state: 'items',
				garments: [offer.garment],
				movesDone: look.elements.find((one) => one.id === id)!.moves
			}).score.earned
		}));
	const found = winBacks(look, before, worn, offersFor);

	it('names what is free before what is to be bought, and the better bargain of two', () => {
		expect(found.map(({ elementId }) => elementId)).toEqual([top.id, bag.id]);
		expect(found[1]?.change).toMatchObject({ kind: 'item', offer: { title: 'Near' } });
	});

	it('asks of the best first whether it can be taken, and comes to what leaving the others out does', () => {
		const titles = [...new Set(look.elements.flatMap(({ id }) => offersFor(id).map(({ title }) => title)))];
		for (const closed of titles) {
			const isOpen = ({ title }: Offer) => title !== closed;
			const without = winBacks(look, before, worn, (id) => offersFor(id).filter(isOpen));
			expect(winBacks(look, before, worn, offersFor, { openFor: () => isOpen }), closed).toEqual(without);
		}
		const asked: string[] = [];
		winBacks(look, before, worn, offersFor, {
			openFor:
				() =>
				({ title }) =>
					asked.push(title) > 0
		});
		expect(asked.length).toBeLessThan(titles.length);
	});

	it('wins exactly what it says', () => {
		for (const { elementId, points, change } of found) {
			if (change.kind !== 'item') continue;
			const instead = [
				...worn.filter((one) => one.elementId !== elementId),
				{
					elementId,
					state: 'items' as const,
					garments: [change.offer.garment],
					movesDone: look.elements.find(({ id }) => id === elementId)!.moves
				}
			];
			expect(scoreLook(look, instead).score - scoreLook(look, worn).score).toBeCloseTo(points, 6);
		}
	});

	it('names a move that is not done, and leaves a pinned match alone', () => {
		const undone = before.map((match) => ({ ...match, movesDone: [] }));
		const wornUndone = wornIn({ matches: undone }, pieces);
		const moves = winBacks(look, undone, wornUndone, () => []);
		expect(moves[0]?.change).toEqual({ kind: 'moves', moves: ['tucked'] });
		expect(
			winBacks(look, togglePin(before, top.id), worn, offersFor).map(({ elementId }) => elementId)
		).toEqual([bag.id]);
	});

	it('are in order of what a point costs', () => {
		const costing = (amountMinor: number, points: number) => ({
			elementId: top.id,
			points,
			change: {
				kind: 'item' as const,
				offer: {
					key: '',
					item: better!.item,
					title: '',
					garment: top.garment,
					cost: { amountMinor, currency: 'GBP' }
				}
			}
		});
		const sorted = [costing(1000, 2), costing(0, 1), costing(300, 1), costing(0, 4)].sort(byCheapness);
		expect(sorted.map(({ points, change }) => [change.offer.cost.amountMinor, points])).toEqual([
			[0, 4],
			[0, 1],
			[300, 1],
			[1000, 2]
		]);
	});
});

it('matches nude in the tone of the client’s skin', () => {
	const asked = makeReference([element(1, garment('court-shoes', ['nude']))]);
	const shoes = (n: number, skin: 'fair' | 'deep') =>
		optionsOfPiece(makePiece(n, garment('court-shoes', [skins[skin]])));
	const wardrobe = [...shoes(1, 'fair'), ...shoes(2, 'deep')];
	const chosenFor = (skin: 'fair' | 'deep') => {
		let n = 0;
		const client = { figure: { skin, hair: 'black' as const, hairShape: 'up' as const } };
		const [match] = matchWardrobe(asked, [], wardrobe, { client, newId: () => uuid(900 + n++) });
		return match?.items[0];
	};
	expect(chosenFor('fair')).toMatchObject({ pieceId: wardrobe[0]?.piece.id });
	expect(chosenFor('deep')).toMatchObject({ pieceId: wardrobe[1]?.piece.id });
});
