/** What a text is read as, as laws of reading ask for it. */
import fc from 'fast-check';
import { readLook, type Element } from '../src/lib/core/index';

export const elementsOf = (text: string) => readLook(text).elements;
/** The kinds of what is worn, in the order in which they are named. */
export const typesIn = (text: string) => elementsOf(text).map(({ garment }) => garment.type);
/** The colours of one of them, as it shows them; none where it is not there. */
export const hexesOf = (one: Pick<Element, 'garment'> | undefined): string[] =>
	one?.garment.palette.map(({ hex }) => hex) ?? [];
/** The colours of each of what is worn, in the order in which they are named. */
export const hexesIn = (text: string) => elementsOf(text).map(hexesOf);
/** The facets of the first thing that is named, by their values. */
export const facetsIn = (text: string) =>
	Object.fromEntries(
		Object.entries(elementsOf(text)[0]?.garment.facets ?? {}).map(([facet, stated]) => [facet, stated.value])
	);

/** Any of some values. */
export const someOf = <T>(values: readonly T[]) => fc.constantFrom(...values);
