/** One outfit dressed up or down by a step, or taken from day to evening, by two swaps at most. */
import { mayWear } from '../checks/bars';
import { checkLook } from '../checks/check-look';
import { factsOf, type PieceFacts } from '../checks/facts';
import type { CheckContext, CheckedPiece } from '../checks/model';
import type { SlotId } from '../lexicon/slots';
import { sameOwned, type OwnedOption } from '../matching/items';
import { dressinessOf } from './steer';
import { together } from './together';
import { wornOption } from '../matching/worn-option';

export const stepIds = ['up', 'down', 'evening'] as const;
export type StepId = (typeof stepIds)[number];

export interface Swap {
	id: string;
	to: OwnedOption;
}
export interface Step {
	swaps: Swap[];
	worn: CheckedPiece[];
	/** By how many levels it is dressier, below 0 where it is plainer. */
	dressiness: number;
}

export interface StepOptions {
	rail: readonly OwnedOption[];
	context?: CheckContext;
	/** Things that stay as they are. */
	fixed?: readonly string[];
	/** As many ways as are wanted. */
	most?: number;
}

/** Where an evening begins, 0 sport to 5 formal (common practice: cocktail). */
const evening = 4;
/** Day becomes evening by one layer and the shoe, and by what is small. */
const changedForEvening: readonly SlotId[] = [
	'layer',
	'feet',
	'bag',
	'ears',
	'neck',
	'waist',
	'scarf',
	'wrist'
];
/** Less than this, in levels, is no step. */
const leastStep = 0.25;
/** What a second swap weighs against coming nearer to what is wanted, in levels; and how well a thing goes with the rest. */
const weighs = { swap: 0.12, together: 0.06 } as const;
/** As many single swaps as are paired, and as many ways as the eye looks at. */
const [pairsOf, looksAt] = [14, 40];

const factsOfOption = (option: OwnedOption): PieceFacts =>
	factsOf([wornOption(option, '')], {}).pieces[0] as PieceFacts;

/** By how many levels an outfit is to change. */
function wanted(step: StepId, now: number): number {
	if (step === 'up') return 1;
	if (step === 'down') return -1;
	return Math.max(leastStep * 2, evening - now);
}

/**
 * Ways to dress an outfit one level up or down, or for the evening, the best first: one or two swaps from the rail, place for place.
 * None brings a new warning of the eye or a bar of the client; what is fixed stays. Moves of what is swapped go with it.
 */
export function stepsOf(
	worn: readonly CheckedPiece[],
	step: StepId,
	{ rail, context = {}, fixed = [], most = 3 }: StepOptions
): Step[] {
	const now = dressinessOf(worn);
	if (now === undefined) return [];
	const target = wanted(step, now);
	const facts = factsOf(worn, {}).pieces;
	const client = context.client;
	const options = rail.filter(
		(option) =>
			!worn.some(({ garment }) => garment === option.garment) && (!client || mayWear(client, option))
	);
	const known = new Map(options.map((option) => [option, factsOfOption(option)]));
	const replaced = (swaps: readonly Swap[]): CheckedPiece[] =>
		worn.map((one) => {
			const swap = swaps.find(({ id }) => id === one.id);
			return swap ? wornOption(swap.to, one.id) : one;
		});
	const goesWith = ({ id, to }: Swap) =>
		facts
			.filter((other) => other.id !== id)
			.reduce((sum, other) => sum + together(known.get(to) as PieceFacts, other).points, 0);
	const tried = (swaps: Swap[]): Step & { loss: number } => {
		const next = replaced(swaps);
		const dressiness = (dressinessOf(next) ?? now) - now;
		const going = swaps.reduce((sum, swap) => sum + goesWith(swap), 0);
		const loss = Math.abs(dressiness - target) + weighs.swap * swaps.length - weighs.together * going;
		return { swaps, worn: next, dressiness, loss };
	};
	const singles = facts
		.filter(({ id, slot }) => !fixed.includes(id) && (step !== 'evening' || changedForEvening.includes(slot)))
		.flatMap(({ id, slot }) =>
			options.filter((option) => known.get(option)?.slot === slot).map((to) => tried([{ id, to }]))
		)
		.filter(({ dressiness }) => Math.sign(dressiness) === Math.sign(target))
		.sort((a, b) => a.loss - b.loss);
	const best = singles.slice(0, pairsOf).flatMap(({ swaps }) => swaps);
	const pairs = best.flatMap((one, i) =>
		best
			.slice(i + 1)
			.filter((other) => other.id !== one.id && !sameOwned(one.to.item, other.to.item))
			.map((other) => tried([one, other]))
	);
	const warned = checkLook(worn, context).filter(({ severity }) => severity === 'warning').length;
	const found = [...singles, ...pairs]
		.filter(({ dressiness }) => dressiness * Math.sign(target) >= leastStep)
		.sort((a, b) => a.loss - b.loss)
		.slice(0, looksAt)
		.filter(
			(one) => checkLook(one.worn, context).filter(({ severity }) => severity === 'warning').length <= warned
		);
	// Unlike each other in the first thing that is swapped.
	return found
		.filter(
			({ swaps: [first] }, i) =>
				found.findIndex(({ swaps: [other] }) => first && other && other.to === first.to) === i
		)
		.slice(0, most)
		.map(({ swaps, worn: next, dressiness }) => ({ swaps, worn: next, dressiness }));
}
