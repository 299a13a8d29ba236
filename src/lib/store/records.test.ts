import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { element, garment } from '../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../tests/records';
import { asVersion, choosing, emptyStudio, freshEvent, freshWear, optionsOfPiece, scoreEcho } from '../core';
import { database } from './database';
import { beginEcho, beginWearable, keepOutfit } from './echoes';
import { change, undo } from './journal';
import { tick } from './preparation';
import { replaceStudio } from './studio';
import { judgeEcho } from './verdicts';
import { dropVersion, keepVersion, wearVersion } from './versions';
import { piecesWornIn } from './worn';

const client = makeClient();
const removed = (table: 'pieces' | 'clients' | 'references' | 'events', id: string) =>
	change('Deleted', (writer) => writer.remove(table, id));

describe('changes to several records', () => {
	const top = element(1, garment('blouse', ['ivory']));
	const reference = makeReference([top]);
	const blouse = makePiece(1, garment('blouse', ['ivory']));
	const item = { source: 'piece' as const, pieceId: blouse.id, partId: blouse.parts[0]?.id ?? '' };
	const matches = choosing.chooseItem([], [top], { element: top, item, garment: top.garment }, uuid(77));
	const echo = makeEcho(client, reference, { matches });

	beforeEach(() =>
		replaceStudio({
			...emptyStudio(),
			clients: [client],
			pieces: [blouse],
			references: [reference],
			echoes: [echo]
		})
	);
	afterEach(() => replaceStudio(emptyStudio()));

	it('begin an echo', async () => {
		const id = await beginEcho('Began', client.id, reference.id, 'Second try');
		expect(await database.echoes.get(id)).toMatchObject({ title: 'Second try', matches: [], rev: 1 });
	});

	it('begin an echo for an event, with its day and its budget', async () => {
		const event = freshEvent({
			id: uuid(50),
			clientId: client.id,
			title: 'Opening',
			date: '2026-12-20',
			dressCode: 'smart',
			budget: { amountMinor: 9000, currency: 'GBP' }
		});
		await change('Added', (writer) => writer.create('events', event));
		const id = await beginEcho('Began', client.id, reference.id, 'For it', event.id);
		expect(await database.echoes.get(id)).toMatchObject({
			eventId: event.id,
			plannedFor: { date: '2026-12-20', dressCode: 'smart' },
			spendLimit: { amountMinor: 9000 }
		});
		// The event goes, the echo stays, without a day.
		await removed('events', event.id);
		expect((await database.echoes.get(id))?.eventId).toBeUndefined();
	});

	it('tick a task once, and take the tick back', async () => {
		await tick('Prepared', echo.id, 'steam x', true);
		await tick('Prepared', echo.id, 'steam x', true);
		expect((await database.echoes.get(echo.id))?.prepared).toHaveLength(1);
		await tick('Prepared', echo.id, 'steam x', false);
		expect((await database.echoes.get(echo.id))?.prepared).toEqual([]);
		await undo();
		expect((await database.echoes.get(echo.id))?.prepared.map(({ task }) => task)).toEqual(['steam x']);
	});

	it('keep an outfit as a reference and an echo of it that is whole, as one change', async () => {
		const worn = optionsOfPiece(blouse).map((option) => ({ option, moves: ['tucked' as const] }));
		const id = await keepOutfit('Kept', worn, 'Blouse, tucked');
		const kept = await database.echoes.get(id);
		const made = await database.references.get(kept?.referenceId ?? '');
		expect(made?.elements[0]?.moves).toEqual(['tucked']);
		expect(kept && made && scoreEcho(kept, made, [blouse]).score).toBeCloseTo(100, 6);
		await undo();
		expect(await database.echoes.get(id)).toBeUndefined();
		expect(await database.references.get(kept?.referenceId ?? '')).toBeUndefined();
	});

	it('let a day of wear go of a piece that is deleted, and keep the day', async () => {
		const wear = freshWear({
			id: uuid(60),
			clientId: client.id,
			on: '2026-01-05',
			pieceIds: [blouse.id],
			echoId: echo.id
		});
		await change('Wore', (writer) => writer.create('wears', wear));
		await removed('pieces', blouse.id);
		expect((await database.wears.get(wear.id))?.pieceIds).toEqual([]);
		await undo();
		expect((await database.wears.get(wear.id))?.pieceIds).toEqual([blouse.id]);
		expect(await piecesWornIn([echo])).toHaveLength(1);
	});

	it('take a deleted piece out of its echoes, and undo brings both back', async () => {
		await removed('pieces', blouse.id);
		expect((await database.echoes.get(echo.id))?.matches).toEqual([]);
		await undo();
		expect((await database.echoes.get(echo.id))?.matches).toEqual(matches);
		expect(await database.pieces.count()).toBe(1);
	});

	it('delete a client with wardrobe and echoes, and undo brings all back', async () => {
		await removed('clients', client.id);
		expect([
			await database.clients.count(),
			await database.pieces.count(),
			await database.echoes.count()
		]).toEqual([0, 0, 0]);
		await undo();
		expect([
			await database.clients.count(),
			await database.pieces.count(),
			await database.echoes.count()
		]).toEqual([1, 1, 1]);
	});

	it('delete a reference with its echoes', async () => {
		await removed('references', reference.id);
		expect(await database.echoes.count()).toBe(0);
	});

	it('let go of an event that is deleted, and keep the echo', async () => {
		const event = freshEvent({ id: uuid(600), clientId: client.id, title: 'Opening', date: '2026-12-01' });
		await change('Made an event', async (writer) => {
			await writer.create('events', event);
			await writer.edit('echoes', echo.id, (draft) => void (draft.eventId = event.id));
		});
		await removed('events', event.id);
		expect((await database.echoes.get(echo.id))?.eventId).toBeUndefined();
	});

	it('take the answers out of echoes when an element is taken out of its reference, and undo brings them back', async () => {
		await change('Emptied the reference', (writer) =>
			writer.edit('references', reference.id, (draft) => void (draft.elements = []))
		);
		expect((await database.echoes.get(echo.id))?.matches).toEqual([]);
		await undo();
		expect((await database.echoes.get(echo.id))?.matches).toEqual(matches);
	});

	it('keep what was judged when the reference is edited later', async () => {
		await judgeEcho('Judged', echo, { ownRating: 90, wouldWear: 'yes', note: 'Right.', pieces: [] });
		await change('Emptied the reference', (writer) =>
			writer.edit('references', reference.id, (draft) => void (draft.elements = []))
		);
		const [judgement] = (await database.echoes.get(echo.id))?.judgements ?? [];
		expect(judgement).toMatchObject({ verdict: { ownRating: 90 }, score: 100 });
		expect(judgement?.reference.elements).toHaveLength(1);
	});
});

describe('a wearable version', () => {
	it('is a reference and an echo of its own, undone as one', async () => {
		const [kept, gone] = [element(1, garment('blazer', ['navy'])), element(2, garment('hoops', ['gold']))];
		const reference = makeReference([kept, gone]);
		const echo = makeEcho(client, reference, {
			matches: choosing.leaveOut(choosing.leaveOut([], kept.id, uuid(71)), gone.id, uuid(72))
		});
		// A version of the base, and why something was missing in it, name elements that the new reference has not.
		echo.versions = [asVersion(echo, { id: uuid(73), name: 'Before', kind: 'fitted', on: '2026-01-01' })];
		echo.gapNotes = [{ elementId: gone.id, reason: 'to-hunt', instead: '', note: '' }];
		await replaceStudio({ ...emptyStudio(), clients: [client], references: [reference], echoes: [echo] });
		const id = await beginWearable('Began', echo, { elements: [kept], changes: [] }, 'Wearable');
		const begun = await database.echoes.get(id);
		expect(begun?.matches.flatMap(({ elementIds }) => elementIds)).toEqual([kept.id]);
		expect([begun?.versions, begun?.gapNotes]).toEqual([[], []]);
		expect((await database.references.get(begun!.referenceId))?.elements).toEqual([kept]);
		await undo();
		expect(await database.echoes.count()).toBe(1);
		expect(await database.references.count()).toBe(1);
	});
	it('wears what it was proposed with', async () => {
		const asked = element(1, garment('skirt', ['red'], { hemLength: 'mini' }));
		const owned = makePiece(1, garment('skirt', ['red'], { hemLength: 'midi' }));
		const [option] = optionsOfPiece(owned);
		const reference = makeReference([asked]);
		const echo = makeEcho(client, reference);
		await replaceStudio({
			...emptyStudio(),
			clients: [client],
			pieces: [owned],
			references: [reference],
			echoes: [echo]
		});
		const worn = { ...asked, garment: option!.garment };
		const offer = { key: 'owned', title: 'Red midi', item: option!.item, garment: option!.garment };
		const words = { elementId: asked.id, why: 'no minis', words: 'Red midi, owned', points: 2 };
		const change = { ...words, change: { kind: 'wear' as const, offer } };
		const id = await beginWearable('Began', echo, { elements: [worn], changes: [change] }, 'Wearable');
		const begun = await database.echoes.get(id);
		expect(begun?.matches).toMatchObject([{ elementIds: [asked.id], items: [option!.item], byHand: true }]);
		expect((await database.references.get(begun!.referenceId))?.note).toBe('Red midi, owned (no minis)');
	});
});

describe('versions of an echo', () => {
	const [jacket, bag] = [element(1, garment('blazer', ['navy'])), element(2, garment('handbag', ['tan']))];
	const piece = makePiece(1, garment('blazer', ['navy']));
	const reference = makeReference([jacket, bag]);
	const begin = async () => {
		const matches = choosing.chooseItem(
			[],
			reference.elements,
			{ element: jacket, item: optionsOfPiece(piece)[0]!.item, garment: piece.parts[0]!.garment },
			uuid(80)
		);
		const echo = makeEcho(client, reference, { matches });
		await replaceStudio({
			...emptyStudio(),
			clients: [client],
			pieces: [piece],
			references: [reference],
			echoes: [echo]
		});
		return echo;
	};
	const stored = async () => (await database.echoes.toArray())[0]!;

	it('are kept, gone back to with what was worn kept, and dropped, each undone', async () => {
		const echo = await begin();
		await change('Kept', keepVersion(echo.id, { name: 'As fitted', kind: 'fitted' }));
		await change('Cleared', (writer) => writer.edit('echoes', echo.id, (draft) => void (draft.matches = [])));
		const [version] = (await stored()).versions;
		await change('Back', wearVersion(echo.id, version!.id, 'Before'));
		expect((await stored()).matches).toEqual(echo.matches);
		expect((await stored()).versions.map(({ name }) => name)).toEqual(['As fitted', 'Before']);
		await undo();
		expect((await stored()).matches).toEqual([]);
		expect((await stored()).versions).toHaveLength(1);
		await change('Dropped', dropVersion(echo.id, version!.id));
		expect((await stored()).versions).toEqual([]);
		await undo();
		expect((await stored()).versions).toEqual([version]);
	});
	it('are left as they are by what is changed afterwards', async () => {
		const echo = await begin();
		await change('Kept', keepVersion(echo.id, { name: 'As fitted', kind: 'fitted' }));
		await change('Noted', (writer) =>
			writer.edit('echoes', echo.id, (draft) => {
				draft.matches = choosing.noteMatch(draft.matches, jacket.id, { reason: 'weather' });
			})
		);
		expect((await stored()).versions[0]?.matches[0]?.reason).toBe('owned');
	});
	it('let go of a piece that is deleted, and of an element that is', async () => {
		const echo = await begin();
		await change('Kept', keepVersion(echo.id, { name: 'As fitted', kind: 'fitted' }));
		await change('Gone', (writer) => writer.remove('pieces', piece.id));
		expect((await stored()).versions[0]?.matches).toEqual([]);
		await undo();
		expect((await stored()).versions[0]?.matches).toHaveLength(1);
		await change('Noted', (writer) =>
			writer.edit('echoes', echo.id, (draft) => {
				draft.gapNotes.push({ elementId: bag.id, reason: 'to-hunt', instead: '', note: '' });
			})
		);
		await change('Element gone', (writer) =>
			writer.edit('references', reference.id, (draft) => void (draft.elements = [draft.elements[0]!]))
		);
		expect((await stored()).gapNotes).toEqual([]);
	});
});
