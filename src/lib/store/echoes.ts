/** Echoes that are begun, some with a reference of their own. `label` is what undo calls them, in the past tense. */
import {
	choosing,
	freshEcho,
	plannedFor,
	referenceFrom,
	type AdaptedLook,
	type Echo,
	type Event,
	type Reference,
	type WornOption
} from '../core';
import { newId, today } from './clock';
import { database } from './database';
import { change } from './journal';
import { StaleWriteError } from './writer';

/** What an echo is for: the event, and the day as it is planned for. */
const forEvent = (event: Event | undefined) =>
	event
		? { eventId: event.id, plannedFor: plannedFor(event), ...(event.budget && { spendLimit: event.budget }) }
		: {};

/** Begins an echo of a reference for a client, and for an event where one is given; returns its id. */
export async function beginEcho(
	label: string,
	clientId: string,
	referenceId: string,
	title: string,
	eventId?: string
): Promise<string> {
	const client = await database.clients.get(clientId);
	const event = eventId === undefined ? undefined : await database.events.get(eventId);
	// It keeps the schools under which it was begun; later changes of the client's do not move its figures.
	const schools = { ...client?.schools };
	const echo = freshEcho({
		id: newId(),
		clientId,
		referenceId,
		title,
		createdOn: today(),
		schools,
		...forEvent(event)
	});
	await change(label, (writer) => writer.create('echoes', echo));
	return echo.id;
}

/**
 * Makes another echo of the same reference for the same client, beginning with the same matches: to be dressed up,
 * dressed down or made plain. Verdicts stay with the first. Returns its id.
 */
export async function anotherEcho(label: string, echo: Echo, title: string): Promise<string> {
	const another: Echo = {
		...echo,
		id: newId(),
		rev: 0,
		title,
		createdOn: today(),
		versions: [],
		answers: [],
		judgements: []
	};
	await change(label, (writer) => writer.create('echoes', another));
	return another.id;
}

/**
 * Keeps a wearable version of an echo's reference as a reference of its own, and begins an echo of it; both as one change.
 * Returns the id of the new echo.
 */
export async function beginWearable(
	label: string,
	echo: Echo,
	{ elements, changes }: Pick<AdaptedLook, 'elements' | 'changes'>,
	title: string
): Promise<string> {
	const reference = await database.references.get(echo.referenceId);
	if (!reference) throw new StaleWriteError('references');
	const adapted: Reference = {
		...reference,
		id: newId(),
		rev: 0,
		title: title.slice(0, 120),
		elements,
		note: [reference.note, ...changes.map(({ words, why }) => `${words} (${why})`)]
			.filter(Boolean)
			.join('\n')
			.slice(0, 4000)
	};
	const kept = new Set(elements.map(({ id }) => id));
	const matches = echo.matches
		.map((match) => ({ ...match, elementIds: match.elementIds.filter((id) => kept.has(id)) }))
		.filter(({ elementIds }) => elementIds.length > 0);
	const begun: Echo = {
		...echo,
		id: newId(),
		rev: 0,
		referenceId: adapted.id,
		title: adapted.title,
		createdOn: today(),
		matches: changes.reduce((before, { elementId, change: how }) => {
			const element = elements.find(({ id }) => id === elementId);
			if (how.kind !== 'wear' || !element) return before;
			const { item, garment } = how.offer;
			return choosing.chooseItem(before, elements, { element, item, garment, backups: [] }, newId());
		}, matches),
		gapNotes: echo.gapNotes.filter(({ elementId }) => kept.has(elementId)),
		versions: [],
		answers: [],
		judgements: []
	};
	await change(label, async (writer) => {
		await writer.create('references', adapted);
		await writer.create('echoes', begun);
	});
	return begun.id;
}

/**
 * Keeps an outfit from a rail as a reference and an echo of it in which all of it is worn; both as one change. Returns the id of
 * the echo.
 */
export async function keepOutfit(
	label: string,
	worn: readonly WornOption[],
	title: string,
	eventId?: string
): Promise<string> {
	const clientId = worn[0]?.option.piece.clientId ?? '';
	const client = await database.clients.get(clientId);
	const event = eventId === undefined ? undefined : await database.events.get(eventId);
	const { reference, matches } = referenceFrom(worn, title, newId);
	const echo = freshEcho({
		id: newId(),
		clientId,
		referenceId: reference.id,
		title: reference.title,
		createdOn: today(),
		schools: { ...client?.schools },
		matches,
		...forEvent(event)
	});
	await change(label, async (writer) => {
		await writer.create('references', reference);
		await writer.create('echoes', echo);
	});
	return echo.id;
}
