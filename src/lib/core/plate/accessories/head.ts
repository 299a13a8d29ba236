/** The head that hats, jewels and glasses are built on. */
import type { Drawing } from '../drawing';

/** Heights of a head. */
export interface Head {
	crown: number;
	chin: number;
	brow: number;
	shoulder: number;
	at: (share: number) => number;
}
export const headOf = ({ figure }: Drawing): Head => {
	const { crown, chin, shoulder } = figure.landmarks;
	const at = (share: number) => crown + (chin - crown) * share;
	return { crown, chin, shoulder, at, brow: at(0.29) };
};
