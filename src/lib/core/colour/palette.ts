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

/**
 * Likeness of two palettes, 0..1: shares carried over by the transport that keeps most similarity, so that a
 * half-right two-colour piece is half right. Throws when a palette is empty.
 */
export function paletteSimilarity(
	asked: readonly PaletteSwatch[],
	given: readonly PaletteSwatch[],
	options: ColourSimilarityOptions = {}
): number {
	if (asked.length === 0 || given.length === 0) throw new RangeError('A palette needs at least one swatch');
	const from = asked.map((swatch) => measureColour(swatch.hex));
	const to = given.map((swatch) => measureColour(swatch.hex));
	const similarities = from.map((a) => to.map((b) => colourSimilarity(a, b, options)));
	const shares = normalisedShares(asked);
	const otherShares = normalisedShares(given);
	if (asked.length === 1)
		return otherShares.reduce((sum, share, j) => sum + share * (similarities[0]?.[j] ?? 0), 0);
	if (given.length === 1)
		return shares.reduce((sum, share, i) => sum + share * (similarities[i]?.[0] ?? 0), 0);
	return 1 - transportCost(shares, otherShares, (i, j) => 1 - (similarities[i]?.[j] ?? 0));
}

/** The swatch that takes the largest share; the first of equals. */
export function mainSwatch<S extends PaletteSwatch>(palette: readonly S[]): S | undefined {
	return palette.reduce<S | undefined>(
		(best, swatch) => (best === undefined || swatch.share > best.share ? swatch : best),
		undefined
	);
}
