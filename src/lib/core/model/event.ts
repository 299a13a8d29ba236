import * as z from 'zod';
import { dateSchema, idSchema, nameSchema, priceSchema, recordFields, type Id } from './basics';
import { recordType } from './record-type';

/** A day for which a client is dressed. */
export const eventSchema = z.object({
	...recordFields,
	clientId: idSchema,
	title: nameSchema,
	date: dateSchema,
	/** IANA zone of the place, as in "Europe/London". */
	timeZone: z.string().min(1).max(60),
	place: z.string().max(200),
	dressCode: z.string().max(120),
	weather: z.object({ airC: z.number().min(-40).max(50), rain: z.boolean() }).optional(),
	budget: priceSchema.optional()
});
export type Event = z.infer<typeof eventSchema>;

export const freshEvent = (
	given: Pick<Event, 'id' | 'clientId' | 'title' | 'date'> & Partial<Event>
): Event => ({ rev: 0, timeZone: 'Europe/London', place: '', dressCode: '', ...given });

/** The link of what belongs to a client, and goes with them. */
export const ofClient = <T extends { clientId: Id }>() => ({
	to: 'clients',
	words: 'its client',
	holders: ({ clientId }: T) => [clientId],
	by: { index: 'clientId', key: ({ id }: { id: Id }) => id },
	whenGone: 'remove' as const
});

export const eventType = recordType({
	schema: eventSchema,
	fresh: freshEvent,
	titleOf: ({ title }: Event) => title,
	indexes: ['clientId', 'date'],
	links: [ofClient<Event>()],
	since: 1,
	migrations: []
});
