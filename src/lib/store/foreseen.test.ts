// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { makeClient, makeEcho, makeReference, uuid } from '../../../tests/records';
import { emptyStudio, type Echo } from '../core';
import { openDatabase, type StudioDatabase } from './database';
import { forgetForeseen, noteForeseen, writeForeseen } from './foreseen';
import { change, undo } from './journal';
import { replaceStudio } from './studio';

const client = makeClient();
const reference = makeReference([]);
const echo = makeEcho(client, reference, { title: 'As it was' });
const as = (title: string, steps = 1): Echo => ({ ...echo, title, rev: echo.rev + steps });

let db: StudioDatabase;
let count = 0;
const stored = async () => await db.echoes.get(echo.id);
/** The tab loads anew: whatever asks first waits for what was foreseen. */
function reload(): void {
	db.close();
	db = openDatabase(`foreseen-${count}`);
	db.on('ready', (ready) => writeForeseen(ready as StudioDatabase));
}
beforeEach(async () => {
	sessionStorage.clear();
	db = openDatabase(`foreseen-${++count}`);
	await replaceStudio({ ...emptyStudio(), clients: [client], references: [reference], echoes: [echo] }, db);
});
afterEach(() => db.delete());

describe('what was shown and not written when the tab was loaded anew', () => {
	it('is written before anything is answered, and can be taken back', async () => {
		noteForeseen('Chose something', as('As it was seen'));
		reload();
		expect((await stored())?.title).toBe('As it was seen');
		expect(await undo({ db })).toBe('Chose something');
		expect((await stored())?.title).toBe('As it was');
		reload();
		expect((await stored())?.title).toBe('As it was');
	});
	it('is the last of several steps, also where the first of them is written', async () => {
		noteForeseen('First', as('One'));
		noteForeseen('Second', as('Two', 2));
		await change(
			'First',
			(writer) => writer.edit('echoes', echo.id, (draft) => void (draft.title = 'One')),
			db
		);
		forgetForeseen(echo.id, echo.rev + 1);
		reload();
		expect((await stored())?.title).toBe('Two');
	});
	it('changes nothing once it is written, or was taken back', async () => {
		noteForeseen('Chose something', as('Seen'));
		await change(
			'Chose',
			(writer) => writer.edit('echoes', echo.id, (draft) => void (draft.title = 'Seen')),
			db
		);
		reload();
		expect(await stored()).toMatchObject({ title: 'Seen', rev: echo.rev + 1 });
		noteForeseen('Chose another', as('Refused', 2));
		forgetForeseen(echo.id);
		reload();
		expect((await stored())?.title).toBe('Seen');
	});
	it('gives way to what was changed since, to another studio, and to a note that is none', async () => {
		noteForeseen('Chose something', as('Seen'));
		for (const title of ['Elsewhere', 'Elsewhere again'])
			await change(
				'Elsewhere',
				(writer) => writer.edit('echoes', echo.id, (draft) => void (draft.title = title)),
				db
			);
		reload();
		expect((await stored())?.title).toBe('Elsewhere again');
		noteForeseen('Chose something', { ...as('Seen', 3), id: uuid(77) });
		reload();
		expect(await db.echoes.count()).toBe(1);
		sessionStorage.setItem('prime-echo-foreseen', '{"label"');
		reload();
		expect((await stored())?.title).toBe('Elsewhere again');
		noteForeseen('Chose something', { ...as('', 3), matches: 'none' as unknown as Echo['matches'] });
		reload();
		expect((await stored())?.title).toBe('Elsewhere again');
	});
});
