import { garmentType } from '../lexicon/taxonomy';
import type { DrawKind } from '../lexicon/types/source';
import { bodyShapes, figureOf, hairShapes, headShapes, plateSize } from './body';
import { drawn, type Drawing } from './drawing';
import * as footwear from './footwear';
import * as headwear from './headwear';
import * as layers from './layers';
import * as lower from './lower';
import * as onePieces from './one-pieces';
import type { Plate, PlateBody, PlateLayer, PlateLook, PlatePattern, PlateShape } from './model';
import { clothOf } from './paint';
import * as trimmings from './trimmings';
import * as upper from './upper';

/** Each kind's drawing, and its place in the order from the skin outwards. */
const kinds: Record<DrawKind, { order: number; draw: (drawing: Drawing) => PlateShape[] }> = {
	tights: { order: 10, draw: footwear.tightsShapes },
	socks: { order: 11, draw: footwear.tightsShapes },
	shoe: { order: 20, draw: footwear.shoeShapes },
	sandal: { order: 20, draw: footwear.sandalShapes },
	boot: { order: 20, draw: footwear.bootShapes },
	trousers: { order: 30, draw: lower.trousersShapes },
	shorts: { order: 30, draw: lower.trousersShapes },
	skirt: { order: 30, draw: lower.skirtShapes },
	top: { order: 40, draw: upper.topShapes },
	dress: { order: 45, draw: onePieces.dressShapes },
	jumpsuit: { order: 45, draw: onePieces.jumpsuitShapes },
	'two-piece': { order: 45, draw: onePieces.twoPieceShapes },
	'skirt-set': { order: 45, draw: onePieces.skirtSetShapes },
	suit: { order: 60, draw: layers.suitShapes },
	'skirt-suit': { order: 60, draw: layers.skirtSuitShapes },
	belt: { order: 50, draw: trimmings.beltShapes },
	bracelet: { order: 52, draw: trimmings.wristShapes },
	ring: { order: 52, draw: trimmings.ringShapes },
	saree: { order: 55, draw: onePieces.sareeShapes },
	jacket: { order: 60, draw: layers.jacketShapes },
	coat: { order: 70, draw: layers.coatShapes },
	dupatta: { order: 72, draw: trimmings.dupattaShapes },
	gloves: { order: 74, draw: trimmings.gloveShapes },
	necklace: { order: 76, draw: trimmings.necklaceShapes },
	scarf: { order: 78, draw: trimmings.scarfShapes },
	brooch: { order: 79, draw: trimmings.broochShapes },
	lips: { order: 90, draw: headwear.lipShapes },
	eyewear: { order: 92, draw: headwear.eyewearShapes },
	earrings: { order: 93, draw: headwear.earringShapes },
	headband: { order: 94, draw: headwear.headbandShapes },
	hat: { order: 95, draw: headwear.hatShapes },
	bag: { order: 97, draw: trimmings.bagShapes },
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
