import {
	bestValue,
	readMoney,
	type Client,
	type Echo,
	type Event,
	type PlannedEcho,
	type Rates,
	type Reference
} from '$lib/core';
import { today } from '$lib/store/clock';
import { database } from '$lib/store/database';
import { keptEpoch } from '$lib/store/kept';
import { askForLook } from '$lib/store/market';
import { planInWorker, type PlanAnswer, type PlanStep } from '$lib/workers/budget';
import { CancelledError } from '$lib/workers/session';
import { explain } from '../frame/perform';
import { m } from '../messages';
import { asksTheSame, type PlanQuestion } from './question';

/** An echo that can be planned, with what is shown of it. */
export interface Plannable {
	echo: Echo;
	reference: Reference;
	client: Client;
	event?: Event;
}
/** By which money a plan counts. */
export interface PlanMoney {
	currency: string;
	rates: Rates;
}

/** A step of a plan in figures, to be looked at beside another. */
export interface PlanSummary {
	spentMinor: number;
	/** Mean over its looks, 0..100. */
	closeness: number;
	looks: { title: string; points: number }[];
	buys: { listingId: string; title: string; priceMinor: number }[];
}

/** A plan under way and its answer: asked, followed, stopped. */
function planning() {
	let asked = $state.raw<PlanQuestion | undefined>();
	let progress = $state('');
	let failed = $state('');
	let note = $state('');
	let answer = $state.raw<PlanAnswer | undefined>();
	let planned = $state.raw<PlannedEcho[]>([]);
	let budgetMinor = $state<number | undefined>();
	let at = $state(0);
	let stop: AbortController | undefined;

	/** What the shops have for each, and all that belongs to it. */
	async function gathered(looks: readonly Plannable[], signal: AbortSignal): Promise<PlannedEcho[]> {
		const echoes: PlannedEcho[] = [];
		for (const [done, { echo, reference, client, event }] of looks.entries()) {
			progress = m.plan.asking(done, looks.length);
			const [pieces, fitNotes] = await Promise.all([
				database.pieces.where('clientId').equals(client.id).toArray(),
				database.fitNotes.where('clientId').equals(client.id).toArray()
			]);
			const asked = { client, fitNotes, schools: echo.schools, on: today() };
			const result = await askForLook(reference, asked, signal);
			if (!result.ok) note = m.plan.noShops(result.message);
			else if (result.without) note = m.plan.ownLists(result.without);
			const market = result.ok ? result.answer : undefined;
			echoes.push({ echo, reference, client, pieces, fitNotes, market, event });
		}
		return echoes;
	}

	/** Where the budget allows it, the step that wins most for its money; else the last one that it allows. */
	function startAt(steps: readonly PlanStep[], most = Infinity): number {
		const allowed = steps.filter(({ solution }) => solution.totalMinor <= most);
		const best = bestValue(allowed) ?? allowed.at(-1);
		return Math.max(
			0,
			steps.findIndex((step) => step === best)
		);
	}

	/** The step that is looked at, in figures. */
	const summary = $derived.by((): PlanSummary | undefined => {
		const solution = answer?.steps[at]?.solution;
		if (!solution) return undefined;
		const titleOf = (id: string) => planned.find(({ echo }) => echo.id === id)?.echo.title ?? '';
		return {
			spentMinor: solution.totalMinor,
			closeness: solution.points / Math.max(1, planned.length),
			looks: solution.looks.map(({ id, points }) => ({ title: titleOf(id), points })),
			buys: solution.purchases
		};
	});
	let kept = $state.raw<PlanSummary | undefined>();

	return {
		/** What was asked last. */
		get asked() {
			return asked;
		},
		get summary() {
			return summary;
		},
		/** A plan that was kept, to be looked at beside the next. */
		get kept() {
			return kept;
		},
		keep: () => (kept = summary),
		forget: () => (kept = undefined),
		get progress() {
			return progress;
		},
		get failed() {
			return failed;
		},
		/** What else there is to tell of it. */
		get note() {
			return note;
		},
		get answer() {
			return answer;
		},
		/** What was planned, as it was then. */
		get planned() {
			return planned;
		},
		get budgetMinor() {
			return budgetMinor;
		},
		get step(): PlanStep | undefined {
			return answer?.steps[at];
		},
		get at() {
			return at;
		},
		go: (to: number) => (at = Math.min(Math.max(0, to), (answer?.steps.length ?? 1) - 1)),
		/** Plans the looks of a question; without effect on them. */
		async start(looks: readonly Plannable[], question: PlanQuestion, { currency, rates }: PlanMoney) {
			stop?.abort();
			asked = question;
			const { keepChosen, byLook } = question;
			const most = readMoney(question.budget ?? '', currency)?.amountMinor;
			const wishes = { currency, rates, keepChosen, byLook };
			const own = (stop = new AbortController());
			let isOver = false;
			failed = note = '';
			answer = undefined;
			try {
				const echoes = await gathered(looks, own.signal);
				progress = m.plan.preparing;
				const found = await planInWorker(
					{ echoes, options: { today: today(), ...wishes }, besidesMinor: most },
					(done, all, best) => {
						// The last word of a step may come after the answer.
						if (stop !== own || isOver) return;
						// Before anything is proved, the bound is no number that says something.
						const isTold = best !== undefined && best.bound < 100 * looks.length;
						progress =
							m.plan.solving(done, all) +
							(isTold
								? m.plan.soFar((best.worth / looks.length).toFixed(1), (best.bound / looks.length).toFixed(1))
								: '');
					},
					own.signal
				);
				if (stop !== own) return;
				planned = echoes;
				budgetMinor = most;
				answer = found;
				at = startAt(found.steps, most);
			} catch (error) {
				if (stop !== own) return;
				const isStopped = own.signal.aborted || error instanceof CancelledError;
				if (isStopped) note = m.plan.stopped;
				else failed = explain(error);
			}
			isOver = true;
			if (stop === own) progress = '';
		},
		stop() {
			stop?.abort();
		}
	};
}
export type Planning = ReturnType<typeof planning>;

let last: { plan: Planning; epoch: number } | undefined;

/**
 * The plan as it was left, or one not yet asked: a look elsewhere ends no plan under way and loses no answer. Another question, or
 * another studio in place of the one that was planned, begins anew.
 */
export function planFor(question: PlanQuestion | undefined): Planning {
	const asked = last?.plan.asked;
	if (last?.epoch === keptEpoch() && (!asked || asksTheSame(question, asked))) return last.plan;
	last?.plan.stop();
	last = { plan: planning(), epoch: keptEpoch() };
	return last.plan;
}
