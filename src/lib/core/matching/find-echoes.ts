/** Finding a look again: by words, client, occasion, season and how close it came. */
import type { CheckedPiece } from '../checks/model';
import { suitsOccasion } from '../day/occasions';
import type { OccasionId } from '../lexicon/occasions';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { comfortRange, warmthAt } from '../season';
import { scoreEcho, wornPieces } from './score-echo';

/** Air of the four seasons of a temperate town, in °C (common practice; an event's own weather says it better). */
export const seasons = { spring: 12, summer: 24, autumn: 11, winter: 4 } as const;
export type SeasonId = keyof typeof seasons;

/** What is looked for; what is not set is not asked. */
export interface EchoSearch {
	/** Words that stand in its name, its reference's, its client's or a piece's. */
	words: string;
	clientId?: string;
	occasion?: OccasionId;
	season?: SeasonId;
	/** 0..100: came at least so close. */
	leastScore?: number;
}

interface Around {
	client: Client;
	reference: Reference;
	pieces: readonly Piece[];
}

const plain = (text: string) => text.normalize('NFKD').replaceAll(/\p{M}/gu, '').toLowerCase();

function says(
	echo: Echo,
	{ client, reference }: Around,
	worn: readonly CheckedPiece[],
	words: string
): boolean {
	const asked = plain(words).split(/\s+/).filter(Boolean);
	if (asked.length === 0) return true;
	const text = plain([echo.title, reference.title, client.name, ...worn.map(({ title }) => title)].join(' '));
	return asked.every((word) => text.includes(word));
}

/** A season is walked through, and being cool on the way is borne sooner than being too warm (ISO 7730: −2 is "cool"). */
const borne: [number, number] = [-2, 0.5];

function isFor(season: SeasonId, worn: readonly CheckedPiece[]): boolean {
	if (worn.length === 0) return false;
	const { verdict } = warmthAt(
		seasons[season],
		comfortRange(worn, 'walking', { setting: 'outdoors', votes: borne })
	);
	return verdict !== 'cold' && verdict !== 'hot';
}

/** Is a look what is looked for? The cheap questions are asked first. */
export function isFound(echo: Echo, around: Around, search: EchoSearch): boolean {
	const { clientId, leastScore, season, occasion } = search;
	if (clientId !== undefined && echo.clientId !== clientId) return false;
	const worn = wornPieces(echo, around.pieces);
	if (!says(echo, around, worn, search.words)) return false;
	if (season && !isFor(season, worn)) return false;
	if (leastScore !== undefined) {
		const score =
			echo.judgements.at(-1)?.score ?? scoreEcho(echo, around.reference, around.pieces, around.client).score;
		if (score < leastScore) return false;
	}
	return (
		occasion === undefined ||
		(worn.length > 0 && suitsOccasion(worn, { client: around.client, schools: echo.schools }, occasion))
	);
}
