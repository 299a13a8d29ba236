/** Steering an outfit towards a wish: sharper, plainer, sportier. */
import { mayWear } from '../checks/bars';
import { checkLook } from '../checks/check-look';
import { factsOf, type PieceFacts } from '../checks/facts';
import type { CheckContext, CheckedPiece } from '../checks/model';
import { moveFails } from '../body/move-fails';
import type { FacetId } from '../lexicon/facets';
import { axisOf, moods, type MoodAxis, type Wish } from '../lexicon/moods';
import { isDoneWith, moveIds, type MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { OwnedOption } from '../matching/items';
import { wornOption } from '../matching/worn-option';

/** What a mood table says of one worn thing. */
function moodOf(axis: MoodAxis, { type, print, stated, formality, moves, garment }: PieceFacts): number {
	const table = moods[axis];
	const facets = Object.entries(table.facets).reduce((sum, [facet, values]) => {
		const value = stated(facet as FacetId) ?? type.usual[facet as FacetId];
		return sum + (value === undefined ? 0 : (values[value] ?? 0));
	}, 0);
	return (
		facets +
		(table.types[type.id] ?? table.families[type.family] ?? 0) +
		(table.prints[garment.print?.family.value ?? print ?? ''] ?? 0) +
		moves.reduce((sum, move) => sum + (table.moves[move] ?? 0), 0) +
		(formality === undefined ? 0 : table.formality * (formality - middleFormality))
	);
}
const middleFormality = 2.5;
/** A small thing says more than its area: an earring is looked at. */
const leastShare = 0.04;

/** Where an outfit lies on an axis: the mean of what is worn, by how much of it is seen. Above 0 for the axis' first name. */
export function moodAt(axis: MoodAxis, worn: readonly CheckedPiece[]): number {
	const facts = factsOf(worn, {}).pieces;
	const shares = facts.map(({ area }) => Math.max(leastShare, area));
	const whole = shares.reduce((sum, share) => sum + share, 0);
	return whole === 0
		? 0
		: facts.reduce((sum, one, i) => sum + moodOf(axis, one) * (shares[i] ?? 0), 0) / whole;
}

/** How much an outfit is of a wish. */
export function measureOf(wish: Wish, worn: readonly CheckedPiece[]): number {
	const { axis, sign } = axisOf(wish);
	return sign * moodAt(axis, worn);
}

/** How dressed up an outfit is, 0 sport to 5 formal, by how much of it is seen; undefined where nothing tells. */
export function dressinessOf(worn: readonly CheckedPiece[]): number | undefined {
	const told = factsOf(worn, {}).pieces.filter(
		({ formality, area }) => formality !== undefined && area > 0.02
	);
	const whole = told.reduce((sum, { area }) => sum + area, 0);
	return whole === 0
		? undefined
		: told.reduce((sum, { formality = 0, area }) => sum + formality * area, 0) / whole;
}

export type SteerChange =
	| { kind: 'swap'; id: string; to: OwnedOption }
	| { kind: 'move'; id: string; move: MoveId }
	| { kind: 'leave-off'; id: string };

export interface Steered {
	change: SteerChange;
	worn: CheckedPiece[];
	/** By how much the outfit is more of the wish; never below 0. */
	mood: number;
	/** By how much it is dressier, in levels. */
	dressiness: number;
	/** By how many points it comes closer to the reference, where there is one. */
	closeness?: number;
}

export interface SteerOptions {
	rail: readonly OwnedOption[];
	context?: CheckContext;
	/** Things that stay as they are. */
	fixed?: readonly string[];
	/** The score of what is worn against the reference, 0..100. */
	scoreOf?: (worn: readonly CheckedPiece[]) => number;
	/** As many changes as are wanted. */
	most?: number;
}

const warningsIn = (worn: readonly CheckedPiece[], context: CheckContext) =>
	checkLook(worn, context).filter(({ severity }) => severity === 'warning').length;

/** Less than this is no change that anyone sees. */
const leastGain = 1e-6;
/** As many of the strongest changes as the eye looks at. */
const looksAt = 30;
/** What a point of closeness weighs against mood. */
const closenessWeighs = 0.004;

function changesOf(
	worn: readonly CheckedPiece[],
	{ rail, context, fixed = [] }: SteerOptions
): { change: SteerChange; worn: CheckedPiece[] }[] {
	const facts = factsOf(worn, {}).pieces;
	const free = facts.filter(({ id }) => !fixed.includes(id));
	const used = new Set(worn.map(({ garment }) => garment));
	const client = context?.client;
	const bottom = facts.find(({ slot }) => slot === 'legs')?.garment;
	const replaced = (id: string, next: Partial<CheckedPiece>) =>
		worn.map((one) => (one.id === id ? { ...one, ...next } : one));
	const options = rail.filter((option) => !used.has(option.garment) && (!client || mayWear(client, option)));
	const slotOf = new Map(
		options.map((option) => [option, factsOf([wornOption(option, '')], {}).pieces[0]?.slot])
	);
	return free.flatMap((piece) => [
		...options
			.filter((option) => slotOf.get(option) === piece.slot)
			.map((to) => ({
				change: { kind: 'swap' as const, id: piece.id, to },
				worn: replaced(piece.id, wornOption(to, piece.id))
			})),
		...moveIds
			.filter(
				(move) =>
					isDoneWith(move, garmentType(piece.garment.type)) &&
					!piece.moves.includes(move) &&
					moveFails(move, piece.garment, bottom) === undefined
			)
			.map((move) => ({
				change: { kind: 'move' as const, id: piece.id, move },
				worn: replaced(piece.id, { moves: [...piece.moves, move] })
			})),
		...(piece.area < 0.1 && piece.slot !== 'feet'
			? [
					{
						change: { kind: 'leave-off' as const, id: piece.id },
						worn: worn.filter(({ id }) => id !== piece.id)
					}
				]
			: [])
	]);
}

/**
 * The changes that bring an outfit nearest to a wish, at most one for each thing worn: swaps from the rail, moves, small things
 * left off. None brings a new warning of the eye, and none makes the outfit less of the wish.
 */
export function steer(worn: readonly CheckedPiece[], wish: Wish, options: SteerOptions): Steered[] {
	const { context = {}, scoreOf, most = 3 } = options;
	const before = measureOf(wish, worn);
	const dressed = dressinessOf(worn) ?? 0;
	const warned = warningsIn(worn, context);
	const scored = scoreOf?.(worn);
	const tried = changesOf(worn, options)
		.map((one) => ({ ...one, mood: measureOf(wish, one.worn) - before }))
		.filter(({ mood }) => mood > leastGain)
		.sort((a, b) => b.mood - a.mood)
		.slice(0, looksAt)
		.filter((one) => warningsIn(one.worn, context) <= warned)
		.map((one): Steered => ({
			...one,
			dressiness: (dressinessOf(one.worn) ?? dressed) - dressed,
			...(scoreOf && scored !== undefined && { closeness: scoreOf(one.worn) - scored })
		}))
		.sort(
			(a, b) =>
				b.mood + closenessWeighs * (b.closeness ?? 0) - (a.mood + closenessWeighs * (a.closeness ?? 0))
		);
	return tried
		.filter((one, i) => tried.findIndex(({ change }) => change.id === one.change.id) === i)
		.slice(0, most);
}
