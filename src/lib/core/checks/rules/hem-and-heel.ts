import type { Rule } from '../rule';

export const hemAndHeel: Rule = {
	id: 'hem-and-heel',
	title: 'A floor-length hem without its heel',
	reason: 'Wide floor-length trousers need the heel they were hemmed for; without it they trail.',
	standing: 'settled',
	about: ['legLength', 'heelHeight'],
	find: (facts) => {
		const [shoes] = facts.in('feet');
		const [long] = facts.pieces.filter(
			(piece) =>
				['floor', 'stacked'].includes(piece.stated('legLength') ?? '') &&
				['wide', 'flared', undefined].includes(piece.value('leg'))
		);
		if (!shoes || !long || shoes.value('heelHeight') === undefined) return [];
		const heelCm = shoes.place('heelHeight') ?? 0;
		return heelCm < 4
			? [
					{
						severity: 'warning',
						pieces: [long.id, shoes.id],
						measured: `floor-length over about ${heelCm} cm of heel: the hem trails`,
						moves: [{ id: long.id, move: 'hem-cuffed' }],
						swap: true
					}
				]
			: [];
	}
};
