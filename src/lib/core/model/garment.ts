import * as z from 'zod';
import { facetIds, facetValue, type FacetId, type ValueOf } from '../lexicon/facets';
import { metalIds } from '../lexicon/metals';
import { printIds, printScales } from '../lexicon/prints';
import type { TypeId } from '../lexicon/types';
import { isGarmentType, typeHasFacet } from '../lexicon/taxonomy';
import { provenanceSchema, type Provenance } from './basics';

const stated = <T extends z.ZodType<string>>(value: T) => z.object({ value, provenance: provenanceSchema });

interface Stated<V extends string> {
	value: V;
	provenance: Provenance;
	/** In cm, where a figure was said or measured: the value is then the nearest that has a name. */
	cm?: number;
}
type Facets = { [F in FacetId]?: Stated<ValueOf<F>> };

/** States a facet and a value that are known only as the program runs, of a table or a text that pairs them rightly. */
export function stateFacet(facets: Facets, facet: FacetId, stated: Stated<string>): void {
	(facets as Partial<Record<FacetId, Stated<string>>>)[facet] = stated;
}

export const swatchSchema = z.object({
	hex: z
		.string()
		.regex(/^#[0-9a-f]{6}$/, { error: 'must be a colour of the form #rrggbb, in small letters' }),
	/** Share of the garment that the colour covers, relative to the other swatches. */
	share: z.number().gt(0).max(1),
	provenance: provenanceSchema,
	/** How sure a measured colour is, 0..1. */
	sure: z.number().min(0).max(1).optional()
});
export type Swatch = z.infer<typeof swatchSchema>;

/** The ids of the tables are a type of their own, what is parsed and what is put in alike. */
const typeSchema = z
	.string()
	.refine(isGarmentType, { error: 'is no garment type of the taxonomy' }) as unknown as z.ZodType<
	TypeId,
	TypeId
>;

/**
 * One description for what an element of a reference, a piece of a wardrobe and a listing of a shop each have:
 * type, facets, palette, print and metal, each value with its provenance. What is not known is left out.
 */
export const garmentSchema = z
	.object({
		type: typeSchema,
		facets: z.partialRecord(
			z.enum(facetIds as [FacetId, ...FacetId[]]),
			stated(z.string()).extend({ cm: z.number().min(0).max(300).optional() })
		) as unknown as z.ZodType<Facets, Facets>,
		/** From the largest colour to the smallest; empty when the colour is not known. */
		palette: z.array(swatchSchema).max(8),
		print: z
			.object({
				family: stated(z.enum(printIds)),
				scale: stated(z.enum(printScales)).optional()
			})
			.optional(),
		metal: stated(z.enum(metalIds)).optional()
	})
	.superRefine((garment, context) => {
		if (!isGarmentType(garment.type)) return;
		for (const [facet, statedValue] of Object.entries(garment.facets)) {
			const path = ['facets', facet];
			if (!facetValue(facet as FacetId, statedValue.value))
				context.addIssue({
					code: 'custom',
					path,
					message: `"${statedValue.value}" is no value of this facet`
				});
			else if (!typeHasFacet(garment.type, facet as FacetId))
				context.addIssue({
					code: 'custom',
					path,
					message: `a garment of type "${garment.type}" has no such facet`
				});
		}
	});
export type Garment = z.infer<typeof garmentSchema>;
export type StatedValue = NonNullable<Garment['facets'][FacetId]>;
