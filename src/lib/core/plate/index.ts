/** The drawn figure as plain geometry. */
export { drawPlate } from './draw';
export { framingOf } from './framing';
export { plateSvg } from './svg';
export { hemLines, type HemLine } from './lengths';
export { halfOf, postures } from './model';
export type { PlateSide } from './model';
export type { Paint, Plate, PlateBody, PlateLook, PlateShape, Posture } from './model';
