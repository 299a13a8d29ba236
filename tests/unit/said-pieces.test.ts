import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshClient, garmentInWords, garmentSchema, readLook, readPieces } from '../../src/lib/core';
import { heelWornCm } from '../../src/lib/core/body/heights';
import { mayWear } from '../../src/lib/core/checks/bars';
import { colourWord } from '../looks';
import { someOf } from '../read';

/** Laws of pieces that are said with their facts: each goes to its field, wherever it stands, and nothing is lost. */
const runs = { numRuns: 300 };
const only = (text: string) => {
	const { pieces, phrases } = readPieces(text);
	expect(pieces, text).toHaveLength(1);
	const [piece] = pieces;
	if (!piece) throw new Error(text);
	return {
		...piece,
		lost: phrases.filter(({ status }) => status === 'unknown').map((phrase) => phrase.text)
	};
};
const thing = someOf(['trousers', 'wool coat', 'silk blouse', 'midi dress', 'denim jacket', 'jumper']);

const size = someOf([
	'38',
	'14',
	'M',
	'XL',
	'UK 12',
	'EU 40',
	'W28',
	'W30 L32',
	'10 petite',
	'one size',
	'M/L',
	'6.5'
]);
const money = fc
	.tuple(fc.integer({ min: 1, max: 4999 }), fc.integer({ min: 0, max: 99 }), fc.boolean())
	.map(([whole, part, round]) => {
		const grouped = whole.toLocaleString('en-GB');
		return round
			? { said: `£${grouped}`, minor: whole * 100 }
			: { said: `£${grouped}.${String(part).padStart(2, '0')}`, minor: whole * 100 + part };
	});
const year = fc.integer({ min: 1955, max: 2025 });
const way = someOf([
	['pre-owned', 'pre-owned'],
	['charity shop', 'thrifted'],
	['vintage', 'vintage'],
	['made to measure', 'made'],
	['a gift', 'gift'],
	['bought new', 'new'],
	['tags on', 'new']
] as const);
const kept = someOf([
	'moth hole at the cuff',
	'missing a button',
	'dry clean only',
	'hem taken up 5cm',
	'resoled in march',
	'lent to Anna',
	'at the cleaners',
	'nickel free'
]);

describe('facts of a piece', () => {
	it('go to their fields in any order, and change nothing of how it looks', () => {
		fc.assert(
			fc.property(
				colourWord,
				thing,
				fc.record({ size, money, year, way, kept }),
				fc.shuffledSubarray([0, 1, 2, 3, 4], { minLength: 5 }),
				someOf([', ', '; ']),
				(colour, type, said, order, comma) => {
					const facts = [said.size, said.money.said, `from ${said.year}`, said.way[0], said.kept];
					const text = [`${colour} ${type}`, ...order.map((i) => facts[i])].join(
						comma === '; ' ? ', ' : comma
					);
					const piece = only(text);
					expect(piece.garment, text).toEqual(readLook(`${colour} ${type}`).elements[0]?.garment);
					expect(piece.sizeLabel, text).toBe(said.size);
					expect(piece.price, text).toEqual({ amountMinor: said.money.minor, currency: 'GBP' });
					expect(piece.acquired, text).toEqual({ how: said.way[1], on: `${said.year}-01-01` });
					expect(piece.note, text).toBe(said.kept);
					expect(piece.lost, text).toEqual([]);
				}
			),
			runs
		);
	});

	it('a sum is the same whatever mark stands after it', () => {
		fc.assert(
			fc.property(money, someOf(['', ',', '.', ';', ')', ', ok']), (sum, mark) => {
				const price = only(`navy coat for ${sum.said}${mark}`).price;
				expect(price).toEqual({ amountMinor: sum.minor, currency: 'GBP' });
			}),
			runs
		);
	});

	it('what was paid is not what it was before', () => {
		fc.assert(
			fc.property(money, money, someOf(['was', 'down from', 'RRP', 'worth']), (paid, before, word) => {
				for (const text of [
					`coat, ${paid.said}, ${word} ${before.said}`,
					`coat, ${word} ${before.said}, now ${paid.said}`
				])
					expect(only(text).price?.amountMinor, text).toBe(paid.minor);
			}),
			runs
		);
	});

	it('of several for one sum each has its part, to the penny', () => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 9 }), money, (many, sum) => {
				const piece = only(`${many} white vests, ${many} for ${sum.said}`);
				expect(piece.count).toBe(many);
				expect(Math.abs((piece.price?.amountMinor ?? 0) * many - sum.minor)).toBeLessThanOrEqual(many / 2);
			}),
			runs
		);
	});

	it('how many there are may stand before or after', () => {
		for (const text of [
			'6 gold bangles',
			'gold bangles x6',
			'six gold bangles',
			'6 x gold bangles',
			'gold bangles × 6'
		])
			expect(only(text).count, text).toBe(6);
		expect(only('dress, 10 petite').count).toBe(1);
	});

	it.each([
		['at the cleaners', 'away'],
		['at the tailor’s', 'away'],
		['being altered', 'away'],
		['in storage until october', 'away'],
		['lent to Anna', 'away'],
		['worn out', 'needs-care'],
		['bleach mark on the knee', 'needs-care'],
		['one bead missing', 'needs-care'],
		['resoled in march', 'ready'],
		['hand wash only', 'ready']
	])('“%s” is kept, and the piece is %s', (said, state) => {
		expect(only(`red dress, ${said}`)).toMatchObject({ state, note: said, lost: [] });
	});

	it('what is not understood is kept as it stood, not word by word', () => {
		expect(only('red scarf, rented until the third of frobber').note).toBe(
			'rented until the third of frobber'
		);
		expect(only('red scarf, wobbled, in march').note).toBe('wobbled, march');
	});
});

describe('a length', () => {
	it('is read alike with and without a space, in centimetres and inches', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 12 }), (cm) => {
				const heel = only(`court shoes, ${cm} cm heel`).garment.facets.heelHeight;
				expect(heel).toBeDefined();
				for (const text of [`court shoes, ${cm}cm heel`, `${cm}cm court shoes`, `court shoes, heel ${cm}cm`])
					expect(only(text).garment.facets.heelHeight, text).toEqual(heel);
			}),
			runs
		);
		const inches = readLook('sandals, 3 inch heel').elements[0]?.garment;
		for (const text of ['sandals, 3in heel', 'sandals, 3" heel', 'sandals, 3-inch heel'])
			expect(readLook(text).elements[0]?.garment, text).toEqual(inches);
	});
	it('is none where “in” says of what', () => {
		const { elements } = readLook('bangles, three in gold');
		expect(elements).toHaveLength(1);
		expect(elements[0]?.garment.metal?.value).toBe('gold');
	});
});

describe('a heel in centimetres', () => {
	const shoes = someOf(['court shoes', 'ankle boots', 'sandals', 'loafers']);
	it('is held against a limit as it was said, not as its nearest word', () => {
		const tenths = fc.integer({ min: 10, max: 140 }).map((mm) => mm / 10);
		fc.assert(
			fc.property(shoes, tenths, tenths, (type, heel, most) => {
				const client = freshClient({ id: 'in-heels', limits: { never: [], maxHeelCm: most } });
				const { garment } = only(`black ${type}, ${heel} cm heel`);
				expect(garment.facets.heelHeight?.cm).toBe(heel);
				expect(mayWear(client, { garment }), `${heel} of ${most}`).toBe(heel <= most);
			}),
			runs
		);
	});
	it('is named by its figure, and read again from that name', () => {
		fc.assert(
			fc.property(shoes, fc.integer({ min: 1, max: 14 }), (type, heel) => {
				const { garment } = only(`black ${type}, ${heel}cm heel`);
				expect(garmentInWords(garment)).toContain(`${heel} cm heel`);
				expect(only(garmentInWords(garment)).garment.facets.heelHeight).toEqual(garment.facets.heelHeight);
			}),
			runs
		);
	});
	it('that nobody could wear is kept as it was said, and no record holds it', () => {
		for (const said of ['900cm', '31cm', '20in', '5m']) {
			const { garment, note } = only(`black court shoes, ${said} heel`);
			expect(garment.facets.heelHeight, said).toBeUndefined();
			expect(garmentSchema.safeParse(garment).success, said).toBe(true);
			expect(note, said).toContain(said);
		}
	});
	it('lifts the hem of what is worn with it', () => {
		const worn = (heel: string) => [{ garment: only(`black court shoes, ${heel}`).garment }];
		expect(heelWornCm(worn('7.5cm heel'))).toBe(7.5);
		expect(heelWornCm(worn('3in heel'))).toBeCloseTo(7.6, 5);
	});
});
