// @vitest-environment jsdom
import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { formDraft, keptLine, type FormDraft } from './form.svelte';

interface Facts {
	rev: number;
	name: string;
	brief: string;
}

/** A tab's own storage. */
function storage() {
	const kept = new Map<string, string>();
	return {
		getItem: (key: string) => kept.get(key) ?? null,
		setItem: (key: string, value: string) => void kept.set(key, value),
		removeItem: (key: string) => void kept.delete(key),
		size: () => kept.size
	};
}

let tab: ReturnType<typeof storage>;
let stored: Facts;
let stop: () => void;
let form: FormDraft<Facts>;
function begin(): FormDraft<Facts> {
	stop = $effect.root(() => {
		form = formDraft<Facts>({ key: () => 'client/1', begin: () => ({ ...stored }) });
	});
	form.open();
	flushSync();
	return form;
}
beforeEach(() => {
	tab = storage();
	stored = { rev: 1, name: 'Ottoline', brief: '' };
	vi.stubGlobal('sessionStorage', tab);
});
afterEach(() => {
	stop();
	vi.unstubAllGlobals();
});

describe('what is typed into a form', () => {
	it('is known to be changed, and changed back', () => {
		begin();
		expect(form.changed).toBe(false);
		form.value.name = 'Half';
		expect(form.changed).toBe(true);
		form.value.name = 'Ottoline';
		expect(form.changed).toBe(false);
	});
	it('outlives a reload until it is saved or discarded', () => {
		begin();
		form.value.name = 'Half a thought';
		flushSync();
		stop();
		const again = begin();
		expect(again.restored).toBe(true);
		expect(again.value.name).toBe('Half a thought');
		again.end();
		flushSync();
		stop();
		expect(begin().restored).toBe(false);
	});
	it('afresh begins with what is stored, and keeps nothing', () => {
		begin();
		form.value.name = 'Half';
		flushSync();
		form.discard();
		flushSync();
		expect(form.value.name).toBe('Ottoline');
		expect(tab.size()).toBe(0);
	});
	it('is joined with what was saved elsewhere; a disputed field can be taken from either', () => {
		begin();
		form.value.name = 'Mine';
		const elsewhere = { id: '1', rev: 4, name: 'Theirs', brief: 'Written elsewhere' };
		expect(form.join(elsewhere)).toBe(false);
		expect(form.value).toMatchObject({ rev: 4, name: 'Mine', brief: 'Written elsewhere' });
		expect(form.disputed).toMatchObject([{ field: 'name', mine: 'Mine', theirs: 'Theirs' }]);
		form.settle('name', 'theirs', { ...form.value });
		expect(form.value.name).toBe('Theirs');
	});
	it('works in a browser that keeps nothing', () => {
		vi.stubGlobal('sessionStorage', undefined);
		begin();
		form.value.name = 'Half';
		flushSync();
		expect(form.value.name).toBe('Half');
	});
});

describe('a line that is kept', () => {
	let about = $state('reference/1');
	function line() {
		let made: ReturnType<typeof keptLine> | undefined;
		stop = $effect.root(() => {
			made = keptLine(() => about);
		});
		flushSync();
		return made as ReturnType<typeof keptLine>;
	}
	beforeEach(() => {
		about = 'reference/1';
		stop = () => undefined;
	});
	it('outlives a reload until it is taken', () => {
		line().text = 'lilac frobbers';
		flushSync();
		stop();
		const again = line();
		expect(again.text).toBe('lilac frobbers');
		again.text = '';
		flushSync();
		stop();
		expect(line().text).toBe('');
		expect(tab.size()).toBe(0);
	});
	it('is of one thing: another has its own, and the first comes back', () => {
		const said = line();
		said.text = 'lilac frobbers';
		flushSync();
		about = 'reference/2';
		flushSync();
		expect(said.text).toBe('');
		said.text = 'white shirt';
		flushSync();
		about = 'reference/1';
		flushSync();
		expect(said.text).toBe('lilac frobbers');
		expect(tab.size()).toBe(2);
	});
	it('works in a browser that keeps nothing', () => {
		vi.stubGlobal('sessionStorage', undefined);
		const said = line();
		said.text = 'white shirt';
		flushSync();
		expect(said.text).toBe('white shirt');
	});
});
