import { liveQuery } from 'dexie';
import { untrack } from 'svelte';
import { kept, keptEpoch } from './kept';

export interface Live<T> {
	/** Undefined until the first answer. */
	readonly value: T | undefined;
	readonly error: Error | undefined;
}

/**
 * A query whose answer follows the store, also when another tab writes; what did not change in it stays the same object. `prepare` runs under Svelte's tracking:
 * read props and state there, and return the query that uses them. Call it while a component is being set up.
 */
export function live<T>(prepare: () => () => T | Promise<T>): Live<T> {
	let value = $state.raw<T | undefined>();
	let error = $state.raw<Error | undefined>();
	let since = keptEpoch();
	$effect(() => {
		const subscription = liveQuery(prepare()).subscribe({
			next: (answer) => {
				value =
					keptEpoch() === since
						? kept(
								untrack(() => value),
								answer
							)
						: answer;
				since = keptEpoch();
				error = undefined;
			},
			error: (reason: Error) => (error = reason)
		});
		return () => subscription.unsubscribe();
	});
	return {
		get value() {
			return value;
		},
		get error() {
			return error;
		}
	};
}
