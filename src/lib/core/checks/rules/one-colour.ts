import { familiesRelated } from '../../colour/family';
import type { Rule } from '../rule';

export const oneColour: Rule = {
	id: 'one-colour',
	title: 'Out of the one colour',
	reason: 'Where one colour is to run from head to toe, each large piece belongs to its family.',
	standing: 'habit',
	about: ['palette'],
	find: ({ large, in: inSlots, schools }) => {
		if (schools.colours !== 'one-colour') return [];
		const seen = [...large, ...inSlots('feet')].filter(({ main }) => main !== undefined);
		const [first] = seen;
		const out = seen.filter(
			({ main }) => main && first?.main && !familiesRelated(main.family, first.main.family)
		);
		return out.map((piece) => ({
			severity: 'hint' as const,
			pieces: [piece.id],
			measured: `${piece.title} is ${piece.main?.family}, the look is ${first?.main?.family}`,
			swap: true
		}));
	}
};
