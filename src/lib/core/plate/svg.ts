import type { Framing } from './framing';
import { sides } from '../lexicon/sides';
import { halfOf, type Paint, type Plate, type PlateShape } from './model';

/** What an attribute holds, whatever is in it. */
const quoted = (text: string) =>
	text.replaceAll('&', '&amp;').replaceAll('"', '&quot;').replaceAll('<', '&lt;');

const paintOf = (fill: Paint | undefined, idOf: (id: string) => string) =>
	fill === undefined ? 'none' : fill.kind === 'colour' ? fill.hex : `url(#${idOf(fill.id)})`;

const pathWith =
	(idOf: (id: string) => string) =>
	({ d, fill, stroke, strokeWidth, opacity }: PlateShape) =>
		`<path d="${d}" fill="${paintOf(fill, idOf)}"${stroke ? ` stroke="${stroke}" stroke-width="${strokeWidth ?? 1}"` : ''}${opacity === undefined ? '' : ` opacity="${opacity}"`}/>`;

/**
 * What is drawn on a plate, as the contents of an SVG element; of one that is mirrored, left and right are still to change places.
 *
 * @param own what the ids of patterns and lights begin with, where several plates stand in one document
 * @param marked layers are groups with their ids in `data-layer`; those that are lit lie on a halo
 */
export function plateMarkup(plate: Plate, own = '', marked?: { lit: readonly string[] }): string {
	const prefix = quoted(own);
	const idOf = (id: string) => prefix + quoted(id);
	const pathOf = pathWith(idOf);
	const patterns = plate.patterns.map(
		(pattern) =>
			`<pattern id="${idOf(pattern.id)}" width="${pattern.width}" height="${pattern.height}" patternUnits="userSpaceOnUse" patternTransform="rotate(${pattern.rotation})">${pattern.background ? `<rect width="${pattern.width}" height="${pattern.height}" fill="${pattern.background}"/>` : ''}${pattern.shapes.map(pathOf).join('')}</pattern>`
	);
	const lights = plate.lights.map(
		({ id, stops }) =>
			`<linearGradient id="${idOf(id)}">${stops.map(({ at, hex, opacity }) => `<stop offset="${at}" stop-color="${hex}" stop-opacity="${opacity}"/>`).join('')}</linearGradient>`
	);
	const halves = sides
		.filter((side) => plate.layers.some((layer) => layer.side === side))
		.map((side) => {
			const half = halfOf(side, plate);
			return `<clipPath id="${idOf(side)}"><rect x="${half.x}" y="${half.y}" width="${half.width}" height="${half.height}"/></clipPath>`;
		});
	const layers = plate.layers.map(({ id, side, shapes }) => {
		const halo = marked?.lit.includes(id)
			? `<g class="halo" aria-hidden="true">${shapes.map(({ d }) => `<path d="${d}"/>`).join('')}</g>`
			: '';
		const drawn = halo + shapes.map(pathOf).join('');
		const group = [marked && `data-layer="${quoted(id)}"`, side && `clip-path="url(#${idOf(side)})"`]
			.filter(Boolean)
			.join(' ');
		return group ? `<g ${group}>${drawn}</g>` : drawn;
	});
	return `<defs>${patterns.join('')}${lights.join('')}${halves.join('')}</defs>${layers.join('')}`;
}

/**
 * A plate as an SVG document, for files and for renderers outside the interface.
 *
 * @param view the part to show; the whole plate by default
 * @param own what the ids of patterns and lights begin with, where several plates stand in one document
 */
export function plateSvg(plate: Plate, view?: Framing, own = ''): string {
	const [x, y, width, height] = view ?? [-plate.width / 2, 0, plate.width, plate.height];
	const drawn = plateMarkup(plate, own);
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" stroke-linejoin="round" stroke-linecap="round">${plate.mirrored ? `<g transform="scale(-1 1)">${drawn}</g>` : drawn}</svg>`;
}
