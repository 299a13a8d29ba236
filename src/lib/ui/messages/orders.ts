/** What was ordered, and what becomes of it. */
import type { LineState } from '$lib/core';
import { count } from './count';

export const orders = {
	title: 'Orders',
	intro: 'What was ordered for looks: when it comes, how it fits, what stays and what goes back.',
	empty: 'Nothing was ordered yet. Plan looks, take a step into them, and order what it buys.',
	coming: 'On the way',
	here: 'Here, to be tried on',
	back: 'On the way back',
	done: 'Kept and settled',
	ordered: (shop: string, day: string) => `${shop}, ordered on ${day}`,
	parcel: {
		ordered: (day: string) => `not packed yet, expected on ${day}`,
		packed: (day: string) => `packed, expected on ${day}`,
		'on-its-way': (day: string) => `on its way, expected on ${day}`,
		arrived: (day: string) => `delivered on ${day}`
	},
	simulated: 'simulated parcels',
	cameOn: (day: string) => `came on ${day}`,
	returnBy: (day: string) => `can go back until ${day}`,
	noReturns: 'the shop takes nothing back',
	overdue: 'too late to send back',
	came: 'It is here',
	cameFrom: (shop: string) => `It is here: the parcel from ${shop}`,
	forClient: (name: string) => `for ${name}`,
	size: (label: string) => `size ${label}`,
	fits: (title: string) => `How it fits: ${title}`,
	fitsHow: { right: 'fits', small: 'too small', large: 'too large' },
	act: {
		ordered: 'Order',
		here: 'It is here',
		kept: 'Keep',
		'sent-back': 'Send back',
		refunded: 'Money is back',
		cancelled: 'Cancel'
	} as Record<LineState, string>,
	states: {
		ordered: 'on its way',
		here: 'here',
		kept: 'kept',
		'sent-back': 'on its way back',
		refunded: 'went back, money is back',
		cancelled: 'cancelled'
	} as Record<LineState, string>,
	did: {
		came: (shop: string) => `The parcel from ${shop} is here`,
		kept: (title: string) => `Kept ${title}: it hangs on the rail`,
		'sent-back': (title: string) => `Sent ${title} back: the look wears it no more`,
		refunded: (title: string) => `The money for ${title} is back`,
		cancelled: (title: string) => `Cancelled ${title}`,
		placed: (n: number) => `Noted ${count(n, 'thing', 'things')} as ordered`
	},
	gone: 'This order was changed elsewhere; nothing was done.',
	net: (amount: string) => `${amount} in all`,
	owed: (amount: string) => `${amount} still to come back`,
	money: (goods: string, postage: string) => `${goods} for the things, ${postage} for sending`,
	refunds: (amount: string) => `${amount} given back`,
	returns: (amount: string) => `${amount} for sending back`,
	place: 'Note these as ordered',
	placeHint: 'Order in the shop, then note it here: when it comes and whether it stays is kept under Orders.',
	placed: 'All of it is ordered.',
	due: {
		title: 'Parcels',
		arrives: (what: string, day: string) => `${what}: expected on ${day}`,
		try: (what: string, day: string) => `${what}: try on, can go back until ${day}`,
		tryOnly: (what: string) => `${what}: try on`,
		owed: (what: string) => `${what}: the money is not back yet`
	},
	watch: {
		title: 'Watched in the shops',
		soldOut: (title: string, look: string) => `${title} is sold out (${look})`,
		again: (day: string) => `expected again on ${day}`,
		price: (title: string, now: string, before: string, look: string) =>
			`${title} is ${now} now, ${before} before (${look})`,
		seen: 'Seen',
		tookPrice: (title: string) => `Noted how ${title} stands in the shop`,
		tookBackup: (title: string) => `Took the backup, ${title}`,
		back: (title: string) => `${title} is back in stock`,
		backup: (title: string) => `Take the backup: ${title}`
	}
};
