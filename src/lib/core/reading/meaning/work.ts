/** What is worked on a cloth: embroidery, beads, a border. It is a part of a garment, and never its ground. */
import { senseOf, sensesOf } from '../spans/senses';
import type { FacetId } from '../../lexicon/facets';
import type { Span } from '../model';
import { type Part } from './parts';
import { longestPhrase } from '../words/longest-phrase';
import type { Description } from './takings';

const works: Partial<Record<FacetId, ReadonlySet<string>>> = {
	texture: new Set(['embroidered', 'mirror-work', 'applique', 'beaded']),
	hemDetail: new Set(['bordered', 'lace-trimmed', 'tasselled', 'fringed', 'feathered'])
};

/** Is what is said of a garment something worked on its cloth: embroidery, beads, a border? */
export const isWork = ({ facet, value }: { facet: FacetId; value: string }): boolean =>
	works[facet]?.has(value) === true;

/** "Embroidered", also at the end of a name: "jacket embroidered in gold". */
export const saysWork = ({ words }: Span): boolean =>
	(longestPhrase(words.slice(-1), 0, 1)?.senses ?? []).some(
		(sense) => sense.kind === 'facet' && isWork(sense)
	);

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

/** Is it many of what is put on at an edge, and says nothing of the cloth: "feathers at the hem", "stripes at the cuffs", where beads are worked in it? */
export const isPutOn = (span: Span): boolean =>
	namesWork(span) && !sensesOf(span, 'facet').some((sense) => sense.facet === 'texture' && isWork(sense));

/** Embroidery, beads; a border. */
const namesOrSaysWork = (span: Span): boolean =>
	saysWork(span) || senseOf(span, 'detail')?.detail.isWork === true;

/** "A dress with gold embroidery": a colour of the work alone is none of the cloth, which stays open; it is kept as a note with the work. */
export function keepWorkAlone(description: Description, parts: readonly Part[]): void {
	const { colours, notes, outcomes } = description;
	if (colours.length === 0 || !colours.every(({ ofWork }) => ofWork)) return;
	const coloured = outcomes.filter(({ says }) => says?.aspect === 'palette').sort((a, b) => a.at - b.at);
	const first = coloured[0]?.at ?? 0;
	const work =
		parts.find(({ at, span }) => at > first && namesOrSaysWork(span)) ??
		parts.findLast(({ at, span }) => at < first && namesOrSaysWork(span));
	const isAfter = work !== undefined && work.at > first;
	const colour = parts.filter(({ at }) => coloured.some((one) => one.at === at)).map(({ span }) => span.text);
	const words = [...new Set(colour)].join(' and ');
	const told = !work ? words : isAfter ? `${words} ${work.span.text}` : `${work.span.text} in ${words}`;
	for (const one of coloured) {
		one.takenFor = `kept as a note: ${told}`;
		one.says = { aspect: 'note', value: told };
	}
	notes.push(told);
	description.colours = [];
}
