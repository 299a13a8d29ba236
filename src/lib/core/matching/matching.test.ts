import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop,
	uuid
} from '../../../../tests/records';
import type { Item, Match } from '../model/worn';
import { chooseItem, clearMatch, leaveOut, markDone, noteMatch, toggleMove } from './choosing';
import { matchOf, optionsOfPiece, resolveItem, wornIn } from './items';
import { judge } from './judging';
import { inOrder, moveElement } from './order';
import { rankCandidates } from './rank';
import { sheetCautions, sheetOf } from './sheet';

const top = element(1, garment('blouse', ['ivory']), { moves: ['tucked'] });
const skirt = element(2, garment('pleated-skirt', ['bottle green']));
const necklace = element(3, garment('pearl-necklace', ['pearl']));
const other = element(4, garment('choker', ['jet']));
const elements = [top, skirt, necklace, other];

const dress = makePiece(1, garment('tea-dress', ['ivory']));
const pearls = makePiece(2, garment('pearl-necklace', ['pearl']));
const itemOf = (piece: typeof dress): Item => ({
	source: 'piece',
	pieceId: piece.id,
	partId: piece.parts[0]?.id ?? ''
});
const choose = (matches: Match[], of: typeof top, piece: typeof dress, n: number) =>
	chooseItem(
		matches,
		elements,
		{ element: of, item: itemOf(piece), garment: piece.parts[0]!.garment },
		uuid(900 + n)
	);

describe('choosing', () => {
	it('takes an owned piece for an element, with its moves as done', () => {
		const [match] = choose([], top, dress, 1);
		expect(match).toMatchObject({
			elementIds: [top.id],
			state: 'items',
			movesDone: ['tucked'],
			reason: 'owned'
		});
	});

	it('lets one dress answer top and skirt', () => {
		const matches = choose(choose([], top, dress, 1), skirt, dress, 2);
		expect(matches).toHaveLength(1);
		expect(matches[0]?.elementIds).toEqual([top.id, skirt.id]);
	});

	it('does not wear one necklace twice: the second element takes it from the first', () => {
		const matches = choose(choose([], necklace, pearls, 1), other, pearls, 2);
		expect(matchOf({ matches }, necklace.id)).toBeUndefined();
		expect(matchOf({ matches }, other.id)?.items).toHaveLength(1);
	});

	it('replaces what was there, and leaves the other elements alone', () => {
		const both = choose(choose([], top, dress, 1), necklace, pearls, 2);
		const replaced = leaveOut(both, top.id, uuid(903));
		expect(matchOf({ matches: replaced }, top.id)?.state).toBe('left-out');
		expect(matchOf({ matches: replaced }, necklace.id)?.items).toHaveLength(1);
		expect(clearMatch(replaced, top.id)).toHaveLength(1);
	});

	it('splits a shared match when one of its elements is cleared', () => {
		const shared = choose(choose([], top, dress, 1), skirt, dress, 2);
		expect(clearMatch(shared, top.id)[0]?.elementIds).toEqual([skirt.id]);
	});

	it('turns a move on and off, and notes a reason', () => {
		const matches = choose([], top, dress, 1);
		const off = toggleMove(matches, top.id, 'tucked');
		expect(off[0]?.movesDone).toEqual([]);
		expect(toggleMove(off, top.id, 'tucked')[0]?.movesDone).toEqual(['tucked']);
		expect(noteMatch(matches, top.id, { reason: 'body' })[0]?.reason).toBe('body');
	});

	it('marks hair as done', () => {
		const bun = element(5, garment('low-bun'));
		expect(markDone([], bun, uuid(901))[0]).toMatchObject({ state: 'done', elementIds: [bun.id] });
	});

	it('leaves its input as it was', () => {
		const before = choose([], top, dress, 1);
		const frozen = JSON.stringify(before);
		choose(before, skirt, dress, 2);
		leaveOut(before, top.id, uuid(905));
		expect(JSON.stringify(before)).toBe(frozen);
	});
});

describe('ways to wear a piece', () => {
	const tan = garment('belt', ['tan']);
	const black = garment('belt', ['black']);
	const belt = { ...makePiece(7, tan), name: 'Reversible belt' };
	const part = belt.parts[0]!;
	belt.configurations = [
		{ id: uuid(70), name: 'black side', garments: [{ partId: part.id, garment: black }] }
	];

	it('are its parts and their configurations', () => {
		expect(optionsOfPiece(belt).map(({ title }) => title)).toEqual([
			'Reversible belt',
			'Reversible belt, black side'
		]);
	});

	it('are looked up again by their item', () => {
		const configured = optionsOfPiece(belt)[1]!.item;
		expect(resolveItem(configured, [belt])?.garment).toEqual(black);
		expect(resolveItem(configured, [])).toBeUndefined();
	});
});

describe('ranking', () => {
	it('puts the closest first and leaves out what is worn elsewhere', () => {
		const candidates = [
			garment('handbag', ['ivory']),
			garment('blouse', ['wine']),
			garment('blouse', ['ivory'])
		];
		const ranked = rankCandidates(top, candidates, (candidate) => candidate);
		expect(ranked.map(({ candidate }) => candidate)).toEqual([candidates[2], candidates[1]]);
	});
});

describe('the order of importance', () => {
	it('moves an element up or down and keeps ranks 1, 2, 3…', () => {
		const moved = moveElement(elements, skirt.id, -1);
		expect(moved.map(({ id }) => id)).toEqual([skirt.id, top.id, necklace.id, other.id]);
		expect(moved.map(({ rank }) => rank)).toEqual([1, 2, 3, 4]);
		expect(moveElement(elements, top.id, -1).map(({ id }) => id)).toEqual(
			inOrder(elements).map(({ id }) => id)
		);
	});

	it('leaves the order alone for an element that is not there', () => {
		expect(moveElement(elements, uuid(999), 1).map(({ id }) => id)).toEqual(elements.map(({ id }) => id));
	});
});

describe('judging and handing over', () => {
	const reference = makeReference(elements);
	const listing = makeListing(1, garment('choker', ['jet'], {}), 1250);
	const matches = chooseItem(
		choose(choose([], top, dress, 1), necklace, pearls, 2),
		elements,
		{
			element: other,
			item: { source: 'listing', listing, shop: makeShop(1), seenOn: '2026-01-02' },
			garment: listing.garment
		},
		uuid(910)
	);
	const echo = { ...makeEcho(makeClient(), reference), matches };
	const pieces = [dress, pearls];

	it('freezes reference, garments, prices and score', () => {
		const judgement = judge(
			echo,
			reference,
			pieces,
			{ ownRating: 70, wouldWear: 'yes', note: '', pieces: [] },
			{ id: uuid(80), at: '2026-01-02T10:00:00.000Z', currency: 'GBP' }
		);
		expect(judgement.reference).toMatchObject({ id: reference.id, title: reference.title });
		expect(judgement.reference.elements).toEqual(reference.elements);
		expect(judgement.worn.map(({ title }) => title)).toContain(listing.title);
		expect(judgement.total?.amountMinor).toBe(1250 + 395);
		expect(judgement.score).toBeGreaterThan(0);
		expect(judgement.losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(
			100 - judgement.score,
			6
		);
	});

	it('lists the echo piece by piece, gaps named, in order of importance', () => {
		const lines = sheetOf(echo, reference, pieces);
		expect(lines.map(({ state }) => state)).toEqual(['items', 'gap', 'items', 'items']);
		expect(lines[0]?.howToWear).toEqual(['tucked in']);
	});

	it('prints the usual cautions for heels and hems', () => {
		const heels = element(8, garment('stilettos', ['black'], { heelHeight: 'high' }));
		const gown = element(9, garment('evening-gown', ['emerald'], { hemLength: 'floor' }));
		const worn = [heels, gown].map((one) => makePiece(one.rank + 20, one.garment));
		const chosen = worn.reduce<Match[]>(
			(all, piece, i) =>
				chooseItem(
					all,
					[heels, gown],
					{ element: [heels, gown][i]!, item: itemOf(piece), garment: piece.parts[0]!.garment },
					uuid(920 + i)
				),
			[]
		);
		const evening = makeReference([heels, gown]);
		expect(sheetCautions(sheetOf({ ...echo, matches: chosen }, evening, worn))).toEqual(['heels', 'hems']);
		expect(sheetCautions(sheetOf({ ...echo, matches: [] }, evening, worn))).toEqual([]);
	});

	it('knows what an echo wears, and drops pieces that are gone', () => {
		expect(wornIn(echo, pieces).find(({ elementId }) => elementId === top.id)?.garments).toHaveLength(1);
		expect(wornIn(echo, [pearls]).find(({ elementId }) => elementId === top.id)?.garments).toHaveLength(0);
	});
});
