import * as z from 'zod';
import { effectIds } from '../lexicon/effects';
import { bodyMeasureIds, bodyMeasures } from '../lexicon/measures';
import { dateSchema, idSchema, nameSchema, noteSchema, priceSchema, recordFields } from './basics';
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

export const eventSchema = z.object({
	...recordFields,
	clientId: idSchema,
	title: nameSchema,
	date: dateSchema,
	/** IANA zone of the place, as in "Europe/London". */
	timeZone: z.string().min(1),
	place: z.string().max(200),
	dressCode: z.string().max(120),
	weather: z.object({ airC: z.number().min(-40).max(50), rain: z.boolean() }).optional(),
	budget: priceSchema.optional()
});
export type Event = z.infer<typeof eventSchema>;
