import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { makePiece } from '../../../../tests/records';
import { closenessOf } from '../closeness/piece';
import { orderIds, useIds } from './filter';
import {
	doublesOf,
	filterRail,
	neverUsed,
	railTells,
	sortRail,
	traitIds,
	traitOf,
	type TraitId,
	valuesOf,
	type RailUse
} from '.';

const shirt = makePiece(1, garment('shirt', ['white'], { material: 'cotton' }), { name: 'White shirt' });
const knit = makePiece(2, garment('jumper', ['navy'], { material: 'lambswool' }), {
	name: 'Navy jumper',
	sizeLabel: 'M',
	acquired: { how: 'vintage', price: { amountMinor: 3000, currency: 'GBP' } }
});
const gown = makePiece(3, garment('evening-gown', ['emerald']), { name: 'Gown', state: 'needs-care' });
const kilt = makePiece(4, garment('kilt', ['burgundy', 'navy'], {}, { print: 'tartan' }), { name: 'Kilt' });
const rail = [shirt, knit, gown, kilt];
const names = (pieces: readonly { name: string }[]) => pieces.map(({ name }) => name);
const railArbitrary = fc
	.array(garmentArbitrary(), { maxLength: 8 })
	.map((garments) => garments.map((one, i) => makePiece(i + 1, one)));

describe('the traits of a piece', () => {
	it('are what it is looked for by', () => {
		const values = (id: TraitId) => [...traitOf(knit, id)];
		expect(values('slot')).toEqual(['top']);
		expect(values('colour')).toEqual(['navy']);
		expect(values('material')).toEqual(['lambswool']);
		expect(values('season')).toEqual(['cold months']);
		expect(values('size')).toEqual(['M']);
		expect(values('came')).toEqual(['vintage']);
		expect([...traitOf(gown, 'dressiness')]).toEqual(['formal']);
		expect([...traitOf(kilt, 'print')]).toEqual(['tartan']);
		expect([...traitOf(shirt, 'print')]).toEqual(['plain']);
	});
	it('say what a piece of jewellery is not: warm, or of a season', () => {
		const ring = makePiece(9, garment('ring', [], {}, { metal: 'gold' }));
		expect([traitOf(ring, 'warmth').size, traitOf(ring, 'season').size]).toEqual([0, 0]);
	});
	it('are offered with how many have them: each count is what the filter finds', () =>
		fc.assert(
			fc.property(railArbitrary, (pieces) => {
				for (const id of traitIds)
					for (const { value, count } of valuesOf(id, pieces)) {
						expect(count).toBeGreaterThan(0);
						expect(filterRail(pieces, { traits: { [id]: value } }, neverUsed)).toHaveLength(count);
					}
			}),
			{ numRuns: 40 }
		));
});

describe('a rail', () => {
	const used: RailUse = {
		worn: new Map([
			[shirt.id, { times: 6, last: '2026-10-01' }],
			[kilt.id, { times: 1, last: '2024-02-01' }]
		]),
		inEchoes: new Set([gown.id])
	};
	it('is looked through by how it was used', () => {
		const found = (use: (typeof useIds)[number]) =>
			names(filterRail(rail, { use, longBefore: '2025-11-26' }, used));
		expect(found('never-worn')).toEqual(['Navy jumper', 'Gown']);
		expect(found('long-unworn')).toEqual(['Kilt']);
		expect(found('in-no-echo')).toEqual(['White shirt', 'Navy jumper', 'Kilt']);
	});
	it('answers everything that is asked at once', () => {
		expect(names(filterRail(rail, { traits: { colour: 'navy' } }, used))).toEqual(['Navy jumper', 'Kilt']);
		expect(names(filterRail(rail, { traits: { colour: 'navy', print: 'tartan', size: '' } }, used))).toEqual([
			'Kilt'
		]);
		expect(filterRail(rail, { traits: { colour: 'navy' }, ids: new Set([gown.id]) }, used)).toEqual([]);
	});
	it('is put in order, what has no key last whichever way', () => {
		expect(names(sortRail(rail, { by: 'price' }, used))[0]).toBe('Navy jumper');
		expect(names(sortRail(rail, { by: 'price', falling: true }, used))[0]).toBe('Navy jumper');
		expect(names(sortRail(rail, { by: 'worn', falling: true }, used)).slice(0, 2)).toEqual([
			'White shirt',
			'Kilt'
		]);
		expect(names(sortRail(rail, { by: 'name' }, used))).toEqual([
			'Gown',
			'Kilt',
			'Navy jumper',
			'White shirt'
		]);
	});
	it('holds the same pieces in every order, and one order whatever it was before', () =>
		fc.assert(
			fc.property(railArbitrary, fc.constantFrom(...orderIds), fc.boolean(), (pieces, by, falling) => {
				const sorted = sortRail(pieces, { by, falling }, neverUsed);
				expect(new Set(sorted)).toEqual(new Set(pieces));
				expect(names(sortRail([...pieces].reverse(), { by, falling }, neverUsed))).toEqual(names(sorted));
			})
		));
});

describe('what a rail tells', () => {
	const black = (n: number, name: string, facets = {}) =>
		makePiece(n, garment('jumper', ['black'], { material: 'merino', ...facets }), { name });
	it('is which pieces do the same: near, of a kind, whichever is asked for', () => {
		const knits = [black(1, 'Black knit'), black(2, 'Another black knit'), black(3, 'A third')];
		const [group, ...others] = doublesOf([...knits, shirt, gown]);
		expect(names(group ?? [])).toEqual(['Black knit', 'Another black knit', 'A third']);
		expect(others).toEqual([]);
		expect(
			doublesOf([black(1, 'Black'), makePiece(2, garment('jumper', ['ivory'], { material: 'merino' }))])
		).toEqual([]);
	});
	it('is never that two pieces do the same which are further apart than one bound, both ways', () =>
		fc.assert(
			fc.property(railArbitrary, (pieces) => {
				const doubled = [
					...pieces,
					...pieces.map((piece) => ({ ...piece, id: `${piece.id.slice(0, -4)}ffff` }))
				];
				const groups = doublesOf(doubled);
				const asked = (piece: (typeof pieces)[number]) => ({
					garment: piece.parts[0]!.garment,
					open: [],
					signature: []
				});
				for (const group of groups)
					for (const one of group)
						for (const other of group)
							expect(closenessOf(asked(one), other.parts[0]!.garment).closeness).toBeGreaterThanOrEqual(0.88);
				const all = groups.flat();
				expect(new Set(all).size).toBe(all.length);
			}),
			{ numRuns: 30 }
		));
	it('is at which level a base or shoes are missing', () => {
		const { gaps } = railTells([shirt], { used: neverUsed, longBefore: '2025-01-01' });
		expect(gaps.find(({ ids }) => ids.includes(shirt.id))?.words).toMatch(/no bottoms, no shoes/);
		const formal = gaps.find(({ words }) => words.startsWith('formal'));
		expect(formal).toMatchObject({ ids: [] });
	});
	it('leaves out what is away, and counts what was worn', () => {
		const used: RailUse = {
			worn: new Map([[shirt.id, { times: 3, last: '2026-01-01' }]]),
			inEchoes: new Set()
		};
		const away = makePiece(8, garment('shirt', ['white']), { state: 'away' });
		const tells = railTells([shirt, knit, away], { used, longBefore: '2025-01-01' });
		expect(tells.workhorses).toEqual([{ id: shirt.id, times: 3 }]);
		expect(tells.neverWorn).toEqual([knit.id]);
		expect(tells.longUnworn).toEqual([]);
		expect(tells.colours.map(({ value }) => value).sort()).toEqual(['navy', 'white']);
	});
});
