/** What the demo’s text files are written in: ids from names, days from today, sums, lists, garments; a slip is told with file and line. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { v5 } from 'uuid';
import {
	addDays,
	colourWords,
	facetIds,
	garmentTypes,
	metalIds,
	printScales,
	prints,
	readLook,
	stateFacet,
	type FacetId,
	type Garment,
	type Provenance
} from '../../src/lib/core/index';

/** Namespace of the demo's ids, which are made from names and so stay the same. */
const namespace = 'a1f2c7de-3b0e-4a58-9d24-5e0c1b7f9a10';
export const idOf = (...names: string[]) => v5(names.join('\n'), namespace);
/** The day that the demo is written on; the app moves all dates from it to the day it is opened. */
export const writtenOn = '2026-01-15';
export const dayAt = (days: number) => addDays(writtenOn, days);
export const pounds = (text: string | number) => ({
	amountMinor: Math.round(Number(text) * 100),
	currency: 'GBP'
});

const here = join(import.meta.dirname, '..');
export const read = (place: string) => readFileSync(join(here, place), 'utf8');
export const filesIn = (folder: string) =>
	readdirSync(join(here, folder))
		.filter((name) => name.endsWith('.txt'))
		.sort();
export const keyOf = (file: string) => file.replace('.txt', '');

export const typeIds = new Map(garmentTypes.map(({ singular, id }) => [singular.toLowerCase(), id]));
const hexOf = new Map(colourWords.map(({ word, hex }) => [word, hex]));

/** Largest first: the first colour leads, the others share what is left. */
const shares = [1, 0.4, 0.25, 0.15];

/** A garment as it is said: "saying: white linen shirt"; every word must be understood. */
export function garmentSaid(phrase: string, provenance: Provenance): Garment {
	const { elements, phrases } = readLook(phrase, { provenance });
	const strange = phrases.find(({ status }) => status === 'unknown' || status === 'doubted');
	const [only] = elements;
	if (!only || elements.length > 1 || strange)
		throw new Error(
			`"${phrase}": ${strange ? `"${strange.text}" ${strange.takenFor}` : 'names no single thing'}`
		);
	return only.garment;
}

/** One of the ids that a table has. */
function oneOf<I extends string>(ids: readonly I[], said: string): I {
	const id = ids.find((one) => one === said);
	if (id === undefined) throw new Error(`"${said}" is none of ${ids.join(', ')}`);
	return id;
}

export function garmentFrom(type: string, colours: string, facets: string, provenance: Provenance): Garment {
	if (type.startsWith('saying:')) return garmentSaid(type.slice(7).trim(), provenance);
	const id = typeIds.get(type.toLowerCase());
	if (!id) throw new Error(`"${type}" is no garment type`);
	const garment: Garment = {
		type: id,
		facets: {},
		palette: colours
			.split(',')
			.map((word) => word.trim())
			.filter(Boolean)
			.map((word, i) => {
				const hex = word.startsWith('#') ? word : hexOf.get(word);
				if (!hex) throw new Error(`"${word}" is no colour word`);
				return { hex, share: shares[i] ?? 0.1, provenance };
			})
	};
	for (const pair of facets.split(/\s+/).filter(Boolean)) {
		const [name = '', value = ''] = pair.split('=');
		if (name === 'metal') garment.metal = { value: oneOf(metalIds, value), provenance };
		else if (name === 'print') {
			const [family = '', scale] = value.split(':');
			garment.print = {
				family: {
					value: oneOf(
						prints.map(({ id }) => id),
						family
					),
					provenance
				},
				scale: scale ? { value: oneOf(printScales, scale), provenance } : undefined
			};
		} else if (facetIds.includes(name as FacetId))
			stateFacet(garment.facets, name as FacetId, { value, provenance });
		else throw new Error(`"${name}" is no facet`);
	}
	return garment;
}

/** The lines of a file with their fields; a slip in one is reported with its place. */
export function eachLine<T>(
	place: string,
	text: string,
	compose: (fields: string[], index: number) => T
): T[] {
	return text
		.split('\n')
		.map((line, i) => ({ line: line.trim(), number: i + 1 }))
		.filter(({ line }) => line !== '' && !line.startsWith('#'))
		.map(({ line, number }, index) => {
			try {
				return compose(
					line.split('|').map((field) => field.trim()),
					index
				);
			} catch (error) {
				throw new Error(`${place}, line ${number}: ${(error as Error).message}`, { cause: error });
			}
		});
}

export const listed = <T extends string>(text = '') =>
	text
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean) as T[];

/** "key: value" lines up to "---", and what follows. */
export function headed(text: string): { head: Record<string, string>; body: string } {
	const [top = '', body = ''] = text.split(/^---$/m);
	const head = Object.fromEntries(
		top
			.split('\n')
			.filter(Boolean)
			.map((line) => {
				const at = line.indexOf(':');
				return [line.slice(0, at).trim(), line.slice(at + 1).trim()];
			})
	);
	return { head, body };
}
