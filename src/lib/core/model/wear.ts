import * as z from 'zod';
import { dateSchema, idSchema, noteSchema, recordFields, type Id } from './basics';
import { forEvent, ofClient } from './event';
import { recordType } from './record-type';

/** A day on which pieces were worn. */
export const wearSchema = z.object({
	...recordFields,
	clientId: idSchema,
	on: dateSchema,
	pieceIds: z.array(idSchema).max(60),
	/** The echo that was worn, and what for. */
	echoId: idSchema.optional(),
	eventId: idSchema.optional(),
	note: noteSchema
});
export type Wear = z.infer<typeof wearSchema>;

export const freshWear = (given: Pick<Wear, 'id' | 'clientId' | 'on'> & Partial<Wear>): Wear => ({
	rev: 0,
	pieceIds: [],
	note: '',
	...given
});

export const wearType = recordType({
	schema: wearSchema,
	fresh: freshWear,
	titleOf: ({ on }: Wear) => `worn on ${on}`,
	indexes: ['clientId', 'on', '*pieceIds', 'echoId', 'eventId'],
	links: [
		ofClient<Wear>(),
		{
			to: 'pieces',
			words: 'a piece that was worn',
			holders: ({ pieceIds }: Wear) => pieceIds,
			by: { index: 'pieceIds', key: ({ id }: { id: Id }) => id },
			whenGone: (draft: Wear, gone: ReadonlySet<Id>) => {
				draft.pieceIds = draft.pieceIds.filter((id) => !gone.has(id));
			}
		},
		{
			to: 'echoes',
			words: 'the echo that was worn',
			holders: ({ echoId }: Wear) => (echoId === undefined ? [] : [echoId]),
			by: { index: 'echoId', key: ({ id }: { id: Id }) => id },
			whenGone: (draft: Wear) => {
				delete draft.echoId;
			}
		},
		forEvent<Wear>()
	],
	since: 6,
	migrations: []
});
