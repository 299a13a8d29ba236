import { dayInWords } from '../time/days';
import type { PlannedDay } from '../model/echo';
import type { Event } from '../model/event';

/** The day of an event as an echo is planned for it, to tell later what has changed. */
export function plannedFor(event: Event): PlannedDay {
	const { date, time, place, setting, dressCode, standingHours, walkingKm, food, weather } = event;
	return {
		date,
		place,
		setting,
		dressCode,
		food,
		...(time && { time }),
		...(standingHours !== undefined && { standingHours }),
		...(walkingKm !== undefined && { walkingKm }),
		...(weather && { weather })
	};
}

/** What is different about a day since a look was planned for it. */
export interface DayChange {
	what: string;
	was: string;
	is: string;
}

const unsaid = 'not said';
const weatherInWords = ({ weather }: PlannedDay) =>
	weather ? `${Math.round(weather.airC)} °C, ${weather.rain ? 'rain' : 'dry'}` : unsaid;
const amountInWords = (amount: number | undefined, unit: string) =>
	amount === undefined ? unsaid : `${amount} ${unit}`;

/** What of a day is told when it changes, in the order in which it matters to a look. */
const told: readonly { what: string; say: (day: PlannedDay) => string }[] = [
	{ what: 'day', say: ({ date }) => dayInWords(date, 'with-weekday') },
	{ what: 'time', say: ({ time }) => time ?? unsaid },
	{ what: 'dress code', say: ({ dressCode }) => dressCode.trim() || unsaid },
	{ what: 'weather', say: weatherInWords },
	{ what: 'indoors or out', say: ({ setting }) => (setting === 'unknown' ? unsaid : setting) },
	{ what: 'place', say: ({ place }) => place.trim() || unsaid },
	{ what: 'standing', say: ({ standingHours }) => amountInWords(standingHours, 'h') },
	{ what: 'walking', say: ({ walkingKm }) => amountInWords(walkingKm, 'km') },
	{ what: 'food', say: ({ food }) => (food === 'unknown' ? unsaid : food) }
];

/** What has changed about an event since an echo was planned for it, in words; nothing where it was never planned for a day. */
export function dayChanges(planned: PlannedDay | undefined, event: Event | undefined): DayChange[] {
	if (!planned || !event) return [];
	const now = plannedFor(event);
	return told.flatMap(({ what, say }) => {
		const [was, is] = [say(planned), say(now)];
		return was === is ? [] : [{ what, was, is }];
	});
}
