/** Whole outfits from a rail, built outward from one to three pieces. */
import { statesOf, type LayerState } from '../body/layers';
import { mayWear } from '../checks/bars';
import type { SlotId } from '../lexicon/slots';
import { slotsMeet } from '../lexicon/slots';
import { sameOwned, type OwnedOption } from '../matching/items';
import {
	leadPoints,
	noTally,
	ownWorth,
	remembering,
	slotOf,
	tallied,
	wholePoints,
	worthOfOutfit,
	type OutfitAsk,
	type Tally,
	type Worth
} from './worth';

export interface Outfit extends Worth {
	/** What is worn, the anchors first. */
	options: OwnedOption[];
	states: LayerState[];
}

/** Places that are filled after the large ones, each by one thing or none. */
const finishing: readonly (readonly SlotId[])[] = [['bag'], ['ears'], ['neck'], ['waist'], ['scarf']];
/** What dresses a body: a one-piece, a suit with something under it, or a top with a bottom; then shoes. */
const bases: readonly (readonly SlotId[])[] = [['whole'], ['drape', 'top'], ['suit', 'top'], ['top', 'legs']];

const partOf = ({ item }: OwnedOption) => `${item.pieceId} ${item.partId}`;
/** Worn at will: jackets and cardigans over anything, coats where it is cold. */
const coldC = 13;

/** The places still to be filled, each with what could fill it; a place that may stay empty says so. */
interface Place {
	choices: readonly OwnedOption[];
	optional: boolean;
}

function placesOf(
	ask: OutfitAsk,
	base: readonly SlotId[],
	rail: readonly OwnedOption[]
): Place[] | undefined {
	const taken = ask.anchors.map(slotOf);
	const of = (...wanted: SlotId[]) => rail.filter((option) => wanted.includes(slotOf(option)));
	const place = (wanted: readonly SlotId[], optional: boolean): Place[] =>
		wanted.some((slot) => taken.includes(slot)) ? [] : [{ choices: of(...wanted), optional }];
	// An anchor that covers what the base covers stands in its place; one that has nothing to do with it rules it out.
	const dressed = taken.filter((slot) => ['whole', 'suit', 'drape', 'top', 'legs'].includes(slot));
	if (!dressed.every((slot) => base.includes(slot))) return undefined;
	const airC = ask.context?.event?.weather?.airC;
	const cold = airC !== undefined && airC < coldC && ask.context?.event?.setting !== 'indoors';
	const places = [
		...base.flatMap((slot) => place([slot], false)),
		...place(['feet'], false),
		...(base.includes('suit') ? [] : place(['layer'], true)),
		...(cold ? place(['outer'], false) : taken.includes('outer') ? [] : [])
	];
	return places.every(({ choices, optional }) => optional || choices.length > 0) ? places : undefined;
}

/** Up to this many ways of dressing, finishing touches and all, every one is weighed; beyond it, the most promising. */
const weighAllUpTo = 700;
const beamWidth = 90;
/** As many laid out as the eye looks at. */
const looksAt = 60;

const fits = (options: readonly OwnedOption[], next: OwnedOption) =>
	options.every(
		(other) =>
			!sameOwned(other.item, next.item) &&
			(!slotsMeet(slotOf(other), slotOf(next)) || layersOver(slotOf(other), slotOf(next)))
	);
/** A layer goes over another kind of layer: a jacket under a coat, a suit under a coat, a drape over its top. */
const layersOver = (a: SlotId, b: SlotId) =>
	[a, b].includes('outer') ? a !== b : [a, b].includes('drape') && [a, b].includes('top');

interface Laid {
	options: OwnedOption[];
	/** How its things go together. */
	tally: Tally;
	/** What else speaks for it, thing by thing. */
	rest: number;
}
const promiseOf = ({ tally, rest }: Laid) => tally.points + rest;
/** What is laid out, with one thing more. */
type With = (laid: Laid, option: OwnedOption) => Laid;

/** Fills places one after the other, keeping the most promising ways. */
function laidOut(start: readonly Laid[], places: readonly Place[], width: number, withOne: With): Laid[] {
	let laid = [...start];
	for (const { choices, optional } of places) {
		const next = laid.flatMap((one) => [
			...choices.filter((option) => fits(one.options, option)).map((option) => withOne(one, option)),
			...(optional ? [one] : [])
		]);
		laid = next.length > width ? next.sort((a, b) => promiseOf(b) - promiseOf(a)).slice(0, width) : next;
	}
	return laid;
}

const waysOf = (places: readonly Place[]) =>
	places.reduce((product, { choices, optional }) => product * (choices.length + (optional ? 1 : 0)), 1);

/** Finishes what is laid out: in each small place what promises most, where it promises anything. */
const finished = (laid: Laid, places: readonly Place[], withOne: With): Laid =>
	places.reduce(
		(before, { choices }) =>
			choices
				.filter((option) => fits(before.options, option))
				.map((option) => withOne(before, option))
				.reduce((best, one) => (promiseOf(one) > promiseOf(best) ? one : best), before),
		laid
	);

const largeSlots: readonly SlotId[] = ['top', 'legs', 'whole', 'suit', 'drape', 'layer', 'outer'];
/** What of an outfit is seen from afar, anchors apart. */
const outlineOf = (options: readonly OwnedOption[], anchors: readonly OwnedOption[]) =>
	options
		.filter((option) => !anchors.includes(option) && largeSlots.includes(slotOf(option)))
		.map(partOf)
		.sort()
		.join();

/** Of many laid out, the most promising, a few of each outline: so that what is unlike is looked at, too. */
function mostPromising(laid: readonly Laid[], anchors: readonly OwnedOption[]): Laid[] {
	const perOutline = new Map<string, number>();
	return [...laid]
		.sort((a, b) => promiseOf(b) - promiseOf(a))
		.filter(({ options }) => {
			const outline = outlineOf(options, anchors);
			const before = perOutline.get(outline) ?? 0;
			perOutline.set(outline, before + 1);
			return before < 2;
		})
		.slice(0, looksAt);
}

/** What each thing that is worn again costs, so that outfits differ. */
const againCosts = 0.7;

/** Of outfits in the order of their worth, those that are unlike each other in something large. */
function unlike(outfits: readonly Outfit[], anchors: readonly OwnedOption[], howMany: number): Outfit[] {
	const left = [...outfits];
	const chosen: Outfit[] = [];
	const outlines = new Set<string>();
	const used = new Map<string, number>();
	while (chosen.length < howMany && left.length > 0) {
		const worthOf = ({ options, points }: Outfit) =>
			points -
			againCosts *
				options
					.filter((one) => !anchors.includes(one))
					.reduce((sum, one) => sum + (used.get(partOf(one)) ?? 0), 0);
		const at = left.reduce((best, one, i) => (worthOf(one) > worthOf(left[best] ?? one) ? i : best), 0);
		const [next] = left.splice(at, 1);
		if (!next) break;
		const outline = outlineOf(next.options, anchors);
		if (outlines.has(outline)) continue;
		outlines.add(outline);
		for (const option of next.options) used.set(partOf(option), (used.get(partOf(option)) ?? 0) + 1);
		chosen.push(next);
	}
	return chosen;
}

/** By how many levels a piece may be dressier or plainer than asked. */
const dressinessSpread = 1.3;

/**
 * So many whole outfits from a rail in which the anchors are worn: clothes, shoes, a layer, bag and jewellery, none of which the
 * eye warns of, unlike each other in something large, the best first. Fewer where the rail has no more.
 *
 * Where there are few ways to fill the large places all are weighed; else a beam search on how pairs go together lays out the most
 * promising, and the eye looks at those.
 */
export function outfitsFrom(ask: OutfitAsk): Outfit[] {
	const { anchors, context = {}, howMany, dressiness } = ask;
	// What cannot be worn together goes into no outfit.
	if (!anchors.every((anchor, i) => fits(anchors.slice(0, i), anchor))) return [];
	const remembered = remembering();
	const client = context.client;
	const rail = ask.rail.filter((option) => {
		if (anchors.some((anchor) => sameOwned(anchor.item, option.item))) return false;
		if (client && !mayWear(client, option)) return false;
		const { formality } = remembered.facts(option);
		return (
			dressiness === undefined ||
			formality === undefined ||
			Math.abs(formality - dressiness) <= dressinessSpread
		);
	});
	const own = new Map<OwnedOption, number>();
	const byItself = (option: OwnedOption): number => {
		let worth = own.get(option);
		if (worth === undefined)
			own.set(option, (worth = ownWorth(option, ask) + leadPoints([remembered.facts(option)], ask.lead)));
		return worth;
	};
	const withOne: With = ({ options, tally, rest }, option) => ({
		options: [...options, option],
		tally: tallied(tally, option, options, remembered),
		rest: rest + byItself(option) + wholePoints([...options, option]) - wholePoints(options)
	});
	const ends = finishing.map((slots) => ({
		choices: rail.filter((option) => slots.includes(slotOf(option))),
		optional: true
	}));
	const start: Laid = { options: [...anchors], tally: noTally, rest: 0 };
	const laid = bases.flatMap((base): Laid[] => {
		const places = placesOf(ask, base, rail);
		if (!places) return [];
		const all = [...places, ...ends];
		if (waysOf(all) <= weighAllUpTo) return laidOut([start], all, Infinity, withOne);
		return laidOut([start], places, beamWidth, withOne).map((one) => finished(one, ends, withOne));
	});
	const seen = new Set<string>();
	const distinct = laid.filter(({ options }) => {
		const key = options.map(partOf).sort().join();
		return !seen.has(key) && seen.add(key);
	});
	const outfits = (distinct.length > weighAllUpTo ? mostPromising(distinct, anchors) : distinct).flatMap(
		({ options }): Outfit[] => {
			const worth = worthOfOutfit(options, ask, remembered);
			return worth ? [{ options, ...worth, states: statesOf(options) }] : [];
		}
	);
	return unlike(
		outfits.sort((a, b) => b.points - a.points),
		anchors,
		howMany
	);
}
