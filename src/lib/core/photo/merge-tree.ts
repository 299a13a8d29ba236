import FlatQueue from 'flatqueue';
import { clothsAmong } from './alternating';
import type { Superpixels } from './superpixels';

/**
 * The patches of a picture joined two by two, the likest first, until one is left. Nodes 0 to `leaves` − 1 are patches; each
 * later one is two joined.
 */
export interface MergeTree {
	leaves: number;
	/** The node that a node was joined into; −1 for the last. */
	parent: Int32Array;
	/** How unlike the two were that a node joins; 0 for a patch. Never falls towards the root. */
	height: Float32Array;
	/** Pixels of each node. */
	area: Float32Array;
	/** Mean colour of each node as `invariant` gives it, three values each. */
	mean: Float32Array;
	/** Share of each node's outline that is the picture's own edge, 0..1. */
	atEdge: Float32Array;
}

/** Lightness counts this much beside hue and chroma: the folds and the shaded side of a cloth are the same cloth. */
const lightnessWeight = 0.35;
/** Light below which hue says little: cameras are noisy in the dark. */
const darkL = 18;
/** Patches that join at no more than this unlikeness are one tone of a cloth: its folds, not its print. */
const oneToneUpTo = 60;
/** An edge between two patches counts this much beside the difference of their means. */
const edgeWeight = 0.9;

/**
 * A colour as it is compared between patches: hue and chroma in proportion to the light, which a shadow does not change,
 * and lightness, which counts less.
 */
export function invariant(l: number, a: number, b: number): [number, number, number] {
	const lit = 60 / Math.max(l, darkL);
	return [lightnessWeight * l, a * lit, b * lit];
}

export interface Graph {
	neighbours: Map<number, Border>[];
	area: Float64Array;
	sums: Float64Array;
	outline: Float64Array;
	edge: Float64Array;
	/** 1 for a cloth in several tones: a step in colour at its border is its print's as well. */
	printed: Uint8Array;
}
/** Where two patches meet: how long, and how strong the step in colour across it is in all. */
export interface Border {
	length: number;
	step: number;
}

/** The patches, what touches what, and what each is like. */
function graphOf({ width, height, labels, count, lab }: Superpixels): Graph {
	const all = 2 * count - 1;
	const graph: Graph = {
		neighbours: Array.from({ length: count }, () => new Map<number, Border>()),
		area: new Float64Array(all),
		sums: new Float64Array(all * 3),
		outline: new Float64Array(all),
		edge: new Float64Array(all),
		printed: new Uint8Array(all)
	};
	const colour = (at: number) => invariant(lab[at * 3] ?? 0, lab[at * 3 + 1] ?? 0, lab[at * 3 + 2] ?? 0);
	const touch = (at: number, near: number) => {
		const first = labels[at] ?? 0;
		const second = labels[near] ?? 0;
		if (first === second) return;
		const [here, there] = [colour(at), colour(near)];
		const step = Math.hypot(here[0] - there[0], here[1] - there[1], here[2] - there[2]);
		for (const [one, other] of [
			[first, second],
			[second, first]
		] as const) {
			const border = graph.neighbours[one]?.get(other) ?? { length: 0, step: 0 };
			border.length++;
			border.step += step;
			graph.neighbours[one]?.set(other, border);
			graph.outline[one] = (graph.outline[one] ?? 0) + 1;
		}
	};
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const at = y * width + x;
			const label = labels[at] ?? 0;
			graph.area[label] = (graph.area[label] ?? 0) + 1;
			colour(at).forEach((value, field) => {
				graph.sums[label * 3 + field] = (graph.sums[label * 3 + field] ?? 0) + value;
			});
			if (x < width - 1) touch(at, at + 1);
			if (y < height - 1) touch(at, at + width);
			if (x === 0 || y === 0 || x === width - 1 || y === height - 1)
				graph.edge[label] = (graph.edge[label] ?? 0) + 1;
		}
	return graph;
}

/** How unlike two joined patches are: their means, the step between them, and the more the larger both are (after Ward 1963). */
function unlike({ area, sums, printed }: Graph, first: number, second: number, border: Border): number {
	const [n1, n2] = [area[first] ?? 1, area[second] ?? 1];
	let squared = 0;
	for (let field = 0; field < 3; field++) {
		const difference = (sums[first * 3 + field] ?? 0) / n1 - (sums[second * 3 + field] ?? 0) / n2;
		squared += difference * difference;
	}
	const means = Math.sqrt(squared);
	const step = printed[first] && printed[second] ? 0 : border.step / border.length;
	return (means + edgeWeight * step) * ((n1 * n2) / (n1 + n2)) ** 0.25;
}

/** Joins the nodes of a graph two by two, and keeps of each which it was joined into, and how unlike the two were. */
function joiner(graph: Graph, leaves: number) {
	const all = 2 * leaves - 1;
	const parent = new Int32Array(all).fill(-1);
	const height = new Float32Array(all);
	const pairs: [number, number][] = [];
	const queue = new FlatQueue<number>();
	let next = leaves;
	const offer = (first: number, second: number, border: Border) => {
		queue.push(pairs.length, unlike(graph, first, second, border));
		pairs.push([first, second]);
	};
	graph.neighbours.forEach((near, first) => {
		for (const [second, border] of near) if (first < second) offer(first, second, border);
	});
	const join = (first: number, second: number, at: number) => {
		joinNodes(graph, first, second, next);
		parent[first] = next;
		parent[second] = next;
		height[next] = Math.max(at, height[first] ?? 0, height[second] ?? 0);
		for (const [near, border] of graph.neighbours[next] ?? []) offer(near, next, border);
		return next++;
	};
	return {
		parent,
		height,
		/** Joins the likest, as long as they are no more unlike than this. */
		joinUpTo(most: number) {
			while (next < all) {
				const at = queue.peekValue();
				if (at === undefined || at > most) return;
				const [first, second] = pairs[queue.pop() ?? -1] ?? [0, 0];
				if (parent[first] === -1 && parent[second] === -1) join(first, second, at);
			}
		},
		/** Joins these at one height; each node on the way is in one piece. */
		joinAll(nodes: readonly number[], at: number) {
			const left = new Set(nodes);
			let whole = nodes[0];
			while (whole !== undefined) {
				left.delete(whole);
				const beside: number | undefined = [...(graph.neighbours[whole]?.keys() ?? [])].find((node) =>
					left.has(node)
				);
				if (beside === undefined) return;
				left.delete(beside);
				whole = join(whole, beside, at);
			}
		},
		/** What is not yet joined into anything. */
		nodes: () => Array.from({ length: next }, (_, node) => node).filter((node) => parent[node] === -1)
	};
}

/**
 * Joins the patches of a picture into one, the likest first. Tones that alternate as those of a print do are one cloth before
 * tones that are as unlike are joined with anything else.
 */
export function mergeTreeOf(superpixels: Superpixels): MergeTree {
	const { count } = superpixels;
	const graph = graphOf(superpixels);
	const joining = joiner(graph, count);
	joining.joinUpTo(oneToneUpTo);
	for (const cloth of clothsAmong(joining.nodes(), graph, superpixels)) {
		for (const node of cloth) graph.printed[node] = 1;
		joining.joinAll(cloth, oneToneUpTo);
	}
	joining.joinUpTo(Infinity);
	return {
		leaves: count,
		parent: joining.parent,
		height: joining.height,
		area: Float32Array.from(graph.area),
		mean: Float32Array.from(graph.sums, (sum, i) => sum / Math.max(1, graph.area[Math.floor(i / 3)] ?? 1)),
		atEdge: Float32Array.from(
			graph.edge,
			(edge, node) => edge / Math.max(1, edge + (graph.outline[node] ?? 0))
		)
	};
}

/** Makes `next` of two neighbours: what each touches, it touches. */
function joinNodes(graph: Graph, first: number, second: number, next: number): void {
	const borders = new Map<number, Border>();
	let shared = 0;
	for (const one of [first, second])
		for (const [near, { length, step }] of graph.neighbours[one] ?? []) {
			if (near === first || near === second) {
				shared += length / 2;
				continue;
			}
			const border = borders.get(near) ?? { length: 0, step: 0 };
			border.length += length;
			border.step += step;
			borders.set(near, border);
			const back = graph.neighbours[near];
			back?.delete(one);
			back?.set(next, border);
		}
	graph.neighbours[next] = borders;
	graph.neighbours[first] = new Map();
	graph.neighbours[second] = new Map();
	graph.area[next] = (graph.area[first] ?? 0) + (graph.area[second] ?? 0);
	graph.outline[next] = (graph.outline[first] ?? 0) + (graph.outline[second] ?? 0) - 2 * shared;
	const larger = (graph.area[first] ?? 0) < (graph.area[second] ?? 0) ? second : first;
	graph.printed[next] = graph.printed[larger] ?? 0;
	graph.edge[next] = (graph.edge[first] ?? 0) + (graph.edge[second] ?? 0);
	for (let field = 0; field < 3; field++)
		graph.sums[next * 3 + field] =
			(graph.sums[first * 3 + field] ?? 0) + (graph.sums[second * 3 + field] ?? 0);
}
