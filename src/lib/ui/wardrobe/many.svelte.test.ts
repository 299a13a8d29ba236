import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient, makePiece } from '../../../../tests/records';
import { emptyStudio } from '$lib/core';
import { database } from '$lib/store/database';
import { undo } from '$lib/store/journal';
import { replaceStudio } from '$lib/store/studio';
import type { Writer } from '$lib/store/writer';
import { notices } from '../frame/notices.svelte';
import { manyAtOnce } from './many.svelte';

const client = makeClient();
const pieces = Array.from({ length: 120 }, (_, i) =>
	makePiece(i + 1, garment('blazer', ['navy']), { clientId: client.id })
);
const away = (writer: Writer, id: string) =>
	writer.edit('pieces', id, (piece) => void (piece.state = 'away'));
const countAway = () => database.pieces.filter(({ state }) => state === 'away').count();

beforeEach(async () => {
	await replaceStudio({ ...emptyStudio(), clients: [client], pieces });
	for (const { id } of [...notices.shown]) notices.close(id);
});

describe('a change of many pieces', () => {
	it('tells how far it is, is told once, and is taken back as one', async () => {
		const many = manyAtOnce();
		const seen: number[] = [];
		expect(many.progress).toBeUndefined();
		const made = many.run('All are away', pieces, async (writer, id) => {
			seen.push(many.progress?.done ?? -1);
			await away(writer, id);
		});
		expect(many.busy).toBe(true);
		expect(await made).toBe(true);
		expect(seen).toEqual(pieces.map((_, i) => i - (i % 25)));
		expect(many.progress).toBeUndefined();
		expect(await countAway()).toBe(pieces.length);
		expect(notices.info?.title).toBe('All are away');
		await undo();
		expect(await countAway()).toBe(0);
	});
	it('stopped half-way leaves every piece as it was, says nothing, and can be begun again', async () => {
		const many = manyAtOnce();
		let n = 0;
		const made = await many.run('All are away', pieces, async (writer, id) => {
			if (++n === 60) many.stop();
			await away(writer, id);
		});
		expect([made, n]).toEqual([false, 60]);
		expect(await countAway()).toBe(0);
		expect(notices.shown).toEqual([]);
		expect(await many.run('All are away', pieces, away)).toBe(true);
	});
	it('a second press while it is under way does nothing; a few are not worth a bar', async () => {
		const many = manyAtOnce();
		const first = many.run('Three are away', pieces.slice(0, 3), async (writer, id) => {
			expect(many.progress).toBeUndefined();
			await away(writer, id);
		});
		expect(await many.run('All are away', pieces, away)).toBe(false);
		expect(await first).toBe(true);
		expect(await countAway()).toBe(3);
	});
});
