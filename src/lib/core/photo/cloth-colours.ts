import { deltaE00 } from '../colour/difference';
import { chromaOf, huesApart, type Lab } from '../colour/spaces';
import type { Meetings } from './meetings';

/** A colour that covers less of a garment is a seam, a button, a shadow. */
const leastShare = 0.05;
/** Two groups of one hue are one cloth in light and shade up to this difference in lightness. */
const shadingL = 30;
/** Groups nearer than this are one colour (twice what is just noticeable as another). */
const sameUpTo = 9;
const isSameColour = (first: Lab, second: Lab) => deltaE00(first, second) < sameUpTo;

/** May two colours be one cloth in light and in shade? */
function isShadeOf(first: Lab, second: Lab): boolean {
	const [light, dark] = first.l > second.l ? [first, second] : [second, first];
	if (light.l - dark.l > shadingL) return false;
	// In the shade the same cloth has less light in the same proportions.
	const shaded = dark.l / Math.max(1, light.l);
	return Math.hypot(light.a * shaded - dark.a, light.b * shaded - dark.b) < 7;
}

/** A little of the same hue, lighter or darker, is shine and fold: up to this share, and within so many degrees. */
const foldShare = 0.2;
const sameHueUpTo = 16;
/** Less chroma than this has no hue to speak of. */
const huedFrom = 7;

const isFoldOf = (small: Lab, large: Lab) =>
	Math.abs(small.l - large.l) < shadingL &&
	Math.min(chromaOf(small), chromaOf(large)) >= huedFrom &&
	huesApart(small, large) < sameHueUpTo;

/** A group between two larger ones in colour is where they meet, blurred by the lens, up to this share. */
const blendUpTo = 0.22;
const blendWithin = 10;

/** Is a colour about a mixture of two others? */
export function isBlend(colour: Lab, first: Lab, second: Lab): boolean {
	const [x, y, z] = [second.l - first.l, second.a - first.a, second.b - first.b];
	const length = x * x + y * y + z * z;
	if (length < 400) return false;
	const along = ((colour.l - first.l) * x + (colour.a - first.a) * y + (colour.b - first.b) * z) / length;
	if (along < 0.15 || along > 0.85) return false;
	return (
		Math.hypot(
			first.l + along * x - colour.l,
			first.a + along * y - colour.a,
			first.b + along * z - colour.b
		) < blendWithin
	);
}

/** Groups that are one colour: how many samples, and which groups. */
export interface Joined {
	/** Of the largest group in it: a chain of small steps does not carry it away. */
	mean: Lab;
	count: number;
	members: number[];
	/** In what share of the cloth, cell by cell, there is any of it, 0..1. */
	spread: number;
}

/** Joins each group to the largest of which it is a part by itself: no chain of small steps carries one to another. */
function joinedBy(groups: readonly Joined[], belongs: (small: Joined, large: Joined) => boolean): Joined[] {
	const leaders: Joined[] = [];
	for (const { mean, count, members, spread } of [...groups].sort(
		(first, second) => second.count - first.count
	)) {
		const group = { mean, count, members: [...members], spread };
		const leader = leaders.find((large) => belongs(group, large));
		if (!leader) leaders.push(group);
		else {
			leader.count += count;
			leader.members.push(...members);
		}
	}
	return leaders;
}

/** What is in this share of the cells of a region, and meets the rest sharply, is part of its print; shine, seams and folds lie here and there. */
const everywhereFrom = 0.6;
/** A colour of a print may be as little as this. */
const leastOfPrint = 0.02;
/** And then it is plainly another colour. */
const plainlyAnother = 20;

/**
 * The colours of a cloth out of groups of samples: light and shade are joined, then shine and folds; what is too small to
 * be a colour of it, or only where two of them meet, is given up. The largest first.
 *
 * @param total how many samples there are
 * @param tones leave tones of one hue apart where they meet sharply all over the cloth
 */
export function clothColours(groups: Joined[], total: number, meets: Meetings, tones: boolean): Joined[] {
	const isPrinted = (small: Joined, large: Joined) =>
		Math.min(small.spread, large.spread) >= everywhereFrom &&
		meets.sharply(small.members[0] ?? -1, large.members[0] ?? -1);
	const apart = joinedBy(
		groups,
		(small, large) =>
			isSameColour(small.mean, large.mean) ||
			(isShadeOf(small.mean, large.mean) && !(tones && isPrinted(small, large)))
	);
	const whole = joinedBy(
		apart,
		(small, large) =>
			small.count < total * foldShare &&
			isFoldOf(small.mean, large.mean) &&
			!(tones && isPrinted(small, large))
	);
	const larger = ({ count }: Joined) => whole.filter((other) => other.count > count);
	const isMeeting = (group: Joined) =>
		group.count < total * blendUpTo &&
		larger(group).some((first) =>
			whole.some(
				(second) =>
					second !== group &&
					(second.count > group.count || (meets.isRim(group.members) && second.count > group.count / 3)) &&
					isBlend(group.mean, first.mean, second.mean)
			)
		);
	const isColour = (group: Joined) =>
		group.count >= total * leastShare ||
		(group.count >= total * leastOfPrint &&
			larger(group).some(
				(other) => isPrinted(group, other) && (tones || deltaE00(group.mean, other.mean) >= plainlyAnother)
			));
	return whole
		.filter((group) => isColour(group) && !isMeeting(group))
		.sort((first, second) => second.count - first.count);
}
