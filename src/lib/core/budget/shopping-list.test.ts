import { describe, expect, it } from 'vitest';
import { freshMatch } from '../model/worn';
import { freshClient, freshEcho, freshEvent, freshReference, type Item } from '../model';
import { uuid } from '../../../../tests/records';
import type { PlannedEcho } from './from-echoes';
import { reckoned, type BudgetProblem } from './problem';
import { firstToOrder, shoppingList } from './shopping-list';

const today = '2026-11-26';
const money = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });
const shop = {
	id: uuid(1),
	name: 'Harbour Row',
	simulated: true,
	secondHand: false,
	sizeChart: { clothes: [], shoes: [] },
	postage: { flat: money(300) },
	returns: { days: 14, cost: money(0) }
};
const item = (n: number, title: string, price: number, arrivesInDays: number): Item => ({
	source: 'listing',
	shop,
	seenOn: today,
	listing: {
		id: uuid(n),
		shopId: shop.id,
		title,
		garment: { type: 'scarf', facets: {}, palette: [] },
		price: money(price),
		tier: 'save',
		condition: 'new',
		sizes: [{ label: 'one size', inStock: 5 }],
		arrivesInDays
	}
});
const planned = (n: number, title: string, date?: string): PlannedEcho => ({
	echo: freshEcho({ id: uuid(n), clientId: uuid(90), referenceId: uuid(91), title, createdOn: today }),
	reference: freshReference({ id: uuid(91), kind: 'person', title: 'A look' }),
	client: freshClient({ id: uuid(90), name: 'A client' }),
	pieces: [],
	fitNotes: [],
	...(date && { event: freshEvent({ id: uuid(n + 50), clientId: uuid(90), title, date }) })
});

const echoes = [planned(10, 'Concert', '2026-12-10'), planned(11, 'Picnic')];
const scarf = item(20, 'Green scarf', 1500, 9);
const gloves = item(21, 'Green gloves', 1000, 2);
const optionOf = (one: Item, key: string) => ({
	key,
	title: one.source === 'listing' ? one.listing.title : '',
	elementIds: [key],
	blocks: [],
	earned: 5,
	source: {
		kind: 'listing' as const,
		listingId: one.source === 'listing' ? one.listing.id : '',
		shopId: shop.id,
		priceMinor: one.source === 'listing' ? one.listing.price.amountMinor : 0
	}
});
const problem: BudgetProblem = {
	looks: echoes.map(({ echo }) => ({ id: echo.id, title: echo.title, settled: 0, options: [] })),
	shops: [{ id: shop.id, name: shop.name, postageMinor: 300 }]
};
const step = {
	solution: reckoned(problem, [[optionOf(scarf, 'a'), optionOf(gloves, 'b')], [optionOf(scarf, 'a')]]),
	matches: echoes.flatMap((_, i) =>
		(i === 0 ? [scarf, gloves] : [scarf]).map((one, n) =>
			freshMatch({
				id: uuid(30 + 5 * i + n),
				elementIds: [uuid(40 + n)],
				items: [one],
				movesDone: [],
				reason: 'price'
			})
		)
	)
};

describe('the list of a plan', () => {
	const lists = shoppingList(step.solution, step.matches, echoes, { today, currency: 'GBP' });
	it('names each thing once, by shop, with its size, its looks and when it arrives', () => {
		expect(lists).toHaveLength(1);
		expect(lists[0]).toMatchObject({ shop: { name: 'Harbour Row' }, postageMinor: 300 });
		expect(lists[0]?.things).toMatchObject([
			{ title: 'Green scarf', size: 'one size', lookTitles: ['Concert', 'Picnic'], arrives: '2026-12-05' },
			{ title: 'Green gloves', lookTitles: ['Concert'], arrives: '2026-11-28' }
		]);
	});
	it('says what each costs with its share of the postage, which together is what is spent', () => {
		expect(lists[0]?.things.map(({ landedMinor }) => landedMinor)).toEqual([1680, 1120]);
		expect(step.solution.totalMinor).toBe(2800);
	});
	it('says what must be ordered first, to be there a day before it is worn', () =>
		expect(firstToOrder(lists)?.thing).toMatchObject({ title: 'Green scarf', orderBy: '2026-11-30' }));
	const forNoDay = () =>
		shoppingList(step.solution, step.matches, [planned(10, 'Concert'), planned(11, 'Picnic')], {
			today,
			currency: 'GBP'
		});
	it('hurries nobody where nothing is for a day and there is enough', () =>
		expect(firstToOrder(forNoDay())).toBeUndefined());
	it('hurries for what there is little of, after what is for a day', () => {
		const few = forNoDay().map((list) => ({
			...list,
			things: list.things.map((thing) => ({ ...thing, isScarce: thing.title === 'Green gloves' }))
		}));
		expect(firstToOrder(few)?.thing.title).toBe('Green gloves');
		const dated = lists.map((list) => ({
			...list,
			things: list.things.map((thing) => ({
				...thing,
				isScarce: thing.title === 'Green gloves',
				...(thing.title === 'Green gloves' && { orderBy: undefined })
			}))
		}));
		expect(firstToOrder(dated)?.thing.title).toBe('Green scarf');
	});
	it('sees that a single piece is scarce', () => {
		const single = {
			...scarf,
			listing: { ...(scarf as Extract<Item, { source: 'listing' }>).listing }
		} as Extract<Item, { source: 'listing' }>;
		single.listing.sizes = [{ label: 'one size', inStock: 1 }];
		const matches = step.matches.map((match) => ({
			...match,
			items: match.items.map((one) => (one === scarf ? single : one))
		}));
		const [list] = shoppingList(step.solution, matches, echoes, { today, currency: 'GBP' });
		expect(list?.things.map(({ isScarce }) => isScarce)).toEqual([true, false]);
	});
});
