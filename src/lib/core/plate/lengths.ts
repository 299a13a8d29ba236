/** Where hems fall. */
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { extentOf } from './extent';
import type { Landmarks, Plate, PlateLook } from './model';

export interface HemLine {
	/** The layer whose hem it is. */
	id: string;
	/** Height in plate units, downwards. */
	y: number;
	/** Where it falls: "at the knee", "just below the hip". */
	words: string;
}

/** Slots whose hems tell the silhouette. */
const hemmed: readonly SlotId[] = ['top', 'layer', 'outer', 'legs', 'whole', 'suit', 'drape'];

const places: { words: string; y: (at: Landmarks) => number }[] = [
	{ words: 'the waist', y: ({ waist }) => waist },
	{ words: 'the hip', y: ({ hip }) => hip },
	{ words: 'the top of the thigh', y: ({ crotch }) => crotch },
	{ words: 'mid-thigh', y: ({ crotch, knee }) => (crotch + knee) / 2 },
	{ words: 'the knee', y: ({ knee }) => knee },
	{ words: 'mid-calf', y: ({ knee, ankle }) => (knee + ankle) / 2 },
	{ words: 'the ankle', y: ({ ankle }) => ankle },
	{ words: 'the floor', y: ({ floor }) => floor }
];
/** Nearer than this, in plate units, a hem falls at a place: two fingers' width, about 4 cm on a neutral figure. */
const near = 20;

function placeInWords(y: number, at: Landmarks): string {
	const [first, ...others] = places;
	if (!first) return '';
	const closest = others.reduce(
		(best, place) => (Math.abs(place.y(at) - y) < Math.abs(best.y(at) - y) ? place : best),
		first
	);
	const apart = y - closest.y(at);
	if (Math.abs(apart) <= near) return `at ${closest.words}`;
	return `${apart < 0 ? 'above' : 'below'} ${closest.words}`;
}

/** The hems of a drawn look, from the highest down. What is tucked in has no hem to be seen. */
export function hemLines(look: PlateLook, plate: Plate): HemLine[] {
	return look.worn
		.filter(
			({ garment, moves }) => hemmed.includes(garmentType(garment.type).slot) && !moves.includes('tucked')
		)
		.flatMap(({ id, garment }) => {
			const shapes = plate.layers.filter((layer) => layer.id === id).flatMap((layer) => layer.shapes);
			const upper = ['top', 'layer', 'outer'].includes(garmentType(garment.type).slot);
			// Sleeves may hang lower than the hem of a top: only what is drawn about the middle counts.
			const body = upper ? shapes.filter((shape) => straddles(extentOf([shape]))) : shapes;
			const extent = extentOf(body.length > 0 ? body : shapes);
			return extent ? [{ id, y: extent.bottom, words: placeInWords(extent.bottom, plate.landmarks) }] : [];
		})
		.sort((a, b) => a.y - b.y);
}

/** Does a shape lie near the middle of the body? */
const straddles = (extent: ReturnType<typeof extentOf>) =>
	extent !== undefined && extent.left < 60 && extent.right > -60;
