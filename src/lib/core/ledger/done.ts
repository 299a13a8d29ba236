/** What was done, day by day: orders and returns, fittings, preparation, alterations, verdicts; and what must still go back. */
import { taskKinds, type TaskKind } from '../lexicon/preparation';
import type { Id } from '../model/basics';
import type { Echo } from '../model/echo';
import type { FitNote } from '../model/fit-note';
import type { Order } from '../model/order';
import type { Piece } from '../model/piece';
import type { TryOn } from '../model/try-on';
import { returnBy } from '../orders/lines';
import type { Day } from '../time';

export const doneKinds = [
	'ordered',
	'arrived',
	'return-by',
	'sent-back',
	'sized',
	'tried',
	'prepared',
	'altered',
	'judged'
] as const;
export type DoneKind = (typeof doneKinds)[number];

export interface Done {
	/** The same for the same deed. */
	key: string;
	kind: DoneKind;
	/** The day of it; of what must go back the last one. */
	on: Day;
	/** What it was done to: a look, a shop, a piece. */
	what: string;
	/** How: "hem", "fits", "2 things". */
	how?: string;
	/** Whom it was for. */
	clientIds: Id[];
	/** The look that it belongs to. */
	echoId?: Id;
}

interface Doings {
	orders: readonly Order[];
	tryOns: readonly TryOn[];
	fitNotes: readonly FitNote[];
	echoes: readonly Echo[];
	pieces: readonly Pick<Piece, 'id' | 'clientId' | 'name' | 'alterations'>[];
}

function ofOrder(order: Order): Done[] {
	const { id, shop, orderedOn, arrivedOn, lines } = order;
	const clientIds = [...new Set(lines.map(({ clientId }) => clientId))];
	const deed = (kind: DoneKind, on: Day | undefined, things: number): Done[] =>
		on === undefined || things === 0
			? []
			: [{ key: `${kind} ${id} ${on}`, kind, on, what: shop.name, how: String(things), clientIds }];
	const back = [...new Set(lines.flatMap(({ sentBackOn }) => sentBackOn ?? []))];
	return [
		...deed('ordered', orderedOn, lines.length),
		...deed('arrived', arrivedOn, lines.length),
		...deed('return-by', returnBy(order), lines.filter(({ state }) => state === 'here').length),
		...back.flatMap((on) => deed('sent-back', on, lines.filter((line) => line.sentBackOn === on).length))
	];
}

/** What was prepared is kept under its kind and what it was done to. */
function taskLabel(task: string): string {
	const [kind = ''] = task.split(' ');
	return Object.hasOwn(taskKinds, kind) ? taskKinds[kind as TaskKind].label : task;
}

function ofEcho({ id, clientId, title, prepared, judgements }: Echo): Done[] {
	const of = { what: title, clientIds: [clientId], echoId: id };
	return [
		...prepared.map(({ task, on }): Done => ({
			...of,
			key: `prepared ${id} ${task}`,
			kind: 'prepared',
			on,
			how: taskLabel(task)
		})),
		...judgements.map((judgement): Done => ({
			...of,
			key: `judged ${judgement.id}`,
			kind: 'judged',
			on: judgement.judgedAt.slice(0, 10),
			how: String(judgement.verdict.ownRating)
		}))
	];
}

/** All that was done, the latest first; of one day in the order of `doneKinds`. */
export function doneOf({ orders, tryOns, fitNotes, echoes, pieces }: Doings): Done[] {
	const tried = tryOns.flatMap(({ id, echoId, on }): Done[] => {
		const echo = echoes.find((one) => one.id === echoId);
		if (!echo) return [];
		return [{ key: `tried ${id}`, kind: 'tried', on, what: echo.title, clientIds: [echo.clientId], echoId }];
	});
	const sized = fitNotes.map(({ id, clientId, shop, label, verdict, on }): Done => ({
		key: `sized ${id}`,
		kind: 'sized',
		on,
		what: `${shop}, ${label}`,
		how: verdict,
		clientIds: [clientId]
	}));
	const altered = pieces.flatMap(({ id, clientId, name, alterations }) =>
		alterations.flatMap(({ what, on }, i): Done[] =>
			on === undefined
				? []
				: [{ key: `altered ${id} ${i}`, kind: 'altered', on, what: name, how: what, clientIds: [clientId] }]
		)
	);
	return [...orders.flatMap(ofOrder), ...sized, ...tried, ...echoes.flatMap(ofEcho), ...altered].sort(
		(a, b) =>
			b.on.localeCompare(a.on) ||
			doneKinds.indexOf(a.kind) - doneKinds.indexOf(b.kind) ||
			a.what.localeCompare(b.what)
	);
}
