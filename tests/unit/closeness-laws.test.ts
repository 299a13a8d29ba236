import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	closenessOf,
	facetIds,
	facetOf,
	garmentType,
	lossInWords,
	readLook,
	scoreLook,
	type Element,
	type FacetId,
	type Garment
} from '../../src/lib/core';
import { likeness } from '../../src/lib/core/lexicon/likeness';
import { materials } from '../../src/lib/core/lexicon/materials';
import { kindSimilarity } from '../../src/lib/core/closeness/kind';
import { materialSimilarity } from '../../src/lib/core/closeness/similarity';
import { canAnswer, garmentTypes } from '../../src/lib/core/lexicon/taxonomy';
import { saidLook, saidThing } from '../looks';

/** Laws of closeness, over looks made from the lexicon's own grammar. */
const runs = { numRuns: 300 };
const asks = (garment: Garment) => ({ garment, signature: [], open: [] });
const worn = (
	elements: readonly Element[],
	change: (garment: Garment, at: number) => Garment = (one) => one
) =>
	elements.map(({ id, garment, moves }, i) => ({
		elementId: id,
		state: 'items' as const,
		garments: [change(garment, i)],
		movesDone: moves
	}));
const elementsOf = (things: readonly { words: string }[]) =>
	readLook(things.map(({ words }) => words).join(', ')).elements;
const without = (garment: Garment, facet: FacetId): Garment => ({
	...garment,
	facets: Object.fromEntries(Object.entries(garment.facets).filter(([id]) => id !== facet))
});

describe('closeness', () => {
	it('never gains by silence: a copy that says less is no nearer', () => {
		fc.assert(
			fc.property(saidThing, saidThing, (asked, given) => {
				fc.pre(canAnswer(asked.type, given.type));
				const element = asks(asked.garment);
				for (const facet of Object.keys(asked.garment.facets) as FacetId[]) {
					const stated = asked.garment.facets[facet];
					if (!stated || !garmentType(given.type).facets.includes(facet)) continue;
					const right: Garment = { ...given.garment, facets: { ...given.garment.facets, [facet]: stated } };
					expect(
						closenessOf(element, without(right, facet)).closeness,
						`${given.words} for ${asked.words}, silent on ${facet}`
					).toBeLessThanOrEqual(closenessOf(element, right).closeness + 1e-9);
				}
			}),
			runs
		);
	});
	it('gives an unstated feature no more than a poor stated one of its kind', () => {
		for (const id of facetIds)
			expect(facetOf(id).prior, id).toBeLessThanOrEqual(id === 'opacity' || id === 'distress' ? 0.6 : 0.25);
	});
	it('is less than whole for a copy that shouts what was not asked for', () => {
		fc.assert(
			fc.property(saidThing, (thing) => {
				const { print } = thing.garment;
				fc.pre(!print && !['beauty', 'jewellery'].includes(garmentType(thing.type).division));
				const printed: Garment = {
					...thing.garment,
					print: { family: { value: 'leopard', provenance: 'seen' } }
				};
				const { closeness, unasked } = closenessOf(asks(thing.garment), printed);
				expect(closeness).toBeLessThan(0.97);
				expect(unasked.map(({ aspect }) => aspect)).toContain('print');
				const open = closenessOf({ ...asks(thing.garment), open: ['print'] }, printed);
				expect(open.unasked).toEqual([]);
			}),
			runs
		);
	});
});

describe('a look', () => {
	it('never scores less with a nearer piece, whatever else the piece changes', () => {
		fc.assert(
			fc.property(saidLook(2, 5), fc.nat(), saidThing, saidThing, (things, at, one, other) => {
				const elements = elementsOf(things);
				const place = at % elements.length;
				const element = elements[place]!;
				const [near, far] = [one.garment, other.garment]
					.map((garment) => ({ garment, ...closenessOf(element, garment) }))
					.sort((a, b) => b.closeness - a.closeness);
				const scoreWith = (garment: Garment) =>
					scoreLook(
						{ elements },
						worn(elements, (own, i) => (i === place ? garment : own))
					).score;
				expect(scoreWith(near!.garment)).toBeGreaterThanOrEqual(scoreWith(far!.garment) - 1e-9);
			}),
			runs
		);
	});
	it('made of louder versions of its own things does not reach 100', () => {
		fc.assert(
			fc.property(saidLook(2, 5), (things) => {
				const elements = elementsOf(things);
				fc.pre(
					elements.some(
						({ garment }) =>
							!garment.print && !['beauty', 'jewellery'].includes(garmentType(garment.type).division)
					)
				);
				const loud = worn(elements, (garment) =>
					garment.print ? garment : { ...garment, print: { family: { value: 'slogan', provenance: 'seen' } } }
				);
				const { score, losses } = scoreLook({ elements }, loud);
				expect(score).toBeLessThan(99.5);
				expect(losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(100 - score, 6);
			}),
			runs
		);
	});
	it('has no cliff: a little nearer is worth a little more', () => {
		fc.assert(
			fc.property(saidLook(2, 4), saidThing, (things, thing) => {
				const elements = elementsOf(things);
				const [element] = elements;
				const { closeness } = closenessOf(element!, thing.garment);
				const scored = scoreLook(
					{ elements },
					worn(elements, (own, i) => (i === 0 ? thing.garment : own))
				);
				const own = scored.elements[0]!;
				// What is earned lies under the line of closeness, and on it from the ceiling on.
				expect(own.earned).toBeLessThanOrEqual(own.points * Math.max(closeness, 0.12) + 1e-9);
				if (closeness >= 0.45 && element!.moves.length === 0)
					expect(own.earned).toBeCloseTo(own.points * closeness, 9);
			}),
			runs
		);
	});
});

describe('materials', () => {
	const all = materials.map(({ id }) => id);
	it('are compared by what they do: alike both ways, wholly only with themselves', () => {
		for (const a of all)
			for (const b of all) {
				const likeness = materialSimilarity(a, b);
				expect(likeness, `${a}, ${b}`).toBeCloseTo(materialSimilarity(b, a), 12);
				expect(likeness).toBeGreaterThanOrEqual(0);
				if (a === b) expect(likeness).toBe(1);
				else expect(likeness).toBeLessThan(0.95);
			}
	});
	it.each([
		['tweed', 'boucle-wool', 'denim'],
		['jersey', 'merino', 'tweed'],
		['satin', 'silk', 'wool'],
		['raffia', 'straw', 'leather'],
		['chiffon', 'georgette', 'denim'],
		['velvet', 'velour', 'linen'],
		['leather', 'imitation-leather', 'knit'],
		['leather', 'suede', 'silk']
	])('%s meets %s before %s', (one, near, far) => {
		expect(materialSimilarity(one, near)).toBeGreaterThan(0.5);
		expect(materialSimilarity(one, far)).toBeLessThan(0.5);
	});
	it('meet textures of the same look', () => {
		const [asked] = readLook('sequinned skirt').elements;
		const close = (text: string) =>
			closenessOf(asks(asked!.garment), readLook(text).elements[0]!.garment).closeness;
		expect(close('skirt in sequin')).toBeGreaterThan(0.95);
		expect(close('skirt in cotton')).toBeLessThan(close('skirt in sequin'));
	});
});

describe('kinds', () => {
	it('of different families meet where they are cut, made and used alike', () => {
		expect(kindSimilarity('bandeau', 'corset-top')).toBeGreaterThan(0.6);
		expect(kindSimilarity('leggings', 'skinny-jeans')).toBeGreaterThan(
			kindSimilarity('leggings', 'wide-leg-jeans')
		);
		expect(kindSimilarity('jumper', 'sweatshirt')).toBeGreaterThan(kindSimilarity('jumper', 'camisole'));
		expect(kindSimilarity('bralette', 'crop-top')).toBeGreaterThan(0.7);
	});
	it('are wholly alike only with themselves', () => {
		for (const { id } of garmentTypes) expect(kindSimilarity(id, id)).toBe(1);
		fc.assert(
			fc.property(fc.constantFrom(...garmentTypes), fc.constantFrom(...garmentTypes), (a, b) => {
				fc.pre(a !== b);
				expect(kindSimilarity(a.id, b.id)).toBeLessThan(1);
			}),
			runs
		);
	});
});

describe('how many are worn', () => {
	const several = fc.constantFrom(
		'gold chain necklace',
		'silver bangle',
		'pearl bracelet',
		'signet ring',
		'tan belt'
	);
	const asked = fc.tuple(several, fc.integer({ min: 2, max: 5 }), saidLook(1, 3));
	/** A look with one element of which several are worn, and that many of the same answering it. */
	const lookWith = (things: readonly { words: string }[], thing: string, count: number) => {
		const elements = elementsOf([{ words: thing }, ...things]);
		const [first, ...rest] = elements;
		return [{ ...(first as Element), count }, ...rest];
	};
	const answered = (elements: readonly Element[], number: number) =>
		worn(elements).map((one, i) =>
			i === 0 ? { ...one, garments: Array.from({ length: number }, () => one.garments[0] as Garment) } : one
		);

	it('counts up to what is asked, each as much as the last, and never more', () => {
		fc.assert(
			fc.property(asked, ([thing, count, things]) => {
				const elements = lookWith(things, thing, count);
				const scores = [1, 2, 3, 4, 5].map((n) => scoreLook({ elements }, answered(elements, n)).score);
				scores.slice(1).forEach((score, i) => {
					if (i + 1 < count) expect(score).toBeGreaterThan(scores[i] ?? 0);
					else expect(score).toBeCloseTo(scores[count - 1] ?? 0, 9);
				});
				const steps = scores.slice(1, count).map((score, i) => score - (scores[i] ?? 0));
				for (const step of steps) expect(step).toBeCloseTo(steps[0] ?? 0, 6);
			}),
			{ numRuns: 100 }
		);
	});
	it('costs no more than the way of wearing may cost, and is named', () => {
		fc.assert(
			fc.property(asked, ([thing, count, things]) => {
				const elements = lookWith(things, thing, count);
				const scored = scoreLook({ elements }, answered(elements, 1));
				const all = scoreLook({ elements }, answered(elements, count));
				expect(all.score - scored.score).toBeLessThanOrEqual(
					(all.elements[0]?.points ?? 0) * likeness.movesShare + 1e-9
				);
				const loss = scored.losses.find(({ kind }) => kind === 'count');
				expect(loss && lossInWords(loss, elements[0] as Element)).toContain(String(count));
				expect(all.losses.some(({ kind }) => kind === 'count')).toBe(false);
				const lost = scored.losses.reduce((sum, { points }) => sum + points, 0);
				expect(scored.score + lost).toBeCloseTo(100, 6);
			}),
			{ numRuns: 100 }
		);
	});
	it('of one alone changes nothing', () => {
		fc.assert(
			fc.property(saidLook(1, 4), (things) => {
				const elements = elementsOf(things);
				const twice = worn(elements).map((one) => ({ ...one, garments: [...one.garments, ...one.garments] }));
				expect(scoreLook({ elements }, twice).score).toBeCloseTo(
					scoreLook({ elements }, worn(elements)).score,
					9
				);
			}),
			{ numRuns: 100 }
		);
	});
});
