/** The best use of a whole wardrobe for a look at once. */
import munkres from 'munkres-js';
import { elementScorer, type ElementScorer, type ScoreOptions } from '../closeness/look';
import { slots, slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Match } from '../model/echo';
import type { Element, Reference } from '../model/reference';
import { chooseItem } from './choosing';
import { sameItem, type OwnedOption } from './items';

/**
 * The assignment of columns to rows that is worth most, each row and each column used at most once. Rows are left
 * empty rather than filled with what is worth nothing. By the Hungarian method (Kuhn 1955, Munkres 1957).
 *
 * @param worths one row per thing to fill, one column per thing to fill it with; 0 where they do not go together
 * @returns for each row its column, or undefined
 */
export function bestAssignment(worths: readonly (readonly number[])[]): (number | undefined)[] {
	const columns = worths[0]?.length ?? 0;
	const chosen: (number | undefined)[] = worths.map(() => undefined);
	if (columns === 0) return chosen;
	const most = Math.max(0, ...worths.flat());
	for (const [row, column] of munkres(worths.map((row) => row.map((worth) => most - worth))))
		if ((worths[row]?.[column] ?? 0) > 0) chosen[row] = column;
	return chosen;
}

/** One part of a piece, in whichever configuration: it can be worn once. */
const partOf = ({ item }: OwnedOption) => `${item.pieceId} ${item.partId}`;
const coversOf = (option: OwnedOption) => slots[garmentType(option.garment.type).slot].covers;
const slotOf = (element: Element) => garmentType(element.garment.type).slot;

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

/** The best assignment of options that each answer one element. */
function solve(
	elements: readonly Element[],
	options: readonly OwnedOption[],
	worth: Map<string, number>
): Solution {
	const parts = [...new Set(options.map(partOf))];
	const best = new Map<string, OwnedOption>();
	const worths = elements.map((element) =>
		parts.map((part) => {
			let top = 0;
			for (const option of options)
				if (partOf(option) === part) {
					const points = worth.get(keyOf(element, option)) ?? 0;
					if (points > top) {
						top = points;
						best.set(`${element.id} ${part}`, option);
					}
				}
			return top;
		})
	);
	// Among the columns of a row, only its best few can matter: as many as there are rows.
	const useful = new Set(
		worths.flatMap((row) =>
			row
				.map((points, column) => ({ points, column }))
				.sort((a, b) => b.points - a.points)
				.slice(0, elements.length)
				.map(({ column }) => column)
		)
	);
	const columns = [...useful];
	const assigned = bestAssignment(worths.map((row) => columns.map((column) => row[column] ?? 0)));
	const chosen = elements.flatMap((element, row): Chosen[] => {
		const column = columns[assigned[row] ?? -1];
		const option = column === undefined ? undefined : best.get(`${element.id} ${parts[column]}`);
		return option ? [{ element, option }] : [];
	});
	return {
		chosen,
		points: chosen.reduce((sum, { element, option }) => sum + (worth.get(keyOf(element, option)) ?? 0), 0)
	};
}

const keyOf = (element: Element, { item }: OwnedOption) =>
	`${element.id} ${item.pieceId} ${item.partId} ${item.configurationId ?? ''}`;

/** Does an option cover more of the body than the element asks for, as a dress does for a skirt? */
const spans = (element: Element, option: OwnedOption) =>
	coversOf(option).length > slots[slotOf(element)].covers.length;

/**
 * Matches the whole wardrobe to a look at once: the choice of owned pieces that scores most, each part of a piece
 * worn once. What is pinned stays, and so does all that was decided by hand in another way: left out, done, or to be
 * bought. A one-piece may answer several elements of a look (a dress its top and its skirt) where that earns more
 * than separates; nothing else is then worn in those places.
 *
 * @param options every way in which the client's pieces can be worn now
 * @param newId makes an id for a match
 */
export function matchWardrobe(
	reference: Pick<Reference, 'elements'>,
	matches: readonly Match[],
	options: readonly OwnedOption[],
	{ schools, client, newId }: Pick<ScoreOptions, 'schools' | 'client'> & { newId: () => string }
): Match[] {
	const kept = matches.filter(
		(match) =>
			match.pinned || match.state !== 'items' || match.items.some(({ source }) => source === 'listing')
	);
	const settled = new Set(kept.flatMap(({ elementIds }) => elementIds));
	const worn = kept.flatMap(({ items }) => items);
	const elements = reference.elements.filter(({ id }) => !settled.has(id));
	const free = options.filter(
		(option) =>
			!worn.some((item) => item.source === 'piece' && partOf({ ...option, item }) === partOf(option))
	);
	const scorer = elementScorer(reference, { schools, client });
	const worth = new Map<string, number>();
	for (const element of elements)
		for (const option of free) worth.set(keyOf(element, option), worthOf(scorer, element, option));

	const separate = new Map([...worth].filter(([, points]) => points > 0));
	for (const element of elements)
		for (const option of free) if (spans(element, option)) separate.delete(keyOf(element, option));
	let best = solve(elements, free, separate);

	// Each one-piece in turn, for all the elements that it covers and that do not meet one another.
	for (const option of free) {
		const answered: Element[] = [];
		for (const element of elements)
			if (
				spans(element, option) &&
				(worth.get(keyOf(element, option)) ?? 0) > 0 &&
				answered.every((other) => !slotsMeet(slotOf(other), slotOf(element)))
			)
				answered.push(element);
		if (answered.length === 0) continue;
		const covered: readonly string[] = coversOf(option);
		const others = elements.filter(
			(element) => !slots[slotOf(element)].covers.some((part) => covered.includes(part))
		);
		const rest = solve(
			others,
			free.filter((one) => partOf(one) !== partOf(option)),
			separate
		);
		const points =
			rest.points + answered.reduce((sum, element) => sum + (worth.get(keyOf(element, option)) ?? 0), 0);
		if (points > best.points + 1e-9)
			best = { chosen: [...answered.map((element) => ({ element, option })), ...rest.chosen], points };
	}
	return best.chosen.reduce<Match[]>(
		(all, { element, option }) => {
			const before = matches.find(
				(match) =>
					match.elementIds.includes(element.id) && match.items.some((item) => sameItem(item, option.item))
			);
			// A piece that stays where it was keeps its match, with its moves, its reason and its note.
			return before && before.elementIds.length === 1
				? [...all, before]
				: chooseItem(
						all,
						reference.elements,
						{ element, item: option.item, garment: option.garment },
						newId()
					);
		},
		[...kept]
	);
}
