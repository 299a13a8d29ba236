import { bandOf, type BandId } from '../lexicon/bands';
import { silhouetteWeights } from '../lexicon/aspect-weights';
import { likeness } from '../lexicon/likeness';
import type { MoveId } from '../lexicon/moves';
import { closenessSchools, defaultSchools, type Schools } from '../lexicon/schools';
import { slots } from '../lexicon/slots';
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
import { elementWeights } from './weights';

/** Named in every judgement, so that a score can be told from one of a later method. */
export const methodVersion = '4';

/** What answers an element: resolved garments, or that it is done (hair, make-up), or left out. */
export interface Worn {
	elementId: string;
	state: 'items' | 'done' | 'left-out';
	garments: Garment[];
	movesDone: MoveId[];
}

/** By what points are lost. */
export type LossKind =
	'gap' | 'left-out' | 'too-far' | 'aspect' | 'signature' | 'colour-story' | 'silhouette' | 'moves';

export interface Loss {
	elementId: string;
	kind: LossKind;
	/** The aspect, for a loss of kind "aspect". */
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
	/** Of the best of its garments; absent without one. */
	closeness?: PieceCloseness;
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

/** An element's shares of the score by source, all elements together adding up to 1. */
interface Budget {
	pieces: number;
	colourStory: number;
	silhouette: number;
}

const silhouetteAspects = (element: Element) =>
	askedAspects(element).filter((aspect) => silhouetteWeights[aspect] !== undefined);

const bagFactor = (element: Element) =>
	garmentType(element.garment.type).slot === 'bag' ? likeness.oneGoodBag : 1;

/**
 * Shares out the score: pieces by rank and role, colour story by the area that each colour has in the
 * reference, silhouette by the shape terms that each element owns. What no element can earn goes to the pieces.
 */
function budgetsOf(elements: readonly Element[], schools: Partial<Schools>): Budget[] {
	const { mix } = closenessSchools[schools.closeness ?? defaultSchools.closeness];
	const weights = elementWeights(
		schools.bags === 'one-good-bag'
			? elements.map((element) => ({ ...element, weightFactor: element.weightFactor * bagFactor(element) }))
			: elements
	);
	const areas = elements.map((element): number =>
		askedAspects(element).includes('palette') ? slots[garmentType(element.garment.type).slot].areaShare : 0
	);
	const shapes = elements.map((element) =>
		silhouetteAspects(element).reduce((sum, aspect) => sum + (silhouetteWeights[aspect] ?? 0), 0)
	);
	const totalArea = areas.reduce((sum, area) => sum + area, 0);
	const totalShape = shapes.reduce((sum, shape) => sum + shape, 0);
	const colourStory = totalArea > 0 ? mix.colourStory : 0;
	const silhouette = totalShape > 0 ? mix.silhouette : 0;
	const pieces = 1 - colourStory - silhouette;
	return elements.map((_, i) => ({
		pieces: pieces * (weights[i] ?? 0),
		colourStory: totalArea > 0 ? (colourStory * (areas[i] ?? 0)) / totalArea : 0,
		silhouette: totalShape > 0 ? (silhouette * (shapes[i] ?? 0)) / totalShape : 0
	}));
}

function silhouetteSimilarity(closeness: PieceCloseness): number {
	let sum = 0;
	let total = 0;
	for (const { aspect, similarity } of closeness.aspects) {
		const weight = silhouetteWeights[aspect] ?? 0;
		sum += weight * similarity;
		total += weight;
	}
	return total > 0 ? sum / total : 1;
}

export interface Scored {
	score: ElementScore;
	losses: Loss[];
}

/** Points kept and lost with one garment, or, without a closeness, with an element that is done. */
function scoreWorn(element: Element, budget: Budget, worn: Worn, closeness?: PieceCloseness): Scored {
	const elementId = element.id;
	const share = budget.pieces + budget.colourStory + budget.silhouette;
	const movesShare = element.moves.length > 0 ? likeness.movesShare : 0;
	const movesMissed = element.moves.filter((move) => !worn.movesDone.includes(move)).length;
	const losses: Loss[] = [];
	const lose = (kind: LossKind, lost: number, aspect?: AspectId) => {
		if (lost > 0) losses.push({ elementId, kind, aspect, points: 100 * lost });
	};
	if (closeness) {
		const rest = 1 - movesShare;
		for (const { aspect, share, similarity } of closeness.aspects)
			lose('aspect', rest * budget.pieces * share * (1 - similarity), aspect);
		lose('signature', rest * budget.pieces * closeness.signatureLoss);
		const palette = closeness.aspects.find(({ aspect }) => aspect === 'palette');
		lose('colour-story', rest * budget.colourStory * (1 - (palette?.similarity ?? 1)));
		lose('silhouette', rest * budget.silhouette * (1 - silhouetteSimilarity(closeness)));
	}
	if (movesMissed > 0) lose('moves', movesShare * (movesMissed / element.moves.length) * share);
	const lost = losses.reduce((sum, loss) => sum + loss.points, 0);
	const points = 100 * share;
	return {
		score: { elementId, points, earned: Math.max(0, points - lost), state: worn.state, closeness },
		losses
	};
}

function scoreElement(
	element: Element,
	budget: Budget,
	worn: Worn | undefined,
	closenessOf: ClosenessTo
): Scored {
	const elementId = element.id;
	const points = 100 * (budget.pieces + budget.colourStory + budget.silhouette);
	const nothing = (kind: 'gap' | 'left-out' | 'too-far', closeness?: PieceCloseness): Scored => ({
		score: { elementId, points, earned: 0, state: kind, closeness },
		losses: [{ elementId, kind, points }]
	});
	if (!worn) return nothing('gap');
	if (worn.state === 'left-out') return nothing('left-out');
	if (worn.state === 'done') return scoreWorn(element, budget, worn);

	// Several things may answer one element: the one that earns most counts.
	const scored = worn.garments.map((garment) => {
		const closeness = closenessOf(garment, worn.movesDone);
		return closeness.closeness < likeness.matchFloor
			? nothing('too-far', closeness)
			: scoreWorn(element, budget, worn, closeness);
	});
	return (
		scored.reduce<Scored | undefined>(
			(best, next) => (best === undefined || next.score.earned > best.score.earned ? next : best),
			undefined
		) ?? nothing('gap')
	);
}

/**
 * The most that an element can earn with something of a given closeness, in points of the 100, whatever its colours and its
 * shape: what comes less close than another already earns need not be looked at.
 */
export function earningBound(
	reference: Pick<Reference, 'elements'>,
	options: ScoreOptions = {}
): (elementId: string, closeness: number) => number {
	const { elements } = reference;
	const budgets = budgetsOf(elements, options.schools ?? {});
	return (elementId, closeness) => {
		const at = elements.findIndex(({ id }) => id === elementId);
		const budget = budgets[at];
		if (!budget) return 0;
		const { pieces, colourStory, silhouette } = budget;
		const moves = (elements[at]?.moves.length ?? 0) > 0 ? likeness.movesShare : 0;
		const share = pieces + colourStory + silhouette;
		return 100 * ((1 - moves) * (pieces * Math.min(1, closeness) + colourStory + silhouette) + moves * share);
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
	const budgets = budgetsOf(elements, options.schools ?? {});
	const comparers = elements.map((element) =>
		closenessTo(element, {
			schools: options.schools,
			client: options.client,
			forgiven: options.forgiven?.get(element.id)
		})
	);
	return (elementId, worn) => {
		const at = elements.findIndex(({ id }) => id === elementId);
		const [element, budget, closenessOf] = [elements[at], budgets[at], comparers[at]];
		if (!element || !budget || !closenessOf)
			throw new RangeError(`The reference has no element "${elementId}"`);
		return scoreElement(element, budget, worn, closenessOf);
	};
}

/**
 * How close what is worn comes to a reference: a plain sum over its elements, so that the losses add up to
 * 100 − score. An element's points are its share of the pieces, the colour story and the silhouette, mixed by
 * school; a fixed share of them is held by its styling moves. A gap, an element left out and a match under the
 * floor earn 0; an element that is done earns its points less its moves.
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
