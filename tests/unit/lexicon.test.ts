import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import * as z from 'zod';
import { lexiconPage } from '../../scripts/lexicon';
import { slotIds } from '../../src/lib/core/lexicon/slots';
import { colourWords } from '../../src/lib/core/lexicon/colours';
import { colourFamilies } from '../../src/lib/core/colour/family';
import { facetIds, facetValue } from '../../src/lib/core/lexicon/facets';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { materialWords } from '../../src/lib/core/lexicon/material-words';
import { materials } from '../../src/lib/core/lexicon/materials';
import { moveWords } from '../../src/lib/core/lexicon/move-words';
import { metals } from '../../src/lib/core/lexicon/metals';
import { moveIds, moveOf } from '../../src/lib/core/lexicon/moves';
import { prints } from '../../src/lib/core/lexicon/prints';
import { garmentTypes } from '../../src/lib/core/lexicon/taxonomy';
import { families } from '../../src/lib/core/lexicon/types';
import { drawKinds } from '../../src/lib/core/lexicon/types/source';

const id = z.string().regex(/^[a-z0-9]+(-[a-z0-9]+)*$/);
const said = z.array(z.string().min(1));
const facet = z.enum(facetIds as [string, ...string[]]);

/** What every entry of the lexicon's files must be. */
const schemas = {
	types: z.array(
		z.object({
			id,
			singular: z.string().min(1),
			plural: z.string().min(1),
			words: z.array(z.object({ word: z.string().min(1), locale: z.enum(['uk', 'us']).optional() })),
			family: id,
			slot: z.enum(slotIds as [string, ...string[]]),
			facets: z.array(facet).min(1),
			draws: z.enum(drawKinds),
			usual: z.partialRecord(facet, z.string())
		})
	),
	materials: z.array(z.object({ id, label: z.string() })),
	materialWords: z.partialRecord(
		z.enum(materials.map((material) => material.id)),
		z.object({ words: said, impliesColour: z.string().optional() })
	),
	moveWords: z.record(z.enum(moveIds as [string, ...string[]]), said),
	prints: z.array(z.object({ id, label: z.string(), words: said })),
	metals: z.array(z.object({ id, label: z.string(), words: said, hex: z.string().regex(/^#[0-9a-f]{6}$/) })),
	colours: z.array(
		z.object({
			word: z.string().min(1),
			also: said,
			hex: z.string().regex(/^#[0-9a-f]{6}$/),
			family: z.enum(colourFamilies),
			lab: z.object({ l: z.number().min(0).max(100), a: z.number(), b: z.number() })
		})
	)
};

describe('the lexicon’s files', () => {
	it.each([
		['types', garmentTypes],
		['materials', materials],
		['prints', prints],
		['metals', metals],
		['colours', colourWords]
	] as const)('%s are well formed, each under an id of its own', (name, entries) => {
		expect(schemas[name].safeParse(entries).error).toBeUndefined();
		const ids = entries.map((entry) => ('id' in entry ? entry.id : entry.word));
		expect(new Set(ids).size).toBe(ids.length);
	});
	it.each([
		['materialWords', materialWords],
		['moveWords', moveWords]
	] as const)('%s belong to what there is', (name, entries) => {
		expect(schemas[name].safeParse(entries).error).toBeUndefined();
	});
	it('hold what a stylist needs to say', () => {
		expect(garmentTypes.length).toBeGreaterThanOrEqual(250);
		expect(materials.length).toBeGreaterThanOrEqual(60);
		expect(prints.length).toBeGreaterThanOrEqual(40);
		expect(colourWords.length).toBeGreaterThanOrEqual(150);
		expect(moveIds.length).toBeGreaterThanOrEqual(40);
		for (const division of ['south-asian', 'beauty'])
			expect(garmentTypes.filter((type) => type.division === division).length).toBeGreaterThanOrEqual(25);
	});
	it('have one general word a family at most', () => {
		for (const { id: family } of families)
			expect(
				garmentTypes.filter((type) => type.family === family && type.general).length,
				family
			).toBeLessThanOrEqual(1);
	});
	it('say facet values that exist', () => {
		for (const { facet: of, value, phrase } of facetPhrases)
			expect(facetValue(of, value), `${of}: ${phrase}`).toBeDefined();
	});
	it('name the colour that a material implies', () => {
		const known = new Set(colourWords.flatMap(({ word, also }) => [word, ...also]));
		for (const { impliesColour } of Object.values(materialWords))
			if (impliesColour !== undefined) expect(known.has(impliesColour), impliesColour).toBe(true);
	});
	it('say of every move what it needs and where it is done', () => {
		for (const move of moveIds) {
			expect(moveOf(move).asks, move).not.toBe('');
			expect(moveOf(move).slots.length, move).toBeGreaterThan(0);
		}
	});
});

it('the page that lists the lexicon is up to date: npm run lexicon', () => {
	expect(readFileSync('docs/lexicon.md', 'utf8')).toBe(lexiconPage());
});
