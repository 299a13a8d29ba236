import type { Order } from '../model/order';
import { addDays, type Day } from '../time';
import { returnBy } from './lines';

/** Something of an order that waits: for its parcel, for a hand, or for the shop. */
export interface Waiting {
	lineId: string;
	title: string;
	/** It is expected; it is to be tried on; its money is to come back. */
	kind: 'arrives' | 'try' | 'owed';
	/** When it is expected, or the last day on which it can go back; nothing where no day is known. */
	day?: Day;
}

/** What of orders waits, what has the earliest day first, what has none last. */
export const waitingIn = (orders: readonly Order[]): Waiting[] =>
	orders
		.flatMap((order) =>
			order.lines.flatMap(({ id: lineId, state, listing: { title, arrivesInDays } }): Waiting[] => {
				switch (state) {
					case 'ordered':
						return [{ lineId, title, kind: 'arrives', day: addDays(order.orderedOn, arrivesInDays) }];
					case 'here':
						return [{ lineId, title, kind: 'try', day: returnBy(order) }];
					case 'sent-back':
						return [{ lineId, title, kind: 'owed' }];
					default:
						return [];
				}
			})
		)
		// Days compare as text.
		.sort((a, b) => (a.day ?? '9999').localeCompare(b.day ?? '9999'));
