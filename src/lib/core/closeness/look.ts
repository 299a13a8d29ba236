import { bandOf, type BandId } from '../lexicon/bands';
import { likeness } from '../lexicon/likeness';
import type { MoveId } from '../lexicon/moves';
import { closenessSchools, defaultSchools, type Schools } from '../lexicon/schools';
import { silhouetteSlots, slots } from '../lexicon/slots';
import { sides, type Side } from '../lexicon/sides';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { AspectId, Element, Reference } from '../model/reference';
import {
	askedAspects,
	closenessTo,
	type ClosenessOptions,
	type ClosenessTo,
	type PieceCloseness
} from './piece';
import { seenAreas } from './seen-areas';
import { elementWeights } from './weights';

/** Named in every judgement, so that a score can be told from one of a later method. */
export const methodVersion = '8';

/** What answers an element: resolved garments, or that it is done (hair, make-up), or left out. */
export interface Worn {
	elementId: string;
	state: 'items' | 'done' | 'left-out';
	garments: Garment[];
	/** Beside each of them the side on which it is worn by itself, where it is one of a pair. */
	sides?: (Side | undefined)[];
	movesDone: MoveId[];
}

/** By what points are lost. */
export type LossKind =
	'gap' | 'left-out' | 'too-far' | 'aspect' | 'unasked' | 'signature' | 'moves' | 'count';

export interface Loss {
	elementId: string;
	kind: LossKind;
	/** The aspect, for a loss of kind "aspect" or "unasked". */
	aspect?: AspectId;
	/** Points of the 100, more than 0. */
	points: number;
}

export interface ElementScore {
	elementId: string;
	/** What the element can earn, of 100. */
	points: number;
	/** What it earns. */
	earned: number;
	state: Worn['state'] | 'gap' | 'too-far';
	/** The best of its garments, and of two halves the one in which more is lost; absent without one. */
	garment?: Garment;
	/** The closeness of that garment. */
	closeness?: PieceCloseness;
	/** Of a pair that is no pair, each half by itself, with its share of the points; a half without a garment is a gap. */
	halves?: ScoredHalf[];
}

/** What one side of a pair earns by itself. */
export interface ScoredHalf extends Pick<ElementScore, 'points' | 'earned' | 'garment' | 'closeness'> {
	side: Side;
}

export interface LookCloseness {
	/** 0..100 */
	score: number;
	band: BandId;
	/** 0..1, weighted by what the elements can earn. */
	confidence: number;
	/** In the order of the reference's elements. */
	elements: ElementScore[];
	/** Largest first; they add up to 100 − score. */
	losses: Loss[];
}

export interface ScoreOptions {
	schools?: Partial<Schools>;
	/** By element, aspects in which another value is no loss. */
	forgiven?: ReadonlyMap<string, readonly AspectId[]>;
	client?: ClosenessOptions['client'];
}

const bagFactor = (element: Element) =>
	garmentType(element.garment.type).slot === 'bag' ? likeness.oneGoodBag : 1;

/** Parts of a whole by their size; equal ones where none has any. */
function sharesOf(sizes: readonly number[]): number[] {
	const total = sizes.reduce((sum, size) => sum + size, 0);
	return sizes.map((size) => (total > 0 ? size / total : 1 / sizes.length));
}

/**
 * What each element can earn, 0..1, all together 1: by its rank and role as a piece, by the area of its colour in the
 * colour story, and by what it covers in the silhouette, mixed by school. Where no colour is asked, or nothing that makes a
 * silhouette, that part goes to the pieces.
 */
function pointsOf(elements: readonly Element[], schools: Partial<Schools>): number[] {
	const { mix } = closenessSchools[schools.closeness ?? defaultSchools.closeness];
	const weights = elementWeights(
		schools.bags === 'one-good-bag'
			? elements.map((element) => ({ ...element, weightFactor: element.weightFactor * bagFactor(element) }))
			: elements
	);
	const slotOf = ({ garment }: Element) => garmentType(garment.type).slot;
	const seen = seenAreas(elements);
	const areas = elements.map((element, i): number =>
		askedAspects(element).includes('palette') ? (seen[i] ?? 0) : 0
	);
	const shapes = elements.map((element): number =>
		silhouetteSlots.has(slotOf(element)) ? slots[slotOf(element)].areaShare : 0
	);
	const some = (sizes: readonly number[]) => sizes.some((size) => size > 0);
	const colourStory = some(areas) ? mix.colourStory : 0;
	const silhouette = some(shapes) ? mix.silhouette : 0;
	const [colours, outlines] = [sharesOf(areas), sharesOf(shapes)];
	return elements.map(
		(_, i) =>
			(1 - colourStory - silhouette) * (weights[i] ?? 0) +
			colourStory * (colours[i] ?? 0) +
			silhouette * (outlines[i] ?? 0)
	);
}

/** How much of an answer a match is, by its closeness: none below the floor, all from the ceiling on, evenly between. */
export const answers = (closeness: number): number =>
	Math.max(
		0,
		Math.min(1, (closeness - likeness.answerFloor) / (likeness.answerCeiling - likeness.answerFloor))
	);

export interface Scored {
	score: ElementScore;
	losses: Loss[];
}

/** How many things of styling an element asks for, moves and that several are worn, and the share of its points that they hold. */
function stylingOf({ moves, count }: Element): { styled: number; movesShare: number } {
	const styled = moves.length + (count === undefined ? 0 : 1);
	return { styled, movesShare: styled > 0 ? likeness.movesShare : 0 };
}

/** Of what is worn besides the first, the share that is not there: 0 where one is enough. */
const missingShare = ({ count = 1 }: Element, { garments }: Worn) =>
	count > 1 ? Math.max(0, count - garments.length) / (count - 1) : 0;

/** Points kept and lost with one garment, or, without a closeness, with an element that is done. */
function scoreWorn(
	element: Element,
	share: number,
	worn: Worn,
	garment?: Garment,
	closeness?: PieceCloseness
): Scored {
	const elementId = element.id;
	const { styled, movesShare } = stylingOf(element);
	const movesMissed = element.moves.filter((move) => !worn.movesDone.includes(move)).length;
	const losses: Loss[] = [];
	const lose = (kind: LossKind, lost: number, aspect?: AspectId) => {
		if (lost > 0) losses.push({ elementId, kind, aspect, points: 100 * lost });
	};
	const rest = share * (1 - movesShare);
	if (closeness) {
		for (const one of closeness.aspects) lose('aspect', rest * one.share * (1 - one.similarity), one.aspect);
		for (const one of closeness.unasked) lose('unasked', rest * one.loss, one.aspect);
		lose('signature', rest * closeness.signatureLoss);
	}
	if (movesMissed > 0) lose('moves', movesShare * (movesMissed / styled) * share);
	if (worn.state === 'items') lose('count', movesShare * (missingShare(element, worn) / styled) * share);
	const points = 100 * share;
	const kept = Math.max(0, points - losses.reduce((sum, loss) => sum + loss.points, 0));
	// What hardly answers earns less than its features come to, down to nothing.
	const answered = closeness ? answers(closeness.closeness) : 1;
	lose('too-far', ((1 - answered) * kept) / 100);
	return {
		score: {
			elementId,
			points,
			earned: kept * answered,
			state: answered === 0 ? 'too-far' : worn.state,
			garment,
			closeness
		},
		losses: answered === 0 ? [{ elementId, kind: 'too-far', points }] : losses
	};
}

function scoreElement(
	element: Element,
	share: number,
	worn: Worn | undefined,
	closenessOf: ClosenessTo
): Scored {
	const elementId = element.id;
	const points = 100 * share;
	const nothing = (kind: 'gap' | 'left-out'): Scored => ({
		score: { elementId, points, earned: 0, state: kind },
		losses: [{ elementId, kind, points }]
	});
	if (!worn) return nothing('gap');
	if (worn.state === 'left-out') return nothing('left-out');
	if (worn.state === 'done') return scoreWorn(element, share, worn);

	// Several things may answer one element: the one that earns most counts.
	const bestOf = (garments: readonly Garment[], part: number): Scored | undefined =>
		garments
			.map((garment) => scoreWorn(element, part, worn, garment, closenessOf(garment, worn.movesDone)))
			.reduce<Scored | undefined>(
				(best, next) => (best === undefined || next.score.earned > best.score.earned ? next : best),
				undefined
			);
	const { sides: on = [] } = worn;
	if (on.every((side) => side === undefined)) return bestOf(worn.garments, share) ?? nothing('gap');
	// Of a pair that is no pair each half is answered by itself.
	const asked = sides.filter((side) => element.side === undefined || element.side === side);
	const halves = asked.map((side) =>
		bestOf(
			worn.garments.filter((_, i) => on[i] === undefined || on[i] === side),
			share / asked.length
		)
	);
	return joined(halves, asked, { elementId, points });
}

/** What an element earns whose halves are answered each by itself; a half without an answer is a gap. */
function joined(
	halves: readonly (Scored | undefined)[],
	on: readonly Side[],
	of: Pick<ElementScore, 'elementId' | 'points'>
): Scored {
	const answered = halves.filter((half) => half !== undefined);
	const missing = of.points * (1 - answered.length / halves.length);
	const earned = answered.reduce((sum, { score }) => sum + score.earned, 0);
	const losses = new Map<string, Loss>();
	for (const loss of answered.flatMap((half) => half.losses)) {
		const key = `${loss.kind} ${loss.aspect ?? ''}`;
		losses.set(key, { ...loss, points: loss.points + (losses.get(key)?.points ?? 0) });
	}
	if (missing > 0) losses.set('gap', { elementId: of.elementId, kind: 'gap', points: missing });
	// Of two, the one that is told of is the one in which the more is lost.
	const told = answered.reduce<Scored | undefined>(
		(least, next) => (least === undefined || next.score.earned < least.score.earned ? next : least),
		undefined
	);
	return {
		score: {
			...of,
			earned,
			state: earned > 0 ? 'items' : (told?.score.state ?? 'gap'),
			garment: told?.score.garment,
			closeness: told?.score.closeness,
			halves: on.map((side, i): ScoredHalf => {
				const { earned = 0, garment, closeness } = halves[i]?.score ?? {};
				return { side, points: of.points / on.length, earned, garment, closeness };
			})
		},
		losses: [...losses.values()]
	};
}

/**
 * The most that an element can earn with something of a given closeness, in points of the 100: what comes less close than
 * another already earns need not be looked at.
 */
export function earningBound(
	reference: Pick<Reference, 'elements'>,
	options: ScoreOptions = {}
): (elementId: string, closeness: number) => number {
	const { elements } = reference;
	const points = pointsOf(elements, options.schools ?? {});
	return (elementId, closeness) => {
		const at = elements.findIndex(({ id }) => id === elementId);
		const element = elements[at];
		const moves = element ? stylingOf(element).movesShare : 0;
		const share = (1 - moves) * Math.min(1, closeness) + moves;
		return 100 * (points[at] ?? 0) * share * answers(closeness);
	};
}

/** Scores one element at a time. */
export type ElementScorer = (elementId: string, worn: Worn | undefined) => Scored;

/**
 * A scorer of the single elements of a reference, with their shares of the score worked out once. A look's score is
 * the sum of what its elements earn, so that each can be weighed alone.
 *
 * @throws RangeError for an element that the reference does not have
 */
export function elementScorer(
	reference: Pick<Reference, 'elements'>,
	options: ScoreOptions = {}
): ElementScorer {
	const { elements } = reference;
	const points = pointsOf(elements, options.schools ?? {});
	const comparers = elements.map((element) =>
		closenessTo(element, {
			schools: options.schools,
			client: options.client,
			forgiven: options.forgiven?.get(element.id)
		})
	);
	return (elementId, worn) => {
		const at = elements.findIndex(({ id }) => id === elementId);
		const [element, share, closenessOf] = [elements[at], points[at], comparers[at]];
		if (!element || share === undefined || !closenessOf)
			throw new RangeError(`The reference has no element "${elementId}"`);
		return scoreElement(element, share, worn, closenessOf);
	};
}

/**
 * How close what is worn comes to a reference: a plain sum over its elements, so that the losses add up to
 * 100 − score. An element's points are its share of the pieces, the colour story and the silhouette, mixed by
 * school; a fixed share of them is held by its styling moves. The rest it earns by closeness, so that a nearer piece never
 * lowers the score. A gap and an element left out earn 0, what hardly answers little; an element that is done earns its
 * points less its moves.
 *
 * A reference without elements has nothing to miss: it scores 0, with no losses to name.
 */
export function scoreLook(
	reference: Pick<Reference, 'elements'>,
	worn: readonly Worn[],
	options: ScoreOptions = {}
): LookCloseness {
	const { elements } = reference;
	if (elements.length === 0) return { score: 0, band: bandOf(0).id, confidence: 0, elements: [], losses: [] };
	const scorer = elementScorer(reference, options);
	const scored = elements.map(({ id }) =>
		scorer(
			id,
			worn.find(({ elementId }) => elementId === id)
		)
	);
	const losses = scored.flatMap((one) => one.losses).sort((a, b) => b.points - a.points);
	const lost = losses.reduce((sum, loss) => sum + loss.points, 0);
	const score = Math.min(100, Math.max(0, 100 - lost));
	const confidence = scored.reduce(
		(sum, { score: one }) => sum + (one.points / 100) * (one.closeness?.confidence ?? 1),
		0
	);
	return { score, band: bandOf(score).id, confidence, elements: scored.map((one) => one.score), losses };
}
