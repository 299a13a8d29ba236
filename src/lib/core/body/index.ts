/** The body: sizes, hems, layers, wishes, cautions, what a move needs. */
export { heelWornCm } from './heights';
export { moveFails, bottomOf } from './move-fails';
export { inState, layerStates, statesOf, type LayerState } from './layers';
export { cautionsFor, type Caution } from './cautions';
export { bestSize, type FitAt, type SizeAdvice } from './sizes';
export { chartFor, labelsFor, sizeOfListing, type ListingSize } from './listing-size';
export { isSized, remembered, sizedAs, type Remembered } from './fit-memory';
export { convertedSize, footOfEu, footOfUk, lastAllowanceCm, letterFor, shoeSizes } from './size-systems';
export { cmFrom, lengthIn, lengthInWords, measureQuestions, type LengthUnit } from './measuring';
export { hemLanding, type HemLanding } from './hem-landing';
export { servedInWords, wishesServed, wishScore } from './wishes';
export { landingsOf, type Landing, type WornHem } from './hems';
