/** Marks of a body from the points that a pose model finds. */
import { heights } from '../body/heights';
import { bodyMarkIds, type BodyMarkId, type BodyMarks } from '../model/photo';
import type { Spot } from './pixels';

/** A point of a pose in pixels, and how surely it is seen, 0..1. */
export interface PosePoint extends Spot {
	seen: number;
}

/**
 * Heights at which the model sees the joints, in shares of stature: medians over eight photographs of the stand-in camera
 * (values of this project). Shoulder and ankle are seen at the joints' middle, below the shoulder's point and above the sole.
 */
const jointHeights = { shoulder: 0.8, hip: 0.498, knee: 0.264, ankle: 0.058 };

/** Places in the list of 33 points (the order of the BlazePose topology: Bazarevsky and others 2020). */
const pairs = {
	shoulder: [11, 12],
	elbow: [13, 14],
	wrist: [15, 16],
	hip: [23, 24],
	knee: [25, 26],
	ankle: [27, 28]
} as const;

/** Points less surely seen than this are left out, for the stylist to set. Under a long skirt legs are guessed well. */
const seenFrom = 0.1;

/**
 * Marks from the points of a pose, in shares of the picture. What is not seen or lies outside of it is left out.
 *
 * @param points 33 points in pixels of the picture
 */
export function marksOfPose(
	points: readonly PosePoint[],
	{ width, height }: { width: number; height: number }
): BodyMarks {
	const point = (i: number): PosePoint => points[i] ?? { x: 0, y: 0, seen: 0 };
	/** The middle of a pair, as surely seen as the better one of it. */
	const midst = (of: keyof typeof pairs): PosePoint => {
		const [left, right] = [point(pairs[of][0]), point(pairs[of][1])];
		return {
			x: (left.x + right.x) / 2,
			y: (left.y + right.y) / 2,
			seen: Math.max(left.seen, right.seen)
		};
	};
	/** A height on the line through two joints, or beyond them. */
	const onLine = (above: keyof typeof jointHeights, below: keyof typeof jointHeights, at: number) => {
		const [from, to] = [midst(above), midst(below)];
		const share = (jointHeights[above] - at) / (jointHeights[above] - jointHeights[below]);
		return {
			x: from.x + (to.x - from.x) * share,
			y: from.y + (to.y - from.y) * share,
			seen: Math.min(from.seen, to.seen)
		};
	};
	const sure = (side: 0 | 1) => point(pairs.elbow[side]).seen + point(pairs.wrist[side]).seen;
	const side = sure(0) >= sure(1) ? 0 : 1;
	const joint = point(pairs.shoulder[side]);
	const [lifted, level] = [
		onLine('shoulder', 'hip', heights.shoulder),
		onLine('shoulder', 'hip', jointHeights.shoulder)
	];
	const all: Record<BodyMarkId, PosePoint> = {
		crown: onLine('shoulder', 'hip', 1),
		shoulder: { x: joint.x + lifted.x - level.x, y: joint.y + lifted.y - level.y, seen: joint.seen },
		elbow: point(pairs.elbow[side]),
		wrist: point(pairs.wrist[side]),
		waist: onLine('shoulder', 'hip', heights.waist),
		crotch: onLine('hip', 'knee', heights.crotch),
		knee: onLine('hip', 'knee', heights.knee),
		ankle: onLine('knee', 'ankle', heights.ankle)
	};
	return Object.fromEntries(
		bodyMarkIds.flatMap((id) => {
			const { x, y, seen } = all[id];
			return seen >= seenFrom && x >= 0 && y >= 0 && x <= width && y <= height
				? [[id, { x: x / width, y: y / height }]]
				: [];
		})
	);
}
