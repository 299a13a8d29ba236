/** Workers that stay up for as long as the page is open, and a clean end for every start of one. */
import { wrap, type Remote } from 'comlink';

/** The work of a worker ended without an answer. */
export class WorkerLostError extends Error {
	constructor(why: string) {
		super(`${why} Nothing was changed. Try once more; if it happens again, reload the page.`);
		this.name = 'WorkerLostError';
	}
}

/** The work was called off. */
export class CancelledError extends Error {
	constructor() {
		super('Called off.');
		this.name = 'CancelledError';
	}
}

/**
 * A worker that is started when it is first needed and kept. When it cannot be started or breaks, the work at hand ends
 * with a WorkerLostError and the next work starts another; a called-off work ends its worker.
 */
export function sessionWorker<W>(start: () => Worker) {
	let running: { worker: Worker; remote: Remote<W>; lost: Promise<never> } | undefined;

	function end() {
		running?.worker.terminate();
		running = undefined;
	}
	function begin() {
		const worker = start();
		const lost = new Promise<never>((_, reject) => {
			worker.onerror = (event) => {
				event.preventDefault();
				end();
				reject(
					new WorkerLostError('The part of Prime Echo that does this could not be started, or broke off.')
				);
			};
			worker.onmessageerror = () => {
				end();
				reject(new WorkerLostError('What was sent could not be read.'));
			};
		});
		// Whoever is at work hears of it; with nobody at work, nobody needs to.
		lost.catch(() => undefined);
		return (running = { worker, remote: wrap<W>(worker), lost });
	}

	return async <T>(work: (remote: Remote<W>) => Promise<T>, signal?: AbortSignal): Promise<T> => {
		if (signal?.aborted) throw new CancelledError();
		const { remote, lost } = running ?? begin();
		const called = new Promise<never>((_, reject) =>
			signal?.addEventListener('abort', () => {
				end();
				reject(new CancelledError());
			})
		);
		return Promise.race([work(remote), lost, called]);
	};
}
