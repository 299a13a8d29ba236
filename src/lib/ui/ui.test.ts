import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../tests/records';
import {
	aspectIds,
	choosing,
	freshExtra,
	garmentTypes,
	matchReasons,
	optionsOfPiece,
	referenceKinds,
	referenceLook,
	resolveItem,
	verdictSchema,
	wornLook
} from '../core';
import { notices } from './frame/notices.svelte';
import { noted } from './frame/noted';
import { m } from './messages';
import { eye } from './messages/eye';
import { ledger } from './messages/ledger';
import { lists } from './messages/lists';
import { tryOn } from './messages/try-on';
import { contentsInWords } from './studio/contents';

/** All texts of the messages, functions called with sample values. */
function textsIn(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	if (typeof value === 'function') return [String(value(3, 4, 5))];
	if (Array.isArray(value)) return value.flatMap(textsIn);
	return value && typeof value === 'object' ? Object.values(value).flatMap(textsIn) : [];
}

describe('the wording', () => {
	const texts = textsIn({ ...m, eye, ledger, lists, tryOn });

	it('has no exclamation marks and no apologies', () => {
		for (const text of texts) expect(text).not.toMatch(/!|sorry|oops|please/i);
	});
	it('uses British spelling and typographic apostrophes', () => {
		for (const text of texts) expect(text).not.toMatch(/\bcolor|\bgray\b|\bfavorite|\w'\w/);
	});
	it('names every reason, kind and answer that a record can hold', () => {
		for (const reason of matchReasons) expect(m.fitting.reasons[reason], reason).toBeDefined();
		for (const kind of referenceKinds) expect(m.references.kinds[kind], kind).toBeDefined();
		for (const answer of verdictSchema.shape.wouldWear.options)
			expect(m.fitting.wouldWearIt[answer], answer).toBeDefined();
	});
	it('counts one and many', () => {
		expect(m.counts.clients(1)).toBe('1 client');
		expect(m.counts.echoes(0)).toBe('0 echoes');
		expect(m.fitting.arrives(1)).toBe('arrives in 1 day');
		expect(m.fitting.arrives(4)).toBe('arrives in 4 days');
	});
	it('lists each key once a place', () => {
		const keys = m.keySheet.list.map(([group, key]) => `${group} ${key}`);
		expect(new Set(keys).size).toBe(keys.length);
	});
});

describe('components keep their texts in the messages', () => {
	const componentsIn = (folder: string): string[] =>
		readdirSync(folder).flatMap((name) => {
			const path = join(folder, name);
			return statSync(path).isDirectory() ? componentsIn(path) : path.endsWith('.svelte') ? [path] : [];
		});
	const components = componentsIn('src/lib/ui');

	it.each(components)('%s holds one idea', (path) => {
		// "Components under about 200 lines": script and markup; styles are counted apart.
		const [logic = ''] = readFileSync(path, 'utf8').split('<style>');
		expect(logic.split('\n').length).toBeLessThan(225);
	});
	it.each(components)('%s keys no list by words, of which two may be the same', (path) => {
		const words = /(?:words|title|problem|caution|measured|against\.kind)/;
		for (const [, key = ''] of readFileSync(path, 'utf8').matchAll(/\{#each [^}]*\(([\w.]+)\)\}/g))
			expect(key).not.toMatch(new RegExp(`(?:^|\\.)${words.source}$`));
	});
	it.each(components)('%s names no outside address', (path) => {
		expect(readFileSync(path, 'utf8')).not.toMatch(/https?:\/\//);
	});
});

describe('notices', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => {
		for (const { id } of [...notices.shown]) notices.close(id);
		vi.useRealTimers();
	});

	it('go by themselves, errors stay until they are closed', () => {
		notices.show({ kind: 'info', title: 'Deleted' });
		notices.show({ kind: 'error', title: 'Not saved' });
		vi.advanceTimersByTime(60_000);
		expect(notices.shown.map(({ title }) => title)).toEqual(['Not saved']);
		notices.close(notices.shown[0]!.id);
		expect(notices.shown).toHaveLength(0);
	});
	it('are one of each kind at a time, the latest', () => {
		for (const title of ['one', 'two']) notices.show({ kind: 'error', title });
		notices.show({ kind: 'info', title: 'three' });
		expect(notices.shown.map(({ title }) => title)).toEqual(['two', 'three']);
	});
	it('closing one that is gone does nothing', () => {
		notices.show({ kind: 'error', title: 'stays' });
		notices.close(-1);
		expect(notices.shown).toHaveLength(1);
	});
});

describe('looks to draw', () => {
	const jacket = element(2, garment('blazer', ['navy']), { moves: ['worn-open'] });
	const top = element(1, garment('blouse', ['ivory']));
	const piece = makePiece(1, garment('blazer', ['wine']));
	const [option] = optionsOfPiece(piece);
	const matches = choosing.chooseItem(
		[],
		[top, jacket],
		{ element: jacket, item: option!.item, garment: option!.garment },
		uuid(7)
	);
	const reference = makeReference([jacket, top]);
	const echo = makeEcho(makeClient(), reference, { matches });

	it('of a reference hold every element, in order, with its moves', () => {
		expect(referenceLook(reference).worn.map(({ id, moves }) => [id, moves])).toEqual([
			[top.id, []],
			[jacket.id, ['worn-open']]
		]);
	});
	it('of an echo hold what is worn under the element that it answers', () => {
		const look = wornLook(echo, (item) => resolveItem(item, [piece])?.garment);
		expect(look.worn).toEqual([{ id: jacket.id, garment: piece.parts[0]!.garment, moves: ['worn-open'] }]);
	});
	it('leave out pieces that are gone', () => {
		expect(wornLook(echo, () => undefined).worn).toEqual([]);
	});
	it('hold extras too', () => {
		const extras = [freshExtra({ id: uuid(8), item: option!.item })];
		const look = wornLook({ ...echo, matches: [], extras }, (item) => resolveItem(item, [piece])?.garment);
		expect(look.worn.map(({ id }) => id)).toEqual([uuid(8)]);
	});
});

it('a studio’s contents are counted in words', () => {
	expect(contentsInWords({ clients: [makeClient()], pieces: [], references: [], echoes: [] })).toBe(
		'1 client, 0 pieces, 0 references, 0 echoes'
	);
});

it('every type and aspect has a word to show', () => {
	for (const { singular, familyLabel } of garmentTypes) expect(singular && familyLabel).toBeTruthy();
	expect(aspectIds.length).toBeGreaterThan(20);
});

it('a figure that is taken out leaves no entry behind, and the others as they were', () => {
	const figures = { waist: 70, hip: 96 };
	expect(noted(figures, 'hip', 98)).toEqual({ waist: 70, hip: 98 });
	expect(Object.keys(noted(figures, 'hip', null))).toEqual(['waist']);
	expect(figures).toEqual({ waist: 70, hip: 96 });
});
