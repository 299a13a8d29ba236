import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import { choosing, freshEvent } from '$lib/core';
import { element } from '../../../../tests/arbitraries';
import { dueFor } from './due';

describe('what is due on the desk', () => {
	const client = makeClient();
	const top = element(1, garment('blouse', ['ivory']));
	const reference = makeReference([top]);
	const blouse = makePiece(1, garment('blouse', ['ivory'], { material: 'silk' }));
	const item = { source: 'piece' as const, pieceId: blouse.id, partId: blouse.parts[0]?.id ?? '' };
	const matches = choosing.chooseItem([], [top], { element: top, item, garment: top.garment }, uuid(77));
	const event = freshEvent({ id: uuid(50), clientId: client.id, title: 'Opening', date: '2026-12-20' });
	const echo = makeEcho(client, reference, { matches, eventId: event.id });
	const from = { echoes: [echo], events: [event], clients: [client], pieces: [blouse] };

	it('is what the look asks for, by its day, the earliest first', () => {
		const due = dueFor(from);
		expect(due.map(({ task, day }) => `${day} ${task.kind}`)).toEqual([
			'2026-12-17 try-on',
			'2026-12-19 steam',
			'2026-12-19 pack'
		]);
		expect(due.every(({ done }) => !done)).toBe(true);
	});
	it('moves with the event, and a tick stays', () => {
		const prepared = dueFor(from).map(({ task }) => ({ task: task.key, on: '2026-12-01' }));
		const later = dueFor({
			...from,
			echoes: [{ ...echo, prepared }],
			events: [{ ...event, date: '2027-01-20' }]
		});
		expect(later[0]?.day).toBe('2027-01-17');
		expect(later.every(({ done }) => done)).toBe(true);
	});
	it('is nothing for an echo without an event, or whose client is not there', () => {
		const { eventId: _none, ...loose } = echo;
		expect(dueFor({ ...from, echoes: [loose] })).toEqual([]);
		expect(dueFor({ ...from, clients: [] })).toEqual([]);
	});
});
