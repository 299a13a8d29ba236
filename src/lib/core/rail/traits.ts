/** What a piece is looked for by: each told when it is first asked for, and remembered. */
import { factsOfGarment, type GarmentFacts } from '../checks/facts';
import { seasonOf } from '../checks/seasonal';
import { colourFamilies } from '../lexicon/colour-families';
import { facetOf, facetValue } from '../lexicon/facets';
import { printIds } from '../lexicon/prints';
import { slotIds } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import { thicknessOf } from '../season/comfort';

/** A colour that takes less of a thing than this is a detail of it. */
const detailShare = 0.2;
/** Cloth up to the first is light, from the second on warm (0 thin … 1 thick). */
const [lightUpTo, warmFrom] = [0.3, 0.7];

const dressinessLevels = facetOf('formality').values.map(({ id }) => id);
/** The level that a dressiness lies at, 0 sport … 5 formal. */
export const levelOf = (formality: number): string => dressinessLevels[Math.round(formality)] ?? '';

/** Things that clothe the body: only of them it is told how warm they are, and for which season. */
const isClothing = ({ type }: GarmentFacts) => type.division !== 'jewellery' && type.slot !== 'bag';

interface Trait {
	label: string;
	/** The values of a garment; a piece has those of all its parts. */
	of: (garment: Garment, facts: () => GarmentFacts) => readonly (string | undefined)[];
	/** All values in the order in which they are offered; others follow by name. */
	order: readonly string[];
	/** Words of a value. */
	inWords: (value: string) => string;
}
const plainly = (value: string) => value.replaceAll('-', ' ');

const garmentTraits = {
	slot: {
		label: 'place',
		of: ({ type }) => [garmentType(type).slot],
		order: slotIds,
		inWords: plainly
	},
	colour: {
		label: 'colour',
		of: ({ palette }, facts) =>
			facts().colours.map(({ hex, family }) =>
				(palette.find((swatch) => swatch.hex === hex)?.share ?? 1) >= detailShare ? family : undefined
			),
		order: colourFamilies,
		inWords: plainly
	},
	print: {
		label: 'print',
		of: (_, facts) => [facts().print ?? 'plain'],
		order: ['plain', ...printIds],
		inWords: plainly
	},
	material: {
		label: 'material',
		of: (_, facts) => [facts().value('material')],
		order: [],
		inWords: (value) => facetValue('material', value)?.label ?? plainly(value)
	},
	dressiness: {
		label: 'dressiness',
		of: (_, facts) => {
			const { formality } = facts();
			return [formality === undefined ? undefined : levelOf(formality)];
		},
		order: dressinessLevels,
		inWords: (value) => facetValue('formality', value)?.label ?? plainly(value)
	},
	warmth: {
		label: 'cloth',
		of: (garment, facts) => {
			if (!isClothing(facts())) return [];
			const thickness = thicknessOf(garment);
			return [thickness <= lightUpTo ? 'light' : thickness >= warmFrom ? 'warm' : 'middling'];
		},
		order: ['light', 'middling', 'warm'],
		inWords: plainly
	},
	season: {
		label: 'season',
		of: (_, facts) => [isClothing(facts()) ? seasonOf(facts()) : undefined],
		order: ['warm months', 'all year', 'cold months'],
		inWords: plainly
	}
} as const satisfies Record<string, Trait>;

/** What is told of a whole piece and not of its parts. */
const pieceTraits = {
	size: {
		label: 'size label',
		of: ({ sizeLabel }: Piece) => sizeLabel,
		order: [],
		inWords: (value: string) => value
	},
	came: {
		label: 'how it came',
		of: ({ acquired }: Piece) => acquired.how,
		order: ['new', 'pre-owned', 'vintage', 'thrifted', 'made', 'gift', 'unknown'],
		inWords: (value: string) => (value === 'unknown' ? 'not noted' : value)
	},
	state: {
		label: 'state',
		of: ({ state }: Piece) => state,
		order: ['ready', 'needs-care', 'away', 'retired'],
		inWords: plainly
	}
} as const;

export type TraitId = keyof typeof garmentTraits | keyof typeof pieceTraits;
const traits = { ...garmentTraits, ...pieceTraits };
export const traitIds = Object.keys(traits) as TraitId[];
export const traitLabel = (id: TraitId): string => traits[id].label;

const isOfPiece = (id: TraitId): id is keyof typeof pieceTraits => Object.hasOwn(pieceTraits, id);
const known = new WeakMap<Piece, Map<TraitId, ReadonlySet<string>>>();

/** The values of a trait that a piece has; remembered for as long as the record is the same. */
export function traitOf(piece: Piece, id: TraitId): ReadonlySet<string> {
	const told = known.get(piece) ?? new Map<TraitId, ReadonlySet<string>>();
	known.set(piece, told);
	let values = told.get(id);
	if (!values) told.set(id, (values = workedOut(piece, id)));
	return values;
}

function workedOut(piece: Piece, id: TraitId): Set<string> {
	const values = isOfPiece(id)
		? [pieceTraits[id].of(piece)]
		: piece.parts.flatMap(({ garment }) =>
				(garmentTraits[id] as Trait).of(garment, () => factsOfGarment(garment))
			);
	return new Set(values.filter((value): value is string => value !== undefined && value !== ''));
}

export interface TraitValue {
	value: string;
	label: string;
	/** Pieces that have it. */
	count: number;
}

/** The values of a trait that some piece has, each with how many, in the order in which they are offered. */
export function valuesOf(id: TraitId, pieces: readonly Piece[]): TraitValue[] {
	const counts = new Map<string, number>();
	for (const piece of pieces)
		for (const value of traitOf(piece, id)) counts.set(value, (counts.get(value) ?? 0) + 1);
	const { order, inWords } = traits[id] as Pick<Trait, 'order' | 'inWords'>;
	const place = (value: string) => (order.includes(value) ? order.indexOf(value) : order.length);
	return [...counts]
		.map(([value, count]) => ({ value, count, label: inWords(value) }))
		.sort(
			(a, b) => place(a.value) - place(b.value) || a.label.localeCompare(b.label, 'en-GB', { numeric: true })
		);
}
