/** Two pictures of a body brought to one scale by its marks, and how the pose of one differs from the other's. */
import type { BodyMarks } from '../model/photo';
import { bodyScale } from './body-marks';
import type { Spot } from './pixels';

/** A picture with the places of crown and floor on it, all in its own units. */
export interface Stood {
	width: number;
	height: number;
	crown: Spot;
	floor: Spot;
}

/** Where the crown and the floor of every picture come in the frame, as shares of its height. */
export const frameStands = { crown: 0.05, floor: 0.95 } as const;

/**
 * Where a picture lies in a frame so that the body in it stands from `frameStands.crown` to `frameStands.floor`, midway
 * between the sides: in shares of the frame's width and height.
 *
 * @param frame width over height of the frame
 * @example placedIn(stood, 2 / 3) // { left: -0.1, top: 0, width: 1.2, height: 1 }
 */
export function placedIn(
	{ width, height, crown, floor }: Stood,
	frame: number
): { left: number; top: number; width: number; height: number } {
	const scale = (frameStands.floor - frameStands.crown) / Math.max(1e-6, floor.y - crown.y);
	const middle = (crown.x + floor.x) / 2;
	return {
		left: 0.5 - (middle * scale) / frame,
		top: frameStands.crown - crown.y * scale,
		width: (width * scale) / frame,
		height: height * scale
	};
}

/** Where the body on a marked picture stands; without marks that hold, the picture is taken to be filled by it. */
export function stoodOn(marks: BodyMarks | undefined, picture: { width: number; height: number }): Stood {
	const { width, height } = picture;
	const body = marks && bodyScale(marks, picture);
	return {
		width,
		height,
		crown: body?.middleAt(1) ?? { x: width / 2, y: height * frameStands.crown },
		floor: body?.middleAt(0) ?? { x: width / 2, y: height * frameStands.floor }
	};
}

/**
 * A part of a picture as what is to fill a frame: as if a body stood on its lower edge and reached to its upper one.
 *
 * @param part in shares of the picture's width and height
 */
export const stoodAround = (
	part: { x: number; y: number; width: number; height: number },
	picture: { width: number; height: number }
): Stood => {
	const x = (part.x + part.width / 2) * picture.width;
	return {
		width: picture.width,
		height: picture.height,
		crown: { x, y: part.y * picture.height },
		floor: { x, y: (part.y + part.height) * picture.height }
	};
};

/** What would bring a try-on nearer to the pose of its reference, or to a picture that can be measured. */
export type PoseAdvice =
	| 'no-body'
	| 'shoes-in'
	| 'head-in'
	| 'come-closer'
	| 'stand-straight'
	| 'turn-more'
	| 'turn-less'
	| 'other-arm'
	| 'arm-bent'
	| 'arm-straight';

/** A body shorter than this share of the picture wastes it. */
const leastOfPicture = 0.55;
/** Leaning by more than this, from the upright, in degrees. */
const mostLean = 6;
/** By this much of stature may the shoulder stand nearer to the middle or farther off before the turn differs. */
const turnApart = 0.03;
/** By this many degrees may an elbow be bent otherwise. */
const bendApart = 35;

const degrees = (radians: number) => (radians * 180) / Math.PI;
const angleAt = (from: Spot, at: Spot, to: Spot): number => {
	const turn = Math.atan2(from.y - at.y, from.x - at.x) - Math.atan2(to.y - at.y, to.x - at.x);
	const angle = Math.abs(degrees(turn)) % 360;
	return angle > 180 ? 360 - angle : angle;
};

interface Picture {
	marks: BodyMarks | undefined;
	width: number;
	height: number;
}

/** The pose that marks show: lean, how far the shoulder stands from the middle, how the arm is bent. */
function poseOf({ marks = {}, width, height }: Picture) {
	const body = bodyScale(marks, { width, height });
	if (!body) return undefined;
	const placed = (id: keyof BodyMarks): Spot | undefined => {
		const mark = marks[id];
		return mark && { x: mark.x * width, y: mark.y * height };
	};
	const [crown, floor] = [body.middleAt(1), body.middleAt(0)];
	const [shoulder, elbow, wrist] = [placed('shoulder'), placed('elbow'), placed('wrist')];
	return {
		lean: degrees(Math.atan2(floor.x - crown.x, floor.y - crown.y)),
		ofPicture: (floor.y - crown.y) / height,
		crown,
		floor,
		aside: shoulder && body.placeOf(shoulder.x, shoulder.y).aside,
		bend: shoulder && elbow && wrist && angleAt(shoulder, elbow, wrist)
	};
}

/**
 * What to say to whoever stands before the camera, the most needful first. What can be told from a single picture needs no
 * reference; turn, arm and side are compared with the reference's, where that is marked too. The bounds are common practice.
 */
export function poseAdvice(tryOn: Picture, reference?: Picture): PoseAdvice[] {
	const pose = poseOf(tryOn);
	if (!pose) return ['no-body'];
	const advice: PoseAdvice[] = [];
	if (pose.floor.y > tryOn.height) advice.push('shoes-in');
	if (pose.crown.y < 0) advice.push('head-in');
	if (pose.ofPicture < leastOfPicture) advice.push('come-closer');
	if (Math.abs(pose.lean) > mostLean) advice.push('stand-straight');
	const other = reference && poseOf(reference);
	if (!other) return advice;
	if (pose.aside !== undefined && other.aside !== undefined) {
		const apart = Math.abs(pose.aside) - Math.abs(other.aside);
		if (apart > turnApart) advice.push('turn-more');
		else if (apart < -turnApart) advice.push('turn-less');
		if (pose.aside * other.aside < 0) advice.push('other-arm');
	}
	if (pose.bend !== undefined && other.bend !== undefined) {
		if (other.bend < pose.bend - bendApart) advice.push('arm-bent');
		else if (other.bend > pose.bend + bendApart) advice.push('arm-straight');
	}
	return advice;
}
