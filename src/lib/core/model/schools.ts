import * as z from 'zod';
import { schoolQuestions } from '../lexicon/schools';

const questions = Object.fromEntries(
	Object.entries(schoolQuestions).map(([question, schools]) => [question, z.enum(schools).optional()])
) as unknown as {
	[Q in keyof typeof schoolQuestions]: z.ZodOptional<
		z.ZodEnum<{ [S in (typeof schoolQuestions)[Q][number]]: S }>
	>;
};

/** Schools that differ from the default; questions left out take the default. */
export const schoolsSchema = z.object(questions);
