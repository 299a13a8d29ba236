import {
	buyingFor,
	candidatesFor,
	clashesFor,
	clashesWith,
	inOrder,
	isInReach,
	matchOf,
	mostTogether,
	movedBetween,
	onItsSide,
	resolveItem,
	sameThing,
	scoreLook,
	scoringOf,
	neededBeside,
	spendOf,
	winBacks,
	withoutElement,
	withPostage,
	wornIn,
	wornPieces,
	lostByGroup,
	weighedScore,
	type Calibration,
	type Client,
	type Echo,
	type Element,
	type Event,
	type FitNote,
	type Item,
	type LengthUnit,
	type LookCloseness,
	type Piece,
	type Rates,
	type Reference,
	type Schools,
	type WorthyOffer
} from '$lib/core';
import type { LiveAhead } from '$lib/store/live.svelte';
import { today } from '$lib/store/clock';
import { lookCheck } from '../check/check.svelte';
import { tableDeeds } from './deeds';
import { offersInSteps } from './steps.svelte';
import { marketFor } from './market.svelte';
import { fittingTray } from '../tray/tray.svelte';

/** What lies on the table. */
export interface OnTable {
	echo: Echo;
	/** Shows the echo as it will be while it is being written. */
	ahead: Pick<LiveAhead<Echo>, 'show' | 'takeBack' | 'settle'>;
	reference: Reference;
	client: Client;
	pieces: Piece[];
	currency: string;
	/** What one unit of another currency is worth in it. */
	rates: Rates;
	/** Do single letters act on the table? */
	letters: boolean;
	/** The unit in which lengths are shown. */
	units: LengthUnit;
	/** What the client tried of shops. */
	fitNotes: FitNote[];
	/** Pieces that were worn. */
	wornIds: ReadonlySet<string>;
	/** What the echo is for. */
	event?: Event;
	/** Weights that fit this stylist, where some were taken. */
	calibration?: Calibration;
}

/** The fitting table's state: the chosen rung, its tray, the score, and what can be done. */
export function fittingTable(onTable: () => OnTable) {
	let selectedId = $state<string | undefined>();
	let pointedId = $state<string | undefined>();
	let lightIds = $state.raw<readonly string[]>([]);
	/** The score under the schools before they were changed, to say what moved. */
	let scoreBefore = $state.raw<{ score: LookCloseness; before: string } | undefined>();

	const echo = $derived(onTable().echo);
	const reference = $derived(onTable().reference);
	const client = $derived(onTable().client);
	const pieces = $derived(onTable().pieces);
	// Each by itself: what reads the whole table is worked out anew at every choice.
	const fitNotes = $derived(onTable().fitNotes);
	const wornIds = $derived(onTable().wornIds);
	const elements = $derived(inOrder(reference.elements));
	const selected = $derived(elements.find(({ id }) => id === selectedId) ?? elements[0]);
	const worn = $derived(wornIn(echo, pieces));
	// What follows hangs on the schools, not on what is chosen: a choice works none of it out anew.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const scoring = $derived(scoringOf(reference, JSON.parse(schoolsKey) as Echo['schools'], client));
	const score = $derived(scoreLook(reference, worn, scoring));
	// Once the change is undone there is nothing more to tell of it.
	const told = $derived(
		scoreBefore && scoreBefore.before !== JSON.stringify(echo.schools) ? scoreBefore.score : undefined
	);
	const moved = $derived(told && movedBetween(told, score, elements));
	const spend = $derived(spendOf(echo, onTable().currency, onTable().rates));
	const beside = $derived(neededBeside(echo, pieces, onTable().currency, onTable().rates));
	const market = marketFor(
		() => reference,
		() => ({ client, fitNotes, schools: echo.schools })
	);
	const candidates = $derived(
		candidatesFor({
			reference,
			client,
			pieces,
			market: market.answer?.ok ? market.answer.answer : undefined,
			fitNotes,
			worn: wornIds,
			scoring,
			seenOn: today()
		})
	);
	const tray = fittingTray(() => {
		const { event, currency, rates } = onTable();
		return { echo, reference, client, element: selected, candidates, pieces, event, currency, rates };
	});

	const wornItems = $derived(echo.matches.flatMap(({ items }) => items));
	/** What could be worn for an element, with its postage where its shop sends nothing else. */
	const offersFor = (elementId: string): WorthyOffer[] =>
		candidates.offers(elementId).map((offer) => ({ ...offer, cost: withPostage(offer, wornItems) }));
	const isWorn = (elementId: string, { item, garment }: WorthyOffer) => {
		const side = elements.find(({ id }) => id === elementId)?.side;
		const asWorn = onItsSide({ side }, item, garment);
		return wornItems.some((other) => sameThing(other, asWorn));
	};
	const buyingOf = (elementId?: string) => {
		const { event, currency, rates } = onTable();
		return buyingFor(echo, elementId, { client, today: today(), wornOn: event?.date, currency, rates });
	};
	const clashes = $derived(clashesFor(client));
	/** Of an element's offers, which are not worn, there in time, for what is left, and go with the rest as the client would have it. */
	function openFor(elementId: string): (offer: WorthyOffer) => boolean {
		const buying = buyingOf(elementId);
		const besides = wornPieces(withoutElement(echo, elementId), pieces);
		return (offer) =>
			!isWorn(elementId, offer) &&
			isInReach(offer.item, buying) &&
			!clashesWith(clashes, besides, { ...offer, id: offer.key, moves: [] });
	}
	const offers = offersInSteps(() => ({ candidates, elements }));
	const cheapest = $derived(
		offers.areThere ? winBacks(reference, echo.matches, worn, offersFor, { ...scoring, openFor }) : undefined
	);

	const check = lookCheck(() => ({
		echo,
		reference,
		client,
		event: onTable().event,
		pieces,
		fitNotes,
		scoring,
		offersFor,
		isWorn,
		buyingFor: buyingOf
	}));
	const deeds = tableDeeds(() => ({
		echo,
		ahead: onTable().ahead,
		reference,
		client,
		event: onTable().event,
		elements,
		pieces,
		candidates,
		scoring,
		check,
		select: (id) => (selectedId = id)
	}));

	return {
		...deeds,
		get echo() {
			return echo;
		},
		get client() {
			return client;
		},
		get event() {
			return onTable().event;
		},
		get pieces() {
			return pieces;
		},
		/** What the client tried of shops. */
		get fitNotes() {
			return onTable().fitNotes;
		},
		/** The unit in which lengths are shown. */
		get units() {
			return onTable().units;
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
		/** The score under the stylist's own weights; undefined while the method's are in use. */
		get ownScore() {
			const { calibration } = onTable();
			return calibration && weighedScore(lostByGroup(score.losses), calibration.factors);
		},
		/** The studio's currency and its rates. */
		get money() {
			const { currency, rates } = onTable();
			return { currency, rates };
		},
		/** What all that is bought needs besides. */
		get beside() {
			return beside;
		},
		get spend() {
			return spend;
		},
		/** Single changes that win points, the cheapest points first; undefined while a large rail is gone through. */
		get cheapest() {
			return cheapest;
		},
		/** What of the rail could be worn in place of a thing, the nearest first. */
		sparesFor: (id: string) =>
			offersFor(id)
				.filter((offer) => !offer.cost && offer.earned > 0)
				.filter(openFor(id))
				.sort((a, b) => b.earned - a.earned),
		tray,
		market,
		check,
		/** Can something be put on beside what answers the element already? */
		canAdd: (element: Element, { item }: { item: Item }) => {
			const match = matchOf(echo, element.id);
			return (
				match?.state === 'items' &&
				match.items.length < mostTogether &&
				!match.items.some((other) => sameThing(other, item))
			);
		},
		/** Why nothing answers an element, where it was noted. */
		gapNoteOf: (element: Element) => echo.gapNotes.find(({ elementId }) => elementId === element.id),
		/** What answers an element, and how well. */
		matchOf: (element: Element) => matchOf(echo, element.id),
		scoreOf: (element: Element) => score.elements.find(({ elementId }) => elementId === element.id),
		/** The garments that answer an element, looked up. */
		garmentsOf: (element: Element) => worn.find(({ elementId }) => elementId === element.id)?.garments ?? [],
		/** Everything that is worn for the elements. */
		get wornGarments() {
			return worn.flatMap(({ garments }) => garments.map((garment) => ({ garment })));
		},
		titleOf: (item: Item) => resolveItem(item, pieces)?.title ?? '',
		garmentOf: (item: Item) => resolveItem(item, pieces)?.garment,
		/** The element that a layer of either plate stands for. */
		elementOfLayer: (id: string) => elements.find((element) => element.id === id),
		select: (id: string) => (selectedId = id),
		/** Moves to the rung above (−1) or below (1); stops at the ends. */
		step(by: -1 | 1) {
			const at = elements.findIndex((element) => element === selected);
			selectedId = elements[Math.min(elements.length - 1, Math.max(0, at + by))]?.id;
		},
		/** Layers that are lit besides the chosen and the pointed ones. */
		get lit() {
			return lightIds;
		},
		light: (ids: readonly string[]) => (lightIds = ids),
		/** Other schools for this echo; what they moved is told until it is put away. */
		async changeSchools(schools: Partial<Schools>) {
			const was = { score, before: JSON.stringify(echo.schools) };
			if (await deeds.setSchools(schools)) scoreBefore = was;
		},
		/** What the last change of schools moved, and why; undefined when there is nothing to tell. */
		get moved() {
			return moved;
		},
		/** By how many points that changed the whole. */
		get movedInAll() {
			return told ? score.score - told.score : 0;
		},
		putMovedAway: () => (scoreBefore = undefined)
	};
}
export type FittingTable = ReturnType<typeof fittingTable>;
