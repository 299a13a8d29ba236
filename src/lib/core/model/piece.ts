import * as z from 'zod';
import { dateSchema, idSchema, nameSchema, noteSchema, priceSchema, recordFields } from './basics';
import { garmentSchema } from './garment';

/** A part of a piece that can be worn by itself: the jacket of a suit. Most pieces have one. */
export const partSchema = z.object({ id: idSchema, name: z.string().max(80), garment: garmentSchema });

/** One of the ways a piece is made to be worn: the other side of a reversible belt. */
export const configurationSchema = z.object({
	id: idSchema,
	name: nameSchema,
	/** How the named parts look in this configuration; the others stay as they are. */
	garments: z.array(z.object({ partId: idSchema, garment: garmentSchema })).min(1)
});

export const pieceSchema = z.object({
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
	/** Keys of photos, by content. */
	photos: z.array(z.string().max(128)),
	state: z.enum(['ready', 'needs-care', 'away', 'retired']),
	/** Where it hangs. */
	place: z.string().max(80),
	note: noteSchema
});
export type Piece = z.infer<typeof pieceSchema>;
export type Part = z.infer<typeof partSchema>;
