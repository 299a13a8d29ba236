/** The order of importance of a reference's elements: the array holds them, `rank` says the order. */
import type { Element } from '../model/reference';

/** Elements from the most to the least important; ties keep their place in the array. */
export const inOrder = (elements: readonly Element[]): Element[] =>
	[...elements].sort((a, b) => a.rank - b.rank);

/** Ranks 1, 2, 3 … along an order. */
export const ranked = (elements: readonly Element[]): Element[] =>
	elements.map((element, i) => (element.rank === i + 1 ? element : { ...element, rank: i + 1 }));

/** The elements with one of them moved by so many places up (negative) or down; ends hold. */
export function moveElement(elements: readonly Element[], id: string, by: number): Element[] {
	const order = inOrder(elements);
	const from = order.findIndex((element) => element.id === id);
	const [moved] = order.splice(from, from < 0 ? 0 : 1);
	if (!moved) return ranked(order);
	order.splice(Math.min(order.length, Math.max(0, from + by)), 0, moved);
	return ranked(order);
}
