import * as z from 'zod';
import { dateSchema, nameSchema, recordFields, type Id } from './basics';
import { recordType } from './record-type';
import { schoolsSchema } from './schools';

const currencySchema = z.string().regex(/^[A-Z]{3}$/);

/** Days with which weeks begin somewhere. */
export const weekDays = ['monday', 'saturday', 'sunday'] as const;
export type WeekDay = (typeof weekDays)[number];

/** A word that the stylist taught the studio: what is to be read in its place. */
export const taughtWordSchema = z.object({
	word: z.string().trim().min(1).max(40),
	means: z.string().trim().min(1).max(80)
});
export type TaughtWord = z.infer<typeof taughtWordSchema>;

/** Kinds of loss that a stylist may weigh otherwise than the method does. */
export const weighedLosses = ['colour', 'shape', 'kind', 'cloth', 'detail', 'wearing', 'missing'] as const;
export type WeighedLoss = (typeof weighedLosses)[number];

/** How much each kind of loss counts for this stylist beside the method's 1, as learnt from judgements and taken on a day. */
export const calibrationSchema = z.object({
	factors: z.partialRecord(z.enum(weighedLosses), z.number().min(0).max(20)),
	takenOn: dateSchema,
	/** From so many judgements. */
	judgements: z.int().min(1),
	/** Mean absolute difference to judgements that were held back, in points: of the method as it is, and so weighed. */
	errorBefore: z.number().min(0),
	errorAfter: z.number().min(0)
});
export type Calibration = z.infer<typeof calibrationSchema>;

export const settingsSchema = z.object({
	...recordFields,
	studioName: nameSchema,
	currency: currencySchema,
	/** What one unit of another currency is worth in the studio's own, as the stylist entered it. */
	rates: z.record(currencySchema, z.number().gt(0).max(1_000_000)),
	units: z.enum(['cm', 'in']),
	/** Which side of the Atlantic a word like "vest" belongs to. */
	words: z.enum(['uk', 'us']),
	/** Words of this studio's own. */
	taught: z.array(taughtWordSchema).max(500),
	/** Do single letters act where a list has the focus? */
	letters: z.boolean(),
	timeZone: z.string().min(1).max(60),
	/** The day with which a week of the calendar begins. */
	weekStart: z.enum(weekDays),
	/** Schools of a new client. */
	schools: schoolsSchema,
	/** Columns of spreadsheets that were matched by hand: under their heading, in small letters, what they hold. */
	columns: z.record(z.string().max(120), z.string().max(40)),
	/** Does the rail show pieces as they were photographed, where they were? As they are drawn, without. */
	photographed: z.boolean().optional(),
	/** Weights that fit this stylist better; without it, the method's. */
	calibration: calibrationSchema.optional(),
	demo: z.boolean()
});
export type Settings = z.infer<typeof settingsSchema>;

/** There is one settings record; its id is fixed. */
export const settingsId: Id = '5e77196e-0000-4000-8000-000000000001';

export const freshSettings = (given: Partial<Settings> = {}): Settings => ({
	id: settingsId,
	rev: 0,
	studioName: 'My studio',
	currency: 'GBP',
	rates: {},
	units: 'cm',
	words: 'uk',
	taught: [],
	letters: true,
	timeZone: 'Europe/London',
	weekStart: 'monday',
	schools: {},
	columns: {},
	demo: false,
	...given
});

export const settingsType = recordType({
	schema: settingsSchema,
	fresh: freshSettings,
	titleOf: ({ studioName }: Settings) => studioName,
	indexes: [],
	links: [],
	since: 1,
	migrations: [
		{
			version: 4,
			name: 'rates-letters-and-taught-words',
			up: (settings) => ({ rates: {}, taught: [], letters: true, ...settings })
		},
		{
			version: 6,
			name: 'weeks-and-schools',
			up: (settings) => ({ weekStart: 'monday', schools: {}, ...settings })
		},
		{ version: 7, name: 'columns-matched', up: (settings) => ({ columns: {}, ...settings }) }
	]
});
