/** The stock of the simulated shops: what hangs there, in which colours and sizes, before a day is known. */
import {
	chartFor,
	colourName,
	garmentInWords,
	garmentType,
	garmentTypes,
	isSet,
	madeToMeasure,
	oneSize,
	partsOfSet,
	type Garment,
	type GarmentType,
	type Listing
} from '../../core';
import { drawsFrom, type Draws } from './draws';
import { drawGarment, fromRoll, inAnotherColour } from './garments';
import { simulatedShops, type SimulatedShop } from './shops';

/** How a size sells: what a delivery brings, how many days one of it lasts, and how often there is a delivery. */
export interface Selling {
	label: string;
	delivered: number;
	lastsDays: number;
	everyDays: number;
	/** Days by which its deliveries lie off the calendar’s first. */
	phase: number;
}

/** A thing in one of its colours. What is true of every day, and no more than a large stock has room for; `onDay` makes a listing of it. */
export interface Stocked extends Pick<Listing, 'id' | 'garment' | 'condition' | 'arrivesInDays'> {
	source: SimulatedShop;
	/** At its usual price, in the smallest unit of the shop's currency. */
	usualMinor: number;
	/** As the shop calls it; undefined where there is no other. */
	colour: string | undefined;
	/** Its places in the stock in every colour, this one among them. */
	colourways: readonly number[];
	/** What its sizes are drawn from. */
	sizesSeed: number;
	/** Of a set that is sold apart: the places of all its parts, this one among them. */
	separates: readonly number[] | undefined;
}

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

const sizedDivisions = ['tops', 'layers', 'bottoms', 'one-pieces', 'footwear'];

function labelsOf(type: GarmentType, { shop, makes }: SimulatedShop): readonly string[] {
	const isSized =
		sizedDivisions.includes(type.division) ||
		(type.division === 'south-asian' && type.slot !== 'drape' && type.slot !== 'scarf');
	if (makes && isSized) return [madeToMeasure];
	const chart = chartFor(shop, type.id);
	return isSized && chart.length > 0 ? chart.map(({ label }) => label) : [oneSize];
}

function drawSelling(label: string, { shop, makes }: SimulatedShop, draw: Draws): Selling {
	const everyDays = 21 + draw.below(50);
	const phase = draw.below(everyDays);
	// What is made to measure is made as often as it is asked for; second-hand there is one, until somebody takes it.
	if (makes) return { label, delivered: 9, lastsDays: everyDays, everyDays, phase };
	if (shop.secondHand) return { label, delivered: 1, lastsDays: 14 + draw.below(40), everyDays, phase };
	return { label, delivered: 2 + draw.below(11), lastsDays: 2 + draw.below(12), everyDays, phase };
}

/** The sizes of a thing and how each sells: all of its shop's, or the one in which it hangs second-hand. */
export function sizesOf({ source, garment, sizesSeed }: Stocked): Selling[] {
	const draw = drawsFrom(sizesSeed);
	const labels = labelsOf(garmentType(garment.type), source);
	const some = source.shop.secondHand ? [draw.of(labels)] : labels;
	return some.map((label) => drawSelling(label, source, draw));
}

/** A title as the shop writes it: a capital, no longer than a card takes. */
export function titleOf({ garment }: Stocked): string {
	const words = garmentInWords(garment);
	return (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 110);
}

/** Whole fifty pence keep the sums readable. */
const inFifties = (minor: number) => Math.max(200, Math.round(minor / 50) * 50);

const mostColourways = 4;

/** Ids tell the place in the stock, so that none need be hashed or looked up. */
const idStart = '6f1f9d3c-5b7e-5d0a-9a57-';
const idAt = (place: number) => idStart + place.toString(16).padStart(12, '0');
/** The place of an id in the stock; −1 for an id that is none of its. */
export const placeOfId = (id: string) =>
	id.startsWith(idStart) ? Number.parseInt(id.slice(idStart.length), 16) : -1;

/** A thing in the colours in which it is sold, at most so many; the first of them lies at this place of the stock. */
function drawThing(place: number, room: number, type: GarmentType, source: SimulatedShop, draw: Draws) {
	const first = drawGarment(type, draw);
	const isSingle = source.shop.secondHand || first.palette.length === 0 || draw.chance(0.5);
	const count = Math.min(room, isSingle ? 1 : 2 + draw.below(mostColourways - 1));
	const level = source.priceLevel * (0.75 + draw.below(70) / 100);
	const [soonest, latest] = source.arrivesInDays;
	const usualMinor = inFifties((usualPrice[type.division] ?? 2000) * level);
	const condition = source.shop.secondHand
		? draw.of(['like-new', 'good', 'good', 'worn'] as const)
		: ('new' as const);
	const arrivesInDays = soonest + draw.below(latest - soonest + 1);
	const inColours = Array.from({ length: count }, (_, i) => (i === 0 ? first : inAnotherColour(first, draw)));
	// Two colours of one name could not be told apart when they are ordered.
	const distinct = inColours.filter(
		(one, i) => inColours.findIndex((other) => nameOf(other) === nameOf(one)) === i
	);
	const colourways = distinct.map((_, i) => place + i);
	// All of one shape and nothing spread: of a large stock that is a tenth of the time that it takes.
	return distinct.map((garment, i): Stocked => ({
		id: idAt(place + i),
		source,
		garment,
		usualMinor,
		condition,
		arrivesInDays,
		colour: distinct.length > 1 ? nameOf(garment) : undefined,
		colourways,
		sizesSeed: draw.below(0x7fffffff),
		separates: undefined
	}));
}

/** Colours come from a few words: each is named once. */
const colourNames = new Map<string, string>();
function nameOf({ palette: [main] }: Garment): string {
	if (!main) return '';
	const name = colourNames.get(main.hex) ?? colourName(main.hex);
	colourNames.set(main.hex, name);
	return name;
}

/** What each part of a set costs beside the whole: together a little more (invented). */
const partOfPrice = 0.6;

/** A set that is also sold apart: its parts, the first at this place of the stock, each from another roll than the one before. */
function drawSeparates(place: number, set: Stocked, draw: Draws): Stocked[] {
	const parts = partsOfSet(set.garment);
	const separates = parts.map((_, i) => place + i);
	return parts.map(({ garment }, i): Stocked => ({
		id: idAt(place + i),
		source: set.source,
		garment: fromRoll(garment, i),
		usualMinor: inFifties(set.usualMinor * partOfPrice),
		condition: set.condition,
		arrivesInDays: set.arrivesInDays,
		colour: undefined,
		colourways: [place + i],
		sizesSeed: draw.below(0x7fffffff),
		separates
	}));
}

/** One row in so many is a part of a set that is sold apart. */
const rowsASeparate = 50;

/** Things that shops post: clothes, shoes, bags, accessories, jewellery. */
const sold = garmentTypes.filter(({ division, slot }) => division !== 'beauty' && slot !== 'under');

/** The shops that sell a division of things. */
const sellersOf = (division: string) =>
	simulatedShops.filter(({ sells }) => sells === undefined || sells.includes(division));

/**
 * The stock of the simulated shops, a row for each colour of each thing: the same for the same seed. Every type is there before any
 * comes twice.
 *
 * @param count of rows
 */
export function simulatedStock(seed: number, count: number): Stocked[] {
	const draw = drawsFrom(seed);
	const stock: Stocked[] = [];
	const things = count - Math.floor(count / rowsASeparate);
	for (let number = 0; stock.length < things; number++) {
		const type = sold[number % sold.length];
		if (!type) throw new RangeError('There is nothing to sell');
		const source = draw.of(sellersOf(type.division));
		stock.push(...drawThing(stock.length, things - stock.length, type, source, draw));
	}
	const sets = stock.filter(
		({ garment, source }) => isSet(garment) && !source.shop.secondHand && !source.makes
	);
	for (const set of sets) {
		const separates = drawSeparates(stock.length, set, draw);
		if (stock.length + separates.length > count) break;
		stock.push(...separates);
	}
	// Where few sets are sold, the rest of the rows are things as before.
	while (stock.length < count) {
		const type = draw.of(sold);
		stock.push(
			...drawThing(stock.length, count - stock.length, type, draw.of(sellersOf(type.division)), draw)
		);
	}
	return stock;
}
