/** What is put together for an echo: the things that are worn, what they answer, what is worn besides, and earlier states of it. */
import * as z from 'zod';
import { moveIds, type MoveId } from '../lexicon/moves';
import { sides } from '../lexicon/sides';
import { isGarmentType } from '../lexicon/taxonomy';
import { transformationIds } from '../lexicon/transformation-ids';
import { dateSchema, idSchema, nameSchema, noteSchema } from './basics';
import { listingSchema, shopSchema } from './market';

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

/** What is put together: as it is worn now, and in each version. Records of older files have no versions. */
export type PutTogether = Pick<Version, 'matches' | 'extras'> & Partial<Pick<Version, 'gapNotes'>>;
export const putTogether = (echo: PutTogether & { versions?: Version[] }): PutTogether[] => [
	echo,
	...(echo.versions ?? [])
];

export const itemsOf = ({ matches, extras }: PutTogether): Item[] => [
	...matches.flatMap(({ items, backups }) => [...items, ...backups]),
	...extras.map(({ item }) => item)
];
/** Parts and configuration of an owned piece that an item wears. */
export const partsIn = ({ partId, configurationId, takes = [] }: Extract<Item, { source: 'piece' }>) => [
	partId,
	...takes,
	...(configurationId === undefined ? [] : [configurationId])
];
export const isGone = (item: Item, gone: ReadonlySet<string>) =>
	item.source === 'piece' && [item.pieceId, ...partsIn(item)].some((id) => gone.has(id));
