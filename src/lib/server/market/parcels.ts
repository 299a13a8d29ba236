/** Parcels that move by the calendar: a stand-in for carriers. */
import { v5 } from 'uuid';
import { addDays, type ParcelsAnswer, type ParcelsQuery } from '../../core';
import { drawsFrom } from './draws';
import { marketNamespace } from './shops';

/** How often a parcel is late, and by how many days at most (invented, for the simulation only). */
const lateShare = 0.15;
const mostDaysLate = 3;

/** Days by which a parcel is late: the same for the same parcel. */
function daysLate(id: string): number {
	const draw = drawsFrom(Number.parseInt(v5(id, marketNamespace).slice(0, 8), 16));
	return draw.chance(lateShare) ? 1 + draw.below(mostDaysLate) : 0;
}

/** Where parcels are on a day: ordered, packed the day after, on the way from half of their time, arrived. */
export function parcelsOn({ parcels, on }: ParcelsQuery): ParcelsAnswer {
	return {
		simulated: true,
		parcels: parcels.map(({ id, orderedOn, arrivesInDays }) => {
			const arrives = addDays(orderedOn, arrivesInDays + daysLate(id));
			const leaves = addDays(orderedOn, Math.ceil(arrivesInDays / 2));
			const packed = addDays(orderedOn, 1);
			const state =
				on >= arrives ? 'arrived' : on >= leaves ? 'on-its-way' : on >= packed ? 'packed' : 'ordered';
			return { id, state, arrives };
		})
	};
}
