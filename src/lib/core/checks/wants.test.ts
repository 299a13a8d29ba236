import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { forClient, labelledOutfits, piecesOf } from '../../../../tests/outfits';
import { slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { checkLook } from './check-look';
import { mendsOf, withChange } from './mends';
import type { CheckContext, CheckedPiece, Finding } from './model';
import { wantsOf } from './wants';

const slotOf = (type: Parameters<typeof garmentType>[0]) => garmentType(type).slot;
const wantedFor = (limit: string, text: string) => {
	const [worn, context] = [piecesOf(text), forClient({ limits: { never: [limit] } })];
	const [finding] = checkLook(worn, context);
	return wantsOf(finding!, worn, context).map(({ type }) => type);
};

describe('what is wanted of the shops', () => {
	it('is what the client is never without', () =>
		expect(wantedFor('never without a watch', 'navy sheath dress, navy court shoes')[0]).toMatch(/watch/));
	it('is what covers', () =>
		expect(wantedFor('no bare legs', 'navy knee-length dress, navy court shoes').map(slotOf)).toEqual([
			'hosiery'
		]));
	it('is nothing where nothing put on besides helps', () =>
		expect(wantedFor('no red', 'red knee-length dress, black court shoes')).toEqual([]));
	it('is of the world of the look first, and of another not at all', () => {
		const wanted = (text: string) => {
			const worn = piecesOf(text);
			const [finding] = checkLook(worn, {}).filter(({ rule }) => rule === 'not-dressed');
			return wantsOf(finding!, worn).map(({ type }) => garmentType(type).division);
		};
		expect(wanted('ivory choli, gold juttis')[0]).toBe('south-asian');
		expect(wanted('white shirt, black loafers')).not.toContain('south-asian');
	});
});

/** Every finding that asks for something, in every labelled outfit. */
const asked: { finding: Finding; worn: CheckedPiece[]; context: CheckContext }[] = labelledOutfits().flatMap(
	({ worn, context }) =>
		checkLook(worn, context)
			.filter(({ severity }) => severity !== 'praise')
			.map((finding) => ({ finding, worn, context }))
);

describe('laws of what is wanted, over all labelled outfits', () => {
	it('put on, it mends the finding, takes no place that is taken and is of a kind that shops have', () => {
		let wanted = 0;
		for (const { finding, worn, context } of asked)
			for (const want of wantsOf(finding, worn, context)) {
				wanted++;
				const to = { key: 'wanted', title: 'wanted', garment: want };
				expect(
					mendsOf(finding, worn, { context, additions: () => [to] }).map(({ words }) => words)
				).toContain('add wanted');
				expect(worn.some((one) => slotsMeet(slotOf(one.garment.type), slotOf(want.type)))).toBe(false);
				expect(garmentType(want.type).division).not.toBe('beauty');
			}
		expect(wanted).toBeGreaterThan(100);
	});
});

describe('what would be bought', () => {
	const worn = [
		{
			id: element(1, garment('dress', [])).id,
			title: 'dress',
			garment: garment('sheath-dress', ['navy']),
			moves: []
		},
		{
			id: element(2, garment('dress', [])).id,
			title: 'shoes',
			garment: garment('court-shoes', ['navy']),
			moves: []
		}
	];
	const context = forClient({ limits: { never: ['never without a belt'] } });
	const belt = (key: string, rest: object = {}) => ({
		key,
		title: key,
		garment: garment('belt', ['navy']),
		...rest
	});
	const cost = { amountMinor: 1250, currency: 'GBP' };
	const [finding] = checkLook(worn, context).filter(({ rule }) => rule === 'limits-of-looks');
	const mends = (spares: ReturnType<typeof belt>[], on: CheckContext = context) =>
		mendsOf(finding!, worn, { context: on, additions: () => spares }).map(({ words }) => words);

	it('stands after what is owned, with what it costs', () =>
		expect(mends([belt('new', { cost }), belt('own')])).toEqual(['add own', 'add new, £12.50']));
	it('leaves room for what is owned, and the other way round', () => {
		const many = (of: string, rest: object = {}) => [1, 2, 3, 4].map((n) => belt(`${of} ${n}`, rest));
		expect(mends([...many('own'), ...many('new', { cost })])).toEqual([
			'add own 1',
			'add own 2',
			'add new 1, £12.50',
			'add new 2, £12.50'
		]);
	});
	it('is worn as bought: who takes leather worn before only is offered none that is new', () => {
		const leather = garment('belt', ['navy'], { material: 'leather' });
		const careful = forClient({
			limits: { never: ['never without a belt'] },
			ethics: { fur: true, leather: 'pre-owned' }
		});
		const bought = (condition: 'new' | 'good') =>
			belt(condition, { garment: leather, cost, bought: { tier: 'save', condition } });
		expect(mends([bought('new'), bought('good')], careful)).toEqual(['add good, £12.50']);
		const change = { kind: 'add' as const, id: 'x', to: bought('good') };
		expect(withChange(worn, change).at(-1)?.bought).toEqual({ tier: 'save', condition: 'good' });
	});
});
