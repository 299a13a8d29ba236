/** A week of drills of the demo's stylist, answered by the same functions as in the app. */
import { addDays, drillIds, freshDrillCard, type DrillCard, type DrillId } from '../../src/lib/core/index';
import { answered, drillCardId, nextQuestion, questionsOf } from '../../src/lib/core/drills';

/** A morning's answers, again and again: how right each was. */
const rightness = [1, 1, 0.75, 1, 0, 1, 0.75, 1, 1, 0.5, 1];
/** Answers of each drill on the days before today, the longest ago first; 0 is a day off. */
const answersByDay: Record<DrillId, readonly number[]> = {
	likeness: [6, 6, 0, 5, 6],
	terms: [8, 0, 7, 8, 6],
	'odd-one': [4, 5, 0, 0, 4],
	colour: [5, 0, 6, 0, 0],
	metal: [0, 5, 0, 4, 0]
};

/** The cards after a week of answers up to yesterday, a minute each. */
export function drillCards(today: string): DrillCard[] {
	const cards = new Map<string, DrillCard>();
	let given = 0;
	for (const drill of drillIds)
		for (const [ago, answers] of answersByDay[drill].entries())
			for (let minute = 0; minute < answers; minute++) {
				const day = addDays(today, ago - answersByDay[drill].length);
				const at = `${day}T08:${30 + minute}:00.000Z`;
				const known = [...cards.values()].filter((card) => card.drill === drill);
				const question = nextQuestion(questionsOf(drill), known, at);
				if (!question) break;
				const id = drillCardId(drill, question.key);
				const card = cards.get(id) ?? freshDrillCard({ id, rev: 1, drill, question: question.key, due: at });
				cards.set(id, answered(card, rightness[given++ % rightness.length] ?? 1, at));
			}
	return [...cards.values()];
}
