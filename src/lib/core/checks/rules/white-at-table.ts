import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

export const whiteAtTable: Rule = {
	id: 'white-at-table',
	title: 'White at a long table',
	reason: 'Long dinners in white: say so, and have a cloth or a spare at hand.',
	standing: 'settled',
	about: ['palette'],
	find: ({ large, event }) => {
		const told = `${event?.title ?? ''} ${event?.dressCode ?? ''}`;
		const served = event?.food === 'seated' || event?.food === 'standing';
		if (event?.food === 'none') return [];
		if (!served && !/dinner|supper|banquet|feast|lunch|barbecue|tasting|reception/i.test(told)) return [];
		return large
			.filter(({ main, print }) => main && !print && main.lab.l >= thresholds.whiteLightness)
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${piece.title}, and food is served`,
				swap: true
			}));
	}
};
