import { afterEach, describe, expect, it, vi } from 'vitest';
import { CancelledError, sessionWorker, WorkerLostError } from './session';

/** A worker as far as its ends are concerned: it can break, and it can be ended. */
class FakeWorker {
	onerror: ((event: { preventDefault: () => void }) => void) | null = null;
	onmessageerror: (() => void) | null = null;
	terminate = vi.fn();
	postMessage = vi.fn();
	addEventListener = vi.fn();
	removeEventListener = vi.fn();
	break() {
		this.onerror?.({ preventDefault: () => undefined });
	}
}
const started: FakeWorker[] = [];
const work = sessionWorker<object>(() => {
	const worker = new FakeWorker();
	started.push(worker);
	return worker as unknown as Worker;
});
afterEach(() => {
	started.at(-1)?.break();
	started.length = 0;
});
const never = () => new Promise<never>(() => undefined);

describe('a worker of the session', () => {
	it('is started once for many works', async () => {
		expect(await work(async () => 1)).toBe(1);
		expect(await work(async () => 2)).toBe(2);
		expect(started).toHaveLength(1);
	});
	it('that breaks ends the work at hand with words, and the next work starts another', async () => {
		const waiting = work(never);
		started[0]!.break();
		await expect(waiting).rejects.toThrow(WorkerLostError);
		expect(started[0]!.terminate).toHaveBeenCalled();
		expect(await work(async () => 3)).toBe(3);
		expect(started).toHaveLength(2);
	});
	it('ends when its work is called off', async () => {
		const stop = new AbortController();
		const waiting = work(never, stop.signal);
		stop.abort();
		await expect(waiting).rejects.toThrow(CancelledError);
		expect(started[0]!.terminate).toHaveBeenCalled();
	});
	it('is not even started for work that was called off before', async () => {
		const stop = new AbortController();
		stop.abort();
		await expect(work(async () => 1, stop.signal)).rejects.toThrow(CancelledError);
		expect(started).toHaveLength(0);
	});
});
