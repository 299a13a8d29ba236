import { afterEach, describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { problemSchema } from '../core';
import { answering } from './answering';

const schema = z.object({ n: z.int() });
const asked = { n: 1 };
const problemOf = async (response: Response) => {
	expect(response.headers.get('content-type')).toBe('application/problem+json');
	return problemSchema.parse(await response.json());
};

describe('a route', () => {
	afterEach(() => {
		vi.useRealTimers();
		vi.restoreAllMocks();
	});

	it('answers what is asked well', async () => {
		const response = await answering(
			'the oracle',
			schema,
			() => asked,
			({ n }) => ({ twice: 2 * n })
		);
		expect(response.status).toBe(200);
		expect(await response.json()).toEqual({ twice: 2 });
	});
	it('refuses what is no JSON, and says where a question is wrong', async () => {
		const noJson = await answering(
			'the oracle',
			schema,
			() => JSON.parse('{'),
			() => 1
		);
		expect(await problemOf(noJson)).toMatchObject({
			status: 400,
			title: 'The question to the oracle was no JSON.'
		});
		const wrong = await answering(
			'the oracle',
			schema,
			() => ({ n: 'one' }),
			() => 1
		);
		expect((await problemOf(wrong)).problems?.join()).toMatch(/n/);
	});
	it('gives up what takes too long, and tells a failure without its insides', async () => {
		vi.useFakeTimers();
		const slow = answering(
			'the oracle',
			schema,
			() => asked,
			() => new Promise<never>(() => undefined)
		);
		await vi.advanceTimersByTimeAsync(11_000);
		expect(await problemOf(await slow)).toMatchObject({ status: 503 });
		vi.useRealTimers();
		const told = vi.spyOn(console, 'error').mockImplementation(() => undefined);
		const failed = await answering(
			'the oracle',
			schema,
			() => asked,
			() => {
				throw new Error('secret place');
			}
		);
		const problem = await problemOf(failed);
		expect(problem.status).toBe(500);
		expect(JSON.stringify(problem)).not.toContain('secret');
		expect(told).toHaveBeenCalled();
	});
	it('passes on what is no fault of the question', async () => {
		const tooLarge = new Response(null, { status: 413 });
		await expect(
			answering(
				'the oracle',
				schema,
				() => {
					throw tooLarge;
				},
				() => 1
			)
		).rejects.toBe(tooLarge);
	});
	it('refuses more questions than hands ask, and says when to ask again', async () => {
		const statuses: number[] = [];
		let last: Response | undefined;
		for (let i = 0; i < 320; i++) {
			last = await answering(
				'the oracle',
				schema,
				() => asked,
				() => 1
			);
			statuses.push(last.status);
		}
		expect(statuses.at(0)).toBe(200);
		expect(statuses.at(-1)).toBe(429);
		expect(Number(last?.headers.get('retry-after'))).toBeGreaterThan(0);
	});
});
