import { describe, expect, it, vi } from 'vitest';
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
