/** What the simulated shops sell, as they would describe it. */
import {
	colourWords,
	facetOf,
	hexOfLab,
	labOfHex,
	stateFacet,
	type FacetId,
	type Garment,
	type GarmentType,
	type PrintId
} from '../../core';
import type { Draws } from './draws';

/** What shops sell most: families of colour and how often they come (invented). */
const stockColours = colourWords.filter(({ family }) => family !== 'gold' && family !== 'silver');
const neutralWords = colourWords.filter(({ family }) =>
	['black', 'white', 'ivory', 'grey', 'navy', 'beige', 'camel', 'brown'].includes(family)
);
const stockPrints: PrintId[] = [
	'stripe',
	'breton',
	'check',
	'plaid',
	'polka-dot',
	'ditsy-floral',
	'botanical',
	'paisley'
];
const printable = ['tops', 'bottoms', 'one-pieces', 'south-asian'];
/** Facets that a shop's description leaves open now and then. */
const seldomSaid: FacetId[] = [
	'weight',
	'opacity',
	'formality',
	'sheen',
	'hemDetail',
	'waistline',
	'sleeveShape',
	'texture'
];

/** What things of a family are usually made of; of a division where the family is not listed (common practice). */
const usualMaterials: Record<string, string> = {
	tees: 'cotton jersey viscose',
	shirts: 'cotton poplin silk satin linen viscose crepe',
	knitwear: 'cotton merino wool viscose cashmere',
	cardigans: 'cotton merino wool viscose',
	tailored: 'wool linen velvet crepe satin tweed',
	jackets: 'cotton canvas polyester technical',
	coats: 'wool cotton technical polyester',
	jeans: 'denim',
	headwear: 'wool cotton felt straw',
	gloves: 'leather wool',
	belts: 'leather imitation-leather',
	scarves: 'silk cotton viscose wool',
	bottoms: 'cotton crepe wool linen viscose satin',
	'one-pieces': 'viscose crepe cotton satin jersey silk',
	'south-asian': 'silk georgette cotton chiffon brocade',
	under: 'nylon cotton',
	footwear: 'leather suede imitation-leather satin canvas',
	bags: 'leather imitation-leather canvas satin straw',
	accessories: 'silk leather metal',
	jewellery: 'metal glass pearl crystal'
};
const knitTextures = ['ribbed', 'cable', 'fine-knit', 'chunky-knit'];

/** The usual value, or now and then one beside it on its scale or in its group. */
function nearUsual(id: FacetId, usual: string, draw: Draws): string {
	if (draw.chance(0.6)) return usual;
	const facet = facetOf(id);
	if (facet.kind === 'nominal')
		return draw.of(facet.groups.find((group) => group.includes(usual)) ?? [usual]);
	const at = facet.values.findIndex((value) => value.id === usual);
	return facet.values[at + (draw.chance(0.5) ? 1 : -1)]?.id ?? usual;
}

function drawFacets(type: GarmentType, draw: Draws): Garment['facets'] {
	const facets: Garment['facets'] = {};
	const say = (id: FacetId, value: string) => stateFacet(facets, id, { value, provenance: 'said' });
	for (const id of type.facets) {
		const usual = type.usual[id];
		if (id === 'material')
			say(
				id,
				usual ??
					draw.of((usualMaterials[type.family] ?? usualMaterials[type.division] ?? 'cotton').split(' '))
			);
		else if (id === 'texture' && ['knitwear', 'cardigans'].includes(type.family))
			say(id, draw.of(knitTextures));
		else if (usual !== undefined) say(id, nearUsual(id, usual, draw));
		else if (!seldomSaid.includes(id) && draw.chance(0.5)) say(id, draw.of(facetOf(id).values).id);
	}
	return facets;
}

/** A thing of a type in one colour. */
export function drawGarment(type: GarmentType, draw: Draws): Garment {
	const main = draw.of(draw.chance(0.45) ? neutralWords : stockColours);
	const printed = printable.includes(type.division) && draw.chance(0.28);
	const second = printed ? draw.of(stockColours) : undefined;
	const swatch = (hex: string, share: number) => ({ hex, share, provenance: 'said' as const });
	const garment: Garment = {
		type: type.id,
		facets: drawFacets(type, draw),
		palette: second ? [swatch(main.hex, 0.7), swatch(second.hex, 0.3)] : [swatch(main.hex, 1)],
		print: { family: { value: printed ? draw.of(stockPrints) : 'plain', provenance: 'said' } }
	};
	if (type.division === 'jewellery') {
		garment.metal = { value: draw.of(['gold', 'gold', 'silver', 'silver', 'brass']), provenance: 'said' };
		if (draw.chance(0.7)) garment.palette = [];
		delete garment.print;
	}
	return garment;
}

/** The same thing in another colour: what was printed on it stays. */
export function inAnotherColour(garment: Garment, draw: Draws): Garment {
	const [main, ...rest] = garment.palette;
	if (!main) return garment;
	const { hex } = draw.of(draw.chance(0.45) ? neutralWords : stockColours);
	return { ...garment, palette: [{ ...main, hex }, ...rest] };
}

/** Two rolls of one colour, each in CIELAB from the colour that was ordered: fixed, so that a stock has not as many colours as things. */
const rolls = [
	{ l: 2.4, a: 0.6, b: -0.9 },
	{ l: -2.1, a: -0.5, b: 0.8 }
] as const;

/** The same cloth from one roll or another: a tone beside it, seen where the two are worn together in daylight. */
export function fromRoll(garment: Garment, number: number): Garment {
	const roll = rolls[number % rolls.length] ?? rolls[0];
	return {
		...garment,
		palette: garment.palette.map((swatch) => {
			const { l, a, b } = labOfHex(swatch.hex);
			return { ...swatch, hex: hexOfLab({ l: l + roll.l, a: a + roll.a, b: b + roll.b }) };
		})
	};
}
