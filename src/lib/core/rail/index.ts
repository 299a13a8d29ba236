/** The rail by itself: what its pieces are looked for by, their order, and what it tells. */
export {
	filterRail,
	neverUsed,
	orderIds,
	sortRail,
	useIds,
	type OrderId,
	type RailFilter,
	type RailUse,
	type UseId
} from './filter';
export { doublesOf, doublesOfGarment, railTells, type RailTells, type TellsOptions } from './tells';
export { traitIds, traitLabel, traitOf, valuesOf, type TraitId } from './traits';
