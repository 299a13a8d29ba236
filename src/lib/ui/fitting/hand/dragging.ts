/** Cards that can be taken by hand, and the places where they can be put down. */
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
import type { Candidate } from '../tray/tray.svelte';

/** What is carried of a card. */
const carried = (card: Candidate) => ({ card });

/** Lets an element be dragged as a card; `told` hears when it is taken and when it is let go. */
export const asCard =
	(card: () => Candidate, told: (held: Candidate | undefined) => void) => (node: HTMLElement) =>
		draggable({
			element: node,
			getInitialData: () => carried(card()),
			onDragStart: () => told(card()),
			onDrop: () => told(undefined)
		});

export interface Place {
	/** Can the card be put down here? */
	takes: (card: Candidate) => boolean;
	/** A card that can be put down is over it, or no more. */
	over: (on: boolean) => void;
	put: (card: Candidate) => void;
}

/** Lets cards be put down on an element. */
export const asPlace = ({ takes, over, put }: Place) => {
	const cardIn = (data: Record<string | symbol, unknown>) =>
		(data as Partial<ReturnType<typeof carried>>).card;
	return (node: HTMLElement) =>
		dropTargetForElements({
			element: node,
			canDrop: ({ source }) => {
				const card = cardIn(source.data);
				return card !== undefined && takes(card);
			},
			onDragEnter: () => over(true),
			onDragLeave: () => over(false),
			onDrop: ({ source, location, self }) => {
				over(false);
				const card = cardIn(source.data);
				// Of places within places, the innermost takes it.
				if (card && location.current.dropTargets[0]?.element === self.element) put(card);
			}
		});
};
