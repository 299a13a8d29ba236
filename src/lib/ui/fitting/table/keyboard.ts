import { garmentType } from '$lib/core';
import { isTyping } from '../../frame/keys';
import type { FittingTable } from './table.svelte';

/** What the keys of the fitting table do besides changing the echo. */
export interface TableActions {
	/** The element that holds rungs and cards. */
	room: () => HTMLElement | undefined;
	/** Are single letters turned on? */
	letters: () => boolean;
	matchAll: () => void;
	toggleHems: () => void;
	toggleOverlay: () => void;
	turn: () => void;
	nextPosture: () => void;
	nextLayers: () => void;
	/** Shows the eye's findings or the day, or the cards again. */
	toggleSide: (to: 'more' | 'check' | 'wear') => void;
	askWhy: () => void;
	search: () => void;
}

const focusIn = (room: HTMLElement | undefined, selector: string) =>
	room?.querySelector<HTMLElement>(selector)?.focus();
export const focusRung = (room: HTMLElement | undefined) => focusIn(room, '[data-rung][tabindex="0"]');
/** Wears the card beside what is chosen, where it can be. */
function addIn(room: HTMLElement | undefined, key: string | null | undefined): boolean {
	const add = key ? room?.querySelector<HTMLElement>(`[data-add="${CSS.escape(key)}"]`) : undefined;
	add?.click();
	return add !== undefined && add !== null;
}
const cardsIn = (room: HTMLElement | undefined) => [
	...(room?.querySelectorAll<HTMLElement>('[data-card]') ?? [])
];

/** Up and down: the next rung, or the next card, whichever has the focus. */
function stepFocus(table: FittingTable, room: HTMLElement | undefined, by: -1 | 1): boolean {
	const at = document.activeElement;
	if (at?.matches('[data-card]')) {
		const cards = cardsIn(room);
		cards[cards.indexOf(at as HTMLElement) + by]?.focus();
		return true;
	}
	if (!at?.matches('[data-rung]')) return false;
	table.step(by);
	requestAnimationFrame(() => focusRung(room));
	return true;
}

/** Left and right: from the rung to its cards, the chosen one first, and back. */
function crossFocus(room: HTMLElement | undefined, to: 'cards' | 'rung'): boolean {
	const at = document.activeElement;
	if (to === 'rung' && at?.matches('[data-card]')) focusRung(room);
	else if (to === 'cards' && at?.matches('[data-rung]')) {
		const cards = cardsIn(room);
		(cards.find((card) => card.ariaPressed === 'true') ?? cards[0])?.focus();
	} else return false;
	return true;
}

/** Asks for what can be done with what has the focus, as the menu key does. */
function openMenu(): boolean {
	const at = document.activeElement;
	if (!at?.matches('[data-rung], [data-card]')) return false;
	at.dispatchEvent(new MouseEvent('contextmenu', { bubbles: true, cancelable: true }));
	return true;
}

/** Where single letters act: a rung, a card, or the table itself has the focus (WCAG 2.1.4). */
const lettersAct = (target: EventTarget | null) =>
	target instanceof HTMLElement && target.matches('[data-rung], [data-card], [data-table]');

/**
 * The fitting table's keys, for one hand. Nothing happens while something is typed or a dialog is open, or where the focus
 * is elsewhere; what a letter does is told, with its own undo.
 */
export function tableKeys(table: FittingTable, actions: TableActions) {
	const { room } = actions;
	return (event: KeyboardEvent) => {
		const element = table.selected;
		const busy = isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey;
		if (!element || busy || !lettersAct(event.target)) return;
		const arrows: Record<string, () => unknown> = {
			ArrowUp: () => stepFocus(table, room(), -1),
			ArrowDown: () => stepFocus(table, room(), 1),
			ArrowRight: () => crossFocus(room(), 'cards'),
			ArrowLeft: () => crossFocus(room(), 'rung')
		};
		const letters: Record<string, () => unknown> = {
			x: () => table.told(() => table.leaveOut(element)),
			p: () => table.told(() => table.togglePin(element)),
			m: actions.matchAll,
			d: () =>
				garmentType(element.garment.type).division === 'beauty' && table.told(() => table.markDone(element)),
			c: () => {
				const key = document.activeElement?.getAttribute('data-card');
				if (key) table.tray.toggleCompared(key);
			},
			b: () => addIn(room(), document.activeElement?.getAttribute('data-card')),
			Backspace: () => table.told(() => table.clear(element)),
			Delete: () => table.told(() => table.clear(element)),
			h: actions.toggleHems,
			o: actions.toggleOverlay,
			r: actions.turn,
			s: actions.nextPosture,
			l: actions.nextLayers,
			e: () => actions.toggleSide('more'),
			k: () => actions.toggleSide('check'),
			g: () => actions.toggleSide('wear'),
			w: () => table.matchOf(element)?.state === 'items' && actions.askWhy(),
			'.': () => openMenu(),
			'/': actions.search
		};
		const deed = arrows[event.key] ?? (actions.letters() ? letters[event.key] : undefined);
		if (!deed) return;
		if (deed() !== false) event.preventDefault();
	};
}
