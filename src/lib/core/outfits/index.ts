/** From the rail: what it reaches, whole outfits built outward from a piece, and steering them. */
export { referenceFrom, type WornOption } from './to-reference';
export { beforeBuying, gapsClosed, type BeforeBuying, type ClosedGap } from './before-buying';
export { acrossShapes, shapeOf, type AcrossShape } from './across-shapes';
export { coloursInIt, type ColourInIt } from './colours-in-it';
export { somethingMore, type More } from './something-more';
export { stepIds, stepsOf, type Step, type StepId } from './step';
export { outfitsFrom, type Outfit } from './outfits-from';
export { wornOption } from '../matching/worn-option';
export { worthOfOutfit, type OutfitAsk } from './worth';
export { reachOf, wantedFor, type Reach } from './reach';
export { dressinessOf, measureOf, steer, type SteerChange, type Steered, type SteerOptions } from './steer';
export { oppositeOf, wishIds, type Wish } from '../lexicon/moods';
