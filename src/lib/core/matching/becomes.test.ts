import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makePiece } from '../../../../tests/records';
import { facetValue, type FacetId } from '../lexicon/facets';
import { alterationIds, transformationIds } from '../lexicon/transformation-ids';
import { transformationOf } from '../lexicon/transformations';
import { families } from '../lexicon/types';
import { garmentTypes, isGarmentType } from '../lexicon/taxonomy';
import { closenessOf } from '../closeness/piece';
import { garmentSchema } from '../model/garment';
import { itemSchema } from '../model/worn';
import { becomes } from './becomes';
import { resolveItem, sameItem, sameThing } from './items';
import { transformed } from './transformed';

const asked = (type: string, words: string[] = ['white'], facets: Record<string, string> = {}) => ({
	garment: garment(type, words, facets),
	signature: [],
	open: []
});
const client = (measurements: Record<string, number>) => ({ client: { measurements } });
const bigShirt = (lengthCm?: number) => ({
	...makePiece(1, garment('shirt', ['white'], { fit: 'oversized', topLength: 'thigh' })),
	measuresCm: (lengthCm === undefined ? {} : { length: lengthCm }) as Record<string, number>
});

describe('the table of transformations', () => {
	it('holds at least twenty-five ways, each with what to do and what it needs', () => {
		expect(transformationIds.length).toBeGreaterThanOrEqual(25);
		for (const id of transformationIds) {
			const { label, how, minutes } = transformationOf(id);
			expect(label, id).not.toBe('');
			expect(how.split(' ').length, id).toBeGreaterThanOrEqual(4);
			expect(minutes, id).toBeGreaterThan(0);
		}
	});
	it('names only types, families, facets and values that there are', () => {
		for (const id of transformationIds) {
			const { from, to } = transformationOf(id);
			for (const type of [...(from.types ?? []), ...(to.type ? [to.type] : [])])
				expect(isGarmentType(type), `${id}: ${type}`).toBe(true);
			for (const family of from.families ?? [])
				expect(
					families.some((one) => one.id === family),
					`${id}: ${family}`
				).toBe(true);
			for (const [facet, values] of Object.entries(from.facets ?? {}))
				for (const value of values)
					expect(facetValue(facet as FacetId, value), `${id}: ${value}`).toBeDefined();
			for (const [facet, value] of Object.entries(to.facets ?? {}))
				expect(facetValue(facet as FacetId, value), `${id}: ${value}`).toBeDefined();
		}
	});
	it('cautions wherever something is cut or pinned', () => {
		for (const id of transformationIds) {
			const { how, cautions = [] } = transformationOf(id);
			if (/\bcut\b/i.test(how)) expect(cautions, id).toContain('scissors');
			if (/\bpin(ned)?\b/i.test(how) && !/shirt-back/.test(id)) expect(cautions, id).toContain('pins');
		}
	});
	it('makes garments that are as good as any other', () => {
		for (const id of transformationIds) {
			const { from } = transformationOf(id);
			const type = from.types?.[0] ?? families.find((one) => from.families?.includes(one.id))?.types.trim();
			const name = type?.includes('/') ? garment('shirt', ['navy']) : garment(type ?? 'shirt', ['navy']);
			expect(garmentSchema.safeParse(transformed(name, id)).success, id).toBe(true);
		}
	});
});

describe('a shirt worn as a dress', () => {
	const dress = asked('shirt-dress', ['white'], { hemLength: 'mini' });
	const asDress = (lengthCm: number | undefined, measurements: Record<string, number>) =>
		becomes(bigShirt(lengthCm), dress, client(measurements)).find(({ id }) => id === 'shirt-as-dress');

	it('must cover the seat of this client, in figures', () => {
		// Needed on 160 cm: 68 cm.
		expect(asDress(80, { stature: 160 })?.needs[0]).toEqual({
			words: 'from the shoulder, to end a hand below the seat: 68 cm; it has 80 cm',
			met: 'yes'
		});
		expect(asDress(66, { stature: 160 })).toBeUndefined();
	});
	it('fits a shorter client and not a taller one', () => {
		expect(asDress(70, { stature: 158 })).toBeDefined();
		expect(asDress(70, { stature: 182 })).toBeUndefined();
	});
	it('asks for what is not known', () => {
		expect(asDress(80, {})?.needs[0]?.met).toBe('unknown');
	});
	it('answers a dress better than the shirt itself does, and keeps its colours', () => {
		const [best] = becomes(bigShirt(80), dress, client({ stature: 160 }));
		expect(best?.id).toBe('shirt-as-dress');
		expect(best?.garment.palette).toEqual(bigShirt().parts[0]?.garment.palette);
		expect(best?.closeness.closeness).toBeGreaterThan(0.9);
	});
	it('is not offered of a close shirt', () => {
		const close = makePiece(1, garment('shirt', ['white'], { fit: 'close', topLength: 'hip' }));
		expect(becomes(close, dress).map(({ id }) => id)).not.toContain('shirt-as-dress');
	});
});

describe('other pieces', () => {
	it.each([
		['scarf', {}, 'bandeau', 'scarf-as-top', { side: 90 }, { bust: 90 }],
		['scarf', {}, 'headband', 'scarf-as-headband', { side: 70 }, { head: 56 }],
		['scarf', {}, 'sash', 'scarf-as-sash', { side: 90 }, { waist: 70 }],
		['slip-dress', { hemLength: 'midi' }, 'skirt', 'dress-as-skirt', {}, {}],
		['jeans', { legLength: 'full', leg: 'straight' }, 'jeans', 'jeans-cuffed', {}, {}],
		['lehenga', {}, 'circle-skirt', 'lehenga-as-skirt', {}, {}],
		['chain-bag', { size: 'small' }, 'clutch', 'strap-inside', {}, {}],
		['cardigan', {}, 'knitted-top', 'cardigan-as-top', {}, {}],
		[
			'long-waistcoat',
			{ hemLength: 'mini' },
			'sheath-dress',
			'waistcoat-as-dress',
			{ length: 85 },
			{ stature: 165 }
		]
	] as const)('a %s %o answers a %s: %s', (type, facets, target, id, measuresCm, measurements) => {
		const piece = { ...makePiece(1, garment(type, ['navy'], facets)), measuresCm };
		const found = becomes(piece, asked(target, ['navy']), { client: { measurements } });
		expect(found.map((one) => one.id)).toContain(id);
	});

	it('give the next best when a need fails', () => {
		// A square of 60 cm does not go round this bust, and does round this head.
		const square = { ...makePiece(1, garment('scarf', ['red'])), measuresCm: { side: 60 } };
		const body = client({ bust: 96, head: 57, waist: 74 });
		expect(becomes(square, asked('bandeau', ['red']), body)).toEqual([]);
		expect(becomes(square, asked('headband', ['red']), body)[0]?.id).toBe('scarf-as-headband');
	});
	it('answer nothing that is worn elsewhere', () => {
		expect(becomes(bigShirt(80), asked('loafers', ['tan']))).toEqual([]);
	});
});

describe('what is not noted of a piece', () => {
	it('is asked, not claimed', () => {
		const [way] = becomes(makePiece(1, garment('kaftan', ['teal'])), asked('duster-coat', ['teal'])).filter(
			({ id }) => id === 'dress-as-coat'
		);
		expect(way?.needs).toEqual([{ words: 'a front that buttons or opens', met: 'unknown' }]);
	});
	it('rules the way out when it is noted and wrong', () => {
		const pulledOn = makePiece(1, garment('kaftan', ['teal'], { closure: 'pull-on' }));
		expect(becomes(pulledOn, asked('duster-coat', ['teal'])).map(({ id }) => id)).not.toContain(
			'dress-as-coat'
		);
	});
});

describe('what a piece is turned into', () => {
	const piece = bigShirt(80);
	const [way] = becomes(piece, asked('shirt-dress'), client({ stature: 160 }));
	it('is kept in the match and looked up again', () => {
		expect(itemSchema.safeParse(way?.item).success).toBe(true);
		expect(resolveItem(way!.item, [piece])).toMatchObject({ title: way!.title, garment: way!.garment });
	});
	it('is the same thing as the piece, worn another way', () => {
		const plain = { ...way!.item, becomes: undefined };
		expect(sameThing(way!.item, plain)).toBe(true);
		expect(sameItem(way!.item, plain)).toBe(false);
	});
});

describe('what an alterer makes of a piece', () => {
	const closer = (piece: Parameters<typeof becomes>[0], element: ReturnType<typeof asked>) =>
		becomes(piece, element).filter(({ transformation }) => transformation.altering);
	it('is told with its cost, its days, tools and risk, and cautions wherever dye or bleach is used', () => {
		for (const id of alterationIds) {
			const { altering, cautions = [], how } = transformationOf(id);
			expect(altering?.costMinor, id).toBeGreaterThan(0);
			expect(altering?.days, id).toBeGreaterThan(0);
			expect(altering?.risk.split(' ').length, id).toBeGreaterThanOrEqual(4);
			expect(altering?.tools, id).not.toBe('');
			if (/\bdye\b/.test(how)) expect(cautions, id).toContain('dye');
			if (/bleach/.test(id)) expect(cautions, id).toContain('bleach');
		}
	});
	it('is offered for what the element asks, and for nothing else', () => {
		const skirt = makePiece(1, garment('skirt', ['black'], { hemLength: 'maxi', material: 'cotton' }));
		const ids = (facets: Record<string, string>) =>
			closer(skirt, asked('skirt', ['black'], facets)).map(({ id }) => id);
		expect(ids({ hemLength: 'midi' })).toEqual(['hemmed-to-midi']);
		expect(ids({ hemLength: 'mini' })).toEqual([]);
		expect(ids({})).toEqual([]);
	});
	it('dyes what takes dye and is lighter, in the colour that is asked for', () => {
		const dress = (colour: string, material: string) =>
			makePiece(1, garment('dress', [colour], { material }));
		const ids = (colour: string, material: string, want: string) =>
			closer(dress(colour, material), asked('dress', [want])).map(({ id }) => id);
		expect(ids('cream', 'cotton', 'black')).toEqual(['dyed-black']);
		expect(ids('cream', 'cotton', 'navy')).toEqual(['dyed-navy']);
		expect(ids('black', 'cotton', 'navy')).toEqual([]);
		expect(ids('cream', 'polyester', 'black')).toEqual([]);
		expect(ids('cream', 'cotton', 'red')).toEqual([]);
	});
	it('never lowers what the piece answers by what it changes', () => {
		for (const id of alterationIds) {
			const { to, from } = transformationOf(id);
			for (const family of from.families ?? []) {
				const type = garmentTypes.find((one) => one.family === family)!.id;
				const facets = Object.fromEntries(
					Object.entries(from.facets ?? {}).map(([facet, [value]]) => [facet, value!])
				);
				const before = garment(type, ['cream'], facets);
				const after = transformed(before, id);
				const want = {
					garment: {
						...before,
						facets: { ...before.facets, ...after.facets },
						palette: after.palette,
						metal: after.metal
					},
					signature: [],
					open: []
				};
				const figure = (given: typeof before) => closenessOf(want, given).closeness;
				expect(figure(after), `${id} of ${type}`).toBeGreaterThanOrEqual(figure(before));
				expect(to.facets ?? to.palette ?? to.metal, id).toBeDefined();
			}
		}
	});
});
