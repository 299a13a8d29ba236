import {
	choosing,
	closenessSchools,
	garmentInWords,
	inOrder,
	matchOf,
	matchWardrobe,
	optionsOfPiece,
	resolveItem,
	sameItem,
	scoreLook,
	spendOf,
	wearable,
	winBacks,
	wornIn,
	worthOfOffers,
	type Client,
	type Echo,
	type Element,
	type Item,
	type Match,
	type MoveId,
	type Offer,
	type Piece,
	type Reference,
	type WinBack,
	type WorthyOffer
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';
import { marketFor } from './market.svelte';
import { fittingTray, type Candidate } from './tray.svelte';

/** What lies on the table. */
export interface OnTable {
	echo: Echo;
	reference: Reference;
	client: Client;
	pieces: Piece[];
	currency: string;
}

/** The fitting table's state: the chosen rung, its tray, the score, and what can be done. */
export function fittingTable(onTable: () => OnTable) {
	let selectedId = $state<string | undefined>();
	let pointedId = $state<string | undefined>();

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

	// What each offer earns hangs on the look, the pieces and the shops, not on what is chosen.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const worths = $derived.by(() => {
		const owned = pieces
			.filter(wearable)
			.flatMap(optionsOfPiece)
			.map(({ item, title, garment }): Offer => ({ item, title, garment }));
		const listed = market.answer?.ok ? market.answer.answer : undefined;
		const bought = (elementId: string): Offer[] =>
			(listed?.matches.find((one) => one.elementId === elementId)?.listings ?? []).flatMap(({ listing }) => {
				const shop = listed?.shops.find(({ id }) => id === listing.shopId);
				return shop
					? [
							{
								item: { source: 'listing', listing, shop, seenOn: today() },
								title: listing.title,
								garment: listing.garment,
								cost: listing.price
							}
						]
					: [];
			});
		return worthOfOffers(
			reference,
			(elementId) => [...owned, ...bought(elementId)],
			JSON.parse(schoolsKey) as Echo['schools']
		);
	});
	/** What could be worn for an element and is not yet worn, with its postage where its shop sends nothing else. */
	function offersFor(elementId: string): WorthyOffer[] {
		const worn = echo.matches.flatMap(({ items }) => items);
		const shops = new Set(worn.flatMap((item) => (item.source === 'listing' ? [item.shop.id] : [])));
		return (worths.get(elementId) ?? [])
			.filter(({ item }) => !worn.some((other) => sameItem(other, item)))
			.map((offer) => {
				const { item, cost } = offer;
				if (item.source !== 'listing' || !cost || shops.has(item.shop.id)) return offer;
				return {
					...offer,
					cost: { ...cost, amountMinor: cost.amountMinor + item.shop.postage.flat.amountMinor }
				};
			});
	}
	const cheapest = $derived(winBacks(reference, echo.matches, worn, offersFor, { schools: echo.schools }));

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
