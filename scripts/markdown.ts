const row = (...cells: string[]) => `| ${cells.map((cell) => cell.replace(/\|/g, '\\|')).join(' | ')} |`;

/** A table in Markdown. */
export const table = (head: string[], rows: string[][]) =>
	[row(...head), row(...head.map(() => '---')), ...rows.map((cells) => row(...cells))].join('\n');
