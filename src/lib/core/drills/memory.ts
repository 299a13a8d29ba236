/** When a question is asked again: a memory model that is told how right each answer was. */
import { createEmptyCard, fsrs, Rating, State, type Card, type Grade } from 'ts-fsrs';
import { v5 } from 'uuid';
import type { DrillCard, DrillId } from '../model/drill-card';
import { dayOfMoment } from '../time/days';
import type { DrillQuestion } from './model';

/** Without chance, so that the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

/** From how right an answer is to what the model is told: all right, in part, not. */
const gradeOf = (right: number): Grade =>
	right >= 0.9 ? Rating.Good : right >= 0.5 ? Rating.Hard : Rating.Again;

/** The package's states by the numbers that are stored. */
const states = [State.New, State.Learning, State.Review, State.Relearning] as const;

const cardOf = (card: DrillCard): Card => ({
	...createEmptyCard(new Date(card.due)),
	due: new Date(card.due),
	stability: card.stability,
	difficulty: card.difficulty,
	scheduled_days: card.scheduledDays,
	learning_steps: card.learningSteps,
	reps: card.reps,
	lapses: card.lapses,
	state: states[card.state],
	...(card.lastAskedAt && { last_review: new Date(card.lastAskedAt) })
});

const numberOf = (state: State): DrillCard['state'] =>
	([0, 1, 2, 3] as const).find((number) => states[number] === state) ?? 0;

/** Ids of cards are made from their questions, so that two tabs never keep two of one question. */
const namespace = 'd8b0c2a4-5f0e-4c53-9a1b-7a4e6d2c9f31';
export const drillCardId = (drill: DrillId, question: string): string =>
	v5(`${drill}\n${question}`, namespace);

/** As many answers as are kept of one question. */
const keptAnswers = 200;

/**
 * A question after an answer: how well it is known now, and when it is asked again (the FSRS model of Ye et al. 2022, KDD,
 * as its package computes it).
 *
 * @param right 0..1
 * @param at the moment of the answer
 */
export function answered(card: DrillCard, right: number, at: string): DrillCard {
	const { card: next } = scheduler.next(cardOf(card), new Date(at), gradeOf(right));
	return {
		...card,
		due: next.due.toISOString(),
		stability: next.stability,
		difficulty: next.difficulty,
		scheduledDays: next.scheduled_days,
		learningSteps: next.learning_steps,
		reps: next.reps,
		lapses: next.lapses,
		state: numberOf(next.state),
		lastAskedAt: at,
		answers: [...card.answers, { at, right }].slice(-keptAnswers)
	};
}

/** As many questions as are begun on one day: more are forgotten together. */
export const newADay = 10;

/**
 * The question to ask next: one that is due, the longest due first; else one that was never asked, as long as fewer than
 * `newADay` were begun on this day; undefined when all is done for today.
 *
 * @param now the moment
 */
export function nextQuestion(
	questions: readonly DrillQuestion[],
	cards: readonly DrillCard[],
	now: string
): DrillQuestion | undefined {
	const cardBy = new Map(cards.map((card) => [`${card.drill} ${card.question}`, card]));
	const known = questions.map((question) => ({
		question,
		card: cardBy.get(`${question.drill} ${question.key}`)
	}));
	const due = known
		.filter(({ card }) => card !== undefined && card.due <= now)
		.sort((a, b) => (a.card?.due ?? '').localeCompare(b.card?.due ?? ''));
	if (due[0]) return due[0].question;
	const today = dayOfMoment(now);
	const begun = cards.filter(({ answers: [first] }) => first && dayOfMoment(first.at) === today).length;
	return begun < newADay ? known.find(({ card }) => card === undefined)?.question : undefined;
}

export interface DrillProgress {
	drill: DrillId;
	questions: number;
	/** Asked at least once, and known for a week or longer. */
	asked: number;
	known: number;
	due: number;
	/** How right the answers of each day were, 0..1, the oldest day first. */
	course: { day: string; right: number; answers: number }[];
}

/** From this many days between two askings on a question counts as known. */
const knownFromDays = 7;

/** How far a drill has come. */
export function progressOf(
	drill: DrillId,
	questions: readonly DrillQuestion[],
	cards: readonly DrillCard[],
	now: string
): DrillProgress {
	const own = cards.filter((card) => card.drill === drill);
	const days = new Map<string, number[]>();
	for (const { at, right } of own.flatMap(({ answers }) => answers)) {
		const day = dayOfMoment(at);
		days.set(day, [...(days.get(day) ?? []), right]);
	}
	return {
		drill,
		questions: questions.length,
		asked: own.length,
		known: own.filter(({ scheduledDays }) => scheduledDays >= knownFromDays).length,
		due: own.filter(({ due }) => due <= now).length,
		course: [...days]
			.sort(([a], [b]) => a.localeCompare(b))
			.map(([day, all]) => ({
				day,
				right: all.reduce((sum, right) => sum + right, 0) / all.length,
				answers: all.length
			}))
	};
}
