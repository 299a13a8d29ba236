import * as z from 'zod';
import { moveIds, type MoveId } from '../lexicon/moves';
import { transformationIds } from '../lexicon/transformation-ids';
import {
	dateSchema,
	idSchema,
	moneySchema,
	momentSchema,
	nameSchema,
	noteSchema,
	priceSchema,
	recordFields
} from './basics';
import { garmentSchema } from './garment';
import { listingSchema, shopSchema } from './market';
import { referenceSchema } from './reference';
import { schoolsSchema } from './schools';

/** Why a match or a substitute was taken. */
export const matchReasons = [
	'owned',
	'sold-out',
	'body',
	'weather',
	'ethics',
	'price',
	'never-buy',
	'other'
] as const;

/** Why a finding is let stand. */
export const dismissalReasons = [
	'meant',
	'client-wants-it',
	'reference-has-it',
	'seen-to',
	'not-so'
] as const;

/** One thing worn: a part of an owned piece in a configuration, or a listing as it was when it was chosen. */
export const itemSchema = z.discriminatedUnion('source', [
	z.object({
		source: z.literal('piece'),
		pieceId: idSchema,
		partId: idSchema,
		configurationId: idSchema.optional(),
		/** What it is turned into for the look, as a shirt that is worn as a dress. */
		becomes: z.enum(transformationIds).optional()
	}),
	z.object({
		source: z.literal('listing'),
		listing: listingSchema,
		shop: shopSchema,
		sizeLabel: z.string().max(20).optional(),
		seenOn: dateSchema
	})
]);
export type Item = z.infer<typeof itemSchema>;

export const matchSchema = z.object({
	id: idSchema,
	/** The elements that it answers: one dress may answer top and skirt. */
	elementIds: z.array(idSchema).min(1),
	/** items: worn things · done: hair, make-up, pose · left-out: on purpose not there */
	state: z.enum(['items', 'done', 'left-out']),
	items: z.array(itemSchema),
	movesDone: z.array(z.enum(moveIds as [MoveId, ...MoveId[]])),
	reason: z.enum(matchReasons),
	/** Fixed by hand: nothing automatic may change it. */
	pinned: z.boolean(),
	backups: z.array(itemSchema),
	note: noteSchema
});
export type Match = z.infer<typeof matchSchema>;

/** Worn, checked and paid though no element asks for it; underpinnings among them. */
export const extraSchema = z.object({
	id: idSchema,
	item: itemSchema,
	kind: z.enum(['extra', 'underpinning']),
	note: noteSchema
});

export const verdictSchema = z.object({
	ownRating: z.int().min(0).max(100),
	wouldWear: z.enum(['yes', 'with-changes', 'no']),
	note: noteSchema
});
export type Verdict = z.infer<typeof verdictSchema>;

export const lossKinds = [
	'gap',
	'left-out',
	'too-far',
	'aspect',
	'signature',
	'colour-story',
	'silhouette',
	'moves'
] as const;

/** What was judged, as it was then: later edits of reference, pieces or prices do not rewrite it. */
export const judgementSchema = z.object({
	id: idSchema,
	verdict: verdictSchema,
	judgedAt: momentSchema,
	methodVersion: z.string(),
	schools: schoolsSchema,
	score: z.number().min(0).max(100),
	band: z.string(),
	losses: z.array(
		z.object({
			elementId: idSchema,
			kind: z.enum(lossKinds),
			aspect: z.string().optional(),
			points: z.number().min(0)
		})
	),
	total: moneySchema.optional(),
	reference: referenceSchema,
	worn: z.array(
		z.object({
			elementIds: z.array(idSchema),
			title: z.string(),
			garment: garmentSchema.optional(),
			price: moneySchema.optional()
		})
	)
});
export type Judgement = z.infer<typeof judgementSchema>;

/** A finding that the stylist has looked at and lets stand. */
export const dismissalSchema = z.object({
	/** The rule that raised it. */
	rule: z.string().min(1).max(60),
	/** What it was said of: elements of the reference, or extras. */
	pieces: z.array(idSchema),
	reason: z.enum(dismissalReasons),
	on: dateSchema
});
export type Dismissal = z.infer<typeof dismissalSchema>;

export const echoSchema = z.object({
	...recordFields,
	clientId: idSchema,
	referenceId: idSchema,
	eventId: idSchema.optional(),
	title: nameSchema,
	createdOn: dateSchema,
	schools: schoolsSchema,
	matches: z.array(matchSchema),
	extras: z.array(extraSchema),
	/** Findings of the eye that are let stand. */
	dismissed: z.array(dismissalSchema),
	spendLimit: priceSchema.optional(),
	/** Oldest first. */
	judgements: z.array(judgementSchema)
});
export type Echo = z.infer<typeof echoSchema>;
