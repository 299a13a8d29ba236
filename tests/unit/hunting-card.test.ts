import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import { closenessTo, fitsCard, huntingCard, isForSale, mayWear, type HuntingCard } from '../../src/lib/core';
import { simulatedStock } from '../../src/lib/server/market/stock';
import { element, garment } from '../arbitraries';
import { makeClient } from '../records';

const demo = composeDemo();
const stock = simulatedStock(11, 3000).map((stocked) => stocked.garment);

describe('the hunting card', () => {
	it('agrees with the ranker on generated listings: what fits comes close, and what comes closest fits', () => {
		const fitting: number[] = [];
		let near = 0;
		let nearAndFitting = 0;
		for (const client of demo.clients)
			for (const asked of demo.references.flatMap(({ elements }) => elements.filter(isForSale))) {
				const card = huntingCard(asked, client);
				const closeness = closenessTo(asked, { client });
				for (const given of stock) {
					if (!card.kinds.includes(given.type)) continue;
					const figure = closeness(given).closeness;
					const fits = fitsCard(card, asked, given, client);
					if (fits) fitting.push(figure);
					if (figure >= 0.8 && mayWear(client, { garment: given })) {
						near++;
						if (fits) nearAndFitting++;
					}
				}
			}
		expect(fitting.length).toBeGreaterThan(200);
		// Nothing that fits the card would be refused as a match, and most of it comes close.
		expect(Math.min(...fitting)).toBeGreaterThan(0.35);
		expect(fitting.sort((a, b) => a - b)[Math.floor(fitting.length / 2)]).toBeGreaterThan(0.65);
		expect(nearAndFitting / near).toBeGreaterThan(0.85);
	});

	const skirt = element(1, garment('circle-skirt', ['red'], { hemLength: 'midi' }), {
		signature: ['skirtShape']
	});
	const card = (rest: Parameters<typeof makeClient>[0], asked = skirt): HuntingCard =>
		huntingCard(asked, makeClient(rest));

	it('says size, least length and what is never worn, for this client', () => {
		const { sizes, leastLengthCm, refusals } = card({
			measurements: { bust: 92, stature: 158 },
			limits: { never: ['bare knees'] },
			avoidMaterials: ['wool'],
			allergies: ['nickel']
		});
		// EN 13402-3: a bust of 90 to 98 cm is an M (value from memory).
		expect(sizes).toEqual(['M']);
		expect(refusals).toEqual(expect.arrayContaining(['bare knees', 'wool', 'nickel (allergic)']));
		const taller = card({ measurements: { bust: 92, stature: 180 } }).leastLengthCm;
		expect(leastLengthCm).toBeGreaterThan(40);
		expect(taller).toBeGreaterThan(leastLengthCm!);
	});
	it('says that a larger size is fine where it is tied or cut wide, and not of shoes', () => {
		expect(card({}, element(1, garment('wrap-dress', ['red']))).isLargerFine).toBe(true);
		expect(card({}, element(1, garment('pencil-skirt', ['red'], { fit: 'close' }))).isLargerFine).toBe(false);
		expect(card({}, element(1, garment('loafers', ['red']))).isLargerFine).toBe(false);
	});
	it('names the heel that is allowed on shoes alone, and colours with their neighbours', () => {
		const limits = { never: [], maxHeelCm: 5 };
		expect(card({ limits }).refusals).toEqual(expect.not.arrayContaining(['a heel over 5 cm']));
		expect(card({ limits }, element(1, garment('court-shoes', ['navy']))).refusals).toContain(
			'a heel over 5 cm'
		);
		const { colours } = card({}, element(1, garment('court-shoes', ['navy'])));
		expect(colours[0]).toMatchObject({ isAsked: true });
		expect(colours.length).toBeGreaterThan(2);
	});
	it('leaves open what is open', () => {
		const open = element(1, garment('circle-skirt', ['red'], { hemLength: 'midi' }), {
			open: ['palette', 'skirtShape']
		});
		expect(card({}, open)).toMatchObject({ colours: [], musts: [] });
	});
});
