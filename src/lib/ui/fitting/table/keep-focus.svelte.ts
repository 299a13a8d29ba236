import { untrack } from 'svelte';
import { focusWhenLost } from '../../frame/focus';

/** The table as its focus is kept: its element, the rev of the echo on it, and whether something more is being put on. */
interface Watched {
	room: HTMLElement | undefined;
	rev: number;
	inMore: boolean;
}

/**
 * Keeps the focus on the table when what was pressed goes with what it changed: it is on the chosen rung then, or at the head of
 * what can be put on. Nothing is scrolled: what was pressed was in view.
 */
export function keepFocus(table: () => Watched) {
	$effect.pre(() => {
		const { room, inMore } = table();
		untrack(() => {
			if (room?.contains(document.activeElement))
				focusWhenLost(inMore ? '#tray' : '[data-rung][tabindex="0"]', { preventScroll: true });
		});
	});
}
