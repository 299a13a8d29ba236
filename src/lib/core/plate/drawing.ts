import type { FacetId, ValueOf } from '../lexicon/facets';
import type { MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Figure } from './figure/figure';
import type { Paint, PlateShape, Posture } from './model';
import type { Cloth } from './cloth/paint';
import { plainCloth } from './cloth/paint';
import { curve, flow, polygon, type Point, xAt } from './path';

/** All that one garment's drawing needs. */
export interface Drawing {
	garment: Garment;
	moves: readonly MoveId[];
	figure: Figure;
	cloth: Cloth;
	/** How many of its kind are worn under it: chains hang one below the other. */
	under?: number;
	/** It is seen from behind. */
	behind?: boolean;
	/** How its wearer is seen; standing, where nothing is said. */
	posture?: Posture;
}

/** A facet's stated value, else what is usual for the type, else the fallback. */
export function drawn<F extends FacetId, B extends ValueOf<F> | ''>(
	{ garment }: Pick<Drawing, 'garment'>,
	facet: F,
	fallback: B
): ValueOf<F> | B {
	return garment.facets[facet]?.value ?? garmentType(garment.type).usual[facet] ?? fallback;
}

/** A piece of cloth: filled, with its own outline. */
export const clothShape = (d: string, { paint, line, opacity }: Cloth): PlateShape => ({
	d,
	fill: paint,
	stroke: line,
	strokeWidth: 1.4,
	...(opacity < 1 ? { opacity } : {})
});

/** A facing, trim or inner side: the cloth's own colour a little lighter or darker, without its print. */
export const facing = (d: string, cloth: Cloth, hex = cloth.hex): PlateShape =>
	clothShape(d, plainCloth(cloth, hex));

/** A fold or seam. */
export const seam = (
	points: readonly Point[],
	{ line }: Pick<Cloth, 'line'>,
	strokeWidth = 1.2
): PlateShape => ({
	d: points.length > 2 ? curve(points) : polygon(points, false),
	stroke: line,
	strokeWidth,
	opacity: 0.8
});

/** A fold or seam that runs any way. */
export const stitch = (
	points: readonly Point[],
	hex: string,
	strokeWidth = 1.2,
	opacity = 0.8
): PlateShape => ({
	d: flow(points),
	stroke: hex,
	strokeWidth,
	opacity
});

export const flat = (d: string, hex: string, opacity?: number): PlateShape => ({
	d,
	fill: { kind: 'colour', hex },
	...(opacity === undefined ? {} : { opacity })
});

/** The part of an edge above a height, ending on it. */
export function cutAt(edge: readonly Point[], y: number): Point[] {
	return [...edge.filter((point) => point[1] < y), [xAt(edge, y), y]];
}

/** The part of an edge below a height, beginning on it. */
export function cutFrom(edge: readonly Point[], y: number): Point[] {
	return [[xAt(edge, y), y], ...edge.filter((point) => point[1] > y)];
}

/** How much larger than medium a value of the facet "size" is drawn. */
const sizes: Record<string, number> = { micro: 0.45, small: 0.7, medium: 1, large: 1.35, oversized: 1.7 };
export const sizeOf = (drawing: Drawing, fallback: ValueOf<'size'> = 'medium') =>
	sizes[drawn(drawing, 'size', fallback)] ?? 1;

/** Lays texture and light over each shape that shows the cloth itself. */
export const surfaced = (shapes: PlateShape[], { cloth }: Drawing): PlateShape[] =>
	shapes.flatMap((shape): PlateShape[] => {
		if (shape.fill !== cloth.paint) return [shape];
		const { d, opacity } = shape;
		const over = (fill: Paint): PlateShape => (opacity === undefined ? { d, fill } : { d, fill, opacity });
		return [
			shape,
			...(cloth.texture ? [over({ kind: 'pattern', id: cloth.texture.id })] : []),
			over({ kind: 'light', id: cloth.light.id })
		];
	});
