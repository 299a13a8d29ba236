import * as z from 'zod';
import { moveIds, type MoveId } from '../lexicon/moves';
import { sides } from '../lexicon/sides';
import { isGarmentType } from '../lexicon/taxonomy';
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
import { clientAnswerSchema } from './client-answer';
import { eventSchema, forEvent, ofClient } from './event';
import { listingSchema, shopSchema } from './market';
import { photoIdsSchema } from './photo';
import { givenTwice, recordType, type OldRecord } from './record-type';
import { schoolsSchema } from './schools';
import { frozenGarmentSchema, frozenReferenceSchema } from './snapshot';
import { elementRatingSchema } from './try-on';

/** Why a match or a substitute was taken. */
export const matchReasons = [
	'owned',
	'sold-out',
	'body',
	'occasion',
	'weather',
	'ethics',
	'price',
	'never-buy',
	'to-hunt',
	'to-make',
	'other'
] as const;
export type MatchReason = (typeof matchReasons)[number];

/** What a piece is beside the reference's. */
export const besides = ['better', 'same', 'worse'] as const;

/** Why a finding is let stand. */
export const dismissalReasons = [
	'meant',
	'client-wants-it',
	'reference-has-it',
	'seen-to',
	'not-so'
] as const;

/** Where one of a pair is worn by itself, its other being another thing or none. */
const oneOfPair = { side: z.enum(sides).optional() };

/** One thing worn: a part of an owned piece in a configuration, or a listing as it was when it was chosen. */
export const itemSchema = z.discriminatedUnion('source', [
	z.object({
		...oneOfPair,
		source: z.literal('piece'),
		pieceId: idSchema,
		partId: idSchema,
		configurationId: idSchema.optional(),
		/** Parts that are worn with it, where it is the whole of them: they are taken, too. */
		takes: z.array(idSchema).min(2).max(5).optional(),
		/** What it is turned into for the look, as a shirt that is worn as a dress. */
		becomes: z.enum(transformationIds).optional()
	}),
	z.object({
		...oneOfPair,
		source: z.literal('listing'),
		listing: listingSchema,
		/** Of a set that comes apart, the type of the part that is worn: it is bought whole all the same. */
		part: z.string().refine(isGarmentType, { error: 'is no garment type of the taxonomy' }).optional(),
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
	/** What is there in its place, or could be, in the stylist's words. */
	instead: z.string().max(200),
	/** What was taken in place of the reference's piece, beside it. */
	beside: z.object({ is: z.enum(besides), why: z.string().max(200) }).optional(),
	note: noteSchema
});
export type Match = z.infer<typeof matchSchema>;

/** Worn, checked and paid though no element asks for it; underpinnings among them. */
export const extraSchema = z.object({
	id: idSchema,
	item: itemSchema,
	kind: z.enum(['extra', 'underpinning']),
	/** How it is worn. */
	movesDone: z.array(z.enum(moveIds as [MoveId, ...MoveId[]])),
	/** Where something is worn in its place already: over that, or beside it. */
	placed: z.enum(['over', 'beside']).optional(),
	/** Fixed by hand: nothing automatic may change it. */
	pinned: z.boolean(),
	note: noteSchema
});
export type Extra = z.infer<typeof extraSchema>;

/** Why nothing answers an element, and what could. */
export const gapNoteSchema = z.object({
	elementId: idSchema,
	reason: z.enum(matchReasons),
	instead: z.string().max(200),
	note: noteSchema
});
export type GapNote = z.infer<typeof gapNoteSchema>;

/** What a version of an echo is for; the name says it in words. */
export const versionKinds = ['fitted', 'restyled', 'day', 'evening', 'wearable'] as const;

/** An echo as it was put together at one time, under a name: to be looked at beside others, and gone back to. */
export const versionSchema = z.object({
	id: idSchema,
	name: nameSchema,
	kind: z.enum(versionKinds),
	on: dateSchema,
	matches: z.array(matchSchema).max(60),
	extras: z.array(extraSchema).max(60),
	gapNotes: z.array(gapNoteSchema).max(60)
});
export type Version = z.infer<typeof versionSchema>;

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
	gapNotes: z.array(gapNoteSchema).max(60),
	/** Named versions, the oldest first. What is worn now stands above. */
	versions: z.array(versionSchema).max(24),
	/** Findings of the eye that are let stand. */
	dismissed: z.array(dismissalSchema).max(400),
	spendLimit: priceSchema.optional(),
	plannedFor: plannedDaySchema.optional(),
	/** What is prepared already, by the key of the task and the day on which it was done. */
	prepared: z.array(z.object({ task: z.string().min(1).max(120), on: dateSchema })).max(200),
	/** Put by until its weather comes: the months, 1 to 12, in which it can be worn. */
	hold: z.object({ months: z.array(z.int().min(1).max(12)).min(1).max(12), since: dateSchema }).optional(),
	/** What the client answered to what was handed over, the oldest first. */
	answers: z.array(clientAnswerSchema).max(40),
	/** Oldest first. */
	judgements: z.array(judgementSchema).max(400)
});
type EchoFields = z.infer<typeof echoFields>;

const idsInside = ({ matches, extras, judgements, versions }: EchoFields) =>
	[...matches, ...extras, ...judgements, ...versions].map(({ id }) => id);

export const echoSchema = echoFields.superRefine((echo, context) => {
	const refuse = (path: string, message: string) =>
		context.addIssue({ code: 'custom', path: [path], message });
	if (givenTwice(idsInside(echo)).length > 0)
		refuse('matches', 'two matches, extras, versions or judgements have the same id');
	if (givenTwice(echo.matches.flatMap(({ elementIds }) => elementIds)).length > 0)
		refuse('matches', 'two matches answer the same element');
});
export type Echo = z.infer<typeof echoSchema>;

/** A match by hand of owned things, of which no more is known than what it answers. */
export const freshMatch = (given: Pick<Match, 'id' | 'elementIds'> & Partial<Match>): Match => ({
	state: 'items',
	items: [],
	movesDone: [],
	reason: 'owned',
	pinned: false,
	byHand: true,
	backups: [],
	instead: '',
	note: '',
	...given
});

/** Something worn that no element asks for. */
export const freshExtra = (given: Pick<Extra, 'id' | 'item'> & Partial<Extra>): Extra => ({
	kind: 'extra',
	movesDone: [],
	pinned: false,
	note: '',
	...given
});

/** An echo in which nothing is chosen yet. */
export const freshEcho = (
	given: Pick<Echo, 'id' | 'clientId' | 'referenceId' | 'title' | 'createdOn'> & Partial<Echo>
): Echo => ({
	rev: 0,
	schools: {},
	matches: [],
	extras: [],
	gapNotes: [],
	versions: [],
	dismissed: [],
	prepared: [],
	answers: [],
	judgements: [],
	...given
});

/** What is put together: as it is worn now, and in each version. Records of older files have no versions. */
type PutTogether = Pick<Version, 'matches' | 'extras'> & Partial<Pick<Version, 'gapNotes'>>;
const putTogether = (echo: PutTogether & { versions?: Version[] }): PutTogether[] => [
	echo,
	...(echo.versions ?? [])
];

const itemsOf = ({ matches, extras }: PutTogether): Item[] => [
	...matches.flatMap(({ items, backups }) => [...items, ...backups]),
	...extras.map(({ item }) => item)
];
const owned = (echo: EchoFields) =>
	putTogether(echo)
		.flatMap(itemsOf)
		.filter((item) => item.source === 'piece');
const partsIn = ({ partId, configurationId, takes = [] }: Extract<Item, { source: 'piece' }>) => [
	partId,
	...takes,
	...(configurationId === undefined ? [] : [configurationId])
];
const isGone = (item: Item, gone: ReadonlySet<string>) =>
	item.source === 'piece' && [item.pieceId, ...partsIn(item)].some((id) => gone.has(id));

/** Takes out of an echo what is worn no more; a match that is left with nothing goes. */
function withoutItems(draft: Echo, gone: ReadonlySet<string>) {
	const left = (items: Item[]) => items.filter((item) => !isGone(item, gone));
	for (const worn of putTogether(draft)) {
		worn.matches = worn.matches
			.map((match) => ({ ...match, items: left(match.items), backups: left(match.backups) }))
			.filter(({ state, items }) => state !== 'items' || items.length > 0);
		worn.extras = worn.extras.filter(({ item }) => !isGone(item, gone));
	}
}

/** Takes out of an echo what answered elements that are gone. */
function withoutElements(draft: Echo, gone: ReadonlySet<string>) {
	for (const worn of putTogether(draft)) {
		worn.matches = worn.matches
			.map((match) => ({ ...match, elementIds: match.elementIds.filter((id) => !gone.has(id)) }))
			.filter(({ elementIds }) => elementIds.length > 0);
		if (worn.gapNotes) worn.gapNotes = worn.gapNotes.filter(({ elementId }) => !gone.has(elementId));
	}
	draft.dismissed = draft.dismissed.filter(({ pieces }) => !pieces.some((id) => gone.has(id)));
}

/** Each of a list of old records as it is now; what is no list is left for the schema to tell. */
const eachOf = (records: unknown, now: (record: OldRecord) => OldRecord): unknown =>
	Array.isArray(records) ? records.map((record: OldRecord) => now(record)) : records;

/** What no judgement before had: pictures, findings, and what was found piece by piece. */
const withPictures = ({ verdict, ...judgement }: OldRecord): OldRecord => ({
	photos: [],
	findings: [],
	...judgement,
	verdict:
		typeof verdict === 'object' && verdict !== null ? { pieces: [], ...(verdict as OldRecord) } : verdict
});

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
	innerIds: ({ versions }: Echo) => versions.map(({ id }) => id),
	links: [
		ofClient<Echo>(),
		{
			// A picture that was judged stays, though its try-on goes. Such pictures are few: they need no index.
			to: 'photos',
			words: 'a picture that was judged',
			holders: ({ judgements }: Echo) => judgements.flatMap(({ photos }) => photos),
			owns: true,
			whenGone: (draft: Echo, gone: ReadonlySet<string>) => {
				for (const judgement of draft.judgements)
					judgement.photos = judgement.photos.filter((id) => !gone.has(id));
			}
		},
		{
			to: 'references',
			words: 'its reference, or an element of it,',
			holders: ({ referenceId }: Echo) => [referenceId],
			inner: (echo: Echo) =>
				putTogether(echo).flatMap(({ matches, gapNotes = [] }) => [
					...matches.flatMap(({ elementIds }) => elementIds),
					...gapNotes.map(({ elementId }) => elementId)
				]),
			by: { index: 'referenceId', key: ({ id }) => id },
			whenGone: 'remove',
			whenInnerGone: withoutElements
		},
		forEvent<Echo>(),
		{
			to: 'pieces',
			words: 'a piece that is worn in it, or a part of one,',
			holders: (echo: Echo) => owned(echo).map(({ pieceId }) => pieceId),
			inner: (echo: Echo) => owned(echo).flatMap(partsIn),
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
				matches: eachOf(matches, (match) => ({ ...match, byHand: true })),
				judgements: Array.isArray(judgements) ? judgements.map(withPlainReference) : judgements
			})
		},
		{ version: 6, name: 'what-is-prepared', up: (echo) => ({ prepared: [], ...echo }) },
		{
			version: 7,
			name: 'versions-and-why-not',
			up: ({ matches, extras, ...echo }) => ({
				gapNotes: [],
				versions: [],
				...echo,
				matches: eachOf(matches, (match) => ({ instead: '', ...match })),
				extras: eachOf(extras, (extra) => ({ movesDone: [], pinned: false, ...extra }))
			})
		},
		{
			version: 10,
			name: 'pictures-judged-and-clients-answers',
			up: ({ judgements, ...echo }) => ({
				answers: [],
				...echo,
				judgements: eachOf(judgements, withPictures)
			})
		}
	]
});
