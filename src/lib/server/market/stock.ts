import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { v5 } from 'uuid';
import {
	colourWords,
	facetOf,
	garmentInWords,
	garmentTypes,
	type FacetId,
	type Garment,
	type GarmentType,
	type Listing
} from '../../core';
import { marketNamespace, simulatedShops, type SimulatedShop } from './shops';

/** Usual price of a thing by division, in pence (invented, for the simulation only). */
const usualPrice: Record<string, number> = {
	tops: 2600,
	layers: 6200,
	bottoms: 3800,
	'one-pieces': 5200,
	'south-asian': 4800,
	under: 900,
	footwear: 4600,
	bags: 3400,
	accessories: 1500,
	jewellery: 1200
};

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

type Draw = {
	below: (n: number) => number;
	chance: (share: number) => boolean;
	of: <T>(list: readonly T[]) => T;
};

function drawsFrom(seed: number): Draw {
	const generator = xoroshiro128plus(seed);
	const below = (n: number) => uniformInt(generator, 0, n - 1);
	return {
		below,
		chance: (share) => below(1000) < share * 1000,
		of: (list) => list[below(list.length)] as (typeof list)[number]
	};
}

/** The usual value, or now and then one beside it on its scale or in its group. */
function nearUsual(id: FacetId, usual: string, draw: Draw): string {
	if (draw.chance(0.6)) return usual;
	const facet = facetOf(id);
	if (facet.kind === 'nominal')
		return draw.of(facet.groups.find((group) => group.includes(usual)) ?? [usual]);
	const at = facet.values.findIndex((value) => value.id === usual);
	return facet.values[at + (draw.chance(0.5) ? 1 : -1)]?.id ?? usual;
}

function drawFacets(type: GarmentType, draw: Draw): Garment['facets'] {
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

function drawGarment(type: GarmentType, draw: Draw): Garment {
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

function drawSizes(type: GarmentType, { shop }: SimulatedShop, draw: Draw): Listing['sizes'] {
	const sized =
		['tops', 'layers', 'bottoms', 'one-pieces', 'footwear'].includes(type.division) ||
		(type.division === 'south-asian' && type.slot !== 'drape' && type.slot !== 'scarf');
	if (!sized) return [{ label: 'one size', inStock: shop.secondHand ? 1 : 1 + draw.below(9) }];
	const labels = (type.slot === 'feet' ? shop.sizeChart.shoes : shop.sizeChart.clothes).map(
		({ label }) => label
	);
	if (shop.secondHand) return [{ label: draw.of(labels), inStock: 1 }];
	return labels.map((label) => ({ label, inStock: draw.chance(0.16) ? 0 : 1 + draw.below(12) }));
}

function drawListing(index: number, type: GarmentType, source: SimulatedShop, draw: Draw): Listing {
	const garment = drawGarment(type, draw);
	const words = garmentInWords(garment);
	const level = source.priceLevel * (0.75 + draw.below(70) / 100);
	const [soonest, latest] = source.arrivesInDays;
	return {
		id: v5(`listing-${index}`, marketNamespace),
		shopId: source.shop.id,
		title: (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 110),
		garment,
		// Whole pounds less a penny would be a shop's habit; whole fifty pence keep the sums readable.
		price: {
			amountMinor: Math.max(200, Math.round(((usualPrice[type.division] ?? 2000) * level) / 50) * 50),
			currency: 'GBP'
		},
		tier: source.tier,
		condition: source.shop.secondHand ? draw.of(['like-new', 'good', 'good', 'worn'] as const) : 'new',
		sizes: drawSizes(type, source, draw),
		arrivesInDays: soonest + draw.below(latest - soonest + 1)
	};
}

/** Things that shops post: clothes, shoes, bags, accessories, jewellery. */
const sold = garmentTypes.filter(({ division, slot }) => division !== 'beauty' && slot !== 'under');

/**
 * The stock of the simulated shops: the same listings for the same seed. Every type is there before any comes
 * twice.
 */
export function simulatedStock(seed: number, count: number): Listing[] {
	const draw = drawsFrom(seed);
	return Array.from({ length: count }, (_, index) => {
		const type = sold[index % sold.length];
		if (!type) throw new RangeError('There is nothing to sell');
		return drawListing(index, type, draw.of(simulatedShops), draw);
	});
}
