// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop
} from '../../../../../tests/records';
import {
	addDays,
	emptyStudio,
	freshEvent,
	type Candidate,
	type Echo,
	type Item,
	type Piece
} from '$lib/core';
import { today } from '$lib/store/clock';
import { database } from '$lib/store/database';
import { undo } from '$lib/store/journal';
import { replaceStudio } from '$lib/store/studio';
import { notices } from '../../frame/notices.svelte';
import { tableHand } from '../hand/hand.svelte';
import { fittingTable, type FittingTable, type OnTable } from './table.svelte';

const jacket = element(1, garment('blazer', ['wine'], { fit: 'tailored' }), { moves: ['worn-open'] });
const shoes = element(2, garment('court-shoes', ['black'], { heelHeight: 'mid' }));
const lips = element(3, garment('lipstick', ['crimson']));
const reference = makeReference([lips, jacket, shoes]);
const client = makeClient({
	allergies: ['nickel'],
	limits: { never: [], maxHeelCm: 5 },
	measurements: { bust: 86, hip: 94 }
});
const pieces: Piece[] = [
	makePiece(1, garment('blazer', ['wine'], { fit: 'tailored' }), { name: 'Wine blazer' }),
	makePiece(2, garment('blazer', ['navy'], { fit: 'relaxed' }), { name: 'Navy blazer' }),
	makePiece(3, garment('stilettos', ['black'], { heelHeight: 'high' }), { name: 'Black stilettos' }),
	makePiece(4, garment('blazer', ['wine'], { fit: 'tailored' }), { name: 'Retired blazer', state: 'retired' })
];
const shop = makeShop(1);
const listing = makeListing(1, garment('blazer', ['burgundy'], { fit: 'tailored' }), 3000, {
	shopId: shop.id
});

const answer = () => ({
	simulated: true,
	shops: [shop],
	matches: [{ elementId: jacket.id, listings: [{ listing, closeness: 0.9 }] }]
});

let echo: Echo;
let table: FittingTable;
let stop: () => void;
/** Nothing is shown here but what is stored. */
const never = { show: () => undefined, takeBack: () => undefined, settle: () => undefined };
let onTable = $state.raw<OnTable>({
	echo: makeEcho(client, reference),
	ahead: never,
	reference,
	client,
	pieces,
	currency: 'GBP',
	rates: {},
	letters: true,
	units: 'cm' as const,
	fitNotes: [],
	wornIds: new Set<string>()
});
const fetched = vi.fn();
/** What the market was asked; the shops themselves are asked for once a session. */
const asked = () => fetched.mock.calls.filter(([url]) => String(url).endsWith('/matches'));

/** A candidate as its card says it. */
const cardOf = (one: Candidate | undefined) => one && table.tray.card(one);

/** Reads the echo back from the store, as the live query does on screen. */
async function settle() {
	await vi.waitFor(async () =>
		expect((await database.echoes.get(echo.id))?.rev).toBeGreaterThan(onTable.echo.rev)
	);
	onTable = { ...onTable, echo: (await database.echoes.get(echo.id)) as Echo };
	flushSync();
}

beforeEach(async () => {
	echo = makeEcho(client, reference);
	await replaceStudio({
		...emptyStudio(),
		clients: [client],
		pieces,
		references: [reference],
		echoes: [echo]
	});
	fetched.mockImplementation(async () => new Response(JSON.stringify(answer())));
	vi.stubGlobal('fetch', fetched);
	onTable = {
		echo,
		ahead: never,
		reference,
		client,
		pieces,
		currency: 'GBP',
		rates: {},
		letters: true,
		units: 'cm',
		fitNotes: [],
		wornIds: new Set<string>()
	};
	stop = $effect.root(() => {
		table = fittingTable(() => onTable);
	});
	flushSync();
});
afterEach(() => {
	stop();
	fetched.mockReset();
	vi.unstubAllGlobals();
	for (const { id } of [...notices.shown]) notices.close(id);
});

describe('the rungs', () => {
	it('stand in the order of importance, the first chosen', () => {
		expect(table.elements.map(({ id }) => id)).toEqual([jacket.id, shoes.id, lips.id]);
		expect(table.selected?.id).toBe(jacket.id);
	});

	it('are stepped through and stop at the ends', () => {
		table.step(-1);
		expect(table.selected?.id).toBe(jacket.id);
		table.step(1);
		table.step(1);
		table.step(1);
		expect(table.selected?.id).toBe(lips.id);
		table.select(shoes.id);
		expect(table.selected?.id).toBe(shoes.id);
	});

	it('hold all the points, and earn none yet', () => {
		const points = table.elements.map((one) => table.scoreOf(one)?.points ?? 0);
		expect(points.reduce((sum, value) => sum + value, 0)).toBeCloseTo(100, 6);
		expect(table.score.score).toBe(0);
		expect(table.garmentsOf(jacket)).toEqual([]);
	});
});

describe('the tray', () => {
	it('ranks what the client can wear there, best first; retired pieces stay out', () => {
		expect(table.tray.owned.map(({ title }) => title)).toEqual(['Wine blazer', 'Navy blazer']);
	});

	it('shows what speaks against a piece for this client', () => {
		table.select(shoes.id);
		expect(cardOf(table.tray.owned[0])?.cautions[0]).toMatch(/over the limit of 5 cm/);
	});

	it('asks the shops once for all elements that are sold, and sends no client', async () => {
		await vi.waitFor(() => expect(table.market.answer?.ok).toBe(true));
		expect(asked()).toHaveLength(1);
		const sent = JSON.parse(String((asked()[0]?.[1] as RequestInit).body));
		expect(sent.elements.map(({ id }: { id: string }) => id).sort()).toEqual([jacket.id, shoes.id].sort());
		expect(JSON.stringify(sent)).not.toMatch(/nickel|maxHeel|measurements/);
		expect(table.tray.listed.map(({ title }) => title)).toEqual([listing.title]);
	});

	it('asks again when the reference changes, and on demand', async () => {
		await vi.waitFor(() => expect(table.market.answer?.ok).toBe(true));
		onTable = { ...onTable, reference: makeReference([jacket]) };
		flushSync();
		await vi.waitFor(() => expect(asked()).toHaveLength(2));
		table.market.askAgain();
		flushSync();
		await vi.waitFor(() => expect(asked()).toHaveLength(3));
	});

	it('does not ask again after a choice', async () => {
		await vi.waitFor(() => expect(table.market.answer?.ok).toBe(true));
		await table.choose(jacket, table.tray.owned[0]!);
		await settle();
		expect(asked()).toHaveLength(1);
	});

	it('says so when the shops cannot be reached, and keeps the wardrobe', async () => {
		fetched.mockImplementation(async () => Promise.reject(new TypeError('refused')));
		table.market.askAgain();
		flushSync();
		await vi.waitFor(() => expect(table.market.answer).toMatchObject({ ok: false }));
		expect(table.tray.listed).toEqual([]);
		expect(table.tray.owned).toHaveLength(2);
	});
});

describe('the tray', () => {
	it('is searched by the beginnings of words, of what is owned and what is for sale', async () => {
		await vi.waitFor(() => expect(table.tray.listed).toHaveLength(1));
		table.tray.search = 'nav blaz';
		flushSync();
		expect(table.tray.owned.map(({ title }) => title)).toEqual(['Navy blazer']);
		expect(table.tray.listed).toEqual([]);
		expect(table.tray.narrowed).toBe(true);
		table.tray.search = '';
		flushSync();
		expect(table.tray.narrowed).toBe(false);
	});

	it('shows on demand only what breaks no limit', () => {
		table.select(shoes.id);
		flushSync();
		expect(table.tray.owned).toHaveLength(1);
		table.tray.withinLimits = true;
		flushSync();
		expect(table.tray.owned).toEqual([]);
	});

	it('puts what does not suit the money or the day apart, with the reason, until it is chosen', async () => {
		await vi.waitFor(() => expect(table.tray.listed).toHaveLength(1));
		onTable = { ...onTable, echo: { ...onTable.echo, spendLimit: { amountMinor: 3394, currency: 'GBP' } } };
		flushSync();
		expect(table.tray.listed).toEqual([]);
		// £30.00 and £3.95 of postage are a penny more than is left.
		expect(cardOf(table.tray.unsuitable[0])?.unsuitable).toEqual([{ kind: 'dear', overMinor: 1 }]);
		expect(cardOf(table.tray.unsuitable[0])?.landed?.total.amountMinor).toBe(3395);
		expect(table.tray.narrowed).toBe(false);
		const date = addDays(today(), 2);
		const event = freshEvent({ id: 'e', clientId: client.id, title: 'Concert', date });
		onTable = { ...onTable, event };
		flushSync();
		expect(cardOf(table.tray.unsuitable[0])?.unsuitable.map(({ kind }) => kind)).toEqual(['late', 'dear']);
		await table.choose(jacket, table.tray.unsuitable[0]!);
		await settle();
		expect(table.tray.listed).toHaveLength(1);
		expect(table.tray.unsuitable).toEqual([]);
	});

	it('puts what is for sale in the order of price, of a wear’s cost, of arrival, and of newness', async () => {
		const others = [
			makeListing(2, garment('blazer', ['wine']), 2000, {
				shopId: shop.id,
				condition: 'worn',
				arrivesInDays: 9
			}),
			makeListing(3, garment('blazer', ['red']), 9000, {
				shopId: shop.id,
				condition: 'good',
				arrivesInDays: 1
			})
		];
		const matches = [
			{
				elementId: jacket.id,
				listings: [listing, ...others].map((one) => ({ listing: one, closeness: 0.9 }))
			}
		];
		fetched.mockImplementation(async () => new Response(JSON.stringify({ ...answer(), matches })));
		table.market.askAgain();
		flushSync();
		await vi.waitFor(() => expect(table.tray.listed).toHaveLength(3));
		const inOrder = (order: typeof table.tray.order) => {
			table.tray.order = order;
			flushSync();
			return table.tray.listed.map((one) => one.listing?.price.amountMinor);
		};
		expect(inOrder('price')).toEqual([2000, 3000, 9000]);
		expect(inOrder('arrival')).toEqual([9000, 3000, 2000]);
		expect(inOrder('newness')).toEqual([3000, 9000, 2000]);
		const perWear = inOrder('per-wear');
		expect(perWear[0]).not.toBe(9000);
		expect(perWear).toHaveLength(3);
	});

	it('sets two cards side by side; a third takes the place of the older', async () => {
		await vi.waitFor(() => expect(table.tray.listed).toHaveLength(1));
		const [first, second] = table.tray.owned;
		const third = table.tray.listed[0];
		const titles = () => table.tray.comparing.map(({ title }) => title);
		for (const card of [first, second, third]) table.tray.toggleCompared(card!.key);
		flushSync();
		expect(titles()).toEqual([second!.title, third!.title]);
		table.tray.toggleCompared(third!.key);
		flushSync();
		expect(titles()).toEqual([second!.title]);
		table.tray.stopComparing();
		flushSync();
		expect(titles()).toEqual([]);
	});
});

describe('what can be done', () => {
	it('choosing a piece raises the score, marks the card and does its moves', async () => {
		await table.choose(jacket, table.tray.owned[0]!);
		await settle();
		expect(cardOf(table.tray.owned[0])?.chosen).toBe(true);
		expect(table.scoreOf(jacket)).toMatchObject({ state: 'items' });
		expect(table.scoreOf(jacket)?.closeness?.closeness).toBe(1);
		expect(table.matchOf(jacket)?.movesDone).toEqual(['worn-open']);
		expect(table.garmentOf(table.matchOf(jacket)!.items[0]!)).toEqual(pieces[0]!.parts[0]!.garment);
	});

	it('choosing a listing keeps it with its shop and size, and is paid with postage', async () => {
		await vi.waitFor(() => expect(table.tray.listed).toHaveLength(1));
		await table.choose(jacket, table.tray.listed[0]!);
		await settle();
		expect(table.matchOf(jacket)?.items[0]).toMatchObject({
			source: 'listing',
			sizeLabel: 'S',
			listing: { id: listing.id }
		});
		expect(table.spend.total.amountMinor).toBe(3000 + 395);
	});

	it('a piece worn for one element says so at another', async () => {
		const second = element(4, garment('blazer', ['navy']));
		onTable = { ...onTable, reference: makeReference([jacket, second]) };
		flushSync();
		await table.choose(jacket, table.tray.owned[0]!);
		await settle();
		table.select(second.id);
		expect(cardOf(table.tray.owned.find(({ title }) => title === 'Wine blazer'))?.wornFor).toMatch(/blazer/);
	});

	it('leaving out, clearing, done, moves and reasons are written, and undone', async () => {
		await table.leaveOut(jacket);
		await settle();
		expect(table.scoreOf(jacket)?.state).toBe('left-out');
		await table.clear(jacket);
		await settle();
		expect(table.scoreOf(jacket)?.state).toBe('gap');
		await table.markDone(lips);
		await settle();
		expect(table.scoreOf(lips)?.state).toBe('done');
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		await table.toggleMove(jacket, 'worn-open');
		await settle();
		expect(table.matchOf(jacket)?.movesDone).toEqual([]);
		await table.note(jacket, { reason: 'weather' });
		await settle();
		expect(table.matchOf(jacket)?.reason).toBe('weather');
		expect(await undo()).toMatch(/^Noted why/);
		expect(await undo()).toMatch(/^Changed how/);
		expect(await undo()).toMatch(/^Chose Navy blazer/);
	});

	it('why nothing answers is noted of the gap, and gone once something does', async () => {
		await table.clear(jacket);
		await table.note(jacket, { reason: 'to-hunt' });
		await table.note(jacket, { instead: 'the navy one' });
		await settle();
		expect(table.gapNoteOf(jacket)).toMatchObject({ reason: 'to-hunt', instead: 'the navy one' });
		await table.choose(jacket, table.tray.owned[0]!);
		await settle();
		expect(table.gapNoteOf(jacket)).toBeUndefined();
		await table.note(jacket, { beside: { is: 'better', why: 'it fits' } });
		await settle();
		expect(table.matchOf(jacket)?.beside).toEqual({ is: 'better', why: 'it fits' });
		await table.note(jacket, { beside: undefined });
		await settle();
		expect(table.matchOf(jacket)?.beside).toBeUndefined();
	});

	it('several things answer one element, and each can be taken off', async () => {
		const [first, second] = table.tray.owned;
		await table.choose(jacket, first!);
		await settle();
		expect(table.canAdd(jacket, first!)).toBe(false);
		expect(table.canAdd(jacket, second!)).toBe(true);
		await table.add(jacket, second!);
		await settle();
		expect(table.matchOf(jacket)?.items).toEqual([first!.item, second!.item]);
		await table.remove(jacket, first!.item, first!.title);
		await settle();
		expect(table.matchOf(jacket)?.items).toEqual([second!.item]);
	});

	it('a thing is worn once: besides, or for an element, and matching all leaves what is worn besides', async () => {
		const [first, second] = table.tray.owned;
		await table.choose(jacket, first!);
		await settle();
		await table.putOn(first!);
		await settle();
		expect(table.scoreOf(jacket)?.state).toBe('gap');
		expect(table.echo.extras.map(({ item }) => item)).toEqual([first!.item]);
		await table.matchAll();
		await settle();
		expect(table.matchOf(jacket)?.items).toEqual([second!.item]);
		await table.choose(jacket, first!);
		await settle();
		expect(table.echo.extras).toEqual([]);
		await table.putOn(second!, 'over');
		await settle();
		const [extra] = table.echo.extras;
		await table.toggleExtraMove({ id: extra!.id, title: 'it' }, 'worn-open');
		await table.noteExtra({ id: extra!.id, title: 'it' }, 'when it is cold');
		await settle();
		expect(table.echo.extras[0]).toMatchObject({
			placed: 'over',
			movesDone: ['worn-open'],
			note: 'when it is cold'
		});
		await table.takeOff({ id: extra!.id, title: 'it' });
		await settle();
		expect(table.echo.extras).toEqual([]);
	});

	it('a pinned match stays when the rest is matched at once, and undo brings all back', async () => {
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		await table.togglePin(jacket);
		await settle();
		expect(table.matchOf(jacket)?.pinned).toBe(true);
		await table.matchAll();
		await settle();
		expect(table.garmentsOf(jacket)[0]?.palette).toEqual(pieces[1]!.parts[0]!.garment.palette);
		// The only shoes are over this client's limit of heels: they are shown, and never put on unasked.
		expect(table.garmentsOf(shoes)).toHaveLength(0);
		await table.togglePin(jacket);
		await settle();
		await table.matchAll();
		await settle();
		expect(table.garmentsOf(jacket)[0]?.palette).toEqual(pieces[0]!.parts[0]!.garment.palette);
		await undo();
		await settle();
		expect(table.garmentsOf(jacket)[0]?.palette).toEqual(pieces[1]!.parts[0]!.garment.palette);
	});

	it('the cheapest points to win back are named and done', async () => {
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		const better = table.cheapest!.find(({ elementId }) => elementId === jacket.id)!;
		expect(better.change).toMatchObject({ kind: 'item', offer: { title: 'Wine blazer' } });
		const before = table.score.score;
		await table.winBack(better);
		await settle();
		expect(table.score.score - before).toBeCloseTo(better.points, 6);
		await table.toggleMove(jacket, 'worn-open');
		await settle();
		const move = table.cheapest!.find(({ change }) => change.kind === 'moves')!;
		await table.winBack(move);
		await settle();
		expect(table.matchOf(jacket)?.movesDone).toEqual(['worn-open']);
	});

	it('a spend limit is set and taken off', async () => {
		await table.setLimit({ amountMinor: 5000, currency: 'GBP' });
		await settle();
		expect(table.spend.overLimitMinor).toBe(-5000);
		await table.setLimit(undefined);
		await settle();
		expect(table.spend.overLimitMinor).toBeUndefined();
	});

	it('quick hands ahead of what is shown lose nothing: each choice is made on the echo as it is stored', async () => {
		await Promise.all([table.leaveOut(jacket), table.leaveOut(shoes), table.markDone(lips)]);
		const stored = await database.echoes.get(echo.id);
		expect(stored?.matches.flatMap(({ elementIds }) => elementIds).sort()).toEqual(
			[jacket.id, shoes.id, lips.id].sort()
		);
	});

	it('what was chosen by hand is named before matching everything would change it', async () => {
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		expect(table.byHandInTheWay()).toHaveLength(1);
		await table.matchAll(true);
		expect(table.garmentsOf(jacket)[0]?.palette).toEqual(pieces[1]!.parts[0]!.garment.palette);
	});

	it('what a single letter did is told, with an undo that takes back just that', async () => {
		await table.told(() => table.leaveOut(jacket));
		await settle();
		const [notice] = notices.shown;
		expect(notice).toMatchObject({ kind: 'info', title: expect.stringMatching(/^Left out/) });
		await table.leaveOut(shoes);
		await settle();
		// The notice told of the jacket; taking that back would take the shoes with it, so it says so and does nothing.
		notice?.action?.run();
		await vi.waitFor(() => expect(notices.error?.text).toMatch(/In the way: Left out/));
		expect(table.scoreOf(shoes)?.state).toBe('left-out');
		await table.told(() => table.clear(shoes));
		await settle();
		notices.info?.action?.run();
		await settle();
		expect(table.scoreOf(shoes)?.state).toBe('left-out');
	});
});

it('a reference of make-up alone asks no shop', async () => {
	fetched.mockClear();
	onTable = { ...onTable, reference: makeReference([lips]) };
	flushSync();
	await vi.waitFor(() => expect(table.market.answer).toMatchObject({ ok: true }));
	expect(fetched).not.toHaveBeenCalled();
});

describe('what a piece can become', () => {
	const gown = element(4, garment('shirt-dress', ['white'], { hemLength: 'mini' }));
	const shirt: Piece = {
		...makePiece(9, garment('shirt', ['white'], { fit: 'oversized' }), { name: 'Big shirt' }),
		measuresCm: { length: 84 }
	};
	beforeEach(async () => {
		const look = makeReference([gown]);
		await database.references.put(look);
		await database.pieces.put(shirt);
		const tall = { ...client, measurements: { stature: 160 } };
		onTable = { ...onTable, reference: look, client: tall, pieces: [shirt] };
		flushSync();
	});

	it('comes after the wardrobe, with what it needs in figures', () => {
		const [way] = table.tray.becoming;
		expect(cardOf(way)).toMatchObject({ title: 'Big shirt, worn as a shirt dress', chosen: false });
		expect(way?.becoming?.needs[0]).toMatchObject({ met: 'yes' });
	});
	it('is worn as that, and the piece is then taken', async () => {
		await table.choose(gown, table.tray.becoming[0]!);
		await settle();
		expect(cardOf(table.tray.becoming[0])?.chosen).toBe(true);
		expect(table.garmentsOf(gown)[0]?.type).toBe('shirt-dress');
		expect(table.score.score).toBeGreaterThan(80);
		expect(cardOf(table.tray.owned[0])?.wornFor).toBeUndefined();
	});
});

describe('the schools', () => {
	it('are changed in one go, and what that moved is told until it is put away', async () => {
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		await table.changeSchools({ closeness: 'colour-first', metals: 'mix-freely' });
		await settle();
		expect(table.echo.schools).toEqual({ closeness: 'colour-first', metals: 'mix-freely' });
		expect(table.moved?.[0]?.words).toMatch(/instead of/);
		expect(table.movedInAll).not.toBe(0);
		table.putMovedAway();
		flushSync();
		expect(table.moved).toBeUndefined();
	});
	it('tell nothing more once the change is undone', async () => {
		await table.choose(jacket, table.tray.owned[1]!);
		await settle();
		await table.changeSchools({ closeness: 'colour-first' });
		await settle();
		await undo();
		await settle();
		expect(table.moved).toBeUndefined();
		expect(table.movedInAll).toBe(0);
	});
	it('that are the same change nothing', async () => {
		expect(await table.setSchools({})).toBe(false);
	});
});

describe('a finding that is let stand', () => {
	beforeEach(async () => {
		// A heel above the client's limit.
		table.select(shoes.id);
		flushSync();
		await table.choose(shoes, table.tray.owned[0]!);
		await settle();
	});
	it('is told no more, is kept with its reason, and can be raised again', async () => {
		const finding = table.check.findings.find(({ rule }) => rule === 'client-limits')!;
		await table.dismiss(finding, 'client-wants-it');
		await settle();
		expect(table.check.findings.some(({ rule }) => rule === 'client-limits')).toBe(false);
		expect(table.echo.dismissed).toMatchObject([
			{ rule: expect.stringMatching(/^client-limits /), reason: 'client-wants-it' }
		]);
		const [stands] = table.check.letStand;
		await table.raiseAgain(stands!.dismissal, stands!.finding.title);
		await settle();
		expect(table.check.findings.some(({ rule }) => rule === 'client-limits')).toBe(true);
		expect(table.check.letStand).toEqual([]);
	});
	it('is raised again by itself when it is about another piece', async () => {
		const finding = table.check.findings.find(({ rule }) => rule === 'client-limits')!;
		await table.dismiss(finding, 'meant');
		await settle();
		await table.clear(shoes);
		await settle();
		expect(table.check.letStand).toEqual([]);
	});
});

describe('a wearable version', () => {
	it('is proposed for this client, and obeys the heel that they wear', () => {
		const high = makeReference([element(2, garment('court-shoes', ['black'], { heelHeight: 'very-high' }))]);
		onTable = { ...onTable, reference: high };
		flushSync();
		const { changes, elements, score } = table.check.adapt();
		expect(changes[0]?.words).toMatch(/^heel height: /);
		expect(elements[0]?.garment.facets.heelHeight?.value).toBe('kitten');
		expect(score).toBeLessThan(100);
	});
});

describe('by hand', () => {
	const asked = vi.fn<(item: Item) => void>();
	const handOver = () =>
		tableHand(table, { askWhy: () => undefined, showExtras: () => undefined, askFit: asked });
	const deedsOf = (what: Parameters<ReturnType<typeof tableHand>['deedsFor']>[0]) =>
		handOver().deedsFor(what);
	const labels = (what: Parameters<typeof deedsOf>[0]) => deedsOf(what).map(({ label }) => label);

	it('a card can be put on for what it could answer at all, and nowhere else', async () => {
		const hand = handOver();
		const card = cardOf(table.tray.owned[1])!;
		expect(hand.takes(jacket, card)).toBe(true);
		expect(hand.takes(shoes, card)).toBe(false);
		expect(labels({ card: card.key })).toEqual([
			'Put it on',
			'Set it beside another',
			'Note how it fits: Navy blazer',
			'All about: Navy blazer'
		]);
		void hand.put(jacket, card);
		await settle();
		expect(table.matchOf(jacket)?.items).toMatchObject([{ pieceId: pieces[1]!.id }]);
		expect(labels({ card: card.key })).not.toContain('Put it on');
	});
	it('a rung and its garment on the plate offer the same, by what is there', async () => {
		expect(labels({ rung: jacket.id })).toEqual(['Leave it out', 'Go to the reference']);
		expect(labels({ rung: lips.id })[0]).toBe('Mark as done');
		await table.choose(jacket, table.tray.owned[0]!);
		await settle();
		expect(labels({ layer: jacket.id })).toEqual(labels({ rung: jacket.id }));
		expect(labels({ layer: jacket.id })).toContain('All about: Wine blazer');
		await deedsOf({ layer: jacket.id })
			.find(({ label }) => label === 'Clear it')
			?.run?.();
		await settle();
		expect(table.matchOf(jacket)).toBeUndefined();
	});
	it('what comes in pairs is put on one side alone, and nothing else is', async () => {
		table.select(shoes.id);
		flushSync();
		const card = cardOf(table.tray.owned[0])!;
		await table.choose(shoes, card);
		await settle();
		await deedsOf({ card: card.key })
			.find(({ label }) => label === 'Put it on the left only')
			?.run?.();
		await settle();
		expect(table.matchOf(shoes)?.items).toMatchObject([{ ...card.item, side: 'left' }]);
		table.select(jacket.id);
		flushSync();
		expect(labels({ card: cardOf(table.tray.owned[0])!.key }).join()).not.toContain('left only');
	});
	it('how a thing fits is noted of that thing', async () => {
		const card = cardOf(table.tray.owned[1])!;
		await deedsOf({ card: card.key })
			.find(({ label }) => label.startsWith('Note how it fits'))
			?.run?.();
		expect(asked).toHaveBeenLastCalledWith(card.item);
	});
	it('what nobody asked for can be taken off, and the body offers nothing', async () => {
		await table.putOn({ item: table.tray.owned[1]!.item, title: 'Navy blazer' });
		await settle();
		const [extra] = table.echo.extras;
		expect(labels({ layer: extra!.id })[0]).toBe('Take off Navy blazer');
		expect(labels({ layer: 'figure' })).toEqual([]);
		await deedsOf({ layer: extra!.id })[0]?.run?.();
		await settle();
		expect(table.echo.extras).toEqual([]);
	});
});
