import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeListing, makeShop, uuid } from '../../../../tests/records';
import { scoreLook, type Worn } from '../closeness/look';
import { bandOf, bands, reachedAt } from '../lexicon/bands';
import { cheapestToNextBand } from './next-band';
import type { Offer } from './win-back';

const types = ['blouse', 'skirt', 'handbag'];
const elements = types.map((type, i) => element(i + 1, garment(type, ['bottle green'])));
const offer = (n: number, type: string, colour: string, amountMinor: number): Offer => {
	const listing = makeListing(n, garment(type, [colour]), amountMinor);
	return {
		key: uuid(n),
		title: `Listing ${n}`,
		garment: listing.garment,
		cost: listing.price,
		item: { source: 'listing', listing, shop: makeShop(1), seenOn: '2026-01-01' }
	};
};
const wearing = (colours: readonly (string | undefined)[]): Worn[] =>
	types.flatMap((type, i) =>
		colours[i]
			? [
					{
						elementId: elements[i]!.id,
						state: 'items',
						garments: [garment(type, [colours[i]])],
						movesDone: []
					}
				]
			: []
	);

describe('the cheapest way to the next band', () => {
	it('is no more than it takes', () => {
		const found = cheapestToNextBand(
			{ elements },
			wearing(['bottle green', 'bottle green', undefined]),
			(id) =>
				id === elements[2]!.id
					? [offer(1, 'handbag', 'bottle green', 4000), offer(2, 'handbag', 'bottle green', 1500)]
					: []
		);
		expect(found?.buys.map(({ offer: { title } }) => title)).toEqual(['Listing 2']);
		expect(found?.cost.amountMinor).toBe(1500);
	});
	it('is none at the best band, or where nothing for sale reaches it', () => {
		const exact = wearing(['bottle green', 'bottle green', 'bottle green']);
		expect(cheapestToNextBand({ elements }, exact, () => [])).toBeUndefined();
		expect(cheapestToNextBand({ elements }, [], () => [])).toBeUndefined();
	});

	const colour = fc.constantFrom('bottle green', 'olive', 'navy', 'wine');
	const offers = fc.array(fc.tuple(colour, fc.integer({ min: 0, max: 60 })), { maxLength: 3 });
	it('is what trying every choice finds, and reaches the band', () =>
		fc.assert(
			fc.property(
				fc.tuple(offers, offers, offers),
				fc.array(fc.option(colour, { nil: undefined }), { minLength: 3, maxLength: 3 }),
				(sold, worn) => {
					const lists = sold.map((list, i) =>
						list.map(([shade, pounds], n) => offer(i * 10 + n, types[i]!, shade, pounds * 100))
					);
					const now = scoreLook({ elements }, wearing(worn)).score;
					const needed = bands
						.map(reachedAt)
						.filter((from) => from > now)
						.sort((a, b) => a - b)[0];
					let best = Infinity;
					const go = (at: number, chosen: Worn[], spent: number): void => {
						const list = lists[at];
						if (!list) {
							if (needed !== undefined && scoreLook({ elements }, chosen).score >= needed - 1e-9)
								best = Math.min(best, spent);
							return;
						}
						go(at + 1, chosen, spent);
						for (const one of list) {
							const elementId = elements[at]!.id;
							const others = chosen.filter((wornThere) => wornThere.elementId !== elementId);
							const next: Worn = { elementId, state: 'items', garments: [one.garment], movesDone: [] };
							go(at + 1, [...others, next], spent + (one.cost?.amountMinor ?? 0));
						}
					};
					go(0, wearing(worn), 0);
					const found = cheapestToNextBand(
						{ elements },
						wearing(worn),
						(id) => lists[elements.findIndex((one) => one.id === id)] ?? []
					);
					expect(found?.cost.amountMinor ?? Infinity).toBe(best);
					if (found) {
						expect(bandOf(found.score).id).not.toBe(bandOf(now).id);
						expect(found.score).toBeGreaterThanOrEqual((needed ?? 0) - 1e-6);
					}
				}
			),
			{ numRuns: 80 }
		));
});
