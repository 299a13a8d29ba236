/** A drawn look as it is when its wearer sits or walks. Loaded apart: few plates are asked for so. */
import { extentOf, type Extent } from '../extent';
import type { HemLine } from '../lengths';
import type { Plate, PlateLayer, PlateShape, Posture } from '../model';
import { polygon, xAt, type Point } from '../path';
import { bent, type Bend } from './bend';

/** How a posture carries what is worn on the body, what hangs over both legs as one cloth, and what is worn on the arms. */
interface Carriage {
	body: Bend;
	cloth: Bend;
	arms: Bend;
}

/** How long a thigh is seen to be that comes towards the eye, as a share of its length: the plate is looked at from a little above. */
const thighSeen = 0.3;
/** How much broader the knees are seen, which come nearer. */
const kneesNearer = 0.1;
/** How long the forearm is seen to be of whoever leans a hand on the seat. */
const forearmSeen = 0.68;

/** 0 up to the first, 1 from the second, and without a corner between. */
function eased(from: number, to: number, at: number): number {
	const share = Math.min(1, Math.max(0, (at - from) / (to - from)));
	return share * share * (3 - 2 * share);
}

/** Sitting: the thighs come forward, and all above them is lower by what they are seen shorter; hands lie on the seat. */
function sitting({ landmarks: at }: Plate): Carriage {
	const lower = (at.knee - at.crotch) * (1 - thighSeen);
	const raised = (at.wrist - at.elbow) * (1 - forearmSeen);
	const body: Bend = ([x, y]) => {
		const nearer = 1 + kneesNearer * eased(at.hip, at.knee, y) * (1 - eased(at.knee, at.ankle, y));
		return [x * nearer, y <= at.crotch ? y + lower : y < at.knee ? at.knee - (at.knee - y) * thighSeen : y];
	};
	return {
		body,
		cloth: body,
		arms: ([x, y]) => {
			const bow = Math.max(0, 1 - Math.abs(y - at.elbow) / (at.wrist - at.elbow));
			const below = y - at.elbow;
			const reached = y <= at.elbow ? below : y < at.wrist ? below * forearmSeen : below - raised;
			return [x + Math.sign(x) * 9 * bow, at.elbow + lower + reached];
		}
	};
}

/**
 * A step: how far the ankles come together, as shares of half the hips; how much nearer and how much lifted a foot is; how hips and shoulders
 * tip and hands swing.
 */
const step = { forward: 0.2, behind: 0.1, nearer: 8, lifted: 0.16, hips: 0.05, shoulders: -0.03, swing: 12 };

/** What a skirt that holds the knees leaves of a step. */
const shortStride = 0.5;

/** Walking: their left leg comes forward under the body, the other is lifted behind it; hips and shoulders tip against each other. */
function walking({ landmarks: at, trunk, shortSteps }: Plate): Carriage {
	const half = xAt(trunk, at.crotch);
	const stride = shortSteps ? shortStride : 1;
	const tip = ([x, y]: Point): number => {
		const shoulders = step.shoulders * eased(at.chin, at.shoulder, y) * (1 - eased(at.shoulder, at.hip, y));
		const hips = step.hips * eased(at.shoulder, at.hip, y) * (1 - eased(at.hip, at.knee, y));
		return x * (shoulders - hips);
	};
	/** 0 on the side of the leg behind, 1 on that of the one in front; cloth over both goes over from one to the other. */
	const stepping =
		(across: number): Bend =>
		([x, y]) => {
			const front = eased(-across, across, x);
			const down = stride * Math.max(0, (y - at.crotch) / (at.ankle - at.crotch));
			const lifted = stride * Math.max(0, y - at.knee) * step.lifted;
			return [
				x + half * down * (step.behind - (step.behind + step.forward) * front),
				y - lifted + (lifted + step.nearer * down) * front + tip([x, y])
			];
		};
	return {
		body: stepping(12),
		cloth: stepping(150),
		arms: ([x, y]) => {
			const down = Math.max(0, (y - at.elbow) / (at.wrist - at.elbow));
			return [
				x - Math.sign(x) * step.swing * 0.5 * down,
				y + tip([x, Math.min(y, at.waist)]) - step.swing * down
			];
		}
	};
}

const carriages: Record<Exclude<Posture, 'standing'>, (plate: Plate) => Carriage> = { sitting, walking };

/** What hangs from the shoulder beside the body: an arm, its sleeve, a glove, a bracelet. */
function isOfArm({ left, top, right, bottom }: Extent, { trunk, landmarks: at }: Plate): boolean {
	const inmost = left * right <= 0 ? 0 : Math.min(Math.abs(left), Math.abs(right));
	const middle: Point = [Math.abs(left + right) / 2, (top + bottom) / 2];
	return inmost > 40 && bottom < (at.crotch + at.knee) / 2 && middle[0] > xAt(trunk, middle[1]) + 6;
}

/** Does a shape hang over both legs, though its garment is worn leg by leg: the tunic of a set, a long jacket of a suit? */
const overBoth = ({ left, right, bottom }: Extent, { landmarks: at }: Plate) =>
	left < -20 && right > 20 && bottom > at.crotch + 40;

/** A bag keeps its form: it goes with the shoulder it hangs from or the hand that holds it; what stands on the floor stays there. */
function carriageOfBag(
	shapes: readonly PlateShape[],
	{ landmarks: at }: Plate,
	{ body, arms }: Carriage
): Bend {
	const extent = extentOf(shapes);
	if (!extent || extent.bottom >= at.ankle) return (point) => point;
	const held: Point = [(extent.left + extent.right) / 2, Math.min(at.wrist, extent.top)];
	const [x, y] = (extent.top < at.elbow ? body : arms)(held);
	return ([px, py]) => [px + x - held[0], py + y - held[1]];
}

/** What is sat on: a block with its upper side seen, in the grey of stone. From behind it stands before legs and feet. */
function seat({ landmarks: at, trunk, mirrored }: Plate, body: Bend): PlateLayer {
	const half = xAt(trunk, at.crotch) + 76;
	const back = body([0, at.crotch])[1] - 20;
	const front = back + 34;
	const foot = at.floor + (mirrored ? 26 : -8);
	const side = (points: Point[], hex: string): PlateShape => ({
		d: polygon(points),
		fill: { kind: 'colour', hex }
	});
	return {
		id: 'seat',
		shapes: [
			// Both reach under the edge between them, so that nothing shines through it.
			side(
				[
					[-half, front],
					[-half + 14, back],
					[half - 14, back],
					[half, front],
					[half, foot],
					[-half, foot]
				],
				'#bdb7ac'
			),
			side(
				[
					[-half + 14, back],
					[half - 14, back],
					[half, front],
					[-half, front]
				],
				'#d6d1c8'
			)
		]
	};
}

/** A plate in a posture: the same layers and cloths, carried as the body is. */
export function posed(plate: Plate, posture: Posture): Plate {
	if (posture === 'standing') return plate;
	const carriage = carriages[posture](plate);
	/** How a shape of a layer is carried. */
	const bendOf = (shape: PlateShape, byLeg: boolean): Bend => {
		const extent = extentOf([shape]);
		if (extent && isOfArm(extent, plate)) return carriage.arms;
		return byLeg && !(extent && overBoth(extent, plate)) ? carriage.body : carriage.cloth;
	};
	const layers = plate.layers.map((layer): PlateLayer => {
		const bag = layer.goes === 'held' && carriageOfBag(layer.shapes, plate, carriage);
		// Paint, texture and light are laid over the same outline: it is bent once.
		const known = new Map<string, string>();
		const carried = (shape: PlateShape): PlateShape => {
			const d = known.get(shape.d) ?? bent(shape.d, bag || bendOf(shape, layer.goes === 'by-leg'));
			known.set(shape.d, d);
			return { ...shape, d };
		};
		return { ...layer, shapes: layer.shapes.map(carried) };
	});
	if (posture !== 'sitting') return { ...plate, layers };
	const sat = seat(plate, carriage.body);
	return { ...plate, layers: plate.mirrored ? [...layers, sat] : [sat, ...layers] };
}

/** Where hems are in a posture; their words say where they fall on the body, which is the same. */
export const posedHems = (hems: readonly HemLine[], plate: Plate, posture: Posture): HemLine[] =>
	posture === 'standing'
		? [...hems]
		: hems.map((hem) => ({ ...hem, y: carriages[posture](plate).body([0, hem.y])[1] }));
