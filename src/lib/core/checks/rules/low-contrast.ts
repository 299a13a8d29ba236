import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** What gives one colour life: a weave, a shine, a print. */
const lively = (piece: PieceFacts) =>
	piece.print !== undefined ||
	!['smooth', undefined].includes(piece.value('texture')) ||
	[
		'velvet',
		'satin',
		'silk',
		'leather',
		'knit',
		'tweed',
		'lace',
		'sequin',
		'corduroy',
		'suede',
		'brocade'
	].includes(piece.value('material') ?? '');

/** A layer that is clearly darker or lighter than both frames them: a navy blazer over a pale shirt and stone trousers. */
const frames = (layer: PieceFacts, both: readonly PieceFacts[]) =>
	['outer', 'layer'].includes(layer.slot) &&
	both.every(
		({ id, main }) =>
			id !== layer.id &&
			main !== undefined &&
			layer.main !== undefined &&
			Math.abs(main.lab.l - layer.main.lab.l) >= 2 * thresholds.flatLightness
	);

export const lowContrast: Rule = {
	id: 'low-contrast',
	title: 'Neighbours that fall flat',
	reason:
		'Neighbouring large areas of nearly the same darkness and another hue fall flat; one family throughout wants texture.',
	standing: 'settled',
	silentUnder: { question: 'colours', schools: ['one-colour'] },
	about: ['palette'],
	find: ({ large }) =>
		large.slice(1).flatMap((below, i): Violation[] => {
			const above = large[i];
			if (!above?.main || !below.main) return [];
			const difference = Math.abs(above.main.lab.l - below.main.lab.l);
			const apart = deltaE00(above.main.lab, below.main.lab);
			// Neutrals mix with neutrals without fault.
			if (above.neutral && below.neutral) return [];
			// The same or a near miss is another rule's; clear hues of their own carry their contrast themselves.
			if (difference >= thresholds.flatLightness || apart < thresholds.nearMiss) return [];
			if ((above.strong || below.strong) && apart > 22) return [];
			if (familiesRelated(above.main.family, below.main.family) && (lively(above) || lively(below)))
				return [];
			if (lively(above) || lively(below)) return [];
			if (large.some((piece) => frames(piece, [above, below]))) return [];
			return [
				{
					severity: 'hint',
					pieces: [above.id, below.id],
					measured: `${above.title} and ${below.title} are ${difference.toFixed(0)} steps of lightness apart, and both are smooth`,
					swap: true
				}
			];
		})
};
