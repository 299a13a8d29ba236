import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as z from 'zod';
import { element, garment, garmentArbitrary, elementArbitrary } from '../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop,
	uuid
} from '../../../../tests/records';
import { dateSchema, momentSchema, moneySchema, priceSchema, schemaVersion } from './basics';
import { clientSchema } from './client';
import { echoSchema } from './echo';
import { verdictSchema } from './judgement';
import { freshMatch } from './worn';
import { eventSchema, freshEvent } from './event';
import { garmentSchema } from './garment';
import { listingSchema, shopSchema } from './market';
import { configurationSchema, pieceSchema } from './piece';
import { elementSchema, referenceSchema } from './reference';
import { schoolsSchema } from './schools';
import { freshSettings, settingsSchema } from './settings';
import { emptyStudio, recordTypes, studioDocumentSchema, tableNames } from './studio';

const accepts = (schema: z.ZodType, value: unknown) => schema.safeParse(value).success;
const where = (schema: z.ZodType, value: unknown) => {
	const result = schema.safeParse(value);
	return result.success ? [] : result.error.issues.map(({ path }) => path.join('.'));
};

describe('basic values', () => {
	it.each(['2026-11-25', '2024-02-29'])('%s is a date', (date) =>
		expect(accepts(dateSchema, date)).toBe(true)
	);
	it.each(['2026-02-30', '25/11/2026', '2026-11-25T10:00:00Z', ''])('"%s" is none', (date) =>
		expect(accepts(dateSchema, date)).toBe(false)
	);
	it('a moment is in UTC', () => {
		expect(accepts(momentSchema, '2026-11-25T10:00:00.000Z')).toBe(true);
		expect(accepts(momentSchema, '2026-11-25T10:00:00+02:00')).toBe(false);
	});
	it('money is whole minor units of an ISO currency', () => {
		expect(accepts(moneySchema, { amountMinor: -250, currency: 'GBP' })).toBe(true);
		expect(accepts(moneySchema, { amountMinor: 2.5, currency: 'GBP' })).toBe(false);
		expect(accepts(moneySchema, { amountMinor: 250, currency: 'pounds' })).toBe(false);
	});
	it('a price is not negative', () =>
		expect(accepts(priceSchema, { amountMinor: -1, currency: 'GBP' })).toBe(false));
});

describe('a garment', () => {
	it('is valid for every type with any of its facets', () => {
		fc.assert(fc.property(garmentArbitrary(), (one) => accepts(garmentSchema, one)));
	});
	it('stays the same through JSON', () => {
		fc.assert(
			fc.property(garmentArbitrary(), (one) => {
				expect(garmentSchema.parse(JSON.parse(JSON.stringify(one)))).toEqual(JSON.parse(JSON.stringify(one)));
			})
		);
	});
	it.each([
		['an unknown type', { ...garment('blazer'), type: 'spacesuit' }, 'type'],
		['a value that the facet does not have', garment('blazer', [], { fit: 'enormous' }), 'facets.fit'],
		[
			'a facet that the type does not have',
			garment('blazer', [], { heelHeight: 'mid' }),
			'facets.heelHeight'
		],
		[
			'a colour by name',
			{ ...garment('blazer'), palette: [{ hex: 'navy', share: 1, provenance: 'seen' }] },
			'palette.0.hex'
		],
		[
			'a colour in capitals',
			{ ...garment('blazer'), palette: [{ hex: '#1C2745', share: 1, provenance: 'seen' }] },
			'palette.0.hex'
		],
		[
			'a colour without share',
			{ ...garment('blazer'), palette: [{ hex: '#1c2745', share: 0, provenance: 'seen' }] },
			'palette.0.share'
		],
		[
			'a value of unknown origin',
			{ ...garment('blazer'), metal: { value: 'gold', provenance: 'guessed' } },
			'metal.provenance'
		],
		['an unknown print', garment('blazer', [], {}, { print: 'galaxy' }), 'print.family.value']
	])('refuses %s and says where', (_, value, path) => expect(where(garmentSchema, value)).toContain(path));
});

describe('records', () => {
	it('made small are valid', () => {
		const reference = makeReference([element(1, garment('blazer', ['navy']))]);
		expect(accepts(clientSchema, makeClient())).toBe(true);
		expect(accepts(pieceSchema, makePiece(1, garment('blazer')))).toBe(true);
		expect(accepts(referenceSchema, reference)).toBe(true);
		expect(accepts(echoSchema, makeEcho(makeClient(), reference))).toBe(true);
		expect(accepts(shopSchema, makeShop(1))).toBe(true);
		expect(accepts(listingSchema, makeListing(1, garment('blazer'), 100))).toBe(true);
	});
	it('need a name that is more than blanks', () => {
		expect(where(clientSchema, makeClient({ name: '   ' }))).toEqual(['name']);
		expect(where(referenceSchema, makeReference([], { title: '' }))).toEqual(['title']);
	});
	it('take measures of real bodies only, and say the range', () => {
		expect(accepts(clientSchema, makeClient({ measurements: { stature: 154.5 } }))).toBe(true);
		const result = clientSchema.safeParse(makeClient({ measurements: { stature: 1650 } }));
		expect(result.error?.issues[0]?.message).toBe('height must be between 90 and 230 cm');
	});
	it('a piece has at least one part', () =>
		expect(where(pieceSchema, makePiece(1, garment('blazer'), { parts: [] }))).toEqual(['parts']));
	it('a configuration changes something', () =>
		expect(where(configurationSchema, { id: uuid(1), name: 'other side', garments: [] })).toEqual([
			'garments'
		]));
	it('elements are valid whatever they ask for', () => {
		fc.assert(fc.property(elementArbitrary, (one) => accepts(elementSchema, one)));
	});
	it('an element’s regions on photos are in shares, of photos that there are, one a photo', () => {
		const region = { photo: uuid(9), x: 0.1, y: 0.2, width: 0.3, height: 0.4 };
		const tie = (...regions: object[]) => ({ ...element(1, garment('tie')), regions });
		expect(accepts(elementSchema, tie(region))).toBe(true);
		expect(accepts(elementSchema, tie({ ...region, mask: { width: 2, height: 1, runs: [1, 1] } }))).toBe(
			true
		);
		expect(accepts(elementSchema, tie({ ...region, x: 120 }))).toBe(false);
		const look = (photos: string[], ...regions: object[]) => ({
			...makeReference([]),
			photos,
			elements: [tie(...regions)]
		});
		expect(accepts(referenceSchema, look([uuid(9)], region))).toBe(true);
		expect(where(referenceSchema, look([], region))).toEqual(['elements.0.regions']);
		expect(where(referenceSchema, look([uuid(9)], region, region))).toEqual(['elements.0.regions']);
	});
	it('a listing has sizes, a shop’s chart has ranges', () => {
		expect(where(listingSchema, makeListing(1, garment('tie'), 100, { sizes: [] }))).toEqual(['sizes']);
		const broken = makeShop(1, {
			sizeChart: { clothes: [{ label: 'S', bustCm: [80] as never }], shoes: [] }
		});
		expect(where(shopSchema, broken)[0]).toMatch(/^sizeChart\.clothes\.0\.bustCm/);
	});
	it('a verdict is a whole number of 0 to 100', () => {
		const verdict = (ownRating: number) =>
			accepts(verdictSchema, { ownRating, wouldWear: 'yes', note: '', pieces: [] });
		expect([0, 100].map(verdict)).toEqual([true, true]);
		expect([-1, 101, 50.5, NaN].map(verdict)).toEqual([false, false, false, false]);
	});
	it('a match names what it answers', () => {
		const echo = makeEcho(makeClient(), makeReference([]), {
			matches: [freshMatch({ id: uuid(1), elementIds: [] })]
		});
		expect(where(echoSchema, echo)).toEqual(['matches.0.elementIds']);
	});
	it('an event has a date and a real temperature', () => {
		const event = freshEvent({ id: uuid(1), clientId: uuid(2), title: 'Opening', date: '2026-12-01' });
		expect(accepts(eventSchema, event)).toBe(true);
		const weather = { airC: 300, rain: false, source: 'said' };
		expect(where(eventSchema, { ...event, weather })).toEqual(['weather.airC']);
		expect(where(eventSchema, { ...event, time: '25:00' })).toEqual(['time']);
	});
	it('schools are settings by question; unknown ones are refused', () => {
		expect(accepts(schoolsSchema, {})).toBe(true);
		expect(accepts(schoolsSchema, { closeness: 'spirit', metals: 'mix-freely' })).toBe(true);
		expect(where(schoolsSchema, { closeness: 'vibes' })).toEqual(['closeness']);
	});
	it('settings name currency and units', () => {
		const settings = freshSettings({ studioName: 'Mine' });
		expect(accepts(settingsSchema, settings)).toBe(true);
		expect(where(settingsSchema, { ...settings, units: 'yards' })).toEqual(['units']);
	});
});

describe('the studio document', () => {
	it('holds every table, and no table is forgotten in an empty studio', () => {
		expect(Object.keys(emptyStudio()).sort()).toEqual([...tableNames].sort());
		expect(
			accepts(studioDocumentSchema, {
				format: 'prime-echo-studio',
				schemaVersion,
				writtenOn: '2026-01-01',
				...emptyStudio()
			})
		).toBe(true);
	});

	it.each(tableNames)('%s can be published as JSON Schema 2020-12', (name) => {
		const published = z.toJSONSchema(recordTypes[name].schema, { target: 'draft-2020-12' });
		expect(published.$schema).toBe('https://json-schema.org/draft/2020-12/schema');
		expect(published.properties).toHaveProperty('rev');
		expect(JSON.parse(JSON.stringify(published))).toEqual(published);
	});
});
