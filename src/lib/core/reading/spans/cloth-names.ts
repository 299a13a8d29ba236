/** Cloths that stand for a thing: "a vintage leather". */
import type { TypeId } from '../../lexicon/types';
import type { Span } from '../model';
import { senseOf, sensesOf } from './senses';

/** What is meant by a cloth that stands for a thing, the likeliest first (common practice). */
export const madeOf: Readonly<Record<string, readonly TypeId[]>> = {
	leather: ['leather-jacket'],
	fur: ['fur-coat', 'fur-stole'],
	'faux-fur': ['faux-fur-coat', 'faux-fur-stole'],
	shearling: ['shearling-jacket', 'shearling-coat'],
	denim: ['jeans', 'denim-jacket'],
	flannel: ['flannel-shirt'],
	cashmere: ['jumper', 'cardigan'],
	mohair: ['jumper', 'cardigan'],
	cane: ['umbrella']
};

/** The cloth that a phrase says; what is a colour as well ("sable", "camel") is taken for that, but for the washes of denim. */
export function clothOf(span: Span): string | undefined {
	if (span.words.at(-1) === 'denim') return 'denim';
	if (senseOf(span, 'colour')) return undefined;
	return sensesOf(span, 'facet').find(({ facet }) => facet === 'material')?.value;
}

/** Does a phrase say a cloth that stands for a thing? */
export const standsForThing = (span: Span): boolean => (clothOf(span) ?? '') in madeOf;
