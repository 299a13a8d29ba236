import { v5 } from 'uuid';
import { footOfEu, hipAboveBustCm, womensLetters, type Shop, type SizeRow } from '../../core';

/** Namespace of the ids of simulated shops and listings, so that they are the same on every start. */
export const marketNamespace = '6f1f9d3c-5b7e-4d0a-9a57-0c6a3f2f7b11';

const pounds = (amount: number) => ({ amountMinor: Math.round(amount * 100), currency: 'GBP' });

/** Rows of a chart whose labels step evenly in bust and hip. */
function clothesChart(labels: string[], firstBustCm: number, firstHipCm: number, stepCm: number): SizeRow[] {
	return labels.map((label, i) => ({
		label,
		bustCm: [firstBustCm + i * stepCm, firstBustCm + (i + 1) * stepCm],
		hipCm: [firstHipCm + i * stepCm, firstHipCm + (i + 1) * stepCm]
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

/** EU sizes by foot length: 1.5 × last length in cm, the last taken as 1.5 cm longer than the foot (value from memory). */
const shoeChart: SizeRow[] = Array.from({ length: 13 }, (_, i) => {
	const eu = 34 + i;
	return { label: `EU ${eu}`, footCm: [footOfEu(eu - 0.5), footOfEu(eu + 0.5)] };
});

export interface SimulatedShop {
	shop: Shop;
	/** Multiplies the usual price of a thing. */
	priceLevel: number;
	/** Its tier among the three. */
	tier: 'save' | 'middle' | 'spend';
	arrivesInDays: [number, number];
}

/**
 * Invented shops that stand in for real ones: different charts, postage and returns, one of them second-hand
 * with single sizes. Letter sizes follow EN 13402-3 (values from memory); the numbered chart is invented.
 */
export const simulatedShops: SimulatedShop[] = [
	{
		priceLevel: 0.8,
		tier: 'save',
		arrivesInDays: [2, 5],
		shop: {
			id: v5('ollenby-and-wrack', marketNamespace),
			name: 'Ollenby & Wrack',
			simulated: true,
			secondHand: false,
			sizeChart: {
				clothes: letterChart(['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL']),
				shoes: shoeChart
			},
			postage: { flat: pounds(3.95), freeFrom: pounds(60) },
			returns: { days: 28, cost: pounds(2.5) }
		}
	},
	{
		priceLevel: 1.5,
		tier: 'middle',
		arrivesInDays: [3, 8],
		shop: {
			id: v5('pellow-mill-outfitters', marketNamespace),
			name: 'Pellow Mill Outfitters',
			simulated: true,
			secondHand: false,
			sizeChart: {
				clothes: clothesChart(
					['UK 6', 'UK 8', 'UK 10', 'UK 12', 'UK 14', 'UK 16', 'UK 18', 'UK 20'],
					76,
					83,
					5
				),
				shoes: shoeChart
			},
			postage: { flat: pounds(4.5), freeFrom: pounds(90) },
			returns: { days: 14, cost: pounds(0) }
		}
	},
	{
		priceLevel: 0.5,
		tier: 'save',
		arrivesInDays: [4, 12],
		shop: {
			id: v5('saltmere-rail-exchange', marketNamespace),
			name: 'Saltmere Rail Exchange',
			simulated: true,
			secondHand: true,
			sizeChart: {
				clothes: letterChart(['XS', 'S', 'M', 'L', 'XL']),
				shoes: shoeChart
			},
			postage: { flat: pounds(3.2) },
			returns: { days: 7, cost: pounds(3.2) }
		}
	}
];
