import { dequal } from 'dequal/lite';
import { liveQuery } from 'dexie';
import { untrack } from 'svelte';
import { kept, keptEpoch, type Versioned } from './kept';

export interface Live<T> {
	/** Undefined until the first answer. */
	readonly value: T | undefined;
	readonly error: Error | undefined;
}

/** What is shown of an answer, given what was shown before; undefined at first, and after another studio was put in its place. */
type Shown<T> = (before: T | undefined, answer: T) => T;

function followed<T>(
	prepare: () => () => T | Promise<T>,
	shown: Shown<T>
): Live<T> & { put: (value: T | undefined) => void } {
	let value = $state.raw<T | undefined>();
	let error = $state.raw<Error | undefined>();
	let since = keptEpoch();
	$effect(() => {
		const subscription = liveQuery(prepare()).subscribe({
			next: (answer) => {
				const before = keptEpoch() === since ? untrack(() => value) : undefined;
				value = shown(before, answer);
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
		},
		put: (next) => (value = next)
	};
}

/**
 * A query whose answer follows the store, also when another tab writes; what did not change in it stays the same object. `prepare` runs under Svelte's tracking:
 * read props and state there, and return the query that uses them. Call it while a component is being set up.
 */
export const live = <T>(prepare: () => () => T | Promise<T>): Live<T> => followed(prepare, kept);

/** One record that is looked up; without `found`, it is not there. */
export interface Found<T> {
	found?: T | undefined;
}

export interface LiveAhead<T> extends Live<Found<T>> {
	/** Shows the record as it will be, until the store has it so. */
	show(next: T): void;
	/** Shows what is stored again: the write did not come to be. */
	takeBack(): void;
	/** The write is done: what the store does not confirm soon is taken back. */
	settle(): void;
}

/** A write that is done and of which no answer comes changed nothing; the slowest answers come within this. */
const patienceMs = 2000;

/**
 * A record that is looked up as `live` does it, and may be shown ahead of the store: a choice is seen at once, and its write follows. As soon
 * as the store has the record under that `rev` or a later one, it is the store’s that is shown; where both are the same, the very object that
 * was shown before, so that nothing is worked out twice.
 */
export function liveAhead<T extends Versioned>(prepare: () => () => Promise<Found<T>>): LiveAhead<T> {
	let foreseen: T | undefined;
	let stored: Found<T> | undefined;
	const record = followed<Found<T>>(prepare, (before, answer) => {
		stored = answer;
		const [now, awaited] = [answer.found, foreseen];
		if (!awaited) return kept(before, answer);
		if (before && now?.id === awaited.id && now.rev < awaited.rev) return before;
		foreseen = undefined;
		return before && dequal(now, awaited) ? before : answer;
	});
	const takeBack = () => {
		foreseen = undefined;
		record.put(stored);
	};
	return {
		get value() {
			return record.value;
		},
		get error() {
			return record.error;
		},
		show(next) {
			foreseen = next;
			record.put({ found: next });
		},
		takeBack,
		settle() {
			const settled = foreseen;
			if (settled) setTimeout(() => foreseen === settled && takeBack(), patienceMs);
		}
	};
}
