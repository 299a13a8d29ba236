import * as z from 'zod';
import { idSchema } from '../model/basics';
import { listingSchema, shopSchema } from '../model/market';
import { elementSchema } from '../model/reference';
import { schoolsSchema } from '../model/schools';

/**
 * What the browser asks a market: elements to match. No client and no measure leaves the browser; which size
 * suits is decided there.
 */
export const marketQuerySchema = z.object({
	elements: z
		.array(elementSchema.pick({ id: true, garment: true, signature: true, open: true }))
		.min(1)
		.max(40),
	schools: schoolsSchema.optional(),
	/** Best listings an element, 1 to 50. */
	most: z.int().min(1).max(50).default(12)
});
export type MarketQuery = z.input<typeof marketQuerySchema>;

export const marketAnswerSchema = z.object({
	simulated: z.boolean(),
	shops: z.array(shopSchema),
	matches: z.array(
		z.object({
			elementId: idSchema,
			/** Best first. */
			listings: z.array(z.object({ listing: listingSchema, closeness: z.number().min(0).max(1) }))
		})
	)
});
export type MarketAnswer = z.infer<typeof marketAnswerSchema>;

/** What the server answers when it refuses: what was wrong, and where in the query. */
export const marketRefusalSchema = z.object({ message: z.string(), problems: z.array(z.string()) });
