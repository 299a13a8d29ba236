import { JSDOM } from 'jsdom';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop,
	uuid
} from '../../../../tests/records';
import { freshMatch, lookbookOf, newInAnswer, readAnswer, type Echo, type Element } from '$lib/core';
import { bookFile, bookPages, escaped } from './book-html';

const element = (n: number, type: string): Element => ({
	id: uuid(100 + n),
	garment: garment(type, ['#1d2a44']),
	rank: n,
	role: 'key',
	weightFactor: 1,
	signature: [],
	open: [],
	moves: [],
	note: ''
});
const hostile = `Ann's "<b>Look</b>" & <script>alert(1)</script>`;
const client = makeClient({ name: hostile });
const reference = makeReference([element(1, 'blazer'), element(2, 'court-shoes'), element(3, 'clutch')], {
	title: hostile
});
const blazer = makePiece(1, garment('blazer', ['#1d2a44']), {
	name: hostile,
	place: 'rail, left',
	sizeLabel: '10'
});
const shoes = makeListing(1, garment('court-shoes', ['#000000']), 4500, { arrivesInDays: 4 });
const echoOf = (n: number, rest: Partial<Echo> = {}): Echo => ({
	...makeEcho(client, reference, { title: n === 1 ? hostile : `Look ${n}` }),
	id: uuid(3000 + n),
	matches: [
		freshMatch({
			id: uuid(3100 + n),
			elementIds: [uuid(101)],
			items: [{ source: 'piece', pieceId: blazer.id, partId: blazer.parts[0]!.id }],
			note: 'for the studio alone'
		}),
		freshMatch({
			id: uuid(3200 + n),
			elementIds: [uuid(102)],
			items: [
				{ source: 'listing', listing: shoes, shop: makeShop(1), sizeLabel: 'EU 38', seenOn: '2026-01-10' }
			]
		})
	],
	...rest
});
const bookWith = (...echoes: Echo[]) =>
	lookbookOf(
		echoes.map((echo) => ({ echo, reference })),
		{ client, pieces: [blazer], currency: 'GBP', rates: {}, today: '2026-01-10' }
	);
const pages = (asks: boolean, ...echoes: Echo[]) => bookPages(bookWith(...echoes), { pictures: {}, asks });
const domOf = (html: string, scripts = false) =>
	new JSDOM(html, scripts ? { runScripts: 'dangerously' } : {}).window;

describe('a lookbook', () => {
	it('shows every text as text, whatever stands in it (generated)', () =>
		fc.assert(
			fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
				const { document } = domOf(`<p title="${escaped(text)}">${escaped(text)}</p>`);
				const clean = (value: string) =>
					value.replaceAll('\r\n', '\n').replaceAll('\r', '\n').replaceAll('\0', '');
				expect(clean(document.querySelector('p')!.textContent ?? '')).toBe(clean(text));
				expect(document.querySelectorAll('body *').length).toBe(1);
			})
		));
	it('carries no tag and no script of a name', () => {
		const { document } = domOf(bookFile(bookWith(echoOf(1), echoOf(2)), { pictures: {}, asks: false }));
		expect(document.querySelectorAll('script, b').length).toBe(0);
		expect(document.body.textContent).toContain(hostile);
	});
	it('says of each thing where it is, its size, and of what is bought when it comes and until when it goes back', () => {
		const text = domOf(pages(false, echoOf(1))).document.body.textContent ?? '';
		expect(text).toContain('from your wardrobe, rail, left');
		expect(text).toContain('size 10');
		expect(text).toContain('EU 38');
		expect(text).toContain('14 January 2026');
		// Four days on the way, 28 to send it back.
		expect(text).toContain('11 February 2026');
		expect(text).toContain('still to be found');
		expect(text).not.toContain('for the studio alone');
	});
	it('has contents, and packs each thing once, where there are several looks', () => {
		const { document } = domOf(pages(false, echoOf(1), echoOf(2), echoOf(3)));
		const links = [...document.querySelectorAll('a')].map((link) => link.getAttribute('href'));
		expect(links).toHaveLength(3);
		for (const link of links) expect(document.querySelector(link!)).not.toBeNull();
		const book = bookWith(echoOf(1), echoOf(2), echoOf(3));
		expect(book.packing.map(({ title }) => title)).toEqual([hostile, shoes.title]);
		expect(book.packing[0]!.looks).toHaveLength(3);
		expect(domOf(pages(false, echoOf(1))).document.querySelectorAll('a').length).toBe(0);
	});
	it('names the patterns of its pictures so that none is another’s', () => {
		const { document } = domOf(pages(false, echoOf(1), echoOf(2)));
		const ids = [...document.querySelectorAll('[id]')].map(({ id }) => id);
		expect(new Set(ids).size).toBe(ids.length);
	});
	it('fetches nothing and runs nothing but its form', () => {
		const plain = bookFile(bookWith(echoOf(1)), { pictures: {}, asks: false });
		const asking = bookFile(bookWith(echoOf(1)), { pictures: {}, asks: true });
		expect(plain).toContain(`default-src 'none'`);
		expect(plain).not.toContain('script-src');
		for (const file of [plain, asking]) expect(file).not.toMatch(/(src|href)="?(https?:)?\/\//);
	});
});

describe('the client’s answer', () => {
	const echo = echoOf(1);
	const answered = (act: (window: ReturnType<typeof domOf>) => void) => {
		const window = domOf(bookFile(bookWith(echo), { pictures: {}, asks: true }), true);
		act(window);
		window.document.querySelector('form')!.dispatchEvent(new window.Event('input', { bubbles: true }));
		return window.document.querySelector<HTMLTextAreaElement>('[data-copy]')!.value;
	};
	it('goes from the file’s form to what it would change', () => {
		const text = answered(({ document }) => {
			const [, no] = document.querySelectorAll<HTMLInputElement>('input[type=radio]');
			no!.checked = true;
			document.querySelector<HTMLInputElement>('[data-note]')!.value = 'too warm';
			document.querySelector<HTMLTextAreaElement>('[data-look]')!.value = 'The rest is me';
		});
		const read = readAnswer(text);
		expect(read.ok && read.value.looks[0]).toMatchObject({ look: echo.id, note: 'The rest is me' });
		if (!read.ok) return;
		expect(newInAnswer(read.value.looks[0]!, echo, [blazer])).toEqual([
			{ of: uuid(3101), title: hostile, isGone: false, says: 'no', note: 'too warm' }
		]);
	});
	it('that was kept already brings nothing new, and one of something taken off says so', () => {
		const said = [{ of: uuid(3101), says: 'no' as const, note: '' }];
		const kept = { ...echo, answers: [{ id: uuid(9), on: '2026-01-11', pieces: said, note: '' }] };
		expect(newInAnswer({ pieces: said }, kept, [blazer])).toEqual([]);
		const [other] = newInAnswer({ pieces: [{ ...said[0]!, says: 'yes' }] }, kept, [blazer]);
		expect(other).toMatchObject({ before: 'no', says: 'yes' });
		const [gone] = newInAnswer({ pieces: said }, { ...echo, matches: [] }, [blazer]);
		expect(gone).toMatchObject({ isGone: true, title: '' });
	});
	it('that is none, or not whole, is refused in words', () => {
		for (const text of ['', '{', '[]', 'null', '{"format":"prime-echo-studio"}'])
			expect(readAnswer(text)).toMatchObject({ ok: false, message: expect.stringContaining('answer') });
		const broken = JSON.stringify({ format: 'prime-echo-answer', version: 1, on: 'soon', looks: [] });
		expect(readAnswer(broken)).toMatchObject({ ok: false });
	});
});
