/** What answers what: candidates, ranking, choosing, the whole wardrobe at once, what pieces become, points to win back. */
export { closest, indexGarments, type Closest, type GarmentIndex } from './garment-index';
export { bestAssignment, changedByHand, matchWardrobe } from './assign';
export { cheapestToNextBand, type Buy, type NextBand } from './next-band';
export { byCheapness, winBacks, type Offer, type WinBack, type WorthyOffer } from './win-back';
export {
	candidatesFor,
	cautionsOf,
	isWearable,
	servesOf,
	type Candidate,
	type Candidates,
	type CandidateSource
} from './candidates';
export { fitsCard, huntingCard, type HuntingCard } from './hunting-card';
export { nearerOrCheaper, type Valued } from './less';
export { isForSale, marketQuestion, type AskedFor } from './market-question';
export {
	closestInLists,
	closestSold,
	indexSold,
	joinedAnswer,
	layOut,
	leastCloseness,
	mostUnsuitable,
	type OwnList,
	type SoldIndex
} from './own-lists';
export { backupsFor } from './backups';
export { rankCandidates, type RankedCandidate } from './rank';
export {
	keyOfItem,
	matchOf,
	onItsSide,
	optionsOfPiece,
	resolveItem,
	sameItem,
	sameOwned,
	sameThing,
	wearable,
	wornIn,
	type OwnedOption
} from './items';
export { adaptLook, type Adaptation, type AdaptedLook } from './adapt';
export { becomes, becomingsOf, waysOf, type Becoming, type CheckedNeed, type Way } from './becomes';
export { preparedIn } from './prepared';
export { scoreEcho, scoringOf, wornPieces } from './score-echo';
export * as choosing from './choosing';
export { drawnElement, referenceLook, wornLook } from './looks';
export { inOrder, moveElement, ranked } from './order';
export { isSet, partsOfSet, takenApart } from './sets';
export { asVersion, garmentsBetween, putTogether, sameAs, versionNow, type PutTogether } from './versions';
export { mendsForSale, wantedElements, type MendsForSale } from './mends-for-sale';
export {
	buyingFor,
	isInReach,
	latestArrival,
	unsuitableFor,
	withoutElement,
	type SuitabilityOptions,
	type Unsuitable
} from './suitability';
export { findingsOf, judge } from './judging';
export { asTried, type AsTried } from './as-tried';
export { extrasOf, sheetCautions, sheetOf, type SheetLine } from './sheet';
export { searchOver, searchOverSoon, wordsOfGarment, type Finder, type Searchable } from './search';
export { isFound, seasons, type EchoSearch, type SeasonId } from './find-echoes';
