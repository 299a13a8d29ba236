import * as z from 'zod';
import { dateSchema, idSchema, noteSchema } from './basics';

/** What a client can say of one thing of a look. */
export const clientSays = ['yes', 'no'] as const;
export type ClientSays = (typeof clientSays)[number];

/** What the client answered to a look that was handed over, piece by piece. */
export const clientAnswerSchema = z.object({
	id: idSchema,
	/** The day on which the client answered. */
	on: dateSchema,
	pieces: z
		.array(
			z.object({
				/** The match or extra that is spoken of. */
				of: idSchema,
				says: z.enum(clientSays).optional(),
				note: z.string().max(400)
			})
		)
		.max(120),
	note: noteSchema
});
export type ClientAnswer = z.infer<typeof clientAnswerSchema>;
