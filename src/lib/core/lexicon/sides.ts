import { garmentType } from './taxonomy';

/** A side of whoever wears it: what is on their left stands to the right of a picture from the front. */
export const sides = ['left', 'right'] as const;
export type Side = (typeof sides)[number];

/** In the slots of pairs, what is one thing all the same. */
const oneThing: ReadonlySet<string> = new Set([
	'tights',
	'sheer-tights',
	'opaque-tights',
	'fishnet-tights',
	'footless-tights',
	'muff'
]);

/** Does such a thing come in two, one for each side, of which either may be another: shoes, socks, gloves, earrings? */
export const comesInPairs = (type: string): boolean =>
	['feet', 'hosiery', 'hands', 'ears'].includes(garmentType(type).slot) && !oneThing.has(type);
