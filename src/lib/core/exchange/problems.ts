import type { z } from 'zod';

type Named = { name?: unknown; title?: unknown; studioName?: unknown };

/** As much of a value as is ever printed: a file may hold a name of ten million letters. */
const mostLetters = 60;
/** A value cut to what can be shown. */
export const briefly = (value: string): string =>
	value.length > mostLetters ? `${value.slice(0, mostLetters)}…` : value;

/** "pieces › 4 “Navy blazer” › parts › 1 › garment › type": counts from 1 and names the record. */
function placeInWords(path: readonly PropertyKey[], document: unknown): string {
	const words: string[] = [];
	let here: unknown = document;
	for (const key of path) {
		here = (here as Record<PropertyKey, unknown> | undefined)?.[key as never];
		if (typeof key !== 'number') {
			words.push(briefly(String(key)));
			continue;
		}
		const { name, title, studioName } = (here ?? {}) as Named;
		const label = [name, title, studioName].find((value) => typeof value === 'string' && value !== '');
		words.push(typeof label === 'string' ? `${key + 1} “${briefly(label)}”` : String(key + 1));
	}
	return words.join(' › ');
}

/** The first few problems of a failed check, each as "place: what is wrong", ready to show. */
export function problemsInWords(error: z.ZodError, document: unknown, most = 5): string[] {
	const problems = error.issues.slice(0, most).map((issue) => {
		const place = placeInWords(issue.path, document);
		const message = issue.message.length > 240 ? `${issue.message.slice(0, 240)}…` : issue.message;
		return place ? `${place}: ${message}` : message;
	});
	const more = error.issues.length - problems.length;
	return more > 0 ? [...problems, `and ${more} more`] : problems;
}
