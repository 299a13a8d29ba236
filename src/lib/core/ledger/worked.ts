/** What worked, from the studio's own records only: substitutions by kind, shops by fit and returns, money by client and event. */
import { mean } from 'simple-statistics';
import { facetValue } from '../lexicon/facets';
import { garmentTypes } from '../lexicon/taxonomy';
import type { Money } from '../model/basics';
import type { Echo } from '../model/echo';
import type { Judgement } from '../model/judgement';
import type { FitNote } from '../model/fit-note';
import type { Order } from '../model/order';
import { orderMoney } from '../orders/money';
import { converted, type Rates } from '../money/spend';

type Frozen = NonNullable<Judgement['worn'][number]['garment']>;

/** A kind of substitution: "blazer for dinner jacket", "satin for silk". */
export interface Substitution {
	kind: 'type' | 'material' | 'metal';
	worn: string;
	asked: string;
	times: number;
	/** Mean of the ratings of looks and pieces in which it was made, 0..100. */
	rating: number;
	/** By how many points that is above the studio's mean of the same ratings. */
	above: number;
}

const typeNames: ReadonlyMap<string, string> = new Map(
	garmentTypes.map(({ id, singular }) => [id, singular])
);
const said = (garment: Frozen, kind: Substitution['kind']): string | undefined =>
	kind === 'type'
		? (typeNames.get(garment.type) ?? garment.type)
		: kind === 'metal'
			? garment.metal?.value
			: garment.facets.material &&
				(facetValue('material', garment.facets.material.value)?.label ?? undefined);

/** The rating of what was worn for elements: of the piece where it was given, else of the look. */
function ratingOf({ verdict }: Judgement, elementIds: readonly string[]): number {
	const own = verdict.pieces.find(
		({ elementId, likeness }) => elementIds.includes(elementId) && likeness !== undefined
	);
	return own?.likeness ?? verdict.ownRating;
}

/** Substitutions that were made and rated, the most frequent first. One judgement counts each once. */
export function substitutionsOf(echoes: readonly Pick<Echo, 'judgements'>[]): Substitution[] {
	const found = new Map<
		string,
		{ kind: Substitution['kind']; worn: string; asked: string; ratings: number[] }
	>();
	const all: number[] = [];
	for (const judgement of echoes.flatMap(({ judgements }) => judgements)) {
		const here = new Set<string>();
		for (const { elementIds, garment } of judgement.worn) {
			const element = judgement.reference.elements.find(({ id }) => elementIds.includes(id));
			if (!element || !garment) continue;
			const rating = ratingOf(judgement, elementIds);
			all.push(rating);
			for (const kind of ['type', 'material', 'metal'] as const) {
				const [worn, asked] = [said(garment, kind), said(element.garment, kind)];
				if (worn === undefined || asked === undefined || worn === asked) continue;
				const key = `${kind} ${worn} ${asked}`;
				if (here.has(key)) continue;
				here.add(key);
				const entry = found.get(key) ?? { kind, worn, asked, ratings: [] };
				entry.ratings.push(rating);
				found.set(key, entry);
			}
		}
	}
	const usual = all.length > 0 ? mean(all) : 0;
	return [...found.values()]
		.map(({ ratings, ...rest }) => ({
			...rest,
			times: ratings.length,
			rating: mean(ratings),
			above: mean(ratings) - usual
		}))
		.sort((a, b) => b.times - a.times || b.rating - a.rating);
}

/** A shop as it proved itself. */
export interface ShopRecord {
	shop: string;
	/** Things that were ordered and not cancelled, kept, and sent back. */
	ordered: number;
	kept: number;
	sentBack: number;
	/** Sizes that were tried, and those that were right. */
	tried: number;
	right: number;
}

/** Shops by what was kept and how it fitted, the most ordered from first. */
export function shopsOf(
	orders: readonly Pick<Order, 'shop' | 'lines'>[],
	fitNotes: readonly Pick<FitNote, 'shop' | 'verdict'>[]
): ShopRecord[] {
	const shops = new Map<string, ShopRecord>();
	const recordOf = (shop: string) => {
		const record = shops.get(shop) ?? { shop, ordered: 0, kept: 0, sentBack: 0, tried: 0, right: 0 };
		shops.set(shop, record);
		return record;
	};
	for (const { shop, lines } of orders)
		for (const { state } of lines) {
			if (state === 'cancelled') continue;
			const record = recordOf(shop.name);
			record.ordered++;
			if (state === 'kept') record.kept++;
			if (state === 'sent-back' || state === 'refunded') record.sentBack++;
		}
	for (const { shop, verdict } of fitNotes) {
		const record = recordOf(shop);
		record.tried++;
		if (verdict === 'right') record.right++;
	}
	return [...shops.values()].sort((a, b) => b.ordered - a.ordered || b.tried - a.tried);
}

/** What was spent on orders for a client, or for an event. */
export interface SpentOn {
	id: string;
	spent: Money;
	things: number;
}

/**
 * What things that were ordered and not given back cost, by client and by event: a thing for several events is shared evenly
 * between them, to the penny. Postage and what returns cost belong to the parcel and are told with the orders.
 */
export function spentOn(
	orders: readonly Order[],
	echoes: readonly Pick<Echo, 'id' | 'eventId'>[],
	currency: string,
	rates: Rates
): { clients: SpentOn[]; events: SpentOn[] } {
	const eventOf = new Map(echoes.map(({ id, eventId }) => [id, eventId]));
	const clients = new Map<string, SpentOn>();
	const events = new Map<string, SpentOn>();
	const add = (to: Map<string, SpentOn>, id: string, amountMinor: number) => {
		const entry = to.get(id) ?? { id, spent: { amountMinor: 0, currency }, things: 0 };
		entry.spent = { amountMinor: entry.spent.amountMinor + amountMinor, currency };
		entry.things++;
		to.set(id, entry);
	};
	for (const order of orders)
		for (const line of order.lines) {
			if (line.state === 'cancelled' || line.state === 'refunded') continue;
			const { goods } = orderMoney({ ...order, lines: [line] });
			const own = converted(goods, currency, rates);
			if (!own) continue;
			add(clients, line.clientId, own.amountMinor);
			const of = [...new Set(line.echoIds.flatMap((id) => eventOf.get(id) ?? []))];
			of.forEach((id, i) => {
				const each = Math.floor(own.amountMinor / of.length);
				add(events, id, i === 0 ? own.amountMinor - each * (of.length - 1) : each);
			});
		}
	const most = (all: Map<string, SpentOn>) =>
		[...all.values()].sort((a, b) => b.spent.amountMinor - a.spent.amountMinor);
	return { clients: most(clients), events: most(events) };
}
