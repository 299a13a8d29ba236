/** Versions of an echo: kept under a name, compared, gone back to. */
import type { Echo } from '../model/echo';
import type { Item, Version } from '../model/worn';
import type { Piece } from '../model/piece';
import { keyOfItem, resolveItem } from './items';

/** What is put together, now or in a version. */
export type PutTogether = Pick<Version, 'matches' | 'extras' | 'gapNotes'>;

/** A copy that shares nothing with the record it is taken from, nor with a draft of it. */
export const putTogether = ({ matches, extras, gapNotes }: PutTogether): PutTogether =>
	JSON.parse(JSON.stringify({ matches, extras, gapNotes })) as PutTogether;

/** What is worn now, as a version under a name. */
export const asVersion = (
	{ matches, extras, gapNotes }: PutTogether,
	given: Pick<Version, 'id' | 'name' | 'kind' | 'on'>
): Version => ({ ...given, ...putTogether({ matches, extras, gapNotes }) });

/** Are two put together alike: the same things, for the same elements, worn the same way, and the same reasons? */
export const sameAs = (a: PutTogether, b: PutTogether): boolean =>
	JSON.stringify([a.matches, a.extras, a.gapNotes]) === JSON.stringify([b.matches, b.extras, b.gapNotes]);

/** The version that is worn now, where nothing was changed since. */
export const versionNow = (echo: Pick<Echo, 'matches' | 'extras' | 'gapNotes' | 'versions'>) =>
	[...echo.versions].reverse().find((version) => sameAs(version, echo));

const itemsIn = ({ matches, extras }: PutTogether): Item[] => [
	...matches.flatMap(({ items }) => items),
	...extras.map(({ item }) => item)
];

/** What one version wears and another does not, in words; what is gone from the rail drops out. */
export function garmentsBetween(
	from: PutTogether,
	to: PutTogether,
	pieces: readonly Piece[]
): { on: string[]; off: string[] } {
	const titles = (items: readonly Item[], others: readonly Item[]) => {
		const there = others.map(keyOfItem);
		return items
			.filter((item) => !there.includes(keyOfItem(item)))
			.flatMap((item) => resolveItem(item, pieces)?.title ?? []);
	};
	const [before, after] = [itemsIn(from), itemsIn(to)];
	return { on: titles(after, before), off: titles(before, after) };
}
