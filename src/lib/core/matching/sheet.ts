import { heelOfShoe } from '../body/heights';
import { garmentInWords } from '../closeness/words';
import { moves } from '../lexicon/moves';
import {
	transformationOf,
	type Transformation,
	type TransformationCaution
} from '../lexicon/transformations';
import { garmentType } from '../lexicon/taxonomy';
import type { Echo } from '../model/echo';
import type { Extra, Item, Match, MatchReason } from '../model/worn';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { matchOf, resolveItem } from './items';
import { inOrder } from './order';

/** One line of what is handed to the client: an element of the reference and what answers it. */
export interface SheetLine {
	elementId: string;
	/** The element as a phrase. */
	asked: string;
	/** What is worn for it; empty for a gap. */
	worn: { title: string; garment: Garment; item: Item }[];
	state: 'items' | 'done' | 'left-out' | 'gap';
	/** Why it is not the reference's own, and what could be there, as far as it was noted. */
	why?: { reason: MatchReason; instead: string };
	/** What it is beside the reference's piece. */
	beside?: Match['beside'];
	/** What to do with it, in words: how it is turned into what it is worn as, and its moves. */
	howToWear: string[];
}

/** What is to be done to wear it so; what an alterer does is told by its outcome. */
const wornAs = ({ altering, label, how }: Transformation) => (altering ? label : how);

const onSide = (title: string, { side }: Item) => (side ? `${title}, on the ${side}` : title);

/** An echo piece by piece, in the reference's order of importance. */
export function sheetOf(echo: Echo, reference: Reference, pieces: readonly Piece[]): SheetLine[] {
	return inOrder(reference.elements).map((element) => {
		const match = matchOf(echo, element.id);
		// The note beside it is the studio's own, and stays there.
		const noted = match ?? echo.gapNotes.find(({ elementId }) => elementId === element.id);
		return {
			elementId: element.id,
			asked: garmentInWords(element.garment) + (element.side ? `, on the ${element.side}` : ''),
			worn: (match?.items ?? []).flatMap((item) => {
				const resolved = resolveItem(item, pieces);
				return resolved ? [{ title: onSide(resolved.title, item), garment: resolved.garment, item }] : [];
			}),
			state: match?.state ?? 'gap',
			...(noted && { why: { reason: noted.reason, instead: noted.instead } }),
			beside: match?.beside,
			howToWear: [
				...(match?.items ?? []).flatMap((item) =>
					item.source === 'piece' && item.becomes ? [wornAs(transformationOf(item.becomes))] : []
				),
				...(match?.movesDone ?? []).map((move) => moves[move].label)
			]
		};
	});
}

/** What is worn though no element asks for it, underpinnings among it; what is gone from the wardrobe drops out. */
export const extrasOf = (
	echo: Pick<Echo, 'extras'>,
	pieces: readonly Piece[]
): (Extra & { title: string; garment: Garment })[] =>
	echo.extras.flatMap((extra) => {
		const resolved = resolveItem(extra.item, pieces);
		return resolved ? [{ ...extra, title: resolved.title, garment: resolved.garment }] : [];
	});

export type SheetCaution = 'heels' | 'hems' | TransformationCaution;

/** From this heel on, and from these hems on, the usual cautions are printed (common practice). */
const highHeelCm = 6;

/** The usual cautions that what is worn calls for. */
export function sheetCautions(lines: readonly SheetLine[]): SheetCaution[] {
	const garments = lines.flatMap(({ worn }) => worn.map(({ garment }) => garment));
	const high = garments.some((garment) => {
		const heel = heelOfShoe(garment);
		return heel?.stated === true && heel.cm >= highHeelCm;
	});
	const long = garments.some(
		({ type, facets: { hemLength, legLength } }) =>
			hemLength?.value === 'floor' ||
			legLength?.value === 'floor' ||
			['saree', 'dupatta', 'lehenga', 'shawl', 'scarf'].includes(garmentType(type).id)
	);
	const turned = lines
		.flatMap(({ worn }) => worn)
		.flatMap(({ item }) =>
			item.source === 'piece' && item.becomes ? (transformationOf(item.becomes).cautions ?? []) : []
		);
	return [
		...new Set<SheetCaution>([
			...(high ? (['heels'] as const) : []),
			...(long ? (['hems'] as const) : []),
			...turned
		])
	];
}
