import { metalGroups, type MetalId } from '../../lexicon/metals';
import type { Rule } from '../rule';

export const metalsTogether: Rule = {
	id: 'metals-together',
	title: 'Metals together',
	reason: 'The same metal throughout, or mixed on purpose with each metal at least twice.',
	standing: 'habit',
	silentUnder: { question: 'metals', schools: ['mix-freely'] },
	about: ['metal'],
	find: ({ pieces, schools }) => {
		const shown = pieces.filter(({ metal }) => metal !== undefined && metal !== 'mixed');
		const groupOf = (metal: MetalId | undefined) =>
			metalGroups.findIndex((group) => metal !== undefined && group.includes(metal));
		const groups = new Map<number, typeof shown>();
		for (const piece of shown) {
			const group = groupOf(piece.metal);
			groups.set(group, [...(groups.get(group) ?? []), piece]);
		}
		if (groups.size < 2)
			return shown.length >= 3
				? [
						{
							severity: 'praise',
							pieces: shown.map(({ id }) => id),
							measured: `${shown[0]?.metal} throughout`
						}
					]
				: [];
		const odd = [...groups.values()].filter((group) => group.length === 1).flat();
		const offending =
			schools.metals === 'match-all'
				? shown.filter(
						(piece) =>
							groups.get(groupOf(piece.metal))?.length !==
							Math.max(...[...groups.values()].map((group) => group.length))
					)
				: odd;
		const named = offending.length > 0 ? offending : odd;
		return named.length > 0
			? [
					{
						severity: 'hint',
						pieces: named.map(({ id }) => id),
						measured: `${[...new Set(shown.map(({ metal }) => metal))].join(' and ')} together; ${named.map(({ title }) => title).join(', ')} stands alone`,
						swap: true,
						leaveOff: true
					}
				]
			: [];
	}
};
