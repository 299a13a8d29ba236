import { guessedColumns, type ColumnFields, type Columns, type RawTable } from '$lib/core/table';

/**
 * A table on its way in: its text, what its columns hold (guessed, remembered or matched here), and cells that were mended. Call it while a
 * component is being set up.
 */
export function tableDraft<F extends string>(
	fields: ColumnFields<F>,
	readText: (text: string) => RawTable,
	known: () => Readonly<Record<string, string>>
) {
	let text = $state('');
	let file = $state('');
	let moved = $state<Columns<F>>({});
	/** By row and column. */
	let mended = $state<Record<string, string>>({});

	const raw = $derived(readText(text));
	const columns = $derived<Columns<F>>({ ...guessedColumns(fields, raw.columns, known()), ...moved });
	const table = $derived({
		...raw,
		rows: raw.rows.map(({ number, cells }) => ({
			number,
			cells: cells.map((cell, at) => mended[`${number} ${at}`] ?? cell)
		}))
	});
	return {
		get text() {
			return text;
		},
		/** The file that it came from, by name; nothing of what was pasted. */
		get file() {
			return file;
		},
		begin(next: string, name = '') {
			text = next;
			file = name.slice(0, 200);
			mended = {};
			moved = {};
		},
		/** As it came. */
		get raw() {
			return raw;
		},
		/** With its mended cells. */
		get table() {
			return table;
		},
		get columns() {
			return columns;
		},
		/** Which column was matched by hand. */
		get moved() {
			return moved;
		},
		move: (field: F, at: number | undefined) => (moved = { ...moved, [field]: at }),
		mend(row: number, field: F, value: string) {
			const at = columns[field];
			if (at !== undefined) mended = { ...mended, [`${row} ${at}`]: value };
		},
		cellOf(row: number, field: F): string {
			const at = columns[field];
			return at === undefined ? '' : (table.rows.find(({ number }) => number === row)?.cells[at] ?? '');
		},
		/** A field that no column holds has no cell to mend. */
		canMend: (field: F) => columns[field] !== undefined
	};
}
