import { colourName } from '../../colour/words';
import type { Violation } from '../model';
import { almostMatch } from '../near-colours';
import type { Rule } from '../rule';

export const nearMiss: Rule = {
	id: 'near-miss',
	title: 'Two large areas that almost match',
	reason:
		'Colours that almost match read as a mistake: either the same, or clearly apart, or in cloths that are told apart.',
	standing: 'settled',
	about: ['palette'],
	find: ({ large }) =>
		large.flatMap((one, i) =>
			large.slice(i + 1).flatMap((other): Violation[] => {
				const apart = almostMatch(one, other);
				if (apart === undefined || !one.main || !other.main) return [];
				return [
					{
						severity: 'warning',
						pieces: [one.id, other.id],
						measured: `${colourName(one.main.hex)} beside ${colourName(other.main.hex)}: ${apart.toFixed(0)} apart, neither the same nor clearly different`,
						swap: true
					}
				];
			})
		)
};
