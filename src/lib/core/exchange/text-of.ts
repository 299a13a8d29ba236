/** How a spreadsheet may have written its text: what begins with a mark is written so, or is no text. */
const marked = [
	{ name: 'utf-16le', mark: [0xff, 0xfe] },
	{ name: 'utf-16be', mark: [0xfe, 0xff] }
] as const;
/** Without a mark: what is not UTF-8 is taken for the old code page of western Europe. */
const unmarked = ['utf-8', 'windows-1252'] as const;

/** Does it hold characters that no table does: controls other than tabs and line ends, or what is no character? */
const isNoText = (text: string) => /\p{Cc}|\p{Cn}/u.test(text.replaceAll(/[\t\r\n]/g, ''));

/** The text of a file; undefined where it is none: a picture, an archive, a workbook. */
export function textOf(bytes: Uint8Array): string | undefined {
	const wide = marked.find(({ mark }) => mark.every((byte, i) => bytes[i] === byte));
	for (const name of wide ? [wide.name] : unmarked) {
		try {
			const text = new TextDecoder(name, { fatal: true }).decode(bytes);
			return isNoText(text) ? undefined : text;
		} catch {
			// Not written so: the next is tried.
		}
	}
	return undefined;
}
