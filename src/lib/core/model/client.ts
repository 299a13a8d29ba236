import * as z from 'zod';
import {
	boldnesses,
	contrasts,
	departments,
	ethicalMaterials,
	ethicalSteps,
	hands,
	reaches,
	sizedThingIds,
	tightSpotIds,
	undertones,
	type EthicalMaterial,
	type EthicalStep
} from '../lexicon/brief';
import { effectIds } from '../lexicon/effects';
import { bodyMeasureIds, bodyMeasures } from '../lexicon/measures';
import { skinIds } from '../lexicon/skins';
import { dateSchema, idSchema, nameSchema, noteSchema, recordFields, type Id } from './basics';
import { recordType, type OldRecord } from './record-type';
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

/** A size that the client usually takes, as said: "UK 10", "EU 38", "M". */
const usualSizeSchema = z.object({
	of: z.enum(sizedThingIds),
	label: z.string().trim().min(1).max(20),
	department: z.enum(departments).optional(),
	/** The shop whose size it is; anywhere without. */
	shop: z.string().max(80)
});

export const clientSchema = z.object({
	...recordFields,
	name: nameSchema,
	pronouns: z.string().max(40),
	/** How they are reached, in the stylist's words. */
	contact: z.string().max(400),
	/** Who they are and what they want, in the stylist's words. */
	brief: noteSchema,
	wishedEffects: z.array(z.enum(effectIds)),
	measurements: measurementsSchema,
	/** The day on which they were taken. */
	measuredOn: dateSchema.optional(),
	/** What was measured before, the oldest first. */
	earlierMeasurements: z.array(z.object({ on: dateSchema.optional(), cm: measurementsSchema })).max(200),
	sizes: z.array(usualSizeSchema).max(60),
	limits: z.object({
		/** What they never wear or show, as said. */
		never: z.array(z.string().min(1).max(120)),
		maxHeelCm: z.number().min(0).max(20).optional()
	}),
	/** Materials that must not be worn, as said: "wool", "latex". */
	avoidMaterials: z.array(z.string().min(1).max(60)),
	allergies: z.array(z.string().min(1).max(60)),
	ethics: z.object(
		Object.fromEntries(ethicalMaterials.map((id) => [id, z.enum(ethicalSteps)])) as Record<
			EthicalMaterial,
			z.ZodEnum<{ [S in EthicalStep]: S }>
		>
	),
	/** Metals that they wear; none noted is any. */
	metals: z.array(z.string().max(30)),
	boldness: z.enum(boldnesses),
	coloursLoved: z.array(z.string().max(40)),
	coloursRefused: z.array(z.string().max(40)),
	schools: schoolsSchema,
	/** How they dress themself, and what they carry. */
	handling: z.object({
		reach: z.enum(reaches),
		/** Do they do things up with both hands, or with one alone? */
		hand: z.enum(hands),
		/** May a thing go over the head after hair and make-up are done? */
		overHead: z.boolean(),
		/** Do they want a pocket somewhere? */
		pockets: z.boolean(),
		/** Must what is worn be light? */
		light: z.boolean(),
		/** Do seams and labels on the skin trouble them? */
		softSeams: z.boolean(),
		tightSpots: z.array(z.enum(tightSpotIds))
	}),
	/** What suits the face, as the stylist judges it. */
	colouring: z.object({ undertone: z.enum(undertones).optional(), contrast: z.enum(contrasts).optional() }),
	/** Photos of things that are not on the rail yet. */
	waiting: z.array(idSchema).max(200).optional(),
	/** For drawing the figure. */
	figure: z.object({
		skin: z.enum(skinIds),
		hair: z.enum(['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white']),
		hairShape: z.enum(['cropped', 'bob', 'long', 'up'])
	})
});
export type Client = z.infer<typeof clientSchema>;
export type Measurements = Client['measurements'];

/** Every material as it comes, unless it is given. */
export const ethicsOf = (given: Partial<Client['ethics']> = {}): Client['ethics'] => ({
	...(Object.fromEntries(ethicalMaterials.map((id) => [id, 'any'])) as Client['ethics']),
	...given
});

/** A client of whom no more is known than a name. */
export const freshClient = (given: Pick<Client, 'id'> & Partial<Client>): Client => ({
	rev: 0,
	name: '',
	pronouns: '',
	contact: '',
	brief: '',
	wishedEffects: [],
	measurements: {},
	earlierMeasurements: [],
	sizes: [],
	limits: { never: [] },
	avoidMaterials: [],
	allergies: [],
	ethics: ethicsOf(),
	metals: [],
	boldness: 'middle',
	coloursLoved: [],
	coloursRefused: [],
	schools: {},
	handling: {
		reach: 'any',
		hand: 'both',
		overHead: true,
		pockets: false,
		light: false,
		softSeams: false,
		tightSpots: []
	},
	colouring: {},
	figure: { skin: 'medium', hair: 'dark-brown', hairShape: 'up' },
	...given
});

/**
 * The client with new measurements of a day. What was measured on another day and differs goes to the earlier ones; measured
 * twice on one day, the later measures stand.
 */
export function remeasured(client: Client, measurements: Measurements, on: string): Client {
	const { measurements: before, measuredOn } = client;
	const same = bodyMeasureIds.every((id) => before[id] === measurements[id]);
	if (same) return client;
	const worthKeeping = measuredOn !== on && bodyMeasureIds.some((id) => before[id] !== undefined);
	return {
		...client,
		measurements,
		measuredOn: on,
		earlierMeasurements: worthKeeping
			? [...client.earlierMeasurements, { ...(measuredOn && { on: measuredOn }), cm: before }].slice(-200)
			: client.earlierMeasurements
	};
}

const isObject = (value: unknown): value is OldRecord => typeof value === 'object' && value !== null;

/** Version 6: sizes as a list, ethics by material in three steps, and the rest of the brief. */
function wholeBrief({ sizes, ethics, ...client }: OldRecord): OldRecord {
	const old = isObject(ethics) ? ethics : {};
	// "No fur" was said of feather, too.
	const furry = old.fur === false ? { fur: 'never', feather: 'never' } : {};
	return {
		pronouns: '',
		contact: '',
		earlierMeasurements: [],
		boldness: 'middle',
		handling: freshClient({ id: '' }).handling,
		colouring: {},
		...client,
		sizes: isObject(sizes)
			? Object.entries(sizes).flatMap(([of, label]) =>
					typeof label === 'string' && label.trim() ? [{ of, label: label.trim(), shop: '' }] : []
				)
			: [],
		ethics: ethicsOf({ ...furry, ...(old.leather === false && { leather: 'never' }) } as Client['ethics'])
	};
}

/** Version 15: with which hand they do things up. */
const withBothHands = ({ handling, ...client }: OldRecord): OldRecord => ({
	...client,
	handling: isObject(handling) ? { hand: 'both', ...handling } : handling
});

export const clientType = recordType({
	schema: clientSchema,
	fresh: freshClient,
	titleOf: ({ name }: Client) => name,
	indexes: ['*waiting'],
	links: [
		{
			to: 'photos',
			words: 'a photo of something to hang on the rail',
			holders: ({ waiting = [] }: Client) => waiting,
			by: { index: 'waiting', key: ({ id }: { id: Id }) => id },
			owns: true,
			whenGone: (draft: Client, gone: ReadonlySet<Id>) => {
				if (draft.waiting) draft.waiting = draft.waiting.filter((id) => !gone.has(id));
			}
		}
	],
	since: 1,
	migrations: [
		{ version: 6, name: 'the-whole-brief', up: wholeBrief },
		{ version: 15, name: 'with-one-hand', up: withBothHands }
	]
});
