import { cutForCm } from '../../body/heights';
import type { PieceFacts } from '../facts';
import type { Violation } from '../model';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** Height of a hem above the floor as a share of stature. */
const hemOf = (piece: PieceFacts) => piece.place('hemLength') ?? piece.place('topLength');

export const layerHems: Rule = {
	id: 'layer-hems',
	title: 'Hems that end close together',
	reason: 'A layer that ends a little above or below the hem under it looks unplanned.',
	standing: 'settled',
	about: ['hemLength', 'topLength'],
	find: (facts) => {
		const over = facts.in('outer', 'layer');
		const under = facts.in('top', 'whole', 'legs').filter(({ moves, slot, type }) => {
			const skirt = slot !== 'legs' || type.facets.includes('skirtShape');
			return skirt && !moves.includes('tucked') && !moves.includes('half-tucked');
		});
		return over.flatMap((layer) =>
			under.flatMap((below): Violation[] => {
				const stated = layer.stated('hemLength') ?? layer.stated('topLength');
				const known = below.stated('hemLength') ?? below.stated('topLength');
				const [one, other] = [hemOf(layer), hemOf(below)];
				if (!stated || !known || one === undefined || other === undefined) return [];
				const apartCm = Math.abs(one - other) * cutForCm;
				// Below the calf a longer hem under a long coat shows as a strip, even where it is a hand wide.
				const strip = layer.slot === 'outer' && other < one && one <= thresholds.longCoat;
				const near = strip ? thresholds.stripCm : thresholds.layerHemsCm;
				return apartCm > 0.5 && apartCm <= near
					? [
							{
								severity: 'hint',
								pieces: [layer.id, below.id],
								measured: `the hems of ${layer.title} and ${below.title} end about ${apartCm.toFixed(0)} cm apart`,
								moves: below.slot === 'top' ? [{ id: below.id, move: 'tucked' }] : [],
								swap: true
							}
						]
					: [];
			})
		);
	}
};
