import {
	closenessOf,
	comesInPairs,
	garmentInWords,
	garmentType,
	isSized,
	sides,
	type Element,
	type Item,
	type Side
} from '$lib/core';
import type { Candidate } from '../tray/tray.svelte';
import type { FittingTable } from '../table/table.svelte';
import { m } from '../../messages';

/** One thing that can be done with what was pressed. */
export interface HandDeed {
	label: string;
	/** The key that does the same, where there is one. */
	key?: string;
	/** A page to go to, or a deed. */
	href?: string;
	run?: () => unknown;
}

/** What lies under the hand: a card of the tray, a rung, or a garment on a plate. */
export type UnderHand = { card: string } | { rung: string } | { layer: string };

/** What the hand holds over the table, where it can be put, and what can be done with what is pressed. */
export function tableHand(
	table: FittingTable,
	{ askWhy, showExtras, askFit }: { askWhy: () => void; showExtras: () => void; askFit: (item: Item) => void }
) {
	let held = $state.raw<Candidate | undefined>();

	/** Could a card answer an element at all? Slots gate: a bag is never put where trousers are asked for. */
	const takes = (element: Element, { garment }: Candidate) =>
		closenessOf(element, garment, { client: table.client }).closeness > 0;
	/** Can one of it be worn on one side alone? Where the reference asks for one side, that is the side. */
	const takesOnSide = (element: Element, card: Candidate) =>
		element.side === undefined && comesInPairs(card.garment.type) && takes(element, card);
	const putOnSide = (element: Element, card: Candidate, side: Side) => {
		table.select(element.id);
		return table.told(() => table.chooseOnSide(element, card, side));
	};
	const put = (element: Element, card: Candidate) => {
		table.select(element.id);
		return table.told(() => table.choose(element, card));
	};
	const pageOf = (item: Item): HandDeed[] =>
		item.source === 'piece'
			? [
					{
						label: m.fitting.hand.about(table.titleOf(item)),
						href: `/clients/${table.client.id}/pieces/${item.pieceId}`
					}
				]
			: [];
	/** What is noted of its size, and where all about it stands. */
	const aboutItem = (item: Item): HandDeed[] => {
		const garment = table.garmentOf(item);
		const fit = { label: m.fitting.hand.fitted(table.titleOf(item)), run: () => askFit(item) };
		return [...(garment && isSized(garment) ? [fit] : []), ...pageOf(item)];
	};

	function withCard(key: string): HandDeed[] {
		const card = table.tray.cardOf(key);
		const element = table.selected;
		if (!card || !element) return [];
		const others = table.elements.filter((other) => other !== element && takes(other, card));
		return [
			...(card.chosen ? [] : [{ label: m.fitting.hand.choose, key: 'Enter', run: () => put(element, card) }]),
			...(table.canAdd(element, card)
				? [
						{
							label: m.fitting.hand.beside,
							key: 'B',
							run: () => table.told(() => table.add(element, card))
						}
					]
				: []),
			...(takesOnSide(element, card)
				? sides.map((side) => ({
						label: m.fitting.hand.onSide[side],
						run: () => putOnSide(element, card, side)
					}))
				: []),
			...others.map((other) => ({
				label: m.fitting.hand.instead(garmentInWords(other.garment)),
				run: () => put(other, card)
			})),
			{ label: m.fitting.hand.compare, key: 'C', run: () => table.tray.toggleCompared(key) },
			...aboutItem(card.item)
		];
	}

	function withElement(element: Element): HandDeed[] {
		const match = table.matchOf(element);
		const told = (deed: () => unknown) => () => {
			table.select(element.id);
			return table.told(deed);
		};
		const byHand = garmentType(element.garment.type).division === 'beauty';
		return [
			...(match?.state === 'items'
				? [
						{
							label: m.fitting.hand.why,
							key: 'W',
							run: () => {
								table.select(element.id);
								askWhy();
							}
						}
					]
				: []),
			...(match
				? [
						{
							label: match.pinned ? m.fitting.unpin : m.fitting.pin,
							key: 'P',
							run: told(() => table.togglePin(element))
						},
						{ label: m.fitting.clear, key: 'Backspace', run: told(() => table.clear(element)) }
					]
				: []),
			...(byHand && match?.state !== 'done'
				? [{ label: m.fitting.markDone, key: 'D', run: told(() => table.markDone(element)) }]
				: []),
			...(match?.state !== 'left-out'
				? [{ label: m.fitting.leaveOut, key: 'X', run: told(() => table.leaveOut(element)) }]
				: []),
			...(match?.items ?? []).flatMap(aboutItem),
			{ label: m.fitting.hand.reference, href: `/references/${table.echo.referenceId}` }
		];
	}

	function withExtra(id: string): HandDeed[] {
		const extra = table.echo.extras.find((one) => one.id === id);
		if (!extra) return [];
		const title = table.titleOf(extra.item);
		return [
			{ label: m.fitting.takeOff(title), run: () => table.told(() => table.takeOff({ id, title })) },
			{ label: m.fitting.hand.extras, key: 'E', run: showExtras },
			...aboutItem(extra.item)
		];
	}

	return {
		/** The card that is being dragged. */
		get held() {
			return held;
		},
		hold: (card: Candidate | undefined) => (held = card),
		takes,
		put,
		takesOnSide,
		putOnSide,
		/** What can be done with what is under the hand; nothing where nothing can. */
		deedsFor(what: UnderHand): HandDeed[] {
			if ('card' in what) return withCard(what.card);
			const id = 'rung' in what ? what.rung : what.layer;
			const element = table.elementOfLayer(id);
			return element ? withElement(element) : withExtra(id);
		}
	};
}
export type TableHand = ReturnType<typeof tableHand>;
