/** What is done with try-ons. `label` is what undo calls it, in the past tense. */
import { freshTryOn, type ElementRating, type ElementSeen, type TryOn } from '../core';
import { newId, today } from './clock';
import { database } from './database';
import { change, type Writer } from './journal';

/** The try-ons of an echo, the oldest first; of one day in the order in which they were begun. */
export const tryOnsOf = async (echoId: string): Promise<TryOn[]> =>
	database.tryOns.where('echoId').equals(echoId).sortBy('on');

/** A try-on of today, of a version or of what is worn now. */
export const newTryOn = (echoId: string, versionId?: string): TryOn =>
	freshTryOn({ id: newId(), echoId, on: today(), ...(versionId !== undefined && { versionId }) });

/** Begins a try-on; returns its id. */
export async function beginTryOn(label: string, echoId: string, versionId?: string): Promise<string> {
	const tryOn = newTryOn(echoId, versionId);
	await change(label, (writer) => writer.create('tryOns', tryOn));
	return tryOn.id;
}

const withOne = <T extends { elementId: string }>(list: readonly T[], one: T): T[] => [
	...list.filter(({ elementId }) => elementId !== one.elementId),
	one
];

/** Notes what was found of one element; what says nothing is not kept. */
export const rateElement = (label: string, tryOnId: string, rating: ElementRating) =>
	change(label, (writer) =>
		writer.edit('tryOns', tryOnId, (draft) => {
			const { likeness, does, change: words, elementId } = rating;
			draft.ratings =
				likeness === undefined && does === undefined && words === ''
					? draft.ratings.filter((one) => one.elementId !== elementId)
					: withOne(draft.ratings, rating);
		})
	);

/** Keeps what a picture shows of one element. */
export const keepSeen = (label: string, tryOnId: string, seen: ElementSeen) =>
	change(label, (writer) =>
		writer.edit('tryOns', tryOnId, (draft) => void (draft.seen = withOne(draft.seen, seen)))
	);

/** Names pictures in a try-on; one that is not there yet is begun with them, in the same change. */
export async function hangPictures(
	writer: Writer,
	tryOn: TryOn | undefined,
	echoId: string,
	photos: readonly string[]
): Promise<string> {
	if (tryOn) {
		await writer.edit('tryOns', tryOn.id, (draft) => void draft.photos.push(...photos));
		return tryOn.id;
	}
	const begun = { ...newTryOn(echoId), photos: [...photos] };
	await writer.create('tryOns', begun);
	return begun.id;
}

/** A detail of no element in particular. */
export const anyDetail = 'any';

/**
 * Says what a picture shows: the whole look, one thing near by that answers an element, or a detail of none in particular
 * (`anyDetail`).
 */
export const showsDetail = (label: string, tryOnId: string, photoId: string, of: string | undefined) =>
	change(label, (writer) =>
		writer.edit('tryOns', tryOnId, (draft) => {
			const others = (draft.details ?? []).filter((one) => one.photoId !== photoId);
			if (of === undefined) draft.details = others;
			else draft.details = [...others, { photoId, ...(of !== anyDetail && { elementId: of }) }];
			if (draft.details.length === 0) delete draft.details;
		})
	);
