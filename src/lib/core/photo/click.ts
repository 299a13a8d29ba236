import { areaOf, cutTo, eachPixel, type Box, type Region } from './region';
import type { MergeTree } from './merge-tree';
import type { Spot } from './pixels';
import type { Superpixels } from './superpixels';

/** A picture made ready: its patches, and how they join. Made once a picture; a click then costs little. */
export interface ReadyPhoto extends Superpixels {
	tree: MergeTree;
	/** For each node of the tree its first patch and how many there are, in `order`. */
	from: Int32Array;
	size: Int32Array;
	order: Int32Array;
}

/** What a click can mean, from the patch under it to the whole picture. */
export interface Levels {
	/** Nodes of the tree, small to large. */
	nodes: number[];
	/** Index of the one that is taken unless another is asked for. */
	automatic: number;
}

/** Puts the patches of each node of a tree next to one another. */
export function leavesInOrder(tree: MergeTree): Pick<ReadyPhoto, 'from' | 'size' | 'order'> {
	const all = tree.parent.length;
	const children: [number, number][] = [];
	for (let node = 0; node < all; node++) {
		const parent = tree.parent[node] ?? -1;
		if (parent < 0) continue;
		const pair = children[parent];
		if (pair) pair[1] = node;
		else children[parent] = [node, -1];
	}
	const from = new Int32Array(all);
	const size = new Int32Array(all);
	const order = new Int32Array(tree.leaves);
	let placed = 0;
	const visit = (root: number) => {
		// Deep trees would overflow a recursive walk.
		const stack: { node: number; done: boolean }[] = [{ node: root, done: false }];
		for (let top = stack.pop(); top; top = stack.pop()) {
			const { node, done } = top;
			if (done) {
				size[node] = placed - (from[node] ?? 0);
				continue;
			}
			from[node] = placed;
			if (node < tree.leaves) {
				order[placed++] = node;
				size[node] = 1;
				continue;
			}
			const [first, second] = children[node] ?? [-1, -1];
			stack.push({ node, done: true });
			if (second >= 0) stack.push({ node: second, done: false });
			if (first >= 0) stack.push({ node: first, done: false });
		}
	};
	for (let node = 0; node < all; node++) if (tree.parent[node] === -1) visit(node);
	return { from, size, order };
}

/** A mask of the pixels of one or several nodes: 1 inside. */
export function maskOfNodes(photo: ReadyPhoto, nodes: readonly number[]): Uint8Array {
	const taken = new Uint8Array(photo.tree.leaves);
	for (const node of nodes) {
		const first = photo.from[node] ?? 0;
		for (let i = first; i < first + (photo.size[node] ?? 0); i++) taken[photo.order[i] ?? 0] = 1;
	}
	// A loop: "from" with a callback takes fifty times as long, and this is most of a click.
	const { labels } = photo;
	const mask = new Uint8Array(labels.length);
	for (let at = 0; at < labels.length; at++) mask[at] = taken[labels[at] ?? 0] ?? 0;
	return mask;
}

/** A garment is seldom smaller or larger than these shares of a picture. */
const leastShare = 0.0006;
const mostShare = 0.45;
/** What reaches this far along the picture's edge is its background. */
const backgroundEdge = 0.3;
/** Joins from this unlikeness on are never within a garment. */
const apartFrom = 400;

/** A node that has so much of something else that is marked is more than one thing (this project's). */
const holdsFrom = 0.5;

/** Tells whether a node holds most of something else that is marked. */
function holdsOther({ labels, order, from, size, tree, ...picture }: ReadyPhoto, others: readonly Region[]) {
	const counted = others.map((other) => {
		const pixels = new Float64Array(tree.leaves);
		eachPixel(other, picture, (at) => (pixels[labels[at] ?? 0] = (pixels[labels[at] ?? 0] ?? 0) + 1));
		// How many lie in the patches before each, in the order in which those of a node stand together.
		const before = new Float64Array(tree.leaves + 1);
		order.forEach((leaf, i) => (before[i + 1] = (before[i] ?? 0) + (pixels[leaf] ?? 0)));
		return { before, most: holdsFrom * areaOf(other) };
	});
	return (node: number) => {
		const first = from[node] ?? 0;
		const end = first + (size[node] ?? 0);
		return counted.some(({ before, most }) => (before[end] ?? 0) - (before[first] ?? 0) > most);
	};
}

/**
 * The regions that a click at a spot can mean. The automatic one is where the next join would bring in something most
 * unlike what is there, for its size, among those that are as large as a garment can be and hold nothing else that is marked.
 *
 * @param others what is marked already as other things, none of which the spot is on
 */
export function levelsAt(photo: ReadyPhoto, { x, y }: Spot, others: readonly Region[] = []): Levels {
	const { tree, width, height } = photo;
	const atX = Math.min(width - 1, Math.max(0, Math.floor(x)));
	const atY = Math.min(height - 1, Math.max(0, Math.floor(y)));
	const nodes: number[] = [];
	for (let node = photo.labels[atY * width + atX] ?? 0; node >= 0; node = tree.parent[node] ?? -1) {
		// What was joined at once is one step: the stripes of a cloth.
		if (tree.height[nodes.at(-1) ?? node] === tree.height[node]) nodes.pop();
		nodes.push(node);
	}
	let automatic = 0;
	let best = -Infinity;
	const area = (node: number) => tree.area[node] ?? 0;
	const isMore = holdsOther(photo, others);
	nodes.forEach((node) => {
		const share = area(node) / (width * height);
		// What the next join brings in counts when it is seen.
		const after = nodes.findIndex((other) => area(other) >= area(node) * seenStep);
		const next = nodes[after];
		if (next === undefined || share > mostShare || (tree.atEdge[node] ?? 0) > backgroundEdge) return;
		if ((tree.height[node] ?? 0) > apartFrom || isMore(nodes[after - 1] ?? node)) return;
		const leap = (tree.height[next] ?? 0) - (tree.height[node] ?? 0);
		const small = share < leastShare ? 0.3 : 1;
		const worth = small * leap;
		if (worth > best) {
			best = worth;
			automatic = after - 1;
		}
	});
	return clearSteps(tree, nodes, automatic);
}

/** A step that changes less than this is not seen, and left out. */
const seenStep = 1.04;

/** The levels without those that hardly differ from the one before; the automatic one stays. */
function clearSteps(tree: MergeTree, nodes: readonly number[], automatic: number): Levels {
	const area = (node: number | undefined) => (node === undefined ? 0 : (tree.area[node] ?? 0));
	const kept: number[] = [];
	nodes.forEach((node, i) => {
		const isClear = area(node) >= area(kept.at(-1)) * seenStep;
		if (i === automatic && !isClear) kept.pop();
		if (i === automatic || isClear) kept.push(node);
	});
	const last = nodes.at(-1);
	if (last !== undefined && kept.at(-1) !== last) kept.push(last);
	return { nodes: kept, automatic: kept.indexOf(nodes[automatic] ?? -1) };
}

/** What lies beside a single piece is not of it, unless it is as large as a leg beside the other. */
const leastPart = 0.12;
/** Nearly all of a thing that a box is drawn around lies in it. */
const withinFrom = 0.9;
/** What joins its surroundings at less than this unlikeness is a part of them: wall, floor. */
const standsOutFrom = 40;
/** As near as the parts of one cloth are in hue, chroma and lightness. */
const sameClothUpTo = 13;

/** A thing that a box is drawn around reaches from side to side: it spans this much of the box and more. */
const spansFrom = 0.8;
/** Where what is largest does not, others are looked at: as unlike their surroundings, as large in the box, and of parts as near as this. */
const besides = { standsOutFrom: 25, leastShare: 0.02, sameClothUpTo: 16 };

/** For each node how many of its pixels lie in a box, and how far they reach there. */
interface InBox {
	pixels: Float64Array;
	left: Int32Array;
	right: Int32Array;
	top: Int32Array;
	bottom: Int32Array;
}

function nodesWithin({ tree, width, labels }: ReadyPhoto, box: Box): InBox {
	const all = tree.parent.length;
	const found: InBox = {
		pixels: new Float64Array(all),
		left: new Int32Array(all).fill(box.x + box.width),
		right: new Int32Array(all).fill(-1),
		top: new Int32Array(all).fill(box.y + box.height),
		bottom: new Int32Array(all).fill(-1)
	};
	const { pixels, left, right, top, bottom } = found;
	const reach = (node: number, x0: number, x1: number, y0: number, y1: number) => {
		left[node] = Math.min(left[node] ?? x0, x0);
		right[node] = Math.max(right[node] ?? x1, x1);
		top[node] = Math.min(top[node] ?? y0, y0);
		bottom[node] = Math.max(bottom[node] ?? y1, y1);
	};
	for (let y = box.y; y < box.y + box.height; y++)
		for (let x = box.x; x < box.x + box.width; x++) {
			const label = labels[y * width + x] ?? 0;
			pixels[label] = (pixels[label] ?? 0) + 1;
			reach(label, x, x, y, y);
		}
	for (let node = 0; node < all; node++) {
		const parent = tree.parent[node] ?? -1;
		if (parent < 0 || !pixels[node]) continue;
		pixels[parent] = (pixels[parent] ?? 0) + (pixels[node] ?? 0);
		reach(parent, left[node] ?? 0, right[node] ?? 0, top[node] ?? 0, bottom[node] ?? 0);
	}
	return found;
}

/** How much of a box the box around several nodes takes, 0..1. */
function spanOf({ left, right, top, bottom }: InBox, nodes: readonly number[], box: Box): number {
	const least = (edge: Int32Array) => Math.min(...nodes.map((node) => edge[node] ?? 0));
	const most = (edge: Int32Array) => Math.max(...nodes.map((node) => edge[node] ?? 0));
	return (
		((most(right) - least(left) + 1) * (most(bottom) - least(top) + 1)) / Math.max(1, box.width * box.height)
	);
}

/**
 * The thing that a box is drawn around: of the nodes that lie in it nearly whole and stand out from their surroundings,
 * the largest, and those of the same cloth. Where that spans less than the box, as a large coat in a box that was drawn around the dress
 * below it, the one that spans most of it, weighed with its size and how it stands out.
 */
export function nodesInBox(photo: ReadyPhoto, box: Box): number[] {
	const { tree } = photo;
	const cut = cutTo(box, photo);
	if (!cut) return [];
	const inside = nodesWithin(photo, cut);
	const area = (node: number) => tree.area[node] ?? 0;
	const within = (node: number) => (inside.pixels[node] ?? 0) / Math.max(1, area(node)) >= withinFrom;
	const whole: number[] = [];
	for (let node = 0; node < tree.parent.length; node++) {
		const parent = tree.parent[node] ?? -1;
		if (within(node) && (parent < 0 || !within(parent))) whole.push(node);
	}
	const largest = thingAmong(photo, whole);
	if (largest.length === 0 || spanOf(inside, largest, cut) >= spansFrom) return largest;
	const size = cut.width * cut.height;
	const worthOf = (nodes: readonly number[]) => {
		const filled = nodes.reduce((sum, node) => sum + area(node), 0) / size;
		const stands = Math.min(1, heightOver(tree, nodes[0] ?? -1) / standsOutFrom);
		return spanOf(inside, nodes, cut) ** 2 * Math.sqrt(filled * stands);
	};
	const others = whole
		.filter(
			(node) => area(node) >= besides.leastShare * size && heightOver(tree, node) >= besides.standsOutFrom
		)
		.map((node) => withItsParts(photo, whole, node, besides));
	const [best] = others.sort((first, second) => worthOf(second) - worthOf(first));
	return best ?? largest;
}

/**
 * The thing that a picture is of, as single pieces are photographed: of the nodes that nowhere reach its edge and stand out,
 * the largest, and those of the same cloth.
 */
export function nodesInMiddle(photo: ReadyPhoto): number[] {
	const { tree } = photo;
	const free = (node: number) => tree.atEdge[node] === 0;
	const whole: number[] = [];
	for (let node = 0; node < tree.parent.length; node++)
		if (free(node) && !free(tree.parent[node] ?? -1)) whole.push(node);
	return thingAmong(photo, whole, leastPart);
}

/** How unlike a node is to what it joins next. */
const heightOver = (tree: MergeTree, node: number): number =>
	tree.height[tree.parent[node] ?? -1] ?? Infinity;

/** By what something is a part of a thing: how it stands out, how near its cloth is, and how large it is beside the thing. */
interface PartsOf {
	standsOutFrom: number;
	sameClothUpTo: number;
	least?: number;
}

/** A node and those of several that are of its cloth and stand out, if they are this large beside it. The node comes first. */
function withItsParts(
	{ tree }: ReadyPhoto,
	nodes: readonly number[],
	main: number,
	{ standsOutFrom: from, sameClothUpTo: upTo, least = 0 }: PartsOf
): number[] {
	const area = (node: number) => tree.area[node] ?? 0;
	const apart = (node: number) =>
		Math.hypot(
			...[0, 1, 2].map((field) => (tree.mean[node * 3 + field] ?? 0) - (tree.mean[main * 3 + field] ?? 0))
		);
	const isPart = (node: number) =>
		heightOver(tree, node) >= from && area(node) >= least * area(main) && apart(node) <= upTo;
	return [main, ...nodes.filter((node) => node !== main && isPart(node))];
}

/** Of several nodes the largest that stands out from what is around it, and those of the same cloth, if they are this large beside it. */
function thingAmong(photo: ReadyPhoto, nodes: readonly number[], least = 0): number[] {
	const { tree } = photo;
	const bySize = [...nodes].sort((first, second) => (tree.area[second] ?? 0) - (tree.area[first] ?? 0));
	const main = bySize.find((node) => heightOver(tree, node) >= standsOutFrom) ?? bySize[0];
	return main === undefined ? [] : withItsParts(photo, bySize, main, { standsOutFrom, sameClothUpTo, least });
}
