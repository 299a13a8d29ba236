// Writes docs/lexicon.md, the whole lexicon on one page: `npm run lexicon`.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { colourWords } from '../src/lib/core/lexicon/colours';
import { facetIds, facetOf } from '../src/lib/core/lexicon/facets';
import { facetPhrases } from '../src/lib/core/lexicon/facet-words';
import { materialWords } from '../src/lib/core/lexicon/material-words';
import { materialFamilies } from '../src/lib/core/lexicon/materials';
import { sayingsOfMoves } from '../src/lib/core/lexicon/move-words';
import { metals } from '../src/lib/core/lexicon/metals';
import { moveIds, moveOf } from '../src/lib/core/lexicon/moves';
import { printFamilies, printScales } from '../src/lib/core/lexicon/prints';
import { slots } from '../src/lib/core/lexicon/slots';
import { garmentTypes, type GarmentType } from '../src/lib/core/lexicon/taxonomy';
import { table } from './markdown';

const saidAs = ({ words }: GarmentType) =>
	words.map(({ word, locale }) => (locale ? `${word} (${locale.toUpperCase()})` : word)).join(', ');

function typeSections(): string {
	const divisions = [...new Set(garmentTypes.map(({ divisionLabel }) => divisionLabel))];
	return divisions
		.map((division) => {
			const types = garmentTypes.filter(({ divisionLabel }) => divisionLabel === division);
			const rows = types.map((type) => [
				type.singular + (type.general ? ' *' : ''),
				type.familyLabel,
				slots[type.slot].label,
				saidAs(type)
			]);
			return `### ${division.charAt(0).toUpperCase()}${division.slice(1)} (${types.length})\n\n${table(['type', 'family', 'worn', 'also said'], rows)}`;
		})
		.join('\n\n');
}

function facetSections(): string {
	return facetIds
		.map((id) => {
			const facet = facetOf(id);
			const rows = facet.values.map((value) => [
				value.label,
				facetPhrases
					.filter((one) => one.facet === id && one.value === value.id && one.free)
					.map(({ phrase }) => phrase)
					.join(', ')
			]);
			const order = facet.kind === 'ordinal' ? `from ${facet.less} to ${facet.more}` : 'no order';
			return `### ${facet.label} (${order})\n\n${table(['value', 'also said'], rows)}`;
		})
		.join('\n\n');
}

/** The page as Markdown. */
export function lexiconPage(): string {
	const words = colourWords.reduce((sum, { also }) => sum + 1 + also.length, 0);
	const materials = materialFamilies.flat();
	return [
		'# The lexicon',
		'Written by `npm run lexicon` from `src/lib/core/lexicon/`; change it there. Common practice unless a source is named.',
		`${garmentTypes.length} types, ${facetIds.length} facets, ${materials.length} materials, ${printFamilies.flat().length} prints, ${colourWords.length} colours under ${words} words, ${metals.length} metals, ${moveIds.length} moves.`,
		'## Types',
		'A star marks the word that stands for its whole family.',
		typeSections(),
		'## Facets',
		facetSections(),
		'## Materials',
		'Rows look and hang alike.',
		table(
			['materials', 'also said'],
			materialFamilies.map((family) => [
				family.map(({ label }) => label).join(', '),
				family.flatMap(({ id }) => materialWords[id]?.words ?? []).join(', ')
			])
		),
		'## Prints',
		`Rows look alike. Scale: ${printScales.join(', ')}.`,
		table(
			['prints', 'said as'],
			printFamilies.map((family) => [
				family.map(({ label }) => label).join(', '),
				family.flatMap((print) => print.words).join(', ')
			])
		),
		'## Colours',
		table(
			['colour', 'also said', 'family', 'value', 'L*', 'a*', 'b*'],
			colourWords.map(({ word, also, family, hex, lab }) => [
				word,
				also.join(', '),
				family,
				hex,
				lab.l.toFixed(1),
				lab.a.toFixed(1),
				lab.b.toFixed(1)
			])
		),
		'## Metals',
		table(
			['metal', 'also said'],
			metals.map(({ label, words: said }) => [label, said.join(', ')])
		),
		'## Moves',
		table(
			['move', 'needs', 'also said'],
			moveIds.map((id) => [moveOf(id).label, moveOf(id).asks, sayingsOfMoves[id]])
		)
	]
		.join('\n\n')
		.concat('\n');
}

if (process.argv[1] === import.meta.filename)
	writeFileSync(join(import.meta.dirname, '../docs/lexicon.md'), lexiconPage());
