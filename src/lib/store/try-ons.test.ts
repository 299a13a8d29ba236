import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makeReference, uuid } from '../../../tests/records';
import { emptyStudio, freshPhoto } from '../core';
import { database } from './database';
import { change, undo } from './journal';
import { searchShops } from './market';
import { replaceStudio, restoreBackup } from './studio';
import { anyDetail, beginTryOn, hangPictures, rateElement, showsDetail, tryOnsOf } from './try-ons';

const client = makeClient();
const asked = element(1, garment('court-shoes', ['black']));
const reference = makeReference([asked]);
const echo = makeEcho(client, reference);
const photo = (n: number) => ({
	...freshPhoto({
		id: uuid(500 + n),
		hash: String(n).repeat(64),
		mediaType: 'image/webp',
		width: 10,
		height: 20,
		byteLength: 9,
		addedOn: '2026-01-02'
	}),
	rev: 1
});

beforeEach(async () => {
	await replaceStudio({
		...emptyStudio(),
		clients: [client],
		references: [reference],
		echoes: [echo],
		photos: [photo(1), photo(2)]
	});
});
afterEach(() => vi.unstubAllGlobals());
const only = async () => (await tryOnsOf(echo.id))[0]!;
const withPictures = () =>
	change('Hung pictures', async (writer) => {
		await hangPictures(writer, undefined, echo.id, [photo(1).id, photo(2).id]);
	});

describe('a try-on', () => {
	it('is begun once by its pictures, and by what is found before there are any', async () => {
		await withPictures();
		expect((await only()).photos).toEqual([photo(1).id, photo(2).id]);
		const id = await beginTryOn('Began', echo.id);
		await rateElement('Rated', id, { elementId: asked.id, likeness: 70, change: '' });
		expect((await tryOnsOf(echo.id)).map(({ ratings }) => ratings.length).sort()).toEqual([0, 1]);
		await rateElement('Rated', id, { elementId: asked.id, change: '' });
		expect((await tryOnsOf(echo.id)).flatMap(({ ratings }) => ratings)).toEqual([]);
	});
	it('says of a picture that it is a detail, of which thing, and that it is of the whole again', async () => {
		await withPictures();
		const { id } = await only();
		const says = (of: string | undefined) => showsDetail('Said', id, photo(2).id, of);
		await says(anyDetail);
		expect((await only()).details).toEqual([{ photoId: photo(2).id }]);
		await says(asked.id);
		expect((await only()).details).toEqual([{ photoId: photo(2).id, elementId: asked.id }]);
		await says(undefined);
		expect(await only()).not.toHaveProperty('details');
		await undo();
		expect((await only()).details).toHaveLength(1);
	});
	it('forgets what a picture showed when the picture goes, and undo brings both back', async () => {
		await withPictures();
		const { id } = await only();
		await showsDetail('Said', id, photo(2).id, asked.id);
		await change('Deleted a picture', (writer) => writer.remove('photos', photo(2).id));
		expect(await only()).toMatchObject({ photos: [photo(1).id], details: [] });
		await undo();
		expect(await only()).toMatchObject({
			photos: [photo(1).id, photo(2).id],
			details: [{ photoId: photo(2).id, elementId: asked.id }]
		});
	});
});

describe('what is no whole studio', () => {
	it('never takes the place of one', async () => {
		const part = { format: 'prime-echo-studio', part: true, ...emptyStudio() };
		const opened = { document: part } as unknown as Parameters<typeof restoreBackup>[0];
		await expect(restoreBackup(opened)).rejects.toThrow(/part of a studio/);
		expect(await database.clients.count()).toBe(1);
	});
});

describe('the shops asked in words', () => {
	const shops = { simulated: true, shops: [] };
	const answering = (answers: Record<string, unknown>) => {
		const sent: { path: string; body: Record<string, unknown> | undefined }[] = [];
		vi.stubGlobal('fetch', async (path: string, init?: { body?: string }) => {
			sent.push({ path, body: init?.body === undefined ? undefined : JSON.parse(init.body) });
			const name = path.split('/').at(-1) ?? '';
			return Response.json(answers[name]);
		});
		return sent;
	};
	const ask = (cursor?: string) =>
		searchShops(
			'black court shoes',
			asked,
			{ client, fitNotes: [], schools: {}, on: '2026-01-02', by: '2026-01-20' },
			{ cursor }
		);
	it('hear the words, what they were read as, the day, and neither the client nor a measure', async () => {
		const sent = answering({ shops, search: { ...shops, listings: [], unread: [], next: '24' } });
		expect(await ask()).toMatchObject({ ok: true, next: '24' });
		const { body } = sent.find(({ path }) => path.endsWith('search'))!;
		expect(Object.keys(body!).sort()).toEqual(['as', 'by', 'labels', 'on', 'words']);
		expect(JSON.stringify(sent)).not.toContain(client.id);
		await ask('24');
		expect(sent.at(-1)?.body).toMatchObject({ cursor: '24' });
	});
	it('say why where they do not answer, and an answer of another shape is none', async () => {
		answering({ shops, search: { listings: 'none' } });
		expect(await ask()).toMatchObject({ ok: false });
	});
});
