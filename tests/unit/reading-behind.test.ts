/** Laws of reading: how a thing is cut, said by the name of a kind or of the place behind, and what is no name at all. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook, readPieces, type GarmentType } from '../../src/lib/core';
import { colourWord } from '../looks';

const runs = { numRuns: 200 };
const elementsOf = (text: string) => readLook(text).elements;
const typesIn = (text: string) => elementsOf(text).map(({ garment }) => garment.type);
const facetsIn = (text: string) =>
	Object.fromEntries(
		Object.entries(elementsOf(text)[0]?.garment.facets ?? {}).map(([facet, stated]) => [facet, stated.value])
	);
const someOf = <T>(list: readonly T[]) => fc.constantFrom(...list);

/** Kinds that are called by how their part is cut, with what their name says of it. */
const kindsCut = (last: string, facet: 'skirtShape' | 'heelShape') =>
	garmentTypes.filter(
		({ singular, own }) => singular.endsWith(` ${last}`) && own[facet] !== undefined && !own.material
	);

/** The shape that a kind has, and the one that its own word says: a "puff" skirt is a tulip by its kind. */
const shapesOf = ({ singular, own }: GarmentType, facet: 'skirtShape' | 'heelShape') => [
	own[facet],
	singular.split(' ')[0]
];

describe('a kind with nothing said but its cut', () => {
	const skirts = kindsCut('skirt', 'skirtShape');
	const heels = kindsCut('heels', 'heelShape');
	const dresses = ['dress', 'shirt dress', 'evening gown'];
	const shoes = ['shoes', 'boots', 'sandals'];

	it('is how the dress or the pair is cut: “a black dress, pleated skirt”, “black shoes, block heels”', () => {
		expect(skirts.length).toBeGreaterThan(4);
		for (const [things, kinds, facet] of [
			[dresses, skirts, 'skirtShape'],
			[shoes, heels, 'heelShape']
		] as const)
			fc.assert(
				fc.property(colourWord, someOf(things), someOf(kinds), (colour, thing, kind) => {
					const text = `${colour} ${thing}, ${kind.singular}`;
					expect(typesIn(text), text).toEqual(typesIn(`${colour} ${thing}`));
					expect(shapesOf(kind, facet), text).toContain(facetsIn(text)[facet]);
					expect(elementsOf(text)[0]?.garment.palette, text).toEqual(
						elementsOf(`${colour} ${thing}`)[0]?.garment.palette
					);
				}),
				runs
			);
	});
	it('is so with “with” as well, in the shape that its kind has: “with a ballgown skirt”', () => {
		for (const kind of skirts)
			expect(shapesOf(kind, 'skirtShape'), kind.id).toContain(
				facetsIn(`a red dress with a ${kind.singular}`).skirtShape
			);
	});
	it('is a thing of its own with an article, a colour or a cloth, and beside what has no skirt', () => {
		for (const { id, singular } of skirts)
			for (const text of [
				`a black dress, a ${singular}`,
				`black dress, red ${singular}`,
				`black dress, leather ${singular}`,
				`black jumper, ${singular}`,
				`black coat, ${singular}`
			])
				expect(typesIn(text), text).toHaveLength(2);
		expect(typesIn('black shoes, red block heels')).toEqual(['shoes', 'block-heels']);
	});
	it('hangs on a rail by itself', () => {
		for (const [text, types] of [
			['black dress, pleated skirt', ['dress', 'pleated-skirt']],
			['black shoes, block heels', ['shoes', 'block-heels']]
		] as const)
			expect(readPieces(text).pieces.map(({ garment }) => garment.type)).toEqual(types);
	});
});

describe('how something is cut behind', () => {
	const shapes = { scooped: 'low', plunging: 'low', dipped: 'low', low: 'low', open: 'open', bare: 'open' };
	const places = ['behind', 'at the back', 'in the back', 'at the rear', 'in back'];
	const far = ['', 'low ', 'to the waist '];
	it('is said of the back, and leaves the neckline as it is', () => {
		fc.assert(
			fc.property(
				someOf(['dress', 'evening gown', 'top', 'jumpsuit']),
				someOf(['', ', boat neck in front', ', high neck']),
				someOf(Object.keys(shapes) as (keyof typeof shapes)[]),
				someOf(far),
				someOf(places),
				someOf(['', ', long sleeves', ' and long sleeves']),
				(thing, neck, shape, depth, place, after) => {
					const text = `a black ${thing}${neck}, ${shape} ${depth}${place}${after}`;
					const said = facetsIn(text);
					expect(['low', 'open'], text).toContain(said.back);
					if (!depth) expect(said.back, text).toBe(shapes[shape]);
					expect(said.neckline, text).toBe(facetsIn(`a black ${thing}${neck}`).neckline);
					expect(said.sleeveLength, text).toBe(facetsIn(`a black ${thing}${after}`).sleeveLength);
				}
			),
			runs
		);
	});
	it('needs no comma: “a dress plunging at the back”', () => {
		for (const shape of ['plunging', 'scooped'])
			for (const place of places) {
				const said = facetsIn(`a dress ${shape} ${place}`);
				expect([said.back, said.neckline], `${shape} ${place}`).toEqual(['low', undefined]);
			}
	});
	it('is nothing that lies behind something', () =>
		expect(facetsIn('a top scooped behind the ears').back).toBeUndefined());
});

describe('what is put on a face', () => {
	it('is of the lips or the eyes by its word', () => {
		for (const [said, type] of [
			['brown lip liner', 'lipstick'],
			['a nude gloss', 'lipstick'],
			['plum lip tint', 'lipstick'],
			['gold shadow on the lids', 'eye-make-up'],
			['black liner', 'eyeliner']
		] as const)
			expect(typesIn(said), said).toEqual([type]);
	});
});

describe('a cloth in its colour', () => {
	it('is a thing of its own before what is worn in its place, and hands nothing on: “blue denim, white trousers”', () => {
		for (const cloth of ['blue denim', 'dark denim', 'pale blue denim'])
			for (const thing of ['trousers', 'skirt', 'jeans']) {
				const [last, ...more] = elementsOf(`${cloth}, white ${thing}`).reverse();
				const type = garmentType(last?.garment.type ?? '');
				expect(last?.garment, `${cloth}, white ${thing}`).toEqual(elementsOf(`white ${thing}`)[0]?.garment);
				expect(more.length + readLook(`${cloth}, white ${thing}`).things.length, type.id).toBe(1);
			}
	});
});
