/** Cloths in several tones: stripes, checks and marks that lie among one another again and again. */
import type { Graph } from './merge-tree';

/** A tone that covers more of a picture in one piece is no part of a print. */
const largestTone = 0.06;
/** As near as two pieces of one tone are. */
const sameToneUpTo = 10;
/** Tones nearer than this, or than this share of their chroma, are light and shadow, not a print. */
const contrastFrom = { distance: 15, ofChroma: 0.2 };
/** So much of the outline of each of two tones lies against the other, where they alternate. */
const leastAgainst = 0.3;
/** A piece that so much of lies in a cloth is a mark of it. */
const wholly = 0.9;
/** So much of the outline of a piece lies against the other tones of its cloth. */
const leastAmong = 0.2;
/** A tone of a cloth makes up so much of it. */
const leastTone = 0.1;
/** What alternates less often is no print: a leg, the wall between, a leg; a strap across a sleeve. */
const leastPieces = { inAll: 8, ofOneTone: 3, ofAnother: 2 };

/** A tone in one piece, and along how much of its outline it meets each other piece. */
interface Piece {
	node: number;
	area: number;
	mean: [number, number, number];
	meets: Map<Piece, number>;
}

/** Nodes as pieces that know what they meet. */
function piecesOf(nodes: readonly number[], { neighbours, area, sums }: Graph): Piece[] {
	const pieces = new Map<number, Piece>();
	for (const node of nodes) {
		const size = area[node] ?? 1;
		const mean = (field: number) => (sums[node * 3 + field] ?? 0) / size;
		pieces.set(node, { node, area: size, mean: [mean(0), mean(1), mean(2)], meets: new Map() });
	}
	for (const [node, piece] of pieces)
		for (const [near, { length }] of neighbours[node] ?? []) {
			const other = pieces.get(near);
			if (other) piece.meets.set(other, length);
		}
	return [...pieces.values()];
}

const apart = (first: Piece, second: Piece) =>
	Math.hypot(first.mean[0] - second.mean[0], first.mean[1] - second.mean[1], first.mean[2] - second.mean[2]);
const isOneTone = (first: Piece, second: Piece) => apart(first, second) <= sameToneUpTo;
const chroma = ({ mean: [, a, b] }: Piece) => Math.hypot(a, b);
const contrast = (first: Piece, second: Piece) =>
	apart(first, second) >
	Math.max(contrastFrom.distance, contrastFrom.ofChroma * Math.max(chroma(first), chroma(second)));

/** The share of a piece's outline that lies against those that pass, 0..1. */
function against(piece: Piece, passes: (other: Piece) => boolean): number {
	let outline = 0;
	let shared = 0;
	for (const [other, length] of piece.meets) {
		outline += length;
		if (passes(other)) shared += length;
	}
	return outline > 0 ? shared / outline : 0;
}

/** Pieces of one print are no more than so many times as large as one another. */
const mostTimes = 4;
/** So much of the outline of a band lies against those that it is between. */
const mostly = 0.7;
const isAsLarge = (first: Piece, second: Piece) =>
	Math.max(first.area, second.area) <= mostTimes * Math.min(first.area, second.area);

/** Whether a piece lies against another's tone again and again, or between it and a third as large, or wholly in it. */
function alternates(piece: Piece, { other, among }: { other: Piece; among: ReadonlySet<Piece> }): boolean {
	const beside = [...piece.meets.keys()].filter((near) => among.has(near));
	const ofTone = new Set(beside.filter((near) => isOneTone(near, other)));
	const bands = new Set(beside.filter((near) => isAsLarge(near, piece) && contrast(near, piece)));
	const isBetween = bands.has(other) && bands.size > 1 && against(piece, (near) => bands.has(near)) >= mostly;
	const isAgain = ofTone.size > 1 || isBetween;
	return against(piece, (near) => ofTone.has(near)) >= (isAgain ? leastAgainst : wholly);
}

/** Whether there are several pieces of one tone, and more than one of another. */
function repeats(pieces: readonly Piece[]): boolean {
	if (pieces.length < leastPieces.inAll) return false;
	const counts: number[] = [];
	let left = [...pieces];
	for (let [tone] = left; tone; [tone] = left) {
		const one = tone;
		const others = left.filter((piece) => !isOneTone(piece, one));
		counts.push(left.length - others.length);
		left = others;
	}
	const [most = 0, next = 0] = counts.sort((first, second) => second - first);
	return most >= leastPieces.ofOneTone && next >= leastPieces.ofAnother;
}

/** Takes into a cloth what lies at its edge and is of its tones, and what lies within it. */
function takeIn(cloth: Piece[], among: ReadonlySet<Piece>): void {
	const members = new Set(cloth);
	const alternating = [...cloth];
	const size = (pieces: readonly Piece[]) => pieces.reduce((sum, { area }) => sum + area, 0);
	const leastOfTone = leastTone * size(alternating);
	const largest = Math.max(...cloth.map(({ area }) => area));
	const asked = new Map<Piece, boolean>();
	/** Is a piece of a tone of the cloth? Asked of the same ones again and again. */
	const isTone = (piece: Piece) => {
		const known = asked.get(piece);
		if (known !== undefined) return known;
		const answer = size(alternating.filter((one) => isOneTone(one, piece))) >= leastOfTone;
		asked.set(piece, answer);
		return answer;
	};
	const isMark = (piece: Piece) =>
		piece.area <= largest && against(piece, (other) => members.has(other)) >= wholly;
	const isOfIt = (piece: Piece) => members.has(piece) || (among.has(piece) && isTone(piece));
	const isAmong = (piece: Piece) =>
		piece.area <= mostTimes * largest &&
		isTone(piece) &&
		against(piece, (other) => !isOneTone(other, piece) && isOfIt(other)) >= leastAmong;
	// Grows while it is gone through: what has been taken in may enclose more.
	for (const member of cloth)
		for (const near of member.meets.keys()) {
			if (members.has(near) || !among.has(near)) continue;
			if (!isMark(near) && !isAmong(near)) continue;
			members.add(near);
			cloth.push(near);
		}
}

/**
 * Of nodes of one tone each those that belong to one cloth: two pieces lie against each other's tones for much of their
 * outlines, and so again and again.
 */
export function clothsAmong(
	nodes: readonly number[],
	graph: Graph,
	picture: { width: number; height: number }
): number[][] {
	const most = largestTone * picture.width * picture.height;
	const among = new Set(piecesOf(nodes, graph).filter(({ area }) => area <= most));
	const clothOf = new Map<Piece, Piece[]>();
	for (const first of among)
		for (const second of first.meets.keys()) {
			if (!among.has(second) || !contrast(first, second)) continue;
			const [one, other] = [clothOf.get(first) ?? [first], clothOf.get(second) ?? [second]];
			if (one === other) continue;
			if (!alternates(first, { other: second, among }) || !alternates(second, { other: first, among }))
				continue;
			const both = [...one, ...other];
			for (const piece of both) clothOf.set(piece, both);
		}
	const cloths = [...new Set(clothOf.values())].filter(repeats);
	for (const cloth of cloths) takeIn(cloth, among);
	return cloths.map((cloth) => cloth.map(({ node }) => node));
}
