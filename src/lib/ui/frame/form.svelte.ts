import type { AnyRecord } from '$lib/core';
import { untrack } from 'svelte';
import { merge } from './merge';

/** A field that was changed here and elsewhere: both versions, to choose from. */
export interface Disputed {
	field: string;
	label: string;
	mine: string;
	theirs: string;
}

export interface FormOptions<T> {
	/** What the draft is kept under while it is not saved: "client/…id" or "client/new". */
	key: () => string;
	/** What the form begins with. */
	begin: () => T;
	/** What the form would begin with, were this record stored; without it, the record itself. */
	from?: (record: AnyRecord) => T;
	/** How a field is called, and a value of it said, where two versions are shown. */
	label?: (field: string) => string;
	words?: (field: string, value: unknown) => string | undefined;
}

const inWords = (value: unknown): string => {
	if (value === undefined || value === null || value === '') return '–';
	if (Array.isArray(value)) return value.length === 0 ? '–' : value.map(inWords).join(', ');
	if (typeof value === 'object')
		return Object.entries(value)
			.filter(([, inner]) => inner !== undefined)
			.map(([key, inner]) => `${key} ${inWords(inner)}`)
			.join(', ');
	return typeof value === 'string' ? value : JSON.stringify(value);
};

const storedUnder = (key: string) => `prime-echo-draft ${key}`;

/** The drafts of this tab; a browser that keeps none loses a draft at a reload and nothing else. */
const drafts = {
	get(key: string): string | null {
		try {
			return sessionStorage.getItem(storedUnder(key));
		} catch {
			return null;
		}
	},
	set(key: string, text: string | undefined): void {
		try {
			if (text === undefined) sessionStorage.removeItem(storedUnder(key));
			else sessionStorage.setItem(storedUnder(key), text);
		} catch {
			// Full or forbidden: the form works without.
		}
	}
};

/**
 * What is typed into a form until it is saved: it knows whether it was changed, survives a reload, and can be joined with
 * what was saved elsewhere in the meantime. Call it while a component is being set up.
 */
export function formDraft<T extends object>({
	key,
	begin,
	from = (record) => record as unknown as T,
	label = (field) => field,
	words
}: FormOptions<T>) {
	let value = $state(begin());
	let base = $state.raw(JSON.stringify(begin()));
	let at = $state('');
	let restored = $state(false);
	let theirs = $state.raw<T | undefined>();
	let disputed = $state.raw<Disputed[]>([]);
	const text = $derived(JSON.stringify(value));
	const changed = $derived(text !== base);

	$effect(() => {
		if (at !== '') drafts.set(at, changed ? JSON.stringify({ base, value }) : undefined);
	});

	function open() {
		const fresh = begin();
		at = key();
		base = JSON.stringify(fresh);
		disputed = [];
		theirs = undefined;
		restored = false;
		const kept = drafts.get(at);
		const draft = kept ? (JSON.parse(kept) as { base: string; value: T }) : undefined;
		if (draft) {
			value = draft.value;
			base = draft.base;
			restored = true;
		} else value = fresh;
	}

	return {
		get value(): T {
			return value;
		},
		set value(next: T) {
			value = next;
		},
		/** Differs from what it began with. */
		get changed() {
			return changed;
		},
		/** Was it begun before, and left without saving? */
		get restored() {
			return restored;
		},
		get disputed(): readonly Disputed[] {
			return disputed;
		},
		/** Begins: with what was left unsaved, else with what is stored. */
		open,
		/** Throws away what was typed. */
		discard() {
			drafts.set(at, undefined);
			value = begin();
			base = JSON.stringify(value);
			restored = false;
			disputed = [];
		},
		/** It is saved, or given up: nothing is kept. */
		end() {
			drafts.set(at, undefined);
			at = '';
			disputed = [];
			theirs = undefined;
			restored = false;
			base = text;
		},
		/** Joins what was saved elsewhere; returns whether all of it could be joined without asking. */
		join(record: AnyRecord): boolean {
			const stored = from(record);
			const began = JSON.parse(base) as T;
			const mine = $state.snapshot(value) as T;
			const joined = merge(began, mine, stored);
			value = joined.merged;
			theirs = stored;
			base = JSON.stringify(stored);
			const say = (field: string, one: unknown) => words?.(field, one) ?? inWords(one);
			disputed = joined.disputed.map((field) => ({
				field,
				label: label(field),
				mine: say(field, mine[field]),
				theirs: say(field, stored[field])
			}));
			return disputed.length === 0;
		},
		/** Settles a disputed field: as typed here, or as saved elsewhere. */
		settle(field: string, by: 'mine' | 'theirs', mine: T) {
			const key = field as keyof T;
			const from = by === 'theirs' ? theirs : mine;
			if (from) value[key] = from[key];
		}
	};
}
export type FormDraft<T extends object> = ReturnType<typeof formDraft<T>>;

/**
 * A line of text that is kept until it is taken: it survives a reload, and each thing that it is about has its own. Call it
 * while a component is being set up.
 *
 * @param key what the line is about: "reference/…id"
 */
export function keptLine(key: () => string) {
	let text = $state('');
	let at = $state('');
	$effect.pre(() => {
		const now = `line ${key()}`;
		if (untrack(() => at) === now) return;
		at = now;
		text = drafts.get(now) ?? '';
	});
	$effect(() => {
		if (at !== '') drafts.set(at, text === '' ? undefined : text);
	});
	return {
		get text() {
			return text;
		},
		set text(typed: string) {
			text = typed;
		}
	};
}
