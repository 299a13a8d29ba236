/** What a limit of a whole look speaks of, one part at a time: a thing, a colour, a metal, a print or a cloth. */
import { readLook } from '../../reading';
import { spansOf } from '../../reading/spans/spans';
import type { PieceFacts } from '../facts';
import { anyOf } from '../property';
import { namesThing, wholeKindIn } from './descriptions';
import { heldBy } from './held';
import type { Is } from './together';

/** What the words of a part say it by: its colour, its metal, its print, its cloth; or a thing. */
export type Nature = 'colour' | 'metal' | 'print' | 'cloth' | 'thing';
const kindsOf: Record<Exclude<Nature, 'thing'>, string> = {
	colour: 'colour',
	metal: 'metal',
	print: 'print',
	cloth: 'facet'
};
const isNature = (words: string, nature: Exclude<Nature, 'thing'>): boolean => {
	const spans = spansOf(words).filter(({ senses }) => !senses.some(({ kind }) => kind === 'filler'));
	return spans.length > 0 && spans.every(({ senses }) => senses.some(({ kind }) => kind === kindsOf[nature]));
};
const isAnyPrint = (words: string) => /^(?:any )?(?:prints?|patterns?)$/i.test(words);
export function naturesOf(words: string): Nature[] {
	if (isAnyPrint(words)) return ['print'];
	if (namesThing(words) || wholeKindIn(words)) return ['thing'];
	return (['colour', 'metal', 'print', 'cloth'] as const).filter((one) => isNature(words, one));
}

/** Are hair, make-up and jewels of a colour, when colours are spoken of? They are not meant. */
const hasColours = ({ type }: PieceFacts) => type.division !== 'beauty' && type.division !== 'jewellery';

export const heldOf = (words: string) =>
	heldBy({ said: words, words: isAnyPrint(words) ? 'prints' : words, only: false });
/** Is a piece what a part of a limit says; of a colour only where that is its main one? */
export function partIs(words: string): Is {
	const held = heldOf(words);
	if (!isNature(words, 'colour')) return held.breaks;
	return (piece) =>
		hasColours(piece) && piece.main ? held.breaks({ ...piece, colours: [piece.main] }) : 'no';
}
export const metalIs =
	(words: string): Is =>
	({ metal }) =>
		metal &&
		spansOf(words).some(({ senses }) => senses.some((one) => one.kind === 'metal' && one.metal === metal))
			? 'yes'
			: 'no';
/** One of several: "socks with sandals or mules". */
export const anyPart = (words: string): Is => {
	const parts = words.split(/\s+(?:or|nor)\s+/i).map(partIs);
	return (piece) => anyOf(...parts.map((is) => is(piece)));
};
export const isKnownPart = (words: string) =>
	words.split(/\s+(?:or|nor)\s+/i).every((one) => naturesOf(one).length > 0 || heldOf(one).known);

/** Does the reader see a part of the first in the second, "dresses with pockets", rather than another thing? */
export const isItsPart = (a: string, b: string) =>
	!wholeKindIn(b) && (!namesThing(b) || readLook(`${a} with ${b}`).elements.length < 2);

/** Can a thing be so: tights have no toes that are open. */
export const isSaidOf = (a: string, b: string) =>
	Object.keys(readLook(`${a} with ${b}`).elements[0]?.garment.facets ?? {}).length >
	Object.keys(readLook(a).elements[0]?.garment.facets ?? {}).length;
