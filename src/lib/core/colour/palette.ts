import { colourSimilarity, measureColour, type ColourSimilarityOptions } from './similarity';
import { transportCost } from './transport';

/** A colour and the share that it has; shares of a palette are taken relative to their sum. */
export interface PaletteSwatch {
	hex: string;
	share: number;
}

function normalisedShares(palette: readonly PaletteSwatch[]): number[] {
	const total = palette.reduce((sum, swatch) => sum + swatch.share, 0);
	return palette.map((swatch) => (total > 0 ? swatch.share / total : 1 / palette.length));
}

/** The similarity of every asked colour to one that is given. */
type Similarities = (hex: string) => readonly number[];

/** Shares carried over by the transport that keeps most similarity. */
function carriedOver(
	shares: readonly number[],
	given: readonly PaletteSwatch[],
	similaritiesTo: Similarities
): number {
	if (given.length === 0) throw new RangeError('A palette needs at least one swatch');
	const otherShares = normalisedShares(given);
	if (shares.length === 1)
		return otherShares.reduce(
			(sum, share, j) => sum + share * (similaritiesTo(given[j]?.hex ?? '')[0] ?? 0),
			0
		);
	const columns = given.map(({ hex }) => similaritiesTo(hex));
	if (given.length === 1) return shares.reduce((sum, share, i) => sum + share * (columns[0]?.[i] ?? 0), 0);
	return 1 - transportCost(shares, otherShares, (i, j) => 1 - (columns[j]?.[i] ?? 0));
}

const similaritiesFrom = (
	asked: readonly PaletteSwatch[],
	options: ColourSimilarityOptions
): Similarities => {
	if (asked.length === 0) throw new RangeError('A palette needs at least one swatch');
	const from = asked.map((swatch) => measureColour(swatch.hex));
	return (hex) => {
		const to = measureColour(hex);
		return from.map((colour) => colourSimilarity(colour, to, options));
	};
};

/**
 * Likeness of two palettes, 0..1: shares carried over by the transport that keeps most similarity, so that a
 * half-right two-colour piece is half right. Throws when a palette is empty.
 */
export const paletteSimilarity = (
	asked: readonly PaletteSwatch[],
	given: readonly PaletteSwatch[],
	options: ColourSimilarityOptions = {}
): number => carriedOver(normalisedShares(asked), given, similaritiesFrom(asked, options));

/** The likeness of many palettes to one, as `paletteSimilarity` gives it, with what is known of a colour remembered. */
export function paletteComparer(
	asked: readonly PaletteSwatch[],
	options: ColourSimilarityOptions = {}
): (given: readonly PaletteSwatch[]) => number {
	const shares = normalisedShares(asked);
	const measure = similaritiesFrom(asked, options);
	const known = new Map<string, readonly number[]>();
	return (given) =>
		carriedOver(shares, given, (hex) => {
			let similarities = known.get(hex);
			if (!similarities) known.set(hex, (similarities = measure(hex)));
			return similarities;
		});
}

/** The swatch that takes the largest share; the first of equals. */
export function mainSwatch<S extends PaletteSwatch>(palette: readonly S[]): S | undefined {
	return palette.reduce<S | undefined>(
		(best, swatch) => (best === undefined || swatch.share > best.share ? swatch : best),
		undefined
	);
}
