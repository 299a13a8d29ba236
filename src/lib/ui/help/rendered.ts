/** The guide and the method as they stand in the docs, to be read in the app. */
import { Marked } from 'marked';
import guide from '/docs/guide.md?raw';
import method from '/docs/method.md?raw';

const texts = { guide, method };
export type HelpPage = keyof typeof texts;

/** The name of a heading in an address: "Closeness of a piece" is "closeness-of-a-piece". */
export const anchorOf = (heading: string): string =>
	heading
		.toLowerCase()
		.replaceAll(/<[^>]*>/g, '')
		.replaceAll(/[^\p{L}\p{N}]+/gu, '-')
		.replaceAll(/^-|-$/g, '');

const reader = new Marked({
	renderer: {
		heading({ tokens, depth }) {
			const text = this.parser.parseInline(tokens);
			return `<h${depth} id="${anchorOf(text)}">${text}</h${depth}>`;
		},
		// Links between the files of the docs lead nowhere in the app.
		link({ href, tokens }) {
			const text = this.parser.parseInline(tokens);
			return href.startsWith('#') ? `<a href="${href}">${text}</a>` : text;
		}
	}
});

/** A page of the docs as HTML. */
export const rendered = (page: HelpPage): string => reader.parse(texts[page], { async: false });

/** Its chapters, in order. */
export const chaptersOf = (page: HelpPage): { anchor: string; title: string }[] =>
	[...texts[page].matchAll(/^## (.+)$/gm)].map(([, title = '']) => ({ anchor: anchorOf(title), title }));
