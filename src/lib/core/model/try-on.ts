import * as z from 'zod';
import { dateSchema, idSchema, noteSchema, recordFields, type Id } from './basics';
import { swatchSchema } from './garment';
import { ownPhotos, photoIdsSchema, photoRegionSchema } from './photo';
import { recordType } from './record-type';

/** Does what is worn for an element do its job in the look? */
export const doesItsJob = ['yes', 'partly', 'no'] as const;

/** What the stylist found of one element when it was tried on. */
export const elementRatingSchema = z.object({
	elementId: idSchema,
	/** 0..100: how like the reference's it is. */
	likeness: z.int().min(0).max(100).optional(),
	does: z.enum(doesItsJob).optional(),
	/** What would be changed. */
	change: z.string().max(200)
});
export type ElementRating = z.infer<typeof elementRatingSchema>;

/** What a photograph of the try-on shows of one element: where, in which colours, and how far it reaches on the body. */
export const elementSeenSchema = z.object({
	elementId: idSchema,
	region: photoRegionSchema,
	palette: z.array(swatchSchema).max(8),
	/** Heights of its upper and lower edge as shares of stature. */
	from: z.number().min(-1).max(2).optional(),
	to: z.number().min(-1).max(2).optional(),
	/** How long its sleeve is seen to be. */
	sleeve: z.string().max(40).optional()
});
export type ElementSeen = z.infer<typeof elementSeenSchema>;

/** A photograph of one thing near by, and the element that it answers, where that was said. */
const tryOnDetailSchema = z.object({ photoId: idSchema, elementId: idSchema.optional() });

/** An echo as it was tried on: its photographs, full length first, and what was found piece by piece. */
export const tryOnSchema = z.object({
	...recordFields,
	echoId: idSchema,
	/** The version that was tried on; without it, what was worn at the time. */
	versionId: idSchema.optional(),
	on: dateSchema,
	photos: photoIdsSchema,
	/** Those of its photographs that show one thing near by, and of which element, where that was said. */
	details: z.array(tryOnDetailSchema).max(40).optional(),
	ratings: z.array(elementRatingSchema).max(40),
	seen: z.array(elementSeenSchema).max(40),
	note: noteSchema
});
export type TryOn = z.infer<typeof tryOnSchema>;

export const freshTryOn = (given: Pick<TryOn, 'id' | 'echoId' | 'on'> & Partial<TryOn>): TryOn => ({
	rev: 0,
	photos: [],
	ratings: [],
	seen: [],
	note: '',
	...given
});

const ownPictures = ownPhotos<TryOn>();

export const tryOnType = recordType({
	schema: tryOnSchema,
	fresh: freshTryOn,
	titleOf: ({ on }: TryOn) => `try-on of ${on}`,
	indexes: ['echoId', '*photos'],
	links: [
		{
			...ownPictures,
			whenGone: (draft: TryOn, gone: ReadonlySet<Id>) => {
				ownPictures.whenGone(draft, gone);
				if (draft.details) draft.details = draft.details.filter(({ photoId }) => !gone.has(photoId));
			}
		},
		{
			to: 'echoes',
			words: 'its echo, or a version of it,',
			holders: ({ echoId }: TryOn) => [echoId],
			inner: ({ versionId }: TryOn) => (versionId === undefined ? [] : [versionId]),
			by: { index: 'echoId', key: ({ id }: { id: Id }) => id },
			whenGone: 'remove',
			whenInnerGone: (draft: TryOn) => {
				delete draft.versionId;
			}
		}
	],
	since: 10,
	migrations: []
});
