import { familiesRelated, type ColourFamily } from '../../colour/family';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const tooManyColours: Rule = {
	id: 'too-many-colours',
	title: 'Many colours at once',
	reason: 'Two colours plus neutrals is safe; beyond that each new one wants a tie to another.',
	standing: 'habit',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	about: ['palette'],
	find: ({ pieces }) => {
		const groups: { family: ColourFamily; ids: string[] }[] = [];
		for (const { id, strong, print, main } of pieces) {
			if (!strong || print !== undefined || !main) continue;
			const known = groups.find(({ family }) => familiesRelated(family, main.family));
			if (known) known.ids.push(id);
			else groups.push({ family: main.family, ids: [id] });
		}
		return groups.length > thresholds.coloursAtOnce
			? [
					{
						severity: 'hint',
						pieces: groups.filter(({ ids }) => ids.length === 1).flatMap(({ ids }) => ids),
						measured: `${groups.length} colours that take the eye: ${groups.map(({ family }) => family).join(', ')}`,
						swap: true,
						leaveOff: true
					}
				]
			: [];
	}
};
