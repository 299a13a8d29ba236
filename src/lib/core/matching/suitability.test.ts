import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeListing, makeReference, makeShop } from '../../../../tests/records';
import type { Client } from '../model/client';
import type { Listing, Shop } from '../model/market';
import { addDays } from '../time';
import { candidatesFor, type Candidate } from './candidates';
import { marketQuestion } from './market-question';
import { scoringOf } from './score-echo';
import { unsuitableFor, type SuitabilityOptions } from './suitability';

const today = '2026-03-01';
const asked = element(1, garment('blazer', ['navy']));
const reference = makeReference([asked]);
const client = makeClient({ measurements: { bust: 92, waist: 74, hip: 100 } });
const chart = [
	{ label: 'S', bustCm: [82, 90] as [number, number], hipCm: [90, 98] as [number, number] },
	{ label: 'M', bustCm: [90, 98] as [number, number], hipCm: [98, 106] as [number, number] }
];
const shop = makeShop(1, { sizeChart: { clothes: chart, shoes: [] } });

function offered(listing: Partial<Listing>, of: Shop = shop, whose: Client = client): Candidate {
	const one = makeListing(1, garment('blazer', ['navy']), 4000, { shopId: of.id, ...listing });
	const market = {
		simulated: true,
		shops: [of],
		matches: [{ elementId: asked.id, listings: [{ listing: one, closeness: 1 }] }]
	};
	const scoring = scoringOf(reference, {}, whose);
	return candidatesFor({ reference, client: whose, pieces: [], market, scoring, seenOn: today }).for(asked)
		.listed[0]!;
}
const options: SuitabilityOptions = { client, today, worn: [], currency: 'GBP', rates: {} };
const inM = { sizes: [{ label: 'M', inStock: 2 }] };
const kinds = (candidate: Candidate, more: Partial<SuitabilityOptions> = {}) =>
	unsuitableFor(candidate, { ...options, ...more }).map(({ kind }) => kind);

describe('what keeps a client from a thing for sale', () => {
	it('is nothing where it is there in their size, in time, for the money', () =>
		expect(kinds(offered({ ...inM, arrivesInDays: 3 }), { wornOn: '2026-03-05', leftMinor: 5000 })).toEqual(
			[]
		));

	it('is a size that is sold out, with the day on which it comes again', () => {
		const candidate = offered({
			sizes: [
				{ label: 'S', inStock: 4 },
				{ label: 'M', inStock: 0, again: '2026-03-09' }
			]
		});
		expect(unsuitableFor(candidate, options)).toEqual([
			{ kind: 'sold-out', label: 'M', again: '2026-03-09' }
		]);
	});

	it('is a size that the shop does not make', () =>
		expect(kinds(offered({ sizes: [{ label: 'S', inStock: 4 }] }))).toEqual(['no-size']));

	it('is a limit of the client', () => {
		const nothingBlack = makeClient({
			measurements: client.measurements,
			limits: { ...client.limits, never: ['blazers'] }
		});
		expect(kinds(offered(inM, shop, nothingBlack), { client: nothingBlack })).toContain('limit');
	});

	it('is the day, from the one on which nothing is left between parcel and wearing', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), (arrivesInDays, days) => {
				const isLate = kinds(offered({ ...inM, arrivesInDays }), { wornOn: addDays(today, days) }).includes(
					'late'
				);
				expect(isLate).toBe(arrivesInDays > days - 1);
			})
		);
	});

	it('is the money, postage and duty with it', () => {
		const abroad = makeShop(2, { sizeChart: shop.sizeChart, duty: 0.1 });
		const postage = abroad.postage.flat.amountMinor;
		const costs = Math.round((4000 + postage) * 1.1);
		const candidate = offered(inM, abroad);
		expect(kinds(candidate, { leftMinor: costs })).toEqual([]);
		expect(unsuitableFor(candidate, { ...options, leftMinor: costs - 1 })).toEqual([
			{ kind: 'dear', overMinor: 1 }
		]);
		// The shop's postage is paid already where something else comes from it.
		const { item } = candidate;
		expect(kinds(candidate, { leftMinor: 4400, worn: [item] })).toEqual([]);
	});

	it('is a currency without a rate', () => {
		const candidate = offered({ ...inM, price: { amountMinor: 4000, currency: 'EUR' } });
		expect(kinds(candidate)).toEqual(['no-rate']);
		expect(kinds(candidate, { rates: { EUR: 0.9 } })).toEqual([]);
	});
});

describe('what the shops are asked', () => {
	it('holds the labels that suit, and of the client no name, no measure and no limit', () => {
		fc.assert(
			fc.property(fc.integer({ min: 829, max: 978 }), (bustMm) => {
				const measured = makeClient({
					name: 'Somebody Unmistakable',
					brief: 'an unmistakable brief',
					measurements: { bust: bustMm / 10, hip: 101.37, waist: 73.31 },
					limits: { ...client.limits, never: ['something unmistakable'] }
				});
				const question = marketQuestion(reference, [shop], {
					client: measured,
					fitNotes: [],
					schools: {},
					on: today
				});
				const said = JSON.stringify(question);
				expect(said).not.toMatch(/nmistakable|101\.37|73\.31/);
				expect(said).not.toContain(String(bustMm / 10));
				expect(Object.keys(question).sort()).toEqual(['elements', 'on', 'schools']);
				for (const label of question.elements[0]?.labels?.[shop.id] ?? [])
					expect(['S', 'M']).toContain(label);
			}),
			{ numRuns: 40 }
		);
	});
	it('leaves the sizes of a shop open where a measure is missing, and asks for none where it makes none', () => {
		const of = (measurements: Client['measurements']) =>
			marketQuestion(reference, [shop], {
				client: makeClient({ measurements }),
				fitNotes: [],
				schools: {},
				on: today
			}).elements[0]?.labels;
		expect(of({})).toEqual({});
		expect(of({ bust: 140, hip: 150 })).toEqual({ [shop.id]: [] });
		expect(of({ bust: 92, hip: 100 })).toEqual({ [shop.id]: ['M'] });
	});
});
