import {
	becomingsOf,
	optionsOfPiece,
	sameThing,
	wearable,
	worthOfOffers,
	type Client,
	type Echo,
	type Element,
	type Offer,
	type Piece,
	type Reference,
	type WorthyOffer
} from '$lib/core';
import { today } from '$lib/store/clock';
import type { MarketResult } from '$lib/store/market';

/** Where offers come from. */
export interface OfferSource {
	echo: Echo;
	reference: Reference;
	client: Client;
	pieces: readonly Piece[];
	market: MarketResult | undefined;
}

/** All that could be worn for the elements of a look, owned or for sale, with what it earns. */
export function offersOnTable(source: () => OfferSource) {
	const echo = $derived(source().echo);
	const reference = $derived(source().reference);
	const pieces = $derived(source().pieces);
	const client = $derived(source().client);
	const market = $derived(source().market);
	// What an offer earns hangs on the look, the pieces and the shops, not on what is chosen.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const scoring = $derived({ schools: JSON.parse(schoolsKey) as Echo['schools'], client });
	const worths = $derived.by(() => {
		const owned = pieces
			.filter(wearable)
			.flatMap(optionsOfPiece)
			.map(({ item, title, garment }): Offer => ({ item, title, garment }));
		const turned = (element: Element): Offer[] =>
			becomingsOf(pieces.filter(wearable), element, scoring).map(({ item, title, garment }) => ({
				item,
				title,
				garment
			}));
		const listed = market?.ok ? market.answer : undefined;
		const forSale = (elementId: string): Offer[] =>
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
			(elementId) => {
				const element = reference.elements.find(({ id }) => id === elementId);
				return [...owned, ...(element ? turned(element) : []), ...forSale(elementId)];
			},
			scoring
		);
	});
	const worn = $derived(echo.matches.flatMap(({ items }) => items));

	return {
		/** What could be worn for an element and is not yet worn, with its postage where its shop sends nothing else. */
		for: (elementId: string): WorthyOffer[] =>
			(worths.get(elementId) ?? [])
				.filter(({ item }) => !worn.some((other) => sameThing(other, item)))
				.map((offer) => {
					const { item, cost } = offer;
					if (item.source !== 'listing' || !cost) return offer;
					const { id, postage } = item.shop;
					const posted = worn.some((other) => other.source === 'listing' && other.shop.id === id);
					if (posted) return offer;
					return { ...offer, cost: { ...cost, amountMinor: cost.amountMinor + postage.flat.amountMinor } };
				})
	};
}
