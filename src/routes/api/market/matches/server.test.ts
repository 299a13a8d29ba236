import { describe, expect, it } from 'vitest';
import { marketAnswerSchema, problemSchema } from '$lib/core';
import { element, garment } from '../../../../../tests/arbitraries';
import { POST } from './+server';

describe('POST /api/market/matches', () => {
	const on = '2026-11-26';
	const post = (body: string) =>
		POST({
			request: new Request('http://localhost/api/market/matches', { method: 'POST', body })
		} as Parameters<typeof POST>[0]);

	it('answers elements with listings', async () => {
		const response = await post(JSON.stringify({ elements: [element(1, garment('handbag', ['tan']))], on }));
		expect(response.status).toBe(200);
		expect(marketAnswerSchema.safeParse(await response.json()).success).toBe(true);
	});

	it.each([
		['no JSON', '{', /no JSON/],
		['no elements', '{"elements":[]}', /elements/],
		['an unknown type', JSON.stringify({ elements: [element(1, garment('spacesuit'))] }), /garment › type/],
		[
			'too much at once',
			JSON.stringify({ elements: Array.from({ length: 41 }, (_, n) => element(n + 1, garment('tie'))) }),
			/elements/
		]
	])('refuses %s with a reason', async (_, body, reason) => {
		const response = await post(body);
		expect(response.status).toBe(400);
		expect(response.headers.get('content-type')).toBe('application/problem+json');
		const refusal = problemSchema.parse(await response.json());
		expect(refusal.status).toBe(400);
		expect([refusal.title, ...(refusal.problems ?? [])].join(' ')).toMatch(reason);
	});
});
