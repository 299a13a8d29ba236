/** References and echoes as looks to draw. */
import type { Echo } from '../model/echo';
import type { Item } from '../model/worn';
import type { Garment } from '../model/garment';
import type { Element, Reference } from '../model/reference';
import type { PlateLook } from '../plate/model';
import { inOrder } from './order';

/** An element as it is drawn; several of a kind are drawn in layers. */
export const drawnElement = ({ id, garment, moves, count, side }: Element): PlateLook['worn'][number] => ({
	id,
	garment,
	side,
	moves: count ? [...moves, 'layered'] : moves
});

/** The reference as a look to draw: every element as it is worn there. */
export const referenceLook = (reference: Pick<Reference, 'elements'>): PlateLook => ({
	worn: inOrder(reference.elements).map(drawnElement)
});

/** What an echo wears, each thing under the first element that it answers; extras under their own id. */
export function wornLook(
	echo: Pick<Echo, 'matches' | 'extras'>,
	garmentOf: (item: Item) => Garment | undefined
): PlateLook {
	const matched = echo.matches.flatMap((match) =>
		match.items.flatMap((item) => {
			const garment = garmentOf(item);
			return garment
				? [{ id: match.elementIds[0] ?? match.id, garment, moves: match.movesDone, side: item.side }]
				: [];
		})
	);
	const extras = echo.extras.flatMap(({ id, item, movesDone }) => {
		const garment = garmentOf(item);
		return garment ? [{ id, garment, moves: movesDone, side: item.side }] : [];
	});
	return { worn: [...matched, ...extras] };
}
