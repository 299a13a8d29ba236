import { cutTo, type Box } from './region';
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

/**
 * The regions that a click at a spot can mean. The automatic one is where the next join would bring in something most
 * unlike what is there, for its size, among those that are as large as a garment can be.
 */
export function levelsAt(photo: ReadyPhoto, { x, y }: Spot): Levels {
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
	nodes.forEach((node) => {
		const share = area(node) / (width * height);
		// What the next join brings in counts when it is seen.
		const after = nodes.findIndex((other) => area(other) >= area(node) * seenStep);
		const next = nodes[after];
		if (next === undefined || share > mostShare || (tree.atEdge[node] ?? 0) > backgroundEdge) return;
		if ((tree.height[node] ?? 0) > apartFrom) return;
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

/**
 * The thing that a box is drawn around: of the nodes that lie in it nearly whole and stand out from their surroundings,
 * the largest, and those of the same cloth.
 */
export function nodesInBox(photo: ReadyPhoto, box: Box): number[] {
	const { tree, width, labels } = photo;
	const cut = cutTo(box, photo);
	if (!cut) return [];
	const inside = new Float64Array(tree.parent.length);
	for (let y = cut.y; y < cut.y + cut.height; y++)
		for (let x = cut.x; x < cut.x + cut.width; x++) {
			const label = labels[y * width + x] ?? 0;
			inside[label] = (inside[label] ?? 0) + 1;
		}
	for (let node = 0; node < inside.length; node++) {
		const parent = tree.parent[node] ?? -1;
		if (parent >= 0) inside[parent] = (inside[parent] ?? 0) + (inside[node] ?? 0);
	}
	const within = (node: number) => (inside[node] ?? 0) / Math.max(1, tree.area[node] ?? 1) >= withinFrom;
	const whole: number[] = [];
	for (let node = 0; node < inside.length; node++) {
		const parent = tree.parent[node] ?? -1;
		if (within(node) && (parent < 0 || !within(parent))) whole.push(node);
	}
	return thingAmong(photo, whole);
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

/** Of several nodes the largest that stands out from what is around it, and those of the same cloth, if they are this large beside it. */
function thingAmong({ tree }: ReadyPhoto, nodes: readonly number[], least = 0): number[] {
	const area = (node: number) => tree.area[node] ?? 0;
	const bySize = [...nodes].sort((first, second) => area(second) - area(first));
	const standsOut = (node: number) => (tree.height[tree.parent[node] ?? -1] ?? Infinity) >= standsOutFrom;
	const main = bySize.find(standsOut) ?? bySize[0];
	if (main === undefined) return [];
	const apart = (node: number) =>
		Math.hypot(
			...[0, 1, 2].map((field) => (tree.mean[node * 3 + field] ?? 0) - (tree.mean[main * 3 + field] ?? 0))
		);
	const isPart = (node: number) =>
		standsOut(node) && area(node) >= least * area(main) && apart(node) <= sameClothUpTo;
	return bySize.filter((node) => node === main || isPart(node));
}
