/** Composes the demo studio's records from the text files beside this module. Throws with file and line on a slip. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { v5 } from 'uuid';
import {
	addDays,
	asVersion,
	choosing,
	clientSchema,
	colourWords,
	documentOf,
	ethicsOf,
	facetIds,
	freshClient,
	freshEcho,
	fitNoteSchema,
	freshEvent,
	freshExtra,
	freshFitNote,
	freshPiece,
	freshSettings,
	freshOrder,
	freshWear,
	orderSchema,
	garmentTypes,
	inOrder,
	judge,
	optionsOfPiece,
	plannedFor,
	readLook,
	takenApart,
	type AspectId,
	type Client,
	type Order,
	type Echo,
	type Element,
	type Event,
	type FacetId,
	type FitNote,
	type Garment,
	type Match,
	type MoveId,
	type Piece,
	type Provenance,
	type Reference,
	type RoleId,
	type Version,
	type Studio,
	type StudioDocument,
	type Wear,
	type Weather
} from '../src/lib/core/index';
import { answersTo, type AnswerLine } from './answers';
import { drillCards } from './drills';
import { stockLists } from './stock-lists';

/** Namespace of the demo's ids, which are made from names and so stay the same. */
const namespace = 'a1f2c7de-3b0e-4a58-9d24-5e0c1b7f9a10';
const idOf = (...names: string[]) => v5(names.join('\n'), namespace);
/** The day that the demo is written on; the app moves all dates from it to the day it is opened. */
const writtenOn = '2026-01-15';
const dayAt = (days: number) => addDays(writtenOn, days);
const pounds = (text: string | number) => ({ amountMinor: Math.round(Number(text) * 100), currency: 'GBP' });

const here = import.meta.dirname;
const read = (place: string) => readFileSync(join(here, place), 'utf8');
const filesIn = (folder: string) =>
	readdirSync(join(here, folder))
		.filter((name) => name.endsWith('.txt'))
		.sort();
const keyOf = (file: string) => file.replace('.txt', '');

const typeIds = new Map(garmentTypes.map(({ singular, id }) => [singular.toLowerCase(), id]));
const hexOf = new Map(colourWords.map(({ word, hex }) => [word, hex]));

/** Largest first: the first colour leads, the others share what is left. */
const shares = [1, 0.4, 0.25, 0.15];

/** A garment as it is said: "saying: white linen shirt"; every word must be understood. */
function garmentSaid(phrase: string, provenance: Provenance): Garment {
	const { elements, phrases } = readLook(phrase, { provenance });
	const strange = phrases.find(({ status }) => status === 'unknown' || status === 'doubted');
	const [only] = elements;
	if (!only || elements.length > 1 || strange)
		throw new Error(
			`"${phrase}": ${strange ? `"${strange.text}" ${strange.takenFor}` : 'names no single thing'}`
		);
	return only.garment;
}

function garmentFrom(type: string, colours: string, facets: string, provenance: Provenance): Garment {
	if (type.startsWith('saying:')) return garmentSaid(type.slice(7).trim(), provenance);
	const id = typeIds.get(type.toLowerCase());
	if (!id) throw new Error(`"${type}" is no garment type`);
	const garment: Garment = {
		type: id,
		facets: {},
		palette: colours
			.split(',')
			.map((word) => word.trim())
			.filter(Boolean)
			.map((word, i) => {
				const hex = word.startsWith('#') ? word : hexOf.get(word);
				if (!hex) throw new Error(`"${word}" is no colour word`);
				return { hex, share: shares[i] ?? 0.1, provenance };
			})
	};
	for (const pair of facets.split(/\s+/).filter(Boolean)) {
		const [name = '', value = ''] = pair.split('=');
		if (name === 'metal') garment.metal = { value, provenance };
		else if (name === 'print') {
			const [family = '', scale] = value.split(':');
			garment.print = {
				family: { value: family, provenance },
				scale: scale ? { value: scale, provenance } : undefined
			};
		} else if (facetIds.includes(name as FacetId)) garment.facets[name as FacetId] = { value, provenance };
		else throw new Error(`"${name}" is no facet`);
	}
	return garment;
}

/** The lines of a file with their fields; a slip in one is reported with its place. */
function eachLine<T>(place: string, text: string, compose: (fields: string[], index: number) => T): T[] {
	return text
		.split('\n')
		.map((line, i) => ({ line: line.trim(), number: i + 1 }))
		.filter(({ line }) => line !== '' && !line.startsWith('#'))
		.map(({ line, number }, index) => {
			try {
				return compose(
					line.split('|').map((field) => field.trim()),
					index
				);
			} catch (error) {
				throw new Error(`${place}, line ${number}: ${(error as Error).message}`, { cause: error });
			}
		});
}

const listed = <T extends string>(text = '') =>
	text
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean) as T[];

function clients(): Client[] {
	type Source = Omit<Partial<Client>, 'ethics' | 'sizes'> & {
		key: string;
		ethics: Partial<Client['ethics']>;
		sizes: Partial<Client['sizes'][number]>[];
		measuredInDays: number;
		earlier?: { inDays: number; cm: Client['measurements'] }[];
	};
	const sources = JSON.parse(read('clients.json')) as Source[];
	return sources.map(({ key, ethics, sizes, measuredInDays, earlier = [], ...client }) =>
		clientSchema.parse({
			...freshClient({ id: idOf('client', key), rev: 1 }),
			...client,
			ethics: ethicsOf(ethics),
			sizes: sizes.map((size) => ({ shop: '', ...size })),
			measuredOn: dayAt(measuredInDays),
			earlierMeasurements: earlier.map(({ inDays, cm }) => ({ on: dayAt(inDays), cm }))
		})
	);
}

function events(): Event[] {
	type Source = Partial<Event> &
		Pick<Event, 'title'> & {
			client: string;
			inDays: number;
			weather?: Pick<Weather, 'airC' | 'rain'>;
			budgetPounds?: number;
		};
	return (JSON.parse(read('events.json')) as Source[]).map(
		({ client, inDays, budgetPounds, weather, ...event }) => ({
			...freshEvent({
				id: idOf('event', event.title),
				rev: 1,
				clientId: idOf('client', client),
				title: event.title,
				date: dayAt(inDays)
			}),
			...event,
			...(weather && { weather: { ...weather, source: 'said' as const } }),
			...(budgetPounds !== undefined && { budget: pounds(budgetPounds) })
		})
	);
}

/** "length 120, side 90" in cm. */
const measuresFrom = (text: string): Piece['measuresCm'] =>
	Object.fromEntries(
		listed(text).map((one) => {
			const [name = '', cm = ''] = one.split(' ');
			return [name, Number(cm)];
		})
	);

function wardrobe(file: string): Piece[] {
	const client = keyOf(file);
	return eachLine(
		`wardrobes/${file}`,
		read(`wardrobes/${file}`),
		([
			name = '',
			type = '',
			colours = '',
			facets = '',
			price,
			how,
			ago,
			size = '',
			place = '',
			measures = '',
			worn = ''
		]): Piece => {
			const piece: Piece = {
				...freshPiece({ id: idOf('piece', client, name), clientId: idOf('client', client), parts: [] }),
				rev: 1,
				clientId: idOf('client', client),
				name,
				parts: [
					{ id: idOf('part', client, name), name: '', garment: garmentFrom(type, colours, facets, 'said') }
				],
				acquired: {
					how: how as Piece['acquired']['how'],
					on: dayAt(-Number(ago)),
					price: price ? pounds(price) : undefined
				},
				sizeLabel: size,
				measuresCm: measuresFrom(measures),
				place
			};
			let part = 0;
			return worn === 'apart' ? takenApart(piece, () => idOf('part', client, name, String(part++))) : piece;
		}
	);
}

/** "key: value" lines up to "---", and what follows. */
function headed(text: string): { head: Record<string, string>; body: string } {
	const [top = '', body = ''] = text.split(/^---$/m);
	const head = Object.fromEntries(
		top
			.split('\n')
			.filter(Boolean)
			.map((line) => {
				const at = line.indexOf(':');
				return [line.slice(0, at).trim(), line.slice(at + 1).trim()];
			})
	);
	return { head, body };
}

function reference(file: string): Reference {
	const key = keyOf(file);
	const { head, body } = headed(read(`references/${file}`));
	const elements = eachLine(
		`references/${file}`,
		body,
		(
			[said = '', colours = '', facets = '', role, provenance, moves, signature, open, note = ''],
			i
		): Element => {
			// "bangle × 4": how many are worn together.
			const [type = '', count] = said.split('×').map((part) => part.trim());
			return {
				id: idOf('element', key, type),
				garment: garmentFrom(type, colours, facets, provenance as Provenance),
				rank: i + 1,
				role: role as RoleId,
				weightFactor: 1,
				signature: listed<AspectId>(signature),
				open: listed<AspectId>(open),
				moves: listed<MoveId>(moves),
				...(count && { count: Number(count) }),
				note
			};
		}
	);
	return {
		id: idOf('reference', key),
		rev: 1,
		kind: head.kind as Reference['kind'],
		title: head.title ?? key,
		credit: { who: head.who ?? '', source: head.source ?? '' },
		boards: listed(head.boards),
		photos: [],
		elements,
		note: head.note ?? ''
	};
}

/** Matches of an echo, made by the same functions as on the fitting table. */
function matchesFrom(
	file: string,
	lines: string,
	reference: Reference,
	pieces: Piece[],
	base: readonly Match[] = []
): Match[] {
	const key = keyOf(file);
	let matches: Match[] = [...base];
	eachLine(`echoes/${file}`, lines, ([pair = '', reason, moves]) => {
		if (pair.startsWith('+')) return;
		const [type = '', answer = ''] = pair.split('>').map((text) => text.trim());
		const element = inOrder(reference.elements).find(
			({ garment }) => garment.type === typeIds.get(type.toLowerCase())
		);
		if (!element) throw new Error(`the reference has no "${type}"`);
		const id = idOf('match', key, type);
		if (answer === '-')
			matches = choosing.noteMatch(choosing.leaveOut(matches, element.id, id), element.id, {
				reason: (reason || 'other') as Match['reason'],
				instead: moves ?? ''
			});
		else if (answer === 'done') matches = choosing.markDone(matches, element, id);
		else {
			// "Gold bangles + Glass bangles": worn together.
			const [first = '', ...others] = answer.split('+').map((name) => name.trim());
			const chosen = (name: string) => {
				const option = pieces.flatMap(optionsOfPiece).find(({ piece }) => piece.name === name);
				if (!option) throw new Error(`the wardrobe has no "${name}"`);
				return { element, item: option.item, garment: option.garment };
			};
			matches = choosing
				.chooseItem(matches, reference.elements, chosen(first), id)
				.map((match) =>
					match.id === id
						? { ...match, reason: reason as Match['reason'], movesDone: listed<MoveId>(moves) }
						: match
				);
			for (const name of others) matches = choosing.addItem(matches, reference.elements, chosen(name), id);
		}
	});
	return matches;
}

/** What is worn besides: lines of `+ piece | | moves`. */
function extrasFrom(file: string, lines: string, pieces: Piece[]): Echo['extras'] {
	return eachLine(`echoes/${file}`, lines, ([line = '', , moves]) => {
		if (!line.startsWith('+')) return [];
		const name = line.slice(1).trim();
		const option = pieces.flatMap(optionsOfPiece).find(({ piece }) => piece.name === name);
		if (!option) throw new Error(`the wardrobe has no "${name}"`);
		return [
			freshExtra({
				id: idOf('extra', keyOf(file), name),
				item: option.item,
				movesDone: listed<MoveId>(moves)
			})
		];
	}).flat();
}

/** Versions of an echo: each `version: name | kind | days ago`, then what it wears otherwise. */
function versionsFrom(
	file: string,
	text: string,
	made: Echo,
	reference: Reference,
	pieces: Piece[]
): Version[] {
	return text
		.split(/^version:/m)
		.slice(1)
		.map((block) => {
			const [first = '', ...lines] = block.split('\n');
			const [name = '', kind, ago] = first.split('|').map((field) => field.trim());
			const rest = lines.join('\n');
			return asVersion(
				{
					matches: matchesFrom(file, rest, reference, pieces, made.matches),
					extras: [...made.extras, ...extrasFrom(file, rest, pieces)],
					gapNotes: []
				},
				{
					id: idOf('version', keyOf(file), name),
					name,
					kind: kind as Version['kind'],
					on: dayAt(-Number(ago))
				}
			);
		});
}

const answerLines = (): AnswerLine[] =>
	eachLine(
		'answers.txt',
		read('answers.txt'),
		([look = '', ago, element = '', says = '', note = '']): AnswerLine => ({
			look,
			daysAgo: Number(ago),
			element,
			says,
			note
		})
	);

function echo(file: string, studio: Pick<Studio, 'clients' | 'events' | 'references' | 'pieces'>): Echo {
	const { head, body } = headed(read(`echoes/${file}`));
	const [worn = '', verdict] = body.split(/^judged:/m);
	const [lines = ''] = worn.split(/^version:/m);
	const clientId = idOf('client', head.client ?? '');
	const found = studio.references.find(({ id }) => id === idOf('reference', head.reference ?? ''));
	if (!found) throw new Error(`echoes/${file}: there is no reference "${head.reference}"`);
	const pieces = studio.pieces.filter((piece) => piece.clientId === clientId);
	const event = studio.events.find(({ title }) => title === head.event);
	const base: Echo = {
		...freshEcho({
			id: idOf('echo', keyOf(file)),
			clientId,
			referenceId: found.id,
			title: head.title ?? keyOf(file),
			createdOn: dayAt(-Number(head['days ago']))
		}),
		rev: 1,
		...(event && { eventId: event.id, plannedFor: plannedFor(event) }),
		schools: studio.clients.find(({ id }) => id === clientId)?.schools ?? {},
		matches: matchesFrom(file, lines, found, pieces),
		extras: extrasFrom(file, lines, pieces),
		...(head.limit && { spendLimit: pounds(head.limit) })
	};
	const made: Echo = { ...base, versions: versionsFrom(file, worn, base, found, pieces) };
	const client = studio.clients.find(({ id }) => id === clientId);
	return {
		...made,
		answers: answersTo(
			answerLines().filter(({ look }) => look === keyOf(file)),
			found,
			made.matches,
			{
				idOf,
				dayAt,
				typeOf: (name) => typeIds.get(name.toLowerCase())
			}
		),
		judgements: (verdict ?? '')
			.split('\n')
			.filter((line) => line.includes('|'))
			.map((line) => judged(file, line, made, found, { pieces, client }))
	};
}

/**
 * One fitting of an echo as it was judged: `rating | would wear | days ago | note | otherwise | what the client said`, where
 * "otherwise" is what was worn then in place of what is worn now: `element > piece; element > -`.
 */
function judged(
	file: string,
	line: string,
	made: Echo,
	reference: Reference,
	{ pieces, client }: { pieces: Piece[]; client?: Client }
): Echo['judgements'][number] {
	const [rating, wouldWear, ago, note = '', otherwise = '', said = ''] = line
		.split('|')
		.map((field) => field.trim());
	const swaps = otherwise.replaceAll(';', '\n');
	const worn: Echo = swaps
		? { ...made, versions: [], matches: matchesFrom(file, swaps, reference, pieces, made.matches) }
		: made;
	const given = {
		ownRating: Number(rating),
		wouldWear: wouldWear as 'yes',
		note,
		pieces: [],
		...(said && { client: { wouldWear: wouldWear as 'yes', word: said } })
	};
	const when = {
		id: idOf('judgement', keyOf(file), ago ?? ''),
		at: `${dayAt(-Number(ago))}T20:00:00.000Z`,
		currency: 'GBP'
	};
	return judge(worn, reference, pieces, given, when, { client });
}

/** What was tried in shops: client | days ago | shop | of | label | verdict | tight | loose | kept. */
const fitNotes = (): FitNote[] =>
	eachLine(
		'fit-notes.txt',
		read('fit-notes.txt'),
		([client = '', ago = '', shop = '', of = '', label = '', verdict = '', tight, loose, kept], i) =>
			fitNoteSchema.parse({
				...freshFitNote({
					id: idOf('fit note', client, String(i)),
					clientId: idOf('client', client),
					shop,
					of: of as FitNote['of'],
					label,
					on: dayAt(-Number(ago))
				}),
				rev: 1,
				verdict,
				tight: listed(tight),
				loose: listed(loose),
				kept: kept === 'kept'
			})
	);

/** What was worn when, a day a line. */
function wears(pieces: readonly Piece[]): Wear[] {
	return eachLine('wears.txt', read('wears.txt'), ([client = '', ago = '', worn = '', note = '', look]) => {
		const clientId = idOf('client', client);
		const pieceIds = listed(worn.replaceAll(';', ',')).map((name) => {
			const found = pieces.find((piece) => piece.clientId === clientId && piece.name.startsWith(name));
			if (!found) throw new Error(`the wardrobe has no "${name}"`);
			return found.id;
		});
		return {
			...freshWear({ id: idOf('wear', client, ago), clientId, on: dayAt(-Number(ago)) }),
			rev: 1,
			pieceIds,
			...(look && { echoId: idOf('echo', look) }),
			note
		};
	});
}

/** Two invented shops that things were ordered from. */
const orderShop = (name: string): Order['shop'] => ({
	id: idOf('shop', name),
	name,
	simulated: true,
	secondHand: false,
	sizeChart: { clothes: [], shoes: [] },
	postage: { flat: pounds(2.95) },
	returns: { days: 14, cost: pounds(2) }
});

/** What was ordered, a thing a line; lines of one shop and day came in one parcel. */
function orders(): Order[] {
	const made = new Map<string, Order>();
	eachLine(
		'orders.txt',
		read('orders.txt'),
		([shop = '', ago = '', came = '', client = '', what = '', price, size = '', state, file = '']) => {
			const key = `${shop} ${ago}`;
			const order = made.get(key) ?? {
				...freshOrder({
					id: idOf('order', key),
					shop: orderShop(shop),
					orderedOn: dayAt(-Number(ago)),
					postage: pounds(2.95)
				}),
				rev: 1,
				...(came && { arrivedOn: dayAt(-Number(came)) })
			};
			const cost = pounds(price ?? 0);
			order.lines.push({
				id: idOf('order line', key, what),
				clientId: idOf('client', client),
				echoIds: file ? [idOf('echo', file)] : [],
				listing: {
					id: idOf('listing', key, what),
					shopId: order.shop.id,
					title: what.charAt(0).toUpperCase() + what.slice(1),
					garment: garmentSaid(what, 'said'),
					price: cost,
					tier: 'save',
					condition: 'new',
					sizes: [{ label: size, inStock: 2 }],
					arrivesInDays: 5
				},
				sizeLabel: size,
				state: state as Order['lines'][number]['state'],
				since: dayAt(-Number(came || ago)),
				...(state === 'refunded' && { sentBackOn: dayAt(-Number(came) + 3), refund: cost })
			});
			made.set(key, order);
		}
	);
	return [...made.values()].map((order) => orderSchema.parse(order));
}

/** The whole demo studio as the document that a backup holds. */
export function composeDemo(): StudioDocument {
	const parts = {
		settings: [freshSettings({ rev: 1, studioName: 'Studio Saltmere', demo: true, rates: { EUR: 0.86 } })],
		clients: clients(),
		events: events(),
		pieces: filesIn('wardrobes').flatMap(wardrobe),
		photos: [],
		recipes: [],
		references: filesIn('references').map(reference)
	};
	return documentOf(
		{
			...parts,
			echoes: filesIn('echoes').map((file) => echo(file, parts)),
			wears: wears(parts.pieces),
			fitNotes: fitNotes(),
			orders: orders(),
			tryOns: [],
			drillCards: drillCards(writtenOn),
			stockLists: stockLists(dayAt(-3))
		},
		writtenOn
	);
}
