/** The stylist's eye: how it agrees with the method, and its drills. */
import type { DrillId } from '$lib/core';
import { count } from './count';

const points = (n: number) => n.toFixed(1).replace('-', '−');

export const eye = {
	title: 'Eye',
	lead: 'How your ratings and the computed ones agree, and drills that keep the eye sharp.',
	drills: 'Drills',
	agreement: 'Your ratings beside the computed ones',
	none: 'Nothing is judged yet. Judge an echo on its fitting table, and its two figures stand here.',
	judgements: (n: number) => count(n, 'judgement', 'judgements'),
	meanDifference: (n: number) =>
		Math.abs(n) < 0.05
			? 'On the whole you rate as it is computed.'
			: `On the whole you rate ${points(Math.abs(n))} points ${n > 0 ? 'higher' : 'lower'} than computed.`,
	meanAmount: (n: number) => `One judgement differs by ${points(n)} points as a rule.`,
	tau: (n: number) =>
		`Both put looks in the same order with a rank correlation of ${points(Math.round(n * 10) / 10)} (1 is the same order).`,
	limits: (from: number, to: number) =>
		`95 of 100 differences lie between ${points(from)} and ${points(to)} points.`,
	chart: 'Differences by how close a look is',
	chartSaid: (n: number, mean: number) => `${n} judgements; the mean difference is ${points(mean)} points`,
	axisMean: 'mean of both ratings',
	axisDifference: 'yours minus computed',
	by: 'By what counts as close and by kind',
	byColumns: { of: 'Of', count: 'Judged', difference: 'You rate', tau: 'Order' },
	higher: (n: number) => `${n > 0 ? '+' : ''}${points(n)}`,
	own: 'Weights that fit you',
	few: (have: number, need: number) =>
		`From ${need} judgements on, weights can be worked out that fit you better. There are ${have}.`,
	working: 'Working out weights that fit you…',
	gain: (before: number, after: number) =>
		`Judgements that were held back are missed by ${points(after)} points as a rule in place of ${points(before)}.`,
	noGain: (before: number, after: number) =>
		`The method’s own weights meet your judgements as well as any: ${points(before)} points off, and ${points(after)} with others. There is nothing to take.`,
	weight: (factor: number) => `× ${factor.toFixed(2)}`,
	weightOf: (label: string, factor: number) => `${label} counts ${factor.toFixed(2)} times as much`,
	take: 'Take these weights',
	takeAgain: 'Take the newer weights',
	drop: 'Go back to the method’s weights',
	took: 'Took weights of your own',
	dropped: 'Went back to the method’s weights',
	taken: (day: string, n: number) =>
		`Your own weights are in use since ${day}, from ${count(n, 'judgement', 'judgements')}. Every score shows both figures, each under its name.`,
	notTaken: 'The method’s weights are in use. Nothing changes until you take others.',
	explains:
		'A score is 100 less what is lost. Your weights say how much each kind of loss counts for you; they are drawn towards the method’s 1, and are never negative. What was judged before stays as it is.',
	ownScore: (score: number) => `${score} by your weights`,
	drill: {
		title: 'Drills for the eye',
		lead: 'A few questions a day. What you know is asked more and more seldom; what you missed comes back soon.',
		which: 'Drill',
		all: 'All of them',
		names: {
			likeness: 'How like are they',
			terms: 'Terms on the plate',
			'odd-one': 'What is off',
			colour: 'The nearer colour',
			metal: 'Metals and undertones'
		} as Record<DrillId, string>,
		asks: {
			grade: 'How well does the second stand in for the first?',
			'odd-one': 'Which of these does not belong?',
			nearer: 'Which is nearer to the colour above?',
			metal: 'Which metal is it?',
			undertone: 'Is the large one warm or cool beside the small one?'
		},
		term: (of: string) => `Which ${of} is it?`,
		keys: 'Keys 1 to 5 answer, Enter goes on.',
		right: 'Right.',
		nearly: (answer: string) => `Nearly: ${answer}.`,
		wrong: (answer: string) => `It is: ${answer}.`,
		nextAsk: (when: string) => `Asked again ${when}.`,
		soon: 'in a few minutes',
		onDay: (day: string) => `on ${day}`,
		next: 'Next',
		done: 'Done for today. What was missed comes back in a few minutes; the rest on its day.',
		doneOf: 'Nothing of this drill is due now.',
		answered: (label: string) => `Answered a drill: ${label}`,
		progress: 'How far you are',
		columns: { drill: 'Drill', asked: 'Begun', known: 'Known', due: 'Due', course: 'Right, by day' },
		course: (right: number, day: string) => `${right} % right on ${day}`,
		sought: 'The colour that is sought',
		left: 'Left',
		rightOne: 'Right',
		outfit: 'The outfit',
		first: 'The first',
		second: 'The second'
	}
};
