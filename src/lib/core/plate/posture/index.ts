/** Plates of who sits or walks; loaded apart, with its reader of paths. */
export { posed, posedHems } from './posture';
