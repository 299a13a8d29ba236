/** Any table from a file or from what was pasted: columns and rows, and which column holds what. */
import Papa from 'papaparse';

/** What a column can hold: its name on screen, and the headings by which it is told. */
export interface ColumnField {
	label: string;
	said: RegExp;
}
export type ColumnFields<F extends string = string> = Readonly<Record<F, ColumnField>>;
/** Which column holds what, counted from 0. */
export type Columns<F extends string> = Partial<Record<F, number>>;

/** Something wrong with a cell: the row's number, the field, and what to do about it. */
export interface RowProblem<F extends string = string> {
	row: number;
	field: F;
	value: string;
	reason: string;
}

export interface RawTable {
	columns: string[];
	/** Cells in the order of the columns; the row's number as the spreadsheet counts, the heading being 1. */
	rows: { number: number; cells: string[] }[];
	problems: string[];
}

/** As many rows as are taken at once. */
export const mostRows = 5000;
const neutralised = /^'(?='*[=+\-@\t\r])/;

/** What is wrong with a row, by the reader's code for it. */
const faults: Readonly<Record<string, string>> = {
	MissingQuotes: 'a quotation mark is opened and never closed; what follows it was taken as one cell',
	InvalidQuotes: 'a quotation mark stands inside a cell; write it twice'
};

/** Rows with more cells than there are headings: what is over has no place, and is told. */
function tooLong(body: readonly string[][], columns: number): string[] {
	const over = body.flatMap((cells, i) => (cells.slice(columns).some((cell) => cell.trim()) ? [i + 2] : []));
	const [first, ...more] = over;
	if (first === undefined) return [];
	return [
		`row ${first}${more.length > 0 ? ` and ${more.length} more` : ''}: more cells than headings; a comma inside a cell needs quotation marks round it`
	];
}

/** Takes a file or what was pasted apart into columns and rows; commas, semicolons and tabs are told from the text. */
export function readTable(text: string): RawTable {
	// A tab at the end is a last cell that is empty.
	const { data, errors } = Papa.parse<string[]>(
		text.replace(/^\uFEFF/, '').replace(/^[\r\n ]+|[\r\n ]+$/g, ''),
		{
			skipEmptyLines: 'greedy'
		}
	);
	const [head = [], ...body] = data;
	const columns = head.map((cell) => cell.trim().slice(0, 80));
	return {
		columns,
		rows: body.slice(0, mostRows).map((cells, i) => ({
			number: i + 2,
			cells: columns.map((_, at) => (cells[at] ?? '').trim().replace(neutralised, ''))
		})),
		problems: [
			...errors
				.filter(({ code }) => Object.hasOwn(faults, code))
				.slice(0, 5)
				.map(({ code, row }) => `row ${(row ?? 0) + 1}: ${faults[code]}`),
			...tooLong(body, columns.length),
			...(body.length > mostRows
				? [`only the first ${mostRows} rows are taken; ${body.length - mostRows} are left`]
				: [])
		]
	};
}

/** A heading as it is remembered. */
const headingOf = (column: string) => column.trim().toLowerCase().slice(0, 120);
/** Under a heading, what it was matched with by hand; nothing where it was to be left out. */
export type KnownColumns = Readonly<Record<string, string>>;
const leftOut = '';

/** Which column holds what: as it was matched by hand before, else guessed from the headings. */
export function guessedColumns<F extends string>(
	fields: ColumnFields<F>,
	columns: readonly string[],
	known: KnownColumns = {}
): Columns<F> {
	const matched = columns.map((column) => {
		const held = Object.hasOwn(known, headingOf(column)) ? known[headingOf(column)] : undefined;
		// Of another table, it says nothing here.
		return held === leftOut || (held !== undefined && Object.hasOwn(fields, held)) ? held : undefined;
	});
	return Object.fromEntries(
		(Object.keys(fields) as F[]).flatMap((field) => {
			const remembered = matched.indexOf(field);
			const at =
				remembered >= 0
					? remembered
					: columns.findIndex(
							(column, i) =>
								matched[i] === undefined &&
								(fields[field].said.test(column.trim()) || column.trim() === fields[field].label)
						);
			return at < 0 ? [] : [[field, at]];
		})
	) as Columns<F>;
}

/** What is to be remembered of columns that were matched by hand, over what is remembered already. */
export function columnsToRemember<F extends string>(
	fields: ColumnFields<F>,
	names: readonly string[],
	moved: Columns<F>,
	known: KnownColumns
): Record<string, string> {
	const guessed = guessedColumns(fields, names, known);
	const next = { ...known };
	for (const field of Object.keys(moved) as F[]) {
		const [before, at] = [guessed[field], moved[field]];
		const [old, now] = [names[before ?? -1], names[at ?? -1]];
		// What stood for it before stands for nothing now, until it is matched with something else.
		if (old !== undefined && before !== at) next[headingOf(old)] = leftOut;
		if (now !== undefined) next[headingOf(now)] = field;
	}
	return next;
}
