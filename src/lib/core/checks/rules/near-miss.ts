import { materialSimilarity } from '../../closeness/similarity';
import { deltaE00 } from '../../colour/difference';
import { colourName } from '../../colour/words';
import { kindForm } from '../../lexicon/kind-form';
import { feelOf, materialOfTexture } from '../../lexicon/material-feel';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

const clothOf = (piece: PieceFacts) =>
	piece.value('material') ?? materialOfTexture[piece.value('texture') ?? ''];

/**
 * Are two cloths told apart at a glance: cord beside denim, a knit under a coat, satin beside wool? Then two near colours are one tone
 * in two cloths. Of a cloth that nobody named only how the kind is made is known.
 */
function clothsApart(one: PieceFacts, other: PieceFacts): boolean {
	const [make, otherMake] = [kindForm.makes[one.type.family], kindForm.makes[other.type.family]];
	if (make && otherMake && make !== otherMake && [make, otherMake].includes('knit')) return true;
	const [a, b] = [clothOf(one), clothOf(other)];
	const [feel, otherFeel] = [feelOf.get(a ?? ''), feelOf.get(b ?? '')];
	if (!a || !b || !feel || !otherFeel) return false;
	return (
		Math.abs(feel.depth - otherFeel.depth) >= thresholds.clothsApart ||
		Math.abs(feel.sheen - otherFeel.sheen) >= thresholds.clothsApart ||
		materialSimilarity(a, b) <= thresholds.clothsUnlike
	);
}

export const nearMiss: Rule = {
	id: 'near-miss',
	title: 'Two large areas that almost match',
	reason: 'Colours that almost match read as a mistake: either the same, or clearly apart.',
	standing: 'settled',
	about: ['palette'],
	find: ({ large }) =>
		large.flatMap((one, i) =>
			large.slice(i + 1).flatMap((other): Violation[] => {
				if (!one.main || !other.main || one.print || other.print) return [];
				const denim = (piece: typeof one) =>
					piece.main?.family === 'denim' || piece.value('material') === 'denim';
				if (denim(one) && denim(other)) return [];
				if (clothsApart(one, other)) return [];
				const apart = deltaE00(one.main.lab, other.main.lab);
				const light = one.neutral && other.neutral && Math.min(one.main.lab.l, other.main.lab.l) > 55;
				const clear = light ? thresholds.nearMissLight : thresholds.nearMiss;
				return apart > thresholds.sameColour && apart < clear
					? [
							{
								severity: 'warning',
								pieces: [one.id, other.id],
								measured: `${colourName(one.main.hex)} beside ${colourName(other.main.hex)}: ${apart.toFixed(0)} apart, neither the same nor clearly different`,
								swap: true
							}
						]
					: [];
			})
		)
};
