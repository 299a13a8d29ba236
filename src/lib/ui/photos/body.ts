import { bodyMarkIds, type BodyMarkId, type BodyMarks, type Photo } from '$lib/core';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';

/** Where marks begin that are set by hand: a figure that stands in the middle of the picture, one arm at its side. */
const standing: Record<BodyMarkId, { x: number; y: number }> = {
	crown: { x: 0.5, y: 0.1 },
	shoulder: { x: 0.41, y: 0.255 },
	elbow: { x: 0.39, y: 0.42 },
	wrist: { x: 0.37, y: 0.54 },
	waist: { x: 0.5, y: 0.43 },
	crotch: { x: 0.5, y: 0.55 },
	knee: { x: 0.5, y: 0.71 },
	ankle: { x: 0.5, y: 0.92 }
};

/** The lines that are drawn between marks: down the middle, and down the arm. */
export const markLines: readonly (readonly BodyMarkId[])[] = [
	['crown', 'waist', 'crotch', 'knee', 'ankle'],
	['shoulder', 'elbow', 'wrist']
];

export const standingMarks = (): BodyMarks => structuredClone(standing);
export const missingMarks = (marks: BodyMarks): BodyMarkId[] => bodyMarkIds.filter((id) => !marks[id]);
/** Marks with one more, where it begins. */
export const withMark = (marks: BodyMarks, id: BodyMarkId): BodyMarks => ({ ...marks, [id]: standing[id] });
export function withoutMark(marks: BodyMarks, id: BodyMarkId): BodyMarks {
	const { [id]: _gone, ...rest } = marks;
	return rest;
}

/** Keeps marks on a photo; undefined lets go of those that were kept, so that they are found anew. */
export const keepMarks = ({ id }: Pick<Photo, 'id'>, marks: BodyMarks | undefined) =>
	perform(() =>
		change(marks ? m.photos.markedBody : m.photos.unmarkedBody, (writer) =>
			writer.edit('photos', id, (draft) => {
				if (marks) draft.marks = marks;
				else delete draft.marks;
			})
		)
	);
