import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop,
	uuid
} from '../../../../tests/records';
import { judge } from '../matching';
import {
	freshFitNote,
	freshMatch,
	freshOrder,
	freshTryOn,
	freshWear,
	type Element,
	type Order
} from '../model';
import { csvOf } from '../table';
import { doneKinds, doneOf } from './done';
import { costCourse, daysWorn, paidFor, purchasesOf } from './purchases';
import { shopsOf, spentOn, substitutionsOf } from './worked';

const pounds = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });
const wear = (n: number, on: string, ...pieceIds: string[]) =>
	freshWear({ id: uuid(7000 + n), clientId: uuid(1000), on, pieceIds });
const coat = makePiece(1, garment('wrap-coat', ['#c19a6b']), {
	name: 'Camel coat',
	acquired: { how: 'new', on: '2025-10-01', price: pounds(12_000) },
	alterations: [{ what: 'hem', price: pounds(1500) }]
});
const studio = { currency: 'GBP', rates: {}, today: '2026-01-10' };

describe('what a piece has cost', () => {
	it('is its price with its alterations, over the days on which it was worn', () => {
		const wears = [
			wear(1, '2025-12-01', coat.id),
			wear(2, '2025-12-01', coat.id),
			wear(3, '2025-11-01', coat.id)
		];
		expect(paidFor(coat, 'GBP', {})).toEqual(pounds(13_500));
		expect(daysWorn(coat.id, wears)).toEqual(['2025-11-01', '2025-12-01']);
		expect(costCourse(coat, wears, 'GBP', {})).toEqual([
			{ on: '2025-11-01', perWear: pounds(13_500) },
			{ on: '2025-12-01', perWear: pounds(6750) }
		]);
		const [bought] = purchasesOf({ pieces: [coat], wears, orders: [], echoes: [] }, studio);
		expect(bought).toMatchObject({ worn: 2, last: '2025-12-01', perWear: pounds(6750), boughtFor: [] });
	});
	it('is not told in a currency without a rate, nor of what has no price', () => {
		expect(paidFor({ ...coat, acquired: { how: 'gift' } }, 'GBP', {})).toBeUndefined();
		expect(paidFor(coat, 'EUR', {})).toBeUndefined();
		expect(paidFor(coat, 'EUR', { GBP: 1.2 })).toEqual({ amountMinor: 16_200, currency: 'EUR' });
	});
	it('what was never worn says for how long', () => {
		const [bought] = purchasesOf({ pieces: [coat], wears: [], orders: [], echoes: [] }, studio);
		expect(bought).toMatchObject({ worn: 0, unwornDays: 101 });
		expect(bought!.perWear).toBeUndefined();
	});
	it('never rises from one wear to the next (generated)', () =>
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.integer({ min: 1, max: 28 }), { maxLength: 20 }),
				fc.integer({ min: 0, max: 1e6 }),
				(days, minor) => {
					const piece = { ...coat, alterations: [], acquired: { how: 'new' as const, price: pounds(minor) } };
					const wears = days.map((day, i) => wear(i, `2025-11-${String(day).padStart(2, '0')}`, coat.id));
					const course = costCourse(piece, wears, 'GBP', {}).map(({ perWear }) => perWear!.amountMinor);
					expect(course).toEqual([...course].sort((a, b) => b - a));
					expect(course).toHaveLength(days.length);
				}
			)
		));
});

const line = (
	n: number,
	state: Order['lines'][number]['state'],
	amountMinor: number,
	echoIds: string[] = []
) => ({
	id: uuid(8000 + n),
	clientId: uuid(1000),
	echoIds,
	listing: makeListing(n, garment('blazer', ['#1d2a44']), amountMinor),
	sizeLabel: 'M',
	state,
	since: '2026-01-02'
});
const orderOf = (...lines: Order['lines']): Order =>
	freshOrder({ id: uuid(8900), shop: makeShop(1), orderedOn: '2026-01-01', postage: pounds(395), lines });

describe('orders as they proved themselves', () => {
	it('a shop is told by what was kept, what went back, and sizes that were right', () => {
		const orders = [orderOf(line(1, 'kept', 1000), line(2, 'refunded', 2000), line(3, 'cancelled', 500))];
		const notes = [
			{ shop: 'Shop 1', verdict: 'right' as const },
			{ shop: 'Shop 1', verdict: 'small' as const },
			{ shop: 'Elsewhere', verdict: 'right' as const }
		];
		expect(shopsOf(orders, notes)).toEqual([
			{ shop: 'Shop 1', ordered: 2, kept: 1, sentBack: 1, tried: 2, right: 1 },
			{ shop: 'Elsewhere', ordered: 0, kept: 0, sentBack: 0, tried: 1, right: 1 }
		]);
	});
	it('what was spent goes to clients and to events whole, to the penny, however many events share a thing (generated)', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 1, max: 99_999 }), fc.integer({ min: 1, max: 4 })), {
					minLength: 1,
					maxLength: 12
				}),
				(things) => {
					const echoes = [1, 2, 3, 4].map((n) => ({ id: uuid(3000 + n), eventId: uuid(6000 + n) }));
					const lines = things.map(([minor, events], i) =>
						line(
							i,
							'kept',
							minor,
							echoes.slice(0, events).map(({ id }) => id)
						)
					);
					const { clients, events } = spentOn([orderOf(...lines)], echoes, 'GBP', {});
					const sum = (all: typeof clients) => all.reduce((total, { spent }) => total + spent.amountMinor, 0);
					const paid = things.reduce((total, [minor]) => total + minor, 0);
					expect(sum(clients)).toBe(paid);
					expect(sum(events)).toBe(paid);
				}
			)
		));
	it('what was given back or cancelled was not spent', () => {
		const { clients } = spentOn(
			[orderOf(line(1, 'refunded', 900), line(2, 'cancelled', 900))],
			[],
			'GBP',
			{}
		);
		expect(clients).toEqual([]);
	});
});

describe('substitutions', () => {
	const element: Element = {
		id: uuid(101),
		garment: garment('dinner-jacket', ['#1d2a44'], { material: 'silk' }),
		rank: 1,
		role: 'hero',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [],
		note: ''
	};
	const reference = makeReference([element]);
	const client = makeClient();
	const piece = makePiece(1, garment('blazer', ['#1d2a44'], { material: 'satin' }));
	const echo = makeEcho(client, reference, {
		matches: [
			freshMatch({
				id: uuid(3100),
				elementIds: [element.id],
				items: [{ source: 'piece', pieceId: piece.id, partId: piece.parts[0]!.id }]
			})
		]
	});
	const judged = (n: number, ownRating: number, likeness?: number) =>
		judge(
			echo,
			reference,
			[piece],
			{
				ownRating,
				wouldWear: 'yes',
				note: '',
				pieces: likeness === undefined ? [] : [{ elementId: element.id, likeness, change: '' }]
			},
			{ id: uuid(9000 + n), at: `2026-01-0${n}T10:00:00.000Z`, currency: 'GBP' }
		);
	it('are counted by kind, with the piece’s own rating before the look’s', () => {
		const found = substitutionsOf([{ judgements: [judged(1, 60), judged(2, 80, 90)] }]);
		expect(found).toEqual(
			expect.arrayContaining([
				expect.objectContaining({
					kind: 'type',
					worn: 'blazer',
					asked: 'dinner jacket',
					times: 2,
					rating: 75
				}),
				expect.objectContaining({ kind: 'material', worn: 'satin', asked: 'silk', times: 2, above: 0 })
			])
		);
	});
	it('of what was the same there are none', () => {
		const same = judge(
			{ ...echo, matches: [] },
			reference,
			[piece],
			{ ownRating: 50, wouldWear: 'no', note: '', pieces: [] },
			{ id: uuid(9009), at: '2026-01-09T10:00:00.000Z', currency: 'GBP' }
		);
		expect(substitutionsOf([{ judgements: [same] }])).toEqual([]);
	});
});

describe('a list as a file', () => {
	it('comes back from a reader as it was, and a formula as text (generated; Papa Parse)', () =>
		fc.assert(
			fc.property(
				fc.array(fc.record({ a: fc.string(), b: fc.integer() }), { minLength: 1, maxLength: 8 }),
				(rows) => {
					const { data } = Papa.parse<Record<string, string>>(csvOf(rows), { header: true });
					data.forEach(({ a = '' }, i) => {
						expect([rows[i]!.a, `'${rows[i]!.a}`]).toContain(a);
						expect(a).not.toMatch(/^[=+\-@\t\r]/);
					});
				}
			)
		));
});

describe('what was done', () => {
	const client = makeClient();
	const reference = makeReference([]);
	const line = (n: number, state: 'here' | 'sent-back', rest: object = {}) => ({
		id: uuid(8100 + n),
		clientId: client.id,
		echoIds: [],
		listing: makeListing(n, garment('belt', ['#222222']), 1500),
		sizeLabel: 'M',
		state,
		since: '2026-01-05' as const,
		...rest
	});
	const order: Order = freshOrder({
		id: uuid(8000),
		shop: makeShop(1),
		orderedOn: '2026-01-02',
		postage: pounds(395),
		arrivedOn: '2026-01-05',
		lines: [line(1, 'here'), line(2, 'sent-back', { sentBackOn: '2026-01-07' })]
	});
	const echo = makeEcho(client, reference, {
		prepared: [{ task: `hem ${uuid(1)} x`, on: '2026-01-06' }]
	});
	const doings = {
		orders: [order],
		tryOns: [freshTryOn({ id: uuid(8200), echoId: echo.id, on: '2026-01-06' })],
		fitNotes: [
			freshFitNote({
				id: uuid(8300),
				clientId: client.id,
				shop: 'Shop 1',
				of: 'top',
				label: 'M',
				on: '2026-01-05'
			})
		],
		echoes: [echo],
		pieces: [{ ...coat, alterations: [{ what: 'hem', on: '2025-12-01' }, { what: 'lining' }] }]
	};
	it('stands by its day, the latest first, with the last day on which something must go back', () => {
		expect(doneOf(doings).map(({ on, kind, what, how }) => [on, kind, what, how ?? ''].join(' | '))).toEqual([
			'2026-02-02 | return-by | Shop 1 | 1',
			'2026-01-07 | sent-back | Shop 1 | 1',
			'2026-01-06 | tried | An echo | ',
			'2026-01-06 | prepared | An echo | hem',
			'2026-01-05 | arrived | Shop 1 | 2',
			'2026-01-05 | sized | Shop 1, M | right',
			'2026-01-02 | ordered | Shop 1 | 2',
			'2025-12-01 | altered | Camel coat | hem'
		]);
	});
	it('has every deed once, whatever was done, and none of what is gone', () => {
		const all = doneOf(doings);
		expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
		for (const { kind } of all) expect(doneKinds).toContain(kind);
		expect(doneOf({ ...doings, echoes: [] }).some(({ kind }) => kind === 'tried')).toBe(false);
	});
});
