/** What was worn, bought and spent, and what worked. */
import type { DoneKind } from '$lib/core';
import { count } from './count';

const things = (n: string) => count(Number(n), 'thing', 'things');
const fits: Record<string, string> = { small: 'too small', right: 'right', large: 'too large' };

export const ledger = {
	title: 'Ledger',
	lead: 'What was worn and what it has cost each time, what was done, what purchases were for, and what worked.',
	client: 'Client',
	everybody: 'everybody',
	wears: 'Wears',
	calendarHow: 'Press a day to note what was worn on it.',
	note: 'Note a wear',
	edit: 'Edit a wear',
	on: 'On',
	onBad: 'A day, as in 2026-01-10',
	look: 'The look that was worn',
	noLook: 'no look, only pieces',
	find: 'Find a piece',
	pieces: 'Pieces that were worn',
	piecesMissing: 'Choose a look or a piece',
	remark: 'Note',
	did: (what: string, day: string) => `Noted that ${what} was worn on ${day}`,
	removed: 'Deleted a wear',
	remove: (what: string) => `Delete: ${what}`,
	piecesWorn: (n: number) => count(n, 'piece', 'pieces'),
	noWears: 'Nothing was noted as worn yet.',
	latest: 'The latest wears',
	purchases: 'What was bought, what for, and whether it was worn',
	noPurchases: 'No piece has a price yet. A price on a piece, or an order that is kept, brings it here.',
	columns: {
		what: 'What',
		who: 'For whom',
		bought: 'Bought',
		paid: 'Paid',
		for: 'For',
		worn: 'Worn',
		perWear: 'A wear'
	},
	never: (days: number) => `not once in ${days} days`,
	notYet: 'not yet',
	wornTimes: (n: number) => `${n} ×`,
	course: (title: string) => `What each wear of ${title} had cost, day by day`,
	substitutions: 'Substitutions and how they were rated',
	noSubstitutions: 'Judge some echoes, and what was worn in place of what stands here.',
	substituted: (worn: string, asked: string) => `${worn} for ${asked}`,
	times: (n: number) => count(n, 'time', 'times'),
	above: (points: number) => {
		const n = Math.round(Math.abs(points));
		if (n === 0) return 'rated as usual';
		return `rated ${n} ${points > 0 ? 'above' : 'below'}`;
	},
	substitutionColumns: { what: 'What', times: 'Times', rating: 'Rated' },
	shops: 'Shops by fit and returns',
	noShops: 'Nothing was ordered or tried yet.',
	shopColumns: { shop: 'Shop', ordered: 'Ordered', kept: 'Kept', back: 'Sent back', right: 'Fitted' },
	ofTried: (right: number, tried: number) => (tried === 0 ? '–' : `${right} of ${tried}`),
	spend: 'Spent on orders',
	spendColumns: { who: 'For', things: 'Things', spent: 'Spent' },
	byEvent: 'by event',
	byClient: 'by client',
	gone: 'no longer in the studio',
	done: 'What was done',
	doneKind: 'Show',
	everything: 'everything',
	noneDone: 'Nothing yet. Orders, fittings, preparation, alterations and verdicts stand here by their days.',
	doneKinds: {
		ordered: 'orders',
		arrived: 'arrivals',
		'return-by': 'what must go back',
		'sent-back': 'returns',
		sized: 'sizes tried',
		tried: 'fittings',
		prepared: 'preparation',
		altered: 'alterations',
		judged: 'verdicts'
	} satisfies Record<DoneKind, string>,
	doneHow: {
		ordered: (n: string) => `Ordered ${things(n)}`,
		arrived: (n: string) => `Arrived, ${things(n)}`,
		'return-by': (n: string) => `Last day to send back ${things(n)}`,
		'sent-back': (n: string) => `Sent back ${things(n)}`,
		sized: (verdict: string) => `Tried, ${fits[verdict] ?? verdict}`,
		tried: () => 'Fitting',
		prepared: (task: string) => `Prepared, ${task}`,
		altered: (what: string) => `Altered, ${what}`,
		judged: (rating: string) => `Judged, ${rating} of 100`
	} satisfies Record<DoneKind, (how: string) => string>,
	csv: 'CSV',
	json: 'JSON',
	saveAs: (what: string, kind: string) => `${what} as ${kind}`,
	saved: (name: string) => `Saved as ${name}`,
	files: {
		wears: 'wears',
		purchases: 'purchases',
		substitutions: 'substitutions',
		shops: 'shops',
		spend: 'spend',
		done: 'done'
	}
};
