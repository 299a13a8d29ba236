import * as z from 'zod';
import { sizedThingIds, tightSpotIds } from '../lexicon/brief';
import { dateSchema, idSchema, noteSchema, recordFields } from './basics';
import { ofClient } from './event';
import { recordType } from './record-type';

/** How a size of a shop fitted when it was tried: what advice on sizes learns from. */
export const fitNoteSchema = z.object({
	...recordFields,
	clientId: idSchema,
	/** The shop, by name; sizes of one shop say nothing of another's. */
	shop: z.string().trim().min(1).max(80),
	of: z.enum(sizedThingIds),
	/** The size that was tried. */
	label: z.string().trim().min(1).max(20),
	verdict: z.enum(['small', 'right', 'large']),
	/** Where it was tight, where loose. */
	tight: z.array(z.enum(tightSpotIds)),
	loose: z.array(z.enum(tightSpotIds)),
	kept: z.boolean(),
	on: dateSchema,
	note: noteSchema
});
export type FitNote = z.infer<typeof fitNoteSchema>;

export const freshFitNote = (
	given: Pick<FitNote, 'id' | 'clientId' | 'shop' | 'of' | 'label' | 'on'> & Partial<FitNote>
): FitNote => ({ rev: 0, verdict: 'right', tight: [], loose: [], kept: true, note: '', ...given });

export const fitNoteType = recordType({
	schema: fitNoteSchema,
	fresh: freshFitNote,
	titleOf: ({ shop, label }: FitNote) => `${shop} ${label}`,
	indexes: ['clientId'],
	links: [ofClient<FitNote>()],
	since: 6,
	migrations: []
});
