/** What is worn on the head. */
import { clothShape, facing, sizeOf, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, blob, both, ellipse, flow, polygon, type Point } from '../path';
import { headOf, type Head } from './head';

type HatDesign = (drawing: Drawing, head: Head) => PlateShape[];

const brims: Record<string, number> = { none: 46, narrow: 58, medium: 74, wide: 104 };

/** A crown from its right edge, on a flat line at the brow. */
const domed = (right: Point[]) =>
	between(
		right.map(([x, y]): Point => [-x, y]),
		right
	);

/** A hat with a brim all round: the crown's right edge, the brim's half width, its dip, and a band. */
const brimmed =
	(crownEdge: (head: Head) => Point[], usualBrim: number, dip: number, pinch = false): HatDesign =>
	(drawing, head) => {
		const { cloth, garment } = drawing;
		const stated = garment.facets.brim?.value;
		const half = (stated ? (brims[stated] ?? usualBrim) : usualBrim) * Math.sqrt(sizeOf(drawing));
		const edge = crownEdge(head);
		const base = edge.at(-1) ?? [44, head.brow];
		const [top] = edge;
		const ribbonHex = garment.palette[1]?.hex ?? shaded(cloth.hex, -0.16);
		return [
			facing(ellipse(0, head.brow - 1, half, 12 + half * 0.05), cloth, shaded(cloth.hex, -0.08)),
			clothShape(domed(edge), cloth),
			{
				d: between(
					[
						[-base[0] + 1, head.brow - 16],
						[-base[0], head.brow - 1]
					],
					[
						[base[0] - 1, head.brow - 16],
						[base[0], head.brow - 1]
					]
				),
				fill: { kind: 'colour', hex: ribbonHex }
			},
			clothShape(
				`M${-half},${head.brow - 2}Q0,${head.brow + dip * 2 - 4} ${half},${head.brow - 2}Q0,${head.brow + dip * 2 + 12} ${-half},${head.brow - 2}Z`,
				cloth
			),
			...(pinch && top
				? [
						stitch(
							[
								[-10, top[1] + 4],
								[0, top[1] + 16],
								[10, top[1] + 4]
							],
							cloth.line,
							1.8
						)
					]
				: [])
		];
	};

const peaked =
	(full: number, high: number): HatDesign =>
	({ cloth }, head) => [
		clothShape(
			domed([
				[6, head.crown - high],
				[full * 0.72, head.crown - high * 0.7],
				[full, head.at(0.16)],
				[47, head.brow]
			]),
			cloth
		),
		clothShape(
			`M-40,${head.brow - 3}Q0,${head.brow - 12} 40,${head.brow - 3}Q36,${head.brow + 14} 0,${head.brow + 15}Q-36,${head.brow + 14} -40,${head.brow - 3}Z`,
			cloth
		)
	];

const close =
	(high: number): HatDesign =>
	({ cloth }, head) => [
		clothShape(
			domed([
				[4, head.crown - high],
				[32, head.crown - high * 0.6],
				[48, head.at(0.14)],
				[51, head.at(0.34)]
			]),
			cloth
		)
	];

/** Cloth over the head and round the neck; `open` is how much of the face and neck it leaves. */
const wrapped: HatDesign = ({ cloth }, { crown, chin, shoulder, at }) => [
	clothShape(
		`${flow([
			[-62, shoulder + 26],
			[-54, chin - 6],
			[-51, at(0.3)],
			[0, crown - 12],
			[51, at(0.3)],
			[54, chin - 6],
			[62, shoulder + 26]
		])}Q0,${shoulder + 64} -62,${shoulder + 26}ZM-34,${at(0.44)}C-38,${at(0.76)} -22,${chin + 3} 0,${chin + 3}C22,${chin + 3} 38,${at(0.76)} 34,${at(0.44)}C30,${at(0.16)} -30,${at(0.16)} -34,${at(0.44)}Z`,
		cloth
	),
	stitch(
		[
			[-40, chin - 4],
			[-8, chin + 26],
			[44, chin + 14]
		],
		cloth.line,
		1.4
	),
	stitch(
		[
			[-50, chin + 22],
			[0, shoulder + 24],
			[52, shoulder + 4]
		],
		cloth.line,
		1.4
	)
];

const kerchief: HatDesign = ({ cloth }, { crown, chin, at }) => [
	clothShape(
		`${flow([
			[-40, at(0.98)],
			[-52, at(0.56)],
			[-46, at(0.16)],
			[0, crown - 12],
			[46, at(0.16)],
			[52, at(0.56)],
			[40, at(0.98)]
		])}L12,${chin + 4}L-12,${chin + 4}ZM-35,${at(0.46)}C-36,${at(0.8)} -22,${chin + 1} 0,${chin + 1}C22,${chin + 1} 36,${at(0.8)} 35,${at(0.46)}C30,${at(0.2)} -30,${at(0.2)} -35,${at(0.46)}Z`,
		cloth
	),
	...both([
		[2, chin + 6],
		[20, chin + 26],
		[8, chin + 30]
	]).map((points) => clothShape(polygon(points), cloth))
];

const wound =
	(high: number): HatDesign =>
	({ cloth }, { crown, at }) => [
		clothShape(
			blob([
				[-54, at(0.3)],
				[-52, at(0.02)],
				[-30, crown - high],
				[4, crown - high - 6],
				[34, crown - high],
				[54, at(0.04)],
				[54, at(0.3)],
				[0, at(0.22)]
			]),
			cloth
		),
		...[0, 0.35, 0.7].flatMap((share) =>
			both([
				[0, at(0.2) - share * 8],
				[26, at(0.08) - share * high * 0.8],
				[50, at(0.2) - share * high]
			]).map((points) => stitch(points, cloth.line, 1.5))
		)
	];

const hats: Record<string, HatDesign> = {
	fedora: brimmed(
		(h) => [
			[14, h.crown - 32],
			[36, h.crown - 24],
			[43, h.crown],
			[46, h.brow]
		],
		78,
		3,
		true
	),
	'cowboy-hat': brimmed(
		(h) => [
			[16, h.crown - 34],
			[34, h.crown - 26],
			[42, h.crown],
			[46, h.brow]
		],
		96,
		-9,
		true
	),
	'wide-brimmed-hat': brimmed(
		(h) => [
			[8, h.crown - 20],
			[34, h.crown - 14],
			[44, h.at(0.1)],
			[47, h.brow]
		],
		112,
		5
	),
	'straw-hat': brimmed(
		(h) => [
			[8, h.crown - 22],
			[34, h.crown - 16],
			[44, h.at(0.08)],
			[47, h.brow]
		],
		92,
		4
	),
	boater: brimmed(
		(h) => [
			[44, h.crown - 12],
			[46, h.at(0.1)],
			[47, h.brow]
		],
		76,
		0
	),
	'bowler-hat': brimmed(
		(h) => [
			[4, h.crown - 30],
			[32, h.crown - 22],
			[45, h.crown],
			[47, h.brow]
		],
		62,
		-4
	),
	'top-hat': brimmed(
		(h) => [
			[46, h.crown - 66],
			[42, h.crown - 24],
			[44, h.brow]
		],
		66,
		-3
	),
	hat: brimmed(
		(h) => [
			[8, h.crown - 24],
			[34, h.crown - 18],
			[44, h.at(0.06)],
			[47, h.brow]
		],
		72,
		3
	),
	helmet: brimmed(
		(h) => [
			[4, h.crown - 26],
			[34, h.crown - 18],
			[49, h.at(0.08)],
			[52, h.brow]
		],
		66,
		5
	),
	tricorne: ({ cloth, garment }, h) => {
		const edge = `M-78,${h.brow - 12}Q-52,${h.crown - 34} -16,${h.crown - 16}Q0,${h.crown - 4} 16,${h.crown - 16}Q52,${h.crown - 34} 78,${h.brow - 12}`;
		return [
			clothShape(
				domed([
					[8, h.crown - 28],
					[34, h.crown - 20],
					[45, h.brow]
				]),
				cloth
			),
			clothShape(`${edge}Q40,${h.brow + 8} 0,${h.brow + 10}Q-40,${h.brow + 8} -78,${h.brow - 12}Z`, cloth),
			{ d: edge, stroke: garment.palette[1]?.hex ?? shaded(cloth.hex, 0.2), strokeWidth: 2.4 }
		];
	},
	'swim-cap': ({ cloth }, h) => [
		clothShape(
			domed([
				[6, h.crown - 13],
				[30, h.crown - 8],
				[44, h.at(0.08)],
				[47, h.at(0.3)]
			]),
			cloth
		)
	],
	'pillbox-hat': ({ cloth }, h) => [
		clothShape(
			domed([
				[34, h.crown - 20],
				[36, h.crown - 4],
				[37, h.at(0.1)]
			]),
			cloth
		),
		stitch(
			[
				[-36, h.crown + 2],
				[0, h.crown + 7],
				[36, h.crown + 2]
			],
			cloth.line,
			1.3
		)
	],
	'bucket-hat': ({ cloth }, h) => [
		clothShape(
			domed([
				[30, h.crown - 18],
				[41, h.crown - 8],
				[46, h.at(0.2)]
			]),
			cloth
		),
		clothShape(
			domed([
				[46, h.at(0.18)],
				[56, h.at(0.3)],
				[68, h.at(0.42)]
			]),
			cloth
		),
		stitch(
			[
				[-58, h.at(0.34)],
				[0, h.at(0.4)],
				[58, h.at(0.34)]
			],
			cloth.line,
			1.1
		)
	],
	beret: ({ cloth }, h) => [
		clothShape(
			blob([
				[-48, h.at(0.16)],
				[-40, h.crown - 16],
				[6, h.crown - 26],
				[56, h.crown - 16],
				[70, h.at(0.06)],
				[52, h.at(0.2)],
				[0, h.at(0.14)]
			]),
			cloth
		),
		stitch(
			[
				[6, h.crown - 26],
				[8, h.crown - 34]
			],
			cloth.line,
			3,
			1
		)
	],
	cloche: (drawing, h) => [
		...close(16)(drawing, h),
		clothShape(
			domed([
				[51, h.at(0.3)],
				[58, h.at(0.44)]
			]),
			drawing.cloth
		),
		facing(
			polygon([
				[-51, h.at(0.24)],
				[51, h.at(0.24)],
				[52, h.at(0.32)],
				[-52, h.at(0.32)]
			]),
			drawing.cloth,
			drawing.garment.palette[1]?.hex ?? shaded(drawing.cloth.hex, -0.14)
		)
	],
	beanie: (drawing, h) => [
		...close(18)(drawing, h),
		clothShape(
			domed([
				[51, h.at(0.14)],
				[52, h.at(0.32)]
			]),
			drawing.cloth
		)
	],
	'baseball-cap': peaked(45, 12),
	'baker-boy-cap': peaked(66, 18),
	'flat-cap': peaked(58, 8),
	visor: ({ cloth }, h) => [
		clothShape(
			domed([
				[46, h.at(0.12)],
				[47, h.at(0.26)]
			]),
			cloth
		),
		clothShape(
			`M-44,${h.at(0.24)}Q0,${h.at(0.16)} 44,${h.at(0.24)}Q38,${h.at(0.44)} 0,${h.at(0.45)}Q-38,${h.at(0.44)} -44,${h.at(0.24)}Z`,
			cloth
		)
	],
	'trapper-hat': (drawing, h) => [
		...both([
			[40, h.at(0.26)],
			[58, h.at(0.32)],
			[60, h.at(0.86)],
			[42, h.at(0.9)],
			[38, h.at(0.5)]
		]).map((points) => facing(blob(points), drawing.cloth, shaded(drawing.cloth.hex, 0.12))),
		...close(16)(drawing, h),
		facing(
			domed([
				[50, h.at(0.12)],
				[54, h.at(0.3)]
			]),
			drawing.cloth,
			shaded(drawing.cloth.hex, 0.12)
		)
	],
	turban: wound(22),
	pagri: wound(30),
	headscarf: kerchief,
	hijab: wrapped,
	kufi: ({ cloth }, h) => [
		clothShape(
			domed([
				[38, h.crown - 12],
				[42, h.crown],
				[45, h.at(0.2)]
			]),
			cloth
		)
	],
	'bridal-veil': ({ cloth, figure }, h) => [
		{
			d: `${flow([
				[-figure.shoulder - 30, figure.landmarks.hip],
				[-64, h.shoulder],
				[-50, h.at(0.2)],
				[0, h.crown - 14],
				[50, h.at(0.2)],
				[64, h.shoulder],
				[figure.shoulder + 30, figure.landmarks.hip]
			])}L46,${h.at(0.9)}L40,${h.at(0.1)}Q0,${h.crown - 4} -40,${h.at(0.1)}L-46,${h.at(0.9)}Z`,
			fill: cloth.paint,
			stroke: cloth.line,
			strokeWidth: 1,
			opacity: 0.55
		}
	],
	hood: ({ cloth }, h) => [
		clothShape(
			`${flow([
				[-60, h.shoulder + 6],
				[-62, h.at(0.4)],
				[-34, h.crown - 18],
				[0, h.crown - 26],
				[34, h.crown - 18],
				[62, h.at(0.4)],
				[60, h.shoulder + 6]
			])}L34,${h.shoulder}C50,${h.at(0.7)} 40,${h.at(0.12)} 0,${h.at(0.08)}C-40,${h.at(0.12)} -50,${h.at(0.7)} -34,${h.shoulder}Z`,
			cloth
		)
	]
};

export function hatShapes(drawing: Drawing): PlateShape[] {
	const head = headOf(drawing);
	const design = drawing.moves.includes('over-head') ? kerchief : (hats[drawing.garment.type] ?? hats.hat);
	return design?.(drawing, head) ?? [];
}
