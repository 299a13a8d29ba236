import { paletteComparer, paletteSimilarity } from '../colour/palette';
import { aspectWeightOf } from '../lexicon/aspect-weights';
import { facetOf, type FacetGroup, type FacetId } from '../lexicon/facets';
import { likeness } from '../lexicon/likeness';
import { closenessSchools, defaultSchools, type Schools } from '../lexicon/schools';
import { canAnswer, garmentType, typeHasFacet } from '../lexicon/taxonomy';
import { nudeOn, skinToneOf } from '../colour/nude';
import { moveEffects } from '../lexicon/move-effects';
import type { MoveId } from '../lexicon/moves';
import { byKind } from './by-kind';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { AspectId, Element } from '../model/reference';
import { kindSimilarity } from './kind';
import { canShout, listenerFor, unaskedIn, type Unasked } from './unasked';
import { facetSimilarity, metalSimilarity, printSimilarity } from './similarity';

/** What closeness needs of an element. */
export type Asked = Pick<Element, 'garment' | 'signature' | 'open'>;

export interface AspectCloseness {
	aspect: AspectId;
	/** Share of the element's piece closeness, 0..1; all shares add up to 1. */
	share: number;
	/** 0..1 */
	similarity: number;
	/** stated: compared · unstated: the garment does not say, a prior stands in · impossible: it cannot have it */
	status: 'stated' | 'unstated' | 'impossible';
	signature: boolean;
}

export interface PieceCloseness {
	/** 0..1 */
	closeness: number;
	/** 0..1: the share of what was asked that the garment states. */
	confidence: number;
	/** False when it is worn elsewhere on the body; closeness is then 0 and no aspect is compared. */
	worn: boolean;
	aspects: AspectCloseness[];
	/** What shouts though nobody asked for it, and what that takes off. */
	unasked: Unasked[];
	/** What a missed signature feature takes off what is left, 0..1. */
	signatureLoss: number;
}

export interface ClosenessOptions {
	/** Schools that differ from the default. */
	schools?: Partial<Schools>;
	/** Aspects in which another value is no loss, because it mends a mistake of the reference. */
	forgiven?: readonly AspectId[];
	/** Whom it is for: "nude" is asked in the tone of their skin. */
	client?: Partial<Pick<Client, 'figure' | 'colouring'>>;
	/** Moves done with the garment: a sleeve that is rolled counts as it is then seen, where that is nearer. */
	moves?: readonly MoveId[];
}

/** The aspects that a garment states. */
export function statedAspects(garment: Garment): AspectId[] {
	const stated: AspectId[] = ['type', ...(Object.keys(garment.facets) as FacetId[])];
	if (garment.palette.length > 0) stated.push('palette');
	if (garment.print) stated.push('print');
	if (garment.metal) stated.push('metal');
	return stated;
}

/** The aspects that an element specifies and does not leave open. */
export const askedAspects = ({ garment, open }: Asked): AspectId[] =>
	statedAspects(garment).filter((aspect) => !open.includes(aspect));

const groupOf = (aspect: AspectId): FacetGroup => {
	if (aspect === 'type') return 'kind';
	if (aspect === 'palette' || aspect === 'metal') return 'colour';
	if (aspect === 'print') return 'cloth';
	return facetOf(aspect).group;
};

export type Compared = Pick<AspectCloseness, 'similarity' | 'status'>;
const compared = (similarity: number): Compared => ({ similarity, status: 'stated' });
const unstated = (prior: number): Compared => ({ similarity: prior, status: 'unstated' });

/** How one aspect of a garment answers what is asked. */
export function compareAspect(
	aspect: AspectId,
	asked: Garment,
	given: Garment,
	schools: Partial<Schools>
): Compared {
	switch (aspect) {
		case 'type':
			return compared(kindSimilarity(asked.type, given.type));
		case 'palette': {
			if (given.palette.length === 0) return unstated(likeness.palettePrior);
			const familyFloor = schools.colours !== 'repeat-exactly';
			return compared(paletteSimilarity(asked.palette, given.palette, { familyFloor }));
		}
		case 'print':
			if (!asked.print) return unstated(likeness.printPrior);
			if (!given.print)
				return unstated(asked.print.family.value === 'plain' ? likeness.plainPrior : likeness.printPrior);
			return compared(printSimilarity(asked.print, given.print));
		case 'metal':
			if (!given.metal || !asked.metal) return unstated(likeness.metalPrior);
			return compared(metalSimilarity(asked.metal.value, given.metal.value));
		default: {
			if (!typeHasFacet(given.type, aspect)) return { similarity: 0, status: 'impossible' };
			const [want, have] = [asked.facets[aspect], given.facets[aspect]];
			if (!want || !have) return unstated(facetOf(aspect).prior);
			const similarity = facetSimilarity(aspect, want.value, have.value);
			return have.provenance === 'assumed' && want.provenance !== 'assumed'
				? unstated(likeness.byKind * similarity)
				: compared(similarity);
		}
	}
}

/** A print is what is seen first; that there is none is seen last. */
const plainly = (aspect: AspectId, { print }: Garment) =>
	aspect === 'print' && print?.family.value === 'plain' ? likeness.plainPrint : 1;

/** What is seen first of a thing, whatever else is said of it. */
const leads = new Set<AspectId>(['type', 'palette', 'print', 'metal']);

/** The aspects of an element in their order, each with its share of the weight under the schools. */
export function weighedAspects(
	element: Asked,
	schools: Partial<Schools>
): { aspect: AspectId; share: number; signature: boolean }[] {
	const { division } = garmentType(element.garment.type);
	const multipliers = closenessSchools[schools.closeness ?? defaultSchools.closeness].groups;
	const aspects = askedAspects(element).map((aspect) => ({
		aspect,
		share: aspectWeightOf(aspect, division) * multipliers[groupOf(aspect)] * plainly(aspect, element.garment),
		signature: element.signature.includes(aspect)
	}));
	const features = aspects.filter(({ aspect }) => !leads.has(aspect));
	const said = features.reduce((sum, { share }) => sum + share, 0);
	const held = said > likeness.featuresAtMost ? likeness.featuresAtMost / said : 1;
	const weighed = aspects.map((one) => (leads.has(one.aspect) ? one : { ...one, share: one.share * held }));
	const total = weighed.reduce((sum, { share }) => sum + share, 0);
	return weighed.map((one) => ({ ...one, share: one.share / total }));
}

/** The cap that a signature feature of this similarity sets on the whole: continuous and never falling. */
export const signatureCap = (similarity: number) =>
	likeness.signatureFloor + (1 - likeness.signatureFloor) * similarity;

/** A feature as a move makes it seen, where that is nearer to what is asked than the feature is by itself. */
function nearerBy(moves: readonly MoveId[], aspect: AspectId, asked: Garment, plain: Compared): Compared {
	if (aspect === 'type' || aspect === 'palette' || aspect === 'print' || aspect === 'metal') return plain;
	const want = asked.facets[aspect]?.value;
	return moves.reduce<Compared>((best, move) => {
		const made = moveEffects[move]?.[aspect];
		const similarity =
			made === undefined || want === undefined || best.status === 'impossible'
				? 0
				: facetSimilarity(aspect, want, made);
		return similarity > best.similarity ? compared(similarity) : best;
	}, plain);
}

/** Tells how close a garment comes to one element, by itself or with moves done. */
export type ClosenessTo = (garment: Garment, moves?: readonly MoveId[]) => PieceCloseness;

/**
 * How close garments come to an element: for each a weighted mean of similarities over the aspects that the element
 * specifies and leaves not open (after Gower 1971), capped by its signature features. What hangs on the element alone is
 * worked out once, for comparing many.
 *
 * What shouts though it was not asked for is taken off (see `unasked.ts`). A garment worn elsewhere on the body scores 0. An aspect that it cannot have counts 0; one that it does not
 * state counts at a tabled prior and lowers the confidence.
 */
export function closenessTo(element: Asked, options: ClosenessOptions = {}): ClosenessTo {
	const asked = nudeOn(options.client && skinToneOf(options.client), element.garment);
	const schools = options.schools ?? {};
	const weighed = weighedAspects(element, schools);
	const listener = listenerFor(element);
	const colours =
		asked.palette.length > 0
			? paletteComparer(asked.palette, { familyFloor: schools.colours !== 'repeat-exactly' })
			: undefined;
	const compare = (aspect: AspectId, garment: Garment, moves: readonly MoveId[]): Compared => {
		if (options.forgiven?.includes(aspect)) return compared(1);
		const plain =
			aspect === 'palette' && colours && garment.palette.length > 0
				? compared(colours(garment.palette))
				: compareAspect(aspect, asked, garment, schools);
		return moves.length > 0 ? nearerBy(moves, aspect, asked, plain) : plain;
	};

	return (said, moves = options.moves ?? []) => {
		const garment = byKind(said);
		if (!canAnswer(asked.type, garment.type))
			return { closeness: 0, confidence: 1, worn: false, aspects: [], unasked: [], signatureLoss: 0 };
		const aspects = weighed.map(({ aspect, share, signature }): AspectCloseness => {
			const { similarity, status } = compare(aspect, garment, moves);
			return { aspect, share, signature, similarity, status };
		});
		// Taken off a whole, so that an exact copy comes to exactly 1; what leaves everything open is answered by anything.
		let mean = 1;
		let unsure = 0;
		let cap = 1;
		for (const { share, similarity, status, signature } of aspects) {
			mean -= share * (1 - similarity);
			if (status === 'unstated') unsure += share;
			if (signature) cap = Math.min(cap, signatureCap(similarity));
		}
		const unasked = canShout(garment) ? unaskedIn(listener, garment, mean) : [];
		for (const { loss } of unasked) mean -= loss;
		mean = Math.max(0, mean);
		const closeness = Math.min(mean, cap);
		return {
			closeness,
			confidence: 1 - unsure,
			worn: true,
			aspects,
			unasked,
			signatureLoss: mean - closeness
		};
	};
}

/** How close one garment comes to an element; see `closenessTo`. */
export const closenessOf = (
	element: Asked,
	garment: Garment,
	options: ClosenessOptions = {}
): PieceCloseness => closenessTo(element, options)(garment);
