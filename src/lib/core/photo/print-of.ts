import { chromaOf, hueOf } from '../colour/spaces';
import { bandsOf, type Bands } from './bands';
import { isBlend } from './cloth-colours';
import { edgeSpacing, edgeWays, type Ways } from './edges';
import { motifsOf, roundness, severalColoured, spreadOfSizes, type Motif } from './motifs';
import type { MeasuredPalette, MeasuredSwatch } from './palette-of';
import type { Box } from './region';

/** What kind of print a region seems to have. */
export const printHints = ['plain', 'stripe', 'check', 'spot', 'floral', 'busy'] as const;
export type PrintHint = (typeof printHints)[number];

export interface MeasuredPrint {
	hint: PrintHint;
	/** How sure it is, 0..1. */
	sure: number;
	/** From one motif to the next, in pixels of the picture; absent on what is plain. */
	repeat?: number;
	/** It comes again so steadily that neither light nor the surface of a cloth makes it. */
	steady: boolean;
}

// The bounds were read off drawn and photographed cloths of which half the kinds were kept apart (values of this project).

/** From this on, what varies lies in bands that run one way, and their edges do as well: stripes. 0 is every way alike, 1 all the same. */
const oneWay = 0.5;
/** And less than this of it in bands across them. */
const acrossStripes = 0.12;
/** Stripes that come again as steadily, and are as straight, are no shine and no folds. */
const steadyFrom = { steadiness: 0.5, one: 0.7 };
/** Fewer bands than `fewestMotifs` are stripes where there are this many, from edge to edge and straight. */
const fewestBands = 5;
const straight = 0.65;
/** From this on, it lies in bands that run two ways, and this much in the weaker: a check, whatever its shapes look like. */
const plainlyCrossed = { two: 0.76, weaker: 0.2 };
/** A check from here on where half of it is not ground, or its edges cross squarely: motifs that lie in rows leave more ground. */
const crossed = { two: 0.4, weaker: 0.17, balance: 0.4 };
const halfOfIt = 0.45;
const squareEdges = 0.1;
/** Edges that run two ways are enough where they are as square as this; the same of what is hatched, in cells of so many pixels. */
const twoWays = 0.42;
const twoWaysAfar = 0.25;
const hatchings = [3, 4];
/** A window in which bands are looked for is as wide as so many of them, and no narrower than so many pixels. */
const bandsAcross = 4;
const leastWindow = 16;
/** Fewer pieces than this of what is not the ground are panels and trims, no print. */
const fewestMotifs = 6;
/**
 * In a region of fewer pixels, as of a shoe or a bag, fewer motifs than this are a print only where they are alike, or lie in plain
 * bands: straps, seams and what shines through are of all sizes, or small.
 */
const smallRegion = 6000;
const plentyOfMotifs = 20;
const alike = 0.45;
const plainToSee = 40;
/** How round the lower quarter of motifs is that are spots: 1 is a disc; and how even, the shorter side by the longer. */
const allRound = 0.9;
const allEven = 0.85;
/** A square comes to 1.27 where it lies along the rows of pixels; what is as large as this is seen to be one from here on. */
const squareFrom = 1.2;
const seenFrom = 60;
/** Spots are of a size, as flowers are: so far their sizes spread about their mean. What is blotched has all sizes. */
const oneSize = 0.5;
/** Flowers are whole, and leave ground between them: so many of them are not cut by the edge or joined, and so little is not ground. */
const mostWhole = 0.45;
const mostGrown = 0.46;
/** So many motifs of several colours make the colours part of the motif. */
const severalColours = 0.7;
/** What grows, grows every way: where edges run one way more than this, it is no flower. */
const growsEveryWay = 0.24;

/** The marks of an animal are brown and black on tan: hues of the ground in degrees of CIELAB, and less chroma than this in what is dark. */
const furHues = { from: 45, to: 92 };
const furChroma = { from: 12, to: 60 };
const hueless = 14;

/** What the colours of a region form. */
interface Form {
	swatches: readonly MeasuredSwatch[];
	edges: Ways;
	/** Undefined where the region is too narrow for a window. */
	bands?: Bands;
	/** Everything that is not ground, piece by piece; `seen` are the whole ones where there are enough. */
	motifs: Motif[];
	seen: Motif[];
	/** How many of them are whole, 0..1. */
	whole: number;
	/** How much of the region is not ground, 0..1. */
	covered: number;
	/** From one motif to the next, in pixels. */
	spacing: number;
}

const quantile = (values: number[], at: number) =>
	[...values].sort((a, b) => a - b)[Math.floor(values.length * at)] ?? 0;

/** How round the lower quarter of motifs is. */
const roundOf = (motifs: readonly Motif[], steps: 0 | 4) =>
	quantile(
		motifs.map((motif) => roundness(motif, steps)),
		0.25
	);

/** What varies lies in bands one way, and so do its edges. */
const isStriped = ({ edges, bands }: Form) =>
	edges.one > oneWay && (!bands || (bands.one > oneWay && bands.weaker < acrossStripes));

const isCrossed = ({ bands }: Form, from: { two: number; weaker: number; balance?: number }) =>
	bands !== undefined &&
	bands.two >= from.two &&
	bands.weaker >= from.weaker &&
	bands.weaker >= bands.two * (from.balance ?? 0);

/** Is the ground of three tones between the two others, as where threads of both cross? */
const hasMiddleTone = ({ swatches: [ground, second, third] }: Form): boolean =>
	ground !== undefined &&
	second !== undefined &&
	third !== undefined &&
	isBlend(ground.lab, second.lab, third.lab);

/** Motifs that are square, of what is large enough to be seen. */
const areSquare = ({ seen }: Form) =>
	quantile(
		seen.map(({ area }) => area),
		0.5
	) > seenFrom && roundOf(seen, 0) > squareFrom;

/** A check whatever the shape of its motifs: what lies in rows alone leaves more ground, and is not square. */
const isWoven = (form: Form) =>
	isCrossed(form, plainlyCrossed) ||
	(isCrossed(form, crossed) && (hasMiddleTone(form) || form.covered > halfOfIt || areSquare(form)));

/** Dots are round one and all, as broad as high, and of one colour each; petals, leaves and stalks are some of each. */
const isSpotted = ({ seen, swatches }: Form) =>
	roundOf(seen, 4) > allRound &&
	quantile(
		seen.map(({ shorter, longer }) => shorter / longer),
		0.5
	) > allEven &&
	severalColoured(seen, swatches) < severalColours;

/** A check by its edges; the bands of a tartan are hatched, and what crosses in them is seen from further off. */
function isSquarelyEdged(form: Form, afar: (size: number) => Ways): boolean {
	if (isCrossed(form, crossed) && form.edges.two > squareEdges) return true;
	if (form.edges.two > twoWays && form.edges.one < oneWay) return true;
	return hatchings.map(afar).some(({ one, two }) => two > twoWaysAfar && one < oneWay / 2);
}

/** Are these the colours of an animal's coat: a tan ground, and nothing on it but what is darker, brown or black? */
const isFur = ([ground, ...marks]: readonly MeasuredSwatch[]) => {
	if (!ground) return false;
	const isTan = ({ lab }: MeasuredSwatch) =>
		hueOf(lab) > furHues.from &&
		hueOf(lab) < furHues.to &&
		chromaOf(lab) > furChroma.from &&
		chromaOf(lab) < furChroma.to;
	return (
		isTan(ground) &&
		marks.every((mark) => mark.lab.l < ground.lab.l && (chromaOf(mark.lab) < hueless || isTan(mark)))
	);
};

/** Flowers grow every way, are of a size and whole, and leave ground between them. */
const isGrown = ({ edges, covered, seen, whole, swatches }: Form) =>
	edges.one < growsEveryWay &&
	covered < mostGrown &&
	spreadOfSizes(seen) < oneSize &&
	whole >= mostWhole &&
	!isFur(swatches);

/**
 * What kind of print the colours of a region make, from how they lie in bands, how its edges run and how its motifs are formed.
 *
 * @param map the swatch of each pixel of the region's box, −1 outside the region
 */
export function printOf(
	map: Int8Array,
	box: Box,
	{ swatches }: Pick<MeasuredPalette, 'swatches'>
): MeasuredPrint {
	if (swatches.length < 2) return { hint: 'plain', sure: 0.8, steady: false };
	const { width, height } = box;
	const motifs = motifsOf(map, width, 1, swatches.length - 1);
	// The lines of a check are one piece: then it is the ground that is cut into many.
	const pieces = Math.max(motifs.length, motifsOf(map, width, 0, 0).length);
	let [region, ground] = [0, 0];
	for (const swatch of map) {
		if (swatch >= 0) region++;
		if (swatch === 0) ground++;
	}
	const window = Math.max(leastWindow, bandsAcross * edgeSpacing(map, width, region));
	const bands = bandsOf(
		map,
		width,
		swatches.map(({ lab: { l, a, b } }) => [l, a, b]),
		Math.round(Math.min(window, width, height))
	);
	const whole = motifs.filter((motif) => !motif.cut);
	const form: Form = {
		swatches,
		edges: edgeWays(map, width),
		...(bands && { bands }),
		motifs,
		seen: whole.length < fewestMotifs ? motifs : whole,
		whole: whole.length / Math.max(1, motifs.length),
		covered: 1 - ground / region,
		spacing: Math.sqrt(region / pieces)
	};
	if (pieces < fewestMotifs && !(isStriped(form) && isOfBands(form, map, width)))
		return { hint: 'plain', sure: 0.6, steady: false };
	if (region < smallRegion && pieces < plentyOfMotifs && isThin(form))
		return { hint: 'plain', sure: 0.4, steady: false };
	return printIn(form, region, (size) => edgeWays(map, width, size));
}

/** Are there too few motifs, and too small or too unlike each other, to be those of a print? */
const isThin = (form: Form) =>
	!isStriped(form) &&
	!isCrossed(form, plainlyCrossed) &&
	(spreadOfSizes(form.motifs) > alike ||
		quantile(
			form.motifs.map(({ area }) => area),
			0.5
		) < plainToSee);

/** A few bands are stripes where they are straight, and more than a trim and its ground. */
function isOfBands({ swatches, edges }: Form, map: Int8Array, width: number): boolean {
	const bands = swatches.flatMap((_, k) => motifsOf(map, width, k, k));
	return edges.one > straight && bands.length >= fewestBands;
}

function printIn(form: Form, region: number, afar: (size: number) => Ways): MeasuredPrint {
	const { edges, bands, motifs, spacing } = form;
	if (isStriped(form)) {
		const along = motifs.reduce((sum, { longer }) => sum + longer, 0) / motifs.length;
		const steady = bands !== undefined && bands.steady > steadyFrom.steadiness && edges.one > steadyFrom.one;
		const repeat = region / Math.max(1, along * motifs.length);
		return { hint: 'stripe', sure: Math.min(0.9, edges.one), repeat, steady };
	}
	if (isWoven(form)) {
		const sure = Math.min(0.85, Math.max(0.6, bands?.two ?? 0));
		return { hint: 'check', sure, repeat: spacing, steady: isCrossed(form, plainlyCrossed) };
	}
	if (isSpotted(form)) return { hint: 'spot', sure: 0.7, repeat: spacing, steady: true };
	if (isSquarelyEdged(form, afar)) return { hint: 'check', sure: 0.6, repeat: spacing, steady: false };
	const grown = isGrown(form);
	return { hint: grown ? 'floral' : 'busy', sure: grown ? 0.55 : 0.5, repeat: spacing, steady: false };
}
