import type { SlotId } from '../lexicon/slots';
import type { BodyScale } from './body-marks';
import type { Spot } from './pixels';

/**
 * Where on a body things of a slot are met first: the height as a share of stature, and how far aside of the middle, so that
 * the gap between the legs and an open jacket are not hit (common practice; whoever looks may point elsewhere).
 */
const places: Partial<Record<SlotId, { height: number; aside: number }>> = {
	top: { height: 0.72, aside: 0 },
	legs: { height: 0.36, aside: 0.055 },
	whole: { height: 0.66, aside: 0 },
	suit: { height: 0.7, aside: 0.07 },
	layer: { height: 0.7, aside: 0.07 },
	outer: { height: 0.68, aside: 0.08 },
	drape: { height: 0.6, aside: 0.05 },
	feet: { height: 0.02, aside: 0.055 },
	waist: { height: 0.61, aside: 0 },
	hosiery: { height: 0.15, aside: 0.045 },
	head: { height: 0.98, aside: 0 }
};

/** The place on a picture at which a thing of a slot is looked for; undefined for what may be anywhere. */
export function expectedSpot(slot: SlotId, body: BodyScale): Spot | undefined {
	const place = places[slot];
	if (!place) return undefined;
	const middle = body.middleAt(place.height);
	return { x: middle.x + place.aside * body.stature, y: middle.y };
}
