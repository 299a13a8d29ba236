import { afterEach, describe, expect, it, vi } from 'vitest';
import { onFirstUse } from './on-first-use';

describe('what is made on first use', () => {
	it('is made once, and not before it is asked for', () => {
		const make = vi.fn(() => ({}));
		const asked = onFirstUse(make);
		expect(make).not.toHaveBeenCalled();
		expect(asked()).toBe(asked());
		expect(make).toHaveBeenCalledTimes(1);
	});
});

describe('the phrasebook', () => {
	afterEach(() => {
		vi.doUnmock('./on-first-use');
		vi.resetModules();
	});
	it('is not written as what scores a look is loaded: a page that reads nothing does not wait for it', async () => {
		let made = 0;
		vi.resetModules();
		vi.doMock('./on-first-use', () => ({
			onFirstUse: (make: () => object) => {
				let kept: object | undefined;
				return () => (kept ??= (made++, make()));
			}
		}));
		await import('../matching/score-echo');
		expect(made).toBe(0);
		const { readLook } = await import('../reading/read-look');
		expect(readLook('a navy blazer').elements.length).toBe(1);
		expect(made).toBeGreaterThan(0);
	});
});
