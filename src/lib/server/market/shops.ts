import { v5 } from 'uuid';
import {
	footOfEu,
	footOfUk,
	hipAboveBustCm,
	womensLetters,
	type MarketShops,
	type Shop,
	type SizeRow
} from '../../core';

/** Namespace of the ids of simulated shops and listings, so that they are the same on every start. */
export const marketNamespace = '6f1f9d3c-5b7e-4d0a-9a57-0c6a3f2f7b11';

const pounds = (amount: number) => ({ amountMinor: Math.round(amount * 100), currency: 'GBP' });
const euros = (amount: number) => ({ amountMinor: Math.round(amount * 100), currency: 'EUR' });

/** Rows of a chart whose labels step evenly in bust, waist and hip. */
function clothesChart(
	labels: readonly string[],
	first: { bustCm: number; waistCm: number; hipCm: number },
	stepCm: number
): SizeRow[] {
	const range = (fromCm: number, i: number): [number, number] => [
		fromCm + i * stepCm,
		fromCm + (i + 1) * stepCm
	];
	return labels.map((label, i) => ({
		label,
		bustCm: range(first.bustCm, i),
		waistCm: range(first.waistCm, i),
		hipCm: range(first.hipCm, i)
	}));
}

/** Letters as EN 13402-3 has them, some of them. */
const letterChart = (labels: readonly string[]): SizeRow[] =>
	womensLetters
		.filter(({ label }) => labels.includes(label))
		.map(({ label, girthCm: [from, to] }) => ({
			label,
			bustCm: [from, to],
			hipCm: [from + hipAboveBustCm, to + hipAboveBustCm]
		}));

/** Every size for three heights of the body, one height after another, so that neighbours differ in girth (heights common practice). */
const byStature = (rows: readonly SizeRow[]): SizeRow[] =>
	(
		[
			[' petite', 145, 160],
			['', 160, 173],
			[' tall', 173, 190]
		] as const
	).flatMap(([suffix, from, to]) =>
		rows.map((row): SizeRow => ({ ...row, label: row.label + suffix, statureCm: [from, to] }))
	);

/** Trousers by waist and inside leg in inches; hips as they usually go with a waist (invented for the simulation). */
const inchCm = 2.54;
const byWaistAndLength: SizeRow[] = [28, 30, 32, 34].flatMap((length) =>
	[26, 28, 30, 32, 34, 36, 38, 40].map((waist): SizeRow => ({
		label: `W${waist} L${length}`,
		waistCm: [waist * inchCm, (waist + 2) * inchCm],
		hipCm: [waist * inchCm + 22, (waist + 2) * inchCm + 22],
		inseamCm: [(length - 1) * inchCm, (length + 1) * inchCm]
	}))
);

/** EU sizes by foot length: 1.5 × last length in cm, the last taken as 1.5 cm longer than the foot (value from memory). */
const euShoes: SizeRow[] = Array.from({ length: 13 }, (_, i) => {
	const eu = 34 + i;
	return { label: `EU ${eu}`, footCm: [footOfEu(eu - 0.5), footOfEu(eu + 0.5)] };
});

/** UK sizes by halves: 3 × last length in inches − 25 (value from memory). */
const ukShoes: SizeRow[] = Array.from({ length: 23 }, (_, i) => {
	const uk = 2 + i / 2;
	return { label: `UK ${uk}`, footCm: [footOfUk(uk - 0.25), footOfUk(uk + 0.25)] };
});

const numbered = (from: number, to: number, prefix: string) =>
	Array.from({ length: (to - from) / 2 + 1 }, (_, i) => `${prefix} ${from + 2 * i}`);

/** Days of every year on which a shop marks down, both with it, as "MM-DD". */
export interface Sale {
	from: string;
	to: string;
	share: number;
}

export interface SimulatedShop {
	shop: Shop;
	/** Divisions of things that it sells; all that shops post where it is left out. */
	sells?: readonly string[];
	/** Multiplies the usual price of a thing. */
	priceLevel: number;
	/** Its tier among the three. */
	tier: 'save' | 'middle' | 'spend';
	arrivesInDays: [number, number];
	/** Its calendar of markdowns. */
	sales: readonly Sale[];
	/** A code for first days of a month, up to and with a day of it. */
	code?: { word: string; share: number; toDayOfMonth: number };
	/** Everything is made for who orders it. */
	makes?: boolean;
}

const shopOf = (slug: string, name: string, rest: Omit<Shop, 'id' | 'name' | 'simulated'>): Shop => ({
	id: v5(slug, marketNamespace),
	name,
	simulated: true,
	...rest
});

/**
 * Invented shops that stand in for real ones: a chart, postage, returns and a habit of prices each; one is second-hand with
 * single pieces, one is abroad, one makes to measure. Letter sizes follow EN 13402-3 (values from memory); numbered charts are
 * invented.
 */
export const simulatedShops: SimulatedShop[] = [
	{
		priceLevel: 0.8,
		tier: 'save',
		arrivesInDays: [2, 5],
		sales: [
			{ from: '01-02', to: '01-31', share: 0.3 },
			{ from: '06-15', to: '07-15', share: 0.3 },
			{ from: '11-23', to: '11-30', share: 0.2 }
		],
		code: { word: 'WRACK10', share: 0.1, toDayOfMonth: 7 },
		shop: shopOf('ollenby-and-wrack', 'Ollenby & Wrack', {
			secondHand: false,
			sizeChart: { clothes: letterChart(womensLetters.map(({ label }) => label)), shoes: euShoes },
			postage: { flat: pounds(3.95), freeFrom: pounds(60) },
			returns: { days: 28, cost: pounds(2.5) }
		})
	},
	{
		priceLevel: 1.5,
		tier: 'middle',
		arrivesInDays: [3, 8],
		sales: [
			{ from: '12-27', to: '12-31', share: 0.25 },
			{ from: '01-01', to: '01-20', share: 0.25 },
			{ from: '07-01', to: '07-20', share: 0.2 }
		],
		shop: shopOf('pellow-mill-outfitters', 'Pellow Mill Outfitters', {
			secondHand: false,
			sizeChart: {
				clothes: byStature(clothesChart(numbered(6, 20, 'UK'), { bustCm: 76, waistCm: 59, hipCm: 83 }, 5)),
				shoes: euShoes,
				trousers: byWaistAndLength
			},
			postage: { flat: pounds(4.5), freeFrom: pounds(90) },
			returns: { days: 14, cost: pounds(0) }
		})
	},
	{
		priceLevel: 0.5,
		tier: 'save',
		arrivesInDays: [4, 12],
		sales: [],
		shop: shopOf('saltmere-rail-exchange', 'Saltmere Rail Exchange', {
			secondHand: true,
			sizeChart: { clothes: letterChart(['XS', 'S', 'M', 'L', 'XL']), shoes: euShoes },
			postage: { flat: pounds(3.2) },
			returns: { days: 7, cost: pounds(3.2) }
		})
	},
	{
		sells: ['footwear', 'bags', 'accessories'],
		priceLevel: 1.2,
		tier: 'middle',
		arrivesInDays: [1, 4],
		sales: [{ from: '01-10', to: '02-10', share: 0.4 }],
		code: { word: 'TREADLIGHT', share: 0.15, toDayOfMonth: 3 },
		shop: shopOf('tarrow-lane-lasts', 'Tarrow Lane Lasts', {
			secondHand: false,
			sizeChart: { clothes: letterChart(['S', 'M', 'L']), shoes: ukShoes },
			postage: { flat: pounds(2.95), freeFrom: pounds(50) },
			returns: { days: 30, cost: pounds(0) }
		})
	},
	{
		sells: ['tops', 'layers', 'bottoms', 'one-pieces', 'bags', 'jewellery'],
		priceLevel: 2.1,
		tier: 'spend',
		arrivesInDays: [6, 14],
		sales: [{ from: '02-01', to: '02-28', share: 0.5 }],
		shop: shopOf('ellerskov-handel', 'Ellerskov Handel', {
			secondHand: false,
			sizeChart: {
				clothes: clothesChart(numbered(32, 48, 'EU'), { bustCm: 76, waistCm: 60, hipCm: 84 }, 4),
				shoes: euShoes
			},
			postage: { flat: euros(9.5), freeFrom: euros(200) },
			returns: { days: 14, cost: euros(9.5) },
			duty: 0.12
		})
	},
	{
		sells: ['tops', 'layers', 'bottoms', 'one-pieces', 'south-asian'],
		priceLevel: 2.6,
		tier: 'spend',
		arrivesInDays: [14, 28],
		sales: [],
		makes: true,
		shop: shopOf('wherry-street-workroom', 'Wherry Street Workroom', {
			secondHand: false,
			sizeChart: { clothes: [], shoes: [] },
			postage: { flat: pounds(0) },
			returns: { days: 0, cost: pounds(0) }
		})
	}
];

/** What everyone may know of them: charts, postage, returns. */
export const marketShops: MarketShops = { simulated: true, shops: simulatedShops.map(({ shop }) => shop) };
