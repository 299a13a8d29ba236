import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment, garmentArbitrary } from '../../../../tests/arbitraries';
import {
	makeClient,
	makeEcho,
	makeListing,
	makePiece,
	makeReference,
	makeShop,
	uuid
} from '../../../../tests/records';
import { elementScorer } from '../closeness/look';
import { setParts } from '../lexicon/set-parts';
import { canAnswer, isGarmentType } from '../lexicon/taxonomy';
import { garmentSchema, pieceSchema, shownParts, type Piece } from '../model';
import type { Element } from '../model/reference';
import { matchWardrobe } from './assign';
import { chooseItem } from './choosing';
import type { Item, Match } from '../model/worn';
import type { OrderLine } from '../model/order';
import { boughtIn } from '../money/spend';
import { pieceOf, wearsAsPiece } from '../orders/lines';
import { candidatesFor } from './candidates';
import { optionsOfPiece, sameOwned, sameThing, wornIn, type OwnedOption } from './items';
import { isSet, partsOfSet, soldWays, takenApart } from './sets';

let id = 7000;
const newId = () => uuid(id++);
const suit = (n: number, colour = 'charcoal') =>
	takenApart(
		makePiece(n, garment('suit', [colour], { material: 'flannel', lapel: 'peak', leg: 'wide' })),
		newId
	);

describe('a set', () => {
	it('comes apart into types that are known, for every set there is', () => {
		for (const [type, parts] of Object.entries(setParts)) {
			expect(isGarmentType(type), type).toBe(true);
			for (const part of parts) expect(isGarmentType(part.type), part.type).toBe(true);
		}
	});
	it('hands to each part its colours and cloth, and the features that the part can have', () => {
		const [jacket, trousers] = partsOfSet(suit(1).parts[0]!.garment);
		expect(jacket).toMatchObject({
			name: 'jacket',
			garment: { type: 'suit-jacket', facets: { lapel: { value: 'peak' }, material: { value: 'flannel' } } }
		});
		expect(trousers?.garment.facets).toMatchObject({
			leg: { value: 'wide' },
			material: { value: 'flannel' }
		});
		expect(trousers?.garment.facets).not.toHaveProperty('lapel');
		const three = partsOfSet(garment('three-piece-suit', ['brown'], { sleeveLength: 'long' }));
		expect(three.map(({ name, garment: { facets } }) => [name, facets.sleeveLength?.value])).toEqual([
			['jacket', 'long'],
			['waistcoat', undefined],
			['trousers', undefined]
		]);
		expect(trousers?.garment.palette).toEqual(jacket?.garment.palette);
	});
	it('is shown once, keeps its id as the whole, and is a valid piece', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...Object.keys(setParts).filter(isGarmentType)).chain(garmentArbitrary),
				(whole) => {
					const before = makePiece(1, whole);
					const piece = takenApart(before, newId);
					expect(pieceSchema.safeParse(piece).error).toBeUndefined();
					expect(shownParts(piece).map((part) => part.id)).toEqual([before.parts[0]!.id]);
					for (const part of piece.parts) expect(garmentSchema.safeParse(part.garment).success).toBe(true);
				}
			),
			{ numRuns: 60 }
		);
	});
	it('is left alone where it is none, or was taken apart before', () => {
		const shirt = makePiece(2, garment('shirt'));
		expect(takenApart(shirt, newId)).toBe(shirt);
		const apart = suit(3);
		expect(takenApart(apart, newId)).toBe(apart);
		expect(isSet(garment('shirt'))).toBe(false);
	});
	it('is no piece where its whole is of parts that are not there', () => {
		const broken = suit(4);
		const parts = broken.parts.map((part) => (part.of ? { ...part, of: [uuid(1), uuid(2)] } : part));
		expect(pieceSchema.safeParse({ ...broken, parts }).success).toBe(false);
	});
});

describe('a suit on the rail', () => {
	const piece = suit(1);
	const [whole, jacket, trousers] = optionsOfPiece(piece) as [OwnedOption, OwnedOption, OwnedOption];
	it('offers itself, and each of its parts', () => {
		expect([whole, jacket, trousers].map(({ garment: { type } }) => type)).toEqual([
			'suit',
			'suit-jacket',
			'tailored-trousers'
		]);
		expect(jacket.title).toBe('Piece 1, jacket');
	});
	it('is not worn whole and in parts at once; its parts are worn together', () => {
		expect(sameOwned(whole.item, trousers.item)).toBe(true);
		expect(sameOwned(jacket.item, trousers.item)).toBe(false);
		const reference = makeReference([element(1, garment('suit')), element(2, garment('trousers'))]);
		const [asSuit, asTrousers] = reference.elements as [Element, Element];
		const chosen = chooseItem([], reference.elements, { element: asSuit, ...whole }, newId());
		const then = chooseItem(chosen, reference.elements, { element: asTrousers, ...trousers }, newId());
		expect(then.flatMap(({ items }) => items)).toEqual([trousers.item]);
	});
	it('answers a suit whole, and a jacket and trousers in its parts', () => {
		const asked = makeReference([element(1, garment('suit', ['charcoal']))]);
		const separates = makeReference([
			element(1, garment('suit-jacket', ['charcoal'])),
			element(2, garment('tailored-trousers', ['charcoal']))
		]);
		const rail = [whole, jacket, trousers];
		const used = (reference: typeof asked) =>
			matchWardrobe(reference, [], rail, { newId }).flatMap(({ items }) => items);
		expect(used(asked)).toEqual([whole.item]);
		expect(used(separates)).toEqual([jacket.item, trousers.item]);
	});

	/** The most that any choice of options earns, each thing worn once: every choice tried. */
	function mostByHand(elements: readonly Element[], rail: readonly OwnedOption[]): number {
		const scorer = elementScorer({ elements: [...elements] });
		const go = (at: number, worn: readonly OwnedOption[]): number => {
			const one = elements[at];
			if (!one) return 0;
			return rail.reduce(
				(best, option) => {
					if (
						!canAnswer(one.garment.type, option.garment.type) ||
						worn.some((other) => sameOwned(other.item, option.item))
					)
						return best;
					const { earned } = scorer(one.id, {
						elementId: one.id,
						state: 'items',
						garments: [option.garment],
						movesDone: one.moves
					}).score;
					return Math.max(best, earned + go(at + 1, [...worn, option]));
				},
				go(at + 1, worn)
			);
		};
		return go(0, []);
	}
	it('is used as well as every choice tried by hand, beside other suits and separates', () => {
		// Kinds that a suit covers no two of: a one-piece may then answer several, which this check does not try.
		const kinds = [['suit'], ['suit', 'waistcoat'], ['tailored-trousers', 'bow-tie'], ['suit-jacket']];
		const colours = ['charcoal', 'navy', 'wine', 'camel'];
		fc.assert(
			fc.property(
				fc.constantFrom(...kinds),
				fc.array(fc.constantFrom(...colours), { minLength: 4, maxLength: 4 }),
				fc.array(fc.constantFrom('suit-jacket', 'tailored-trousers', 'waistcoat'), { maxLength: 2 }),
				(types, [first = '', second = '', third = '', fourth = ''], more) => {
					const elements = types.map((type, i) => element(i + 1, garment(type, [i === 0 ? first : second])));
					const pieces: Piece[] = [
						suit(1, third),
						suit(2, fourth),
						...more.map((type, i) => makePiece(10 + i, garment(type, [i === 0 ? second : first])))
					];
					const rail = pieces.flatMap(optionsOfPiece);
					const scorer = elementScorer({ elements });
					const matches = matchWardrobe({ elements }, [], rail, { newId });
					const worn = wornIn({ matches }, pieces);
					const points = worn.reduce((sum, one) => sum + scorer(one.elementId, one).score.earned, 0);
					expect(points).toBeGreaterThanOrEqual(mostByHand(elements, rail) - 1e-6);
					const items = matches.flatMap((match) => match.items);
					for (const [i, one] of items.entries())
						for (const other of items.slice(i + 1))
							if (one.source === 'piece' && other.source === 'piece')
								expect(sameOwned(one, other)).toBe(false);
				}
			),
			{ numRuns: 60 }
		);
	});
});

describe('a set for sale', () => {
	const shop = makeShop(1);
	const set = garment('suit', ['charcoal'], { material: 'flannel', lapel: 'peak' });
	const listing = makeListing(1, set, 9000);
	const asked = [
		element(1, garment('suit-jacket', ['charcoal'])),
		element(2, garment('tailored-trousers', ['charcoal']))
	];
	const reference = makeReference(asked);
	const found = candidatesFor({
		reference,
		client: makeClient(),
		pieces: [],
		market: {
			simulated: true,
			shops: [shop],
			matches: asked.map(({ id: elementId }) => ({ elementId, listings: [{ listing, closeness: 0.9 }] }))
		},
		scoring: {},
		seenOn: '2026-03-01'
	});
	const partFor = (at: number) =>
		found.for(asked[at]!).listed.find(({ item }) => item.source === 'listing' && item.part)!;
	const both = asked.reduce<Match[]>(
		(matches, one, i) => chooseItem(matches, asked, { element: one, ...partFor(i) }, uuid(900 + i)),
		[]
	);

	it('offers to each element the part that is worn there, and is bought once for both', () => {
		expect([0, 1].map((at) => partFor(at).title)).toEqual([
			`${listing.title}, jacket`,
			`${listing.title}, trousers`
		]);
		expect(both.map(({ items }) => items.length)).toEqual([1, 1]);
		expect(boughtIn({ matches: both, extras: [] })).toHaveLength(1);
		expect(wornIn({ matches: both }, []).map(({ garments: [one] }) => one?.type)).toEqual([
			'suit-jacket',
			'tailored-trousers'
		]);
	});
	it('is one thing with its parts: whole and part are never worn at once, two parts are', () => {
		const [jacket, trousers] = [partFor(0).item, partFor(1).item];
		const { part: _part, ...whole } = jacket as Extract<Item, { source: 'listing' }>;
		expect([sameThing(jacket, trousers), sameThing(jacket, whole), sameThing(whole, trousers)]).toEqual([
			false,
			true,
			true
		]);
	});
	it('that was ordered and kept hangs as a set with its parts, worn where they were', () => {
		const line = { clientId: uuid(1000), listing, sizeLabel: 'M' } as OrderLine;
		const piece = pieceOf({ shop, orderedOn: '2026-03-01' }, line, newId);
		expect(pieceSchema.safeParse(piece).success).toBe(true);
		const echo = wearsAsPiece(makeEcho(makeClient(), reference, { matches: both }), listing.id, piece);
		expect(wornIn(echo, [piece]).map(({ garments: [one] }) => one?.type)).toEqual([
			'suit-jacket',
			'tailored-trousers'
		]);
	});
	it('comes apart for every kind of set, and what is no set is sold as it is (generated)', () =>
		fc.assert(
			fc.property(garmentArbitrary(), (whole) => {
				const ways = soldWays(whole);
				expect(ways[0]).toEqual({ garment: whole });
				expect(ways).toHaveLength(1 + (setParts[whole.type]?.length ?? 0));
				for (const { part, garment: one } of ways.slice(1)) expect(one.type).toBe(part);
			}),
			{ numRuns: 200 }
		));
});
