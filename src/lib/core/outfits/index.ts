/** From the rail: what it reaches, whole outfits built outward from a piece, and steering them. */
export { referenceFrom, type WornOption } from './to-reference';
export { outfitsFrom, worthOfOutfit, type Outfit, type OutfitAsk } from './outfits-from';
export { reachOf, wantedFor, type Reach } from './reach';
export { dressinessOf, measureOf, steer, type Steered, type SteerOptions } from './steer';
export { oppositeOf, wishIds, type Wish } from '../lexicon/moods';
