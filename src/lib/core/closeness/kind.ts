import { aspectWeightOf } from '../lexicon/aspect-weights';
import { facetIds } from '../lexicon/facets';
import { formalityOfFamily, formalityOfType } from '../lexicon/formality';
import { kindForm } from '../lexicon/kind-form';
import { garmentType, isDeclared, typeSimilarity, type GarmentType } from '../lexicon/taxonomy';
import { facetSimilarity } from './similarity';

const dressed = ({ id, family }: GarmentType) => formalityOfType[id] ?? formalityOfFamily[family];

/**
 * Likeness of two kinds by their form, 0..1, with how much could be compared: what they cover, how they are drawn and made,
 * their usual cut and lengths, how dressed they are.
 */
function formSimilarity(a: GarmentType, b: GarmentType): { form: number; weight: number } {
	let sum = 0;
	let weight = 0;
	const add = (share: number, similarity: number) => {
		sum += share * similarity;
		weight += share;
	};
	if (a.draws !== 'none' || b.draws !== 'none') add(kindForm.drawn, a.draws === b.draws ? 1 : 0);
	const [makeA, makeB] = [kindForm.makes[a.family], kindForm.makes[b.family]];
	if (makeA && makeB) add(kindForm.made, makeA === makeB ? 1 : 0);
	for (const id of facetIds) {
		const [want, have] = [a.usual[id], b.usual[id]];
		if (want !== undefined && have !== undefined)
			add(aspectWeightOf(id, a.division), facetSimilarity(id, want, have));
	}
	const [one, other] = [dressed(a), dressed(b)];
	if (one !== undefined && other !== undefined)
		add(kindForm.dressed, Math.max(0, 1 - Math.abs(one - other) / kindForm.worldsApart));
	return { form: weight > 0 ? sum / weight : 0, weight };
}

/** By what is asked for and what is given. */
const known = new Map<string, Map<string, number>>();

/**
 * How well one kind of garment answers another, 0..1: its likeness in the tree of kinds or, across families, that of their
 * forms where it is higher, so that two kinds that are cut, cover and are used alike meet. Small things of one family that are
 * worn unlike share little, but where a stand-in is declared.
 */
export function kindSimilarity(asked: string, given: string): number {
	if (asked === given) return 1;
	let answers = known.get(asked);
	if (!answers) known.set(asked, (answers = new Map<string, number>()));
	let similarity = answers.get(given);
	if (similarity === undefined) answers.set(given, (similarity = workedOut(asked, given)));
	return similarity;
}

function workedOut(asked: string, given: string): number {
	const [a, b] = [garmentType(asked), garmentType(given)];
	const tree = typeSimilarity(asked, given);
	const { form, weight } = formSimilarity(a, b);
	const share = kindForm.share * Math.min(1, weight / kindForm.enough);
	const likeness = Math.max(0, (form - kindForm.nothing) / (1 - kindForm.nothing));
	const similarity = a.family === b.family ? tree : Math.max(tree, share * likeness);
	const unlikeSmall =
		kindForm.small.includes(a.division) &&
		a.kin !== b.kin &&
		!a.general &&
		!b.general &&
		!isDeclared(asked, given);
	return unlikeSmall ? Math.min(similarity, kindForm.smallUnlike) : similarity;
}
