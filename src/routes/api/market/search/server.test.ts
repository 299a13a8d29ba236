import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	addDays,
	garmentType,
	marketSearchAnswerSchema,
	problemSchema,
	slotIds,
	type MarketSearch,
	type MarketSearchAnswer
} from '$lib/core';
import { colourWord } from '../../../../../tests/looks';
import { POST } from './+server';

const on = '2026-03-01';
const post = (body: unknown) =>
	POST({
		request: new Request('http://localhost/api/market/search', { method: 'POST', body: JSON.stringify(body) })
	} as Parameters<typeof POST>[0]);
const search = async (asked: Partial<MarketSearch>): Promise<MarketSearchAnswer> => {
	const response = await post({ on, ...asked });
	expect(response.status).toBe(200);
	return marketSearchAnswerSchema.parse(await response.json());
};
const kinds = fc.constantFrom(
	'blazer',
	'court shoes',
	'leather belt',
	'midi skirt',
	'hoops',
	'tote',
	'shirt'
);

describe('POST /api/market/search', () => {
	it('finds what the words name, closest first, and says what it did not understand', async () => {
		const { listings, unread } = await search({ words: 'green velvet blazer, frobbly' });
		expect(listings.length).toBe(24);
		expect(listings[0]?.listing.title).toMatch(/blazer|jacket/i);
		expect(listings.map(({ closeness }) => closeness)).toEqual(
			listings.map(({ closeness }) => closeness).toSorted((a, b) => b - a)
		);
		expect(unread).toEqual(['frobbly']);
	});
	it('gives the same things page by page as at once, and none twice (generated)', () =>
		fc.assert(
			fc.asyncProperty(kinds, colourWord, fc.integer({ min: 3, max: 20 }), async (kind, colour, page) => {
				const words = `${colour} ${kind}`;
				const atOnce = (await search({ words, page: 50 })).listings.map(({ listing }) => listing.id);
				const paged: string[] = [];
				for (let cursor: string | undefined = '0'; cursor !== undefined && paged.length < 50;) {
					const answer: MarketSearchAnswer = await search({ words, page, cursor });
					paged.push(...answer.listings.map(({ listing }) => listing.id));
					cursor = answer.next;
				}
				expect(paged.slice(0, 50)).toEqual(atOnce);
				expect(new Set(paged).size).toBe(paged.length);
			}),
			{ numRuns: 12 }
		));
	it('keeps to what it may cost, to the day, the condition, the place and the sizes (generated)', () =>
		fc.assert(
			fc.asyncProperty(
				kinds,
				fc.integer({ min: 1500, max: 9000 }),
				fc.integer({ min: 2, max: 12 }),
				fc.constantFrom(...slotIds),
				async (words, amountMinor, days, slot) => {
					const by = addDays(on, days);
					const most = { amountMinor, currency: 'GBP' };
					const { listings, shops } = await search({
						words,
						most,
						by,
						conditions: ['new', 'like-new'],
						page: 50
					});
					for (const { listing } of listings) {
						if (listing.price.currency === 'GBP')
							expect(listing.price.amountMinor).toBeLessThanOrEqual(amountMinor);
						expect(addDays(on, listing.arrivesInDays) <= by).toBe(true);
						expect(['new', 'like-new']).toContain(listing.condition);
					}
					const there = await search({ words, slot });
					for (const { listing } of there.listings) expect(garmentType(listing.garment.type).slot).toBe(slot);
					const labels = Object.fromEntries(shops.map(({ id }) => [id, ['M']]));
					for (const { listing } of (await search({ words, labels })).listings)
						expect(
							listing.sizes.some(
								({ label, inStock }) => inStock > 0 && ['M', 'one size', 'made to measure'].includes(label)
							)
						).toBe(true);
				}
			),
			{ numRuns: 12 }
		));
	it('looks in titles where the words name no garment, and finds nothing for nonsense', async () => {
		const { listings } = await search({ words: 'velvet' });
		expect(listings.length).toBeGreaterThan(0);
		for (const { listing } of listings) expect(listing.title.toLowerCase()).toContain('velvet');
		expect((await search({ words: 'zxqv' })).listings).toEqual([]);
	});
	it('takes the asker’s own reading before its own: a nude that is a colour', async () => {
		const as = {
			type: 'court-shoes' as const,
			facets: {},
			palette: [{ hex: '#4a2e22', share: 1, provenance: 'said' as const }]
		};
		const [first] = (await search({ words: 'nude court shoes', as })).listings;
		const [plain] = (await search({ words: 'nude court shoes' })).listings;
		expect(first?.listing.id).not.toBe(plain?.listing.id);
	});
	it.each([
		['no words', { words: ' ', on }, /words/],
		['a cursor that nobody gave', { words: 'belt', cursor: '-1', on }, /cursor/],
		['no day', { words: 'belt' }, /on/]
	])('refuses %s with a reason', async (_, body, reason) => {
		const response = await post(body);
		expect(response.status).toBe(400);
		const { title, problems = [] } = problemSchema.parse(await response.json());
		expect([title, ...problems].join(' ')).toMatch(reason);
	});
});
