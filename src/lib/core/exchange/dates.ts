import type { StudioDocument } from '../model/studio';
import { addDays, daysBetween, isDay, isMoment, momentLater } from '../time/days';

/**
 * The same document with every date moved by the days between its writing and `today`, so that a demo written
 * long ago still has its fitting next week. Text that is exactly a date or a moment counts as one.
 */
export function movedToToday(document: StudioDocument, today: string): StudioDocument {
	const days = daysBetween(document.writtenOn, today);
	const moved = (value: unknown): unknown => {
		if (typeof value === 'string')
			return isDay(value) ? addDays(value, days) : isMoment(value) ? momentLater(value, days) : value;
		if (Array.isArray(value)) return value.map(moved);
		if (value !== null && typeof value === 'object')
			return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, moved(inner)]));
		return value;
	};
	return moved(document) as StudioDocument;
}
