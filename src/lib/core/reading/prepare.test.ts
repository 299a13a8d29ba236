import { beforeEach, describe, expect, it, vi } from 'vitest';

beforeEach(() => vi.resetModules());

const text = 'a plum wool overcoat over a silk slip dress, rollneck, cropd jeans, lilac frobbers';

describe('reading', () => {
	it('is the same whether all, some or none of it was made ready before', async () => {
		const readAfter = async (parts: number) => {
			vi.resetModules();
			const { prepareReading, readLook } = await import('.');
			for (let i = 0; i < parts; i++) prepareReading();
			return readLook(text);
		};
		const whole = await readAfter(0);
		expect(whole.elements).not.toHaveLength(0);
		for (const parts of [1, 2, 3, 4, 5, 6, 20])
			expect(await readAfter(parts), `${parts} parts`).toEqual(whole);
	});
	it('says when it is ready, also where something was read first', async () => {
		const { prepareReading, readLook } = await import('.');
		expect(prepareReading()).toBe(true);
		readLook(text);
		expect(prepareReading()).toBe(false);
		expect(prepareReading()).toBe(false);
	});
	it('is not made ready as what scores a look is loaded: a page that reads nothing does not wait for it', async () => {
		await import('../matching/score-echo');
		const { prepareReading } = await import('.');
		let parts = 0;
		while (prepareReading()) parts++;
		expect(parts).toBeGreaterThan(3);
	});
});
