import { afterEach, describe, expect, it, vi } from 'vitest';
import { askWeather } from './weather';

describe('the weather as the browser sees it', () => {
	const query = { place: 'Saltmere', date: '2026-12-01', today: '2026-11-26' };
	const answering = (body: unknown, status = 200) =>
		vi.stubGlobal(
			'fetch',
			vi.fn(async () => new Response(JSON.stringify(body), { status }))
		);
	afterEach(() => vi.unstubAllGlobals());

	it('gives the answer of the server on, and asks for a place and a day only', async () => {
		const normals = Array.from({ length: 12 }, () => ({ lowC: 4, highC: 10, rainDays: 12 }));
		const day = { date: query.date, lowC: 4, highC: 10, airC: 8, rain: false, source: 'forecast' };
		answering({ simulated: true, town: 'Saltmere', asked: true, normals, day });
		expect(await askWeather(query)).toMatchObject({
			ok: true,
			answer: { town: 'Saltmere', simulated: true }
		});
		const [url] = vi.mocked(fetch).mock.calls[0] ?? [];
		expect([...new URL(String(url), 'http://x').searchParams.keys()].sort()).toEqual([
			'date',
			'place',
			'today'
		]);
	});
	it.each([
		['of another shape', () => answering({ surprise: true })],
		['an error page', () => answering('oops', 500)],
		[
			'no JSON',
			() =>
				vi.stubGlobal(
					'fetch',
					vi.fn(async () => new Response('<html>'))
				)
		],
		[
			'no server',
			() =>
				vi.stubGlobal(
					'fetch',
					vi.fn(async () => Promise.reject(new TypeError('refused')))
				)
		]
	])('turns %s into one plain sentence with a way out', async (_, arrange) => {
		arrange();
		expect(await askWeather(query)).toMatchObject({
			ok: false,
			message: expect.stringMatching(/npm start.*or type/)
		});
	});
});
