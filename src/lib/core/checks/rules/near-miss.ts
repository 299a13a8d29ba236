import { deltaE00 } from '../../colour/difference';
import { colourName } from '../../colour/words';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

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
