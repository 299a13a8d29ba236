/** A rail as a table, in and out. */
export const table = {
	into: 'From a spreadsheet',
	out: 'Out to a spreadsheet',
	saved: (name: string) => `Saved as ${name}`,
	intro: 'Choose a CSV or TSV file, or paste rows with their headings. Nothing is written until you agree.',
	choose: 'Choose a file',
	paste: 'Or paste rows here',
	columns: 'What the columns hold',
	noColumn: 'no column',
	none: 'No rows yet.',
	needs: 'Say which column holds the name or what it is.',
	summary: (good: number, bad: number) =>
		[
			good === 1 ? 'one piece is ready' : `${good} pieces are ready`,
			bad > 0 && `${bad === 1 ? 'one row needs' : `${bad} rows need`} mending`
		]
			.filter(Boolean)
			.join(', '),
	reading: (done: number, all: number) => `Reading: ${done} of ${all} rows`,
	bad: 'Rows to mend',
	row: (row: number) => `Row ${row}`,
	mend: (field: string, row: number) => `${field}, row ${row}`,
	moreBad: (count: number) => `and ${count} more, shown as these are mended`,
	doubles: (count: number) =>
		count === 1 ? 'One is much like a piece that is there' : `${count} are much like pieces that are there`,
	skipDoubles: 'Leave them out',
	doubleOf: (name: string, double: string) => `${name} is much like ${double}`,
	preview: 'The first of them',
	told: (words: string) => `not understood, kept in the name: ${words}`,
	add: (count: number) => (count === 1 ? 'Add one piece' : `Add ${count} pieces`),
	addNone: 'Nothing to add',
	tooLarge: 'This file is larger than 20 MB; a rail of thousands takes a few.',
	empty: (file: string) => `${file} is empty: there is nothing in it to read.`,
	unread: 'This file is no text. Save the sheet as CSV in your spreadsheet, and choose that.'
};
