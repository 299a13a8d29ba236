import type { Rule } from '../rule';

const wedding = /\b(?:weddings?|marriage|nuptials|civil partnership|nikah|shaadi|bridal party)\b/i;
/** Whose day it is wears what they like; on the days before it the colour is free. */
const ownDay =
	/\b(?:(?:my|own|their own) wedding|as (?:the |a )?(?:bride|groom)|hen|stag|rehearsal|shower)\b/i;
/** The hosts ask for white; "please do not wear white" asks for none. */
const asksForWhite = (told: string) =>
	/\b(?:in|all|wear) white\b/i.test(told) &&
	!/\b(?:no|not|never|nobody|avoid|without|don['’]?t)\b[^.;]*\bwhite\b/i.test(told);

export const whiteAtWedding: Rule = {
	id: 'white-at-wedding',
	title: 'White at a wedding',
	reason:
		'In many places a guest leaves white and ivory to whoever marries; families differ, and the hosts have the last word.',
	standing: 'settled',
	about: ['palette', 'print'],
	find: ({ large, event }) => {
		const told = `${event?.title ?? ''} ${event?.dressCode ?? ''}`;
		if (!wedding.test(told) || ownDay.test(told) || asksForWhite(told)) return [];
		const isWhite = ({ main, print }: (typeof large)[number]) =>
			main !== undefined &&
			(print === undefined || print === 'plain') &&
			['white', 'ivory'].includes(main.family);
		// A white shirt in a dark suit is nobody's gown: all that is large and seen has to be white.
		const seen = large.filter(({ main }) => main !== undefined);
		if (seen.length === 0 || !seen.every(isWhite)) return [];
		return [
			{
				severity: 'hint' as const,
				pieces: seen.map(({ id }) => id),
				measured: `${seen.map(({ title }) => title).join(' and ')}: all that is large is white or ivory`,
				swap: true
			}
		];
	}
};
