/** What a client sends back to looks that were handed over, and what it would change. */
import * as z from 'zod';
import { refused, type Read } from '../exchange/document';
import { problemsInWords } from '../exchange/problems';
import { resolveItem } from '../matching/items';
import { dateSchema, idSchema, noteSchema } from '../model/basics';
import { clientAnswerSchema, type ClientAnswer, type ClientSays } from '../model/client-answer';
import type { Echo } from '../model/echo';
import type { Piece } from '../model/piece';

/** The file that the client's form makes. */
export const answerFileSchema = z.object({
	format: z.literal('prime-echo-answer'),
	version: z.literal(1),
	/** The day on which the client answered. */
	on: dateSchema,
	looks: z
		.array(
			z.object({
				look: idSchema,
				pieces: clientAnswerSchema.shape.pieces,
				note: noteSchema
			})
		)
		.min(1)
		.max(60)
});
export type AnswerFile = z.infer<typeof answerFileSchema>;

/** Reads the text of an answer; a refusal says what is wrong and where. Nothing is changed by it. */
export function readAnswer(text: string): Read<AnswerFile> {
	let raw: unknown;
	try {
		raw = JSON.parse(text);
	} catch {
		return refused('This is no answer of a client: it is no readable JSON.');
	}
	const format = (raw as { format?: unknown } | null)?.format;
	if (format !== 'prime-echo-answer')
		return refused('This is no answer of a client. An answer is the file that the form of a lookbook saves.');
	const read = answerFileSchema.safeParse(raw);
	return read.success
		? { ok: true, value: read.data }
		: refused('Some of this answer is not valid.', problemsInWords(read.error, raw));
}

/** One thing that the client spoke of. */
export interface Answered {
	/** The match or extra; it may be gone since. */
	of: string;
	title: string;
	isGone: boolean;
	before?: ClientSays;
	says?: ClientSays;
	note: string;
}

/** What an answer says of a look that was not said before; empty where it brings nothing new. */
export function newInAnswer(
	answer: Pick<ClientAnswer, 'pieces'>,
	echo: Echo,
	pieces: readonly Piece[]
): Answered[] {
	const before = new Map(echo.answers.flatMap((one) => one.pieces.map((piece) => [piece.of, piece])));
	return answer.pieces.flatMap(({ of, says, note }) => {
		const earlier = before.get(of);
		if (says === undefined && note === '') return [];
		if (earlier && earlier.says === says && earlier.note === note) return [];
		const match = echo.matches.find(({ id }) => id === of);
		const extra = echo.extras.find(({ id }) => id === of);
		const items = match?.items ?? (extra ? [extra.item] : []);
		const title = items.flatMap((item) => resolveItem(item, pieces)?.title ?? []).join(', ');
		return [
			{
				of,
				title,
				isGone: !match && !extra,
				...(earlier?.says && { before: earlier.says }),
				...(says && { says }),
				note
			}
		];
	});
}

/** What the client said last of a match or extra. */
export const lastSaid = (echo: Pick<Echo, 'answers'>, of: string) =>
	echo.answers.flatMap(({ pieces }) => pieces.filter((piece) => piece.of === of)).at(-1);
