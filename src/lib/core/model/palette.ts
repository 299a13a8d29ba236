import type { Swatch } from './garment';

/** Shares of colours said without figures: the first leads, the others follow (common practice). */
const shares = [1, 0.4, 0.25, 0.15, 0.1];
/** As many colours of one garment as are told apart at a glance. */
export const mostColours = shares.length;

/** What a colour of embroidery, a border or beads covers beside the cloth that it is on (common practice). */
const workShare = 0.15;

/** A colour without a share; `ofWork`: of what is worked on a cloth, and not of the cloth. */
export type SaidColour = Omit<Swatch, 'share'> & { ofWork?: boolean };

/** A palette of colours in their order, largest first; a colour said twice counts once, and what is worked on a cloth is never its ground. */
export function paletteOf(said: readonly SaidColour[]): Swatch[] {
	const colours = [...said.filter(({ ofWork }) => !ofWork), ...said.filter(({ ofWork }) => ofWork)];
	const distinct = colours.filter(({ hex }, i) => colours.findIndex((other) => other.hex === hex) === i);
	return distinct.slice(0, mostColours).map(({ hex, provenance, ofWork }, i) => {
		const share = shares[i] ?? 0.1;
		return { hex, share: ofWork && i > 0 ? Math.min(share, workShare) : share, provenance };
	});
}
