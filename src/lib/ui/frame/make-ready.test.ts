import { describe, expect, it } from 'vitest';
import { readLook } from '$lib/core';
import { makeReady } from './make-ready';

describe('what reads words, made ready', () => {
	it('is not needed by what is read before it is made, nor does it change that', () => {
		const before = readLook('black slip dress, red heels');
		makeReady();
		expect(readLook('black slip dress, red heels')).toEqual(before);
	});

	it('is made in steps that come to an end, and of which none is done again', () => {
		let steps = 1;
		while (makeReady() && steps < 100) steps++;
		expect(steps).toBeGreaterThan(1);
		expect(steps).toBeLessThan(30);
		expect(makeReady()).toBe(false);
	});
});
