/** What a day makes of the stock: prices by the calendar of markdowns and codes, sizes that sell down and come again. */
import {
	addDays,
	daysBetween,
	landedPrice,
	type Day,
	type Listing,
	type Money,
	type Reduction
} from '../../core';
import type { SimulatedShop } from './shops';
import { sizesOf, titleOf, type Selling, type Stocked } from './stock';

/** The first day of the simulated calendar; days before it count backwards. */
const firstDay: Day = '2020-01-01';
/** The number of a day in the simulated calendar. */
export const dayNumberOf = (day: Day) => daysBetween(firstDay, day);
const modulo = (value: number, by: number) => ((value % by) + by) % by;

/** How many of a size there are on a day, counted from the first of the calendar, and in how many days there is a delivery. */
function stockAt({ delivered, lastsDays, everyDays, phase }: Selling, dayNumber: number) {
	const since = modulo(dayNumber + phase, everyDays);
	return { inStock: Math.max(0, delivered - Math.floor(since / lastsDays)), untilNext: everyDays - since };
}

function sizesOn(stocked: Stocked, day: Day): Listing['sizes'] {
	const dayNumber = dayNumberOf(day);
	return sizesOf(stocked).map((selling) => {
		const { inStock, untilNext } = stockAt(selling, dayNumber);
		const { label } = selling;
		// What is second-hand does not come twice, as far as the shop can tell.
		return inStock > 0 || stocked.source.shop.secondHand
			? { label, inStock }
			: { label, inStock, again: addDays(day, untilNext) };
	});
}

const monthAndDay = (day: Day) => day.slice(5);

/** What is taken off a shop's prices on a day; undefined where nothing is. */
export function reductionOn({ sales, code }: SimulatedShop, day: Day): Omit<Reduction, 'usual'> | undefined {
	const sale = sales.find(({ from, to }) => monthAndDay(day) >= from && monthAndDay(day) <= to);
	const hasCode = code !== undefined && Number(day.slice(8)) <= code.toDayOfMonth;
	if (!sale && !hasCode) return undefined;
	const ends = [
		...(sale ? [`${day.slice(0, 4)}-${sale.to}`] : []),
		...(hasCode ? [`${day.slice(0, 8)}${String(code.toDayOfMonth).padStart(2, '0')}`] : [])
	].sort();
	return {
		...(sale && { markdown: sale.share }),
		...(hasCode && { code: { word: code.word, share: code.share } }),
		until: ends[0]
	};
}

/** What a thing costs on a day, in its shop's currency. */
export function priceOn({ source, usualMinor }: Stocked, day: Day): Money {
	const usual = { amountMinor: usualMinor, currency: source.shop.postage.flat.currency };
	const reduction = reductionOn(source, day);
	return reduction ? landedPrice(usual, reduction).total : usual;
}

/** Is any size of it in stock on a day? With labels of its shop only those count; what has no size always does. */
export function isInStock(stocked: Stocked, dayNumber: number, labels?: readonly string[]): boolean {
	return sizesOf(stocked).some(
		(selling) =>
			(labels === undefined || labels.includes(selling.label)) && stockAt(selling, dayNumber).inStock > 0
	);
}
/** A thing of the stock as its shop lists it on a day. The same stock and day give the same listing. */
export function onDay(stock: readonly Stocked[], stocked: Stocked, day: Day): Listing {
	const { id, source, garment, condition, arrivesInDays, colour, colourways, usualMinor } = stocked;
	const usual = { amountMinor: usualMinor, currency: source.shop.postage.flat.currency };
	const reduction = reductionOn(source, day);
	const dayNumber = dayNumberOf(day);
	const others = colourways.flatMap((at) => {
		const other = stock[at];
		return other && other.id !== id && other.colour !== undefined
			? [{ listingId: other.id, colour: other.colour, isInStock: isInStock(other, dayNumber) }]
			: [];
	});
	const separates = (stocked.separates ?? []).flatMap((at) => {
		const other = stock[at];
		return other && other.id !== id ? [{ listingId: other.id, title: titleOf(other) }] : [];
	});
	return {
		id,
		shopId: source.shop.id,
		title: titleOf(stocked),
		garment,
		price: priceOn(stocked, day),
		...(reduction && { reduced: { usual, ...reduction } }),
		...(colour !== undefined && { colour }),
		...(others.length > 0 && { alsoIn: others }),
		...(separates.length > 0 && { soldWith: separates }),
		tier: source.tier,
		condition,
		sizes: sizesOn(stocked, day),
		arrivesInDays
	};
}
