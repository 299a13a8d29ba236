import { placeOf } from '../lexicon/facets';
import type { Client } from '../model/client';
import type { Landmarks, PlateBody, PlateShape } from './model';
import { between, curve, ellipse, mirrored, symmetrical, xAt, type Point } from './path';

/** Size of the plate; the figure stands on `floorY`, centred on x = 0 of its middle. */
export const plateSize = { width: 520, height: 1040, floorY: 1010, stature: 900 };

/**
 * Heights above the floor as shares of stature (Drillis & Contini 1966, as tabled in Winter, Biomechanics and
 * Motor Control; values from memory). Bust, waist and crotch are common practice in pattern cutting.
 */
export const heightShares = {
	crown: 1,
	chin: 0.87,
	shoulder: 0.818,
	bust: 0.72,
	elbow: 0.63,
	waist: 0.615,
	hip: 0.53,
	wrist: 0.485,
	crotch: 0.465,
	knee: 0.285,
	ankle: 0.039
} as const;

/** A neutral adult where no measure is known, in cm. */
const neutral = { stature: 168, bust: 92, waist: 76, hip: 98, shoulder: 39 };

type Looks = Client['figure'];

const skins: Record<Looks['skin'], string> = {
	porcelain: '#f1ddd0',
	fair: '#e8c9b3',
	medium: '#d6ab8a',
	olive: '#bd9169',
	brown: '#8f6244',
	deep: '#5b3b2a'
};
const hairs: Record<Looks['hair'], string> = {
	black: '#1d1a19',
	'dark-brown': '#35241b',
	brown: '#5a3d2a',
	auburn: '#7a3a22',
	blonde: '#c9a567',
	grey: '#9a9896',
	white: '#dddad5'
};

/** The linen of a dress form. */
const formCloth = '#d3cdc2';
const neutralLooks: Looks = { skin: 'medium', hair: 'dark-brown', hairShape: 'up' };

/** The figure as the drawing needs it: heights, and the right edges of trunk, arm and leg, from the top down. */
export interface Figure {
	landmarks: Landmarks;
	/** Height in plate units of a share of stature above the floor, before any heel. */
	heightOf: (share: number) => number;
	/** Half the width of the trunk at a height. */
	halfAt: (y: number) => number;
	trunk: Point[];
	/** Outer and inner edge of the right arm. */
	arm: { outer: Point[]; inner: Point[] };
	leg: { outer: Point[]; inner: Point[] };
	/** How far the sole is lifted at the heel. */
	heel: number;
	skin: string;
	hair: string;
	hairShape: Looks['hairShape'] | 'none';
	/** Plate units a cm. */
	unit: number;
}

/** Half the breadth of an ellipse of this girth whose depth is .72 of its breadth (Ramanujan's perimeter). */
const halfBreadth = (girth: number) => girth / 5.44;

/**
 * The body in plate units. A heel lifts everything above the foot by most of its height.
 *
 * @param heelHeight value of the facet "heelHeight" of what is worn on the feet, if anything
 */
export function figureOf(body: PlateBody, heelHeight?: string): Figure {
	const measures = { ...neutral, ...body.measurements };
	const unit = plateSize.stature / measures.stature;
	const heel = heelHeight === undefined ? 0 : placeOf('heelHeight', heelHeight) * unit * 0.85;
	const sole = plateSize.floorY;
	const heightOf = (share: number) => sole - heel - share * plateSize.stature;
	const landmarks = {
		...(Object.fromEntries(
			Object.entries(heightShares).map(([name, share]) => [name, heightOf(share)])
		) as Omit<Landmarks, 'sole' | 'floor'>),
		sole: sole - heel,
		floor: sole
	};
	const bust = halfBreadth(measures.bust) * unit;
	const waist = halfBreadth(measures.waist) * unit;
	const hip = halfBreadth(measures.hip) * unit;
	const shoulder = (measures.shoulder / 2 + 1) * unit;
	const { chin, shoulder: shoulderY, crotch, knee, ankle } = landmarks;
	const neck = 23;
	const trunk: Point[] = [
		[neck, chin - 6],
		[neck + 1, shoulderY - 34],
		[shoulder * 0.62, shoulderY - 12],
		[shoulder, shoulderY + 8],
		[shoulder * 0.9, shoulderY + 52],
		[bust, landmarks.bust],
		[(bust + waist) / 2 - 2, (landmarks.bust + landmarks.waist) / 2],
		[waist, landmarks.waist],
		[(waist + hip) / 2 + 4, (landmarks.waist + landmarks.hip) / 2],
		[hip, landmarks.hip + 6],
		[hip - 1, crotch]
	];
	const stance = hip * 0.47;
	const leg = {
		outer: [
			[hip - 1, crotch - 20],
			[hip - 3, crotch + 22],
			[stance + 34, (crotch + knee) / 2],
			[stance + 26, knee],
			[stance + 30, knee + 62],
			[stance + 14, ankle - 26],
			[stance + 14, ankle + 6]
		] as Point[],
		inner: [
			[3, crotch - 6],
			[4, crotch + 26],
			[stance - 28, (crotch + knee) / 2 + 10],
			[stance - 22, knee],
			[stance - 24, knee + 58],
			[stance - 12, ankle - 26],
			[stance - 12, ankle + 6]
		] as Point[]
	};
	const reach = shoulder + 24;
	const arm = {
		outer: [
			[shoulder - 6, shoulderY + 2],
			[shoulder + 8, shoulderY + 34],
			[shoulder + 14, landmarks.bust + 10],
			[reach + 4, landmarks.elbow],
			[reach + 12, (landmarks.elbow + landmarks.wrist) / 2],
			[reach + 14, landmarks.wrist],
			[reach + 16, landmarks.wrist + 12]
		] as Point[],
		inner: [
			[shoulder - 22, shoulderY + 40],
			[shoulder - 18, shoulderY + 62],
			[shoulder - 12, landmarks.bust + 12],
			[reach - 24, landmarks.elbow],
			[reach - 14, (landmarks.elbow + landmarks.wrist) / 2],
			[reach - 6, landmarks.wrist],
			[reach - 6, landmarks.wrist + 12]
		] as Point[]
	};
	const looks = body.figure === 'form' ? undefined : (body.figure ?? neutralLooks);
	return {
		landmarks,
		heightOf,
		halfAt: (y) => xAt(trunk, y),
		trunk,
		arm,
		leg,
		heel,
		skin: looks ? skins[looks.skin] : formCloth,
		hair: looks ? hairs[looks.hair] : formCloth,
		hairShape: looks?.hairShape ?? 'none',
		unit
	};
}

/** The right foot seen from the front, slightly turned out; longer and steeper on a heel. */
export function footOutline({ landmarks, leg, heel }: Figure): { outer: Point[]; inner: Point[] } {
	const { ankle, floor } = landmarks;
	const outerX = xAt(leg.outer, ankle);
	const innerX = xAt(leg.inner, ankle);
	const splay = 16 - Math.min(8, heel / 8);
	return {
		outer: [
			[outerX, ankle - 4],
			[outerX + 3, ankle + 12],
			[outerX + splay * 0.8, floor - 16],
			[outerX + splay, floor - 5],
			[outerX + splay * 0.5, floor]
		],
		inner: [
			[innerX, ankle - 4],
			[innerX - 1, ankle + 12],
			[innerX + 1, floor - 16],
			[innerX + 2, floor - 6],
			[innerX + 8, floor]
		]
	};
}

/** Both sides of a shape given for the right. */
export const bothSides = (part: { outer: readonly Point[]; inner: readonly Point[] }): string[] => [
	between(part.inner, part.outer),
	between(mirrored(part.outer), mirrored(part.inner))
];

/** The figure itself, behind all clothes: a dress form's calm, with limbs and no portrait. */
export function bodyShapes(figure: Figure): PlateShape[] {
	const fill = { kind: 'colour', hex: figure.skin } as const;
	const { landmarks, arm } = figure;
	const handY = landmarks.wrist + 10;
	const handX = ((arm.outer.at(-1)?.[0] ?? 0) + (arm.inner.at(-1)?.[0] ?? 0)) / 2;
	const hand = {
		outer: [
			[handX + 10, handY - 4],
			[handX + 15, handY + 20],
			[handX + 8, handY + 52],
			[handX + 3, handY + 60]
		] as Point[],
		inner: [
			[handX - 10, handY - 4],
			[handX - 14, handY + 18],
			[handX - 7, handY + 50],
			[handX + 1, handY + 60]
		] as Point[]
	};
	return [
		...bothSides(figure.arm),
		...bothSides(hand),
		...bothSides(figure.leg),
		...bothSides(footOutline(figure)),
		symmetrical(figure.trunk)
	].map((d) => ({ d, fill }));
}

/** Head, over collars and under hats. */
export function headShapes({ landmarks, skin }: Figure): PlateShape[] {
	const { crown, chin } = landmarks;
	const height = chin - crown;
	const right: Point[] = [
		[2, crown + 2],
		[30, crown + height * 0.16],
		[41, crown + height * 0.42],
		[37, crown + height * 0.68],
		[22, crown + height * 0.93],
		[3, chin + 2]
	];
	return [{ d: symmetrical(right), fill: { kind: 'colour', hex: skin } }];
}

/** Hair in two parts: what falls behind the shoulders, and the cap over the head. */
export function hairShapes(figure: Figure): { behind: PlateShape[]; front: PlateShape[] } {
	const { landmarks, hair, hairShape } = figure;
	if (hairShape === 'none') return { behind: [], front: [] };
	const { crown, chin, shoulder } = landmarks;
	const fill = { kind: 'colour', hex: hair } as const;
	const height = chin - crown;
	const cap: Point[] = [
		[2, crown - 8],
		[34, crown + height * 0.1],
		[46, crown + height * 0.36],
		[44, crown + height * 0.52]
	];
	const fringe = [...cap].reverse().map(([x, y], i): Point => [x * (0.92 - i * 0.08), y - 2 + i * 9]);
	const over = `${curve(cap)}L${curve(fringe).slice(1)}`;
	const overLeft = `${curve(mirrored(cap))}L${curve(mirrored(fringe)).slice(1)}`;
	const front: PlateShape[] = [over, overLeft].map((d) => ({ d: `${d}Z`, fill }));
	const lengths = { cropped: 0.6, up: 0.6, bob: 0.98, long: 1.7 } as const;
	const bottom = Math.min(crown + height * lengths[hairShape], shoulder + 70);
	const behind: PlateShape[] = [
		{
			d: symmetrical([
				[4, crown - 8],
				[40, crown + height * 0.12],
				[50, crown + height * 0.45],
				[hairShape === 'long' ? 56 : 50, Math.max(bottom - 12, crown + height * 0.5)],
				[hairShape === 'bob' || hairShape === 'long' ? 44 : 30, bottom]
			]),
			fill
		}
	];
	if (hairShape === 'up') behind.unshift({ d: ellipse(0, crown - 14, 26, 22), fill });
	return { behind, front };
}
