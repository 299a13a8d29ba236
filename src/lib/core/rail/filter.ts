/** Which pieces of a rail are looked at, and in which order. */
import { hueOf } from '../colour/spaces';
import { factsOfGarment } from '../checks/facts';
import { slotIds } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { shownParts, type Piece } from '../model/piece';
import { traitOf, type TraitId } from './traits';

/** How a rail was used so far. */
export interface RailUse {
	/** By piece: how often it was worn, and on which day last (ISO date). */
	worn: ReadonlyMap<string, { times: number; last: string }>;
	/** Pieces that are in an echo. */
	inEchoes: ReadonlySet<string>;
}
export const neverUsed: RailUse = { worn: new Map(), inEchoes: new Set() };

/** What is looked for by how things were used. */
const uses = {
	'never-worn': (piece, { worn }) => !worn.has(piece.id),
	'long-unworn': (piece, { worn }, before) => {
		const last = worn.get(piece.id)?.last;
		return last !== undefined && last < before;
	},
	'in-no-echo': (piece, { inEchoes }) => !inEchoes.has(piece.id)
} as const satisfies Record<string, (piece: Piece, use: RailUse, longBefore: string) => boolean>;
export type UseId = keyof typeof uses;
export const useIds = Object.keys(uses) as UseId[];

export interface RailFilter {
	/** By trait, the one value that is wanted. */
	traits?: Partial<Record<TraitId, string>>;
	use?: UseId;
	/** What was last worn before this day is long unworn (ISO date). */
	longBefore?: string;
	/** Only these, in this order where nothing else is asked. */
	ids?: ReadonlySet<string>;
}

/** The pieces that answer everything that is asked. */
export function filterRail(
	pieces: readonly Piece[],
	{ traits = {}, use, longBefore = '', ids }: RailFilter,
	used: RailUse
): Piece[] {
	const asked = Object.entries(traits).filter(([, value]) => value !== '') as [TraitId, string][];
	return pieces.filter(
		(piece) =>
			(!ids || ids.has(piece.id)) &&
			(use === undefined || uses[use](piece, used, longBefore)) &&
			asked.every(([id, value]) => traitOf(piece, id).has(value))
	);
}

/** A key to sort by: what lacks it stands last, whichever way it is sorted. */
type Key = string | number | undefined;
const first = (piece: Piece) => {
	const [part] = shownParts(piece);
	return part && factsOfGarment(part.garment);
};
const orders = {
	place: (piece) => {
		const [part] = shownParts(piece);
		return part && slotIds.indexOf(garmentType(part.garment.type).slot);
	},
	name: ({ name }) => name,
	/** Neutrals by depth, then round the colour circle. */
	colour: (piece) => {
		const facts = first(piece);
		if (!facts?.main) return undefined;
		const { lab } = facts.main;
		return facts.neutral ? lab.l - 100 : hueOf(lab);
	},
	dressiness: (piece) => first(piece)?.formality,
	price: ({ acquired }) => acquired.price?.amountMinor,
	size: ({ sizeLabel }) => sizeLabel || undefined,
	came: ({ acquired }) => acquired.on,
	worn: (piece, { worn }) => worn.get(piece.id)?.times ?? 0,
	'last-worn': (piece, { worn }) => worn.get(piece.id)?.last,
	state: ({ state }) => state,
	hangs: ({ place }) => place || undefined
} as const satisfies Record<string, (piece: Piece, use: RailUse) => Key>;
export type OrderId = keyof typeof orders;
export const orderIds = Object.keys(orders) as OrderId[];

const byWords = new Intl.Collator('en-GB', { numeric: true });
function compare(a: Key, b: Key): number {
	if (typeof a === 'number' && typeof b === 'number') return a - b;
	return byWords.compare(String(a), String(b));
}

/** A rail in order: by the key, then by place and name, so that every order is one. What has no key stands last. */
export function sortRail(
	pieces: readonly Piece[],
	{ by, falling = false }: { by: OrderId; falling?: boolean },
	used: RailUse
): Piece[] {
	const keyed = pieces.map((piece) => ({
		piece,
		key: orders[by](piece, used),
		place: orders.place(piece) ?? slotIds.length
	}));
	return keyed
		.sort((a, b) => {
			if ((a.key === undefined) !== (b.key === undefined)) return a.key === undefined ? 1 : -1;
			const compared = a.key === undefined ? 0 : compare(a.key, b.key);
			return (
				(falling ? -compared : compared) || a.place - b.place || byWords.compare(a.piece.name, b.piece.name)
			);
		})
		.map(({ piece }) => piece);
}
