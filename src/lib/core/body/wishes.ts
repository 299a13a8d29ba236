import type { EffectId } from '../lexicon/effects';
import { features, type Feature } from '../lexicon/features';
import type { MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

function has({ slots, types, facet, move, print }: Feature, garment: Garment, moves: readonly MoveId[]) {
	if (slots && !slots.includes(garmentType(garment.type).slot)) return false;
	if (types && !types.includes(garment.type)) return false;
	if (move && !moves.includes(move)) return false;
	if (facet && !facet.values.includes(garment.facets[facet.id]?.value ?? '')) return false;
	if (print) {
		const scale = garment.print?.family.value === 'plain' ? undefined : garment.print?.scale?.value;
		if (scale !== (print.small ? 'small' : 'large')) return false;
	}
	return true;
}

/** What a garment, worn with these moves, does for the wished effects and against them, by what is stated of it. */
export const wishesServed = (
	wished: readonly EffectId[],
	garment: Garment,
	moves: readonly MoveId[] = []
): Feature[] => features.filter((feature) => wished.includes(feature.effect) && has(feature, garment, moves));

/**
 * How much a garment serves the wished effects: features for them less features against, each effect counted once,
 * over the number of effects; −1..1, and 0 where nothing is wished.
 */
export function wishScore(
	wished: readonly EffectId[],
	garment: Garment,
	moves: readonly MoveId[] = []
): number {
	if (wished.length === 0) return 0;
	const served = wishesServed(wished, garment, moves);
	const sum = wished.reduce((total, effect) => {
		const own = served.filter((feature) => feature.effect === effect);
		return total + Math.sign(own.reduce((net, { works }) => net + (works === 'for' ? 1 : -1), 0));
	}, 0);
	return sum / wished.length;
}

/** What a garment does for the wished effects, in words, each said once. */
export const servedInWords = (wished: readonly EffectId[], garment: Garment): string[] => [
	...new Set(
		wishesServed(wished, garment)
			.filter(({ works }) => works === 'for')
			.map(({ words }) => words)
	)
];
