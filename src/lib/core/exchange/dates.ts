import { addDays, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';
import type { StudioDocument } from '../model/studio';

const day = /^\d{4}-\d{2}-\d{2}$/;
const moment = /^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/;

/**
 * The same document with every date moved by the days between its writing and `today`, so that a demo written
 * long ago still has its fitting next week. Text that is exactly a date or a moment counts as one.
 */
export function movedToToday(document: StudioDocument, today: string): StudioDocument {
	const days = differenceInCalendarDays(parseISO(today), parseISO(document.writtenOn));
	const moved = (value: unknown): unknown => {
		if (typeof value === 'string') {
			if (day.test(value)) return formatISO(addDays(parseISO(value), days), { representation: 'date' });
			if (moment.test(value)) return new Date(Date.parse(value) + days * 86_400_000).toISOString();
			return value;
		}
		if (Array.isArray(value)) return value.map(moved);
		if (value !== null && typeof value === 'object')
			return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, moved(inner)]));
		return value;
	};
	return moved(document) as StudioDocument;
}
