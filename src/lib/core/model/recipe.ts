import * as z from 'zod';
import { roleIds } from '../lexicon/roles';
import { idSchema, nameSchema, noteSchema, recordFields } from './basics';
import { garmentSchema, swatchSchema } from './garment';
import { recordType } from './record-type';
import { moveIds, type MoveId } from '../lexicon/moves';

/** What a recipe's item is to it: the core makes it, the optional rounds it off, the never breaks it. */
export const recipeParts = ['core', 'optional', 'never'] as const;
export type RecipePart = (typeof recipeParts)[number];

/** How far a recipe is taken: from a touch of it to all of it. */
export const degreeIds = ['touch', 'half', 'most', 'all-in'] as const;
export type DegreeId = (typeof degreeIds)[number];

const reasonSchema = z.string().max(300);

export const recipeItemSchema = z.object({
	id: idSchema,
	part: z.enum(recipeParts),
	/** As it was said. */
	phrase: z.string().min(1).max(200),
	garment: garmentSchema,
	moves: z.array(z.enum(moveIds as [MoveId, ...MoveId[]])),
	role: z.enum(roleIds),
	reason: reasonSchema,
	/** In how many of the references it was made from the item was found, 0..1; 1 where it was written. */
	found: z.number().gt(0).max(1)
});
export type RecipeItem = z.infer<typeof recipeItemSchema>;

/** The formula of an era or an aesthetic: what it is made of, what it may have, and what breaks it. */
export const recipeSchema = z.object({
	...recordFields,
	kind: z.enum(['era', 'aesthetic']),
	title: nameSchema,
	silhouette: z.object({ volume: noteSchema, waist: noteSchema, hems: noteSchema }),
	/** Most important first within each part; hair and make-up among them. */
	items: z.array(recipeItemSchema).max(60),
	colours: z
		.array(z.object({ swatch: swatchSchema, word: z.string().max(40), reason: reasonSchema }))
		.max(12),
	cloth: z.array(z.object({ material: z.string().max(40), reason: reasonSchema })).max(12),
	note: noteSchema,
	/** The references that it was made from, where it was made from any. */
	madeFrom: z.array(idSchema)
});
export type Recipe = z.infer<typeof recipeSchema>;

export const freshRecipe = (given: Pick<Recipe, 'id' | 'kind' | 'title'> & Partial<Recipe>): Recipe => ({
	rev: 0,
	silhouette: { volume: '', waist: '', hems: '' },
	items: [],
	colours: [],
	cloth: [],
	note: '',
	madeFrom: [],
	...given
});

export const recipeType = recordType({
	schema: recipeSchema,
	fresh: freshRecipe,
	titleOf: ({ title }: Recipe) => title,
	indexes: [],
	links: [
		{
			to: 'references',
			words: 'a reference that it was made from',
			holders: ({ madeFrom }: Recipe) => madeFrom,
			whenGone: (draft: Recipe, gone: ReadonlySet<string>) => {
				draft.madeFrom = draft.madeFrom.filter((id) => !gone.has(id));
			}
		}
	],
	since: 2,
	migrations: []
});
