import { placeOf } from '../../lexicon/facets';
import { skins } from '../../lexicon/skins';
import type { Client } from '../../model/client';
import type { Landmarks, PlateBody } from '../model';
import { between, mirrored, xAt, type Point } from '../path';

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
	/** Height of the shoulder line, from the neck to the shoulder's end, at a distance from the middle. */
	shoulderAt: (x: number) => number;
	trunk: Point[];
	/** Half the width of shoulders and neck. */
	shoulder: number;
	neck: number;
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

/** The measures that are known; one that was taken out again may still stand there without a figure. */
const noted = (measurements: PlateBody['measurements'] = {}): Partial<typeof neutral> =>
	Object.fromEntries(Object.entries(measurements).filter(([, cm]) => Number.isFinite(cm)));

/** The neutral figure at a stature: what is not known of a body is in proportion to its height. */
function neutralOf(stature = neutral.stature): typeof neutral {
	const share = stature / neutral.stature;
	const { bust, waist, hip, shoulder } = neutral;
	return { stature, bust: bust * share, waist: waist * share, hip: hip * share, shoulder: shoulder * share };
}

/**
 * The body in plate units. A heel lifts everything above the foot by most of its height.
 *
 * @param heelHeight value of the facet "heelHeight" of what is worn on the feet, if anything
 */
export function figureOf(body: PlateBody, heelHeight?: string): Figure {
	const known = noted(body.measurements);
	const usual = neutralOf(known.stature);
	const measures = { ...usual, ...known };
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
	const shoulder = (measures.shoulder / 2 + 0.6) * unit;
	const { chin, shoulder: shoulderY, crotch, knee, ankle } = landmarks;
	/** Larger girths go with fuller limbs. */
	const fullness = (girth: number, inProportion: number) =>
		Math.sqrt(girth / (halfBreadth(inProportion) * unit));
	const arms = fullness(bust, usual.bust);
	const legs = fullness(hip, usual.hip);
	const neck = 22 * Math.sqrt(arms);
	const trunk: Point[] = [
		[neck - 1, chin - 10],
		[neck, chin + 14],
		[neck + 4, shoulderY - 26],
		[neck + 20, shoulderY - 17],
		[shoulder * 0.8, shoulderY - 4],
		[shoulder - 4, shoulderY + 12],
		[shoulder - 8, shoulderY + 44],
		[bust, landmarks.bust],
		[(bust + waist) / 2 - 1, (landmarks.bust + landmarks.waist) / 2],
		[waist, landmarks.waist],
		[(waist + hip) / 2 + 5, (landmarks.waist + landmarks.hip) / 2],
		[hip, landmarks.hip + 6],
		[hip, crotch]
	];
	const stance = hip * 0.5;
	const leg = {
		outer: [
			[hip, crotch - 20],
			[hip - 3, crotch + 26],
			[stance + 33 * legs, (crotch + knee) / 2 + 8],
			[stance + 22 * legs, knee - 8],
			[stance + 20 * legs, knee + 16],
			[stance + 23 * legs, knee + 66],
			[stance + 16 * legs, (knee + ankle) / 2 + 46],
			[stance + 11, ankle - 22],
			[stance + 12, ankle + 6]
		] as Point[],
		inner: [
			[2, crotch - 6],
			[5, crotch + 30],
			[stance - 27 * legs, (crotch + knee) / 2 + 14],
			[stance - 21 * legs, knee - 6],
			[stance - 19 * legs, knee + 14],
			[stance - 22 * legs, knee + 58],
			[stance - 16 * legs, (knee + ankle) / 2 + 40],
			[stance - 11, ankle - 22],
			[stance - 11, ankle + 6]
		] as Point[]
	};
	const { elbow, wrist } = landmarks;
	/** The arm hangs a little away from the body, so that both are seen. */
	const elbowX = shoulder + 14;
	const wristX = shoulder + 36;
	const arm = {
		outer: [
			[shoulder - 12, shoulderY + 2],
			[shoulder + 2, shoulderY + 16],
			[shoulder + 8 * arms, shoulderY + 44],
			[shoulder + 12 * arms, landmarks.bust + 12],
			[elbowX + 11 * arms, elbow],
			[elbowX + 22 * arms, elbow + 46],
			[wristX + 8, wrist],
			[wristX + 8, wrist + 12]
		] as Point[],
		inner: [
			[shoulder - 26, shoulderY + 34],
			[shoulder - 24 * arms, shoulderY + 58],
			[shoulder - 19 * arms, landmarks.bust + 14],
			[elbowX - 11 * arms, elbow],
			[elbowX - 5 * arms, elbow + 40],
			[wristX - 8, wrist],
			[wristX - 7, wrist + 12]
		] as Point[]
	};
	const looks = body.figure === 'form' ? undefined : (body.figure ?? neutralLooks);
	return {
		landmarks,
		heightOf,
		halfAt: (y) => xAt(trunk, y),
		shoulderAt: (x) => shoulderY - 24 + (26 * Math.max(0, x - neck)) / (shoulder - neck),
		trunk,
		shoulder,
		neck,
		arm,
		leg,
		heel,
		skin: looks ? skins[looks.skin] : formCloth,
		hair: looks ? hairs[looks.hair] : formCloth,
		hairShape: looks?.hairShape ?? 'none',
		unit
	};
}

/** Where the toes of the right foot end, seen from a little above; a heel makes the foot steeper and shorter. */
export const toeY = ({ landmarks, heel }: Figure) => landmarks.floor + (heel > 8 ? 13 : 19);

/** The right foot seen from the front and a little above, slightly turned out. */
export function footOutline(figure: Figure): { outer: Point[]; inner: Point[] } {
	const { landmarks, leg, heel } = figure;
	const { ankle } = landmarks;
	const outerX = xAt(leg.outer, ankle);
	const innerX = xAt(leg.inner, ankle);
	const end = toeY(figure);
	const arch = Math.min(1, heel / 50);
	return {
		outer: [
			[outerX, ankle - 4],
			[outerX + 1, ankle + 12],
			[outerX + 5, (ankle + end) / 2],
			[outerX + 13, end - 18],
			[outerX + 14, end - 9],
			[outerX + 8, end - 1]
		],
		inner: [
			[innerX, ankle - 4],
			[innerX, ankle + 12],
			[innerX + 2 + arch * 4, (ankle + end) / 2],
			[innerX + 2 + arch * 2, end - 17],
			[innerX + 2, end - 8],
			[innerX + 8, end - 1]
		]
	};
}

/** Middle of the right hand at the wrist. */
export const handOf = ({ arm, landmarks }: Figure): Point => [
	((arm.outer.at(-1)?.[0] ?? 0) + (arm.inner.at(-1)?.[0] ?? 0)) / 2,
	landmarks.wrist + 8
];

/** Both sides of a shape given for the right. */
export const bothSides = (part: { outer: readonly Point[]; inner: readonly Point[] }): string[] => [
	between(part.inner, part.outer),
	between(mirrored(part.outer), mirrored(part.inner))
];
