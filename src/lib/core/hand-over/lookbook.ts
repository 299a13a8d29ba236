/** What is handed over of several looks: each with its pieces, its day, what is to be prepared and bought, and one list to pack. */
import { bandOf } from '../lexicon/bands';
import type { TaskKind } from '../lexicon/preparation';
import { moves } from '../lexicon/moves';
import { dueOn, preparationOf } from '../day/preparation';
import { extrasOf, sheetCautions, sheetOf, type SheetCaution, type SheetLine } from '../matching/sheet';
import { keyOfItem, matchOf, resolveItem } from '../matching/items';
import { referenceLook, wornLook } from '../matching/looks';
import { preparedIn } from '../matching/prepared';
import { scoreEcho } from '../matching/score-echo';
import { garmentsBetween } from '../matching/versions';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import type { Extra, Item, Version } from '../model/worn';
import type { Event, Weather } from '../model/event';
import type { Money } from '../model/basics';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { boughtIn, spendOf, type Rates } from '../money/spend';
import { drawPlate } from '../plate/draw';
import type { PlateLook } from '../plate/model';
import { plateSvg } from '../plate/svg';
import { addDays, type Day } from '../time/days';

/** One thing of a look, as the client is told of it. */
export interface BookPiece {
	/** The match or extra that it is; undefined for what is not there yet. */
	of?: string;
	/** The reference's element in words, or that it is worn besides. */
	asked: string;
	/** Set where no element asks for it. */
	kind?: Extra['kind'];
	state: SheetLine['state'];
	worn: {
		title: string;
		/** Where it hangs, or the shop that sells it. */
		from: { rail: string } | { shop: string; price: Money };
		size: string;
	}[];
	why?: SheetLine['why'];
	beside?: SheetLine['beside'];
	howToWear: string[];
}

export interface BookLook {
	id: string;
	title: string;
	reference: { title: string; credit: string };
	event?: Pick<Event, 'title' | 'date' | 'time' | 'place'> & { weather?: Weather };
	/** The reference and the echo, drawn, as SVG documents. */
	plates: { reference: string; worn: string };
	score: number;
	band: string;
	pieces: BookPiece[];
	/** Other ways to wear it: what goes on and comes off. */
	versions: { name: string; kind: Version['kind']; on: string[]; off: string[] }[];
	preparation: { kind: TaskKind; title: string; how: string; day?: Day }[];
	cautions: SheetCaution[];
	shopping: {
		shop: string;
		simulated: boolean;
		items: { title: string; size: string; price: Money; arrives: Day; returnBy: Day }[];
	}[];
	total: Money;
}

export interface Lookbook {
	client: string;
	madeOn: Day;
	looks: BookLook[];
	/** Each thing once, with the looks that it is for. */
	packing: { title: string; rail: string; looks: string[] }[];
}

/** A look with all that it is told from. */
export interface BookSource {
	echo: Echo;
	reference: Reference;
	event?: Event;
}

interface BookOptions {
	client: Client;
	pieces: readonly Piece[];
	currency: string;
	rates: Rates;
	today: Day;
}

const sizeOf = (item: Item, pieces: readonly Piece[]) =>
	(item.source === 'listing' ? item.sizeLabel : pieces.find(({ id }) => id === item.pieceId)?.sizeLabel) ??
	'';
const fromOf = (item: Item, pieces: readonly Piece[]): BookPiece['worn'][number]['from'] =>
	item.source === 'listing'
		? { shop: item.shop.name, price: item.listing.price }
		: { rail: pieces.find(({ id }) => id === item.pieceId)?.place ?? '' };

function piecesOf({ echo, reference }: BookSource, pieces: readonly Piece[]): BookPiece[] {
	const told = (title: string, item: Item) => ({
		title,
		from: fromOf(item, pieces),
		size: sizeOf(item, pieces)
	});
	return [
		...sheetOf(echo, reference, pieces).map(
			({ elementId, asked, state, worn, why, beside, howToWear }): BookPiece => ({
				of: matchOf(echo, elementId)?.id,
				asked,
				state: state === 'items' && worn.length === 0 ? 'gap' : state,
				worn: worn.map(({ title, item }) => told(title, item)),
				why,
				beside,
				howToWear
			})
		),
		...extrasOf(echo, pieces).map(({ id, kind, title, item, movesDone }): BookPiece => ({
			of: id,
			asked: '',
			kind,
			state: 'items',
			worn: [told(title, item)],
			howToWear: movesDone.map((move) => moves[move].label)
		}))
	];
}

function shoppingOf(echo: Echo, today: Day): BookLook['shopping'] {
	const shops = new Map<string, BookLook['shopping'][number]>();
	for (const { listing, shop, sizeLabel } of boughtIn(echo)) {
		const arrives = addDays(today, listing.arrivesInDays);
		const entry = shops.get(shop.id) ?? { shop: shop.name, simulated: shop.simulated, items: [] };
		entry.items.push({
			title: listing.title,
			size: sizeLabel ?? '',
			price: listing.price,
			arrives,
			returnBy: addDays(arrives, shop.returns.days)
		});
		shops.set(shop.id, entry);
	}
	return [...shops.values()];
}

/** The pictures of a look, their patterns named so that several stand in one document. */
function platesOf({ echo, reference }: BookSource, { client, pieces }: BookOptions): BookLook['plates'] {
	const drawn = (look: PlateLook, own: string) =>
		plateSvg(drawPlate(look, client), undefined, `${own}-${echo.id}-`);
	return {
		reference: drawn(referenceLook(reference), 'r'),
		worn: drawn(
			wornLook(echo, (item) => resolveItem(item, pieces)?.garment),
			'w'
		)
	};
}

function lookOf(source: BookSource, options: BookOptions): BookLook {
	const { echo, reference, event } = source;
	const { client, pieces, currency, rates, today } = options;
	const { score } = scoreEcho(echo, reference, pieces, client);
	const worn = preparedIn(echo, pieces);
	return {
		id: echo.id,
		title: echo.title,
		reference: {
			title: reference.title,
			credit: [reference.credit.who, reference.credit.source].filter(Boolean).join(', ')
		},
		...(event && {
			event: {
				title: event.title,
				date: event.date,
				time: event.time,
				place: event.place,
				weather: event.weather
			}
		}),
		plates: platesOf(source, options),
		score: Math.round(score),
		band: bandOf(score).label,
		pieces: piecesOf(source, pieces),
		versions: echo.versions
			.map((version) => ({
				name: version.name,
				kind: version.kind,
				...garmentsBetween(echo, version, pieces)
			}))
			.filter(({ on, off }) => on.length + off.length > 0),
		preparation: event
			? preparationOf(worn, client, event).map((task) => ({
					kind: task.kind,
					title: task.title,
					how: task.how,
					day: dueOn(task, event)
				}))
			: [],
		cautions: sheetCautions(sheetOf(echo, reference, pieces)),
		shopping: shoppingOf(echo, today),
		total: spendOf(echo, currency, rates).total
	};
}

/** Each thing of all looks once, in the order in which it is met. */
function packingOf(sources: readonly BookSource[], pieces: readonly Piece[]): Lookbook['packing'] {
	const packed = new Map<string, Lookbook['packing'][number]>();
	for (const { echo } of sources) {
		const items = [...echo.matches.flatMap((match) => match.items), ...echo.extras.map(({ item }) => item)];
		for (const item of items) {
			const title = resolveItem(item, pieces)?.title;
			if (title === undefined) continue;
			// One thing worn in two ways is packed once.
			const key = item.source === 'piece' ? `${item.pieceId} ${item.partId}` : keyOfItem(item);
			const from = fromOf(item, pieces);
			const entry = packed.get(key) ?? { title, rail: 'rail' in from ? from.rail : from.shop, looks: [] };
			if (!entry.looks.includes(echo.title)) entry.looks.push(echo.title);
			packed.set(key, entry);
		}
	}
	return [...packed.values()];
}

/** Looks of one client as they are handed over, by their day, those without one last. */
export function lookbookOf(sources: readonly BookSource[], options: BookOptions): Lookbook {
	const byDay = [...sources].sort((a, b) => (a.event?.date ?? '9999').localeCompare(b.event?.date ?? '9999'));
	return {
		client: options.client.name,
		madeOn: options.today,
		looks: byDay.map((source) => lookOf(source, options)),
		packing: packingOf(byDay, options.pieces)
	};
}
