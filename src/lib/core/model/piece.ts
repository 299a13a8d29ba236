import * as z from 'zod';
import { dateSchema, idSchema, nameSchema, noteSchema, priceSchema, recordFields } from './basics';
import { ofClient } from './event';
import { garmentSchema } from './garment';
import { ownPhotos, photoIdsSchema, photoRegionSchema, withoutPhotoKeys } from './photo';
import { givenTwice, recordType } from './record-type';

/** A part of a piece that can be worn by itself: the jacket of a suit. Most pieces have one. */
export const partSchema = z.object({
	id: idSchema,
	name: z.string().max(80),
	garment: garmentSchema,
	/** Other parts that it is when they are worn together: a suit is its jacket and its trousers. */
	of: z.array(idSchema).min(2).max(5).optional()
});

/** One of the ways a piece is made to be worn: the other side of a reversible belt. */
export const configurationSchema = z.object({
	id: idSchema,
	name: nameSchema,
	/** How the named parts look in this configuration; the others stay as they are. */
	garments: z.array(z.object({ partId: idSchema, garment: garmentSchema })).min(1)
});

const pieceFields = z.object({
	...recordFields,
	clientId: idSchema,
	name: nameSchema,
	parts: z.array(partSchema).min(1).max(6),
	configurations: z.array(configurationSchema),
	acquired: z.object({
		how: z.enum(['new', 'pre-owned', 'vintage', 'thrifted', 'made', 'gift', 'unknown']),
		on: dateSchema.optional(),
		price: priceSchema.optional()
	}),
	sizeLabel: z.string().max(30),
	/** Own measures of the piece in cm, as "length": 62. */
	measuresCm: z.record(z.string().max(40), z.number().min(0).max(1000)),
	photos: photoIdsSchema,
	/** Where it is seen on one of its photos: what is cut out and shown on the rail. */
	picture: photoRegionSchema.optional(),
	state: z.enum(['ready', 'needs-care', 'away', 'retired']),
	/** What was altered, the oldest first. */
	alterations: z
		.array(
			z.object({
				what: z.string().trim().min(1).max(200),
				on: dateSchema.optional(),
				price: priceSchema.optional()
			})
		)
		.max(60),
	/** Where it hangs. */
	place: z.string().max(80),
	note: noteSchema
});
export type Part = z.infer<typeof partSchema>;

const innerIds = ({ parts, configurations }: z.infer<typeof pieceFields>) => [
	...parts.map(({ id }) => id),
	...configurations.map(({ id }) => id)
];

export const pieceSchema = pieceFields.superRefine((piece, context) => {
	if (givenTwice(innerIds(piece)).length > 0)
		context.addIssue({
			code: 'custom',
			path: ['parts'],
			message: 'two parts or configurations have the same id'
		});
	if (piece.picture && !piece.photos.includes(piece.picture.photo))
		context.addIssue({
			code: 'custom',
			path: ['picture'],
			message: 'it is cut out of a photo that the piece does not have'
		});
	const partIds = piece.parts.map(({ id }) => id);
	const made = piece.parts.filter(({ of }) => of !== undefined);
	piece.parts.forEach(({ id, of = [] }, i) => {
		const others = piece.parts.filter((part) => part.id !== id && part.of === undefined);
		if (!of.every((one) => others.some((part) => part.id === one)) || (made.length > 1 && of.length > 0))
			context.addIssue({
				code: 'custom',
				path: ['parts', i, 'of'],
				message: 'a piece is one whole at most, of parts that it has'
			});
	});
	piece.configurations.forEach(({ garments }, i) => {
		if (garments.some(({ partId }) => !partIds.includes(partId)))
			context.addIssue({
				code: 'custom',
				path: ['configurations', i],
				message: 'it changes a part that the piece does not have'
			});
	});
});
export type Piece = z.infer<typeof pieceSchema>;

/** The parts that show a piece once: the whole in place of what it is made of. */
export function shownParts({ parts }: Pick<Piece, 'parts'>): Part[] {
	const inWhole = new Set(parts.flatMap(({ of = [] }) => of));
	return parts.filter(({ id }) => !inWhole.has(id));
}

/** A piece of which no more is known than its parts. */
export const freshPiece = (given: Pick<Piece, 'id' | 'clientId' | 'parts'> & Partial<Piece>): Piece => ({
	rev: 0,
	name: '',
	configurations: [],
	acquired: { how: 'unknown' },
	sizeLabel: '',
	measuresCm: {},
	photos: [],
	state: 'ready',
	alterations: [],
	place: '',
	note: '',
	...given
});

const photosOfPiece = ownPhotos<Piece>();

export const pieceType = recordType({
	schema: pieceSchema,
	fresh: freshPiece,
	titleOf: ({ name }: Piece) => name,
	indexes: ['clientId', '*photos'],
	innerIds,
	links: [
		ofClient<Piece>(),
		{
			...photosOfPiece,
			whenGone: (draft: Piece, gone: ReadonlySet<string>) => {
				photosOfPiece.whenGone(draft, gone);
				if (draft.picture && gone.has(draft.picture.photo)) delete draft.picture;
			}
		}
	],
	since: 1,
	migrations: [
		{ version: 4, name: 'photos-are-records', up: withoutPhotoKeys },
		{ version: 6, name: 'alterations', up: (piece) => ({ alterations: [], ...piece }) }
	]
});
