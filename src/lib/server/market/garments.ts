/** What the simulated shops sell, as they would describe it. */
import {
	colourWords,
	facetOf,
	hexOfLab,
	labOfHex,
	type FacetId,
	type Garment,
	type GarmentType
} from '../../core';
import type { Draws } from './draws';

/** What shops sell most: families of colour and how often they come (invented). */
const stockColours = colourWords.filter(({ family }) => family !== 'gold' && family !== 'silver');
const neutralWords = colourWords.filter(({ family }) =>
	['black', 'white', 'ivory', 'grey', 'navy', 'beige', 'camel', 'brown'].includes(family)
);
const stockPrints = [
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
	const say = (id: FacetId, value: string) => (facets[id] = { value, provenance: 'said' });
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

/** The same cloth from another roll: a tone beside it, seen where the two are worn together in daylight. */
export function fromAnotherRoll(garment: Garment, draw: Draws): Garment {
	const aside = (most: number) => (most * (draw.below(201) - 100)) / 100;
	return {
		...garment,
		palette: garment.palette.map((swatch) => {
			const { l, a, b } = labOfHex(swatch.hex);
			const lighter = (draw.chance(0.5) ? 1 : -1) * (1.5 + draw.below(20) / 10);
			return { ...swatch, hex: hexOfLab({ l: l + lighter, a: a + aside(1.2), b: b + aside(1.2) }) };
		})
	};
}
