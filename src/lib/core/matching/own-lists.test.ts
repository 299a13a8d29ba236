import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentArbitrary } from '../../../../tests/arbitraries';
import { makeListing, makeShop, uuid } from '../../../../tests/records';
import {
	closenessOf,
	closestInLists,
	joinedAnswer,
	layOut,
	leastCloseness,
	partsOfSet,
	type Garment,
	type Listing
} from '..';

const shop = makeShop(1, { simulated: false });
const listed = (garments: readonly Garment[], inStock: (i: number) => number): Listing[] =>
	garments.map((garment, i) =>
		makeListing(i, garment, 1000 + i, {
			shopId: shop.id,
			sizes: [{ label: i % 2 === 0 ? 'S' : 'M', inStock: inStock(i) }]
		})
	);
const question = (garment: Garment, labels?: string[]) => ({
	elements: [
		{ id: uuid(1), garment, signature: [], open: [], ...(labels && { labels: { [shop.id]: labels } }) }
	],
	on: '2026-01-15'
});

describe('lists of one’s own', () => {
	it('answer as the plain comparison does: what suits best first, then a few that do not', () => {
		fc.assert(
			fc.property(
				garmentArbitrary(),
				fc.array(garmentArbitrary(), { minLength: 1, maxLength: 30 }),
				fc.option(fc.constant<string[]>(['S'])),
				(asked, garments, labels) => {
					const listings = listed(garments, (i) => (i % 3 === 0 ? 0 : 1));
					const [match] = closestInLists([layOut({ shop, listings })], question(asked, labels ?? undefined));
					const suits = ({ sizes: [size] }: Listing) =>
						(size?.inStock ?? 0) > 0 && (!labels || labels.includes(size?.label ?? ''));
					const plain = listings
						.map((listing) => ({
							id: listing.id,
							suits: suits(listing),
							// Of a set, the whole or the part of it that comes closest.
							closeness: Math.max(
								...[listing.garment, ...partsOfSet(listing.garment).map((part) => part.garment)].map(
									(way) => closenessOf({ garment: asked, signature: [], open: [] }, way).closeness
								)
							)
						}))
						.filter(({ closeness }) => closeness >= leastCloseness)
						.sort((a, b) => b.closeness - a.closeness);
					const best = [
						...plain.filter((one) => one.suits).slice(0, 12),
						...plain.filter((one) => !one.suits).slice(0, 6)
					];
					const figures = (list: readonly { closeness: number }[]) =>
						list.map((one) => one.closeness.toFixed(9));
					expect(figures(match?.listings ?? [])).toEqual(figures(best));
				}
			),
			{ numRuns: 120 }
		);
	});
	it('stand beside what the shops answer, and lose nothing of it', () => {
		const coat: Garment = { type: 'overcoat', facets: {}, palette: [] };
		const listings = listed([coat], () => 1);
		const own = closestInLists([layOut({ shop, listings })], question(coat));
		const theirs = makeListing(50, coat, 900);
		const market = {
			simulated: true,
			shops: [makeShop(2)],
			matches: [
				{ elementId: uuid(1), listings: [{ listing: theirs, closeness: 1 }] },
				{ elementId: uuid(2), listings: [] }
			]
		};
		const joined = joinedAnswer(market, own, [shop]);
		expect(joined.shops.map(({ id }) => id)).toEqual([makeShop(2).id, shop.id]);
		expect(joined.matches.map(({ listings: found }) => found.map(({ listing }) => listing.id))).toEqual([
			[listings[0]?.id, theirs.id],
			[]
		]);
		expect(joinedAnswer(market, [], [])).toBe(market);
	});
});
