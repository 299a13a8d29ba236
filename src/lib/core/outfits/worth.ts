/** What an outfit is worth: the measure by which outfits are chosen. */
import { checkLook } from '../checks/check-look';
import { factsOf, type PieceFacts } from '../checks/facts';
import type { CheckContext, CheckedPiece, Finding } from '../checks/model';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { OwnedOption } from '../matching/items';
import { together, type Together } from './together';
import { wornOption } from '../matching/worn-option';

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
	/** Do the anchors lead, with all else quiet, or are they quiet, with something else to look at? */
	lead?: 'leading' | 'quiet';
	/** How much a piece should be worn at last, 0 to 1: unworn pieces go before equals. */
	unworn?: (option: OwnedOption) => number;
}

export interface Worth {
	/** Praise less hints, and how well things go together. Only comparable within one ask. */
	points: number;
	/** The two that make it, in words. */
	reasons: string[];
	findings: Finding[];
}

/** Points for what the eye says, for being whole, and for who leads. */
const worths = {
	praise: 1,
	hint: -1,
	unworn: 0.6,
	layer: 0.25,
	finish: 0.15,
	touchTooMany: -1.4,
	louderThanLeader: -1.6,
	leadsForQuiet: 1.2
} as const;
/** What returns is worth most the first time, little the second, and nothing more after that: all matching looks like a set. */
const returns = [1, 0.4] as const;

export const slotOf = ({ garment }: OwnedOption): SlotId => garmentType(garment.type).slot;

const asWorn = (options: readonly OwnedOption[]): CheckedPiece[] =>
	options.map((option, i) => wornOption(option, `${option.item.partId} ${i}`));

/** What is remembered of options while outfits are built from them: facts, and how two go together. */
export interface Remembered {
	facts: (option: OwnedOption) => PieceFacts;
	together: (one: OwnedOption, other: OwnedOption) => Together;
}

export function remembering(): Remembered {
	const known = new Map<OwnedOption, PieceFacts>();
	const pairs = new Map<OwnedOption, Map<OwnedOption, Together>>();
	const facts = (option: OwnedOption): PieceFacts => {
		let found = known.get(option);
		if (!found) {
			[found] = factsOf(asWorn([option]), {}).pieces as [PieceFacts];
			known.set(option, found);
		}
		return found;
	};
	return {
		facts,
		together(one, other) {
			let ofOne = pairs.get(one);
			if (!ofOne) pairs.set(one, (ofOne = new Map<OwnedOption, Together>()));
			let found = ofOne.get(other);
			if (!found) ofOne.set(other, (found = together(facts(one), facts(other))));
			return found;
		}
	};
}

/** How the things of an outfit go together so far: points, and how often each reason was told. */
export interface Tally {
	points: number;
	told: Readonly<Record<string, number>>;
}
export const noTally: Tally = { points: 0, told: {} };

/** The tally with one thing more. */
export function tallied(
	tally: Tally,
	next: OwnedOption,
	others: readonly OwnedOption[],
	remembered: Remembered
): Tally {
	let { points } = tally;
	const told: Record<string, number> = { ...tally.told };
	for (const other of others) {
		const pair = remembered.together(other, next);
		points += pair.points;
		for (const reason of pair.reasons) {
			const times = told[reason.words] ?? 0;
			told[reason.words] = times + 1;
			points -= reason.points * (1 - (returns[times] ?? 0));
		}
	}
	return { points, told };
}

/** Rules that speak of one thing, whatever it is worn with. */
const ofOneThing = ['client-metals', 'too-bold'];
/** What a thing is worth by itself, whatever it is worn with: what the eye has against it, and that it should be worn at last. */
export const ownWorth = (
	option: OwnedOption,
	{ context = {}, unworn }: Pick<OutfitAsk, 'context' | 'unworn'>
) =>
	checkLook(asWorn([option]), context, { only: ofOneThing }).length * worths.hint +
	worths.unworn * (unworn?.(option) ?? 0);

/** Jewellery, belts and scarves beside the first two are too much of it (a habit: take one thing off). */
const touches: readonly SlotId[] = ['ears', 'neck', 'waist', 'scarf'];
const touchesAtMost = 2;
/** That an outfit is whole: layers, a bag, a touch or two. */
export function wholePoints(options: readonly OwnedOption[]): number {
	const worn = options.map(slotOf);
	const layers = worn.filter((slot) => slot === 'layer' || slot === 'outer').length;
	const bags = worn.filter((slot) => slot === 'bag').length;
	const touching = worn.filter((slot) => touches.includes(slot)).length;
	const enough = Math.min(touchesAtMost, touching);
	return layers * worths.layer + (bags + enough) * worths.finish + (touching - enough) * worths.touchTooMany;
}

/** Does it take the eye? */
const isLoud = ({ statement, strong }: PieceFacts) => statement || strong;
/** What things that are worn with the anchors are worth by who is to lead; of several that lead for a quiet one, one counts. */
export function leadPoints(others: readonly PieceFacts[], lead: OutfitAsk['lead']): number {
	const loud = others.filter(isLoud).length;
	if (lead === 'leading') return loud * worths.louderThanLeader;
	return lead === 'quiet' && loud > 0 ? worths.leadsForQuiet : 0;
}

/** Findings that are of the client's things and not of the outfit: they are told, and count for nothing here. */
const notOfOutfit = ['prepare', 'spending'];

/**
 * What an outfit is worth, or undefined where the eye warns of it: praise less hints, how its pairs go together, what is unworn at
 * last, who leads, and being whole.
 */
export function worthOfOutfit(
	options: readonly OwnedOption[],
	ask: Pick<OutfitAsk, 'context' | 'unworn' | 'lead'> & Partial<Pick<OutfitAsk, 'anchors'>>,
	remembered: Remembered = remembering()
): Worth | undefined {
	const { context = {}, unworn, lead, anchors = [] } = ask;
	const findings = checkLook(asWorn(options), context);
	const ofOutfit = findings.filter(({ rule }) => !notOfOutfit.includes(rule));
	if (ofOutfit.some(({ severity }) => severity === 'warning')) return undefined;
	const praises = ofOutfit.filter(({ severity }) => severity === 'praise');
	const hints = ofOutfit.filter(({ severity }) => severity === 'hint');
	const tally = options.reduce(
		(sum, option, i) => tallied(sum, option, options.slice(0, i), remembered),
		noTally
	);
	const others = options.filter((option) => !anchors.includes(option));
	const points =
		praises.length * worths.praise +
		hints.length * worths.hint +
		tally.points +
		leadPoints(others.map(remembered.facts), lead) +
		wholePoints(options) +
		options.reduce((sum, option) => sum + worths.unworn * (unworn?.(option) ?? 0), 0);
	const pairs = options.flatMap((one, i) =>
		options.slice(i + 1).flatMap((other) => remembered.together(one, other).reasons)
	);
	const told = [
		...praises.map(({ measured }) => ({ points: worths.praise, words: measured })),
		...pairs
	].sort((a, b) => b.points - a.points);
	const reasons = [...new Set(told.map(({ words }) => words))].slice(0, 2);
	return { points, reasons, findings };
}
