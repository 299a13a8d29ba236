import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makePiece, makeReference, uuid } from '../../../../tests/records';
import { mayWear } from '../checks/bars';
import { clashesFor } from '../checks/beside';
import { elementScorer } from '../closeness/look';
import { canAnswer, garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Match } from '../model/worn';
import type { Element } from '../model/reference';
import { reachOf } from '../outfits/reach';
import { matchWardrobe } from './assign';
import { togglePin } from './choosing';
import { optionsOfPiece, type OwnedOption } from './items';
import { chosenApart } from './kept-apart';
import { wornPieces } from './score-echo';
import { wornOption } from './worn-option';

const coloured = (type: Garment['type'], colour: string) => garment(type, [colour]);
const look = {
	elements: [
		element(1, coloured('jacket', 'navy')),
		element(2, coloured('trousers', 'black')),
		element(3, coloured('ankle-boots', 'black')),
		element(4, coloured('belt', 'brown'))
	]
};
const limits = [
	'no brown with black',
	'never navy with black',
	'no double denim',
	'no more than two colours',
	'no boots with trousers'
];
let next = 0;
const newId = () => uuid(7000 + next++);
const neverTogether = (...never: string[]) => clashesFor(makeClient({ limits: { never } }));

/** What a rail is worth at best without a clash, by trying everything. */
function bestOf(options: readonly OwnedOption[], never: string): number {
	const scorer = elementScorer(look);
	const clashes = neverTogether(never);
	const earned = ({ id, moves }: Element, { garment: worn }: OwnedOption) =>
		scorer(id, { elementId: id, state: 'items', garments: [worn], movesDone: moves }).score.earned;
	const from = (at: number, worn: [Element, OwnedOption][]): number => {
		const asked = look.elements[at];
		if (!asked) {
			const isClear = clashes?.(worn.map(([{ id }, option]) => wornOption(option, id))).length === 0;
			return isClear ? worn.reduce((sum, [of, option]) => sum + earned(of, option), 0) : -1;
		}
		const fit = options.filter(
			(option) =>
				canAnswer(asked.garment.type, option.garment.type) && worn.every(([, other]) => other !== option)
		);
		return Math.max(
			from(at + 1, worn),
			...fit.map((option) => from(at + 1, [...worn, [asked, option] as [Element, OwnedOption]]))
		);
	};
	return from(0, []);
}
const piecesOf = (garments: readonly Garment[]) => garments.map((one, i) => makePiece(i + 30, one));
const wornBy = (matches: readonly Match[], pieces: ReturnType<typeof piecesOf>) =>
	wornPieces({ matches, extras: [] }, pieces);
const earnedBy = (matches: readonly Match[], pieces: ReturnType<typeof piecesOf>) => {
	const scorer = elementScorer(look);
	return wornBy(matches, pieces).reduce((sum, { id, garment: worn }) => {
		const movesDone = look.elements.find((one) => one.id === id)?.moves ?? [];
		return sum + scorer(id, { elementId: id, state: 'items', garments: [worn], movesDone }).score.earned;
	}, 0);
};

describe('a rail matched for a client who never wears some things together', () => {
	const types = ['jacket', 'denim-jacket', 'trousers', 'jeans', 'ankle-boots', 'loafers', 'belt'] as const;
	const thing = fc
		.tuple(fc.constantFrom(...types), fc.constantFrom('black', 'brown', 'navy', 'cream'))
		.map(([type, colour]) => coloured(type, colour));
	it('wears nothing that clashes, and as much as any choice without a clash is worth', () => {
		fc.assert(
			fc.property(
				fc.array(thing, { minLength: 2, maxLength: 7 }),
				fc.constantFrom(...limits),
				(garments, never) => {
					const pieces = piecesOf(garments);
					const options = pieces.flatMap(optionsOfPiece);
					const clashes = neverTogether(never);
					const matches = matchWardrobe(look, [], options, { newId, clashes });
					expect(clashes?.(wornBy(matches, pieces))).toEqual([]);
					expect(earnedBy(matches, pieces)).toBeCloseTo(bestOf(options, never), 4);
				}
			),
			{ numRuns: 150 }
		);
	});
	it('is what it was for a client who said nothing of the kind', () => {
		const pieces = piecesOf(look.elements.map(({ garment: asked }) => asked));
		expect(neverTogether('no heels')).toBeUndefined();
		expect(matchWardrobe(look, [], pieces.flatMap(optionsOfPiece), { newId })).toHaveLength(4);
	});
	it('gives way to what is pinned, and is told where both are', () => {
		const pieces = piecesOf([coloured('trousers', 'black'), coloured('belt', 'brown')]);
		const options = pieces.flatMap(optionsOfPiece);
		const clashes = neverTogether('no brown with black');
		const [trousers] = look.elements.slice(1);
		const before = togglePin(matchWardrobe(look, [], options.slice(0, 1), { newId }), trousers!.id);
		const after = matchWardrobe(look, before, options, { newId, clashes, wornNow: wornBy(before, pieces) });
		expect(after).toEqual(before);
	});
	it('is found on a rail where most things clash', () => {
		const pieces = piecesOf([
			...Array.from({ length: 20 }, () => coloured('trousers', 'black')),
			...Array.from({ length: 20 }, () => coloured('belt', 'brown')),
			coloured('belt', 'cream')
		]);
		const clashes = neverTogether('no brown with black');
		const matches = matchWardrobe(look, [], pieces.flatMap(optionsOfPiece), { newId, clashes });
		expect(wornBy(matches, pieces).map(({ garment: { type, palette } }) => [type, palette.length])).toEqual([
			['trousers', 1],
			['belt', 1]
		]);
		expect(clashes?.(wornBy(matches, pieces))).toEqual([]);
	});
});

describe('what a rail reaches', () => {
	it('is reached with what the client may wear, what its note says of it too', () => {
		const bows = { ...makePiece(31, coloured('jacket', 'navy')), note: 'bows at the cuffs' };
		const heels = makePiece(32, garment('stilettos', ['black']));
		const pieces = [bows, heels, makePiece(33, coloured('belt', 'brown'))];
		const reference = makeReference(look.elements);
		const wornFor = (never: string[]) => {
			const client = makeClient({ limits: { never } });
			const [reach] = reachOf([reference], pieces, pieces.flatMap(optionsOfPiece), { client, newId });
			return wornBy(reach?.matches ?? [], pieces).map(({ garment: { type } }) => garmentType(type).slot);
		};
		expect(wornFor([])).toEqual(expect.arrayContaining(['layer', 'waist']));
		expect(wornFor(['no bows'])).not.toContain('layer');
		expect(mayWear(makeClient({ limits: { never: ['no bows'] } }), { garment: bows.parts[0]!.garment })).toBe(
			true
		);
		expect(wornFor(['no heels'])).not.toContain('feet');
	});
});

describe('a choice in which things are kept apart', () => {
	it('leaves off what clashes where no other choice is in sight', () => {
		const kept = chosenApart(
			() => ({ points: 1, worn: ['a', 'b', 'c'] }),
			({ worn }) => (worn.length > 1 ? worn.map((place) => ({ place, beside: [] })) : undefined),
			({ points, worn }, off) => ({ points, worn: worn.filter((one) => one !== off) })
		);
		expect(kept.worn).toEqual(['a']);
	});
});
