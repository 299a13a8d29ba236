import { afterEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { askMarket, askShops } from './market';

describe('the market as the browser sees it', () => {
	const query = { elements: [element(1, garment('blouse'))], on: '2026-11-26' };
	const answering = (body: unknown, status = 200) =>
		vi.stubGlobal(
			'fetch',
			vi.fn(async () => new Response(JSON.stringify(body), { status }))
		);
	afterEach(() => vi.unstubAllGlobals());

	it('gives a valid answer on', async () => {
		answering({ simulated: true, shops: [], matches: [] });
		expect(await askMarket(query)).toMatchObject({ ok: true });
	});

	it.each([
		['of another shape', () => answering({ surprise: true })],
		['an error page', () => answering('oops', 500)],
		[
			'no server',
			() =>
				vi.stubGlobal(
					'fetch',
					vi.fn(async () => Promise.reject(new TypeError('refused')))
				)
		]
	])('turns %s into one plain sentence', async (_, arrange) => {
		arrange();
		expect(await askMarket(query)).toMatchObject({
			ok: false,
			message: expect.stringMatching(/wardrobe works as before/)
		});
	});

	it('asks for the shops once, and again where they did not answer', async () => {
		answering('oops', 500);
		expect(await askShops()).toMatchObject({ ok: false });
		answering({ simulated: true, shops: [] });
		expect(await askShops()).toMatchObject({ ok: true });
		answering('oops', 500);
		expect(await askShops()).toMatchObject({ ok: true });
	});

	it('passes on why the server refused', async () => {
		answering({ type: 'about:blank', title: 'The question was not valid.', status: 400, problems: [] }, 400);
		expect(await askMarket(query)).toEqual({ ok: false, message: 'The question was not valid.' });
	});
});
