import {
	choosing,
	closenessSchools,
	garmentInWords,
	inOrder,
	matchOf,
	matchWardrobe,
	resolveItem,
	scoreLook,
	spendOf,
	winBacks,
	wornIn,
	type Client,
	type Echo,
	type Element,
	type Event,
	type Item,
	type Match,
	type Mend,
	type MoveId,
	type Piece,
	type Reference,
	type WinBack
} from '$lib/core';
import { newId } from '$lib/store/clock';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';
import { lookCheck } from './check.svelte';
import { marketFor } from './market.svelte';
import { offersOnTable } from './offers.svelte';
import { fittingTray, type Candidate } from './tray.svelte';

/** What lies on the table. */
export interface OnTable {
	echo: Echo;
	reference: Reference;
	client: Client;
	pieces: Piece[];
	currency: string;
	/** What the echo is for. */
	event?: Event;
}

/** The fitting table's state: the chosen rung, its tray, the score, and what can be done. */
export function fittingTable(onTable: () => OnTable) {
	let selectedId = $state<string | undefined>();
	let pointedId = $state<string | undefined>();
	let lightIds = $state.raw<readonly string[]>([]);

	const echo = $derived(onTable().echo);
	const reference = $derived(onTable().reference);
	const client = $derived(onTable().client);
	const pieces = $derived(onTable().pieces);
	const elements = $derived(inOrder(reference.elements));
	const selected = $derived(elements.find(({ id }) => id === selectedId) ?? elements[0]);
	const worn = $derived(wornIn(echo, pieces));
	const score = $derived(scoreLook(reference, worn, { schools: echo.schools }));
	const spend = $derived(spendOf(echo, onTable().currency));
	const market = marketFor(
		() => reference,
		() => echo.schools
	);
	const tray = fittingTray(() => ({
		echo,
		reference,
		client,
		pieces,
		element: selected,
		market: market.answer
	}));

	const offers = offersOnTable(() => ({ echo, reference, pieces, market: market.answer }));
	const cheapest = $derived(winBacks(reference, echo.matches, worn, offers.for, { schools: echo.schools }));

	const check = lookCheck(() => ({
		echo,
		reference,
		client,
		event: onTable().event,
		pieces,
		offersFor: offers.for
	}));

	const write = (label: string, matches: Match[]) =>
		perform(() =>
			change(label, (writer) =>
				writer.edit('echoes', echo.id, (draft) => void (draft.matches = matches), echo.rev)
			)
		);
	const words = (element: Element) => garmentInWords(element.garment);
	const choose = (
		element: Element,
		{ item, garment, title }: Pick<Candidate, 'item' | 'garment' | 'title'>,
		sizeLabel?: string
	) =>
		write(
			m.did.chose(title, words(element)),
			choosing.chooseItem(
				echo.matches,
				reference.elements,
				{ element, item: item.source === 'listing' ? { ...item, sizeLabel } : item, garment },
				newId()
			)
		);

	return {
		get echo() {
			return echo;
		},
		get client() {
			return client;
		},
		get elements() {
			return elements;
		},
		get selected() {
			return selected;
		},
		/** The element under the pointer, on a rung or on a plate. */
		get pointed() {
			return elements.find(({ id }) => id === pointedId);
		},
		point: (id: string | undefined) => (pointedId = id),
		get score() {
			return score;
		},
		get spend() {
			return spend;
		},
		/** Single changes that win points, the cheapest points first. */
		get cheapest() {
			return cheapest;
		},
		tray,
		market,
		/** What answers an element, and how well. */
		matchOf: (element: Element) => matchOf(echo, element.id),
		scoreOf: (element: Element) => score.elements.find(({ elementId }) => elementId === element.id),
		/** The garments that answer an element, looked up. */
		garmentsOf: (element: Element) => worn.find(({ elementId }) => elementId === element.id)?.garments ?? [],
		garmentOf: (item: Item) => resolveItem(item, pieces)?.garment,
		/** The element that a layer of either plate stands for. */
		elementOfLayer: (id: string) => elements.find((element) => element.id === id),
		select: (id: string) => (selectedId = id),
		/** Moves to the rung above (−1) or below (1); stops at the ends. */
		step(by: -1 | 1) {
			const at = elements.findIndex((element) => element === selected);
			selectedId = elements[Math.min(elements.length - 1, Math.max(0, at + by))]?.id;
		},
		choose,
		/** Does what wins points back. */
		winBack({ elementId, change: { ...how } }: WinBack) {
			const element = elements.find(({ id }) => id === elementId);
			if (!element) return Promise.resolve(false);
			selectedId = elementId;
			return how.kind === 'item'
				? choose(element, how.offer)
				: write(
						m.did.changedMoves(words(element)),
						how.moves.reduce((all, move) => choosing.toggleMove(all, elementId, move), echo.matches)
					);
		},
		check,
		/** Layers that are lit besides the chosen and the pointed ones. */
		get lit() {
			return lightIds;
		},
		light: (ids: readonly string[]) => (lightIds = ids),
		/** Does what mends a finding. */
		mend({ change: how }: Mend) {
			const element = elements.find(({ id }) => id === how.id);
			if (!element) return Promise.resolve(false);
			selectedId = element.id;
			if (how.kind === 'move')
				return write(
					m.did.changedMoves(words(element)),
					choosing.toggleMove(echo.matches, element.id, how.move)
				);
			if (how.kind === 'leave-off')
				return write(m.did.leftOut(words(element)), choosing.leaveOut(echo.matches, element.id, newId()));
			const offer = check.offerIn(how);
			return offer ? choose(element, offer) : Promise.resolve(false);
		},
		/** Matches the whole wardrobe at once, around what is pinned. */
		matchAll: () =>
			write(
				m.did.matchedAll,
				matchWardrobe(reference, echo.matches, tray.wardrobe, { schools: echo.schools, newId })
			),
		leaveOut: (element: Element) =>
			write(m.did.leftOut(words(element)), choosing.leaveOut(echo.matches, element.id, newId())),
		markDone: (element: Element) =>
			write(m.did.done(words(element)), choosing.markDone(echo.matches, element, newId())),
		clear: (element: Element) =>
			write(m.did.cleared(words(element)), choosing.clearMatch(echo.matches, element.id)),
		togglePin(element: Element) {
			const match = matchOf(echo, element.id);
			return match
				? write(
						match.pinned ? m.did.unpinned(words(element)) : m.did.pinned(words(element)),
						choosing.togglePin(echo.matches, element.id)
					)
				: Promise.resolve(false);
		},
		toggleMove: (element: Element, move: MoveId) =>
			write(m.did.changedMoves(words(element)), choosing.toggleMove(echo.matches, element.id, move)),
		giveReason: (element: Element, reason: Match['reason']) =>
			write(m.did.notedWhy(words(element)), choosing.giveReason(echo.matches, element.id, reason)),
		/** Another school of what counts as close, for this echo. */
		setSchool: (closeness: NonNullable<Echo['schools']['closeness']>) =>
			perform(() =>
				change(m.did.changedSchool(closenessSchools[closeness].label), (writer) =>
					writer.edit('echoes', echo.id, (draft) => void (draft.schools.closeness = closeness), echo.rev)
				)
			),
		setLimit: (limit: Echo['spendLimit']) =>
			perform(() =>
				change(limit ? m.did.setLimit : m.did.tookLimitOff, (writer) =>
					writer.edit('echoes', echo.id, (draft) => void (draft.spendLimit = limit), echo.rev)
				)
			)
	};
}
export type FittingTable = ReturnType<typeof fittingTable>;
