import {
	adaptLook,
	checkLook,
	extrasOf,
	freePlaces,
	garmentType,
	isInReach,
	isLetStand,
	keyOfItem,
	mendsOf,
	mistakesOf,
	optionsOfPiece,
	sameThing,
	somethingMore,
	underneath,
	wearable,
	withChange,
	wornPieces,
	type Change,
	type Client,
	type Echo,
	type Event,
	type Finding,
	type FitNote,
	type Mend,
	type Piece,
	type Reference,
	type ScoreOptions,
	type SlotId,
	type Spare,
	type SuitabilityOptions,
	type WorthyOffer
} from '$lib/core';
import { mendsFromShops, type FromShops } from './for-sale';

/** What the eye looks at. */
export interface CheckSource {
	echo: Echo;
	reference: Reference;
	client: Client;
	event: Event | undefined;
	pieces: readonly Piece[];
	/** What the client tried of shops. */
	fitNotes: readonly FitNote[];
	/** What could be worn for an element, what is worn for it among them. */
	offersFor: (elementId: string) => readonly WorthyOffer[];
	/** Is an offer worn already? */
	isWorn: (elementId: string, offer: WorthyOffer) => boolean;
	/** By what a thing is bought, for an element or besides. */
	buyingFor: (elementId?: string) => SuitabilityOptions;
	scoring: ScoreOptions;
}

/** As many spare pieces as are tried for a mend, of those that are owned and of those for sale. */
const tried = { owned: 8, forSale: 4 };

/** The findings on what an echo wears, their mends, and one of them held up to be looked at. */
export function lookCheck(source: () => CheckSource) {
	let tryOn = $state.raw<Mend | undefined>();

	const echo = $derived(source().echo);
	const reference = $derived(source().reference);
	const pieces = $derived(source().pieces);
	const worn = $derived(wornPieces(echo, pieces));
	const context = $derived({
		client: source().client,
		event: source().event,
		schools: echo.schools,
		degree: reference.recipe?.degree
	});
	const raised = $derived(checkLook(worn, context));
	const findings = $derived(raised.filter((finding) => !isLetStand(finding, echo.dismissed)));
	// The reference's own mistakes hang on its elements and the schools, not on what is chosen.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const mistakes = $derived(mistakesOf(reference, { schools: JSON.parse(schoolsKey) as Echo['schools'] }));
	const onHand = $derived(pieces.filter(wearable).flatMap(optionsOfPiece));
	const extras = $derived(extrasOf(echo, pieces));
	const beneath = $derived(
		worn.flatMap(({ id, title, garment }) =>
			underneath(garment).map((one) => ({
				...one,
				id,
				for: title,
				worn: extras.find((extra) => extra.garment.type === one.type),
				owned: onHand.filter((option) => option.garment.type === one.type)
			}))
		)
	);

	/** What could be worn for an element and is there in time, for what is left. */
	function offersInReach(id: string): WorthyOffer[] {
		const { offersFor, buyingFor } = source();
		const buying = buyingFor(id);
		return offersFor(id).filter(({ item }) => isInReach(item, buying));
	}
	const offerOf = (id: string, key: string) =>
		source()
			.offersFor(id)
			.find((offer) => offer.key === key);

	const wornItems = $derived([
		...echo.matches.flatMap(({ items }) => items),
		...echo.extras.map(({ item }) => item)
	]);
	/** What of the rail could be worn besides in some slots, by how well it goes. */
	const besidesIn = (slots: readonly SlotId[]) =>
		somethingMore(
			worn,
			onHand.filter(({ garment }) => slots.includes(garmentType(garment.type).slot)),
			{
				client: source().client,
				isWorn: ({ item }) => wornItems.some((other) => sameThing(other, item))
			}
		).map(({ thing: { item, title, garment } }) => ({ key: keyOfItem(item), title, garment }));

	/** What would be worn of an element instead: what is owned, then what would be bought, by what it earns. */
	function sparesFor(id: string): Spare[] {
		const offers = offersInReach(id)
			.filter((offer) => offer.earned > 0 && !source().isWorn(id, offer))
			.sort((a, b) => b.earned - a.earned);
		return [
			...offers.filter(({ cost }) => !cost).slice(0, tried.owned),
			...offers.filter(({ item }) => item.source === 'listing').slice(0, tried.forSale)
		].map(({ key, title, garment, item, cost }) => ({
			key,
			title,
			garment,
			...(item.source === 'listing' && { bought: item.listing, cost })
		}));
	}
	/** What the shops were last found to have for a finding. */
	let forSale = $state.raw<FromShops['things']>([]);

	return {
		get findings() {
			return findings;
		},
		/** Findings that the stylist let stand, and that would still be raised. */
		get letStand() {
			return echo.dismissed.flatMap((dismissal) => {
				const finding = raised.find((one) => isLetStand(one, [dismissal]));
				return finding ? [{ finding, dismissal }] : [];
			});
		},
		/** What the eye finds in the reference itself. */
		get mistakes() {
			return mistakes;
		},
		/** What goes underneath, proposed: what is worn of it, and what the wardrobe has. */
		get beneath() {
			return beneath;
		},
		/** Changes that would make the reference wearable for this client and day; worked out when asked for. */
		adapt: () =>
			adaptLook(source().reference, source().client, {
				event: source().event,
				schools: echo.schools,
				offersFor: offersInReach
			}),
		/** Findings that ask for something. */
		get faults() {
			return findings.filter(({ severity }) => severity !== 'praise').length;
		},
		titleOf: (id: string) => worn.find((piece) => piece.id === id)?.title ?? '',
		/** Changes after which a finding is gone, the closest first. */
		mendsOf: (finding: Finding): Mend[] =>
			mendsOf(finding, worn, {
				context,
				reference,
				scoring: source().scoring,
				elementsOf: (id) => echo.matches.find(({ elementIds }) => elementIds[0] === id)?.elementIds ?? [],
				sparesFor,
				additions: besidesIn
			}),
		/** Could something be put on besides for it? */
		mayAdd: (finding: Finding) => finding.severity !== 'praise' && freePlaces(finding, worn).length > 0,
		/** Asks the shops for what, put on besides, would mend a finding. */
		async mendsFromShops(finding: Finding, signal: AbortSignal): Promise<FromShops> {
			const { fitNotes, buyingFor } = source();
			const { schools } = echo;
			const answer = await mendsFromShops(
				finding,
				{ worn, context, fitNotes, schools, buying: buyingFor() },
				signal
			);
			forSale = answer.things;
			return answer;
		},
		/** The mend that is held up, to see it on the plate before it is taken. */
		get tryOn() {
			return tryOn;
		},
		hold: (mend: Mend | undefined) => (tryOn = mend),
		/** What is worn with the held mend, as a look to draw. */
		get preview() {
			return tryOn && { worn: withChange(worn, tryOn.change) };
		},
		/** The thing that is worn besides, owned or for sale. */
		additionIn: ({ to }: Extract<Change, { kind: 'add' }>) =>
			onHand.find(({ item }) => keyOfItem(item) === to.key) ?? forSale.find(({ key }) => key === to.key),
		/** What a swap takes. */
		offerIn: (change: Extract<Change, { kind: 'swap' }>) => offerOf(change.id, change.to.key)
	};
}
export type LookCheck = ReturnType<typeof lookCheck>;
