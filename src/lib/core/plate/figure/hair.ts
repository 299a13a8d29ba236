/** Hair: the client's own, or as the look asks for it. */
import type { Garment } from '../../model/garment';
import type { Figure } from './figure';
import type { PlateShape } from '../model';
import { coloursOf, lineOn, shaded } from '../cloth/paint';
import { blob, curve, ellipse, flow, mirrored, ribbon, rounded, symmetrical, type Point } from '../path';

/** How a style is built: where it ends, how full it is, how the front lies, and what is added. */
interface HairStyle {
	/** End of what falls behind, in heights of the head below the crown; none where it is cropped close. */
	falls?: number;
	/** Half its breadth at the widest, in plate units; the head itself is 40. */
	full: number;
	/** Height above the crown. */
	high: number;
	parting: 'middle' | 'side' | 'none' | 'curtain' | 'fringe' | 'back';
	added?: 'top-knot' | 'low-bun' | 'beehive' | 'rolls' | 'ponytail' | 'high-ponytail' | 'plait' | 'quiff';
	strands?: 'waves' | 'finger-waves' | 'braids' | 'locs' | 'curls';
}

const styles: Record<string, HairStyle> = {
	// Of the client.
	cropped: { full: 43, high: 8, parting: 'side' },
	up: { full: 43, high: 9, parting: 'back', added: 'top-knot' },
	bob: { falls: 0.98, full: 54, high: 9, parting: 'side' },
	long: { falls: 1.75, full: 56, high: 9, parting: 'middle' },
	// Of a look, by type.
	'loose-hair': { falls: 1.75, full: 58, high: 9, parting: 'side', strands: 'waves' },
	'low-bun': { full: 43, high: 8, parting: 'middle', added: 'low-bun' },
	'top-knot': { full: 43, high: 8, parting: 'back', added: 'top-knot' },
	'french-twist': { full: 44, high: 14, parting: 'back' },
	updo: { full: 46, high: 18, parting: 'side' },
	beehive: { full: 47, high: 12, parting: 'side', added: 'beehive' },
	'finger-waves': { falls: 0.78, full: 50, high: 8, parting: 'side', strands: 'finger-waves' },
	'victory-rolls': { falls: 1.3, full: 56, high: 8, parting: 'side', added: 'rolls', strands: 'waves' },
	ponytail: { full: 43, high: 8, parting: 'back', added: 'ponytail' },
	'high-ponytail': { full: 43, high: 8, parting: 'back', added: 'high-ponytail' },
	'half-up-hair': { falls: 1.7, full: 55, high: 12, parting: 'back', strands: 'waves' },
	plait: { full: 43, high: 8, parting: 'middle', added: 'plait' },
	'box-braids': { falls: 1.9, full: 57, high: 9, parting: 'middle', strands: 'braids' },
	locs: { falls: 1.7, full: 60, high: 11, parting: 'side', strands: 'locs' },
	afro: { falls: 0.86, full: 80, high: 38, parting: 'none', strands: 'curls' },
	lob: { falls: 1.3, full: 55, high: 9, parting: 'middle' },
	'pixie-crop': { full: 44, high: 10, parting: 'fringe' },
	'buzz-cut': { full: 41, high: 4, parting: 'none' },
	'side-parting': { full: 43, high: 10, parting: 'side' },
	quiff: { full: 43, high: 10, parting: 'back', added: 'quiff' },
	mullet: { falls: 1.3, full: 46, high: 10, parting: 'fringe' },
	wig: { falls: 1.2, full: 57, high: 14, parting: 'fringe' },
	'curtain-fringe': { falls: 1.6, full: 56, high: 9, parting: 'curtain', strands: 'waves' }
};

/** Lengths that a hair element may state, in heights of the head. */
const stated: Record<string, number | undefined> = {
	cropped: undefined,
	chin: 1,
	shoulder: 1.32,
	long: 1.75
};

function styleOf(figure: Figure, hair: Garment | undefined): HairStyle | undefined {
	if (figure.hairShape === 'none' && !hair) return undefined;
	const own = styles[figure.hairShape === 'none' ? 'long' : figure.hairShape];
	if (!hair) return own;
	const plain: Record<string, string> = { cropped: 'cropped', chin: 'bob', shoulder: 'lob', long: 'long' };
	const named = hair.type === 'hairstyle' ? plain[hair.facets.hairLength?.value ?? ''] : hair.type;
	const style = styles[named ?? ''] ?? own;
	if (!style) return undefined;
	const length = hair.facets.hairLength?.value;
	const texture = hair.facets.hairTexture?.value;
	return {
		...style,
		...(length && !style.added ? { falls: stated[length] } : {}),
		...(texture === 'sleek' ? { full: style.full - 3, high: style.high - 3 } : {}),
		...(texture === 'wavy' ? { strands: 'waves' as const } : {}),
		...(texture === 'tousled' ? { strands: 'waves' as const, full: style.full + 5 } : {}),
		...(texture === 'curly' || texture === 'coily'
			? {
					strands: 'curls' as const,
					full: style.full + (texture === 'coily' ? 16 : 10),
					high: style.high + 6
				}
			: {})
	};
}

/** Hair under a hat: flat on the head, and nothing piled up on it. */
const pressed = ({ added, ...style }: HairStyle): HairStyle => ({
	...style,
	high: Math.min(style.high, 6),
	...(style.parting === 'none' && { parting: 'back' as const, full: Math.min(style.full, 64) }),
	...(added && !piledUp.includes(added) && { added })
});
const piledUp: readonly HairStyle['added'][] = ['top-knot', 'beehive', 'rolls', 'quiff', 'high-ponytail'];

/** From curl to curl. */
const curlApart = 15;

/** The right half of the head's outline, from just beside the crown down to the widest place. */
const dome = (wide: number, top: number, widest: number): Point[] =>
	[20, 40, 60, 76, 90].map((degrees) => {
		const turned = (degrees * Math.PI) / 180;
		return [wide * Math.sin(turned), widest - (widest - top) * Math.cos(turned)];
	});

/** The front of the hair: a cap from ear to ear, leaving the face free as the parting asks. */
function capShapes(figure: Figure, style: HairStyle, hex: string): PlateShape[] {
	const { crown, chin } = figure.landmarks;
	const height = chin - crown;
	const at = (share: number) => crown + height * share;
	const top = crown - style.high;
	const fill = { kind: 'colour', hex } as const;
	const wide = Math.min(style.full, 50);
	const right = dome(wide, top, at(0.34));
	const over: Point[] = [
		[-wide + 3, at(0.5)],
		...mirrored(right).reverse(),
		[0, top],
		...right,
		[wide - 3, at(0.5)]
	];
	const faces: Record<HairStyle['parting'], Point[]> = {
		middle: [
			[36, at(0.44)],
			[27, at(0.24)],
			[0, at(0.1)],
			[-27, at(0.24)],
			[-36, at(0.44)]
		],
		side: [
			[36, at(0.44)],
			[33, at(0.29)],
			[18, at(0.13)],
			[-6, at(0.25)],
			[-34, at(0.34)],
			[-36, at(0.45)]
		],
		none: [
			[35, at(0.4)],
			[27, at(0.2)],
			[0, at(0.16)],
			[-27, at(0.2)],
			[-35, at(0.4)]
		],
		back: [
			[36, at(0.44)],
			[29, at(0.19)],
			[0, at(0.11)],
			[-29, at(0.19)],
			[-36, at(0.44)]
		],
		curtain: [
			[38, at(0.52)],
			[30, at(0.34)],
			[0, at(0.12)],
			[-30, at(0.34)],
			[-38, at(0.52)]
		],
		fringe: [
			[36, at(0.45)],
			[34, at(0.33)],
			[14, at(0.35)],
			[-10, at(0.33)],
			[-34, at(0.36)],
			[-36, at(0.46)]
		]
	};
	const cap: PlateShape = {
		d: `${flow(over)}L${flow(faces[style.parting]).slice(1)}Z`,
		fill
	};
	const gloss = shaded(hex, 0.09);
	const shine: PlateShape = {
		d: flow([
			[-wide * 0.6, at(0.13)],
			[-wide * 0.22, top + 12],
			[wide * 0.2, top + 11]
		]),
		stroke: gloss,
		strokeWidth: 3,
		opacity: 0.7
	};
	return style.strands === 'curls' || style.parting === 'none' ? [cap] : [cap, shine];
}

function strandShapes(
	figure: Figure,
	style: HairStyle,
	bottom: number,
	line: string
): { behind: PlateShape[]; front: PlateShape[] } {
	const { crown, chin } = figure.landmarks;
	const height = chin - crown;
	const thread = (points: Point[], strokeWidth = 1.6): PlateShape => ({
		d: flow(points),
		stroke: line,
		strokeWidth,
		opacity: 0.8
	});
	switch (style.strands) {
		case 'finger-waves':
			return {
				behind: [],
				front: [0.1, 0.22, 0.34].flatMap((share) =>
					[-1, 1].map((side) =>
						thread([
							[side * 14, crown + height * (share - 0.06)],
							[side * 28, crown + height * (share + 0.03)],
							[side * 44, crown + height * share]
						])
					)
				)
			};
		case 'braids':
		case 'locs': {
			const thick = style.strands === 'locs' ? 7 : 3.4;
			return {
				behind: [],
				front: [-1, 1].flatMap((side) =>
					[42, 49, 55].map((x) =>
						thread(
							[
								[side * (x - 8), crown + height * 0.42],
								[side * x, crown + height * 0.9],
								[side * (x + 1), bottom - 4]
							],
							thick
						)
					)
				)
			};
		}
		case 'curls': {
			const isRound = style.parting === 'none';
			const middle = crown + height * 0.3;
			/** Half the width of the hair at a height. */
			const halfAt = (y: number) =>
				isRound
					? style.full * Math.sqrt(Math.max(0, 1 - ((y - middle) / (style.full * 0.9)) ** 2))
					: style.full;
			const curls: string[] = [];
			const from = isRound ? middle - style.full * 0.82 : crown + height * 0.24;
			for (let y = from, row = 0; y < Math.min(bottom, chin) - 6; y += curlApart * 0.8, row++)
				for (let x = (row % 2) * (curlApart / 2); x < halfAt(y) - 8; x += curlApart)
					// The face and what lies over the brow stay free.
					if (x > 46 || y < crown + height * 0.06)
						for (const side of x === 0 ? [1] : [1, -1])
							curls.push(`M${rounded(side * x - 4)},${rounded(y)}a4.5,4.5 0 1,1 7,3.5`);
			return {
				behind: [],
				front: [{ d: curls.join(''), stroke: line, strokeWidth: 1.4, opacity: 0.55 }]
			};
		}
		case 'waves':
			return {
				behind: [-1, 1].flatMap((side) =>
					[0.8, 0.92].map((out) =>
						thread([
							[side * style.full * (out - 0.04), crown + height * 0.5],
							[side * style.full * (out + 0.06), crown + height * 0.85],
							[side * style.full * (out - 0.08), crown + height * 1.1],
							[side * style.full * out, bottom - 8]
						])
					)
				),
				front: []
			};
		default:
			return { behind: [], front: [] };
	}
}

function addedShapes(
	figure: Figure,
	style: HairStyle,
	hex: string,
	line: string
): { behind: PlateShape[]; front: PlateShape[] } {
	const { crown, chin, shoulder, bust } = figure.landmarks;
	const fill = { kind: 'colour', hex } as const;
	const shape = (d: string): PlateShape => ({ d, fill, stroke: line, strokeWidth: 1.2 });
	switch (style.added) {
		case 'top-knot':
			return { behind: [shape(ellipse(0, crown - 16, 25, 21))], front: [] };
		case 'low-bun':
			return { behind: [shape(ellipse(0, chin - 4, 33, 20))], front: [] };
		case 'beehive':
			return {
				behind: [],
				front: [
					shape(
						blob([
							[-40, crown + 8],
							[-34, crown - 28],
							[0, crown - 46],
							[34, crown - 28],
							[40, crown + 8],
							[0, crown - 2]
						])
					)
				]
			};
		case 'rolls':
			return {
				behind: [],
				front: [-1, 1].flatMap((side) => [
					shape(ellipse(side * 23, crown - 2, 19, 15)),
					{ d: ellipse(side * 23, crown - 2, 8, 6), stroke: line, strokeWidth: 2 }
				])
			};
		case 'ponytail':
			return {
				behind: [
					shape(
						ribbon(
							[
								[20, chin - 30],
								[50, chin + 4],
								[52, shoulder + 30],
								[44, bust - 6]
							],
							26,
							8
						)
					)
				],
				front: []
			};
		case 'high-ponytail':
			return {
				behind: [
					shape(
						ribbon(
							[
								[4, crown - 10],
								[42, crown - 12],
								[64, crown + 40],
								[58, shoulder + 34]
							],
							26,
							8
						)
					),
					shape(ellipse(4, crown - 10, 16, 11))
				],
				front: []
			};
		case 'plait': {
			const line_: Point[] = [
				[36, chin - 58],
				[45, chin - 8],
				[42, shoulder + 40],
				[38, bust + 24]
			];
			const crossings = [0, 1, 2, 3, 4, 5, 6].map((n): PlateShape => {
				const y = chin - 4 + n * 20;
				return {
					d: curve([
						[34, y],
						[42, y + 7],
						[50, y + 2]
					]),
					stroke: line,
					strokeWidth: 1.6
				};
			});
			return { behind: [], front: [shape(ribbon(line_, 20, 12)), ...crossings] };
		}
		case 'quiff':
			return {
				behind: [],
				front: [
					shape(
						blob([
							[-34, crown + 20],
							[-30, crown - 12],
							[2, crown - 24],
							[32, crown - 14],
							[34, crown + 16],
							[6, crown + 6]
						])
					)
				]
			};
		default:
			return { behind: [], front: [] };
	}
}

/**
 * Hair in two parts: what falls behind the shoulders, and what lies over the head.
 *
 * @param hair the look's own hair element, whose style and colour stand in for the client's
 * @param underHat a hat lies on it: what stands up is not seen
 */
export function hairShapes(
	figure: Figure,
	hair?: Garment,
	underHat = false
): { behind: PlateShape[]; front: PlateShape[] } {
	const whole = styleOf(figure, hair);
	const style = whole && underHat ? pressed(whole) : whole;
	if (!style) return { behind: [], front: [] };
	const { crown, chin, shoulder } = figure.landmarks;
	const height = chin - crown;
	const [said] = hair && hair.palette.length > 0 ? coloursOf(hair) : [];
	const hex = said ?? figure.hair;
	const line = lineOn(hex);
	const bottom = style.falls === undefined ? chin - height * 0.32 : crown + height * style.falls;
	const wide = style.full;
	const round = style.parting === 'none' && style.falls !== undefined;
	const behind: PlateShape[] = [
		{
			d: round
				? ellipse(0, crown + height * 0.3, wide, wide * 0.9)
				: symmetrical([
						[2, crown - style.high],
						...dome(wide, crown - style.high, crown + height * 0.38),
						[wide, crown + height * 0.5],
						[style.falls === undefined ? wide * 0.86 : wide + 1, Math.min(bottom - 14, shoulder + 80)],
						[style.falls === undefined ? wide * 0.7 : wide - 9, bottom]
					]),
			fill: { kind: 'colour', hex: shaded(hex, -0.03) }
		}
	];
	const strands = strandShapes(figure, style, bottom, line);
	const added = addedShapes(figure, style, hex, line);
	const lay: PlateShape[] =
		style.parting === 'middle' || style.parting === 'curtain'
			? [
					{
						d: flow([
							[0, crown - style.high + 1],
							[0, crown + height * 0.1]
						]),
						stroke: line,
						strokeWidth: 1.6
					}
				]
			: [];
	const temples: PlateShape[] =
		style.falls !== undefined && style.falls > 0.9 && style.parting !== 'none'
			? [1, -1].map((side) => ({
					d: blob(
						(side === 1 ? (points: Point[]) => points : mirrored)([
							[38, crown + height * 0.3],
							[wide - 4, crown + height * 0.4],
							[wide - 2, Math.min(bottom, chin + 20)],
							[38, Math.min(bottom, chin + 6)],
							[40, crown + height * 0.56]
						])
					),
					fill: { kind: 'colour', hex } as const
				}))
			: [];
	return {
		behind: [...added.behind, ...behind, ...strands.behind],
		front: [...temples, ...capShapes(figure, style, hex), ...lay, ...added.front, ...strands.front]
	};
}
