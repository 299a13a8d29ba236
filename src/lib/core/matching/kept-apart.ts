/** The best choice in which nothing is worn with what a client never wears it with. */
import type { Clashes } from '../checks/beside';
import type { CheckedPiece } from '../checks/model';
import type { Element } from '../model/reference';
import type { OwnedOption } from './items';
import { wornOption } from './worn-option';

/** Something that may not be worn in a place of the look beside the others of a clash. */
export interface Barred<T> {
	place: string;
	beside: readonly T[];
}

/** As many choices as are worked out before what clashes is left off. */
const mostTried = 64;

/**
 * Where things of the best choice clash, each of them in turn is barred from its place beside the others and the choice is made
 * anew; of all that is found so, the promising first, the first without a clash is taken. Where none is in sight, what clashes
 * is left off.
 *
 * @param choose the best choice without what is barred
 * @param clashOf of the things that clash, those that may change; undefined where nothing does
 * @param leaveOff a choice without what is worn in a place
 */
export function chosenApart<Choice extends { points: number }, T>(
	choose: (barred: readonly Barred<T>[]) => Choice,
	clashOf: (choice: Choice) => Barred<T>[] | undefined,
	leaveOff: (choice: Choice, place: string) => Choice
): Choice {
	const byPoints = (a: { choice: Choice }, b: { choice: Choice }) => b.choice.points - a.choice.points;
	const first = choose([]);
	const open: { barred: readonly Barred<T>[]; choice: Choice }[] = [{ barred: [], choice: first }];
	for (let tried = 1; tried < mostTried;) {
		const next = open.sort(byPoints).shift();
		if (!next) break;
		const clash = clashOf(next.choice);
		if (!clash) return next.choice;
		for (const one of clash) {
			const barred = [...next.barred, one];
			open.push({ barred, choice: choose(barred) });
			tried++;
		}
	}
	const clear = open.sort(byPoints).find(({ choice }) => !clashOf(choice));
	if (clear) return clear.choice;
	let left = first;
	for (let clash = clashOf(left); clash; clash = clashOf(left))
		left = leaveOff(left, clash.at(-1)?.place ?? '');
	return left;
}

/** What is barred where, and what of a choice clashes, beside what stays on. What was answered is remembered: one choice after another asks the same. */
export function keptApart(clashes: Clashes, stays: readonly CheckedPiece[]) {
	const answered = new Map<Barred<CheckedPiece>, Map<OwnedOption, boolean>>();
	return {
		isBarred(bar: Barred<CheckedPiece>, option: OwnedOption): boolean {
			const known = answered.get(bar) ?? new Map<OwnedOption, boolean>();
			answered.set(bar, known);
			let is = known.get(option);
			if (is === undefined)
				known.set(option, (is = clashes([...bar.beside, wornOption(option, bar.place)]).length > 0));
			return is;
		},
		/** Of the first clash in a choice what may change; undefined where nothing clashes. */
		clashOf(
			chosen: readonly { element: Element; option: OwnedOption }[]
		): Barred<CheckedPiece>[] | undefined {
			const worn = chosen
				.filter(({ option }, i) => chosen.findIndex((one) => one.option === option) === i)
				.map(({ element, option }) => wornOption(option, element.id));
			const all = [...stays, ...worn];
			for (const ids of clashes(all)) {
				const free = worn.filter(({ id }) => ids.includes(id));
				if (free.length > 0)
					return free.map(({ id }) => ({
						place: id,
						beside: all.filter((one) => one.id !== id && ids.includes(one.id))
					}));
			}
			return undefined;
		}
	};
}
