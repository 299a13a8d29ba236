/** Changes to the matches of an echo. Each returns the new matches and leaves the given ones as they are. */
import type { MoveId } from '../lexicon/moves';
import type { Side } from '../lexicon/sides';
import { slots, slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { freshMatch, type Item, type Match } from '../model/worn';
import type { Garment } from '../model/garment';
import { mostTogether, type Element } from '../model/reference';
import { onItsSide, sameItem, sameThing } from './items';

/** Takes an element out of whatever answered it; a match that answers nothing more goes. */
function released(matches: readonly Match[], elementId: string): Match[] {
	return matches
		.map((match) => ({ ...match, elementIds: match.elementIds.filter((id) => id !== elementId) }))
		.filter((match) => match.elementIds.length > 0);
}

/** Takes an item out of every match; a match that is left with nothing goes. */
function withoutItem(matches: readonly Match[], item: Item): Match[] {
	return matches
		.map((match) => ({ ...match, items: match.items.filter((other) => !sameThing(other, item)) }))
		.filter((match) => match.state !== 'items' || match.items.length > 0);
}

const slotOf = (element: Element) => garmentType(element.garment.type).slot;

/** Can one garment answer both elements? Only what covers several parts of the body, and only different parts. */
function canShare(garment: Garment, a: Element, b: Element): boolean {
	const covers = slots[garmentType(garment.type).slot].covers;
	return covers.length > 1 && !slotsMeet(slotOf(a), slotOf(b));
}

/**
 * Chooses an item for an element in place of what was there; the element's moves are taken as done. A thing is
 * worn once: taking it for one element takes it from another, unless it can answer both (a dress chosen for the
 * top, then for the skirt), when the two share the match.
 *
 * @param chosen what is chosen, what it is, and what is kept beside it should it sell out
 * @param id an id for the match, should a new one be made
 */
export function chooseItem(
	matches: readonly Match[],
	elements: readonly Element[],
	chosen: { element: Element; item: Item; garment: Garment; backups?: Item[] },
	id: string
): Match[] {
	const { element, garment, backups = [] } = chosen;
	const item = onItsSide(element, chosen.item, garment);
	const others = released(matches, element.id);
	const sharing = others.find(
		(match) =>
			match.items.some((other) => sameItem(other, item)) &&
			match.elementIds.every((otherId) => {
				const other = elements.find((candidate) => candidate.id === otherId);
				return other !== undefined && canShare(garment, element, other);
			})
	);
	if (sharing)
		return others.map((match) =>
			match === sharing
				? {
						...match,
						elementIds: [...match.elementIds, element.id],
						movesDone: [...new Set([...match.movesDone, ...element.moves])]
					}
				: match
		);
	const reason = item.source === 'piece' ? 'owned' : 'price';
	return [
		...withoutItem(others, item),
		freshMatch({
			id,
			elementIds: [element.id],
			items: [item],
			movesDone: [...element.moves],
			reason,
			backups
		})
	];
}

/**
 * Chooses an item for an element not by hand. What stays where it was before keeps its match, with its moves, its reason and its
 * note.
 *
 * @param before the matches as they were
 */
export function chooseUnasked(
	matches: readonly Match[],
	before: readonly Match[],
	elements: readonly Element[],
	chosen: { element: Element; item: Item; garment: Garment; backups?: Item[] },
	newId: () => string
): Match[] {
	const stays = before.find(
		({ elementIds, items }) =>
			elementIds.includes(chosen.element.id) && items.some((item) => sameItem(item, chosen.item))
	);
	if (stays?.elementIds.length === 1) return [...matches, stays];
	const id = newId();
	return chooseItem(matches, elements, chosen, id).map((match) =>
		match.id === id ? { ...match, byHand: false } : match
	);
}

/** Leaves an element out on purpose. */
export function leaveOut(matches: readonly Match[], elementId: string, id: string): Match[] {
	return [
		...released(matches, elementId),
		freshMatch({ id, elementIds: [elementId], state: 'left-out', reason: 'other' })
	];
}

/** Marks an element of hair, make-up, nails or scent as done, with its moves. */
export function markDone(matches: readonly Match[], element: Element, id: string): Match[] {
	return [
		...released(matches, element.id),
		freshMatch({
			id,
			elementIds: [element.id],
			state: 'done',
			reason: 'other',
			movesDone: [...element.moves]
		})
	];
}

/** Makes an element a gap again. */
export const clearMatch = (matches: readonly Match[], elementId: string): Match[] =>
	released(matches, elementId);

/** Turns one styling move on or off in the match of an element. */
export function toggleMove(matches: readonly Match[], elementId: string, move: MoveId): Match[] {
	return matches.map((match) =>
		match.elementIds.includes(elementId)
			? {
					...match,
					movesDone: match.movesDone.includes(move)
						? match.movesDone.filter((other) => other !== move)
						: [...match.movesDone, move]
				}
			: match
	);
}

/** Fixes the match of an element, or lets it go again: nothing automatic changes a pinned one. */
export function togglePin(matches: readonly Match[], elementId: string): Match[] {
	return matches.map((match) =>
		match.elementIds.includes(elementId) ? { ...match, pinned: !match.pinned } : match
	);
}

/** What the stylist notes of a match: why it was taken, what else could be, what it is beside the reference's. */
export type MatchNotes = Partial<Pick<Match, 'reason' | 'instead' | 'note' | 'beside'>>;

/** Notes something of the match of an element; `beside: undefined` takes the comparison back. */
export const noteMatch = (matches: readonly Match[], elementId: string, notes: MatchNotes): Match[] =>
	matches.map((match) => (match.elementIds.includes(elementId) ? { ...match, ...notes } : match));

/**
 * Puts an item on beside what answers an element already, last in their order; where nothing does, it is chosen for it. Beyond the
 * most there may be, nothing changes.
 */
export function addItem(
	matches: readonly Match[],
	elements: readonly Element[],
	chosen: { element: Element; item: Item; garment: Garment },
	id: string
): Match[] {
	const { element, garment } = chosen;
	const item = onItsSide(element, chosen.item, garment);
	const match = matches.find(({ state, elementIds }) => state === 'items' && elementIds.includes(element.id));
	if (!match) return chooseItem(matches, elements, chosen, id);
	if (
		match.items.length >= mostTogether ||
		match.items.some((other) => sameThing(other, item) || sameItem(other, item))
	)
		return [...matches];
	// Nobody wears two pairs of shoes: the second one shares the feet with the first.
	const shared = match.items.length === 1 && !element.side && garmentType(garment.type).slot === 'feet';
	return withoutItem(matches, item).map((other) => {
		if (other.id !== match.id) return other;
		const items = shared
			? [
					...other.items.map((first) => ({ ...first, side: 'left' as const })),
					{ ...item, side: 'right' as const }
				]
			: [...other.items, item];
		return { ...other, items, byHand: true };
	});
}

/** Wears an item of an element's match on one side alone, or, without one, on both. */
export const setSide = (
	matches: readonly Match[],
	elementId: string,
	item: Item,
	side: Side | undefined
): Match[] =>
	matches.map((match) =>
		match.elementIds.includes(elementId)
			? {
					...match,
					items: match.items.map((other) => {
						if (!sameItem(other, item)) return other;
						const { side: _before, ...plain } = other;
						return side ? { ...plain, side } : plain;
					}),
					byHand: true
				}
			: match
	);

/**
 * Wears one of a pair on one side of an element: what was worn on both sides keeps the other one, and what was on that side alone
 * makes way for it.
 */
export function chooseOnSide(
	matches: readonly Match[],
	elements: readonly Element[],
	chosen: { element: Element; item: Item; garment: Garment; side: Side },
	id: string
): Match[] {
	const { element, side } = chosen;
	const item: Item = { ...chosen.item, side };
	const before = matches.find(
		({ state, elementIds }) => state === 'items' && elementIds.includes(element.id)
	);
	if (!before) return setSide(chooseItem(matches, elements, chosen, id), element.id, item, side);
	const other: Side = side === 'left' ? 'right' : 'left';
	const stays = before.items
		.filter((worn) => !sameItem(worn, item) && worn.side !== side)
		.map((worn) => ({ ...worn, side: other }))
		.slice(0, mostTogether - 1);
	return [
		...withoutItem(
			matches.filter((match) => match !== before),
			item
		),
		{ ...before, items: [...stays, item], byHand: true }
	];
}

/** Takes one of several items off; the last one leaves a gap, and what shared a pair with it is a pair again. */
export function removeItem(matches: readonly Match[], elementId: string, item: Item): Match[] {
	return matches
		.map((match) => {
			if (!match.elementIds.includes(elementId)) return match;
			const items = match.items.filter((other) => !sameItem(other, item));
			const gone = match.items.find((other) => sameItem(other, item));
			const [last, more] = items;
			if (!last || more || !gone?.side || gone.side === last.side) return { ...match, items };
			const { side: _side, ...pair } = last;
			return { ...match, items: [pair] };
		})
		.filter(({ state, items }) => state !== 'items' || items.length > 0);
}
