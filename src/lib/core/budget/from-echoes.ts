/** Echoes as a problem of the budget: what each could wear or buy, and what a choice makes of its matches. */
import { clashesFor, clashesWith } from '../checks/beside';
import { factsOfGarment } from '../checks/facts';
import { scoreLook } from '../closeness/look';
import type { MarketAnswer } from '../exchange/market';
import { mostBackups } from '../matching/backups';
import { candidatesFor } from '../matching/candidates';
import { chooseUnasked } from '../matching/choosing';
import { keyOfItem, resolveItem, sameThing, wornIn } from '../matching/items';
import { isSet, partsOfSet } from '../matching/sets';
import { scoringOf, wornPieces } from '../matching/score-echo';
import { latestArrival } from '../matching/suitability';
import { answeredAtOnce, garmentsMeet, spans } from '../matching/spanning';
import type { WorthyOffer } from '../matching/win-back';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import { matchSchema, type Item, type Match } from '../model/worn';
import type { Event } from '../model/event';
import type { FitNote } from '../model/fit-note';
import type { Garment } from '../model/garment';
import type { Shop } from '../model/market';
import type { Piece } from '../model/piece';
import type { Element, Reference } from '../model/reference';
import { withDuty } from '../money/landed-price';
import { converted, type Rates } from '../money/spend';
import { addDays, type Day } from '../time';
import { asWorn, keptApartAmong } from './apart';
import type { BudgetLook, BudgetOption, BudgetProblem, BudgetShop } from './problem';

/** An echo with all that belongs to it. */
export interface PlannedEcho {
	echo: Echo;
	reference: Reference;
	client: Client;
	/** The client's own. */
	pieces: readonly Piece[];
	/** What the shops have for its elements; without it nothing is for sale. */
	market?: MarketAnswer;
	fitNotes: readonly FitNote[];
	event?: Event;
}

export interface PlanOptions {
	today: Day;
	/** The currency in which everything is added up, and what one unit of another is worth in it. */
	currency: string;
	rates: Rates;
	/** For everything together. */
	budgetMinor?: number;
	/** Does what was chosen stay, so that only open elements are filled? What is pinned always stays. */
	keepChosen?: boolean;
	/** Is each echo held to its own limit of spending, too? */
	byLook?: boolean;
}

/** Something for sale that was passed over. */
export interface PassedOver {
	lookId: string;
	elementId: string;
	title: string;
	why: 'late' | 'no-rate';
	/** When it would arrive, where it is late. */
	arrives?: Day;
}

export interface Planned {
	problem: BudgetProblem;
	passedOver: PassedOver[];
	/** What an option is, by look and key. */
	things: Map<string, { item: Item; garment: Garment }>;
	/** Matches that stay, by look. */
	kept: Map<string, Match[]>;
	/** What is for sale for an element, by look and element, what earns most first: what is not chosen is kept beside what is. */
	spares: Map<string, Item[]>;
}

const thingKey = (lookId: string, key: string) => `${lookId} ${key}`;

/** A shop in the currency of the plan, its duty in all amounts; undefined where its postage has no rate. */
function shopOf(shop: Shop, { currency, rates }: PlanOptions): BudgetShop | undefined {
	const { id, name, postage } = shop;
	const flat = converted(withDuty(postage.flat, shop), currency, rates);
	const from = postage.freeFrom && converted(withDuty(postage.freeFrom, shop), currency, rates);
	return (
		flat && { id, name, postageMinor: flat.amountMinor, ...(from && { freeFromMinor: from.amountMinor }) }
	);
}

/** What an option takes: the parts of an owned piece, or a thing in a shop; undefined where its price or its postage has no rate. */
function sourceOf(item: Item, options: PlanOptions): BudgetOption['source'] | undefined {
	if (item.source === 'piece')
		return { kind: 'owned', pieceId: item.pieceId, parts: [item.partId, ...(item.takes ?? [])] };
	const { listing, shop } = item;
	const price = converted(withDuty(listing.price, shop), options.currency, options.rates);
	return price && shopOf(shop, options)
		? {
				kind: 'listing',
				listingId: listing.id,
				shopId: shop.id,
				priceMinor: price.amountMinor,
				...(isSet(listing.garment) && {
					parts: item.part ? [item.part] : partsOfSet(listing.garment).map(({ garment }) => garment.type)
				})
			}
		: undefined;
}

/** What of a garment a look's wishes count. */
function seenOf(garment: Garment): Pick<BudgetOption, 'metal' | 'isStatement'> {
	const { metal, statement } = factsOfGarment(garment);
	return { ...(metal !== undefined && { metal }), isStatement: statement };
}

/** What stays is worn and paid for in any case; what it earns is settled already. */
function stayingOptions(
	items: readonly Item[],
	pieces: readonly Piece[],
	options: PlanOptions
): BudgetOption[] {
	return items.flatMap((item): BudgetOption[] => {
		const source = sourceOf(item, options);
		const resolved = resolveItem(item, pieces);
		if (!source || !resolved) return [];
		const { title, garment } = resolved;
		const key = `kept ${keyOfItem(item)}`;
		return [
			{ key, title, elementIds: [], blocks: [], earned: 0, source, ...seenOf(garment), isPinned: true }
		];
	});
}

/** Why something for sale cannot be had for a look; undefined where it can. */
function whyNot(
	item: Item,
	latest: Day | undefined,
	options: PlanOptions
): Pick<PassedOver, 'why' | 'arrives'> | undefined {
	if (item.source !== 'listing') return undefined;
	if (!sourceOf(item, options)) return { why: 'no-rate' };
	const arrives = addDays(options.today, item.listing.arrivesInDays);
	return latest !== undefined && arrives > latest ? { why: 'late', arrives } : undefined;
}

/** A thing that could be worn, with the elements that it could answer. */
interface Wearable {
	offer: WorthyOffer;
	answers: { element: Element; earned: number }[];
}

/** The ways in which a thing can be worn in a look: by itself for each element, and for all that it covers at once. */
function waysOf(
	{ offer, answers }: Wearable,
	open: readonly Element[],
	keptGarments: readonly Garment[],
	options: PlanOptions
): BudgetOption[] {
	const { key, item, title, garment } = offer;
	const source = sourceOf(item, options);
	if (!source) return [];
	const base = { key, title, source, ...seenOf(garment) };
	const alone = answers
		.filter(({ element }) => !spans(element, garment))
		.map(({ element, earned }) => ({ ...base, elementIds: [element.id], blocks: [], earned }));
	// What covers more than is asked, as a dress does a skirt, answers all that it covers, and nothing else is worn there.
	const atOnce = answeredAtOnce(answers.filter(({ element }) => spans(element, garment)));
	if (atOnce.length === 0 || keptGarments.some((other) => garmentsMeet(other, garment))) return alone;
	return [
		...alone,
		{
			...base,
			elementIds: atOnce.map(({ element }) => element.id),
			blocks: open.filter((element) => garmentsMeet(element.garment, garment)).map(({ id }) => id),
			earned: atOnce.reduce((sum, one) => sum + one.earned, 0)
		}
	];
}

/** One echo as a look of the problem. */
function lookOf(
	{ echo, reference, client, pieces, market, fitNotes, event }: PlannedEcho,
	options: PlanOptions
) {
	const kept = echo.matches.filter(
		({ pinned, state, byHand }) => pinned || state !== 'items' || (options.keepChosen === true && byHand)
	);
	const settled = new Set(kept.flatMap(({ elementIds }) => elementIds));
	const open = reference.elements.filter(({ id }) => !settled.has(id));
	const scoring = scoringOf(reference, echo.schools, client);
	const score = scoreLook(reference, wornIn({ matches: kept }, pieces), scoring);
	const { offers } = candidatesFor({
		reference,
		client,
		pieces,
		market,
		fitNotes,
		scoring,
		seenOn: options.today
	});
	const clashes = clashesFor(client);
	const stays = clashes ? wornPieces({ matches: kept, extras: echo.extras }, pieces) : [];
	const keptItems = kept.flatMap(({ items }) => items);
	const staying = [...keptItems, ...echo.extras.map(({ item }) => item)];
	const latest = event && latestArrival(event.date);

	const passedOver: PassedOver[] = [];
	const wearables = new Map<string, Wearable>();
	const spares: [string, Item[]][] = [];
	for (const element of open) {
		const forSale: Item[] = [];
		spares.push([thingKey(echo.id, element.id), forSale]);
		for (const offer of offers(element.id)) {
			const { key, item, title, earned } = offer;
			if (earned <= 0 || staying.some((other) => sameThing(other, item))) continue;
			if (clashesWith(clashes, stays, asWorn(offer))) continue;
			const reason = whyNot(item, latest, options);
			if (reason) {
				passedOver.push({ lookId: echo.id, elementId: element.id, title, ...reason });
				continue;
			}
			if (item.source === 'listing') forSale.push(item);
			const before = wearables.get(key);
			if (before) before.answers.push({ element, earned });
			else wearables.set(key, { offer, answers: [{ element, earned }] });
		}
	}
	const apart = keptApartAmong(
		clashes,
		[...wearables.values()].map(({ offer }) => offer)
	);
	const keptGarments = keptItems.flatMap((item) => resolveItem(item, pieces)?.garment ?? []);
	const limit =
		options.byLook && echo.spendLimit && converted(echo.spendLimit, options.currency, options.rates);
	const look: BudgetLook = {
		id: echo.id,
		title: echo.title,
		settled: score.elements.reduce((sum, { earned }) => sum + earned, 0),
		options: [
			...stayingOptions(staying, pieces, options),
			...[...wearables.values()].flatMap((one) =>
				waysOf(one, open, keptGarments, options).map((way): BudgetOption => {
					const others = apart.get(way.key);
					return others ? { ...way, apart: others } : way;
				})
			)
		],
		...(limit && { budgetMinor: limit.amountMinor }),
		...(echo.schools.metals === 'match-all' && { oneMetal: true }),
		...(echo.schools.boldness === 'one-statement' && { mostStatements: 1 })
	};
	const things = [...wearables].map(
		([key, { offer }]) => [thingKey(echo.id, key), { item: offer.item, garment: offer.garment }] as const
	);
	const shops = [...staying, ...things.map(([, { item }]) => item)].flatMap((item) =>
		item.source === 'listing' ? [item.shop] : []
	);
	return { look, kept, things, shops, passedOver, spares };
}

/**
 * Echoes as one problem: for each, what its client can wear of their own, what it could become, and what is for sale within
 * their limits and size and there in time; with the wishes of each echo's schools and its own limit of spending.
 */
export function planOf(echoes: readonly PlannedEcho[], options: PlanOptions): Planned {
	const looks = echoes.map((one) => lookOf(one, options));
	const shops = new Map(looks.flatMap((one) => one.shops.map((shop) => [shop.id, shop])));
	return {
		problem: {
			looks: looks.map(({ look }) => look),
			shops: [...shops.values()].flatMap((shop) => shopOf(shop, options) ?? []),
			...(options.budgetMinor !== undefined && { budgetMinor: options.budgetMinor })
		},
		passedOver: looks.flatMap((one) => one.passedOver),
		things: new Map(looks.flatMap((one) => one.things)),
		kept: new Map(looks.map(({ look, kept }) => [look.id, kept])),
		spares: new Map(looks.flatMap((one) => one.spares))
	};
}

/** The matches of an echo with what was chosen for it, as they are stored: what stays, and what is worn or bought besides. */
export function plannedMatches(
	{ things, kept, spares }: Pick<Planned, 'things' | 'kept' | 'spares'>,
	{ echo, reference: { elements } }: Pick<PlannedEcho, 'echo' | 'reference'>,
	chosen: readonly BudgetOption[],
	newId: () => string
): Match[] {
	const matches = chosen
		.flatMap(({ key, elementIds }) => elementIds.map((elementId) => ({ key, elementId })))
		.reduce<Match[]>(
			(all, { key, elementId }) => {
				const thing = things.get(thingKey(echo.id, key));
				const element = elements.find(({ id }) => id === elementId);
				const bought = thing?.item.source === 'listing';
				const backups = bought ? (spares.get(thingKey(echo.id, elementId)) ?? []) : [];
				const others = backups.filter((item) => !chosen.some((one) => one.key === keyOfItem(item)));
				return thing && element
					? chooseUnasked(
							all,
							echo.matches,
							elements,
							{ element, ...thing, backups: others.slice(0, mostBackups) },
							newId
						)
					: all;
			},
			[...(kept.get(echo.id) ?? [])]
		);
	return matches.map((match) => matchSchema.parse(match));
}
