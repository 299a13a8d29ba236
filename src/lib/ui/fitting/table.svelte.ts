import {
	cautionsFor,
	choosing,
	garmentInWords,
	garmentType,
	inOrder,
	matchOf,
	optionsOfPiece,
	rankCandidates,
	resolveItem,
	sameItem,
	scoreLook,
	spendOf,
	wearable,
	wornIn,
	type Client,
	type Echo,
	type Element,
	type Garment,
	type Item,
	type Listing,
	type Match,
	type MoveId,
	type Piece,
	type PieceCloseness,
	type Reference,
	type Shop
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import { change } from '$lib/store/journal';
import { askMarket, type MarketResult } from '$lib/store/market';
import { perform } from '../frame/perform';
import { m } from '../messages';

/** What lies on the table. */
export interface OnTable {
	echo: Echo;
	reference: Reference;
	client: Client;
	pieces: Piece[];
	currency: string;
}

/** One card of the tray. */
export interface Candidate {
	key: string;
	title: string;
	item: Item;
	garment: Garment;
	closeness: PieceCloseness;
	cautions: string[];
	chosen: boolean;
	/** Words of the element that wears it now, when that is another one. */
	wornFor?: string;
	listing?: Listing;
	shop?: Shop;
}

/** The fitting table's state: the chosen rung, its candidates, the score, and what can be done. */
export function fittingTable(onTable: () => OnTable) {
	let selectedId = $state<string | undefined>();
	let market = $state.raw<MarketResult | undefined>();
	let asked = $state(0);

	const echo = $derived(onTable().echo);
	const reference = $derived(onTable().reference);
	const client = $derived(onTable().client);
	const pieces = $derived(onTable().pieces);
	const elements = $derived(inOrder(reference.elements));
	const selected = $derived(elements.find(({ id }) => id === selectedId) ?? elements[0]);
	const worn = $derived(wornIn(echo, pieces));
	const score = $derived(scoreLook(reference, worn, { schools: echo.schools }));
	const spend = $derived(spendOf(echo, onTable().currency));
	const garmentOf = (item: Item) => resolveItem(item, pieces)?.garment;

	function wornElsewhere(item: Item, element: Element): string | undefined {
		const match = echo.matches.find((other) => other.items.some((worn) => sameItem(worn, item)));
		if (!match || match.elementIds.includes(element.id)) return undefined;
		const other = reference.elements.find(({ id }) => match.elementIds.includes(id));
		return other && garmentInWords(other.garment);
	}
	function candidate(
		element: Element,
		title: string,
		item: Item,
		garment: Garment,
		closeness: PieceCloseness
	): Candidate {
		const match = matchOf(echo, element.id);
		return {
			key:
				item.source === 'listing'
					? item.listing.id
					: [item.pieceId, item.partId, item.configurationId].join(' '),
			title,
			item,
			garment,
			closeness,
			cautions: cautionsFor(client, garment),
			chosen: match?.items.some((other) => sameItem(other, item)) ?? false,
			wornFor: wornElsewhere(item, element)
		};
	}
	// Rankings hang on the element, the pieces and the schools, not on what is chosen: a choice ranks nothing anew.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const options = $derived({ schools: JSON.parse(schoolsKey) as Echo['schools'] });
	const wardrobe = $derived(pieces.filter(wearable).flatMap(optionsOfPiece));
	const rankedOwned = $derived(
		selected ? rankCandidates(selected, wardrobe, (option) => option.garment, options) : []
	);
	const rankedListed = $derived.by(() => {
		if (!selected || !market?.ok) return [];
		const listings = market.answer.matches.find(({ elementId }) => elementId === selected.id)?.listings ?? [];
		return rankCandidates(selected, listings, ({ listing }) => listing.garment, options);
	});
	const owned = $derived(
		selected
			? rankedOwned.map(({ candidate: option, closeness }) =>
					candidate(selected, option.title, option.item, option.garment, closeness)
				)
			: []
	);
	const listed = $derived.by((): Candidate[] => {
		if (!selected || !market?.ok) return [];
		const { shops } = market.answer;
		return rankedListed.flatMap(({ candidate: { listing }, closeness }) => {
			const shop = shops.find(({ id }) => id === listing.shopId);
			if (!shop) return [];
			const item: Item = { source: 'listing', listing, shop, seenOn: today() };
			return [{ ...candidate(selected, listing.title, item, listing.garment, closeness), listing, shop }];
		});
	});

	// Asked again when what is asked for changes, or on demand; the answer to an older question is dropped.
	const question = $derived(
		JSON.stringify({
			elements: reference.elements.map(({ id, garment, signature, open }) => ({
				id,
				garment,
				signature,
				open
			})),
			schools: echo.schools
		})
	);
	$effect(() => {
		void asked;
		market = undefined;
		const { elements: wanted, schools } = JSON.parse(question) as {
			elements: Element[];
			schools: Echo['schools'];
		};
		const sold = wanted.filter(({ garment }) => garmentType(garment.type).division !== 'beauty');
		if (sold.length === 0) {
			market = { ok: true, answer: { simulated: true, shops: [], matches: [] } };
			return;
		}
		const stop = new AbortController();
		askMarket({ elements: sold, schools }, stop.signal)
			.then((result) => (market = result))
			.catch(() => undefined);
		return () => stop.abort();
	});

	const write = (label: string, matches: Match[]) =>
		perform(() =>
			change(label, (writer) =>
				writer.edit('echoes', echo.id, (draft) => void (draft.matches = matches), echo.rev)
			)
		);
	const words = (element: Element) => garmentInWords(element.garment);

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
		get score() {
			return score;
		},
		get spend() {
			return spend;
		},
		get owned() {
			return owned;
		},
		get listed() {
			return listed;
		},
		get market() {
			return market;
		},
		/** What answers an element, and how well. */
		matchOf: (element: Element) => matchOf(echo, element.id),
		scoreOf: (element: Element) => score.elements.find(({ elementId }) => elementId === element.id),
		/** The garments that answer an element, looked up. */
		garmentsOf: (element: Element) => worn.find(({ elementId }) => elementId === element.id)?.garments ?? [],
		garmentOf,
		titleOf: (item: Item) => resolveItem(item, pieces)?.title,
		select: (id: string) => (selectedId = id),
		/** Moves to the rung above (−1) or below (1); stops at the ends. */
		step(by: -1 | 1) {
			const at = elements.findIndex((element) => element === selected);
			selectedId = elements[Math.min(elements.length - 1, Math.max(0, at + by))]?.id;
		},
		askAgain: () => asked++,
		choose: (element: Element, { item, garment, title }: Candidate, sizeLabel?: string) =>
			write(
				m.did.chose(title, words(element)),
				choosing.chooseItem(
					echo.matches,
					reference.elements,
					{ element, item: item.source === 'listing' ? { ...item, sizeLabel } : item, garment },
					newId()
				)
			),
		leaveOut: (element: Element) =>
			write(m.did.leftOut(words(element)), choosing.leaveOut(echo.matches, element.id, newId())),
		markDone: (element: Element) =>
			write(m.did.done(words(element)), choosing.markDone(echo.matches, element, newId())),
		clear: (element: Element) =>
			write(m.did.cleared(words(element)), choosing.clearMatch(echo.matches, element.id)),
		toggleMove: (element: Element, move: MoveId) =>
			write(m.did.changedMoves(words(element)), choosing.toggleMove(echo.matches, element.id, move)),
		giveReason: (element: Element, reason: Match['reason']) =>
			write(m.did.notedWhy(words(element)), choosing.giveReason(echo.matches, element.id, reason)),
		setLimit: (limit: Echo['spendLimit']) =>
			perform(() =>
				change(limit ? m.did.setLimit : m.did.tookLimitOff, (writer) =>
					writer.edit('echoes', echo.id, (draft) => void (draft.spendLimit = limit), echo.rev)
				)
			)
	};
}
export type FittingTable = ReturnType<typeof fittingTable>;
