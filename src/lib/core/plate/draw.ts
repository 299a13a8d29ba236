import { garmentType } from '../lexicon/taxonomy';
import type { DrawKind } from '../lexicon/taxonomy-data';
import * as accessories from './accessories';
import { bodyShapes, figureOf, hairShapes, headShapes, plateSize } from './body';
import { drawn, type Drawing } from './drawing';
import * as lower from './lower';
import type { Plate, PlateBody, PlateLayer, PlateLook, PlatePattern, PlateShape } from './model';
import { clothOf } from './paint';
import * as upper from './upper';

/** Each kind's drawing, and its place in the order from the skin outwards. */
const kinds: Record<DrawKind, { order: number; draw: (drawing: Drawing) => PlateShape[] }> = {
	tights: { order: 10, draw: accessories.tightsShapes },
	socks: { order: 11, draw: accessories.tightsShapes },
	shoe: { order: 20, draw: accessories.shoeShapes },
	sandal: { order: 20, draw: accessories.sandalShapes },
	boot: { order: 20, draw: accessories.bootShapes },
	trousers: { order: 30, draw: lower.trousersShapes },
	shorts: { order: 30, draw: lower.trousersShapes },
	skirt: { order: 30, draw: lower.skirtShapes },
	top: { order: 40, draw: upper.topShapes },
	dress: { order: 45, draw: lower.dressShapes },
	jumpsuit: { order: 45, draw: lower.jumpsuitShapes },
	belt: { order: 50, draw: accessories.beltShapes },
	bracelet: { order: 52, draw: accessories.wristShapes },
	ring: { order: 52, draw: accessories.ringShapes },
	saree: { order: 55, draw: lower.sareeShapes },
	jacket: { order: 60, draw: upper.jacketShapes },
	coat: { order: 70, draw: upper.coatShapes },
	dupatta: { order: 72, draw: accessories.dupattaShapes },
	gloves: { order: 74, draw: accessories.gloveShapes },
	necklace: { order: 76, draw: accessories.necklaceShapes },
	scarf: { order: 78, draw: accessories.scarfShapes },
	brooch: { order: 79, draw: accessories.broochShapes },
	lips: { order: 90, draw: accessories.lipShapes },
	eyewear: { order: 92, draw: accessories.eyewearShapes },
	earrings: { order: 93, draw: accessories.earringShapes },
	headband: { order: 94, draw: accessories.headbandShapes },
	hat: { order: 95, draw: accessories.hatShapes },
	bag: { order: 97, draw: accessories.bagShapes },
	hair: { order: 80, draw: () => [] },
	nails: { order: 80, draw: () => [] },
	none: { order: 0, draw: () => [] }
};

/** Where head and front hair come in the order. */
const headOrder = 85;
/** A tucked top lies under the waistband. */
const tuckedOrder = 25;

function orderOf(drawing: Drawing): number {
	const { draws } = garmentType(drawing.garment.type);
	const tucked = drawing.moves.includes('tucked') || drawing.moves.includes('half-tucked');
	return draws === 'top' && tucked ? tuckedOrder : kinds[draws].order;
}

/**
 * Draws a look on a figure as plain geometry: true colours, lengths at the body's landmarks, each garment a
 * layer under its own id. The figure takes the client's measures where they are known. Garments that have
 * nothing to show (underpinnings, scent) have no layer.
 */
export function drawPlate(look: PlateLook, body: PlateBody = {}): Plate {
	const shoes = look.worn.find(({ garment }) => garmentType(garment.type).slot === 'feet');
	const figure = figureOf(body, shoes && drawn(shoes, 'heelHeight', 'flat'));
	const patterns: PlatePattern[] = [];
	const drawings = look.worn
		.map(({ id, garment, moves }) => {
			const cloth = clothOf(id, garment);
			if (cloth.pattern) patterns.push(cloth.pattern);
			return { id, drawing: { garment, moves, figure, cloth } };
		})
		.sort((a, b) => orderOf(a.drawing) - orderOf(b.drawing));
	const layersWhere = (chosen: (order: number) => boolean): PlateLayer[] =>
		drawings
			.filter(({ drawing }) => chosen(orderOf(drawing)))
			.map(({ id, drawing }) => ({
				id,
				shapes: kinds[garmentType(drawing.garment.type).draws].draw(drawing)
			}))
			.filter(({ shapes }) => shapes.length > 0);

	const hair = hairShapes(figure);
	return {
		width: plateSize.width,
		height: plateSize.height,
		landmarks: figure.landmarks,
		patterns,
		layers: [
			{ id: 'hair', shapes: hair.behind },
			{ id: 'figure', shapes: bodyShapes(figure) },
			...layersWhere((order) => order < headOrder),
			{ id: 'head', shapes: [...headShapes(figure), ...hair.front] },
			...layersWhere((order) => order >= headOrder)
		]
	};
}
