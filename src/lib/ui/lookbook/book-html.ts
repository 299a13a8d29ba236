/** A lookbook as HTML: the same on a page of the app, on paper, and in a file of its own. */
import { dayInWords, moneyInWords, taskKinds, type BookLook, type BookPiece, type Lookbook } from '$lib/core';
import { m } from '../messages';
import styles from './book.css?raw';
import form from './answer-form.js?raw';

/** Text as it may stand between tags and in quoted attributes. */
export const escaped = (text: string): string =>
	text
		.replaceAll('&', '&amp;')
		.replaceAll('<', '&lt;')
		.replaceAll('>', '&gt;')
		.replaceAll('"', '&quot;')
		.replaceAll("'", '&#39;');

/** What stands with a look that is not in its records: its photograph as an address, and whether the client is asked. */
export interface BookExtras {
	/** By look, the address of its picture: a data URL in a file. */
	pictures: Readonly<Record<string, string>>;
	/** Does it carry a form for the client's answers? */
	asks: boolean;
}

const words = m.lookbook;
const cautionWords: Record<string, string> = {
	heels: words.heels,
	hems: words.hems,
	...m.fitting.becomes.cautions
};
const list = (rows: readonly string[], tag: 'ul' | 'ol' = 'ul') =>
	rows.length > 0 ? `<${tag}>${rows.map((row) => `<li>${row}</li>`).join('')}</${tag}>` : '';
const soft = (text: string) => (text ? `<span class="soft">${escaped(text)}</span>` : '');
const span = (text: string) => (text ? `<span>${escaped(text)}</span>` : '');
const joined = (parts: readonly (string | undefined)[], by = ' · ') => parts.filter(Boolean).join(by);

/** The questions under one thing: they are read back by the script of the form, by look and thing. */
function question(look: BookLook, { of }: BookPiece, nth: number): string {
	if (of === undefined) return '';
	const name = `${look.id}/${of}`;
	const choice = (says: 'yes' | 'no') =>
		`<label><input type="radio" name="${escaped(name)}" value="${says}"> ${escaped(words.answers[says])}</label>`;
	return `<fieldset><legend class="soft">${escaped(words.ask(nth))}</legend>${choice('yes')}${choice('no')}<input type="text" maxlength="400" data-note="${escaped(name)}" aria-label="${escaped(words.noteOn(nth))}" placeholder="${escaped(words.noteHere)}"></fieldset>`;
}

function pieceRow(look: BookLook, piece: BookPiece, nth: number, asks: boolean): string {
	const { asked, kind, state, worn, why, beside, howToWear } = piece;
	const things = worn
		.map(({ title, from, size }) => {
			const where = 'shop' in from ? from.shop : joined([words.owned, from.rail], ', ');
			const price = 'shop' in from ? moneyInWords(from.price) : '';
			return `<strong>${escaped(title)}</strong>${span(joined([where, size && words.sizeOf(size), price]))}`;
		})
		.join('');
	const noted = why && joined([words.reasons[why.reason], why.instead && words.instead(why.instead)], '; ');
	return [
		soft(kind ? words.extras[kind] : asked),
		things || `<strong>${escaped(words.states[state === 'items' ? 'gap' : state])}</strong>`,
		span(noted ?? ''),
		beside ? span(words.beside(beside.is, beside.why)) : '',
		howToWear.length > 0 ? span(`${words.howToWear}: ${howToWear.join(', ')}`) : '',
		asks ? question(look, piece, nth) : ''
	].join('');
}

function shoppingTable({ shopping, total }: BookLook): string {
	if (shopping.length === 0) return '';
	const rows = shopping.flatMap(({ shop, items }) =>
		items.map(
			({ title, size, price, arrives, returnBy }) =>
				`<tr><th scope="row">${escaped(title)}</th><td>${escaped(shop)}</td><td>${escaped(size || m.notNoted)}</td><td>${escaped(dayInWords(arrives))}</td><td>${escaped(dayInWords(returnBy))}</td><td>${escaped(moneyInWords(price))}</td></tr>`
		)
	);
	const heads = [words.toBuy, words.where, words.size, words.arrives, words.returnBy, words.price];
	const simulated = shopping.some((shop) => shop.simulated);
	return `<h3>${escaped(words.toBuy)}</h3><table><thead><tr>${heads.map((head) => `<th scope="col">${escaped(head)}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody><tfoot><tr><th scope="row" colspan="5">${escaped(words.total)}</th><td>${escaped(moneyInWords(total))}</td></tr></tfoot></table>${simulated ? `<p class="soft">${escaped(words.simulated)}</p>` : ''}`;
}

const drawn = (svg: string, label: string) => `<div role="img" aria-label="${escaped(label)}">${svg}</div>`;
const figure = (picture: string, caption: string, more = '') =>
	`<figure>${picture}<figcaption>${escaped(caption)}${more ? `<br>${soft(more)}` : ''}</figcaption></figure>`;

function lookSection(look: BookLook, { pictures, asks }: BookExtras, level: 1 | 2): string {
	const { event, reference, plates, versions, preparation, cautions } = look;
	const picture = pictures[look.id];
	const day =
		event &&
		joined([
			event.title,
			dayInWords(event.date, 'with-weekday'),
			event.time,
			event.place,
			event.weather && words.weather(event.weather.airC, event.weather.rain)
		]);
	const under = level + 1;
	const head = (text: string) => `<h${under}>${escaped(text)}</h${under}>`;
	return `<section id="look-${escaped(look.id)}" aria-label="${escaped(look.title)}">
<h${level}>${escaped(look.title)}</h${level}>${day ? `<p>${escaped(day)}</p>` : ''}
<div class="pictures">${figure(drawn(plates.reference, `${words.reference}: ${reference.title}`), words.reference, reference.credit || reference.title)}${figure(drawn(plates.worn, `${words.echo}: ${look.title}`), words.echo, words.score(look.score, look.band))}${picture ? figure(`<img src="${escaped(picture)}" alt="${escaped(words.tried(look.title))}">`, words.triedOn) : ''}</div>
${head(words.pieces)}${list(
		look.pieces.map((piece, i) => pieceRow(look, piece, i + 1, asks)),
		'ol'
	)}
${
	versions.length > 0
		? head(words.otherWays) +
			list(
				versions.map(
					({ name, on, off }) =>
						`<strong>${escaped(name)}</strong>${on.length > 0 ? span(words.putOn(on.join(', '))) : ''}${off.length > 0 ? span(words.takeOff(off.join(', '))) : ''}`
				)
			)
		: ''
}
${
	preparation.length > 0
		? head(words.preparation) +
			list(
				preparation.map(
					({ kind, title, how, day: due }) =>
						`<strong>${escaped(`${taskKinds[kind].label}: ${title}`)}</strong>${span(joined([due && words.by(dayInWords(due, 'with-weekday')), how]))}`
				)
			)
		: ''
}
${shoppingTable(look)}
${cautions.length > 0 ? head(words.cautions) + cautions.map((caution) => `<p>${escaped(cautionWords[caution] ?? '')}</p>`).join('') : ''}
${asks ? `<p><label>${escaped(words.wholeNote)}<br><textarea rows="3" maxlength="4000" data-look="${escaped(look.id)}"></textarea></label></p>` : ''}
</section>`;
}

/** The pages of a lookbook: contents and packing where there are several looks, then a page each. */
export function bookPages(book: Lookbook, extras: BookExtras): string {
	const [only, another] = book.looks;
	const several = another !== undefined;
	const contents = several
		? `<section><h1>${escaped(words.bookOf(book.client))}</h1><p class="soft">${escaped(dayInWords(book.madeOn))}</p><h2>${escaped(words.contents)}</h2>${list(
				book.looks.map(
					({ id, title, event }) =>
						`<a href="#look-${escaped(id)}">${escaped(title)}</a>${event ? soft(joined([event.title, dayInWords(event.date)])) : ''}`
				),
				'ol'
			)}<h2>${escaped(words.packing)}</h2>${list(
				book.packing.map(
					({ title, rail, looks }) =>
						`<strong>${escaped(title)}</strong>${soft(joined([rail, looks.join(', ')]))}`
				)
			)}</section>`
		: '';
	const pages = book.looks.map((look) => lookSection(look, extras, several ? 2 : 1)).join('');
	const send = extras.asks
		? `<section class="answers"><h2>${escaped(words.sendTitle)}</h2><p>${escaped(words.sendHow)}</p><button type="submit">${escaped(words.send)}</button><p><label>${escaped(words.copy)}<br><textarea rows="4" readonly data-copy></textarea></label></p></section>`
		: '';
	const inside = contents + pages + send;
	return only && extras.asks ? `<form>${inside}</form>` : inside;
}

/** A lookbook as one file: pictures inside, nothing fetched, and no script but that of the form, where it carries one. */
export function bookFile(book: Lookbook, extras: BookExtras): string {
	const title = escaped(book.looks.length === 1 ? (book.looks[0]?.title ?? '') : words.bookOf(book.client));
	const policy = `default-src 'none'; img-src data:; style-src 'unsafe-inline'${extras.asks ? "; script-src 'unsafe-inline'" : ''}; base-uri 'none'; form-action 'none'`;
	return `<!doctype html>
<html lang="en-GB"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="${policy}">
<title>${title}</title><style>body{margin:0;background:#f1f1f0;font-family:Georgia,'Times New Roman',serif}${styles}</style></head>
<body><article class="book">${bookPages(book, extras)}</article>${extras.asks ? `<script>${form}</script>` : ''}</body></html>
`;
}
