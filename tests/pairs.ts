/** The labelled pairs of garments, computed: does closeness order them as a stylist does? */
import { readFileSync } from 'node:fs';
import { closenessOf, readLook } from '../src/lib/core';

export interface LabelledPair {
	/** 0 no answer … 4 the same at a glance. */
	grade: number;
	asked: string;
	given: string;
	/** 0..1, as computed. */
	closeness: number;
	/** Of a reference that is only ever run. */
	held: boolean;
}

function onlyGarment(phrase: string) {
	const { elements } = readLook(phrase);
	const [element] = elements;
	if (!element || elements.length !== 1) throw new Error(`"${phrase}" should read as one garment`);
	return element.garment;
}

/** The most that τ-b can be where grades tie and figures do not: the root of the share of pairs of different grades. */
export function attainable(grades: readonly number[]): number {
	let [apart, all] = [0, 0];
	grades.forEach((grade, i) =>
		grades.slice(i + 1).forEach((other) => {
			all++;
			if (other !== grade) apart++;
		})
	);
	return Math.sqrt(apart / all);
}

export type PairsName = 'pairs' | 'close-calls' | 'more-pairs' | 'fresh-pairs';

/**
 * `pairs`: of every grade; `close-calls`: what is told apart only on a second look; `more-pairs`: of every grade, every second
 * reference of them `held`, which is only ever run; `fresh-pairs`: as a stranger would write them, the last third `held`.
 */
export function labelledPairs(name: PairsName = 'pairs'): LabelledPair[] {
	const file = new URL(`./unit/data/${name}.txt`, import.meta.url);
	const lines = readFileSync(file, 'utf8').split('\n');
	const heldFrom = lines.indexOf('# only ever run');
	const references: string[] = [];
	return lines
		.map((line, at) => ({ line, below: heldFrom >= 0 && at > heldFrom }))
		.filter(({ line }) => line.trim() && !line.startsWith('#'))
		.map(({ line, below }) => {
			const [grade = '', asked = '', given = ''] = line.split(' | ').map((part) => part.trim());
			if (!references.includes(asked)) references.push(asked);
			const element = { garment: onlyGarment(asked), signature: [], open: [] };
			return {
				grade: Number(grade),
				asked,
				given,
				closeness: closenessOf(element, onlyGarment(given)).closeness,
				held: below || (name === 'more-pairs' && references.indexOf(asked) % 2 === 1)
			};
		});
}

/**
 * Kendall's rank correlation with ties, τ-b (Kendall 1945): agreeing less disagreeing pairs, over the geometric mean of
 * the pairs that are not tied on either side.
 */
export function kendallTauB(x: readonly number[], y: readonly number[]): number {
	let [agree, disagree, tiedX, tiedY] = [0, 0, 0, 0];
	for (let i = 0; i < x.length; i++)
		for (let j = i + 1; j < x.length; j++) {
			const [dx, dy] = [Math.sign((x[i] ?? 0) - (x[j] ?? 0)), Math.sign((y[i] ?? 0) - (y[j] ?? 0))];
			if (dx === 0 && dy === 0) continue;
			if (dx === 0) tiedX++;
			else if (dy === 0) tiedY++;
			else if (dx === dy) agree++;
			else disagree++;
		}
	return (agree - disagree) / Math.sqrt((agree + disagree + tiedX) * (agree + disagree + tiedY));
}

/**
 * Of the things offered for one and the same reference: those of different grades, two by two, and how many of these
 * closeness puts in the order of the grades.
 */
export function orderedWithin(pairs: readonly LabelledPair[]): {
	inOrder: number;
	compared: number;
	errors: string[];
} {
	const errors: string[] = [];
	let compared = 0;
	for (const better of pairs)
		for (const worse of pairs) {
			if (better.asked !== worse.asked || better.grade <= worse.grade) continue;
			compared++;
			if (better.closeness <= worse.closeness)
				errors.push(
					`${better.given} (${better.closeness.toFixed(2)}) should be nearer than ${worse.given} (${worse.closeness.toFixed(2)}): ${better.asked}`
				);
		}
	return { inOrder: compared - errors.length, compared, errors };
}

/** Pairs that closeness puts two grades or more out of place, by the middles of the grades. */
export function misplaced(pairs: readonly LabelledPair[]): string[] {
	const middles = [0, 1, 2, 3, 4].map((grade) => {
		const own = pairs.filter((pair) => pair.grade === grade).map(({ closeness }) => closeness);
		return own.sort((a, b) => a - b)[Math.floor(own.length / 2)] ?? 0;
	});
	return pairs.flatMap(({ grade, asked, given, closeness }) => {
		const nearest = middles.reduce(
			(best, middle, i) =>
				Math.abs(middle - closeness) < Math.abs((middles[best] ?? 0) - closeness) ? i : best,
			0
		);
		return Math.abs(nearest - grade) >= 2
			? [`graded ${grade}, computed ${closeness.toFixed(2)}: ${given} for ${asked}`]
			: [];
	});
}
