import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	element,
	elementArbitrary,
	elementsArbitrary,
	garment,
	garmentArbitrary
} from '../../../../tests/arbitraries';
import { facetOf, type FacetId } from '../lexicon/facets';
import { likeness } from '../lexicon/likeness';
import type { PrintId, PrintScale } from '../lexicon/prints';
import type { Garment } from '../model/garment';
import type { Element } from '../model/reference';
import { scoreLook, type Worn } from './look';
import { askedAspects, closenessOf } from './piece';
import { facetSimilarity, printSimilarity } from './similarity';
import { elementWeights, rankOrderCentroid } from './weights';
import { aspectInWords, garmentInWords, garmentName, lossInWords, reasonsOf } from './words';

const copyOf = (elements: Element[]): Worn[] =>
	elements.map(({ id, garment: worn, moves }) => ({
		elementId: id,
		state: 'items',
		garments: [worn],
		movesDone: moves
	}));

describe('rank-order centroid weights', () => {
	// Barron & Barrett 1996.
	it.each([
		[3, [0.611, 0.278, 0.111]],
		[4, [0.521, 0.271, 0.146, 0.063]],
		[5, [0.457, 0.257, 0.157, 0.09, 0.04]]
	])('for %d ranks', (n, published) => {
		// As printed there: rounded to three places.
		expect(rankOrderCentroid(n).map((weight) => Math.round(weight * 1000) / 1000)).toEqual(published);
	});

	it('share tied ranks evenly and follow role and factor', () => {
		const plain = { role: 'key', weightFactor: 1 } as const;
		const [first, second, third] = elementWeights([
			{ rank: 1, ...plain },
			{ rank: 1, ...plain },
			{ rank: 3, ...plain }
		]);
		expect(first).toBeCloseTo((0.6111 + 0.2778) / 2, 3);
		expect(second).toBe(first);
		expect(third).toBeCloseTo(0.1111, 3);
		const [hero, key] = elementWeights([
			{ rank: 1, role: 'hero', weightFactor: 1 },
			{ rank: 1, ...plain }
		]);
		expect((hero ?? 0) / (key ?? 1)).toBeCloseTo(1.3, 9);
	});
});

describe('likeness of facet values', () => {
	it('is 1 − distance / range for ordinal facets (Gower 1971)', () => {
		expect(facetSimilarity('rise', 'low', 'low')).toBe(1);
		expect(facetSimilarity('rise', 'low', 'mid')).toBe(0.5);
		expect(facetSimilarity('rise', 'low', 'high')).toBe(0);
		// Heels are spaced by their height: 1 to 11.5 cm.
		expect(facetSimilarity('heelHeight', 'flat', 'kitten')).toBeCloseTo(1 - 3.2 / 10.5, 9);
	});

	it('is symmetric and within 0..1', () => {
		for (const id of ['neckline', 'leg', 'hemLength', 'material'] as FacetId[])
			for (const a of facetOf(id).values)
				for (const b of facetOf(id).values) {
					const value = facetSimilarity(id, a.id, b.id);
					expect(value).toBeGreaterThanOrEqual(0);
					expect(value).toBeLessThanOrEqual(1);
					expect(value).toBe(facetSimilarity(id, b.id, a.id));
				}
	});

	it('tells plain from printed, and prints by family and scale', () => {
		const print = (family: PrintId, scale?: PrintScale) => ({
			family: { value: family, provenance: 'seen' as const },
			scale: scale ? { value: scale, provenance: 'seen' as const } : undefined
		});
		expect(printSimilarity(print('plain'), print('stripe'))).toBe(0);
		expect(printSimilarity(print('stripe', 'small'), print('stripe', 'small'))).toBe(1);
		expect(printSimilarity(print('stripe', 'tiny'), print('stripe', 'large'))).toBeCloseTo(0.75, 9);
		expect(printSimilarity(print('gingham'), print('check'))).toBe(likeness.sameGroup);
	});
});

describe('closeness of a piece', () => {
	const blazer = element(
		1,
		garment('blazer', ['navy'], { fit: 'tailored', material: 'wool', lapel: 'peak' })
	);

	it('is 1 for an exact copy of anything', () => {
		fc.assert(
			fc.property(elementArbitrary, (asked) => closenessOf(asked, asked.garment).closeness > 1 - 1e-9)
		);
	});

	it('stays within 0..1, with shares that add up to 1', () => {
		fc.assert(
			fc.property(elementArbitrary, garmentArbitrary(), (asked, given) => {
				const { closeness, confidence, aspects, worn } = closenessOf(asked, given);
				expect(closeness).toBeGreaterThanOrEqual(0);
				expect(closeness).toBeLessThanOrEqual(1 + 1e-12);
				expect(confidence).toBeGreaterThanOrEqual(-1e-12);
				expect(confidence).toBeLessThanOrEqual(1);
				if (worn) expect(aspects.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
			})
		);
	});

	it('gates by slot: a bag never answers trousers, whatever its colour', () => {
		const trousers = element(1, garment('trousers', ['black']));
		expect(closenessOf(trousers, garment('handbag', ['black']))).toMatchObject({ closeness: 0, worn: false });
	});

	it('orders likenesses as a stylist would', () => {
		const close = (given: Garment) => closenessOf(blazer, given).closeness;
		const same = garment('blazer', ['navy'], { fit: 'tailored', material: 'wool', lapel: 'peak' });
		const lighter = garment('blazer', ['cobalt'], { fit: 'tailored', material: 'wool', lapel: 'peak' });
		const notch = garment('blazer', ['navy'], { fit: 'tailored', material: 'wool', lapel: 'notch' });
		const cardigan = garment('cardigan', ['navy'], { fit: 'regular', material: 'wool' });
		const orange = garment('cardigan', ['orange'], { fit: 'oversized', material: 'nylon' });
		expect(close(same)).toBe(1);
		expect(close(notch)).toBeGreaterThan(close(lighter));
		expect(close(lighter)).toBeGreaterThan(close(orange));
		expect(close(cardigan)).toBeGreaterThan(close(orange));
	});

	it('never prefers a vaguely described piece to a well-described equal one, and is less sure of it', () => {
		fc.assert(
			fc.property(elementArbitrary, (asked) => {
				const vague = { ...asked.garment, facets: {}, palette: [], print: undefined, metal: undefined };
				const [full, less] = [closenessOf(asked, asked.garment), closenessOf(asked, vague)];
				expect(less.closeness).toBeLessThanOrEqual(full.closeness);
				expect(less.confidence).toBeLessThanOrEqual(full.confidence);
			})
		);
	});

	it('does not compare open aspects', () => {
		const open = { ...blazer, open: ['palette' as const] };
		expect(askedAspects(open)).not.toContain('palette');
		const orange = garment('blazer', ['orange'], { fit: 'tailored', material: 'wool', lapel: 'peak' });
		expect(closenessOf(open, orange).closeness).toBe(1);
	});

	it('caps the whole by a missed signature, and names what the cap takes', () => {
		const signature = { ...blazer, signature: ['lapel' as const] };
		const notched = garment('blazer', ['navy'], { fit: 'tailored', material: 'wool', lapel: 'collarless' });
		const { closeness, signatureLoss } = closenessOf(signature, notched);
		expect(closeness).toBeCloseTo(
			likeness.signatureFloor + (1 - likeness.signatureFloor) * likeness.otherGroup,
			9
		);
		expect(signatureLoss).toBeGreaterThan(0);
		expect(closenessOf(signature, notched).closeness).toBeLessThan(closenessOf(blazer, notched).closeness);
	});

	it('never falls when one aspect comes nearer', () => {
		const scale = facetOf('fit').values.map(({ id }) => id);
		const asked = element(1, garment('blazer', ['navy'], { fit: 'oversized' }), { signature: ['fit'] });
		const along = scale.map((fit) => closenessOf(asked, garment('blazer', ['navy'], { fit })).closeness);
		expect(along).toEqual([...along].sort((a, b) => a - b));
	});

	it('weighs by school', () => {
		const near = garment('blazer', ['navy'], { fit: 'oversized', material: 'wool', lapel: 'peak' });
		const plain = closenessOf(blazer, near).closeness;
		expect(closenessOf(blazer, near, { schools: { closeness: 'shape-first' } }).closeness).toBeLessThan(
			plain
		);
		expect(closenessOf(blazer, near, { schools: { closeness: 'colour-first' } }).closeness).toBeGreaterThan(
			plain
		);
	});
});

describe('closeness of a look: its laws', () => {
	const wornArbitrary = (elements: Element[]): fc.Arbitrary<Worn[]> =>
		fc
			.tuple(
				...elements.map(({ id, moves }) =>
					fc.record({
						elementId: fc.constant(id),
						state: fc.constantFrom<Worn['state']>('items', 'items', 'done', 'left-out'),
						garments: fc.array(garmentArbitrary(), { maxLength: 2 }),
						movesDone: fc.subarray(moves)
					})
				)
			)
			.chain((all) => fc.subarray(all));
	const look = elementsArbitrary.chain((elements) =>
		fc.tuple(fc.constant(elements), wornArbitrary(elements))
	);

	it('an exact copy with its moves scores 100', () => {
		fc.assert(
			fc.property(elementsArbitrary, (elements) => {
				const { score, losses } = scoreLook({ elements }, copyOf(elements));
				expect(score).toBeCloseTo(100, 6);
				expect(losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(0, 6);
			})
		);
	});

	it('0 ≤ score ≤ 100, and losses add up to 100 − score', () => {
		fc.assert(
			fc.property(look, ([elements, worn]) => {
				const { score, losses, elements: scored } = scoreLook({ elements }, worn);
				expect(score).toBeGreaterThanOrEqual(0);
				expect(score).toBeLessThanOrEqual(100);
				expect(losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(100 - score, 6);
				expect(scored.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(100, 6);
				expect(scored.reduce((sum, { earned }) => sum + earned, 0)).toBeCloseTo(score, 6);
				for (const { points } of losses) expect(points).toBeGreaterThan(0);
			})
		);
	});

	it('filling a gap never lowers the score', () => {
		fc.assert(
			fc.property(look, garmentArbitrary(), ([elements, worn], filling) => {
				const gap = elements.find(({ id }) => !worn.some(({ elementId }) => elementId === id));
				fc.pre(gap !== undefined);
				const filled: Worn[] = [
					...worn,
					{ elementId: gap?.id ?? '', state: 'items', garments: [filling], movesDone: [] }
				];
				expect(scoreLook({ elements }, filled).score).toBeGreaterThanOrEqual(
					scoreLook({ elements }, worn).score - 1e-9
				);
			})
		);
	});

	it('doing another move, or wearing another thing besides, never lowers it', () => {
		fc.assert(
			fc.property(look, garmentArbitrary(), ([elements, worn], besides) => {
				const before = scoreLook({ elements }, worn).score;
				const more = worn.map((entry) => ({
					...entry,
					garments: [...entry.garments, besides],
					movesDone: elements.find(({ id }) => id === entry.elementId)?.moves ?? []
				}));
				expect(scoreLook({ elements }, more).score).toBeGreaterThanOrEqual(before - 1e-9);
			})
		);
	});

	it('the order of records and a common factor on all weights change nothing', () => {
		fc.assert(
			fc.property(look, fc.double({ min: 0.2, max: 2, noNaN: true }), ([elements, worn], factor) => {
				const { score } = scoreLook({ elements }, worn);
				expect(scoreLook({ elements: [...elements].reverse() }, [...worn].reverse()).score).toBeCloseTo(
					score,
					6
				);
				const scaled = elements.map((one) => ({ ...one, weightFactor: one.weightFactor * factor }));
				expect(scoreLook({ elements: scaled }, worn).score).toBeCloseTo(score, 6);
			})
		);
	});
});

describe('closeness of a look: examples', () => {
	const elements = [
		element(1, garment('blazer', ['wine'], { fit: 'tailored' }), { role: 'hero', moves: ['worn-open'] }),
		element(2, garment('tailored-trousers', ['black'], { leg: 'straight', rise: 'high' })),
		element(3, garment('lipstick', ['crimson']), { role: 'finish' })
	];
	const worn = copyOf(elements);

	it('a reference without elements scores 0 and names no loss', () => {
		expect(scoreLook({ elements: [] }, [])).toMatchObject({ score: 0, losses: [] });
	});

	it('a gap, a thing left out and a thing too far off earn nothing', () => {
		const [jacket] = elements;
		const far = garment('poncho', ['lemon'], {});
		const [, ...others] = worn;
		const gap = scoreLook({ elements }, others);
		const out = scoreLook({ elements }, [
			{ elementId: jacket?.id ?? '', state: 'left-out', garments: [], movesDone: [] },
			...others
		]);
		const tooFar = scoreLook({ elements }, [
			{ elementId: jacket?.id ?? '', state: 'items', garments: [far], movesDone: [] },
			...others
		]);
		expect(out.score).toBeCloseTo(gap.score, 9);
		expect(tooFar.score).toBeCloseTo(gap.score, 9);
		expect([gap, out, tooFar].map(({ losses }) => losses[0]?.kind)).toEqual(['gap', 'left-out', 'too-far']);
	});

	it('styling moves are a fixed share of their element', () => {
		const undone = worn.map((entry) => ({ ...entry, movesDone: [] }));
		const scored = scoreLook({ elements }, undone);
		expect(scored.losses).toHaveLength(1);
		expect(scored.losses[0]?.points).toBeCloseTo((scored.elements[0]?.points ?? 0) * likeness.movesShare, 9);
	});

	it('make-up marked as done earns its points', () => {
		const done = worn.map((entry, i): Worn => (i === 2 ? { ...entry, state: 'done', garments: [] } : entry));
		expect(scoreLook({ elements }, done).score).toBeCloseTo(100, 9);
	});
});

describe('in the trade’s words', () => {
	const asked = garment('dress', ['navy'], { hemLength: 'knee', neckline: 'v', sleeveLength: 'long' });

	it('names a garment by colour, print, cloth and kind, and adds what is out of the ordinary', () => {
		expect(garmentName(garment('blazer', ['wine'], { material: 'velvet', fit: 'tailored' }))).toBe(
			'wine velvet blazer'
		);
		expect(garmentName(garment('hoops', [], {}, { metal: 'gold' }))).toBe('gold hoops');
		expect(
			garmentInWords(
				garment(
					'trousers',
					['black'],
					{ rise: 'high', legLength: 'floor', leg: 'wide' },
					{ print: 'pinstripe' }
				)
			)
		).toBe('black pinstripe trousers, high rise, floor length');
	});

	it('says how a hem falls by the hand', () => {
		const given = garment('dress', ['navy'], { hemLength: 'midi', neckline: 'v' });
		const { aspects } = closenessOf({ garment: asked, signature: [], open: [] }, given);
		const hem = aspects.find(({ aspect }) => aspect === 'hemLength');
		expect(hem && aspectInWords(asked, given, hem)).toBe('hem two hands longer');
	});

	it('gives the strongest reasons for and against, and says what is not noted', () => {
		const given = garment('dress', ['cobalt'], { hemLength: 'knee', neckline: 'crew' });
		const closeness = closenessOf({ garment: asked, signature: [], open: [] }, given);
		const { forIt, against } = reasonsOf(asked, given, closeness);
		expect(forIt[0]?.words).toBe('the same kind of piece');
		expect(against.map(({ words }) => words)).toContain('crew neck, not v');
		expect([...forIt, ...against].map(({ words }) => words)).toContain('sleeve length not noted');
	});

	it('says why points are lost', () => {
		const reference = [element(1, asked, { moves: ['belted'] })];
		const { losses } = scoreLook({ elements: reference }, [
			{ elementId: reference[0]?.id ?? '', state: 'items', garments: [asked], movesDone: [] }
		]);
		expect(losses.map((loss) => reference[0] && lossInWords(loss, reference[0]))).toEqual([
			'not worn as in the reference: belted'
		]);
	});
});
