import { describe, expect, it } from 'vitest';
import { weatherAnswerSchema } from '$lib/core';
import { GET } from './+server';

const ask = (query: string) =>
	GET({ url: new URL(`http://localhost/api/weather?${query}`) } as unknown as Parameters<typeof GET>[0]);

describe('GET /api/weather', () => {
	it('answers a place and a day', async () => {
		const response = await ask('place=Saltmere&date=2026-12-01&today=2026-11-26');
		expect(response.status).toBe(200);
		expect(weatherAnswerSchema.safeParse(await response.json()).success).toBe(true);
	});
	it.each([
		'',
		'place=x',
		'place=x&date=soon&today=2026-11-26',
		`place=${'x'.repeat(300)}&date=2026-12-01&today=2026-11-26`
	])('refuses “%s” and says where', async (query) => {
		const response = await ask(query);
		expect(response.status).toBe(400);
		expect((await response.json()).problems.length).toBeGreaterThan(0);
	});
});
