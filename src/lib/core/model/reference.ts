import * as z from 'zod';
import { facetIds } from '../lexicon/facets';
import { moveIds, type MoveId } from '../lexicon/moves';
import { roleIds } from '../lexicon/roles';
import { idSchema, nameSchema, noteSchema, recordFields } from './basics';
import { garmentSchema } from './garment';
import { degreeIds } from './recipe';

/** What of an element can be signature or open: its facets, and the four that are not facets. */
export const aspectIds = ['type', ...facetIds, 'palette', 'print', 'metal'] as const;
export type AspectId = (typeof aspectIds)[number];

export const elementSchema = z.object({
	id: idSchema,
	garment: garmentSchema,
	/** Place in the order of importance, 1 first; equal numbers are ties. */
	rank: z.int().min(1),
	role: z.enum(roleIds),
	/** The stylist's own correction of the weight; 1 leaves it to rank and role. */
	weightFactor: z.number().gt(0).max(10),
	signature: z.array(z.enum(aspectIds)),
	open: z.array(z.enum(aspectIds)),
	moves: z.array(z.enum(moveIds as [MoveId, ...MoveId[]])),
	note: noteSchema,
	/** Region on a photo of the reference, in shares of its width and height. */
	place: z
		.object({
			photo: z.string().max(128),
			x: z.number().min(0).max(1),
			y: z.number().min(0).max(1),
			width: z.number().gt(0).max(1),
			height: z.number().gt(0).max(1)
		})
		.optional()
});
export type Element = z.infer<typeof elementSchema>;

export const referenceKinds = ['person', 'era', 'aesthetic'] as const;

export const referenceSchema = z.object({
	...recordFields,
	kind: z.enum(referenceKinds),
	title: nameSchema,
	/** Whose look it is and where it was seen. */
	credit: z.object({ who: z.string().max(120), source: z.string().max(200) }),
	boards: z.array(z.string().min(1).max(60)),
	photos: z.array(z.string().max(128)),
	/** The recipe that it was made from, and how far that was taken. */
	recipe: z.object({ id: idSchema, title: nameSchema, degree: z.enum(degreeIds) }).optional(),
	elements: z.array(elementSchema).max(40),
	note: noteSchema
});
export type Reference = z.infer<typeof referenceSchema>;
export type ReferenceKind = (typeof referenceKinds)[number];
