import type { Rule } from '../rule';

export const cropAndRise: Rule = {
	id: 'crop-and-rise',
	title: 'A cropped top over a low rise',
	reason: 'A cropped top and the rise of the bottom decide how much skin shows.',
	standing: 'settled',
	inStates: true,
	about: ['topLength', 'rise'],
	find: (facts) => {
		const [top] = facts.in('top').filter((piece) => piece.value('topLength') === 'cropped');
		const [legs] = facts.in('legs');
		const covered = facts.in('layer', 'outer', 'drape').some((piece) => piece.value('closure') !== 'open');
		if (!top || !legs || covered) return [];
		const never = facts.client?.limits.never.some((limit) =>
			/midriff|belly|stomach|tummy|waist/i.test(limit)
		);
		const rise = legs.value('rise') ?? 'mid';
		if (rise === 'high' && !never) return [];
		return [
			{
				severity: never ? 'warning' : 'hint',
				pieces: [top.id, legs.id],
				measured: `a cropped top over a ${rise} rise shows the midriff${never ? ', which this client never shows' : ''}`,
				swap: true
			}
		];
	}
};
