import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import { garmentArbitrary } from '../arbitraries';
import { makeClient, makePiece, uuid } from '../records';
import { checkLook, mayWear } from '../../src/lib/core/checks';
import { factsOf } from '../../src/lib/core/checks/facts';
import type { CheckedPiece } from '../../src/lib/core/checks/model';
import { garmentType, garmentTypes } from '../../src/lib/core/lexicon/taxonomy';
import { oppositeOf, wishIds } from '../../src/lib/core/lexicon/moods';
import {
	matchWardrobe,
	optionsOfPiece,
	scoreEcho,
	scoringOf,
	type OwnedOption
} from '../../src/lib/core/matching';
import { readLook } from '../../src/lib/core/reading';
import { outfitsFrom } from '../../src/lib/core/outfits/outfits-from';
import { acrossShapes, shapeOf } from '../../src/lib/core/outfits/across-shapes';
import { coloursInIt } from '../../src/lib/core/outfits/colours-in-it';
import { stepIds, stepsOf } from '../../src/lib/core/outfits/step';
import { worthOfOutfit } from '../../src/lib/core/outfits/worth';
import { reachOf, wantedFor } from '../../src/lib/core/outfits/reach';
import { dressinessOf, measureOf, steer } from '../../src/lib/core/outfits/steer';

const demo = composeDemo();
const [tamsin] = demo.clients;
const clientOf = (name: string) => demo.clients.find((client) => client.name.startsWith(name)) ?? tamsin!;
const railOf = (name: string) =>
	demo.pieces.filter(({ clientId }) => clientId === clientOf(name).id).flatMap(optionsOfPiece);
const named = (rail: readonly OwnedOption[], ...names: string[]) =>
	names.map((name) => rail.find(({ title }) => title === name) ?? rail[0]!);
const saying = (...texts: string[]): OwnedOption[] =>
	texts.flatMap((text, i) =>
		optionsOfPiece(makePiece(i + 1, readLook(text).elements[0]!.garment, { name: text }))
	);
const slotsOf = (options: readonly OwnedOption[]) =>
	options.map(({ garment }) => garmentType(garment.type).slot);
const keyOf = (options: readonly OwnedOption[]) =>
	options
		.map(({ item }) => item.partId)
		.sort()
		.join();

describe('outfits built outward from a piece', () => {
	const twelve = saying(
		'champagne satin slip skirt',
		'black silk shirt',
		'white cotton tee',
		'navy wool jumper',
		'grey wool trousers',
		'black loafers',
		'wine pointed court shoes',
		'black blazer',
		'camel cardigan',
		'wine leather clutch',
		'gold hoops',
		'tan leather belt'
	);
	const [skirt] = twelve;

	it('are, of twelve pieces, the very ones that trying everything finds', () => {
		const ask = { anchors: [skirt!], rail: twelve, howMany: 1 };
		const [best] = outfitsFrom(ask);
		// Every way of dressing: top, shoes, and a layer, bag, earrings and belt at will.
		const of = (slot: string): (OwnedOption | undefined)[] =>
			twelve.filter((option) => option !== skirt && slotsOf([option])[0] === slot);
		const ways = [
			of('top'),
			of('feet'),
			...['layer', 'bag', 'ears', 'waist'].map((slot) => [undefined, ...of(slot)])
		].reduce<(OwnedOption | undefined)[][]>(
			(all, choices) => all.flatMap((way) => choices.map((choice) => [...way, choice])),
			[[skirt]]
		);
		const worths = ways
			.map((way) =>
				worthOfOutfit(
					way.filter((option) => option !== undefined),
					{}
				)
			)
			.filter((worth) => worth !== undefined);
		expect(worths.length).toBeGreaterThan(20);
		expect(best?.points).toBeCloseTo(Math.max(...worths.map(({ points }) => points)), 9);
	});

	it.each([
		['Tamsin', 'Champagne slip skirt'],
		['Tamsin', 'Tartan mini kilt'],
		['Corwin', 'Bottle corduroy blazer'],
		['Anvita', 'Wine anarkali'],
		['Tamsin', 'Washed-black jeans']
	])(
		'%s, %s: dressed, none warned of, each worn once, unlike each other in something large',
		(name, anchor) => {
			const rail = railOf(name);
			const anchors = named(rail, anchor);
			const context = { client: clientOf(name) };
			const outfits = outfitsFrom({ anchors, rail, context, howMany: 6 });
			expect(outfits.length).toBeGreaterThanOrEqual(3);
			const outlines = outfits.map(({ options }) =>
				keyOf(
					options.filter((option) =>
						['top', 'legs', 'whole', 'layer', 'suit', 'outer', 'drape'].includes(slotsOf([option])[0]!)
					)
				)
			);
			expect(new Set(outlines).size).toBe(outfits.length);
			for (const { options, findings, reasons } of outfits) {
				expect(options).toEqual(expect.arrayContaining(anchors));
				expect(new Set(options.map(({ item }) => item.partId)).size).toBe(options.length);
				expect(slotsOf(options)).toContain('feet');
				expect(
					findings.filter(
						({ severity, rule }) => severity === 'warning' && rule !== 'prepare' && rule !== 'spending'
					)
				).toEqual([]);
				expect(reasons.length).toBeGreaterThan(0);
				for (const slot of ['feet', 'bag', 'ears', 'neck', 'waist', 'legs'])
					expect(slotsOf(options).filter((one) => one === slot).length, slot).toBeLessThanOrEqual(1);
			}
		}
	);

	it('put a coat on where it is cold and one is out', () => {
		const rail = railOf('Corwin');
		const event = { dressCode: '', weather: { airC: 4, rain: false }, setting: 'outdoors' as const };
		const outfits = outfitsFrom({
			anchors: named(rail, 'Olive chinos'),
			rail,
			context: { client: clientOf('Corwin'), event },
			howMany: 3
		});
		expect(outfits.length).toBeGreaterThan(0);
		for (const { options } of outfits) expect(slotsOf(options)).toContain('outer');
	});
	it('never wear what the client’s limits forbid', () => {
		const rail = saying(
			'black skirt',
			'strapless black top',
			'white shirt',
			'black loafers',
			'black stilettos'
		);
		const client = makeClient({ limits: { never: ['strapless'], maxHeelCm: 4 } });
		const outfits = outfitsFrom({ anchors: [rail[0]!], rail, context: { client }, howMany: 9 });
		expect(outfits.length).toBeGreaterThan(0);
		for (const { options } of outfits)
			expect(options.map(({ title }) => title)).not.toEqual(
				expect.arrayContaining([expect.stringMatching(/strapless|stiletto/)])
			);
	});
	it('are none where nothing goes under or over the anchors, or two of them are worn in one place', () => {
		const rail = saying('black skirt', 'white shirt', 'red skirt', 'black loafers');
		expect(outfitsFrom({ anchors: [rail[0]!], rail: rail.slice(0, 2), howMany: 3 })).toEqual([]);
		expect(outfitsFrom({ anchors: [rail[0]!, rail[2]!], rail, howMany: 3 })).toEqual([]);
	});
	it('prefer what was never worn among equals', () => {
		const rail = saying('black skirt', 'white shirt', 'white shirt', 'black loafers');
		const [, , second] = rail;
		const [best] = outfitsFrom({
			anchors: [rail[0]!],
			rail,
			howMany: 1,
			unworn: (option) => (option === second ? 1 : 0)
		});
		expect(best?.options).toContain(second);
	});
});

describe('the reach of a rail', () => {
	let id = 0;
	const newId = () => uuid(70_000 + id++);
	it.each(['Tamsin', 'Corwin', 'Anvita'])(
		'of %s is what matching the whole wardrobe scores, reference by reference',
		(name) => {
			const client = clientOf(name);
			const rail = railOf(name);
			const reaches = reachOf(demo.references, demo.pieces, rail, { client, newId });
			expect(reaches).toHaveLength(demo.references.length);
			for (const reference of demo.references) {
				const scoring = scoringOf(reference, client.schools, client);
				const worn = rail.filter((option) => mayWear(client, option));
				const matches = matchWardrobe(reference, [], worn, { newId, ...scoring });
				const { score } = scoreEcho({ matches, schools: client.schools }, reference, demo.pieces, client);
				expect(
					reaches.find(({ referenceId }) => referenceId === reference.id)?.score,
					reference.title
				).toBeCloseTo(score, 6);
			}
		}
	);
	it('comes in the order of the score, and names the pieces that carry a look', () => {
		const reaches = reachOf(demo.references, demo.pieces, railOf('Anvita'), {
			client: clientOf('Anvita'),
			newId
		});
		const scores = reaches.map(({ score }) => score);
		expect(scores).toEqual([...scores].sort((a, b) => b - a));
		const wanted = wantedFor(reaches);
		const lehenga = demo.pieces.find(({ name }) => name === 'Marigold lehenga');
		expect(wanted.get(lehenga!.id)?.length).toBeGreaterThan(0);
	});
	it('of an empty rail is nothing, with a gap everywhere', () => {
		const [first] = reachOf(demo.references, [], [], { newId });
		expect(first).toMatchObject({ score: 0, hero: false, carriedBy: [] });
	});
});

describe('an outfit in steps', () => {
	const rail = railOf('Tamsin');
	const client = clientOf('Tamsin');
	const looks = [
		['White tee', 'Washed-black jeans', 'White trainers', 'Cropped denim jacket', 'Tan crossbody'],
		['Ivory silk blouse', 'Midnight tailored trousers', 'Black block-heel courts', 'Black crepe blazer'],
		['Fern-print shirt dress', 'Tan Chelsea boots', 'Navy cotton cardigan', 'Wine silk scarf']
	].map((names) =>
		named(rail, ...names).map(({ garment, title }, i): CheckedPiece => ({
			id: `${i}`,
			title,
			garment,
			moves: []
		}))
	);
	const warnings = (worn: readonly CheckedPiece[]) =>
		checkLook(worn, { client }).filter(({ severity }) => severity === 'warning').length;
	it.each(
		looks.flatMap((look, i) => stepIds.map((step) => ({ look, step, name: `look ${i + 1}, ${step}` })))
	)('$name: two swaps at most, that way, with no new warning, and what is fixed stays', ({ look, step }) => {
		for (const { swaps, worn, dressiness } of stepsOf(look, step, {
			rail,
			context: { client },
			fixed: ['0']
		})) {
			expect(swaps.length).toBeGreaterThan(0);
			expect(swaps.length).toBeLessThanOrEqual(2);
			expect(Math.sign(dressiness)).toBe(step === 'down' ? -1 : 1);
			expect((dressinessOf(worn) ?? 0) - (dressinessOf(look) ?? 0)).toBeCloseTo(dressiness, 9);
			expect(warnings(worn)).toBeLessThanOrEqual(warnings(look));
			expect(worn[0]).toBe(look[0]);
			expect(new Set(swaps.map(({ id }) => id)).size).toBe(swaps.length);
			if (step === 'evening')
				for (const { to } of swaps)
					expect(['top', 'legs', 'whole']).not.toContain(garmentType(to.garment.type).slot);
		}
	});
	it('are found for an everyday look, and none of an empty rail', () => {
		expect(stepsOf(looks[0]!, 'up', { rail }).length).toBeGreaterThan(0);
		expect(stepsOf(looks[0]!, 'up', { rail: [] })).toEqual([]);
		expect(stepsOf([], 'up', { rail })).toEqual([]);
	});
});

describe('who leads', () => {
	const rail = railOf('Tamsin');
	const anchors = named(rail, 'Wine velvet blazer');
	const loudIn = (options: readonly OwnedOption[]) =>
		factsOf(
			options
				.filter((option) => !anchors.includes(option))
				.map(({ garment, title }, i) => ({ id: `${i}`, title, garment, moves: [] })),
			{}
		).pieces.filter(({ statement, strong }) => statement || strong).length;
	const loudest = (lead?: 'leading' | 'quiet') =>
		outfitsFrom({ anchors, rail, howMany: 6, lead }).map(({ options }) => loudIn(options));
	const sum = (counts: readonly number[]) => counts.reduce((total, count) => total + count, 0);
	it('is left alone by what is louder, or is given something to follow', () => {
		expect(sum(loudest('leading'))).toBeLessThanOrEqual(sum(loudest()));
		expect(sum(loudest('leading'))).toBeLessThan(sum(loudest('quiet')));
	});
	it('no outfit wears more than three of earrings, chain, belt and scarf', () => {
		for (const { options } of outfitsFrom({ anchors, rail, howMany: 10 }))
			expect(
				slotsOf(options).filter((slot) => ['ears', 'neck', 'waist', 'scarf'].includes(slot)).length
			).toBeLessThanOrEqual(3);
	});
});

describe('one piece across legs and hems', () => {
	const rail = railOf('Tamsin');
	const [blouse] = named(rail, 'Ivory silk blouse') as [OwnedOption];
	const context = { client: clientOf('Tamsin') };
	const found = acrossShapes({ anchor: blouse, rail, context });
	it('is an outfit for each shape, each with a bottom of that shape and none warned of', () => {
		expect(found.length).toBeGreaterThan(5);
		expect(new Set(found.map(({ shape }) => shape)).size).toBe(found.length);
		for (const { shape, outfit } of found) {
			expect(outfit.options[0]).toBe(blouse);
			expect(outfit.options.map(({ garment }) => shapeOf(garment))).toContain(shape);
			expect(
				outfit.findings.filter(({ severity, rule }) => severity === 'warning' && rule !== 'prepare')
			).toEqual([]);
		}
	});
	it('of each shape it is the best of its bottoms', () => {
		for (const { shape, outfit } of found)
			for (const option of rail.filter(({ garment }) => shapeOf(garment) === shape)) {
				const [best] = outfitsFrom({ anchors: [blouse, option], rail, context, howMany: 1 });
				expect(outfit.points).toBeGreaterThanOrEqual(best?.points ?? -Infinity);
			}
	});
	it('says the shape of a bottom and of nothing else', () => {
		expect(shapeOf(saying('wide-leg cropped trousers')[0]!.garment)).toBe('wide leg, cropped');
		expect(shapeOf(saying('pleated midi skirt')[0]!.garment)).toBe('midi skirt');
		expect(shapeOf(saying('silk blouse')[0]!.garment)).toBeUndefined();
	});
});

describe('colours in it', () => {
	const rail = saying('emerald green silk scarf', 'bottle green trousers', 'red bag', 'ivory blouse');
	it('are the small colours of a print, each with what takes it up, the nearest first', () => {
		const [print] = saying('ivory and emerald green floral dress');
		const [green, ...others] = coloursInIt(print!.garment, rail);
		expect(others).toEqual([]);
		expect(green?.takenUpBy[0]?.title).toBe('emerald green silk scarf');
		expect(green?.takenUpBy.map(({ title }) => title)).not.toContain('red bag');
	});
	it('are none of a thing of one colour', () =>
		expect(coloursInIt(saying('red bag')[0]!.garment, rail)).toEqual([]));
});

describe('steering an outfit', () => {
	const rail = railOf('Tamsin');
	const wornOf = (...names: string[]): CheckedPiece[] =>
		named(rail, ...names).map(({ garment, title }, i) => ({ id: `${i}`, title, garment, moves: [] }));
	const looks = [
		wornOf('White tee', 'Washed-black jeans', 'White trainers', 'Cropped denim jacket', 'Tan crossbody'),
		wornOf(
			'Ivory silk blouse',
			'Midnight tailored trousers',
			'Black block-heel courts',
			'Black crepe blazer'
		),
		wornOf('Fern-print shirt dress', 'Tan Chelsea boots', 'Navy cotton cardigan', 'Wine silk scarf')
	];
	const cases = looks.flatMap((look, i) =>
		wishIds.map((wish) => ({ look, wish, name: `look ${i + 1}, ${wish}` }))
	);

	it.each(cases)('$name: each change is more of it, and brings no new warning', ({ look, wish }) => {
		const warned = checkLook(look).filter(({ severity }) => severity === 'warning').length;
		for (const { worn, mood } of steer(look, wish, { rail })) {
			expect(mood).toBeGreaterThan(0);
			expect(measureOf(wish, worn) - measureOf(wish, look)).toBeCloseTo(mood, 9);
			expect(checkLook(worn).filter(({ severity }) => severity === 'warning').length).toBeLessThanOrEqual(
				warned
			);
		}
	});
	it.each(cases)('$name: the opposite wish takes it back', ({ look, wish }) => {
		const [best] = steer(look, wish, { rail });
		if (!best) return;
		const back = steer(best.worn, oppositeOf(wish), { rail, most: 12 });
		// With one change as good as the one that is undone.
		expect(Math.max(...back.map(({ mood }) => mood))).toBeGreaterThanOrEqual(best.mood - 1e-9);
	});
	it('finds a way for most wishes, and says what it does to dressiness', () => {
		const answered = cases.filter(({ look, wish }) => steer(look, wish, { rail }).length > 0);
		expect(answered.length / cases.length).toBeGreaterThan(0.9);
		const [festive] = steer(looks[0]!, 'dressier', { rail });
		expect(festive?.dressiness).toBeGreaterThan(0);
	});
	it('leaves what is fixed, and never goes against a limit', () => {
		const client = makeClient({ limits: { never: [], maxHeelCm: 2 } });
		for (const { change, worn } of steer(looks[0]!, 'more festive', {
			rail,
			fixed: ['0', '1'],
			context: { client },
			most: 9
		})) {
			expect(['0', '1']).not.toContain(change.id);
			expect(worn.length).toBeGreaterThanOrEqual(looks[0]!.length - 1);
		}
	});
	it('measures every garment, and opposite wishes oppositely', () =>
		fc.assert(
			fc.property(
				fc.array(garmentArbitrary(), { minLength: 1, maxLength: 6 }),
				fc.constantFrom(...wishIds),
				(all, wish) => {
					const worn = all.map((garment, i) => ({ id: `${i}`, title: '', garment, moves: [] }));
					const measure = measureOf(wish, worn);
					expect(Number.isFinite(measure)).toBe(true);
					expect(measureOf(oppositeOf(wish), worn)).toBeCloseTo(-measure, 9);
					const dressed = dressinessOf(worn);
					if (dressed !== undefined) {
						expect(dressed).toBeGreaterThanOrEqual(0);
						expect(dressed).toBeLessThanOrEqual(5);
					}
				}
			)
		));
	it('has a table whose types, families and values are all there', async () => {
		const { moods } = await import('../../src/lib/core/lexicon/moods');
		const { facetOf } = await import('../../src/lib/core/lexicon/facets');
		const { prints } = await import('../../src/lib/core/lexicon/prints');
		const types = new Set(garmentTypes.map(({ id }) => id));
		const families = new Set(garmentTypes.map(({ family }) => family));
		const printIds = new Set(prints.map(({ id }) => id));
		for (const table of Object.values(moods)) {
			for (const type of Object.keys(table.types)) expect(types, type).toContain(type);
			for (const family of Object.keys(table.families)) expect(families, family).toContain(family);
			for (const print of Object.keys(table.prints)) expect(printIds, print).toContain(print);
			for (const [facet, values] of Object.entries(table.facets))
				for (const value of Object.keys(values))
					expect(
						facetOf(facet as never).values.map(({ id }) => id),
						`${facet} ${value}`
					).toContain(value);
		}
	});
});
