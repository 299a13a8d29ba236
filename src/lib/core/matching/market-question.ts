import { labelsFor } from '../body/listing-size';
import { nudeOn, skinToneOf } from '../colour/nude';
import type { MarketQuery } from '../exchange/market';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { FitNote } from '../model/fit-note';
import type { Shop } from '../model/market';
import type { Element, Reference } from '../model/reference';
import type { Day } from '../time';

/** Who a market is asked for. What of it reaches the shops is in the question, and nothing else. */
export interface AskedFor {
	client: Client;
	fitNotes: readonly FitNote[];
	schools: Client['schools'];
	on: Day;
}

/** Do shops have such things? Not hair and make-up. */
export const isForSale = ({ garment }: Pick<Element, 'garment'>): boolean =>
	garmentType(garment.type).division !== 'beauty';

/**
 * What the shops are asked for a look: its elements, each with the labels of every shop in which it would suit. What is asked for in nude is asked
 * for in a colour, and hair and make-up not at all: shops hear of no client and of no measure.
 */
export function marketQuestion(
	{ elements }: Pick<Reference, 'elements'>,
	shops: readonly Shop[],
	{ client, fitNotes, schools, on }: AskedFor
): MarketQuery {
	const skin = skinToneOf(client);
	return {
		elements: elements.filter(isForSale).map(({ id, garment, signature, open }) => ({
			id,
			garment: nudeOn(skin, garment),
			signature,
			open,
			labels: Object.fromEntries(
				shops.flatMap((shop) => {
					const labels = labelsFor(client, garment, shop, fitNotes);
					return labels ? [[shop.id, labels]] : [];
				})
			)
		})),
		schools,
		on
	};
}
