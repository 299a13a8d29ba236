/** A rail as a table: out to a spreadsheet and in again (CSV by RFC 4180, tabs as well). */
import Papa from 'papaparse';
import { formula } from './csv';
import * as z from 'zod';
import { garmentInWords } from '../closeness/words';
import { configurationSchema, partSchema } from '../model/piece';
import { freshPiece, pieceSchema, shownParts, type Client, type Piece } from '../model';
import { amountInWords, readMoney } from '../money/amounts';
import { readPieces, type PiecesReading } from '../reading/read-pieces';
import type { ReadOptions } from '../reading/read-look';
import { isDay } from '../time/days';
import type { Columns, RawTable, RowProblem } from './raw-table';

/** What a column of a table can hold; `what` is the piece in words and is needed. */
export const tableFields = {
	name: { label: 'Name', said: /^(?:name|title|piece|item)$/i },
	what: { label: 'What it is', said: /^(?:what(?: it is)?|description|garment|type|details?)$/i },
	colour: { label: 'Colour', said: /^(?:colou?rs?)$/i },
	material: { label: 'Material', said: /^(?:material|fabric|cloth)$/i },
	size: { label: 'Size', said: /^(?:size|label)$/i },
	price: { label: 'Price paid', said: /^(?:price|paid|price paid|cost)$/i },
	how: { label: 'How it came', said: /^(?:how|how it came|condition|source)$/i },
	on: { label: 'When it came', said: /^(?:when|when it came|date|bought|bought on|acquired)$/i },
	state: { label: 'State', said: /^(?:state|status)$/i },
	place: { label: 'Where it hangs', said: /^(?:place|where|where it hangs|location)$/i },
	length: { label: 'Length, cm', said: /^(?:length|length,? cm)$/i },
	note: { label: 'Note', said: /^(?:notes?|remarks?|comments?)$/i },
	exact: { label: 'Exact', said: /^exact$/i }
} as const;
export type TableField = keyof typeof tableFields;
export const tableFieldIds = Object.keys(tableFields) as TableField[];

const ways = ['new', 'pre-owned', 'vintage', 'thrifted', 'made', 'gift', 'unknown'] as const;
const wayWords: readonly [RegExp, (typeof ways)[number]][] = [
	[/^(?:new|bought new)$/i, 'new'],
	[/^(?:pre-?owned|second-?hand|used)$/i, 'pre-owned'],
	[/^vintage$/i, 'vintage'],
	[/^(?:thrifted|charity shop|thrift)$/i, 'thrifted'],
	[/^(?:made|handmade|home-?made)$/i, 'made'],
	[/^(?:gift|given|present)$/i, 'gift'],
	[/^(?:unknown|\?|-)$/i, 'unknown']
];
const states = ['ready', 'needs-care', 'away', 'retired'] as const;

export type PieceReader = (phrase: string) => PiecesReading;

/** A reader of pieces in words that remembers what it read. */
export function pieceReader(reading: Omit<ReadOptions, 'provenance'>, currency: string): PieceReader {
	const known = new Map<string, PiecesReading>();
	return (phrase) => {
		let found = known.get(phrase);
		if (!found) known.set(phrase, (found = readPieces(phrase, { ...reading, provenance: 'said' }, currency)));
		return found;
	};
}

export type ReadRow =
	| {
			row: number;
			ok: true;
			piece: Piece;
			/** A piece that is much the same. */ double?: string;
			told: string[];
	  }
	| { row: number; ok: false; problems: RowProblem<TableField>[] };

export interface RowOptions {
	client: Pick<Client, 'id'>;
	currency: string;
	/** Reads what a row says: kept while rows are mended, so that only what changed is read anew. */
	read?: PieceReader;
	newId: () => string;
	/** What hangs on the rail already: a row that is much the same is told. */
	there?: readonly Piece[];
}

/** "05/12/2025" by the day first, "2025-12-05", "2025-12", "2025", "Dec 2025"; undefined where it is no day. */
function dayFrom(text: string): string | undefined {
	const slashed = /^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$/.exec(text);
	const [, day = '', month = '', year = ''] = slashed ?? [];
	const iso = slashed
		? `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
		: text.replace(/^(\d{4})$/, '$1-01-01').replace(/^(\d{4}-\d{2})$/, '$1-01');
	if (!isDay(iso) || !z.iso.date().safeParse(iso).success) return undefined;
	return iso;
}

const partsInWords = (piece: Piece) =>
	shownParts(piece)
		.map(({ garment }) => garmentInWords(garment))
		.join(' and ');
/** Finds among the pieces so far the first that goes by the same name or looks the same. */
function doublesAmong(there: readonly Piece[]) {
	const first = new Map<string, { at: number; name: string }>();
	let count = 0;
	const keysOf = (piece: Piece) => [`name ${piece.name.trim().toLowerCase()}`, `look ${partsInWords(piece)}`];
	const add = (piece: Piece, keys = keysOf(piece)) => {
		for (const key of keys) if (!first.has(key)) first.set(key, { at: count, name: piece.name });
		count++;
	};
	there.forEach((piece) => add(piece));
	return (piece: Piece): string | undefined => {
		const keys = keysOf(piece);
		const found = keys.flatMap((key) => first.get(key) ?? []).sort((a, b) => a.at - b.at);
		add(piece, keys);
		return found[0]?.name;
	};
}

const capital = (words: string) => (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 120);

/** What words cannot say of a piece. Tables of before held the parts alone, without ids. */
type Exactly = Pick<Piece, 'parts' | 'configurations'>;
const exactSchema = z.union([
	z.object({ parts: z.array(partSchema).min(1).max(6), configurations: z.array(configurationSchema) }),
	z.array(partSchema.omit({ id: true, of: true })).transform((parts): Exactly => ({
		parts: parts.map((part, i) => ({ ...part, id: String(i) })),
		configurations: []
	}))
]);
/** The same under new ids: a table may come in twice. */
function exactlyFrom(exact: string, newId: () => string): Exactly | undefined {
	let read: Exactly | undefined;
	try {
		read = exactSchema.safeParse(JSON.parse(exact)).data;
	} catch {
		return undefined;
	}
	const ids = new Map<string, string>();
	const idOf = (id: string) => {
		const known = ids.get(id) ?? newId();
		ids.set(id, known);
		return known;
	};
	const under: Exactly | undefined = read && {
		parts: read.parts.map((part) => ({
			...part,
			id: idOf(part.id),
			...(part.of && { of: part.of.map(idOf) })
		})),
		configurations: read.configurations.map(({ id, name, garments }) => ({
			id: idOf(id),
			name,
			garments: garments.map(({ partId, garment }) => ({ partId: idOf(partId), garment }))
		}))
	};
	const whole = pieceSchema.safeParse(
		freshPiece({ id: newId(), clientId: newId(), name: '-', parts: [], ...under })
	);
	return whole.success ? under : undefined;
}

/** The words of a row that say what it is. */
export function phraseOf(
	cells: readonly string[],
	{ colour, material, what, name }: Columns<'colour' | 'material' | 'what' | 'name'>
): string {
	const cell = (at: number | undefined) => (at === undefined ? '' : (cells[at] ?? ''));
	return [cell(colour), cell(material), cell(what) || cell(name)].filter(Boolean).join(' ');
}

/**
 * Reads rows as pieces, by which column holds what. A row with anything wrong is told with row, field and reason, and makes no piece;
 * the others wait to be agreed. Nothing is written here.
 */
export function readRows(
	table: RawTable,
	columns: Columns<TableField>,
	{ client, currency, read = pieceReader({}, currency), newId, there = [] }: RowOptions
): ReadRow[] {
	const doubleOf = doublesAmong(there);
	return table.rows.map(({ number: row, cells }): ReadRow => {
		const cell = (field: TableField) => (columns[field] === undefined ? '' : (cells[columns[field]] ?? ''));
		const problems: RowProblem<TableField>[] = [];
		const wrong = (field: TableField, reason: string) =>
			problems.push({ row, field, value: cell(field).slice(0, 60), reason });

		const exact = cell('exact') === '' ? undefined : exactlyFrom(cell('exact'), newId);
		if (cell('exact') !== '' && !exact)
			wrong('exact', 'not as Prime Echo wrote it: empty this cell, and the words are read');
		const phrase = phraseOf(cells, columns);
		const reading = read(phrase);
		const [said] = reading.pieces;
		if (!exact && phrase === '') wrong('what', 'empty: say what it is, as in “navy wool trousers”');
		else if (!exact && !said) wrong('what', 'no garment in it that is known: say the kind, as in “trousers”');
		else if (!exact && reading.pieces.length > 1)
			wrong('what', `names ${reading.pieces.length} things: a row holds one`);

		const price = cell('price') === '' ? said?.price : readMoney(cell('price'), currency);
		if (cell('price') !== '' && !price) wrong('price', 'not an amount like 24 or £24.50');
		const on = cell('on') === '' ? said?.acquired.on : dayFrom(cell('on'));
		if (cell('on') !== '' && !on) wrong('on', 'not a day like 2025-12-05 or 05/12/2025');
		const how =
			cell('how') === ''
				? (said?.acquired.how ?? 'unknown')
				: wayWords.find(([words]) => words.test(cell('how')))?.[1];
		if (!how) wrong('how', `not one of ${ways.join(', ')}`);
		const state =
			cell('state') === ''
				? (said?.state ?? 'ready')
				: states.find((one) => one === cell('state').toLowerCase().replace(' ', '-'));
		if (!state) wrong('state', `not one of ${states.join(', ')}`);
		const length =
			cell('length') === ''
				? undefined
				: Number(
						cell('length')
							.replace(',', '.')
							.replace(/\s*cm$/i, '')
					);
		if (length !== undefined && !(length >= 0 && length <= 1000))
			wrong('length', 'not a length in cm between 0 and 1000');
		for (const [field, most] of [
			['name', 120],
			['size', 30],
			['place', 80],
			['note', 4000]
		] as const)
			if (cell(field).length > most) wrong(field, `longer than ${most} characters`);

		if (problems.length > 0) return { row, ok: false, problems };
		const { parts, configurations } = exact ?? {
			parts: [{ id: newId(), name: '', garment: (said as NonNullable<typeof said>).garment }],
			configurations: []
		};
		const piece = freshPiece({
			id: newId(),
			clientId: client.id,
			name:
				cell('name') ||
				capital(garmentInWords(parts[0]?.garment ?? { type: 'top', facets: {}, palette: [] })),
			parts,
			configurations,
			acquired: { how: how ?? 'unknown', ...(on && { on }), ...(price && { price }) },
			sizeLabel: cell('size') || (said?.sizeLabel ?? ''),
			state: state ?? 'ready',
			place: cell('place'),
			note: [cell('note'), exact ? '' : (said?.note ?? '')].filter(Boolean).join(', '),
			...(length !== undefined && { measuresCm: { length } })
		});
		const double = doubleOf(piece);
		const told = exact
			? []
			: reading.phrases.filter(({ status }) => status === 'unknown').map(({ text }) => text);
		return { row, ok: true, piece, ...(double !== undefined && { double }), told };
	});
}

/**
 * The pieces as CSV, a piece a row, in the columns that `readTable` knows again. What a spreadsheet would run as a formula is
 * neutralised with an apostrophe; the last column holds what words cannot, so that the table comes in again unchanged.
 */
export function tableOf(pieces: readonly Piece[], currency: string): string {
	const rows = pieces.map((piece) => {
		const { price, how, on } = piece.acquired;
		const cells: Record<TableField, string> = {
			name: piece.name,
			what: partsInWords(piece),
			colour: '',
			material: '',
			size: piece.sizeLabel,
			price: price ? amountInWords(price, currency) : '',
			how,
			on: on ?? '',
			state: piece.state,
			place: piece.place,
			length: piece.measuresCm.length?.toString() ?? '',
			note: piece.note,
			exact: JSON.stringify({ parts: piece.parts, configurations: piece.configurations })
		};
		return written.map((field) => cells[field]);
	});
	return Papa.unparse(
		{ fields: written.map((field) => tableFields[field].label), data: rows },
		{ escapeFormulae: formula, newline: '\r\n' }
	);
}
const written = tableFieldIds.filter((field) => field !== 'colour' && field !== 'material');
