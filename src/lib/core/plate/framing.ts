import type { SlotId } from '../lexicon/slots';
import { extentOf, type Extent } from './extent';
import type { Plate } from './model';

/** A part of the plate: left, top, width, height in plate units, x = 0 in the middle. */
export type Framing = [x: number, y: number, width: number, height: number];

/** Small things are framed by what is drawn, but never closer than this, so that their sizes stay comparable. */
const closest: Partial<Record<SlotId, number>> = {
	bag: 170,
	feet: 150,
	neck: 150,
	brooch: 110,
	wrist: 90,
	finger: 70,
	hands: 130,
	nails: 90,
	ears: 110,
	eyes: 100,
	face: 110,
	scarf: 260,
	waist: 200
};

/** A square about what is drawn, with room around it. */
function squareAbout({ left, top, right, bottom }: Extent, least: number): Framing {
	const side = Math.max(least, Math.max(right - left, bottom - top) * 1.16);
	return [(left + right - side) / 2, (top + bottom - side) / 2, side, side];
}

/** Pairs and things worn on one side are framed where one of them is. */
const oneOf: readonly SlotId[] = ['hands', 'nails', 'ears'];

/**
 * The part of a plate in which a thing of this slot is seen, with room around it.
 *
 * @param id the layer of the thing; small things are framed by what is drawn of them
 */
export function framingOf(slot: SlotId, plate: Plate, id?: string): Framing {
	const { landmarks: at, width, height } = plate;
	const band = (from: number, to: number, half: number): Framing => [-half, from, 2 * half, to - from];
	const least = closest[slot];
	const layers = plate.layers.filter((layer) => layer.id === id);
	const shapes = least === undefined ? [] : layers.flatMap((layer) => layer.shapes);
	// What is worn on the left alone is seen to the right of the middle.
	const half = layers.some(({ side }) => side === 'left') ? /^M(?!-)/ : /^M-/;
	const box =
		extentOf(oneOf.includes(slot) ? shapes.filter(({ d }) => half.test(d)) : shapes) ?? extentOf(shapes);
	if (box && least !== undefined) return squareAbout(box, least);
	switch (slot) {
		case 'top':
		case 'layer':
			return band(at.shoulder - 60, at.crotch + 60, 190);
		case 'outer':
			return band(at.shoulder - 60, at.knee + 90, 200);
		case 'legs':
		case 'hosiery':
			return band(at.waist - 30, height, 245);
		case 'feet':
			return band(at.ankle - 60, height, 110);
		case 'head':
		case 'hair':
			return band(at.crown - 80, at.shoulder + 20, 116);
		case 'face':
		case 'eyes':
		case 'ears':
			return band(at.crown, at.chin + 30, 80);
		case 'neck':
		case 'brooch':
			return band(at.chin - 20, at.bust + 80, 100);
		case 'scarf':
			return band(at.chin - 30, at.hip + 60, 170);
		case 'waist':
			return band(at.bust, at.hip + 40, 120);
		case 'under':
			return band(at.shoulder - 60, at.knee, 170);
		case 'bag':
			return [10, at.bust, 250, at.knee - at.bust];
		case 'wrist':
		case 'finger':
		case 'hands':
		case 'nails':
			return [-210, at.elbow - 40, 190, 260];
		default:
			return [-width / 2, 0, width, height];
	}
}
