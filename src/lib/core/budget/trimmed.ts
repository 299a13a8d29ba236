/** Options that no best choice needs, left out before solving: what is left is a fraction in practice. */
import type { BudgetLook, BudgetOption, BudgetProblem, BudgetShop } from './problem';

const placesOf = ({ elementIds, blocks }: BudgetOption) => [...new Set([...elementIds, ...blocks])];
const partsOf = ({ source }: BudgetOption) =>
	source.kind === 'owned' ? source.parts.map((part) => `${source.pieceId} ${part}`) : [];

/** How many of a list contain each key. */
function counted<T>(all: readonly T[], keysOf: (one: T) => readonly string[]): Map<string, number> {
	const counts = new Map<string, number>();
	for (const one of all) for (const key of keysOf(one)) counts.set(key, (counts.get(key) ?? 0) + 1);
	return counts;
}

/** Could one option always be worn in place of another, as far as the look is concerned? */
function standsIn(instead: BudgetOption, option: BudgetOption): boolean {
	const places = placesOf(option);
	return (
		instead !== option &&
		instead.earned >= option.earned &&
		placesOf(instead).every((place) => places.includes(place)) &&
		(instead.metal === undefined || instead.metal === option.metal) &&
		(!instead.isStatement || option.isStatement === true) &&
		(instead.apart ?? []).every((key) => option.apart?.includes(key))
	);
}

/** What else hangs on an option: its parts or its listing, by one key each. */
const thingsOf = (option: BudgetOption) =>
	option.source.kind === 'listing' ? [option.source.listingId] : partsOf(option);

/** How much more than the price of what it stands in for may a thing come to, at the worst: its own parcel, and a parcel that was free. */
function extraPostage(
	instead: BudgetOption,
	option: BudgetOption,
	shops: ReadonlyMap<string, BudgetShop>
): number {
	const shopOf = ({ source }: BudgetOption) =>
		source.kind === 'listing' ? shops.get(source.shopId) : undefined;
	const [own, other] = [shopOf(instead), shopOf(option)];
	const isSame = own?.id === other?.id;
	return (
		(isSame ? 0 : (own?.postageMinor ?? 0)) + (other?.freeFromMinor === undefined ? 0 : other.postageMinor)
	);
}

const priceOf = ({ source }: BudgetOption) => (source.kind === 'listing' ? source.priceMinor : 0);

/** Does one thing never cost more than another, whatever else is bought? */
function isNeverDearer(
	instead: BudgetOption,
	option: BudgetOption,
	shops: ReadonlyMap<string, BudgetShop>
): boolean {
	const [price, other] = [priceOf(instead), priceOf(option)];
	if (instead.source.kind === 'owned') return true;
	if (option.source.kind === 'owned') return false;
	const isSameParcel = instead.source.shopId === option.source.shopId && price === other;
	return isSameParcel || price + extraPostage(instead, option, shops) <= other;
}

/**
 * The options of a look without those that another could always stand in for: one that earns as much in the same place, never costs
 * more, and answers nothing else in this look, so that it is free. A thing that other looks want, too, is only left out for an owned one.
 */
function withoutReplaceable(
	look: BudgetLook,
	problem: BudgetProblem,
	shops: ReadonlyMap<string, BudgetShop>
): BudgetOption[] {
	const inLooks = counted(
		problem.looks.flatMap(({ options }) => [...new Set(options.flatMap(thingsOf))]),
		(thing) => [thing]
	);
	/** Things of which every way of wearing them in this look is for the very same place. */
	const places = new Map<string, string | undefined>();
	for (const option of look.options) {
		const place = placesOf(option).join();
		for (const thing of thingsOf(option))
			places.set(thing, !places.has(thing) || places.get(thing) === place ? place : undefined);
	}
	const isFree = (option: BudgetOption) => thingsOf(option).every((thing) => places.get(thing) !== undefined);
	const byPlace = new Map<string, BudgetOption[]>();
	for (const option of look.options.filter(isFree)) {
		const place = placesOf(option)[0] ?? '';
		byPlace.set(place, [...(byPlace.get(place) ?? []), option]);
	}
	const isOnlyHere = (option: BudgetOption) =>
		option.source.kind === 'owned' || inLooks.get(option.source.listingId) === 1;
	/** A part of a set may be paid for by another part: it is not replaced by what costs less. */
	const isAlone = (option: BudgetOption) =>
		option.source.kind === 'owned' || option.source.parts === undefined || isFree(option);
	const replaces = (instead: BudgetOption, option: BudgetOption) =>
		standsIn(instead, option) &&
		(instead.source.kind === 'owned' || (isOnlyHere(option) && isAlone(option))) &&
		isNeverDearer(instead, option, shops);
	const placeIn = new Map(look.options.map((option, i) => [option, i]));
	const isReplaceable = (option: BudgetOption) =>
		placesOf(option)
			.flatMap((place) => byPlace.get(place) ?? [])
			.some(
				(instead) =>
					replaces(instead, option) &&
					// Of two that could stand in for each other the first is kept.
					((placeIn.get(instead) ?? 0) < (placeIn.get(option) ?? 0) ||
						!(isFree(option) && replaces(option, instead)))
			);
	return look.options.filter((option) => option.isPinned === true || !isReplaceable(option));
}

/** The same problem without options that no best choice needs. */
export function trimmed(problem: BudgetProblem): BudgetProblem {
	const shops = new Map(problem.shops.map((shop) => [shop.id, shop]));
	return {
		...problem,
		looks: problem.looks.map((look) => ({ ...look, options: withoutReplaceable(look, problem, shops) }))
	};
}
