import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makePiece, makeReference, uuid } from '../../../../tests/records';
import { echoSchema } from '../model/echo';
import { freshExtra } from '../model/worn';
import { addItem, chooseItem, leaveOut, noteMatch, removeItem } from './choosing';
import { mostTogether } from '../model/reference';
import { optionsOfPiece, type OwnedOption } from './items';
import { scoreEcho, wornPieces } from './score-echo';
import { extrasOf, sheetOf } from './sheet';
import { asVersion, garmentsBetween, sameAs, versionNow } from './versions';

const chains = ['gold', 'gold', 'silver', 'gold', 'silver', 'gold'].map((metal, i) =>
	makePiece(i + 1, garment('chain-necklace', [], {}, { metal }), { name: `Chain ${i + 1}` })
);
const scarf = makePiece(20, garment('scarf', ['wine']), { name: 'Wine scarf' });
const pieces = [...chains, scarf];
const optionOf = (piece: (typeof pieces)[number]) => optionsOfPiece(piece)[0] as OwnedOption;
const asked = element(1, garment('chain-necklace', [], {}, { metal: 'gold' }));
const shoes = element(2, garment('loafers', ['black']));
const client = makeClient();
const reference = makeReference([asked, shoes]);
const chosen = (n: number) => {
	const { item, garment: worn } = optionOf(chains[n]!);
	return { element: asked, item, garment: worn };
};
const stack = (...which: number[]) =>
	which.reduce<ReturnType<typeof chooseItem>>(
		(matches, n, i) => addItem(matches, reference.elements, chosen(n), uuid(300 + i)),
		[]
	);
const echoOf = (matches: ReturnType<typeof stack>) => makeEcho(client, reference, { matches });

describe('several things for one element', () => {
	it('are worn in their order, and every one is drawn, checked and handed over', () => {
		const echo = echoOf(stack(2, 0, 1));
		expect(echo.matches).toHaveLength(1);
		expect(wornPieces(echo, pieces).map(({ title }) => title)).toEqual(['Chain 3', 'Chain 1', 'Chain 2']);
		expect(sheetOf(echo, reference, pieces)[0]?.worn).toHaveLength(3);
		expect(echoSchema.safeParse(echo).error).toBeUndefined();
	});
	it('score as the best of them does, in whatever order', () =>
		fc.assert(
			fc.property(fc.shuffledSubarray([0, 1, 2, 3, 4, 5], { minLength: 1, maxLength: 5 }), (which) => {
				const together = scoreEcho(echoOf(stack(...which)), reference, pieces, client).score;
				const each = which.map((n) => scoreEcho(echoOf(stack(n)), reference, pieces, client).score);
				expect(together).toBeCloseTo(Math.max(...each), 9);
			})
		));
	it('are as many as may be and no more, each once', () => {
		expect(stack(0, 1, 2, 3, 4, 5)[0]?.items).toHaveLength(mostTogether);
		expect(stack(0, 0)[0]?.items).toHaveLength(1);
	});
	it('are taken off one by one; the last leaves a gap', () => {
		const two = stack(0, 2);
		const one = removeItem(two, asked.id, chosen(0).item);
		expect(one[0]?.items).toEqual([chosen(2).item]);
		expect(removeItem(one, asked.id, chosen(2).item)).toEqual([]);
		expect(two[0]?.items).toHaveLength(2);
	});
	it('are taken from where they were worn before', () => {
		const elsewhere = chooseItem([], reference.elements, { ...chosen(0), element: shoes }, uuid(310));
		const moved = addItem(
			chooseItem(elsewhere, reference.elements, chosen(1), uuid(311)),
			reference.elements,
			chosen(0),
			uuid(312)
		);
		expect(moved.flatMap(({ elementIds }) => elementIds)).toEqual([asked.id]);
	});
});

describe('why not', () => {
	it('is noted of what is left out, and handed over with what could be there', () => {
		const matches = noteMatch(leaveOut([], shoes.id, uuid(320)), shoes.id, {
			reason: 'never-buy',
			instead: 'the brogues'
		});
		const [, line] = sheetOf(echoOf(matches), reference, pieces);
		expect(line).toMatchObject({ state: 'left-out', why: { reason: 'never-buy', instead: 'the brogues' } });
	});
	it('is noted of a gap', () => {
		const gapNotes = [
			{ elementId: shoes.id, reason: 'to-hunt' as const, instead: '', note: 'try the market' }
		];
		const echo = makeEcho(client, reference, { gapNotes });
		expect(sheetOf(echo, reference, pieces)[1]).toMatchObject({ state: 'gap', why: { reason: 'to-hunt' } });
		expect(JSON.stringify(sheetOf(echo, reference, pieces))).not.toContain('"note"');
	});
});

describe('something more', () => {
	it('is worn as it is to be worn, and costs no closeness', () => {
		const plain = echoOf(stack(0));
		const more = {
			...plain,
			extras: [
				freshExtra({ id: uuid(330), item: optionOf(scarf).item, movesDone: ['tied-at-neck' as const] })
			]
		};
		expect(scoreEcho(more, reference, pieces, client)).toEqual(scoreEcho(plain, reference, pieces, client));
		expect(wornPieces(more, pieces).at(-1)).toMatchObject({ title: 'Wine scarf', moves: ['tied-at-neck'] });
		expect(extrasOf(more, pieces)).toMatchObject([{ title: 'Wine scarf', kind: 'extra' }]);
	});
});

describe('a version', () => {
	const given = { id: uuid(340), name: 'As fitted', kind: 'fitted' as const, on: '2026-01-02' };
	it('is what was worn, whatever is changed afterwards', () => {
		const echo = echoOf(stack(0, 1));
		const version = asVersion(echo, given);
		expect(sameAs(version, echo)).toBe(true);
		echo.matches[0]!.items.pop();
		expect(version.matches[0]?.items).toHaveLength(2);
		expect(sameAs(version, echo)).toBe(false);
		expect(echoSchema.safeParse({ ...echo, versions: [version] }).error).toBeUndefined();
	});
	it('is the one that is worn now, the latest of those alike', () => {
		const echo = echoOf(stack(0));
		const versions = [asVersion(echo, given), asVersion(echo, { ...given, id: uuid(341), name: 'Again' })];
		expect(versionNow({ ...echo, versions })?.name).toBe('Again');
		expect(versionNow({ ...echoOf(stack(1)), versions })).toBeUndefined();
	});
	it('says what goes on and what comes off, and the other way round the opposite', () => {
		const [from, to] = [echoOf(stack(0, 2)), echoOf(stack(0, 1))];
		expect(garmentsBetween(from, to, pieces)).toEqual({ on: ['Chain 2'], off: ['Chain 3'] });
		expect(garmentsBetween(to, from, pieces)).toEqual({ on: ['Chain 3'], off: ['Chain 2'] });
		expect(garmentsBetween(from, from, pieces)).toEqual({ on: [], off: [] });
	});
});
