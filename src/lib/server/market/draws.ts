import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws of one seed: the same for the same seed, one after another. */
export interface Draws {
	/** A whole number from 0, below n. */
	below: (n: number) => number;
	/** True as often as the share says (0..1). */
	chance: (share: number) => boolean;
	of: <T>(list: readonly T[]) => T;
}

export function drawsFrom(seed: number): Draws {
	const generator = xoroshiro128plus(seed);
	const below = (n: number) => uniformInt(generator, 0, n - 1);
	return {
		below,
		chance: (share) => below(1000) < share * 1000,
		of: (list) => list[below(list.length)] as (typeof list)[number]
	};
}
