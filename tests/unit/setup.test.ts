import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fingerprint, root, unlessDone } from '../../scripts/setup.mjs';

describe('set-up is done once for a state', () => {
	let folder: string;
	beforeEach(() => void (folder = mkdtempSync(join(root, 'node_modules/.set-up-test-'))));
	afterEach(() => rmSync(folder, { recursive: true }));
	const inFolder = (name: string) => join(relative(root, folder), name);

	it('the fingerprint follows names and contents', () => {
		writeFileSync(join(folder, 'a.txt'), 'one');
		const first = fingerprint([inFolder('.')]);
		expect(fingerprint([inFolder('.')])).toBe(first);
		writeFileSync(join(folder, 'a.txt'), 'two');
		expect(fingerprint([inFolder('.')])).not.toBe(first);
		writeFileSync(join(folder, 'a.txt'), 'one');
		writeFileSync(join(folder, 'b.txt'), '');
		expect(fingerprint([inFolder('.')])).not.toBe(first);
	});

	it('a place that is not there counts as nothing', () => {
		expect(fingerprint([inFolder('nowhere')])).toBe(fingerprint([]));
	});

	it('work is done again only when the state is another', () => {
		const work = vi.fn();
		const stamp = inFolder('deep/stamp');
		unlessDone(stamp, 'one', work);
		unlessDone(stamp, 'one', work);
		expect(work).toHaveBeenCalledTimes(1);
		unlessDone(stamp, 'two', work);
		expect(work).toHaveBeenCalledTimes(2);
		expect(readFileSync(join(root, stamp), 'utf8')).toBe('two');
	});

	it('work that fails leaves no stamp', () => {
		const stamp = inFolder('stamp');
		expect(() =>
			unlessDone(stamp, 'one', () => {
				throw new Error('no disk');
			})
		).toThrow('no disk');
		const work = vi.fn();
		unlessDone(stamp, 'one', work);
		expect(work).toHaveBeenCalledTimes(1);
	});
});
