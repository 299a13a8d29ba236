/** Whole outfits from a rail, built outward from one to three pieces. */
import { statesOf, type LayerState } from '../body/layers';
import { mayWear } from '../checks/bars';
import { checkLook } from '../checks/check-look';
import { factsOf, type PieceFacts } from '../checks/facts';
import type { CheckContext, CheckedPiece, Finding } from '../checks/model';
import type { SlotId } from '../lexicon/slots';
import { slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { sameOwned, type OwnedOption } from '../matching/items';
import { together } from './together';

export interface OutfitAsk {
	/** One to three pieces that are worn in every outfit. */
	anchors: readonly OwnedOption[];
	/** What else there is. */
	rail: readonly OwnedOption[];
	/** For whom and for what; what is not known is not checked. */
	context?: CheckContext;
	/** As many outfits as are wanted. */
	howMany: number;
	/** Dressiness, 0 sport to 5 formal, within which every clothing piece lies by about a level. */
	dressiness?: number;
	/** How much a piece should be worn at last, 0 to 1: unworn pieces go before equals. */
	unworn?: (option: OwnedOption) => number;
}

export interface Outfit {
	/** What is worn, the anchors first. */
	options: OwnedOption[];
	/** Worth: praise less hints, and how well things go together. Only comparable within one ask. */
	points: number;
	/** The two that make it, in words. */
	reasons: string[];
	findings: Finding[];
	states: LayerState[];
}

/** Places that are filled after the large ones, each by one thing or none. */
const finishing: readonly (readonly SlotId[])[] = [['bag'], ['ears'], ['neck'], ['waist'], ['scarf']];
/** What dresses a body: a one-piece, a suit with something under it, or a top with a bottom; then shoes. */
const bases: readonly (readonly SlotId[])[] = [['whole'], ['drape', 'top'], ['suit', 'top'], ['top', 'legs']];

const slotOf = ({ garment }: OwnedOption): SlotId => garmentType(garment.type).slot;
const partOf = ({ item }: OwnedOption) => `${item.pieceId} ${item.partId}`;
/** Worn at will: jackets and cardigans over anything, coats where it is cold. */
const coldC = 13;

/** Points for what the eye says, and for being whole. */
const worths = { praise: 1, hint: -1, unworn: 0.6, layer: 0.25, finish: 0.15 } as const;

const asWorn = (options: readonly OwnedOption[]): CheckedPiece[] =>
	options.map(({ garment, title, piece, item }, i) => ({
		id: `${item.partId} ${i}`,
		title,
		garment,
		moves: [],
		lengthCm: piece.measuresCm.length,
		state: piece.state
	}));

/** Findings that are of the client's things and not of the outfit: they are told, and count for nothing here. */
const notOfOutfit = ['prepare', 'spending'];

type FactsOf = (option: OwnedOption) => PieceFacts;

/** Facts of options, worked out once. */
function remembering(): FactsOf {
	const known = new Map<OwnedOption, PieceFacts>();
	return (option) => {
		const before = known.get(option);
		if (before) return before;
		const [facts] = factsOf(asWorn([option]), {}).pieces as [PieceFacts];
		known.set(option, facts);
		return facts;
	};
}

/** Rules that speak of one thing, whatever it is worn with. */
const ofOneThing = ['client-metals', 'too-bold'];
/** That it should be worn at last. */
const atLast = (option: OwnedOption, { unworn }: Pick<OutfitAsk, 'unworn'>) =>
	worths.unworn * (unworn?.(option) ?? 0);
/** That it makes an outfit whole. */
function placePoints(option: OwnedOption): number {
	const slot = slotOf(option);
	if (slot === 'layer' || slot === 'outer') return worths.layer;
	return finishing.some((slots) => slots.includes(slot)) ? worths.finish : 0;
}

/** How well all pairs of an outfit go together. */
const pairsOf = (options: readonly OwnedOption[], facts: FactsOf) =>
	options.flatMap((one, i) => options.slice(i + 1).map((other) => together(facts(one), facts(other))));

/**
 * What an outfit is worth, or undefined where the eye warns of it: praise less hints, how its pairs go together, what is unworn at
 * last, and being whole. The measure by which outfits are chosen.
 */
export function worthOfOutfit(
	options: readonly OwnedOption[],
	{ context = {}, unworn }: Pick<OutfitAsk, 'context' | 'unworn'>,
	facts: FactsOf = remembering()
): Pick<Outfit, 'points' | 'reasons' | 'findings'> | undefined {
	const findings = checkLook(asWorn(options), context);
	const ofOutfit = findings.filter(({ rule }) => !notOfOutfit.includes(rule));
	if (ofOutfit.some(({ severity }) => severity === 'warning')) return undefined;
	const praises = ofOutfit.filter(({ severity }) => severity === 'praise');
	const hints = ofOutfit.filter(({ severity }) => severity === 'hint');
	const pairs = pairsOf(options, facts);
	const points =
		praises.length * worths.praise +
		hints.length * worths.hint +
		pairs.reduce((sum, pair) => sum + pair.points, 0) +
		options.reduce((sum, option) => sum + atLast(option, { unworn }) + placePoints(option), 0);
	const told = [
		...praises.map(({ measured }) => ({ points: worths.praise, words: measured })),
		...pairs.flatMap(({ reasons }) => reasons)
	].sort((a, b) => b.points - a.points);
	const reasons = [...new Set(told.map(({ words }) => words))].slice(0, 2);
	return { points, reasons, findings };
}

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
	/** What it promises: how its pairs go together, and what of it is unworn. */
	promise: number;
}
type PromiseOf = (option: OwnedOption, others: readonly OwnedOption[]) => number;

/** Fills places one after the other, keeping the most promising ways. */
function laidOut(
	start: readonly Laid[],
	places: readonly Place[],
	width: number,
	promiseOf: PromiseOf
): Laid[] {
	let laid = [...start];
	for (const { choices, optional } of places) {
		const next = laid.flatMap(({ options, promise }) => [
			...choices
				.filter((option) => fits(options, option))
				.map((option) => ({ options: [...options, option], promise: promise + promiseOf(option, options) })),
			...(optional ? [{ options, promise }] : [])
		]);
		laid = next.length > width ? next.sort((a, b) => b.promise - a.promise).slice(0, width) : next;
	}
	return laid;
}

const waysOf = (places: readonly Place[]) =>
	places.reduce((product, { choices, optional }) => product * (choices.length + (optional ? 1 : 0)), 1);

/** Finishes what is laid out: in each small place what promises most, where it promises anything. */
const finished = (laid: Laid, places: readonly Place[], promiseOf: PromiseOf): Laid =>
	places.reduce(({ options, promise }, { choices }) => {
		const tried = choices
			.filter((option) => fits(options, option))
			.map((option) => ({ option, gain: promiseOf(option, options) }));
		const best = tried.reduce<(typeof tried)[number] | undefined>(
			(most, one) => (one.gain > (most?.gain ?? 0) ? one : most),
			undefined
		);
		return best ? { options: [...options, best.option], promise: promise + best.gain } : { options, promise };
	}, laid);

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
		.sort((a, b) => b.promise - a.promise)
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
	const facts = remembering();
	const client = context.client;
	const rail = ask.rail.filter((option) => {
		if (anchors.some((anchor) => sameOwned(anchor.item, option.item))) return false;
		if (client && !mayWear(client, option.garment)) return false;
		const { formality } = facts(option);
		return (
			dressiness === undefined ||
			formality === undefined ||
			Math.abs(formality - dressiness) <= dressinessSpread
		);
	});
	const own = new Map<OwnedOption, number>();
	/** What the eye has against a thing by itself, whatever it is worn with. */
	const ownHints = (option: OwnedOption) => {
		const known = own.get(option);
		if (known !== undefined) return known;
		const hints = checkLook(asWorn([option]), context, { only: ofOneThing }).length * worths.hint;
		own.set(option, hints);
		return hints;
	};
	const promiseOf: PromiseOf = (option, others) =>
		others.reduce((sum, other) => sum + together(facts(option), facts(other)).points, 0) +
		ownHints(option) +
		atLast(option, ask) +
		placePoints(option);
	const ends = finishing.map((slots) => ({
		choices: rail.filter((option) => slots.includes(slotOf(option))),
		optional: true
	}));
	const start: Laid = { options: [...anchors], promise: 0 };
	const laid = bases.flatMap((base): Laid[] => {
		const places = placesOf(ask, base, rail);
		if (!places) return [];
		const all = [...places, ...ends];
		if (waysOf(all) <= weighAllUpTo) return laidOut([start], all, Infinity, promiseOf);
		return laidOut([start], places, beamWidth, promiseOf).map((one) => finished(one, ends, promiseOf));
	});
	const seen = new Set<string>();
	const distinct = laid.filter(({ options }) => {
		const key = options.map(partOf).sort().join();
		return !seen.has(key) && seen.add(key);
	});
	const outfits = (distinct.length > weighAllUpTo ? mostPromising(distinct, anchors) : distinct).flatMap(
		({ options }): Outfit[] => {
			const worth = worthOfOutfit(options, ask, facts);
			return worth ? [{ options, ...worth, states: statesOf(options) }] : [];
		}
	);
	return unlike(
		outfits.sort((a, b) => b.points - a.points),
		anchors,
		howMany
	);
}
