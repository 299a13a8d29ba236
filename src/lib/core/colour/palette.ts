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

/** Compares palettes with one that is asked for. */
export type PaletteComparer = (given: readonly PaletteSwatch[]) => number;

/**
 * Likeness of palettes to an asked one, 0..1: shares carried over by the transport that keeps most similarity, so
 * that a half-right two-colour piece is half right. What is known of a colour is remembered, for comparing many.
 * Throws when a palette is empty.
 */
export function paletteComparer(
	asked: readonly PaletteSwatch[],
	options: ColourSimilarityOptions = {}
): PaletteComparer {
	if (asked.length === 0) throw new RangeError('A palette needs at least one swatch');
	const from = asked.map((swatch) => measureColour(swatch.hex));
	const shares = normalisedShares(asked);
	const known = new Map<string, number[]>();
	/** Similarity of every asked colour to this one. */
	const similaritiesTo = (hex: string): number[] => {
		let similarities = known.get(hex);
		if (!similarities) {
			const to = measureColour(hex);
			similarities = from.map((colour) => colourSimilarity(colour, to, options));
			known.set(hex, similarities);
		}
		return similarities;
	};
	return (given) => {
		if (given.length === 0) throw new RangeError('A palette needs at least one swatch');
		const otherShares = normalisedShares(given);
		if (asked.length === 1)
			return otherShares.reduce(
				(sum, share, j) => sum + share * (similaritiesTo(given[j]?.hex ?? '')[0] ?? 0),
				0
			);
		const columns = given.map(({ hex }) => similaritiesTo(hex));
		if (given.length === 1)
			return shares.reduce((sum, share, i) => sum + share * (columns[0]?.[i] ?? 0), 0);
		return 1 - transportCost(shares, otherShares, (i, j) => 1 - (columns[j]?.[i] ?? 0));
	};
}

/** Likeness of two palettes, 0..1. Throws when a palette is empty. */
export const paletteSimilarity = (
	asked: readonly PaletteSwatch[],
	given: readonly PaletteSwatch[],
	options: ColourSimilarityOptions = {}
): number => paletteComparer(asked, options)(given);

/** The swatch that takes the largest share; the first of equals. */
export function mainSwatch<S extends PaletteSwatch>(palette: readonly S[]): S | undefined {
	return palette.reduce<S | undefined>(
		(best, swatch) => (best === undefined || swatch.share > best.share ? swatch : best),
		undefined
	);
}
