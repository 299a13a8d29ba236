import { formatISO } from 'date-fns';

/** The one place that reads the clock; tests set another. */
export const clock = { now: (): Date => new Date() };

/** Today as an ISO local date. */
export const today = (): string => formatISO(clock.now(), { representation: 'date' });
/** This moment as an ISO string in UTC. */
export const moment = (): string => clock.now().toISOString();
/** A new record id. */
export const newId = (): string => crypto.randomUUID();
