import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import {
	addDays,
	closenessOf,
	deltaE00,
	labOfHex,
	landedPrice,
	listingSchema,
	shopSchema,
	sizesForAll,
	type Day
} from '../../core';
import { bestListings, listingsOn, openMarket } from './matches';
import { onDay } from './on-day';
import { parcelsOn } from './parcels';
import { marketShops, simulatedShops } from './shops';
import { placeOfId, simulatedStock, sizesOf } from './stock';

const market = openMarket(7, 1200);
const { stock } = market;
const someDay = fc.integer({ min: 0, max: 800 }).map((days): Day => addDays('2026-01-01', days));
const someStocked = fc.integer({ min: 0, max: stock.length - 1 }).map((at) => stock[at]!);

describe('the simulated stock', () => {
	it('is the same for the same seed and another for another', () => {
		expect(simulatedStock(7, 1200)).toEqual(stock);
		expect(simulatedStock(8, 1200)).not.toEqual(stock);
	});

	it('is sold by six shops that say they are simulated: one second-hand, one abroad, one that makes to measure', () => {
		for (const { shop } of simulatedShops) {
			expect(shopSchema.safeParse(shop).success, shop.name).toBe(true);
			expect(shop.simulated).toBe(true);
		}
		expect(simulatedShops).toHaveLength(6);
		expect(simulatedShops.filter(({ shop }) => shop.secondHand)).toHaveLength(1);
		expect(simulatedShops.filter(({ shop }) => shop.duty)).toHaveLength(1);
		expect(simulatedShops.filter(({ makes }) => makes)).toHaveLength(1);
	});

	it('is the same on the same day, and valid on any', () => {
		fc.assert(
			fc.property(someStocked, someDay, (stocked, day) => {
				const listing = onDay(stock, stocked, day);
				expect(onDay(stock, stocked, day)).toEqual(listing);
				expect(listingSchema.safeParse(listing).error).toBeUndefined();
			})
		);
	});

	it('holds single pieces second-hand, in one size and one colour', () => {
		const used = stock.filter(({ source }) => source.shop.secondHand);
		expect(used.length).toBeGreaterThan(40);
		for (const stocked of used) {
			const { condition, colourways } = stocked;
			const sizes = sizesOf(stocked);
			expect(sizes).toHaveLength(1);
			expect(sizes[0]?.delivered).toBe(1);
			expect(colourways).toHaveLength(1);
			expect(condition).not.toBe('new');
		}
	});

	it('has as many listings as asked, each found by its id', () => {
		expect(stock).toHaveLength(1200);
		stock.forEach(({ id }, at) => expect(placeOfId(id)).toBe(at));
		expect(new Set(stock.map(({ garment: { type } }) => type)).size).toBeGreaterThan(400);
	});

	it('sells some sets apart as well: each part tells of the others, and is of nearly the same tone', () => {
		const apart = stock.filter(({ separates }) => separates);
		expect(apart.length).toBeGreaterThan(12);
		for (const stocked of apart) {
			const parts = stocked.separates!.map((at) => stock[at]!);
			expect(parts).toContain(stocked);
			expect(new Set(parts.map(({ garment: { type } }) => type)).size).toBe(parts.length);
			const listing = onDay(stock, stocked, '2026-03-01');
			expect(listing.soldWith?.map(({ listingId }) => listingId)).toEqual(
				parts.filter((part) => part !== stocked).map(({ id }) => id)
			);
			const [one, other] = parts.map(({ garment: { palette } }) => palette[0]?.hex);
			if (!one || !other) continue;
			const distance = deltaE00(labOfHex(one), labOfHex(other));
			expect(distance).toBeGreaterThan(0);
			// Within what is clearly the same colour, and past where an eye sees no step (Sharma, Wu & Dalal 2005, CIEDE2000).
			expect(distance).toBeLessThan(10);
		}
	});

	it('has the colours of a thing side by side, each by its own name', () => {
		const many = stock.filter(({ colourways }) => colourways.length > 1);
		expect(many.length).toBeGreaterThan(100);
		for (const stocked of many) {
			const names = stocked.colourways.map((at) => stock[at]?.colour);
			expect(new Set(names).size).toBe(names.length);
			expect(stocked.colourways.map((at) => stock[at]?.id)).toContain(stocked.id);
		}
	});

	it('sells down between deliveries and comes again on the day that was told', () => {
		fc.assert(
			fc.property(someStocked, someDay, (stocked, day) => {
				const before = onDay(stock, stocked, day).sizes;
				const after = onDay(stock, stocked, addDays(day, 1)).sizes;
				before.forEach(({ again, inStock }, i) => {
					const next = after[i]!;
					if (again === undefined) return;
					expect(inStock).toBe(0);
					expect(again > day).toBe(true);
					const delivered = onDay(stock, stocked, again).sizes[i]!;
					expect(delivered.inStock).toBe(sizesOf(stocked)[i]!.delivered);
					if (addDays(day, 1) !== again) expect(next).toEqual({ label: next.label, inStock: 0, again });
				});
			})
		);
	});
});

describe('prices on a day', () => {
	it('are the usual ones less markdown and code, line by line', () => {
		fc.assert(
			fc.property(someStocked, someDay, (stocked, day) => {
				const { price, reduced } = onDay(stock, stocked, day);
				if (!reduced) {
					expect(price.amountMinor).toBe(stocked.usualMinor);
					return;
				}
				expect(price).toEqual(landedPrice(reduced.usual, reduced).total);
				expect(price.amountMinor).toBeLessThan(stocked.usualMinor);
				expect(reduced.until! >= day).toBe(true);
				// Until then it is as low or, where a sale begins meanwhile, lower.
				const onLast = onDay(stock, stocked, reduced.until!).price;
				expect(onLast.amountMinor).toBeLessThanOrEqual(price.amountMinor);
			})
		);
	});
});

describe('the size charts', () => {
	const chartOf = (name: string) => simulatedShops.find(({ shop }) => shop.name === name)!.shop.sizeChart;

	// EN 13402-3, women's letter codes by bust girth in cm (values from memory); the steps widen above M.
	it.each([
		['XXS', 66, 74],
		['XS', 74, 82],
		['S', 82, 90],
		['M', 90, 98],
		['L', 98, 107],
		['XL', 107, 119],
		['XXL', 119, 131]
	])('of letters follow EN 13402-3: %s is a bust of %d to %d cm', (label, from, to) => {
		expect(chartOf('Ollenby & Wrack').clothes.find((row) => row.label === label)?.bustCm).toEqual([from, to]);
	});

	it('of shoes follow EU size = 1.5 × last in cm (value from memory), the last 1.5 cm longer than the foot', () => {
		const sizeFor = (footCm: number) =>
			chartOf('Ollenby & Wrack').shoes.find(
				({ footCm: range }) => range && footCm >= range[0] && footCm < range[1]
			)?.label;
		expect(sizeFor(22.5)).toBe(`EU ${Math.round((22.5 + 1.5) * 1.5)}`);
		expect(sizeFor(24.5)).toBe(`EU ${Math.round((24.5 + 1.5) * 1.5)}`);
		expect(sizeFor(28)).toBe(`EU ${Math.round((28 + 1.5) * 1.5)}`);
	});

	it('leave no hole between two sizes', () => {
		for (const { shop } of simulatedShops)
			for (const column of ['bustCm', 'hipCm'] as const)
				shop.sizeChart.clothes.slice(1).forEach((row, i) => {
					const before = shop.sizeChart.clothes[i];
					// The same girths are made for another height of the body, too.
					if (String(before?.statureCm) !== String(row.statureCm)) return;
					expect(row[column]?.[0], shop.name).toBe(before?.[column]?.[1]);
				});
	});
});

describe('best listings', () => {
	const asked = element(1, garment('court-shoes', ['black'], { heelHeight: 'mid' }));
	const on = '2026-11-26';
	const shoeShops = marketShops.shops.filter(({ sizeChart }) => sizeChart.shoes.length > 0);

	it('are ranked by the same closeness as the wardrobe: first what is in stock, then a few that are not', () => {
		const listings = bestListings({ elements: [asked], most: 5, on }, market).matches[0]?.listings ?? [];
		const isThere = listings.map(({ listing }) => listing.sizes.some(({ inStock }) => inStock > 0));
		const suitable = listings.filter((_, i) => isThere[i]);
		expect(suitable.length).toBeGreaterThan(0);
		expect(suitable.length).toBeLessThanOrEqual(5);
		expect(isThere).toEqual([...isThere].sort((a, b) => Number(b) - Number(a)));
		for (const { listing, closeness } of listings)
			expect(closeness).toBe(closenessOf(asked, listing.garment).closeness);
		const order = suitable.map(({ closeness }) => closeness);
		expect(order).toEqual([...order].sort((a, b) => b - a));
	});

	it('are in stock in a label that was asked for, as far as there are such', () => {
		fc.assert(
			fc.property(someDay, fc.integer({ min: 36, max: 42 }), (day, eu) => {
				const labels = Object.fromEntries(shoeShops.map(({ id }) => [id, [`EU ${eu}`, `UK ${eu - 33}`]]));
				const { matches } = bestListings({ elements: [{ ...asked, labels }], most: 8, on: day }, market);
				const suits = (matches[0]?.listings ?? []).map(({ listing }) =>
					listing.sizes.some(
						({ label, inStock }) =>
							inStock > 0 && [...sizesForAll, ...(labels[listing.shopId] ?? [])].includes(label)
					)
				);
				expect(suits).toEqual([...suits].sort((a, b) => Number(b) - Number(a)));
			}),
			{ numRuns: 30 }
		);
	});

	it('show a thing once, in the colour that comes closest', () => {
		const coat = element(1, garment('overcoat', ['#1d2a44']));
		const listings = bestListings({ elements: [coat], most: 20, on }, market).matches[0]?.listings ?? [];
		const things = listings.map(({ listing }) => stock[placeOfId(listing.id)]!.colourways[0]);
		expect(new Set(things).size).toBe(things.length);
		for (const { listing, closeness } of listings.filter(({ listing: { sizes } }) =>
			sizes.some(({ inStock }) => inStock > 0)
		))
			for (const { listingId, isInStock } of listing.alsoIn ?? []) {
				const other = stock[placeOfId(listingId)]!;
				if (isInStock) expect(closenessOf(coat, other.garment).closeness).toBeLessThanOrEqual(closeness);
			}
	});

	it('are found again by their ids; what is not known is left out', () => {
		const ids = stock.slice(20, 30).map(({ id }) => id);
		const unknown = '11111111-1111-4111-8111-111111111111';
		expect(listingsOn({ ids: [...ids, unknown], on }, market).listings.map(({ id }) => id)).toEqual(ids);
	});
});

describe('parcels', () => {
	const parcel = { id: '22222222-2222-4222-8222-222222222222', orderedOn: '2026-03-01', arrivesInDays: 6 };
	it('move on and never back, and arrive no sooner than the shop says and at most three days later', () => {
		fc.assert(
			fc.property(fc.uuid(), fc.integer({ min: 0, max: 60 }), someDay, (id, arrivesInDays, orderedOn) => {
				const order = ['ordered', 'packed', 'on-its-way', 'arrived'];
				const seen = Array.from({ length: arrivesInDays + 5 }, (_, days) => {
					const on = addDays(orderedOn, days);
					return parcelsOn({ parcels: [{ id, orderedOn, arrivesInDays }], on }).parcels[0]!;
				});
				const places = seen.map(({ state }) => order.indexOf(state));
				expect(places).toEqual([...places].sort((a, b) => a - b));
				const { arrives } = seen[0]!;
				expect(arrives >= addDays(orderedOn, arrivesInDays)).toBe(true);
				expect(arrives <= addDays(orderedOn, arrivesInDays + 3)).toBe(true);
				expect(seen.at(-1)?.state).toBe('arrived');
			})
		);
	});
	it('say the same however often they are asked', () =>
		expect(parcelsOn({ parcels: [parcel], on: '2026-03-04' })).toEqual(
			parcelsOn({ parcels: [parcel], on: '2026-03-04' })
		));
});
