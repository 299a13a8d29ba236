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
import { eventSchema, forEvent, ofClient } from './event';
import { listingSchema, shopSchema } from './market';
import { givenTwice, recordType, type OldRecord } from './record-type';
import { schoolsSchema } from './schools';
import { frozenGarmentSchema, frozenReferenceSchema } from './snapshot';

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
	/** Was it chosen by the stylist, or by matching the whole wardrobe? What was chosen is not changed unasked. */
	byHand: z.boolean(),
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

/** The day as it was when the echo was last looked over for it: what is different since is told. */
export const plannedDaySchema = eventSchema.pick({
	date: true,
	time: true,
	place: true,
	setting: true,
	dressCode: true,
	standingHours: true,
	walkingKm: true,
	food: true,
	weather: true
});
export type PlannedDay = z.infer<typeof plannedDaySchema>;

const echoFields = z.object({
	...recordFields,
	clientId: idSchema,
	referenceId: idSchema,
	eventId: idSchema.optional(),
	title: nameSchema,
	createdOn: dateSchema,
	schools: schoolsSchema,
	matches: z.array(matchSchema).max(60),
	extras: z.array(extraSchema).max(60),
	/** Findings of the eye that are let stand. */
	dismissed: z.array(dismissalSchema).max(400),
	spendLimit: priceSchema.optional(),
	plannedFor: plannedDaySchema.optional(),
	/** What is prepared already, by the key of the task and the day on which it was done. */
	prepared: z.array(z.object({ task: z.string().min(1).max(120), on: dateSchema })).max(200),
	/** Put by until its weather comes: the months, 1 to 12, in which it can be worn. */
	hold: z.object({ months: z.array(z.int().min(1).max(12)).min(1).max(12), since: dateSchema }).optional(),
	/** Oldest first. */
	judgements: z.array(judgementSchema).max(400)
});
type EchoFields = z.infer<typeof echoFields>;

const idsInside = ({ matches, extras, judgements }: EchoFields) =>
	[...matches, ...extras, ...judgements].map(({ id }) => id);

export const echoSchema = echoFields.superRefine((echo, context) => {
	const refuse = (path: string, message: string) =>
		context.addIssue({ code: 'custom', path: [path], message });
	if (givenTwice(idsInside(echo)).length > 0)
		refuse('matches', 'two matches, extras or judgements have the same id');
	if (givenTwice(echo.matches.flatMap(({ elementIds }) => elementIds)).length > 0)
		refuse('matches', 'two matches answer the same element');
});
export type Echo = z.infer<typeof echoSchema>;

/** An echo in which nothing is chosen yet. */
export const freshEcho = (
	given: Pick<Echo, 'id' | 'clientId' | 'referenceId' | 'title' | 'createdOn'> & Partial<Echo>
): Echo => ({
	rev: 0,
	schools: {},
	matches: [],
	extras: [],
	dismissed: [],
	prepared: [],
	judgements: [],
	...given
});

const itemsOf = ({ matches, extras }: EchoFields): Item[] => [
	...matches.flatMap(({ items, backups }) => [...items, ...backups]),
	...extras.map(({ item }) => item)
];
const owned = (echo: EchoFields) => itemsOf(echo).filter((item) => item.source === 'piece');
const isGone = (item: Item, gone: ReadonlySet<string>) =>
	item.source === 'piece' &&
	[item.pieceId, item.partId, item.configurationId].some((id) => id !== undefined && gone.has(id));

/** Takes out of an echo what is worn no more; a match that is left with nothing goes. */
function withoutItems(draft: Echo, gone: ReadonlySet<string>) {
	const left = (items: Item[]) => items.filter((item) => !isGone(item, gone));
	draft.matches = draft.matches
		.map((match) => ({ ...match, items: left(match.items), backups: left(match.backups) }))
		.filter(({ state, items }) => state !== 'items' || items.length > 0);
	draft.extras = draft.extras.filter(({ item }) => !isGone(item, gone));
}

/** Takes out of an echo what answered elements that are gone. */
function withoutElements(draft: Echo, gone: ReadonlySet<string>) {
	draft.matches = draft.matches
		.map((match) => ({ ...match, elementIds: match.elementIds.filter((id) => !gone.has(id)) }))
		.filter(({ elementIds }) => elementIds.length > 0);
	draft.dismissed = draft.dismissed.filter(({ pieces }) => !pieces.some((id) => gone.has(id)));
}

/** Boards, photos and recipe of a judged reference were never shown again. */
function withPlainReference(judgement: unknown): unknown {
	if (typeof judgement !== 'object' || judgement === null || !('reference' in judgement)) return judgement;
	const {
		boards: _boards,
		photos: _photos,
		recipe: _recipe,
		...reference
	} = judgement.reference as OldRecord;
	return { ...judgement, reference };
}

export const echoType = recordType({
	schema: echoSchema,
	fresh: freshEcho,
	titleOf: ({ title }: Echo) => title,
	indexes: ['clientId', 'referenceId', 'eventId', 'createdOn'],
	links: [
		ofClient<Echo>(),
		{
			to: 'references',
			words: 'its reference, or an element of it,',
			holders: ({ referenceId }: Echo) => [referenceId],
			inner: ({ matches }: Echo) => matches.flatMap(({ elementIds }) => elementIds),
			by: { index: 'referenceId', key: ({ id }) => id },
			whenGone: 'remove',
			whenInnerGone: withoutElements
		},
		forEvent<Echo>(),
		{
			to: 'pieces',
			words: 'a piece that is worn in it, or a part of one,',
			holders: (echo: Echo) => owned(echo).map(({ pieceId }) => pieceId),
			inner: (echo: Echo) =>
				owned(echo).flatMap(({ partId, configurationId }) =>
					configurationId === undefined ? [partId] : [partId, configurationId]
				),
			by: { index: 'clientId', key: (piece) => piece.clientId as string },
			whenGone: withoutItems,
			whenInnerGone: withoutItems
		}
	],
	since: 1,
	migrations: [
		{ version: 3, name: 'findings-let-stand', up: (echo) => ({ ...echo, dismissed: [] }) },
		{
			version: 4,
			name: 'plain-judgements-and-whose-choice',
			up: ({ judgements, matches, ...echo }) => ({
				...echo,
				matches: Array.isArray(matches)
					? matches.map((match: OldRecord) => ({ ...match, byHand: true }))
					: matches,
				judgements: Array.isArray(judgements) ? judgements.map(withPlainReference) : judgements
			})
		},
		{ version: 6, name: 'what-is-prepared', up: (echo) => ({ prepared: [], ...echo }) }
	]
});
