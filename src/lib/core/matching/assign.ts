/** The best use of a whole wardrobe for a look at once. */
import { linearSumAssignment } from 'linear-sum-assignment';
import type { Clashes } from '../checks/beside';
import type { CheckedPiece } from '../checks/model';
import { elementScorer, type ElementScorer, type ScoreOptions } from '../closeness/look';
import { canAnswer, garmentType } from '../lexicon/taxonomy';
import type { Match } from '../model/worn';
import type { Element, Reference } from '../model/reference';
import { chooseUnasked } from './choosing';
import { chosenApart, keptApart, type Barred } from './kept-apart';
import { onItsSide, sameItem, sameOwned, sameThing, type OwnedOption } from './items';
import { answeredAtOnce, garmentsMeet, spans } from './spanning';

/**
 * The assignment of columns to rows that is worth most, each row and each column used at most once. Rows are left
 * empty rather than filled with what is worth nothing. By shortest augmenting paths (Jonker & Volgenant 1987).
 *
 * @param worths one row per thing to fill, one column per thing to fill it with; 0 where they do not go together
 * @returns for each row its column, or undefined
 * @example bestAssignment([[3, 2], [2, 0]]) // [1, 0]: 2 + 2 is more than 3 + 0
 */
export function bestAssignment(worths: readonly (readonly number[])[]): (number | undefined)[] {
	const columns = worths[0]?.length ?? 0;
	const chosen: (number | undefined)[] = worths.map(() => undefined);
	if (columns === 0) return chosen;
	const { rowAssignments } = linearSumAssignment(
		worths.map((row) => [...row]),
		{ maximaze: true }
	);
	chosen.forEach((_, row) => {
		const column = rowAssignments[row] ?? -1;
		if (column >= 0 && (worths[row]?.[column] ?? 0) > 0) chosen[row] = column;
	});
	return chosen;
}

/** One part of a piece, in whichever configuration: it can be worn once, or, of a pair, once on each side. */
const partOf = ({ item }: OwnedOption, side = '') => `${item.pieceId} ${item.partId} ${side}`;

const slotOf = ({ garment }: Element) => garmentType(garment.type).slot;
/** Is all that is asked for in the slot of an element asked for on one side? Only then are pairs worn by halves. */
const isInHalves = (element: Element, elements: readonly Element[]) =>
	elements.every((other) => slotOf(other) !== slotOf(element) || other.side !== undefined);

interface Chosen {
	element: Element;
	option: OwnedOption;
}
interface Solution {
	chosen: Chosen[];
	points: number;
}

/** What an option earns for an element, in points of the score; surer ones are preferred among equals. */
function worthOf(scorer: ElementScorer, element: Element, { garment }: OwnedOption): number {
	const { score } = scorer(element.id, {
		elementId: element.id,
		state: 'items',
		garments: [garment],
		movesDone: element.moves
	});
	return score.earned > 0 ? score.earned + 1e-6 * (score.closeness?.confidence ?? 0) : 0;
}

/** What can answer an element by itself: the best option of each part, worth most first, as many as can matter. */
type Ladder = readonly Rung[];
interface Rung {
	option: OwnedOption;
	part: string;
	points: number;
}

function ladderOf(
	rungs: readonly Rung[],
	length: number,
	mayBe: (option: OwnedOption) => boolean = () => true
): Ladder {
	const best = new Map<string, Rung>();
	for (const rung of [...rungs].sort((a, b) => b.points - a.points)) {
		if (best.size === length) break;
		if (!best.has(rung.part) && mayBe(rung.option)) best.set(rung.part, rung);
	}
	return [...best.values()];
}

/**
 * Only the best few of an element can matter: as many as there are elements, one more where one is taken away, and one for each part
 * that a whole takes with it.
 */
export function rungsThatMatter(elements: readonly Element[], options: readonly OwnedOption[]): number {
	const taken = options.reduce((sum, { item: { takes = [] } }) => sum + takes.length, 0);
	return elements.length + 1 + taken;
}

/** The best assignment of options that each answer one element, without what is worn otherwise. */
function assigned(
	elements: readonly Element[],
	ladders: ReadonlyMap<string, Ladder>,
	without: readonly OwnedOption[]
): Solution {
	const isFree = ({ option }: Rung) => !without.some((worn) => sameOwned(worn.item, option.item));
	const rows = elements.map(({ id }) =>
		without.length === 0 ? (ladders.get(id) ?? []) : (ladders.get(id) ?? []).filter(isFree)
	);
	const columns = [...new Set(rows.flatMap((row) => row.map(({ part }) => part)))];
	const placeOf = new Map(columns.map((part, place) => [part, place]));
	const worths = rows.map((row) => {
		const worth = new Array<number>(columns.length).fill(0);
		for (const { part, points } of row) worth[placeOf.get(part) ?? 0] = points;
		return worth;
	});
	const places = bestAssignment(worths);
	const chosen = elements.flatMap((element, row): (Chosen & { points: number })[] => {
		const part = columns[places[row] ?? -1];
		const rung = rows[row]?.find((one) => one.part === part);
		return rung ? [{ element, option: rung.option, points: rung.points }] : [];
	});
	return { chosen, points: chosen.reduce((sum, { points }) => sum + points, 0) };
}

/**
 * The same, with no whole beside a part of it: where a suit and its trousers are both chosen, the better of doing without the one
 * and without the other.
 */
function solve(
	elements: readonly Element[],
	ladders: ReadonlyMap<string, Ladder>,
	without: readonly OwnedOption[] = []
): Solution {
	const best = assigned(elements, ladders, without);
	const wholes = best.chosen.filter(({ option }) => option.item.takes);
	for (const whole of wholes) {
		const parts = best.chosen.filter(
			({ option }) => option !== whole.option && sameOwned(option.item, whole.option.item)
		);
		if (parts.length === 0) continue;
		const asParts = solve(elements, withoutOption(ladders, whole.option), without);
		const asWhole = solve(
			elements,
			parts.reduce((left, { option }) => withoutOption(left, option), ladders),
			without
		);
		return asParts.points > asWhole.points ? asParts : asWhole;
	}
	return best;
}

const withoutOption = (
	ladders: ReadonlyMap<string, Ladder>,
	{ item }: OwnedOption
): ReadonlyMap<string, Ladder> =>
	new Map(
		[...ladders].map(([id, ladder]) => [
			id,
			ladder.filter(
				({ option }) => option.item.pieceId !== item.pieceId || option.item.partId !== item.partId
			)
		])
	);

/** Differences below this come from rounding. */
const leastGain = 1e-9;

/** The same with each one-piece in turn for all the elements that it covers and that do not meet one another. */
function withOnePieces(
	elements: readonly Element[],
	ladders: ReadonlyMap<string, Ladder>,
	spanning: ReadonlyMap<OwnedOption, { element: Element; points: number }[]>
): Solution {
	let best = solve(elements, ladders);
	for (const [option, answers] of spanning) {
		const answered = answeredAtOnce(answers);
		const others = elements.filter(({ garment }) => !garmentsMeet(garment, option.garment));
		const earned = answered.reduce((sum, { points }) => sum + points, 0);
		// At most what each other element could have by itself: where that is not enough, nothing need be solved.
		const atMost = others.reduce((sum, { id }) => sum + (ladders.get(id)?.[0]?.points ?? 0), earned);
		if (atMost <= best.points + leastGain) continue;
		const rest = solve(others, ladders, [option]);
		if (earned + rest.points > best.points + leastGain)
			best = {
				chosen: [...answered.map(({ element }) => ({ element, option })), ...rest.chosen],
				points: earned + rest.points
			};
	}
	return best;
}

export interface MatchOptions extends ScoreOptions {
	/** Makes an id for a match. */
	newId: () => string;
	/** Must what the stylist chose by hand stay as it is? */
	keepByHand?: boolean;
	/** The scorer of this reference under these options, where there is one already. */
	scorer?: ElementScorer;
	/** What the client never wears together. */
	clashes?: Clashes | undefined;
	/** All that is worn now: what stays of it clashes as well. */
	wornNow?: readonly CheckedPiece[];
}

/**
 * Matches the whole wardrobe to a look at once: the choice of owned pieces that scores most, each part of a piece
 * worn once. What is pinned stays, and so does all that was decided by hand in another way: left out, done, or to be
 * bought. A one-piece may answer several elements of a look (a dress its top and its skirt) where that earns more
 * than separates; nothing else is then worn in those places. What the client never wears together is not.
 *
 * @param options every way in which the client's pieces can be worn now
 */
export function matchWardrobe(
	reference: Pick<Reference, 'elements'>,
	matches: readonly Match[],
	options: readonly OwnedOption[],
	{ newId, keepByHand = false, scorer: given, clashes = () => [], wornNow = [], ...scoring }: MatchOptions
): Match[] {
	const kept = matches.filter(
		(match) =>
			match.pinned ||
			(keepByHand && match.byHand) ||
			match.state !== 'items' ||
			match.items.some(({ source }) => source === 'listing')
	);
	const settled = new Set(kept.flatMap(({ elementIds }) => elementIds));
	const worn = kept.flatMap(({ items }) => items);
	const elements = reference.elements.filter(({ id }) => !settled.has(id));
	const scorer = given ?? elementScorer(reference, scoring);
	/** All that can answer an element, with what it earns. */
	const rungsFor = (element: Element): Rung[] => {
		const halves = isInHalves(element, reference.elements);
		return options.flatMap((option): Rung[] => {
			if (!canAnswer(element.garment.type, option.garment.type)) return [];
			const item = onItsSide(element, option.item, option.garment);
			if (worn.some((other) => sameThing(other, item))) return [];
			const points = worthOf(scorer, element, option);
			return points > 0 ? [{ option, part: partOf(option, halves ? item.side : ''), points }] : [];
		});
	};
	const able = new Map(elements.map((element) => [element.id, rungsFor(element)]));
	const length = rungsThatMatter(elements, options);
	const stays = wornNow.filter(({ id }) => elements.every((element) => element.id !== id));
	const apart = keptApart(clashes, stays);

	function choose(barred: readonly Barred<CheckedPiece>[]): Solution {
		const mayBe = (element: Element) => {
			const bars = barred.filter(({ place }) => place === element.id);
			return (option: OwnedOption) => !bars.some((bar) => apart.isBarred(bar, option));
		};
		const ladders = new Map<string, Ladder>();
		const spanning = new Map<OwnedOption, { element: Element; points: number }[]>();
		for (const element of elements) {
			const rungs = able.get(element.id) ?? [];
			const single = rungs.filter(({ option }) => !spans(element, option.garment));
			ladders.set(element.id, ladderOf(single, length, mayBe(element)));
			for (const { option, points } of rungs)
				if (spans(element, option.garment) && mayBe(element)(option))
					spanning.set(option, [...(spanning.get(option) ?? []), { element, points }]);
		}
		return withOnePieces(elements, ladders, spanning);
	}
	const leftOff = ({ chosen, points }: Solution, place: string): Solution => {
		const off = chosen.find(({ element }) => element.id === place)?.option;
		return { chosen: chosen.filter(({ option }) => option !== off), points };
	};
	const best = chosenApart(choose, ({ chosen }) => apart.clashOf(chosen), leftOff);
	return best.chosen.reduce<Match[]>(
		(all, { element, option: { item, garment } }) =>
			chooseUnasked(all, matches, reference.elements, { element, item, garment }, newId),
		[...kept]
	);
}

/** The matches that were chosen by hand and that another set of matches no longer holds as they were. */
export const changedByHand = (before: readonly Match[], after: readonly Match[]): Match[] =>
	before.filter(
		(match) =>
			match.byHand &&
			match.state === 'items' &&
			!after.some(
				(other) =>
					match.elementIds.every((id) => other.elementIds.includes(id)) &&
					match.items.every((item) => other.items.some((worn) => sameItem(worn, item)))
			)
	);
