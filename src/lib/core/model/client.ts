import * as z from 'zod';
import { effectIds } from '../lexicon/effects';
import { bodyMeasureIds, bodyMeasures } from '../lexicon/measures';
import { nameSchema, noteSchema, recordFields } from './basics';
import { recordType } from './record-type';
import { schoolsSchema } from './schools';

const measurementsSchema = z.object(
	Object.fromEntries(
		bodyMeasureIds.map((measure) => {
			const { label, min, max } = bodyMeasures[measure];
			const error = `${label} must be between ${min} and ${max} cm`;
			return [measure, z.number().min(min, { error }).max(max, { error }).optional()];
		})
	) as Record<(typeof bodyMeasureIds)[number], z.ZodOptional<z.ZodNumber>>
);

export const clientSchema = z.object({
	...recordFields,
	name: nameSchema,
	/** Who they are and what they want, in the stylist's words. */
	brief: noteSchema,
	wishedEffects: z.array(z.enum(effectIds)),
	measurements: measurementsSchema,
	/** Size labels that the client wears, as said: "UK 10", "EU 38", "M". */
	sizes: z.object({
		top: z.string().max(20).optional(),
		bottom: z.string().max(20).optional(),
		shoe: z.string().max(20).optional()
	}),
	limits: z.object({
		/** What they never wear or show, as said. */
		never: z.array(z.string().min(1).max(120)),
		maxHeelCm: z.number().min(0).max(20).optional()
	}),
	/** Materials that must not be worn, as said: "wool", "latex". */
	avoidMaterials: z.array(z.string().min(1).max(60)),
	allergies: z.array(z.string().min(1).max(60)),
	ethics: z.object({ fur: z.boolean(), leather: z.boolean() }),
	metals: z.array(z.string().max(30)),
	coloursLoved: z.array(z.string().max(40)),
	coloursRefused: z.array(z.string().max(40)),
	schools: schoolsSchema,
	/** For drawing the figure. */
	figure: z.object({
		skin: z.enum(['porcelain', 'fair', 'medium', 'olive', 'brown', 'deep']),
		hair: z.enum(['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white']),
		hairShape: z.enum(['cropped', 'bob', 'long', 'up'])
	})
});
export type Client = z.infer<typeof clientSchema>;

/** A client of whom no more is known than a name. */
export const freshClient = (given: Pick<Client, 'id'> & Partial<Client>): Client => ({
	rev: 0,
	name: '',
	brief: '',
	wishedEffects: [],
	measurements: {},
	sizes: {},
	limits: { never: [] },
	avoidMaterials: [],
	allergies: [],
	ethics: { fur: true, leather: true },
	metals: [],
	coloursLoved: [],
	coloursRefused: [],
	schools: {},
	figure: { skin: 'medium', hair: 'dark-brown', hairShape: 'up' },
	...given
});

export const clientType = recordType({
	schema: clientSchema,
	fresh: freshClient,
	titleOf: ({ name }: Client) => name,
	indexes: [],
	links: [],
	since: 1,
	migrations: []
});
