/** What a client never wears together, among the things that a look could wear. */
import { clashesWith, type Clashes } from '../checks/beside';
import type { CheckedPiece } from '../checks/model';
import type { WorthyOffer } from '../matching/win-back';

/** An offer as it would be worn, under its key. */
export const asWorn = ({ key, title, garment }: WorthyOffer): CheckedPiece => ({
	id: key,
	title,
	garment,
	moves: []
});

/** Of things that could be worn, by the key of each, the keys of those that it is never worn with; those that go with all are not there. */
export function keptApartAmong(
	clashes: Clashes | undefined,
	offers: readonly WorthyOffer[]
): Map<string, string[]> {
	const apart = new Map<string, string[]>();
	if (!clashes) return apart;
	const note = (key: string, other: string) => apart.set(key, [...(apart.get(key) ?? []), other]);
	const worn = offers.map(asWorn);
	worn.forEach((one, i) => {
		for (const other of worn.slice(i + 1)) {
			if (!clashesWith(clashes, [one], other)) continue;
			note(one.id, other.id);
			note(other.id, one.id);
		}
	});
	return apart;
}
