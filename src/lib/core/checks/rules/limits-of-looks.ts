import { lookLimitsOf, quoted } from '../limits';
import type { Violation } from '../model';
import type { Rule } from '../rule';

export const limitsOfLooks: Rule = {
	id: 'limits-of-looks',
	title: 'Against the client’s limits of a whole look',
	reason: 'What a client never wears together, or never goes without, comes before any likeness.',
	standing: 'settled',
	addIn: [
		'layer',
		'outer',
		'drape',
		'scarf',
		'waist',
		'neck',
		'ears',
		'wrist',
		'finger',
		'brooch',
		'bag',
		'head',
		'hands',
		'eyes',
		'hosiery',
		'face',
		'nails',
		'under'
	],
	about: [],
	find: ({ pieces, client }) =>
		(client?.limits.never ?? []).flatMap(lookLimitsOf).flatMap(({ said, of }): Violation[] => {
			const { answer, pieces: found, words, isMissing, wornIn } = of(pieces);
			if (answer === 'no') return [];
			const what = words ?? found.map(({ title }) => title).join(', ');
			return [
				{
					severity: answer === 'unknown' ? 'hint' : 'warning',
					pieces: found.map(({ id }) => id),
					measured: `${quoted(said)}; ${what}${answer === 'unknown' && !words ? '; is that so?' : ''}`,
					of: said,
					...(wornIn && { addIn: wornIn }),
					swap: !isMissing,
					leaveOff: !isMissing
				}
			];
		})
};
