import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { closenessOf, listingSchema, shopSchema } from '../../core';
import { bestListings, simulatedMarket } from './matches';
import { simulatedShops } from './shops';
import { simulatedStock } from './stock';

describe('the simulated stock', () => {
	const stock = simulatedStock(7, 320);

	it('is the same for the same seed and another for another', () => {
		expect(simulatedStock(7, 320)).toEqual(stock);
		expect(simulatedStock(8, 320)).not.toEqual(stock);
	});

	it('is valid, of about 300 listings, sold by shops that say they are simulated', () => {
		expect(stock.length).toBeGreaterThanOrEqual(300);
		for (const listing of stock) expect(listingSchema.safeParse(listing).success, listing.title).toBe(true);
		for (const { shop } of simulatedShops) {
			expect(shopSchema.safeParse(shop).success, shop.name).toBe(true);
			expect(shop.simulated).toBe(true);
		}
	});

	it('holds single sizes second-hand', () => {
		const exchange = simulatedShops.find(({ shop }) => shop.secondHand);
		const listings = stock.filter(({ shopId }) => shopId === exchange?.shop.id);
		expect(listings.length).toBeGreaterThan(20);
		for (const { sizes, condition } of listings) {
			expect(sizes).toHaveLength(1);
			expect(condition).not.toBe('new');
		}
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
					expect(row[column]?.[0], shop.name).toBe(shop.sizeChart.clothes[i]?.[column]?.[1]);
				});
	});
});

describe('best listings', () => {
	const asked = element(1, garment('court-shoes', ['black'], { heelHeight: 'mid' }));

	it('are ranked by the same closeness as the wardrobe, in stock, as many as asked', () => {
		const { matches } = bestListings({ elements: [asked], most: 5 }, simulatedMarket);
		const listings = matches[0]?.listings ?? [];
		expect(listings.length).toBeGreaterThan(0);
		expect(listings.length).toBeLessThanOrEqual(5);
		for (const { listing, closeness } of listings) {
			expect(closeness).toBe(closenessOf(asked, listing.garment).closeness);
			expect(listing.sizes.some(({ inStock }) => inStock > 0)).toBe(true);
		}
		const order = listings.map(({ closeness }) => closeness);
		expect(order).toEqual([...order].sort((a, b) => b - a));
	});
});
