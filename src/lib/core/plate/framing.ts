import type { SlotId } from '../lexicon/slots';
import type { Plate } from './model';

/** A part of the plate: left, top, width, height in plate units, x = 0 in the middle. */
export type Framing = [x: number, y: number, width: number, height: number];

/** The part of a plate in which a thing of this slot is seen, with room around it. */
export function framingOf(slot: SlotId, { landmarks: at, width, height }: Plate): Framing {
	const band = (from: number, to: number, half: number): Framing => [-half, from, 2 * half, to - from];
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
			return band(at.knee + 20, height, 110);
		case 'head':
		case 'eyes':
		case 'ears':
		case 'hair':
		case 'face':
			return band(at.crown - 50, at.shoulder + 20, 110);
		case 'neck':
		case 'brooch':
			return band(at.chin - 20, at.bust + 80, 100);
		case 'scarf':
			return band(at.chin - 30, at.hip + 60, 170);
		case 'waist':
			return band(at.bust, at.hip + 40, 120);
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
