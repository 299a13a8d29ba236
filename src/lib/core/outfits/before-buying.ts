/** What a thing for sale would be to a rail: what it goes with, what it closes, and whether it is there already. */
import { closenessTo } from '../closeness/piece';
import { canAnswer } from '../lexicon/taxonomy';
import { optionsOfPiece, wearable } from '../matching/items';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import { freshPiece, type Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { doublesOfGarment } from '../rail/tells';
import { outfitsFrom } from './outfits-from';

/** What of a reference it would answer that nothing owned does. */
export interface ClosedGap {
	referenceId: string;
	elementId: string;
}

export interface BeforeBuying {
	/** Outfits with it from the rail of which the eye warns of nothing; no more are counted than were looked for. */
	outfits: number;
	lookedFor: number;
	closes: ClosedGap[];
	/** Ids of pieces that do the same. */
	doubles: string[];
}

/** As many outfits are looked for: more make no difference to whether it is worn. */
const mostOutfits = 12;
/** From this closeness on an element counts as answered (this project's). */
const answersFrom = 0.6;

const asPiece = (garment: Garment, title: string, client: Client): Piece =>
	freshPiece({
		id: 'for-sale',
		clientId: client.id,
		name: title,
		parts: [{ id: 'for-sale', name: '', garment }]
	});

/** Gaps of references that the garment would close: what it answers and nothing owned does. */
export function gapsClosed(
	garment: Garment,
	owned: readonly Garment[],
	references: readonly Pick<Reference, 'id' | 'elements'>[]
): ClosedGap[] {
	return references.flatMap(({ id: referenceId, elements }) =>
		elements.flatMap((element) => {
			if (!canAnswer(element.garment.type, garment.type)) return [];
			const closeness = closenessTo(element);
			const answers = (one: Garment) =>
				canAnswer(element.garment.type, one.type) && closeness(one).closeness >= answersFrom;
			return answers(garment) && !owned.some(answers) ? [{ referenceId, elementId: element.id }] : [];
		})
	);
}

/**
 * A novelty that goes with nothing is worn once: with how many good outfits of the rail a thing goes, which gaps of saved references it
 * closes, and what on the rail does the same (common practice; figures this project's).
 */
export function beforeBuying(
	{ garment, title }: { garment: Garment; title: string },
	{
		client,
		pieces,
		references
	}: { client: Client; pieces: readonly Piece[]; references: readonly Reference[] }
): BeforeBuying {
	const there = pieces.filter(wearable);
	const rail = there.flatMap(optionsOfPiece);
	const anchors = optionsOfPiece(asPiece(garment, title, client)).slice(0, 1);
	const context = { client, schools: client.schools };
	const outfits = outfitsFrom({ anchors, rail, context, howMany: mostOutfits });
	return {
		outfits: outfits.filter(({ findings }) => findings.every(({ severity }) => severity !== 'warning'))
			.length,
		lookedFor: mostOutfits,
		closes: gapsClosed(
			garment,
			rail.map((option) => option.garment),
			references
		),
		doubles: doublesOfGarment(garment, there).map(({ id }) => id)
	};
}
