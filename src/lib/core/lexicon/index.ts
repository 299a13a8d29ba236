/** The trade as data: types, facets, colours, metals, prints, moves, schools and the tables of weights. */
export type { Facet, FacetId } from './facets';
export { facetIds, facetOf, facetValue } from './facets';
export type { GarmentType } from './taxonomy';
export { canAnswer, garmentType, garmentTypes, typeHasFacet, typeSimilarity } from './taxonomy';
export { aspectWeightOf } from './aspect-weights';
export { bandOf, bands } from './bands';
export {
	boldnesses,
	contrasts,
	departments,
	ethicalMaterials,
	ethicalSteps,
	hands,
	reaches,
	sizedThingIds,
	sizedThings,
	tightSpotIds,
	tightSpots,
	undertones,
	type EthicalMaterial,
	type EthicalStep,
	type SizedThing,
	type TightSpot
} from './brief';
export { skinIds } from './skins';
export { bodyMeasureIds, bodyMeasures, type BodyMeasure } from './measures';
export {
	closenessSchools,
	defaultSchools,
	schoolGuide,
	schoolLabel,
	schoolQuestions,
	type SchoolQuestion,
	type Schools
} from './schools';
export { transformationIds, type TransformationId } from './transformation-ids';
export { transformationOf } from './transformations';
export { colourWords } from './colours';
export { askedBy, dressCodes, type DressCode } from './dress-codes';
export { effectIds, effects } from './effects';
export { metalColours, metalIds, type MetalId } from './metals';
export { isDoneWith, moveIds, moveOf, moves, type MoveId } from './moves';
export { printScales, prints, type PrintId, type PrintScale } from './prints';
export type { FamilyId, TypeId } from './types';
export { roleIds, roles, type RoleId } from './roles';
export { comesInPairs, sides, type Side } from './sides';
export { severalSlots, slotIds, slots, type SlotId } from './slots';
export { hipAboveBustCm, mensLetters, womensLetters, type LetterSize } from './letter-sizes';
