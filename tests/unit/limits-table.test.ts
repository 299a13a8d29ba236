/**
 * No limit passes in silence: every limit that the app knows, against every type that breaks it by what is stated or by what
 * is usual for its kind. What is expected is written here from the facets alone, apart from the code that it checks.
 */
import { describe, expect, it } from 'vitest';
import {
	barsFor,
	checkLook,
	facetOf,
	garmentTypes,
	mayWear,
	type FacetId,
	type Garment,
	type GarmentType
} from '../../src/lib/core';
import { materialKinds } from '../../src/lib/core/lexicon/limit-properties';
import { materialWords } from '../../src/lib/core/lexicon/material-words';
import { makeClient } from '../records';

interface Expected {
	limit: string;
	/** A facet and the values of it that break the limit. */
	facet: FacetId;
	values: readonly string[];
	/** The types that the limit is about; all that can have the facet without. */
	among?: (type: GarmentType) => boolean;
}

const onSkin = ({ slot }: GarmentType) => ['top', 'whole', 'drape'].includes(slot);
const shoes = ({ slot }: GarmentType) => slot === 'feet';
const below = ({ slot }: GarmentType) => !['outer', 'layer'].includes(slot);

const table: Expected[] = [
	{
		limit: 'no heels',
		facet: 'heelHeight',
		values: ['low', 'kitten', 'mid', 'high', 'very-high'],
		among: shoes
	},
	{ limit: 'flats only', facet: 'heelHeight', values: ['kitten', 'mid', 'high', 'very-high'], among: shoes },
	{ limit: 'flat soles', facet: 'heelHeight', values: ['mid', 'high', 'very-high'], among: shoes },
	{ limit: 'high heels', facet: 'heelHeight', values: ['high', 'very-high'], among: shoes },
	{ limit: 'bare arms', facet: 'sleeveLength', values: ['sleeveless', 'strapless'], among: onSkin },
	{ limit: 'sleeveless', facet: 'sleeveLength', values: ['sleeveless', 'strapless'], among: onSkin },
	{ limit: 'strapless', facet: 'neckline', values: ['strapless'] },
	{
		limit: 'bare shoulders',
		facet: 'neckline',
		values: ['off-shoulder', 'one-shoulder', 'strapless', 'halter'],
		among: onSkin
	},
	{ limit: 'cleavage', facet: 'neckline', values: ['deep-v', 'plunge', 'sweetheart'], among: onSkin },
	{ limit: 'high necks', facet: 'neckline', values: ['roll', 'funnel', 'mock', 'high-neck'] },
	{ limit: 'bare midriff', facet: 'topLength', values: ['cropped'], among: onSkin },
	{ limit: 'bare back', facet: 'back', values: ['open', 'low'], among: onSkin },
	{ limit: 'bare knees', facet: 'hemLength', values: ['micro', 'mini', 'above-knee'], among: below },
	{ limit: 'bare knees', facet: 'legLength', values: ['micro', 'short', 'mid-thigh'], among: below },
	{ limit: 'bare thighs', facet: 'hemLength', values: ['micro', 'mini'], among: below },
	{ limit: 'bare thighs', facet: 'legLength', values: ['micro', 'short'], among: below },
	{ limit: 'tight', facet: 'fit', values: ['skin-tight'], among: ({ slot }) => slot !== 'hosiery' },
	{
		limit: 'sheer',
		facet: 'opacity',
		values: ['sheer', 'semi-sheer'],
		among: ({ slot }) => slot !== 'hosiery'
	},
	{
		limit: 'leather',
		facet: 'material',
		values: ['leather', 'suede', 'patent-leather', 'exotic-skin', 'shearling']
	},
	{ limit: 'fur', facet: 'material', values: ['fur', 'shearling'] },
	{ limit: 'feathers', facet: 'material', values: ['feather'] },
	{
		limit: 'wool',
		facet: 'material',
		values: ['wool', 'merino', 'cashmere', 'mohair', 'tweed', 'flannel', 'felt']
	},
	{ limit: 'silk', facet: 'material', values: ['silk'] },
	{ limit: 'latex', facet: 'material', values: ['rubber'] }
];

const garmentOf = (type: GarmentType, facet?: FacetId, value?: string): Garment => ({
	type: type.id,
	palette: [],
	facets: facet && value ? { [facet]: { value, provenance: 'said' } } : {}
});

/** Every garment that breaks a limit: with the value stated, and of a kind for which it is usual. */
function breaking({ facet, values, among = () => true }: Expected): { what: string; garment: Garment }[] {
	const types = garmentTypes.filter((type) => type.facets.includes(facet) && among(type));
	const stated = types.flatMap((type) =>
		values
			.filter((value) => facetOf(facet).values.some(({ id }) => id === value))
			.map((value) => ({ what: `${type.id}, ${facet} ${value}`, garment: garmentOf(type, facet, value) }))
	);
	const usual = types
		.filter((type) => values.includes(type.usual[facet] ?? ''))
		.map((type) => ({ what: `${type.id}, usually ${type.usual[facet]}`, garment: garmentOf(type) }));
	return [...stated, ...usual];
}

describe('no limit passes in silence', () => {
	it.each(table)('$limit by $facet: on every card', (expected) => {
		const client = makeClient({ limits: { never: [expected.limit] } });
		const cases = breaking(expected);
		expect(cases.length).toBeGreaterThan(0);
		const missed = cases.filter(({ garment }) => barsFor(client, garment).length === 0);
		expect(missed.map(({ what }) => what)).toEqual([]);
	});

	it.each(table)('$limit by $facet: in Check, of what is worn alone', (expected) => {
		const client = makeClient({ limits: { never: [expected.limit] } });
		const missed = breaking(expected).filter(({ garment }) => {
			const worn = [{ id: 'it', title: 'it', garment, moves: [] }];
			return checkLook(worn, { client }, { only: ['client-limits'] }).length === 0;
		});
		expect(missed.map(({ what }) => what)).toEqual([]);
	});

	it('a heel limit in cm holds for every shoe, by its kind where nobody stated it', () => {
		const client = makeClient({ limits: { never: [], maxHeelCm: 3 } });
		const high = garmentTypes.filter(
			({ slot, usual }) =>
				slot === 'feet' && ['kitten', 'mid', 'high', 'very-high'].includes(usual.heelHeight ?? '')
		);
		expect(high.length).toBeGreaterThan(5);
		expect(high.filter((type) => barsFor(client, garmentOf(type)).length === 0).map(({ id }) => id)).toEqual(
			[]
		);
		const flat = garmentTypes.filter(({ slot, usual }) => slot === 'feet' && usual.heelHeight === 'flat');
		expect(flat.filter((type) => barsFor(client, garmentOf(type)).length > 0).map(({ id }) => id)).toEqual(
			[]
		);
	});

	it('and none is raised where it is stated that it is kept', () => {
		const kept: [limit: string, type: string, facet: FacetId, value: string][] = [
			['no heels', 'court-shoes', 'heelHeight', 'flat'],
			['bare arms', 'evening-gown', 'sleeveLength', 'long'],
			['bare knees', 'dress', 'hemLength', 'midi'],
			['sheer', 'blouse', 'opacity', 'opaque'],
			['tight', 'dress', 'fit', 'relaxed']
		];
		for (const [limit, id, facet, value] of kept) {
			const type = garmentTypes.find((one) => one.id === id)!;
			expect(
				barsFor(makeClient({ limits: { never: [limit] } }), garmentOf(type, facet, value)),
				`${limit}: ${id}`
			).toEqual([]);
		}
	});
});

describe('a part of another material', () => {
	const never = (...limits: string[]) => makeClient({ limits: { never: limits } });
	const garment: Garment = {
		type: 'boots',
		palette: [],
		facets: { material: { value: 'canvas', provenance: 'said' } }
	};
	const coat = (facet: FacetId, value: string): Garment => ({
		type: 'overcoat',
		palette: [],
		facets: { material: { value: 'wool', provenance: 'said' }, [facet]: { value, provenance: 'said' } }
	});

	it('breaks the limit, whatever the rest is of', () => {
		expect(mayWear(never('fur'), { garment: coat('collar', 'fur') })).toBe(false);
		expect(mayWear(never('feathers'), { garment: coat('hemDetail', 'feathered') })).toBe(false);
		expect(
			mayWear(makeClient({ ethics: { ...makeClient().ethics, fur: 'never' } }), {
				garment: coat('collar', 'fur')
			})
		).toBe(false);
		expect(mayWear(makeClient({ avoidMaterials: ['fur'] }), { garment: coat('collar', 'fur') })).toBe(false);
	});

	it.each([
		['fur', 'lined with fur'],
		['fur', 'fur-trimmed hood'],
		['leather', 'leather toggles'],
		['silk', 'red silk lined'],
		['wool', 'cashmere lined'],
		['feathers', 'feather trim at the cuffs'],
		['down', 'goose down inside'],
		['latex', 'rubber soles']
	])('never %s: a note “%s” is asked about, on the card and in Check', (limit, note) => {
		const client = never(limit);
		const told = barsFor(client, garment, { note });
		expect(told.map(({ kind }) => kind)).toEqual(['look']);
		expect(told[0]?.words).toContain(`ts note says “${note}”`);
		const worn = [{ id: 'it', title: 'it', garment, moves: [], note }];
		expect(checkLook(worn, { client }, { only: ['client-limits'] })).toMatchObject([{ severity: 'hint' }]);
		expect(barsFor(client, garment, { note: '' })).toEqual([]);
	});

	it.each([
		['fur', 'faux fur collar'],
		['fur', 'no fur anywhere'],
		['leather', 'imitation leather piping'],
		['leather', 'not real leather'],
		['down', 'buttons all down the back, hood down'],
		['wool', 'bought in the sale']
	])('never %s: a note “%s” asks nothing', (limit, note) => {
		expect(barsFor(never(limit), garment, { note })).toEqual([]);
	});

	it.each(['fur', 'leather', 'wool', 'silk', 'feather'] as const)(
		'never %s: a note is asked about by whatever name it calls it, and not where it says that it is none',
		(kind) => {
			const names = materialKinds[kind].is.flatMap((id) => [
				id.replace(/-/g, ' '),
				...(materialWords[id]?.words ?? [])
			]);
			for (const name of names) {
				const noted = (note: string) => barsFor(never(kind), garment, { note }).map((one) => one.kind);
				expect(noted(`${name} trim at the cuffs`), name).toEqual(['look']);
				expect(noted(`Collar of ${name}.`), name).toEqual(['look']);
				expect(noted(`faux ${name} trim, washable`), name).toEqual([]);
			}
		}
	);
	it('what is drawn or where it came from is no material', () => {
		for (const note of ['fox print lining', 'bought in Morocco', 'rabbit motif on the back', 'a kid’s size'])
			expect(barsFor(never('fur', 'leather', 'wool'), garment, { note }), note).toEqual([]);
	});

	it('what harms a client is asked about in Check as well', () => {
		const client = makeClient({ avoidMaterials: ['wool'], allergies: ['latex'] });
		const worn = (note: string) => [{ id: 'it', title: 'Boots', garment, moves: [], note }];
		for (const [note, avoided] of [
			['cashmere lined', 'wool'],
			['rubber soles', 'latex']
		] as const) {
			const [found, ...more] = checkLook(worn(note), { client }, { only: ['client-limits'] });
			expect(more).toEqual([]);
			expect(found, note).toMatchObject({ severity: 'hint' });
			expect(found?.measured).toBe(
				`Boots: this client avoids ${avoided}: its note says “${note}”; look at the label`
			);
		}
		expect(checkLook(worn('faux fur trim'), { client }, { only: ['client-limits'] })).toEqual([]);
	});
});
