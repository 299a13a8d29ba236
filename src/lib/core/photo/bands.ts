/** What varies in a print, and how much of it lies in parallel bands. */
export interface Bands {
	/** The share of the variance that bands of the best one way explain, 0..1. */
	one: number;
	/** The share that two ways explain which cross squarely, 0..1. */
	two: number;
	/** What the weaker of these two ways explains, 0..1: nothing in a stripe. */
	weaker: number;
	/** How steadily the bands of the best one way come again, −1..1: near 1 where each is as far from the next as the last was. */
	steady: number;
}
type Point = readonly [number, number, number];

/** Every 5°, and then so many degrees about the best: of bands that are many in a window little is seen from beside their way. */
const ways = 36;
const turnBy = Math.PI / ways;
const nearby = [-0.5, -0.25, 0.25, 0.5];
/** As many places along the side of a window are looked at, and as many windows along the diagonal of a region. */
const placesAside = 36;
const mostWindows = 16;
/** A window of which less than this lies in the region says nothing. */
const leastInside = 0.8;
/** A line across a window with fewer places than this has no mean to speak of. */
const fewestInLine = 3;

interface Explained {
	/** The sum of squares about the middle of the window. */
	all: number;
	one: number;
	two: number;
	weaker: number;
	steady: number;
}

/**
 * How well the means along lines agree with themselves further on: the highest autocorrelation after the first that is negative.
 *
 * @param lines count and sums of each line, four numbers a line
 */
function steadiness(lines: Float64Array): number {
	const means: Point[] = [];
	for (let line = 0; line < lines.length; line += 4) {
		const members = lines[line] ?? 0;
		if (members < fewestInLine) continue;
		means.push([
			(lines[line + 1] ?? 0) / members,
			(lines[line + 2] ?? 0) / members,
			(lines[line + 3] ?? 0) / members
		]);
	}
	const agreeing = (lag: number) => {
		let [sum, own, other] = [0, 0, 0];
		for (let i = 0; i + lag < means.length; i++) {
			const [a = [0, 0, 0], b = [0, 0, 0]] = [means[i], means[i + lag]];
			sum += a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
			own += a[0] ** 2 + a[1] ** 2 + a[2] ** 2;
			other += b[0] ** 2 + b[1] ** 2 + b[2] ** 2;
		}
		return own * other === 0 ? 0 : sum / Math.sqrt(own * other);
	};
	let turned = false;
	let best = -1;
	for (let lag = 1; lag < means.length * 0.7; lag++) {
		const value = agreeing(lag);
		if (value < 0) turned = true;
		else if (turned) best = Math.max(best, value);
	}
	return best;
}

/** How much of one window is explained by the means along parallel lines, way by way. */
function explainedIn(
	map: Int8Array,
	width: number,
	colours: readonly Point[],
	window: { left: number; top: number; size: number }
): Explained | undefined {
	const { left, top, size } = window;
	const skip = Math.max(1, Math.floor(size / placesAside));
	const places: number[] = [];
	const counts = colours.map(() => 0);
	let asked = 0;
	for (let y = 0; y < size; y += skip)
		for (let x = 0; x < size; x += skip) {
			asked++;
			const swatch = map[(top + y) * width + left + x] ?? -1;
			if (swatch < 0) continue;
			places.push(x / skip, y / skip, swatch);
			counts[swatch] = (counts[swatch] ?? 0) + 1;
		}
	const count = places.length / 3;
	if (count < asked * leastInside) return undefined;
	const middleOf = (i: 0 | 1 | 2) =>
		colours.reduce((sum, colour, k) => sum + colour[i] * (counts[k] ?? 0), 0) / count;
	const middle: Point = [middleOf(0), middleOf(1), middleOf(2)];
	const off = colours.map(([x, y, z]): Point => [x - middle[0], y - middle[1], z - middle[2]]);
	const all = off.reduce((sum, [x, y, z], k) => sum + (x * x + y * y + z * z) * (counts[k] ?? 0), 0);
	if (all === 0) return undefined;
	const aside = Math.ceil(size / skip);
	const lines = new Float64Array(4 * (2 * aside + 2));
	/** What the means along lines at a way explain, its number in steps of 5°; `lines` hold them. */
	const explainedAt = (way: number): number => {
		const [cos, sin] = [Math.cos(way * turnBy), Math.sin(way * turnBy)];
		const from = aside * (Math.max(0, -cos) + Math.max(0, -sin));
		lines.fill(0);
		for (let i = 0; i < places.length; i += 3) {
			const line = 4 * Math.round((places[i] ?? 0) * cos + (places[i + 1] ?? 0) * sin + from);
			const [x, y, z] = off[places[i + 2] ?? 0] ?? middle;
			lines[line] = (lines[line] ?? 0) + 1;
			lines[line + 1] = (lines[line + 1] ?? 0) + x;
			lines[line + 2] = (lines[line + 2] ?? 0) + y;
			lines[line + 3] = (lines[line + 3] ?? 0) + z;
		}
		let sum = 0;
		for (let line = 0; line < lines.length; line += 4) {
			const members = lines[line] ?? 0;
			if (members < fewestInLine) continue;
			const [x, y, z] = [lines[line + 1] ?? 0, lines[line + 2] ?? 0, lines[line + 3] ?? 0];
			sum += (x * x + y * y + z * z) / members;
		}
		return sum;
	};
	const each = Array.from({ length: ways }, (_, way) => explainedAt(way));
	const finest = (way: number, explains: (way: number) => number) =>
		nearby
			.map((step) => way + step)
			.reduce((best, near) => (explains(near) > explains(best) ? near : best), way);
	const across = (way: number) => each[(way + ways / 2) % ways] ?? 0;
	const bestOf = (sums: readonly number[]) => sums.indexOf(Math.max(...sums));
	const pair = finest(
		bestOf(each.map((sum, way) => sum + across(way))),
		(way) => explainedAt(way) + explainedAt(way + ways / 2)
	);
	const [first, second] = [explainedAt(pair), explainedAt(pair + ways / 2)];
	const one = explainedAt(finest(bestOf(each), explainedAt));
	return {
		all,
		one,
		two: Math.min(all, first + second),
		weaker: Math.min(first, second),
		steady: all * steadiness(lines)
	};
}

/**
 * How much of what varies in a print lies in bands that run one way, and in bands that cross squarely: the share of the variance
 * of its colours that the means along parallel lines explain (analysis of variance), window by window, for cloth turns and falls.
 * A stripe is wholly explained one way, a check by both; what lies in motifs by neither. Undefined where no window fits, or nothing varies.
 *
 * @param map the swatch of each pixel of a box, −1 outside the region
 * @param width of the box, in pixels
 * @param colours of the swatches, in a space of even distances
 * @param size of the windows, in pixels
 */
export function bandsOf(
	map: Int8Array,
	width: number,
	colours: readonly Point[],
	size: number
): Bands | undefined {
	const height = Math.floor(map.length / width);
	const step = Math.max(1, Math.floor(size / 2), Math.floor(Math.sqrt((width * height) / mostWindows)));
	const total: Explained = { all: 0, one: 0, two: 0, weaker: 0, steady: 0 };
	for (let top = 0; top + size <= height; top += step)
		for (let left = 0; left + size <= width; left += step) {
			const found = explainedIn(map, width, colours, { left, top, size });
			if (!found) continue;
			total.all += found.all;
			total.one += found.one;
			total.two += found.two;
			total.weaker += found.weaker;
			total.steady += found.steady;
		}
	const { all, one, two, weaker, steady } = total;
	return all === 0
		? undefined
		: { one: one / all, two: two / all, weaker: weaker / all, steady: steady / all };
}
