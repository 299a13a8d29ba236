/** Puts right what was said: a phrase of a reading replaced by the words for another value, or taken out. */
import { colourWords } from '../lexicon/colours';
import { facetPhrases } from '../lexicon/facet-words';
import { facetOf, type FacetId } from '../lexicon/facets';
import { materialWords } from '../lexicon/material-words';
import { materials } from '../lexicon/materials';
import { metals } from '../lexicon/metals';
import { isDoneWith, moveIds, moveOf } from '../lexicon/moves';
import { prints } from '../lexicon/prints';
import { garmentType, garmentTypes } from '../lexicon/taxonomy';
import type { Element } from '../model/reference';
import type { Reading, ReadPhrase } from './model';
import { readLook, type ReadOptions } from './read-look';

export type Said = NonNullable<ReadPhrase['says']>;

/** Parts of a garment that a bare value needs beside it: "square neck". */
const partOf: Partial<Record<FacetId, string>> = {
	neckline: 'neck',
	collar: 'collar',
	lapel: 'lapels',
	sleeveShape: 'sleeves',
	sleeveLength: 'sleeves',
	shoulder: 'shoulders',
	heelShape: 'heel',
	heelHeight: 'heel',
	toe: 'toe',
	sole: 'sole',
	strap: 'strap',
	closure: 'fastening',
	waistline: 'waist',
	leg: 'leg',
	hemDetail: 'hem',
	brim: 'brim',
	frame: 'frame',
	back: 'back',
	texture: 'weave',
	skirtShape: 'skirt'
};

/** The ways to say a value, the plainest first. */
function waysToSay({ aspect, value }: Said): string[] {
	switch (aspect) {
		case 'type':
			return [garmentType(value).singular];
		case 'palette':
			return colourWords.filter(({ hex }) => hex === value).map(({ word }) => word);
		case 'print':
			return prints.filter(({ id }) => id === value).map(({ label }) => label);
		case 'metal':
			return metals.filter(({ id }) => id === value).map(({ label }) => label);
		case 'move':
			return moveIds.filter((id) => id === value).map((id) => moveOf(id).label);
		case 'note':
			return [];
		case 'material':
			return materials
				.filter(({ id }) => id === value)
				.flatMap(({ id, label }) => [label, ...(materialWords[id]?.words ?? [])]);
		default: {
			const label = facetOf(aspect).values.find(({ id }) => id === value)?.label ?? value;
			const part = partOf[aspect];
			return [
				...facetPhrases
					.filter((one) => one.facet === aspect && one.value === value && one.free)
					.map(({ phrase }) => phrase),
				label,
				...(part ? [`${label} ${part}`] : [])
			];
		}
	}
}

/** Does an element say this? */
function says({ garment, moves }: Element, { aspect, value }: Said): boolean {
	switch (aspect) {
		case 'type':
			return garment.type === value;
		case 'palette':
			return garment.palette.some(({ hex }) => hex === value);
		case 'print':
			return garment.print?.family.value === value;
		case 'metal':
			return garment.metal?.value === value;
		case 'move':
			return moves.some((move) => move === value);
		case 'note':
			return false;
		default:
			return garment.facets[aspect]?.value === value;
	}
}

const replaced = (text: string, { start, end }: ReadPhrase, words: string) =>
	`${text.slice(0, start)}${words}${text.slice(end)}`;

/** The text without a phrase, its spaces and commas closed up. */
export const withoutPhrase = (text: string, phrase: ReadPhrase): string =>
	replaced(text, phrase, '')
		.replace(/\s+/g, ' ')
		.replace(/\s*,(\s*,)+/g, ',')
		.replace(/\s+([,.;])/g, '$1')
		.replace(/^[\s,;.]+|[\s,;]+$/g, '');

/** The text with a phrase written otherwise, as it stands: for a word that was meant by one not known. */
export const withWord = (text: string, phrase: ReadPhrase, word: string): string =>
	replaced(text, phrase, word);

/**
 * The text with one of its phrases replaced so that its element says another value; the words are those that the
 * reader then takes so. Undefined where the value cannot be said in that place.
 */
export function rephrased(
	reading: Reading,
	phrase: ReadPhrase,
	value: Said,
	options: ReadOptions = {}
): string | undefined {
	const { element } = phrase;
	if (element === undefined) return undefined;
	for (const words of waysToSay(value)) {
		const text = replaced(reading.text, phrase, words);
		const read = readLook(text, options);
		const changed = read.elements[element];
		if (read.elements.length === reading.elements.length && changed && says(changed, value)) return text;
	}
	return undefined;
}

/** What else a phrase's aspect could be, for its element: value and label, in the lexicon's order. */
export function alternatives(reading: Reading, phrase: ReadPhrase): { value: string; label: string }[] {
	const garment = reading.elements[phrase.element ?? -1]?.garment;
	const aspect = phrase.says?.aspect;
	if (!garment || !aspect) return [];
	const labelled = (list: readonly { id: string; label: string }[]) =>
		list.map(({ id, label }) => ({ value: id, label }));
	switch (aspect) {
		case 'type': {
			const type = garmentType(garment.type);
			return garmentTypes
				.filter(({ slot }) => slot === type.slot)
				.map(({ id, singular }) => ({ value: id, label: singular }));
		}
		case 'palette':
			return colourWords.map(({ word, hex }) => ({ value: hex, label: word }));
		case 'print':
			return labelled(prints);
		case 'metal':
			return labelled(metals);
		case 'move':
			return moveIds
				.filter((id) => isDoneWith(id, garmentType(garment.type)))
				.map((id) => ({ value: id, label: moveOf(id).label }));
		case 'note':
			return [];
		default:
			return labelled(facetOf(aspect).values);
	}
}
