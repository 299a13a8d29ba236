/**
 * The core's public face: reading, closeness, matching, money and drawing, without interface, browser, storage
 * or clock. These names are stable; everything else in here may move.
 */

// Records
export type { Id, Money, Provenance } from './model/basics';
export { schemaVersion } from './model/basics';
export type { Garment, StatedValue, Swatch } from './model/garment';
export { garmentSchema } from './model/garment';
export { mostColours, paletteOf } from './model/palette';
export type { Client, Event } from './model/client';
export { clientSchema, eventSchema } from './model/client';
export type { Part, Piece } from './model/piece';
export { pieceSchema } from './model/piece';
export type { AspectId, Element, Reference, ReferenceKind } from './model/reference';
export { aspectIds, elementSchema, referenceKinds, referenceSchema } from './model/reference';
export type { Listing, Shop, SizeRow } from './model/market';
export { listingSchema, shopSchema } from './model/market';
export type { Dismissal, Echo, Item, Judgement, Match, Verdict } from './model/echo';
export { dismissalReasons, echoSchema, matchReasons, verdictSchema } from './model/echo';
export type { RecordOf, Settings, Studio, StudioDocument, TableName } from './model/studio';
export { emptyStudio, settingsId, tableNames, tableSchemas } from './model/studio';
export { migrate } from './model/migrations';

// Lexicon
export type { Facet, FacetId } from './lexicon/facets';
export { facetIds, facetOf, facetValue } from './lexicon/facets';
export type { GarmentType } from './lexicon/taxonomy';
export { garmentType, garmentTypes, typeHasFacet, typeSimilarity } from './lexicon/taxonomy';
export { aspectWeightOf } from './lexicon/aspect-weights';
export { bandOf, bands } from './lexicon/bands';
export { bodyMeasureIds, bodyMeasures, type BodyMeasure } from './lexicon/measures';
export {
	closenessSchools,
	defaultSchools,
	schoolGuide,
	schoolLabel,
	schoolQuestions,
	type SchoolQuestion,
	type Schools
} from './lexicon/schools';
export { transformationIds, type TransformationId } from './lexicon/transformation-ids';
export { transformationOf } from './lexicon/transformations';
export { colourWords } from './lexicon/colours';
export { effectIds, effects } from './lexicon/effects';
export { metalColours, metalIds } from './lexicon/metals';
export { moveIds, moveOf, moves, type MoveId } from './lexicon/moves';
export { printScales, prints } from './lexicon/prints';
export { roleIds, roles, type RoleId } from './lexicon/roles';
export { slotIds, slots, type SlotId } from './lexicon/slots';

// Colour
export { deltaE00 } from './colour/difference';
export { familyOf, type ColourFamily } from './colour/family';
export { mainSwatch, paletteSimilarity } from './colour/palette';
export { hexOfLab, labOfHex, type Lab } from './colour/spaces';
export { colourDifferenceInWords, colourName, colourOfWord } from './colour/words';

// Reading
export type { Question, Reading, ReadPhrase, ReadStatus } from './reading/model';
export { readLook, type ReadOptions } from './reading/read-look';
export { alternatives, rephrased, withoutPhrase, withWord } from './reading/rephrase';
export { saidOver } from './reading/said-over';

// Recipes
export {
	degreeIds,
	recipeSchema,
	type DegreeId,
	type Recipe,
	type RecipeItem,
	type RecipePart
} from './model/recipe';
export { degrees, itemsAtDegree, weighed } from './recipes/degrees';
export { recipeFromReferences } from './recipes/from-references';
export { onBase, sharedAdds, type OnBase } from './recipes/on-a-base';
export { isBeauty, readRecipe, type ReadRecipe, type RecipeProblem } from './recipes/read-recipe';
export { elementOfItem, referenceOf } from './recipes/to-reference';

// Closeness
export { closenessOf, closenessTo, statedAspects, type Asked, type PieceCloseness } from './closeness/piece';
export {
	methodVersion,
	scoreLook,
	type ElementScore,
	type LookCloseness,
	type Loss,
	type Worn
} from './closeness/look';
export { elementWeights } from './closeness/weights';
export { movedBetween, type Moved } from './closeness/moved';
export { whyFigure, type WhyRow } from './closeness/why';
export {
	aspectLabel,
	aspectValueInWords,
	garmentInWords,
	garmentName,
	lossInWords,
	reasonsOf
} from './closeness/words';

// The eye
export { checkLook } from './checks/check-look';
export { mendsOf, withChange, type Change, type Mend, type MendOptions, type Spare } from './checks/mends';
export type { CheckContext, CheckedPiece, Finding, LookState, Severity } from './checks/model';
export { asWorn, forgivenIn, mistakesOf } from './checks/mistakes';
export { rules } from './checks/rules';
export { underneath, type Underpinning } from './checks/underneath';
export { thresholds } from './checks/thresholds';

// Matching
export { closest, indexGarments, type Closest, type GarmentIndex } from './matching/garment-index';
export { bestAssignment, matchWardrobe } from './matching/assign';
export {
	byCheapness,
	winBacks,
	worthOfOffers,
	type Offer,
	type WinBack,
	type WorthyOffer
} from './matching/win-back';
export { rankCandidates, type RankedCandidate } from './matching/rank';
export {
	matchOf,
	optionsOfPiece,
	resolveItem,
	sameItem,
	sameThing,
	wearable,
	wornIn,
	type OwnedOption
} from './matching/items';
export { adaptLook, type Adaptation, type AdaptedLook } from './matching/adapt';
export { becomes, becomingsOf, type Becoming, type CheckedNeed } from './matching/becomes';
export { moveFails, bottomOf } from './body/move-fails';
export { canForgive, scoreWorn } from './matching/score-worn';
export { scoreEcho, scoringOf, wornPieces } from './matching/score-echo';
export * as choosing from './matching/choosing';
export { inState, layerStates, statesOf, type LayerState } from './body/layers';
export { inOrder, moveElement, ranked } from './matching/order';
export { judge } from './matching/judging';
export { extrasOf, sheetCautions, sheetOf, type SheetLine } from './matching/sheet';

// Body and money
export { isKnownLimit } from './checks/limits';
export { cautionsFor, type Caution } from './body/cautions';
export { bestSize, type SizeAdvice } from './body/sizes';
export { hemLanding, type HemLanding } from './body/hem-landing';
export { servedInWords, wishesServed, wishScore } from './body/wishes';
export { currencies, moneyInWords, readMoney, sumOf } from './money/amounts';
export { boughtIn, spendOf, type Spend } from './money/spend';

// Plate
export { drawPlate } from './plate/draw';
export { framingOf } from './plate/framing';
export { plateSvg } from './plate/svg';
export { hemLines, type HemLine } from './plate/lengths';
export type { Paint, Plate, PlateBody, PlateLook, PlateShape } from './plate/model';

// Exchange
export { packStudio, unpackStudio } from './exchange/archive';
export { movedToToday } from './exchange/dates';
export { documentOf, readDocument, type Read } from './exchange/document';
export {
	marketAnswerSchema,
	marketQuerySchema,
	marketRefusalSchema,
	type MarketAnswer,
	type MarketQuery
} from './exchange/market';
export { problemsInWords } from './exchange/problems';
