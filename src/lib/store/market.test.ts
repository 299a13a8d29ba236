import { afterEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { askMarket } from './market';

describe('the market as the browser sees it', () => {
	const query = { elements: [element(1, garment('blouse'))] };
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

	it('passes on why the server refused', async () => {
		answering({ message: 'The question was not valid.', problems: [] }, 400);
		expect(await askMarket(query)).toEqual({ ok: false, message: 'The question was not valid.' });
	});
});
