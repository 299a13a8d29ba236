import * as z from 'zod';
import { dateSchema, idSchema, nameSchema, priceSchema } from './basics';
import { garmentSchema } from './garment';

/** From, and up to but not with. */
const rangeSchema = z.tuple([z.number(), z.number()]);

/** A shop's size label with the body girths in cm that it is cut for. */
export const sizeRowSchema = z.object({
	label: z.string().min(1).max(20),
	bustCm: rangeSchema.optional(),
	waistCm: rangeSchema.optional(),
	hipCm: rangeSchema.optional(),
	/** Inside leg, for trousers sold by waist and length. */
	inseamCm: rangeSchema.optional(),
	/** Height of the body, for petite, regular and tall. */
	statureCm: rangeSchema.optional(),
	footCm: rangeSchema.optional()
});
export type SizeRow = z.infer<typeof sizeRowSchema>;

/** Labels of what has no size, and of what is made for who orders it. */
export const oneSize = 'one size';
export const madeToMeasure = 'made to measure';
export const sizesForAll: readonly string[] = [oneSize, madeToMeasure];

export const shopSchema = z.object({
	id: idSchema,
	name: nameSchema,
	/** True for the stand-ins that ship with the app; said on screen. */
	simulated: z.boolean(),
	secondHand: z.boolean(),
	sizeChart: z.object({
		clothes: z.array(sizeRowSchema),
		shoes: z.array(sizeRowSchema),
		/** Trousers, where they are sold by waist and length. */
		trousers: z.array(sizeRowSchema).optional()
	}),
	postage: z.object({ flat: priceSchema, freeFrom: priceSchema.optional() }),
	returns: z.object({ days: z.int().min(0), cost: priceSchema }),
	/** Charged on goods and postage that come from abroad, as a share of both. */
	duty: z.number().min(0).max(1).optional()
});
export type Shop = z.infer<typeof shopSchema>;

/** What a price was before it was lowered: by a markdown, and by a code that is typed when paying. */
export const reductionSchema = z.object({
	usual: priceSchema,
	/** Share that is taken off the usual price, 0..1. */
	markdown: z.number().min(0).max(1).optional(),
	/** Taken off what is left after it. */
	code: z.object({ word: z.string().min(1).max(30), share: z.number().min(0).max(1) }).optional(),
	/** The last day on which the price is so low. */
	until: dateSchema.optional()
});
export type Reduction = z.infer<typeof reductionSchema>;

/** A size as it is in stock; where it is sold out, the day on which it is expected again. */
const stockedSizeSchema = z.object({
	label: z.string().min(1).max(20),
	inStock: z.int().min(0),
	again: dateSchema.optional()
});

export const listingSchema = z.object({
	id: idSchema,
	shopId: idSchema,
	title: nameSchema,
	garment: garmentSchema,
	/** What is charged for it on the day on which it is seen. */
	price: priceSchema,
	reduced: reductionSchema.optional(),
	/** Its colour as the shop calls it, where there are several; the others are listings of their own. */
	colour: z.string().min(1).max(60).optional(),
	alsoIn: z
		.array(z.object({ listingId: idSchema, colour: z.string().min(1).max(60), isInStock: z.boolean() }))
		.max(12)
		.optional(),
	/** Where it is one of a set that is sold apart: the others. */
	soldWith: z
		.array(z.object({ listingId: idSchema, title: nameSchema }))
		.max(4)
		.optional(),
	tier: z.enum(['save', 'middle', 'spend']),
	condition: z.enum(['new', 'like-new', 'good', 'worn']),
	sizes: z.array(stockedSizeSchema).min(1),
	arrivesInDays: z.int().min(0).max(120)
});
export type Listing = z.infer<typeof listingSchema>;
