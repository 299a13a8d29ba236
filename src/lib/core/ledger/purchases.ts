/** What was bought, what for, whether it was worn, and what it has cost each time. */
import { costPerWear } from '../money/cost-per-wear';
import { converted, type Rates } from '../money/spend';
import type { Money } from '../model/basics';
import type { Echo } from '../model/echo';
import type { Order } from '../model/order';
import type { Piece } from '../model/piece';
import type { Wear } from '../model/wear';
import { daysBetween, type Day } from '../time/days';

/** What a piece cost: what was paid for it, with what was altered, in the studio's currency. */
export function paidFor(piece: Piece, currency: string, rates: Rates): Money | undefined {
	const parts = [piece.acquired.price, ...piece.alterations.map(({ price }) => price)].filter(
		(price) => price !== undefined
	);
	if (!piece.acquired.price) return undefined;
	const own = parts.map((price) => converted(price, currency, rates));
	if (own.some((price) => price === undefined)) return undefined;
	return { amountMinor: own.reduce((sum, price) => sum + (price?.amountMinor ?? 0), 0), currency };
}

/** The days on which a piece was worn, the earliest first; twice on a day is once. */
export const daysWorn = (pieceId: string, wears: readonly Wear[]): Day[] =>
	[...new Set(wears.filter(({ pieceIds }) => pieceIds.includes(pieceId)).map(({ on }) => on))].sort();

export interface PieceBought {
	pieceId: string;
	clientId: string;
	title: string;
	on?: Day;
	paid: Money;
	/** The looks that it was ordered for; empty where nobody noted it. */
	boughtFor: string[];
	worn: number;
	last?: Day;
	/** What each wear has cost so far; undefined before the first. */
	perWear?: Money;
	/** Days since it came, where it was never worn. */
	unwornDays?: number;
}

/** What was bought of a rail, the latest first. */
export function purchasesOf(
	{
		pieces,
		wears,
		orders,
		echoes
	}: {
		pieces: readonly Piece[];
		wears: readonly Wear[];
		orders: readonly Order[];
		echoes: readonly Pick<Echo, 'id' | 'title'>[];
	},
	{ currency, rates, today }: { currency: string; rates: Rates; today: Day }
): PieceBought[] {
	const linesOf = new Map(
		orders.flatMap(({ lines }) =>
			lines.flatMap((line) => (line.pieceId ? [[line.pieceId, line] as const] : []))
		)
	);
	const titleOf = new Map(echoes.map(({ id, title }) => [id, title]));
	return pieces
		.flatMap((piece): PieceBought[] => {
			const paid = paidFor(piece, currency, rates);
			if (!paid) return [];
			const days = daysWorn(piece.id, wears);
			const { on } = piece.acquired;
			const boughtFor = (linesOf.get(piece.id)?.echoIds ?? []).flatMap((id) => titleOf.get(id) ?? []);
			return [
				{
					pieceId: piece.id,
					clientId: piece.clientId,
					title: piece.name,
					...(on && { on }),
					paid,
					boughtFor,
					worn: days.length,
					...(days.length > 0 && { last: days.at(-1), perWear: costPerWear(paid, days.length) }),
					...(days.length === 0 && on && { unwornDays: Math.max(0, daysBetween(on, today)) })
				}
			];
		})
		.sort((a, b) => (b.on ?? '').localeCompare(a.on ?? ''));
}

/** What each wear of a piece had cost after every day on which it was worn. */
export const costCourse = (piece: Piece, wears: readonly Wear[], currency: string, rates: Rates) => {
	const paid = paidFor(piece, currency, rates);
	return paid ? daysWorn(piece.id, wears).map((on, i) => ({ on, perWear: costPerWear(paid, i + 1) })) : [];
};
