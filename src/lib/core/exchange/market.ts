import * as z from 'zod';
import { slotIds, type SlotId } from '../lexicon/slots';
import { dateSchema, idSchema, priceSchema } from '../model/basics';
import { garmentSchema } from '../model/garment';
import { listingSchema, shopSchema } from '../model/market';
import { elementSchema } from '../model/reference';
import { schoolsSchema } from '../model/schools';

/** The shops of a market, without their stock. */
export const marketShopsSchema = z.object({ simulated: z.boolean(), shops: z.array(shopSchema).max(200) });
export type MarketShops = z.infer<typeof marketShopsSchema>;

/** By shop, the labels in which a thing suits; nothing of a shop leaves its sizes open. */
const labelsSchema = z.record(idSchema, z.array(z.string().min(1).max(20)).max(12));

/**
 * What the browser asks a market: elements to match, and the size labels that it worked out. No client and no measure leaves the
 * browser.
 */
export const marketQuerySchema = z.object({
	elements: z
		.array(
			elementSchema
				.pick({ id: true, garment: true, signature: true, open: true })
				.extend({ labels: labelsSchema.optional() })
		)
		.min(1)
		.max(40),
	schools: schoolsSchema.optional(),
	/** Best listings an element, 1 to 50. */
	most: z.int().min(1).max(50).default(12),
	/** The day on which it is asked: prices and stock are of that day. */
	on: dateSchema
});
export type MarketQuery = z.input<typeof marketQuerySchema>;

export const marketAnswerSchema = marketShopsSchema.extend({
	matches: z.array(
		z.object({
			elementId: idSchema,
			/** In stock in a size that was asked for, best first; then a few that are not, best first. */
			listings: z.array(z.object({ listing: listingSchema, closeness: z.number().min(0).max(1) }))
		})
	)
});
export type MarketAnswer = z.infer<typeof marketAnswerSchema>;

/** What the browser asks of a market in words: what is sought, within what it may cost, fit and take, a page at a time. */
export const marketSearchSchema = z.object({
	/** What is sought, as a stylist would say it: "green velvet blazer". */
	words: z.string().trim().min(1).max(200),
	/** Whose words they are, where one means two things. */
	locale: z.enum(['uk', 'us']).default('uk'),
	/** What they were read as, where whoever asks has words of their own, or a skin whose nude is meant. */
	as: garmentSchema.optional(),
	/** Where on the body it is worn. */
	slot: z.enum(slotIds as [SlotId, ...SlotId[]]).optional(),
	/** The most that it may cost; a price in another currency is no reason against it. */
	most: priceSchema.optional(),
	labels: labelsSchema.optional(),
	/** The last day on which it may arrive. */
	by: dateSchema.optional(),
	conditions: z.array(listingSchema.shape.condition).min(1).max(4).optional(),
	/** Things a page. */
	page: z.int().min(1).max(50).default(24),
	/** Where the page begins: the `next` of the one before. */
	cursor: z
		.string()
		.regex(/^\d{1,5}$/, { error: 'is no cursor that was given' })
		.optional(),
	on: dateSchema
});
export type MarketSearch = z.input<typeof marketSearchSchema>;
export const marketSearchAnswerSchema = marketShopsSchema.extend({
	/** Closest first, each thing in its best colour. */
	listings: z.array(z.object({ listing: listingSchema, closeness: z.number().min(0).max(1) })),
	/** Words of the question that were not understood. */
	unread: z.array(z.string()),
	/** Where the next page begins; nothing on the last. */
	next: z.string().optional()
});
export type MarketSearchAnswer = z.infer<typeof marketSearchAnswerSchema>;

/** What the browser asks of things that it knows: how they stand on a day. */
export const listingsQuerySchema = z.object({
	ids: z.array(idSchema).min(1).max(400),
	on: dateSchema
});
export type ListingsQuery = z.infer<typeof listingsQuerySchema>;
/** The listings that the market knows, in the order of the question; what it does not know is left out. */
export const listingsAnswerSchema = marketShopsSchema.extend({ listings: z.array(listingSchema) });
export type ListingsAnswer = z.infer<typeof listingsAnswerSchema>;

/** What the browser asks of parcels: when each was ordered, and how long its things take. */
export const parcelsQuerySchema = z.object({
	parcels: z
		.array(z.object({ id: idSchema, orderedOn: dateSchema, arrivesInDays: z.int().min(0).max(120) }))
		.min(1)
		.max(400),
	on: dateSchema
});
export type ParcelsQuery = z.infer<typeof parcelsQuerySchema>;
export const parcelStates = ['ordered', 'packed', 'on-its-way', 'arrived'] as const;
export const parcelsAnswerSchema = z.object({
	simulated: z.boolean(),
	parcels: z.array(
		z.object({
			id: idSchema,
			state: z.enum(parcelStates),
			/** The day on which it came, or is expected. */
			arrives: dateSchema
		})
	)
});
export type ParcelsAnswer = z.infer<typeof parcelsAnswerSchema>;

/** A refusal as RFC 9457 has it (problem details for HTTP APIs): what was wrong, and where in the question. */
export const problemSchema = z.object({
	type: z.string(),
	title: z.string(),
	status: z.int().min(400).max(599),
	detail: z.string().optional(),
	/** Places in the question, each with what is wrong there. */
	problems: z.array(z.string()).optional()
});
export type Problem = z.infer<typeof problemSchema>;
