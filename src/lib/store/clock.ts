import { dayOf } from '../core';

/** The one place that reads the clock; tests set another. */
export const clock = { now: (): Date => new Date() };

/** Today as the machine's calendar shows it. */
export const today = (): string => dayOf(clock.now());
/** This moment as an ISO string in UTC. */
export const moment = (): string => clock.now().toISOString();
/** A new record id. */
export const newId = (): string => crypto.randomUUID();
