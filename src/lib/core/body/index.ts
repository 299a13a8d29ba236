/** The body: sizes, hems, layers, wishes, cautions, what a move needs. */
export { moveFails, bottomOf } from './move-fails';
export { inState, layerStates, statesOf, type LayerState } from './layers';
export { cautionsFor, type Caution } from './cautions';
export { bestSize, type SizeAdvice } from './sizes';
export { hemLanding, type HemLanding } from './hem-landing';
export { servedInWords, wishesServed, wishScore } from './wishes';
