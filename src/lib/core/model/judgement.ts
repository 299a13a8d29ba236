/** What an echo was judged to be, by whom and by what, as it was then. */
import * as z from 'zod';
import { dateSchema, idSchema, moneySchema, momentSchema, nameSchema, noteSchema } from './basics';
import { photoIdsSchema } from './photo';
import { frozenGarmentSchema, frozenReferenceSchema } from './snapshot';
import { elementRatingSchema } from './try-on';

export const wouldWears = ['yes', 'with-changes', 'no'] as const;
export const verdictSchema = z.object({
	ownRating: z.int().min(0).max(100),
	wouldWear: z.enum(wouldWears),
	note: noteSchema,
	/** What was found piece by piece when it was tried on. */
	pieces: z.array(elementRatingSchema).max(40),
	/** The client's own word beside the stylist's. */
	client: z.object({ wouldWear: z.enum(wouldWears), word: z.string().max(400) }).optional()
});
export type Verdict = z.infer<typeof verdictSchema>;

/**
 * What was judged, as it was then: later edits of reference, pieces or prices do not rewrite it. It is kept in plain words
 * and ids, so that it opens under any later lexicon.
 */
export const judgementSchema = z.object({
	id: idSchema,
	verdict: verdictSchema,
	judgedAt: momentSchema,
	methodVersion: z.string().max(20),
	schools: z.record(z.string().max(40), z.string().max(60)),
	score: z.number().min(0).max(100),
	band: z.string().max(60),
	losses: z.array(
		z.object({
			elementId: idSchema,
			kind: z.string().max(40),
			aspect: z.string().max(40).optional(),
			points: z.number().min(0)
		})
	),
	total: moneySchema.optional(),
	reference: frozenReferenceSchema,
	worn: z.array(
		z.object({
			elementIds: z.array(idSchema),
			title: z.string().max(400),
			garment: frozenGarmentSchema.optional(),
			price: moneySchema.optional()
		})
	),
	/** The version that was judged, by the name that it had. */
	version: nameSchema.optional(),
	/** Photographs of the try-on that it was judged by. */
	photos: photoIdsSchema,
	/** The score under the stylist's own weights, where some were taken, and the day on which they were. */
	weighed: z.object({ score: z.number().min(0).max(100), takenOn: dateSchema }).optional(),
	/** What the eye found and was not let stand, in the words that it used. */
	findings: z
		.array(z.object({ rule: z.string().max(60), severity: z.string().max(20), says: z.string().max(400) }))
		.max(60)
});
export type Judgement = z.infer<typeof judgementSchema>;
