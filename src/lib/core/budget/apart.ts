/** What a client never wears together, among the things that a look could wear. */
import type { Clashes } from '../checks/beside';
import type { CheckedPiece } from '../checks/model';
import type { WorthyOffer } from '../matching/win-back';

const asWorn = ({ key, title, garment }: WorthyOffer): CheckedPiece => ({
	id: key,
	title,
	garment,
	moves: []
});
const clashIn = (clashes: Clashes, worn: readonly CheckedPiece[], { key }: WorthyOffer) =>
	clashes(worn).some((ids) => ids.includes(key));

/** Does a thing clash with what is worn in any case? */
export const clashesWith = (
	clashes: Clashes | undefined,
	stays: readonly CheckedPiece[],
	offer: WorthyOffer
): boolean => clashes !== undefined && stays.length > 0 && clashIn(clashes, [...stays, asWorn(offer)], offer);

/** Of things that could be worn, by the key of each, the keys of those that it is never worn with; those that go with all are not there. */
export function keptApartAmong(
	clashes: Clashes | undefined,
	offers: readonly WorthyOffer[]
): Map<string, string[]> {
	const apart = new Map<string, string[]>();
	if (!clashes) return apart;
	const note = (key: string, other: string) => apart.set(key, [...(apart.get(key) ?? []), other]);
	offers.forEach((one, i) => {
		for (const other of offers.slice(i + 1)) {
			if (!clashIn(clashes, [asWorn(one), asWorn(other)], one)) continue;
			note(one.key, other.key);
			note(other.key, one.key);
		}
	});
	return apart;
}
