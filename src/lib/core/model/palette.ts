import type { Swatch } from './garment';

/** Shares of colours said without figures: the first leads, the others follow (common practice). */
const shares = [1, 0.4, 0.25, 0.15, 0.1];
/** As many colours of one garment as are told apart at a glance. */
export const mostColours = shares.length;

/** A palette of colours in their order, largest first; a colour said twice counts once. */
export function paletteOf(colours: readonly Omit<Swatch, 'share'>[]): Swatch[] {
	const distinct = colours.filter(({ hex }, i) => colours.findIndex((other) => other.hex === hex) === i);
	return distinct
		.slice(0, mostColours)
		.map(({ hex, provenance }, i) => ({ hex, share: shares[i] ?? 0.1, provenance }));
}
