import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { garment } from '../../../tests/arbitraries';
import { makeClient, makeListing, makeReference, makeShop, uuid } from '../../../tests/records';
import { freshStockList, type Element, type Listing } from '../core';
import { database } from './database';
import { change, undo } from './journal';
import { askForLook, askListings } from './market';

const shop = makeShop(1, { simulated: false });
const coat: Element = {
	id: uuid(100),
	garment: garment('overcoat', ['navy']),
	rank: 1,
	role: 'key',
	weightFactor: 1,
	signature: [],
	open: [],
	moves: [],
	note: ''
};
const look = makeReference([coat]);
const asked = { client: makeClient(), fitNotes: [], schools: {}, on: '2026-01-02' };
const listing = (n: number, title: string): Listing =>
	makeListing(n, garment('overcoat', ['navy']), 5000, { shopId: shop.id, title });
const listOf = (n: number, ...listings: Listing[]) =>
	freshStockList({ id: uuid(700 + n), shop, loadedOn: '2026-01-01', listings });
const load = (n: number, ...listings: Listing[]) =>
	change('Loaded a list', (writer) => writer.create('stockLists', listOf(n, ...listings)));
/** What is answered for the coat, by title. */
async function answered(): Promise<string[] | string> {
	const result = await askForLook(look, asked);
	if (!result.ok) return result.message;
	return result.answer.matches.flatMap(({ listings }) => listings.map((one) => one.listing.title));
}

beforeEach(() =>
	vi.stubGlobal(
		'fetch',
		vi.fn(async () => Promise.reject(new TypeError('refused')))
	)
);
afterEach(async () => {
	await database.stockLists.clear();
	await database.journal.clear();
	vi.unstubAllGlobals();
});

describe('lists of one’s own, with the shops out of reach', () => {
	it('answer alone, and it is said why the shops do not', async () => {
		expect(await answered()).toMatch(/cannot be reached/);
		await load(1, listing(1, 'Watch coat'));
		const result = await askForLook(look, asked);
		expect(result).toMatchObject({ ok: true, without: expect.stringMatching(/cannot be reached/) });
		expect(await answered()).toEqual(['Watch coat']);
	});
	it('answer as they are now: changed, removed, brought back, and loaded anew under another id', async () => {
		await load(1, listing(1, 'Watch coat'));
		expect(await answered()).toEqual(['Watch coat']);
		await change('Loaded it anew', (writer) =>
			writer.edit('stockLists', uuid(701), (draft) => void (draft.listings = [listing(2, 'Pilot coat')]))
		);
		expect(await answered()).toEqual(['Pilot coat']);
		const removed = await change('Removed it', (writer) => writer.remove('stockLists', uuid(701)));
		expect(await answered()).toMatch(/cannot be reached/);
		await undo({ sequence: removed });
		expect(await answered()).toEqual(['Pilot coat']);
		await change('Removed it', (writer) => writer.remove('stockLists', uuid(701)));
		await load(2, listing(3, 'Ferry coat'));
		expect(await answered()).toEqual(['Ferry coat']);
	});
	it('tell how their things stand without asking anybody', async () => {
		await load(1, listing(1, 'Watch coat'));
		const { id } = listing(1, 'Watch coat');
		expect(await askListings({ ids: [id], on: '2026-01-02' })).toMatchObject({
			ok: true,
			answer: { listings: [{ title: 'Watch coat' }] }
		});
		expect(fetch).not.toHaveBeenCalled();
	});
	it('send nothing of themselves to the shops', async () => {
		const sent: string[] = [];
		const shops = { simulated: true, shops: [makeShop(2)] };
		vi.stubGlobal(
			'fetch',
			vi.fn(async (path: string, init?: RequestInit) => {
				sent.push(String(init?.body ?? ''));
				return new Response(JSON.stringify(path.endsWith('/shops') ? shops : { ...shops, matches: [] }));
			})
		);
		await load(1, listing(1, 'Watch coat'));
		expect(await answered()).toEqual(['Watch coat']);
		expect(sent.join()).not.toContain(shop.id);
		expect(sent.join()).not.toContain('Watch coat');
	});
});
