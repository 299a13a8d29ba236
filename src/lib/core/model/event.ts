import * as z from 'zod';
import {
	dateSchema,
	idSchema,
	nameSchema,
	noteSchema,
	priceSchema,
	recordFields,
	timeSchema,
	type Id
} from './basics';
import { recordType, type OldRecord } from './record-type';

/** Weather as it is expected, and who says so: the stylist, what is usual for the month, or a forecast. */
export const weatherSchema = z.object({
	airC: z.number().min(-40).max(50),
	rain: z.boolean(),
	source: z.enum(['said', 'normal', 'forecast'])
});
export type Weather = z.infer<typeof weatherSchema>;

/** A day for which a client is dressed. */
export const eventSchema = z.object({
	...recordFields,
	clientId: idSchema,
	title: nameSchema,
	date: dateSchema,
	time: timeSchema.optional(),
	/** IANA zone of the place, as in "Europe/London". */
	timeZone: z.string().min(1).max(60),
	place: z.string().max(200),
	setting: z.enum(['unknown', 'indoors', 'outdoors', 'both']),
	/** As the host wrote it: "black tie", "smart, flat soles". */
	dressCode: z.string().max(120),
	/** What it is for: to be seen, to sit for long, to dance. */
	purpose: z.string().max(200),
	standingHours: z.number().min(0).max(24).optional(),
	walkingKm: z.number().min(0).max(50).optional(),
	food: z.enum(['unknown', 'none', 'standing', 'seated']),
	weather: weatherSchema.optional(),
	budget: priceSchema.optional(),
	note: noteSchema
});
export type Event = z.infer<typeof eventSchema>;

export const freshEvent = (
	given: Pick<Event, 'id' | 'clientId' | 'title' | 'date'> & Partial<Event>
): Event => ({
	rev: 0,
	timeZone: 'Europe/London',
	place: '',
	setting: 'unknown',
	dressCode: '',
	purpose: '',
	food: 'unknown',
	note: '',
	...given
});

/** The link of what belongs to a client, and goes with them. */
export const ofClient = <T extends { clientId: Id }>() => ({
	to: 'clients',
	words: 'its client',
	holders: ({ clientId }: T) => [clientId],
	by: { index: 'clientId', key: ({ id }: { id: Id }) => id },
	whenGone: 'remove' as const
});

/** The link of what is for an event or came of one, and outlives it. */
export const forEvent = <T extends { eventId?: Id }>() => ({
	to: 'events',
	words: 'the event that it is for',
	holders: ({ eventId }: T) => (eventId === undefined ? [] : [eventId]),
	by: { index: 'eventId', key: ({ id }: { id: Id }) => id },
	whenGone: (draft: T) => {
		delete draft.eventId;
	}
});

const withTheDay = ({ weather, ...event }: OldRecord): OldRecord => ({
	setting: 'unknown',
	purpose: '',
	food: 'unknown',
	note: '',
	...event,
	...(typeof weather === 'object' && weather !== null && { weather: { source: 'said', ...weather } })
});

export const eventType = recordType({
	schema: eventSchema,
	fresh: freshEvent,
	titleOf: ({ title }: Event) => title,
	indexes: ['clientId', 'date'],
	links: [ofClient<Event>()],
	since: 1,
	migrations: [{ version: 6, name: 'the-whole-day', up: withTheDay }]
});
