/** What is worn on and about the head. */
import { clothShape, flat, seam, sizeOf, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { between, curve, ellipse, polygon } from './path';

export function hatShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const size = sizeOf(drawing);
	const browY = crown + (chin - crown) * 0.3;
	const dome = (top: number, half: number) =>
		between(
			[
				[-8, top],
				[-half * 0.8, top + 10],
				[-half, browY]
			],
			[
				[8, top],
				[half * 0.8, top + 10],
				[half, browY]
			]
		);
	if (garment.type === 'beret') return [clothShape(ellipse(12, browY - 26, 60, 22), cloth)];
	if (['beanie', 'turban', 'cloche'].includes(garment.type))
		return [
			clothShape(dome(crown - 22, 50), cloth),
			seam(
				[
					[-50, browY - 4],
					[50, browY - 4]
				],
				cloth,
				3
			)
		];
	if (garment.type === 'baseball-cap')
		return [clothShape(dome(crown - 12, 46), cloth), clothShape(ellipse(0, browY + 2, 40, 9), cloth)];
	const brim = 78 * Math.sqrt(size);
	return [
		clothShape(ellipse(0, browY, brim, 13), cloth),
		clothShape(dome(crown - 28, 44), cloth),
		seam(
			[
				[-44, browY - 6],
				[44, browY - 6]
			],
			cloth,
			7
		)
	];
}

export function headbandShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.2;
	if (garment.type === 'maang-tikka')
		return [
			seam(
				[
					[0, crown - 6],
					[0, y + 6]
				],
				{ ...cloth, line: cloth.hex },
				2
			),
			flat(ellipse(0, y + 12, 7, 9), cloth.hex)
		];
	if (garment.type !== 'headband')
		return [clothShape(ellipse(40, y, 12 * sizeOf(drawing, 'small') + 4, 10), cloth)];
	return [
		{
			d:
				curve([
					[-46, y + 16],
					[-30, y - 14],
					[0, crown - 4]
				]) +
				curve([
					[0, crown - 4],
					[30, y - 14],
					[46, y + 16]
				]),
			stroke: cloth.hex,
			strokeWidth: 8
		}
	];
}

export function eyewearShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.47;
	const dark = garment.type === 'sunglasses';
	const r = 13 * Math.sqrt(sizeOf(drawing));
	return [
		...[-17, 17].map((x) => ({
			d: ellipse(x, y, r, r * 0.8),
			fill: dark ? ({ kind: 'colour', hex: '#2a2723' } as const) : undefined,
			stroke: cloth.hex,
			strokeWidth: 3
		})),
		{
			d: polygon(
				[
					[-6, y - 2],
					[6, y - 2]
				],
				false
			),
			stroke: cloth.hex,
			strokeWidth: 3
		}
	];
}

export function earringShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.62;
	const size = sizeOf(drawing, 'small');
	return [-43, 43].flatMap((x) => {
		if (garment.type === 'hoops')
			return [{ d: ellipse(x, y + 14 * size, 9 * size, 13 * size), stroke: cloth.hex, strokeWidth: 3 }];
		if (garment.type === 'jhumkas')
			return [
				flat(ellipse(x, y, 4, 4), cloth.hex),
				clothShape(
					between(
						[
							[x - 3, y + 4],
							[x - 11, y + 22]
						],
						[
							[x + 3, y + 4],
							[x + 11, y + 22]
						]
					),
					cloth
				)
			];
		if (garment.type === 'drop-earrings') return [flat(ellipse(x, y + 12 * size, 4.5, 13 * size), cloth.hex)];
		return [flat(ellipse(x, y, 4 + 3 * size, 4 + 3 * size), cloth.hex)];
	});
}

export function lipShapes({ figure, cloth }: Drawing): PlateShape[] {
	const { crown, chin } = figure.landmarks;
	return [flat(ellipse(0, crown + (chin - crown) * 0.8, 11, 4), cloth.hex)];
}
