import { labOfPixels } from './lab-pixels';
import type { Pixels } from './pixels';

/** A picture in small patches of like colour. */
export interface Superpixels {
	width: number;
	height: number;
	/** The patch of each pixel, from 0. */
	labels: Int32Array;
	count: number;
	/** CIELAB of each pixel, `l`, `a`, `b` behind one another. */
	lab: Float32Array;
}

/** About how many patches a picture is cut into. More follow thin straps better, and take longer. */
const patches = 2400;
/** How much the place counts beside the colour: the compactness of SLIC, 1..40. Low, so that edges of cloth are kept. */
const compactness = 8;
const rounds = 6;

/** Where each patch begins: on a grid, moved to the flattest place nearby, so that none begins on an edge. */
function seeds(lab: Float32Array, width: number, height: number, step: number): Float32Array {
	const found: number[] = [];
	const slope = (x: number, y: number) => {
		const at = (y * width + x) * 3;
		let sum = 0;
		for (let channel = 0; channel < 3; channel++) {
			const across = (lab[at + 3 + channel] ?? 0) - (lab[at - 3 + channel] ?? 0);
			const down = (lab[at + width * 3 + channel] ?? 0) - (lab[at - width * 3 + channel] ?? 0);
			sum += across * across + down * down;
		}
		return sum;
	};
	for (let y = step / 2; y < height; y += step)
		for (let x = step / 2; x < width; x += step) {
			let [bestX, bestY, best] = [Math.floor(x), Math.floor(y), Infinity];
			for (let dy = -1; dy <= 1; dy++)
				for (let dx = -1; dx <= 1; dx++) {
					const nearX = Math.floor(x) + dx;
					const nearY = Math.floor(y) + dy;
					if (nearX < 1 || nearY < 1 || nearX >= width - 1 || nearY >= height - 1) continue;
					const steep = slope(nearX, nearY);
					if (steep < best) [bestX, bestY, best] = [nearX, nearY, steep];
				}
			const at = (bestY * width + bestX) * 3;
			found.push(lab[at] ?? 0, lab[at + 1] ?? 0, lab[at + 2] ?? 0, bestX, bestY);
		}
	return Float32Array.from(found);
}

/** Gives each pixel to the nearest centre in colour and place, and moves the centres, a few times over. */
function assigned(lab: Float32Array, width: number, height: number, step: number): Int32Array {
	const centres = seeds(lab, width, height, step);
	const count = centres.length / 5;
	const labels = new Int32Array(width * height).fill(-1);
	const nearest = new Float32Array(width * height);
	const placeWeight = (compactness / step) ** 2;
	for (let round = 0; round < rounds; round++) {
		nearest.fill(Infinity);
		for (let k = 0; k < count; k++) {
			const [l = 0, a = 0, b = 0, x = 0, y = 0] = centres.subarray(k * 5, k * 5 + 5);
			const fromX = Math.max(0, Math.floor(x - step));
			const toX = Math.min(width - 1, Math.ceil(x + step));
			const toY = Math.min(height - 1, Math.ceil(y + step));
			for (let atY = Math.max(0, Math.floor(y - step)); atY <= toY; atY++) {
				const dy = atY - y;
				for (let atX = fromX, at = atY * width + fromX; atX <= toX; atX++, at++) {
					const dx = atX - x;
					const byPlace = placeWeight * (dx * dx + dy * dy);
					const least = nearest[at] ?? 0;
					// Too far away already, whatever the colour.
					if (byPlace >= least) continue;
					const dl = (lab[at * 3] ?? 0) - l;
					const da = (lab[at * 3 + 1] ?? 0) - a;
					const db = (lab[at * 3 + 2] ?? 0) - b;
					const distance = dl * dl + da * da + db * db + byPlace;
					if (distance < least) {
						nearest[at] = distance;
						labels[at] = k;
					}
				}
			}
		}
		moveCentres(centres, labels, lab, width);
	}
	return labels;
}

function moveCentres(centres: Float32Array, labels: Int32Array, lab: Float32Array, width: number): void {
	const count = centres.length / 5;
	const sums = new Float64Array(count * 6);
	for (let at = 0; at < labels.length; at++) {
		const k = (labels[at] ?? 0) * 6;
		if (k < 0) continue;
		sums[k] = (sums[k] ?? 0) + (lab[at * 3] ?? 0);
		sums[k + 1] = (sums[k + 1] ?? 0) + (lab[at * 3 + 1] ?? 0);
		sums[k + 2] = (sums[k + 2] ?? 0) + (lab[at * 3 + 2] ?? 0);
		sums[k + 3] = (sums[k + 3] ?? 0) + (at % width);
		sums[k + 4] = (sums[k + 4] ?? 0) + Math.floor(at / width);
		sums[k + 5] = (sums[k + 5] ?? 0) + 1;
	}
	for (let k = 0; k < count; k++) {
		const members = sums[k * 6 + 5] ?? 0;
		if (members > 0)
			for (let field = 0; field < 5; field++) centres[k * 5 + field] = (sums[k * 6 + field] ?? 0) / members;
	}
}

/** Makes every patch one piece: islands too small to stand alone join the patch beside them. */
function connected(
	labels: Int32Array,
	width: number,
	height: number,
	least: number
): { labels: Int32Array; count: number } {
	const next = new Int32Array(labels.length).fill(-1);
	const queue = new Int32Array(labels.length);
	let count = 0;
	for (let start = 0; start < labels.length; start++) {
		if (next[start] !== -1) continue;
		const was = labels[start];
		let beside = -1;
		let [head, tail] = [0, 0];
		queue[tail++] = start;
		next[start] = count;
		while (head < tail) {
			const at = queue[head++] ?? 0;
			const x = at % width;
			const y = Math.floor(at / width);
			for (const near of [
				x > 0 ? at - 1 : -1,
				x < width - 1 ? at + 1 : -1,
				y > 0 ? at - width : -1,
				y < height - 1 ? at + width : -1
			]) {
				if (near < 0) continue;
				const known = next[near] ?? -1;
				if (known === -1 && labels[near] === was) {
					next[near] = count;
					queue[tail++] = near;
				} else if (known !== -1 && known !== count) beside = known;
			}
		}
		if (tail < least && beside !== -1) for (let i = 0; i < tail; i++) next[queue[i] ?? 0] = beside;
		else count++;
	}
	return { labels: next, count };
}

/**
 * Cuts a picture into small patches that keep to the edges in it: simple linear iterative clustering (Achanta and others
 * 2012, "SLIC Superpixels Compared to State-of-the-Art Superpixel Methods", IEEE TPAMI 34(11)). The same picture always gives
 * the same patches.
 */
export function superpixelsOf(pixels: Pixels): Superpixels {
	const { width, height } = pixels;
	const lab = labOfPixels(pixels);
	const step = Math.max(3, Math.sqrt((width * height) / patches));
	const whole = connected(assigned(lab, width, height, step), width, height, (step * step) / 5);
	return { width, height, lab, ...whole };
}
