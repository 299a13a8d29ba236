/** What is worked on a cloth: embroidery, beads, a border. It is a part of a garment, and never its ground. */
import type { FacetId } from '../lexicon/facets';
import type { Span } from './model';
import { senseOf, sensesOf } from './parts';

const works: Partial<Record<FacetId, ReadonlySet<string>>> = {
	texture: new Set(['embroidered', 'mirror-work', 'applique', 'beaded']),
	hemDetail: new Set(['bordered', 'lace-trimmed', 'tasselled', 'fringed', 'feathered'])
};

/** Is what is said of a garment something worked on its cloth: embroidery, beads, a border? */
export const isWork = ({ facet, value }: { facet: FacetId; value: string }): boolean =>
	works[facet]?.has(value) === true;

const ofCloth: ReadonlySet<FacetId> = new Set(['texture', 'material', 'hemDetail']);

/**
 * Is it named by a noun, "embroidery", "beading", or by many of one kind, "sequins", "stripes"? That is said of what stands before it
 * and of nothing to come.
 */
export function namesWork(span: Span): boolean {
	const word = span.words.at(-1) ?? '';
	if (word.endsWith('ed')) return false;
	const many = /[^s]s$/.test(word);
	return (
		(many && senseOf(span, 'print') !== undefined) ||
		sensesOf(span, 'facet').some((sense) => isWork(sense) || (many && ofCloth.has(sense.facet)))
	);
}
