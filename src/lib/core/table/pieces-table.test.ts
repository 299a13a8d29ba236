import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentArbitrary } from '../../../../tests/arbitraries';
import { makePiece, uuid } from '../../../../tests/records';
import { garmentInWords } from '../closeness/words';
import type { Piece } from '../model';
import { textOf } from '../exchange/text-of';
import {
	columnsToRemember,
	guessedColumns,
	pieceReader,
	readRows,
	readTable,
	tableFields,
	tableOf,
	type ReadRow
} from '.';

let id = 0;
const options = { client: { id: uuid(1000) }, currency: 'GBP', newId: () => uuid(90_000 + id++) };
const read = (text: string, there: Piece[] = []): ReadRow[] => {
	const table = readTable(text);
	return readRows(table, guessedColumns(tableFields, table.columns), { ...options, there });
};
const piecesIn = (rows: readonly ReadRow[]) => rows.flatMap((row) => (row.ok ? [row.piece] : []));

describe('a table of pieces', () => {
	it('is read from commas, semicolons and tabs, quoted cells and all (RFC 4180)', () => {
		for (const separator of [',', ';', '\t']) {
			const rows = read(
				[
					['What', 'Size', 'Price', 'Note'].join(separator),
					['navy pleated wool trousers', '38', '60', `"two lines,\nwith ""quotes"""`].join(separator)
				].join('\r\n')
			);
			expect(piecesIn(rows)[0], JSON.stringify(separator)).toMatchObject({
				sizeLabel: '38',
				acquired: { price: { amountMinor: 6000 } },
				note: 'two lines,\nwith "quotes"'
			});
		}
	});
	it('takes the facts of a piece from the same breath where no column has them', () => {
		const [piece] = piecesIn(
			read('What\n"navy pleated wool trousers, high rise, size 38, £60 in 2021, pre-owned"')
		);
		expect(piece).toMatchObject({
			sizeLabel: '38',
			acquired: { how: 'pre-owned', on: '2021-01-01', price: { amountMinor: 6000 } },
			parts: [{ garment: { facets: { rise: { value: 'high' }, material: { value: 'wool' } } } }]
		});
	});
	it('joins columns of colour and material with the kind', () => {
		const [piece] = piecesIn(read('Type,Colour,Fabric\nblazer,wine,velvet'));
		expect(piece?.parts[0]?.garment).toMatchObject({
			type: 'blazer',
			facets: { material: { value: 'velvet' } }
		});
		expect(piece?.parts[0]?.garment.palette).toHaveLength(1);
	});
	it('tells ten kinds of bad row apart, each with row, field and reason, and makes no piece of them', () => {
		const rows = read(
			[
				'Name,What,Size,Price,How it came,When it came,State,Where it hangs,Length',
				'Good,white shirt,M,20,new,2024-05-01,ready,rail,70',
				'A,,,,,,,,',
				'B,lilac frobber,,,,,,,',
				'C,white shirt and black skirt,,,,,,,',
				'D,white shirt,,cheap,,,,,',
				'E,white shirt,,,borrowed,,,,',
				'F,white shirt,,,,31/02/2024,,,',
				'G,white shirt,,,,,lost,,',
				'H,white shirt,,,,,,,minus two',
				`${'I'.repeat(130)},white shirt,,,,,,,`,
				`J,white shirt,${'X'.repeat(40)},,,,,,`
			].join('\n')
		);
		expect(piecesIn(rows)).toHaveLength(1);
		const told = rows.flatMap((row) => (row.ok ? [] : row.problems));
		expect(told.map(({ row, field }) => `${row} ${field}`)).toEqual(
			[
				'3 what',
				'4 what',
				'5 what',
				'6 price',
				'7 how',
				'8 on',
				'9 state',
				'10 length',
				'11 name',
				'12 size'
			].map((one) => one)
		);
		for (const { reason } of told) expect(reason.length).toBeGreaterThan(10);
	});
	it('reads a name where no column says what it is', () => {
		expect(piecesIn(read('Name\nBlack silk shirt'))).toHaveLength(1);
		expect(read('Name,What\nA,')[0]).toMatchObject({ ok: false });
	});
	it('tells of doubles, on the rail and within the table', () => {
		const there = piecesIn(read('Name,What\nOld one,white cotton shirt'));
		const rows = read(
			'Name,What\nNew one,white cotton shirt\nOther,black skirt\nOther two,black skirt',
			there
		);
		expect(rows.map((row) => row.ok && row.double)).toEqual(['Old one', undefined, 'Other']);
	});
	it('says which words were not understood, and keeps them', () => {
		const [row] = read('What\nwhite shirt with zorbly cuffs');
		expect(row?.ok && row.told.join(' ')).toMatch(/zorbly/);
	});
	it('says when it is cut off, and survives rubbish', () => {
		expect(readTable(`What\n${'white shirt\n'.repeat(5001)}`).problems.join()).toMatch(/only the first 5000/);
		for (const rubbish of ['', '"', '\0\0', ',,,\n,,,', 'a'.repeat(100_000)])
			expect(() => read(rubbish)).not.toThrow();
	});
	it('are told where a quotation mark is wrong, or where cells have no heading', () => {
		expect(readTable('What,Colour\n"coat,navy\nhat,red').problems).toEqual([
			expect.stringMatching(/^row \d+: a quotation mark is opened/)
		]);
		expect(readTable('What,Colour\ncoat, wool,navy\nhat,red\nbelt,tan,,').problems).toEqual([
			expect.stringMatching(/^row 2: more cells than headings/)
		]);
		expect(readTable('What,Colour\ncoat, wool,navy\nhat, felt,red').problems).toEqual([
			expect.stringMatching(/^row 2 and 1 more: /)
		]);
		expect(readTable('What,Colour\n"coat, wool",navy').problems).toEqual([]);
	});
});

describe('a rail that goes out and comes in again', () => {
	const pieceArbitrary = fc
		.record({
			garments: fc.array(garmentArbitrary(), { minLength: 1, maxLength: 3 }),
			name: fc.string({ minLength: 1, maxLength: 60 }).filter((name) => name.trim() === name && name !== ''),
			note: fc.string({ maxLength: 60 }).map((note) => note.trim()),
			place: fc.constantFrom('', 'rail, left', '=HYPERLINK("x")', '-1', '@home', '+44'),
			size: fc.constantFrom('', 'UK 8', '38', 'one size'),
			price: fc.option(fc.integer({ min: 0, max: 500_000 }), { nil: undefined }),
			length: fc.option(fc.integer({ min: 1, max: 200 }), { nil: undefined })
		})
		.map(({ garments, name, note, place, size, price, length }, i = 0) =>
			makePiece(Number(i) + 1, garments[0]!, {
				name,
				note,
				place,
				sizeLabel: size,
				parts: garments.map((garment, at) => ({ id: uuid(6000 + at), name: `part ${at}`, garment })),
				acquired: {
					how: 'vintage',
					on: '2020-02-29',
					...(price !== undefined && { price: { amountMinor: price, currency: 'GBP' } })
				},
				...(length !== undefined && { measuresCm: { length } })
			})
		);
	const bare = ({ id: _id, clientId: _client, rev: _rev, parts, ...piece }: Piece) =>
		JSON.parse(JSON.stringify({ ...piece, parts: parts.map(({ id: _part, ...part }) => part) })) as unknown;

	it('is unchanged, whatever was typed', () =>
		fc.assert(
			fc.property(fc.array(pieceArbitrary, { minLength: 1, maxLength: 5 }), (pieces) => {
				const rows = read(tableOf(pieces, 'GBP'));
				expect(rows.filter((row) => !row.ok)).toEqual([]);
				expect(piecesIn(rows).map(bare)).toEqual(pieces.map(bare));
			}),
			{ numRuns: 60 }
		));
	it('holds nothing that a spreadsheet would run', () => {
		const text = tableOf(
			[makePiece(1, { type: 'shirt', facets: {}, palette: [] }, { name: '=1+1', place: '@x', note: '-2' })],
			'GBP'
		);
		expect(text).toContain("'=1+1");
		expect(text).toContain("'@x");
		expect(text).toContain("'-2");
	});
});

describe('columns that were matched by hand', () => {
	const names = ['Item', 'Shade', 'Cost', 'Bought where'];
	it('are known again under their headings, however these are written', () => {
		const known = columnsToRemember(tableFields, names, { place: 3 }, {});
		expect(guessedColumns(tableFields, ['BOUGHT WHERE ', 'item'], known)).toMatchObject({
			place: 0,
			name: 1
		});
	});
	it('stand for one thing: what stood for it before is left out', () => {
		const [guess] = Object.entries(guessedColumns(tableFields, names)).find(([, at]) => at === 2) ?? [];
		expect(guess).toBe('price');
		const known = columnsToRemember(tableFields, names, { price: 1 }, {});
		expect(guessedColumns(tableFields, names, known)).toMatchObject({ price: 1 });
		const back = columnsToRemember(tableFields, names, { price: 2 }, known);
		expect(guessedColumns(tableFields, names, back)).toMatchObject({ price: 2 });
		expect(Object.values(guessedColumns(tableFields, names, back))).not.toContain(1);
	});
	it('are not asked of a prototype', () =>
		expect(guessedColumns(tableFields, ['constructor', '__proto__'], {})).toEqual({}));
});

describe('the text of a file', () => {
	const bytes = (...values: number[]) => new Uint8Array(values);
	it('is read as spreadsheets write it: UTF-8, UTF-16 with its mark, the code page of western Europe', () => {
		fc.assert(
			fc.property(fc.string({ unit: fc.constantFrom(...'aZé£Žß,"\t\n') }), (text) => {
				expect(textOf(new TextEncoder().encode(text))).toBe(text);
				expect(textOf(new Uint8Array([0xff, 0xfe, ...Buffer.from(text, 'utf16le')]))).toBe(text);
			})
		);
		// WHATWG Encoding Standard, index windows-1252: 0xE9 é, 0xA3 £. (Browsers know 0x80 €, Node 20 does not.)
		expect(textOf(bytes(0x63, 0x61, 0x66, 0xe9, 0x2c, 0xa3))).toBe('café,£');
		expect(textOf(bytes(0xef, 0xbb, 0xbf, 0x61))).toBe('a');
	});
	it('is none where the file is a picture, a workbook or half of a character', () => {
		for (const file of [
			bytes(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13), // PNG
			bytes(0x50, 0x4b, 3, 4, 0x14, 0, 6, 0), // a workbook is a ZIP
			bytes(0xff, 0xfe, 0x61) // half of a character
		])
			expect(textOf(file)).toBeUndefined();
	});
});

describe('doubles', () => {
	it('are told as the plain comparison with everything before tells them (generated)', () => {
		const words = fc.constantFrom(
			'red coat',
			'navy coat',
			'Red Coat',
			'red wool coat',
			'black belt',
			'navy overcoat'
		);
		const names = fc.constantFrom('', 'A', 'a ', 'B');
		const line = fc.record({ what: words, name: names });
		fc.assert(
			fc.property(
				fc.array(line, { maxLength: 12 }),
				fc.array(line, { minLength: 1, maxLength: 12 }),
				(old, rows) => {
					const table = (lines: typeof rows) =>
						['What\tName', ...lines.map(({ what, name }) => `${what}\t${name}`)].join('\n');
					const there = old.length === 0 ? [] : piecesIn(read(table(old)));
					const found = read(table(rows), there);
					const looks = (piece: Piece) =>
						piece.parts.map(({ garment }) => garmentInWords(garment)).join(' and ');
					const before = [...there];
					for (const row of found) {
						if (!row.ok) throw new Error('every row should be read');
						const same = before.find(
							(other) =>
								other.name.trim().toLowerCase() === row.piece.name.trim().toLowerCase() ||
								looks(other) === looks(row.piece)
						);
						expect(row.double).toBe(same?.name);
						before.push(row.piece);
					}
				}
			),
			{ numRuns: 150 }
		);
	});
	it('cost no more a row in a long table than in a short one', () => {
		const reader = (phrase: string) => known.get(phrase)!;
		const phrases = Array.from({ length: 60 }, (_, i) => `red coat ${i}`);
		const known = new Map(phrases.map((phrase) => [phrase, pieceReader({}, 'GBP')(phrase)]));
		const spent = (rows: number) => {
			const table = readTable(
				['What', ...Array.from({ length: rows }, (_, i) => phrases[i % phrases.length])].join('\n')
			);
			const columns = guessedColumns(tableFields, table.columns);
			const times = Array.from({ length: 5 }, () => {
				const start = performance.now();
				readRows(table, columns, { ...options, read: reader });
				return performance.now() - start;
			});
			return Math.min(...times);
		};
		spent(100);
		// Growth by eight would be 8; the plain comparison with everything before grew by 64, each time. What else runs on the
		// machine can only make a growth seem larger, so that the least of several is the truest.
		const growths = Array.from({ length: 4 }, () => spent(1600) / spent(200));
		expect(Math.min(...growths)).toBeLessThan(24);
	});
});
