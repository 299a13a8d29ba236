/** How every route reads its question and refuses it: by schema, within a rate and a time, with RFC 9457 problems. */
import { json } from '@sveltejs/kit';
import { RateLimiterMemory } from 'rate-limiter-flexible';
import type { z } from 'zod';
import { problemsInWords, type Problem } from '../core';

/** As many questions in so many seconds: far more than hands ask, far fewer than keep the machine busy. */
const mostQuestions = 300;
const inSeconds = 10;
const limiter = new RateLimiterMemory({ points: mostQuestions, duration: inSeconds });

/** Longer than any answer takes. */
const patienceMs = 10_000;

/** A refusal as RFC 9457 has it. */
export function refuse(problem: Omit<Problem, 'type'>, headers: Record<string, string> = {}): Response {
	const body: Problem = { type: 'about:blank', ...problem };
	return json(body, {
		status: problem.status,
		headers: { 'content-type': 'application/problem+json', ...headers }
	});
}

class TooSlow extends Error {}
async function inTime<T>(work: T | Promise<T>): Promise<T> {
	let timer: NodeJS.Timeout | undefined;
	const late = new Promise<never>((_, reject) => {
		timer = setTimeout(() => reject(new TooSlow()), patienceMs);
	});
	return Promise.race([work, late]).finally(() => clearTimeout(timer));
}

/**
 * Answers a question: refuses what is asked too often, is not of its schema, or takes too long; says where it is wrong.
 *
 * @param of whom it is asked, for the refusal: "the shops"
 * @param read gives the question as it came; throws a SyntaxError where it is no JSON
 */
export async function answering<Q, A>(
	of: string,
	schema: z.ZodType<Q>,
	read: () => unknown,
	answer: (query: Q) => A | Promise<A>
): Promise<Response> {
	try {
		await limiter.consume('all');
	} catch {
		const problem = { title: 'Too many questions at once.', status: 429, detail: 'Ask again in a moment.' };
		return refuse(problem, { 'retry-after': String(inSeconds) });
	}
	let asked: unknown;
	try {
		asked = await read();
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		return refuse({ title: `The question to ${of} was no JSON.`, status: 400 });
	}
	const query = schema.safeParse(asked);
	if (!query.success)
		return refuse({
			title: `The question to ${of} was not valid.`,
			status: 400,
			problems: problemsInWords(query.error, asked)
		});
	try {
		return json(await inTime(answer(query.data)));
	} catch (error) {
		if (error instanceof TooSlow)
			return refuse({
				title: `The answer of ${of} takes too long.`,
				status: 503,
				detail: 'Ask for less at once.'
			});
		console.error(error);
		return refuse({ title: `The answer of ${of} failed.`, status: 500, detail: 'Ask again in a moment.' });
	}
}
