import * as z from 'zod';
import { idSchema, nameSchema, priceSchema } from './basics';
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

export const shopSchema = z.object({
	id: idSchema,
	name: nameSchema,
	/** True for the stand-ins that ship with the app; said on screen. */
	simulated: z.boolean(),
	secondHand: z.boolean(),
	sizeChart: z.object({ clothes: z.array(sizeRowSchema), shoes: z.array(sizeRowSchema) }),
	postage: z.object({ flat: priceSchema, freeFrom: priceSchema.optional() }),
	returns: z.object({ days: z.int().min(0), cost: priceSchema })
});
export type Shop = z.infer<typeof shopSchema>;

export const listingSchema = z.object({
	id: idSchema,
	shopId: idSchema,
	title: nameSchema,
	garment: garmentSchema,
	price: priceSchema,
	tier: z.enum(['save', 'middle', 'spend']),
	condition: z.enum(['new', 'like-new', 'good', 'worn']),
	sizes: z.array(z.object({ label: z.string().min(1).max(20), inStock: z.int().min(0) })).min(1),
	arrivesInDays: z.int().min(0).max(120)
});
export type Listing = z.infer<typeof listingSchema>;
