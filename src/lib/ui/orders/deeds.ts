/** What is done with an order: each deed is one change of all that hangs on it, and can be undone. */
import {
	arrived,
	nextStates,
	pieceOf,
	refundFor,
	seenAnew,
	triedOn,
	wearsAsPiece,
	wearsNoMore,
	withBackup,
	withLine,
	type FitNote,
	type LineState,
	type Match,
	type Order,
	type OrderLine,
	type WatchNews
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import type { Writer } from '$lib/store/writer';
import { performTold, SpokenError } from '../frame/perform';
import { m } from '../messages';

/** An order as it is stored now, made into another; refused where its line can no longer go there. */
const rewrite = (writer: Writer, { id }: Order, change: (order: Order) => Order) =>
	writer.edit('orders', id, (draft) => {
		const next = change(draft);
		Object.assign(draft, next);
	});

function checked(order: Order, lineId: string, to: LineState) {
	const line = order.lines.find(({ id }) => id === lineId);
	if (!line || !nextStates(line).includes(to)) throw new SpokenError(m.orders.gone);
}

const step = (order: Order, lineId: string, to: LineState, more: Partial<OrderLine> = {}) => {
	checked(order, lineId, to);
	return withLine(order, lineId, to, today(), more);
};

/** Notes how a size fitted, where there was one to try. */
async function noteFit(
	writer: Writer,
	order: Order,
	line: OrderLine,
	verdict: FitNote['verdict'],
	kept: boolean
) {
	const note = triedOn(order, line, { id: newId(), verdict, kept, on: today() });
	if (note) await writer.create('fitNotes', { ...note, rev: 0 });
}

export const orderDeeds = {
	came: (order: Order) =>
		performTold(m.orders.did.came(order.shop.name), (writer) =>
			rewrite(writer, order, (stored) => arrived(stored, today()))
		),
	cancel: (order: Order, line: OrderLine) =>
		performTold(m.orders.did.cancelled(line.listing.title), async (writer) => {
			await rewrite(writer, order, (stored) => step(stored, line.id, 'cancelled'));
			for (const id of line.echoIds)
				await writer.edit(
					'echoes',
					id,
					(draft) => void Object.assign(draft, wearsNoMore(draft, line.listing.id))
				);
		}),
	/** It hangs on its client's rail, and its looks wear it from there. */
	keep: (order: Order, line: OrderLine, verdict: FitNote['verdict']) =>
		performTold(m.orders.did.kept(line.listing.title), async (writer) => {
			const piece = pieceOf(order, line, newId);
			await writer.create('pieces', piece);
			await rewrite(writer, order, (stored) => step(stored, line.id, 'kept', { pieceId: piece.id }));
			for (const id of line.echoIds)
				await writer.edit(
					'echoes',
					id,
					(draft) => void Object.assign(draft, wearsAsPiece(draft, line.listing.id, piece))
				);
			await noteFit(writer, order, line, verdict, true);
		}),
	/** It goes: from the rail, too, where it hung already; its looks wear it no more. */
	sendBack: (order: Order, line: OrderLine, verdict: FitNote['verdict']) =>
		performTold(m.orders.did['sent-back'](line.listing.title), async (writer) => {
			await rewrite(writer, order, (stored) => step(stored, line.id, 'sent-back', { pieceId: undefined }));
			if (line.pieceId !== undefined) await writer.remove('pieces', line.pieceId);
			for (const id of line.echoIds)
				await writer.edit(
					'echoes',
					id,
					(draft) => void Object.assign(draft, wearsNoMore(draft, line.listing.id))
				);
			if (line.state === 'here') await noteFit(writer, order, line, verdict, false);
		}),
	refunded: (order: Order, line: OrderLine) =>
		performTold(m.orders.did.refunded(line.listing.title), (writer) =>
			rewrite(writer, order, (stored) =>
				step(stored, line.id, 'refunded', { refund: refundFor(stored, line) })
			)
		)
};

const changeMatch = (label: string, { echo, matchId }: WatchNews, update: (match: Match) => Match) =>
	performTold(label, (writer) =>
		writer.edit('echoes', echo.id, (draft) => {
			draft.matches = draft.matches.map((match) => (match.id === matchId ? update(match) : match));
		})
	);

/** What is done with news of the shops. */
export const watchDeeds = {
	/** What sold out gives way to the first of its backups that is there, and is kept beside it. */
	takeBackup: (one: Extract<WatchNews, { kind: 'sold-out' }>) => {
		const { backup, item, now } = one;
		return backup
			? changeMatch(m.orders.watch.tookBackup(backup.listing.title), one, (match) =>
					withBackup(match, backup, item, now)
				)
			: Promise.resolve(false);
	},
	/** From now on it is as it stands in the shop today: its price is paid, and there is nothing more to tell. */
	seen: (one: WatchNews) =>
		changeMatch(m.orders.watch.tookPrice(one.now.title), one, (match) => seenAnew(match, one.now, today()))
};
