/** The cheapest points to win back. */
import {
	elementScorer,
	scoreLook,
	type LookCloseness,
	type ScoreOptions,
	type Worn
} from '../closeness/look';
import type { MoveId } from '../lexicon/moves';
import type { Money } from '../model/basics';
import type { Item, Match } from '../model/worn';
import type { Garment } from '../model/garment';
import type { Reference } from '../model/reference';

/** Something that could be worn in an element's place, and what it costs. */
export interface Offer {
	/** The same for the same thing worn in the same way. */
	key: string;
	item: Item;
	title: string;
	garment: Garment;
	/** What it costs with its postage; nothing for what is owned. */
	cost?: Money;
}

/** An offer with what it earns for an element, in points of the 100, whatever else is worn. */
export interface WorthyOffer extends Offer {
	earned: number;
}

/** One change that wins points. */
export interface WinBack {
	elementId: string;
	/** Points of the 100 that the change adds, more than 0. */
	points: number;
	change: { kind: 'moves'; moves: MoveId[] } | { kind: 'item'; offer: Offer };
}

const costOf = ({ change }: WinBack) => (change.kind === 'item' ? (change.offer.cost?.amountMinor ?? 0) : 0);

/** Free points first, most first; then the points that cost least each. */
export function byCheapness(a: WinBack, b: WinBack): number {
	const [costA, costB] = [costOf(a), costOf(b)];
	if (costA === 0 || costB === 0) return costA - costB || b.points - a.points;
	return costA / a.points - costB / b.points || b.points - a.points;
}

/**
 * What single changes would win back, the cheapest points first: moves that are not done, a piece that is owned, a
 * listing to buy; at most one change of each kind for an element. Pinned matches are left alone.
 *
 * @param offersFor what could be worn for an element, with what it earns
 * @param openFor which of them can be taken now, by element; asked of the best first, and of none that wins too little
 * @param least changes that win fewer points than this are not worth naming
 */
export function winBacks(
	reference: Pick<Reference, 'elements'>,
	matches: readonly Match[],
	worn: readonly Worn[],
	offersFor: (elementId: string) => readonly WorthyOffer[],
	{
		least = 0.5,
		openFor = () => () => true,
		...options
	}: ScoreOptions & { least?: number; openFor?: (elementId: string) => (offer: WorthyOffer) => boolean } = {}
): WinBack[] {
	const now: LookCloseness = scoreLook(reference, worn, options);
	const scorer = elementScorer(reference, options);
	return reference.elements
		.flatMap((element): WinBack[] => {
			const before = now.elements.find(({ elementId }) => elementId === element.id)?.earned ?? 0;
			const wearing = worn.find(({ elementId }) => elementId === element.id);
			const gain = (instead: Worn) => scorer(element.id, instead).score.earned - before;
			const found: WinBack[] = [];
			const take = (points: number, change: WinBack['change']) => {
				if (points >= least) found.push({ elementId: element.id, points, change });
			};
			const undone = element.moves.filter((move) => !wearing?.movesDone.includes(move));
			if (wearing && wearing.state !== 'left-out' && undone.length > 0)
				take(gain({ ...wearing, movesDone: element.moves }), { kind: 'moves', moves: undone });
			if (matches.some((match) => match.pinned && match.elementIds.includes(element.id))) return found;
			const isOpen = openFor(element.id);
			const winning = offersFor(element.id)
				.map((offer) => ({
					elementId: element.id,
					points: offer.earned - before,
					change: { kind: 'item' as const, offer }
				}))
				.filter(({ points }) => points >= least)
				.sort(byCheapness);
			for (const free of [true, false]) {
				const best = winning.find((one) => (costOf(one) === 0) === free && isOpen(one.change.offer));
				if (best) found.push(best);
			}
			return found;
		})
		.sort(byCheapness);
}
