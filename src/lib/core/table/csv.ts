import Papa from 'papaparse';

/** A spreadsheet would run these as formulas; they are written with an apostrophe before them. */
export const formula = /^'*[=+\-@\t\r]/;

/**
 * Rows as a table that spreadsheets open (RFC 4180), the names of the columns first. What a spreadsheet would take for a
 * formula is marked as text.
 */
export const csvOf = (rows: readonly Record<string, string | number>[]): string =>
	Papa.unparse([...rows], { escapeFormulae: formula, newline: '\r\n' });
