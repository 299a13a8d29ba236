import * as z from 'zod';
import { idSchema, nameSchema, noteSchema, provenanceSchema } from './basics';
import type { Reference } from './reference';

/**
 * What a judgement keeps of the things that it judged. The ids of types, features and moves are kept as the text that they
 * were: a lexicon that has since renamed or dropped one must still open the judgement.
 */
const word = z.string().max(60);
const frozenValue = z.object({ value: word, provenance: provenanceSchema });

export const frozenGarmentSchema = z.object({
	type: word,
	facets: z.record(word, frozenValue.extend({ cm: z.number().optional() })),
	palette: z
		.array(z.object({ hex: z.string().max(9), share: z.number(), provenance: provenanceSchema }))
		.max(8),
	print: z.object({ family: frozenValue, scale: frozenValue.optional() }).optional(),
	metal: frozenValue.optional()
});

export const frozenReferenceSchema = z.object({
	id: idSchema,
	rev: z.int().min(0),
	kind: word,
	title: nameSchema,
	credit: z.object({ who: z.string().max(120), source: z.string().max(200) }),
	elements: z
		.array(
			z.object({
				id: idSchema,
				garment: frozenGarmentSchema,
				rank: z.int().min(1),
				role: word,
				weightFactor: z.number(),
				signature: z.array(word),
				open: z.array(word),
				moves: z.array(word),
				count: z.number().optional(),
				side: word.optional(),
				note: noteSchema
			})
		)
		.max(40),
	note: noteSchema
});

/** A reference as a judgement keeps it. */
export function frozenReference({
	id,
	rev,
	kind,
	title,
	credit,
	elements,
	note
}: Reference): z.infer<typeof frozenReferenceSchema> {
	return {
		id,
		rev,
		kind,
		title,
		credit,
		elements: elements.map(({ regions: _regions, ...element }) => element),
		note
	};
}
