import type { Framing } from './framing';
import { sides } from '../lexicon/sides';
import { halfOf, type Paint, type Plate, type PlateShape } from './model';

const paintOf = (fill: Paint | undefined, own: string) =>
	fill === undefined ? 'none' : fill.kind === 'colour' ? fill.hex : `url(#${own}${fill.id})`;

const pathWith =
	(own: string) =>
	({ d, fill, stroke, strokeWidth, opacity }: PlateShape) =>
		`<path d="${d}" fill="${paintOf(fill, own)}"${stroke ? ` stroke="${stroke}" stroke-width="${strokeWidth ?? 1}"` : ''}${opacity === undefined ? '' : ` opacity="${opacity}"`}/>`;

/**
 * A plate as an SVG document, for files and for renderers outside the interface.
 *
 * @param view the part to show; the whole plate by default
 * @param own what the ids of patterns and lights begin with, where several plates stand in one document
 */
export function plateSvg(plate: Plate, view?: Framing, own = ''): string {
	const pathOf = pathWith(own);
	const [x, y, width, height] = view ?? [-plate.width / 2, 0, plate.width, plate.height];
	const patterns = plate.patterns.map(
		(pattern) =>
			`<pattern id="${own}${pattern.id}" width="${pattern.width}" height="${pattern.height}" patternUnits="userSpaceOnUse" patternTransform="rotate(${pattern.rotation})">${pattern.background ? `<rect width="${pattern.width}" height="${pattern.height}" fill="${pattern.background}"/>` : ''}${pattern.shapes.map(pathOf).join('')}</pattern>`
	);
	const lights = plate.lights.map(
		({ id, stops }) =>
			`<linearGradient id="${own}${id}">${stops.map(({ at, hex, opacity }) => `<stop offset="${at}" stop-color="${hex}" stop-opacity="${opacity}"/>`).join('')}</linearGradient>`
	);
	const halves = sides
		.filter((side) => plate.layers.some((layer) => layer.side === side))
		.map((side) => {
			const half = halfOf(side, plate);
			return `<clipPath id="${own}${side}"><rect x="${half.x}" y="${half.y}" width="${half.width}" height="${half.height}"/></clipPath>`;
		});
	const shapes = plate.layers.map((layer) => {
		const drawn = layer.shapes.map(pathOf).join('');
		return layer.side ? `<g clip-path="url(#${own}${layer.side})">${drawn}</g>` : drawn;
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" stroke-linejoin="round" stroke-linecap="round"><defs>${patterns.join('')}${lights.join('')}${halves.join('')}</defs>${plate.mirrored ? `<g transform="scale(-1 1)">${shapes.join('')}</g>` : shapes.join('')}</svg>`;
}
