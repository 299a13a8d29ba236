/** Records: what is stored, exported and passed between the rooms, each with its schema, its fresh record and its links. */
export type { Id, Money, Provenance } from './basics';
export { schemaVersion } from './basics';
export type { Garment, StatedValue, Swatch } from './garment';
export { garmentSchema, stateFacet } from './garment';
export { mostColours, paletteOf } from './palette';
export { clientSchema, ethicsOf, freshClient, remeasured, type Client, type Measurements } from './client';
export { eventSchema, freshEvent, type Event, type Weather } from './event';
export { fitNoteSchema, freshFitNote, type FitNote } from './fit-note';
export { freshStockList, mostListed, stockListSchema, type StockList } from './stock-list';
export { freshWear, wearSchema, type Wear } from './wear';
export { freshPiece, pieceSchema, shownParts, type Part, type Piece } from './piece';
export {
	bodyMarkIds,
	freshPhoto,
	photoSchema,
	type BodyMarkId,
	type BodyMarks,
	type Photo,
	type PhotoRegion
} from './photo';
export {
	aspectIds,
	elementSchema,
	freshReference,
	mostTogether,
	referenceKinds,
	referenceSchema,
	type AspectId,
	type Element,
	type Reference,
	type ReferenceKind
} from './reference';
export { drillIds, freshDrillCard, type DrillCard, type DrillId } from './drill-card';
export {
	doesItsJob,
	freshTryOn,
	tryOnSchema,
	type ElementRating,
	type ElementSeen,
	type TryOn
} from './try-on';
export { clientAnswerSchema, clientSays, type ClientAnswer, type ClientSays } from './client-answer';
export { freshOrder, lineStates, orderSchema, type LineState, type Order, type OrderLine } from './order';
export {
	listingSchema,
	madeToMeasure,
	oneSize,
	shopSchema,
	sizesForAll,
	type Listing,
	type Reduction,
	type Shop,
	type SizeRow
} from './market';
export { dismissalReasons, echoSchema, freshEcho, type Dismissal, type Echo, type PlannedDay } from './echo';
export { verdictSchema, wouldWears, type Judgement, type Verdict } from './judgement';
export {
	besides,
	freshExtra,
	freshMatch,
	matchReasons,
	versionKinds,
	type Extra,
	type Item,
	type Match,
	type MatchReason,
	type Version
} from './worn';
export {
	degreeIds,
	freshRecipe,
	recipeSchema,
	type DegreeId,
	type Recipe,
	type RecipeItem,
	type RecipePart
} from './recipe';
export {
	freshSettings,
	settingsId,
	weighedLosses,
	weekDays,
	type Calibration,
	type Settings,
	type TaughtWord,
	type WeighedLoss,
	type WeekDay
} from './settings';
export {
	emptyStudio,
	linksTo,
	recordTypeOf,
	recordTypes,
	tableNames,
	type AnyRecord,
	type RecordOf,
	type Studio,
	type StudioDocument,
	type TableName
} from './studio';
export { brokenLinkInWords, brokenLinks, brokenLinksOf, innerIdsOf, type BrokenLink } from './links';
export { migrate } from './migrations';
