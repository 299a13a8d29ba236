import { materialSimilarity } from '../closeness/similarity';
import { deltaE00 } from '../colour/difference';
import { kindForm } from '../lexicon/kind-form';
import { feelOf, materialOfTexture } from '../lexicon/material-feel';
import type { PieceFacts } from './facts';
import { thresholds } from './thresholds';

const clothOf = (piece: PieceFacts) =>
	piece.value('material') ?? materialOfTexture[piece.value('texture') ?? ''];
const isDenim = (piece: PieceFacts) => piece.main?.family === 'denim' || piece.value('material') === 'denim';

/**
 * Are two cloths told apart at a glance: cord beside denim, a knit under a coat, satin beside wool? Then two near colours are one tone
 * in two cloths. Of a cloth that nobody named only how the kind is made is known.
 */
function clothsApart(one: PieceFacts, other: PieceFacts): boolean {
	const [make, otherMake] = [kindForm.makes[one.type.family], kindForm.makes[other.type.family]];
	if (make && otherMake && make !== otherMake && [make, otherMake].includes('knit')) return true;
	// Denim is known from afar: dark jeans under a navy blazer are no odd suit.
	if (isDenim(one) !== isDenim(other)) return true;
	const [a, b] = [clothOf(one), clothOf(other)];
	const [feel, otherFeel] = [feelOf.get(a ?? ''), feelOf.get(b ?? '')];
	if (!a || !b || !feel || !otherFeel) return false;
	return (
		Math.abs(feel.depth - otherFeel.depth) >= thresholds.clothsApart ||
		Math.abs(feel.sheen - otherFeel.sheen) >= thresholds.clothsApart ||
		materialSimilarity(a, b) <= thresholds.clothsUnlike
	);
}

/**
 * How far apart in CIEDE2000 the colours of two large pieces are, where they almost match and read as a mistake; undefined where
 * they are the same or clearly apart, printed, both denim, or in cloths that are told apart.
 */
export function almostMatch(one: PieceFacts, other: PieceFacts): number | undefined {
	if (!one.main || !other.main || one.print || other.print) return undefined;
	if (isDenim(one) && isDenim(other)) return undefined;
	const apart = deltaE00(one.main.lab, other.main.lab);
	const light = one.neutral && other.neutral && Math.min(one.main.lab.l, other.main.lab.l) > 55;
	const clear = light ? thresholds.nearMissLight : thresholds.nearMiss;
	if (apart <= thresholds.sameColour || apart >= clear) return undefined;
	return clothsApart(one, other) ? undefined : apart;
}
