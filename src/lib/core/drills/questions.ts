/** The questions of each drill, made from their sets. */
import { deltaE00 } from '../colour/difference';
import { labOfHex } from '../colour/spaces';
import { facetOf, type FacetId } from '../lexicon/facets';
import { moves, type MoveId } from '../lexicon/moves';
import { prints, type PrintId } from '../lexicon/prints';
import { drillIds, type DrillId } from '../model/drill-card';
import type { Garment } from '../model/garment';
import { readLook } from '../reading/read-look';
import type { DrillQuestion } from './model';
import { colourSet, toldMetals, undertoneSet } from './sets/colours';
import { likenessSet } from './sets/likeness';
import { oddOneSet } from './sets/odd-one';
import { termSet } from './sets/terms';

const linesOf = (set: string): string[][] =>
	set
		.trim()
		.split('\n')
		.map((line) => line.split('|').map((field) => field.trim()));

/** The single garment of a phrase; throws where the phrase is read as none, or as several. */
function garmentSaid(phrase: string): Garment {
	const [only, another] = readLook(phrase, { provenance: 'said' }).elements;
	if (!only || another) throw new RangeError(`"${phrase}" is no single garment`);
	return only.garment;
}

/** Grades of likeness, the closest first. */
export const likenessGrades = [
	{ id: '4', label: 'The same at a glance' },
	{ id: '3', label: 'A good substitute' },
	{ id: '2', label: 'Half the job' },
	{ id: '1', label: 'A faint tie' },
	{ id: '0', label: 'No answer' }
] as const;

const likeness = (): DrillQuestion[] =>
	linesOf(likenessSet).map(([grade = '', reference = '', offered = '', why = '']) => ({
		drill: 'likeness',
		key: `${reference} / ${offered}`.slice(0, 80),
		asks: 'grade',
		shown: {
			kind: 'garments',
			garments: [
				{ garment: garmentSaid(reference), caption: reference },
				{ garment: garmentSaid(offered), caption: offered }
			]
		},
		options: likenessGrades,
		answer: grade,
		why
	}));

/** The entries of a table under their own ids. */
const entriesOf = <K extends string, V>(table: Readonly<Record<K, V>>) => Object.entries(table) as [K, V][];

const said = <T extends string>(value: T) => ({ value, provenance: 'said' as const });

function termLabel(facet: (typeof termSet)[number]['facet'], id: string): string {
	if (facet === 'print') return prints.find((print) => print.id === id)?.label ?? id;
	if (facet === 'drape') return moves[id as MoveId].label;
	return facetOf(facet).values.find((value) => value.id === id)?.label ?? id;
}

/** As many options as a question of terms has. */
const termOptions = 4;

const terms = (): DrillQuestion[] =>
	termSet.flatMap(({ of, facet, type, colours, also = {}, values }) => {
		const ids = Object.keys(values);
		return ids.map((id, at): DrillQuestion => {
			// The right one and those that stand next to it in the line, in the line's own order.
			const from = Math.max(0, Math.min(at - 1, ids.length - termOptions));
			const garment: Garment = {
				type,
				facets: Object.fromEntries(
					Object.entries({ ...also, ...(facet !== 'print' && facet !== 'drape' && { [facet]: id }) }).map(
						([name, value]) => [name as FacetId, said(value)]
					)
				),
				palette: colours.map((hex, i) => ({ hex, share: i === 0 ? 0.6 : 0.4, provenance: 'said' })),
				...(facet === 'print' && { print: { family: said(id as PrintId) } })
			};
			return {
				drill: 'terms',
				key: `${of}/${id}`,
				asks: 'term',
				of,
				shown: {
					kind: 'garments',
					garments: [{ garment, ...(facet === 'drape' && { moves: [id as MoveId] }) }]
				},
				options: ids
					.slice(from, from + termOptions)
					.map((option) => ({ id: option, label: termLabel(facet, option) })),
				answer: id,
				why: values[id] ?? ''
			};
		});
	});

const oddOnes = (): DrillQuestion[] =>
	linesOf(oddOneSet).map(([outfit = '', , why = '']): DrillQuestion => {
		const phrases = outfit.split(';').map((phrase) => phrase.trim());
		const plain = phrases.map((phrase) => phrase.replace(/^\*\s*/, ''));
		return {
			drill: 'odd-one',
			key: plain.join(', ').slice(0, 80),
			asks: 'odd-one',
			shown: { kind: 'outfit', garments: plain.map(garmentSaid) },
			options: plain.map((label, i) => ({ id: String(i), label })),
			answer: String(phrases.findIndex((phrase) => phrase.startsWith('*'))),
			why
		};
	});

const nearer = (): DrillQuestion[] =>
	linesOf(colourSet).map(([sought = '', near = '', far = ''], i): DrillQuestion => {
		const to = (hex: string) => Math.round(deltaE00(labOfHex(sought), labOfHex(hex)) * 10) / 10;
		// Left and right in turn, so that the place tells nothing.
		const pair = i % 2 === 0 ? [near, far] : [far, near];
		const others = pair.map((hex, at) => ({ id: at === 0 ? 'left' : 'right', hex }));
		return {
			drill: 'colour',
			key: `${sought} ${near} ${far}`,
			asks: 'nearer',
			shown: { kind: 'colours', sought, others },
			options: [
				{ id: 'left', label: 'The left one' },
				{ id: 'right', label: 'The right one' }
			],
			answer: others.find(({ hex }) => hex === near)?.id ?? 'left',
			why: `The nearer is ${to(near)} apart, the farther ${to(far)} (CIEDE2000).`
		};
	});

const metalName = (id: string) => id.replace('-', ' ');

const metals = (): DrillQuestion[] => [
	...entriesOf(toldMetals).map(([id, why], at, all): DrillQuestion => {
		const from = Math.max(0, Math.min(at - 1, all.length - termOptions));
		return {
			drill: 'metal',
			key: `metal/${id}`,
			asks: 'metal',
			shown: {
				kind: 'garments',
				garments: [{ garment: { type: 'hoops', facets: {}, palette: [], metal: said(id) } }]
			},
			options: all.slice(from, from + termOptions).map(([one]) => ({ id: one, label: metalName(one) })),
			answer: id,
			why: `${metalName(id)}: ${why}`
		};
	}),
	...linesOf(undertoneSet).map(([hex = '', answer = '', beside = '', why = '']): DrillQuestion => ({
		drill: 'metal',
		key: `undertone/${hex}`,
		asks: 'undertone',
		shown: { kind: 'patch', hex, beside },
		options: [
			{ id: 'warm', label: 'Warm' },
			{ id: 'cool', label: 'Cool' }
		],
		answer,
		why
	}))
];

const made: Record<DrillId, () => DrillQuestion[]> = {
	likeness,
	terms,
	'odd-one': oddOnes,
	colour: nearer,
	metal: metals
};
const kept = new Map<DrillId, DrillQuestion[]>();

/** All questions of a drill; made once, as phrases have to be read for them. */
export function questionsOf(drill: DrillId): readonly DrillQuestion[] {
	const questions = kept.get(drill) ?? made[drill]();
	kept.set(drill, questions);
	return questions;
}

/** The questions of all drills, one of each in turn, so that a day has something of everything. */
export function allQuestions(): DrillQuestion[] {
	const all = drillIds.map(questionsOf);
	const longest = Math.max(...all.map(({ length }) => length));
	return Array.from({ length: longest }, (_, i) => all.flatMap((questions) => questions[i] ?? [])).flat();
}
