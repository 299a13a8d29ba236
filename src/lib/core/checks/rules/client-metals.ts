import { metalGroupsOf } from '../../lexicon/metals';
import type { Rule } from '../rule';

const groupOf = (metal: string) => metalGroupsOf.findIndex((group) => group.some(({ id }) => id === metal));

export const clientMetals: Rule = {
	id: 'client-metals',
	title: 'Not this client’s metal',
	reason: 'A client who wears one metal has the rest of their jewellery in it, and often their skin for it.',
	standing: 'settled',
	about: ['metal'],
	find: ({ pieces, client, chosen }) => {
		const metals = client?.metals ?? [];
		const worn = metals.map(groupOf).filter((group) => group >= 0);
		if (worn.length === 0 || chosen.metals === 'mix-freely') return [];
		return pieces
			.filter(({ metal }) => metal !== undefined && groupOf(metal) >= 0 && !worn.includes(groupOf(metal)))
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.title} is ${(piece.metal ?? '').replace('-', ' ')}; this client wears ${metals.join(', ')}`,
				swap: true,
				leaveOff: piece.area < 0.1
			}));
	}
};
