/** Laws of reading: how a thing is cut, said by the name of a kind, by a part before a name or by the place behind. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readPieces, type GarmentType } from '../../src/lib/core';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { slotsMeetOf } from '../../src/lib/core/lexicon/taxonomy';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans/spans';
import { colourWord } from '../looks';
import { elementsOf, facetsIn, someOf, typesIn } from '../read';

const runs = { numRuns: 200 };

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
		for (const { singular } of skirts)
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

describe('a part that is told before a name', () => {
	/** "Wing collar", "three-quarter sleeve": what says a value and ends in the part that has it. */
	const told = facetPhrases.filter(
		({ phrase }) =>
			/[ -]/.test(phrase) &&
			sensesOfPhrase(phrase.split(/[ -]/).at(-1) ?? '')?.some(({ kind }) => kind === 'detail')
	);
	it('leaves the name to the garment, which may be such a part as well: “a waistcoat, wing collar shirt”', () => {
		const worn = garmentTypes.filter(({ division }) => division !== 'beauty');
		const inOne = told.flatMap(({ phrase, facet }) =>
			worn.flatMap(({ id, singular, facets }) =>
				facets.includes(facet) ? [{ id, words: `${phrase} ${singular}` }] : []
			)
		);
		fc.assert(
			fc.property(someOf(inOne), someOf(['black ', 'earrings, black ', 'a ']), ({ id, words }, before) => {
				const types = typesIn(before + words);
				expect(
					types.some((type) => slotsMeetOf(type, id)),
					`${before}${words}: ${types.join()}`
				).toBe(true);
			}),
			runs
		);
		expect(typesIn('brocade waistcoat, wing collar shirt, cravat')).toEqual(['waistcoat', 'shirt', 'cravat']);
	});
	it.each(['chunky knit', 'cable knit', 'fine knit'])(
		'is so where a knit is a jumper’s name: “a %s hood”',
		(knit) => {
			expect(typesIn(`black ${knit} hood`)).toEqual(['hood']);
			expect(typesIn(`black ${knit}, hood up`)).toEqual(['jumper']);
			expect(typesIn(`black ${knit} with a hood`)).toEqual(['jumper']);
		}
	);
});

describe('a part of a set by a name of its own', () => {
	it('says what the set has a field for, and else is kept as a note', () => {
		for (const [text, note] of [
			['a black suit with a peplum jacket', 'peplum jacket'],
			['a suit with a bolero jacket and wide trousers', 'bolero jacket']
		] as const) {
			expect(typesIn(text), text).toEqual(['suit']);
			expect(elementsOf(text)[0]?.note, text).toBe(note);
		}
		expect(facetsIn('a trouser suit with a cropped jacket').topLength).toBe('cropped');
		expect(elementsOf('a suit with flared trousers')[0]).toMatchObject({
			garment: { facets: { leg: { value: 'flared' } } },
			note: ''
		});
	});
});

describe('the size of a shape at the neck', () => {
	it('is none of the garment’s: “with a belt and a big cowl”', () => {
		for (const size of ['big', 'huge', 'large', 'oversized'])
			for (const neck of ['cowl', 'shawl collar'])
				for (const before of ['', 'a leather belt and ']) {
					const text = `a wool dress with ${before}a ${size} ${neck}`;
					expect(facetsIn(text).fit, text).toBeUndefined();
					expect(elementsOf(text)[0]?.note, text).toContain(size);
				}
	});
});

describe('where something sits', () => {
	it('is no neckline: “buttons along one shoulder”', () => {
		for (const what of ['buttons', 'ruffles', 'studs'])
			for (const place of ['along', 'on', 'over', 'across'])
				expect(facetsIn(`a navy jumper with ${what} ${place} one shoulder`).neckline).toBeUndefined();
		expect(facetsIn('a one-shoulder dress').neckline).toBe('one-shoulder');
	});
	it('is a part of what it sits on: “a velvet bow at each ankle”, “tie shoulders”', () => {
		expect(typesIn('black tights with a velvet bow at each ankle')).toEqual(['tights']);
		expect(typesIn('a white mini with a scalloped hem and tie shoulders')).toHaveLength(1);
		expect(elementsOf('a skater dress, sheer tights with a back seam')[1]?.note).toContain('seam');
	});
	it('may be what goes on below: “a bodice above a full skirt”', () =>
		expect(typesIn('an off-the-shoulder bodice in taffeta above a long full skirt')).toEqual(['dress']));
});

describe('a part that cannot be seen', () => {
	it('leaves the garment as it is: “a coat whose buttons are hidden”', () => {
		for (const [thing, part] of [
			['coat', 'buttons'],
			['jacket', 'cuffs'],
			['dress', 'hem'],
			['shirt', 'collar']
		] as const)
			for (const unseen of ['are hidden', 'cannot be seen', 'are out of frame'])
				for (const text of [
					`a black ${thing}, the ${part} ${unseen}`,
					`a black ${thing} whose ${part} ${unseen}`
				])
					expect(typesIn(text), text).toEqual(typesIn(`a black ${thing}`));
		expect(typesIn('a black dress, her shoes are hidden')).toEqual(['dress']);
		for (const unseen of ['is hidden', 'is out of frame', 'cannot be seen', 'is not visible'])
			for (const text of [`a coat, boots, the bag ${unseen}`, `a coat, boots. Her bag ${unseen}.`])
				expect(typesIn(text), text).toEqual(typesIn('a coat, boots'));
	});
});
