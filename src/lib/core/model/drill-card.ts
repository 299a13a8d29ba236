import * as z from 'zod';
import { momentSchema, recordFields, type Id } from './basics';
import { recordType } from './record-type';

/** What can be drilled. */
export const drillIds = ['likeness', 'terms', 'odd-one', 'colour', 'metal'] as const;
export type DrillId = (typeof drillIds)[number];

/**
 * How well one question of a drill is known: the state of a memory model (difficulty 1..10, stability in days), when it is
 * asked again, and what was answered so far, the oldest first.
 */
export const drillCardSchema = z.object({
	...recordFields,
	drill: z.enum(drillIds),
	/** The question, by its key in the set of its drill. */
	question: z.string().min(1).max(80),
	due: momentSchema,
	stability: z.number().min(0),
	difficulty: z.number().min(0).max(10),
	scheduledDays: z.number().min(0),
	learningSteps: z.int().min(0),
	reps: z.int().min(0),
	lapses: z.int().min(0),
	/** 0 new, 1 being learnt, 2 known, 3 being learnt again */
	state: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
	lastAskedAt: momentSchema.optional(),
	answers: z
		.array(
			z.object({
				at: momentSchema,
				/** 0..1: how right it was. */
				right: z.number().min(0).max(1)
			})
		)
		.max(200)
});
export type DrillCard = z.infer<typeof drillCardSchema>;

export const freshDrillCard = (
	given: { id: Id } & Pick<DrillCard, 'drill' | 'question' | 'due'> & Partial<DrillCard>
): DrillCard => ({
	rev: 0,
	stability: 0,
	difficulty: 0,
	scheduledDays: 0,
	learningSteps: 0,
	reps: 0,
	lapses: 0,
	state: 0,
	answers: [],
	...given
});

export const drillCardType = recordType({
	schema: drillCardSchema,
	fresh: freshDrillCard,
	titleOf: ({ drill, question }: DrillCard) => `${drill}: ${question}`,
	indexes: ['drill', 'due'],
	links: [],
	since: 10,
	migrations: []
});
