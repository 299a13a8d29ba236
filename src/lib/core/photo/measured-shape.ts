/** What the reach of a garment on a body says of it, in the terms of the lexicon: hem, leg, sleeve, rise. */
import { cutForCm, heights } from '../body/heights';
import { heightInWords } from '../body/hem-landing';
import { facetOf, type FacetId } from '../lexicon/facets';
import { sleeveReaches } from '../lexicon/sleeve-reaches';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { OnBody } from './on-body';

/** A facet that was measured on a picture. */
export interface MeasuredFacet {
	facet: FacetId;
	value: string;
	/** How sure it is, 0..1: less near the border to the next value and far from any mark. */
	sure: number;
}
/** Another garment on the same picture, which may hide an edge. */
export interface Beside {
	type: string;
	on: OnBody;
}

/** Where a waistband of each rise lies, in shares of stature (common practice: the natural waist, and a hand and a half under it). */
const riseHeights: Record<string, number> = { high: 0.613, mid: 0.585, low: 0.553 };
/** Lower than this no waistband is seen: what is worn over it hides it. */
const lowestRise = 0.535;
/** Edges nearer than this are one border between two garments. */
const border = 0.03;
/** A top that ends higher than this may be tucked in there as well as end there. */
const tuckedFrom = 0.56;
/** No top ends higher than this: there something lies over it. */
const shortestTop = 0.7;
/** A hem that is lower than the ankle goes on inside the shoe or touches it; above, it may go into a boot. */
const intoBootFrom = 0.07;
/** Nothing that is read from a picture is surer than this. */
const mostSure = 0.85;
/** A height is as sure as it can be this near to a mark; farther off it loses, down to a least share. */
const nearMark = 0.1;
const lossAway = 2;
const leastAway = 0.6;
/** From here on a sleeve reaches the wrist, and no skin need be seen. */
const atWrist = 0.9;
/** A sleeve that goes on by more than this under another's end is hidden by it. */
const underSleeve = 0.1;
/** What lies over more than this of an arm, though its kind has no sleeves, is a cape. */
const capeOver = 0.5;
/** About how high a sleeve is marked: between shoulder and elbow. */
const sleeveHeight = (heights.shoulder + heights.elbow) / 2;

/** A strapless top and one without sleeves leave the same arm bare. */
const { strapless: _strapless, ...armReaches } = sleeveReaches;

const upper: readonly SlotId[] = ['top', 'layer', 'outer', 'whole', 'suit'];
const lower: readonly SlotId[] = ['legs', 'whole', 'suit'];
const slotOf = (type: string) => garmentType(type).slot;

/** The value whose place is nearest, and how sure: half as sure at the border to the next one. */
function nearest(places: Readonly<Record<string, number>>, at: number): { value: string; sure: number } {
	const [first, second] = Object.entries(places)
		.map(([value, place]) => ({ value, apart: Math.abs(place - at) }))
		.sort((a, b) => a.apart - b.apart);
	if (!first) throw new RangeError('a facet without values');
	const clear = second ? (second.apart - first.apart) / Math.max(1e-6, second.apart + first.apart) : 1;
	return { value: first.value, sure: mostSure * (0.5 + 0.5 * clear) };
}

/** Cloth that lies in folds ends where what touches the floor ends, and is told by its folds, not by its place. */
const inFolds: ReadonlySet<string> = new Set(['stacked']);
/** The values of a facet at their places on the body. */
const placesOf = (facet: FacetId): Record<string, number> =>
	Object.fromEntries(
		facetOf(facet)
			.values.filter(({ id }) => !inFolds.has(id))
			.map(({ id, at = 0 }) => [id, at])
	);

/** Far from every mark a height is reckoned over a longer way. */
const markedNear = (height: number, { marked }: OnBody) =>
	Math.max(
		leastAway,
		1 - lossAway * Math.max(0, Math.min(...marked.map((one) => Math.abs(one - height))) - nearMark)
	);

/** Does a boot's shaft meet the end of the legs? */
const goesIntoBoot = ({ to }: OnBody, beside: readonly Beside[]) =>
	to > intoBootFrom &&
	beside.some(({ type, on }) => slotOf(type) === 'feet' && Math.abs(on.from - to) < border);
/** Does something that is worn above end where this begins? */
const isCoveredAbove = ({ from }: OnBody, beside: readonly Beside[]) =>
	beside.some(({ type, on }) => upper.includes(slotOf(type)) && Math.abs(on.to - from) < border);
/** Does something begin where this ends? */
const goesInBelow = ({ to }: OnBody, beside: readonly Beside[]) =>
	beside.some(({ type, on }) => lower.includes(slotOf(type)) && Math.abs(on.from - to) < border);
/** Does another sleeve go on where this one ends? */
const isUnderSleeve = (to: number, beside: readonly Beside[]) =>
	beside.some(({ on }) => on.sleeve !== undefined && on.sleeve.to > to + underSleeve);
/** Is it seen where a sleeve ends: by the skin after it, or at the wrist? */
const isSeen = ({ to, bare }: NonNullable<OnBody['sleeve']>) => bare || to > atWrist;

/**
 * The facets of a kind that its place on a body tells. What another garment may hide is not claimed: a hem inside a boot
 * or a waistband, a waistband under a jumper, a sleeve under a sleeve, an arm on which no skin is seen; nor an edge where the picture ends.
 *
 * @param type of which kind it is
 * @param beside what else is marked on the same picture
 */
export function measuredShape(type: string, on: OnBody, beside: readonly Beside[]): MeasuredFacet[] {
	const { facets, slot, usual } = garmentType(type);
	const shape: MeasuredFacet[] = [];
	const claim = (facet: FacetId, places: Readonly<Record<string, number>>, at: number, height: number) => {
		if (!facets.includes(facet)) return;
		const { value, sure } = nearest(places, at);
		shape.push({ facet, value, sure: Math.round(sure * markedNear(height, on) * 100) / 100 });
	};
	const endsHere = !on.cut?.below;
	if (endsHere && !goesIntoBoot(on, beside)) claim('legLength', placesOf('legLength'), on.to, on.to);
	if (endsHere) claim('hemLength', placesOf('hemLength'), on.to, on.to);
	if (endsHere && (on.to < tuckedFrom || (on.to < shortestTop && !goesInBelow(on, beside))))
		claim('topLength', placesOf('topLength'), on.to, on.to);
	if (
		slot === 'legs' &&
		!on.cut?.above &&
		on.from >= lowestRise &&
		(on.from >= tuckedFrom || !isCoveredAbove(on, beside))
	)
		claim('rise', riseHeights, on.from, on.from);
	const { sleeve } = on;
	if (sleeve && isSeen(sleeve) && !isUnderSleeve(sleeve.to, beside)) {
		// A cape hides the arm and has no sleeve.
		const isCape = slot === 'outer' && usual.sleeveLength === 'sleeveless' && sleeve.to > capeOver;
		if (!isCape) claim('sleeveLength', armReaches, sleeve.to, sleeveHeight);
	}
	return shape;
}

/** A height of the body in words, on a body of the usual stature: "the knee", "a hand above the ankle". */
export const placeOnBody = (height: number): string =>
	height > heights.chin
		? 'the head'
		: height > heights.shoulder
			? 'the shoulder'
			: heightInWords(height * cutForCm, cutForCm).replace(/^at /, '');

/** How long the sleeve is, where it is seen where it ends: "three-quarter sleeves". */
export function sleeveInWords({ sleeve }: OnBody): string | undefined {
	if (!sleeve || !isSeen(sleeve)) return undefined;
	const { value } = nearest(armReaches, sleeve.to);
	return value === 'sleeveless' ? value : `${value} sleeves`;
}
