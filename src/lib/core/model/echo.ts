import * as z from 'zod';
import { dateSchema, idSchema, nameSchema, priceSchema, recordFields } from './basics';
import { clientAnswerSchema } from './client-answer';
import { eventSchema, forEvent, ofClient } from './event';
import { judgementSchema } from './judgement';
import { givenTwice, recordType, type OldRecord } from './record-type';
import { schoolsSchema } from './schools';
import {
	extraSchema,
	gapNoteSchema,
	isGone,
	itemsOf,
	matchSchema,
	partsIn,
	putTogether,
	versionSchema,
	type Item
} from './worn';

/** Why a finding is let stand. */
export const dismissalReasons = [
	'meant',
	'client-wants-it',
	'reference-has-it',
	'seen-to',
	'not-so'
] as const;

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

const owned = (echo: EchoFields) =>
	putTogether(echo)
		.flatMap(itemsOf)
		.filter((item) => item.source === 'piece');
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
			mayName: ({ clientId }: Echo, piece) => piece.clientId === clientId,
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
