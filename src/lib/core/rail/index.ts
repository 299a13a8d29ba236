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
export {
	doublesOf,
	railTells,
	volumes,
	wornAsIds,
	type RailTells,
	type TellsOptions,
	type Told,
	type Volume,
	type WornAs
} from './tells';
export {
	traitIds,
	traitLabel,
	traitsOf,
	valuesOf,
	type TraitId,
	type Traits,
	type TraitValue
} from './traits';
