import * as z from 'zod';
import { dateSchema, idSchema, noteSchema, recordFields, type Id } from './basics';
import { recordType, type OldRecord } from './record-type';

/** SHA-256 of a photo's bytes, in hexadecimal: the key under which they are stored, once. */
export const contentHashSchema = z
	.string()
	.regex(/^[0-9a-f]{64}$/, { error: 'must be a SHA-256 in hexadecimal' });

const shareSchema = z.number().min(0).max(1);

/** A part of a photo: its box in shares of the photo's width and height, and what of the box belongs to it. */
export const photoRegionSchema = z.object({
	photo: idSchema,
	x: shareSchema,
	y: shareSchema,
	width: z.number().gt(0).max(1),
	height: z.number().gt(0).max(1),
	/**
	 * The box as a grid of so many pixels; `runs` goes through it row by row and says in turn how many are outside and how
	 * many inside. Without it all of the box belongs to the region.
	 */
	mask: z
		.object({
			width: z.int().min(1).max(2048),
			height: z.int().min(1).max(2048),
			runs: z.array(z.int().min(0).max(4_194_304)).max(40_000)
		})
		.optional()
});
export type PhotoRegion = z.infer<typeof photoRegionSchema>;

/** Places of the body that can be marked on a picture of it: along its middle, and along the arm that is seen best. */
export const bodyMarkIds = [
	'crown',
	'shoulder',
	'elbow',
	'wrist',
	'waist',
	'crotch',
	'knee',
	'ankle'
] as const;
export type BodyMarkId = (typeof bodyMarkIds)[number];

const spotSchema = z.object({ x: shareSchema, y: shareSchema });
/** Marks in shares of the photo's width and height; one that is out of the picture is left out. */
export const bodyMarksSchema = z.partialRecord(z.enum(bodyMarkIds), spotSchema);
export type BodyMarks = z.infer<typeof bodyMarksSchema>;

export const photoMediaTypes = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'] as const;

/**
 * A photograph of a piece, a reference or a try-on. Its bytes lie apart, under their content hash; two photos may share
 * them.
 */
export const photoSchema = z.object({
	...recordFields,
	hash: contentHashSchema,
	mediaType: z.enum(photoMediaTypes),
	/** In pixels, upright. */
	width: z.int().min(1).max(16_384),
	height: z.int().min(1).max(16_384),
	byteLength: z.int().min(1),
	addedOn: dateSchema,
	/** A spot, in shares of width and height, that is known to be white or grey: by it the light is put right. */
	known: spotSchema.extend({ tone: z.enum(['white', 'grey']) }).optional(),
	/** Where the body that it shows has its places. */
	marks: bodyMarksSchema.optional(),
	note: noteSchema
});
export type Photo = z.infer<typeof photoSchema>;

export const photoIdsSchema = z.array(idSchema).max(24);

/** A photo of which no more is known than what its file says. */
export const freshPhoto = (given: Omit<Photo, 'rev' | 'note'> & Partial<Photo>): Photo => ({
	rev: 0,
	note: '',
	...given
});

/** The link from a record to the photos that are its own. */
export const ownPhotos = <T extends { photos: Id[] }>() => ({
	to: 'photos',
	words: 'a photo',
	holders: ({ photos }: T) => photos,
	by: { index: 'photos', key: ({ id }: { id: Id }) => id },
	owns: true,
	whenGone: (draft: T, gone: ReadonlySet<Id>) => {
		draft.photos = draft.photos.filter((id) => !gone.has(id));
	}
});

/** Up to version 3, photos were named by keys that no version ever stored bytes under. */
export const withoutPhotoKeys = (record: OldRecord): OldRecord => ({
	...record,
	photos: [],
	...(Array.isArray(record.elements) && {
		elements: record.elements.map((element: OldRecord) => {
			const { place: _place, ...rest } = element;
			return rest;
		})
	})
});

export const photoType = recordType({
	schema: photoSchema,
	fresh: freshPhoto,
	titleOf: ({ addedOn }: Photo) => `photo of ${addedOn}`,
	indexes: ['hash'],
	links: [],
	since: 4,
	migrations: []
});
