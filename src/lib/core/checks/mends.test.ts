import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { forClient } from '../../../../tests/outfits';
import { scoringOf } from '../matching/score-echo';
import { checkLook } from './check-look';
import { isLetStand, keyOfFinding } from './let-stand';
import { mendsOf, withChange } from './mends';
import type { CheckedPiece, CheckContext } from './model';

const piece = (
	n: number,
	of: ReturnType<typeof garment>,
	rest: Partial<CheckedPiece> = {}
): CheckedPiece => ({
	id: element(n, of).id,
	title: `piece ${n}`,
	garment: of,
	moves: [],
	...rest
});
const trousers = garment('wide-leg-trousers', ['black'], { legLength: 'floor' });
const flats = garment('ballet-flats', ['black'], { heelHeight: 'flat' });
const heels = garment('court-shoes', ['black'], { heelHeight: 'mid' });
const body = (stature: number): CheckContext => forClient({ measurements: { stature } });
const hem = (worn: CheckedPiece[], context?: CheckContext) =>
	checkLook(worn, context, { only: ['hem-and-heel'] });

describe('a floor-length hem and its heel', () => {
	it('goes by the heel alone where no length is measured', () => {
		expect(hem([piece(1, trousers), piece(2, flats)])).toHaveLength(1);
		expect(hem([piece(1, trousers), piece(2, heels)])).toEqual([]);
	});
	it('goes by the measured length on this client over this heel', () => {
		// By hand: .61 · 160 = 97.6 cm to the floor; 102 cm trail 4.4 less the heel, 1 or 6.5 cm.
		const long = piece(1, trousers, { lengthCm: 102 });
		const [found] = hem([long, piece(2, flats)], body(160));
		expect(found?.measured).toContain('trails by 3 cm');
		expect(hem([long, piece(2, heels)], body(160))).toEqual([]);
		// The same trousers on a taller client hang free, in flat shoes too.
		expect(hem([long, piece(2, flats)], body(176))).toEqual([]);
	});
	it('says so of a gown whose length is measured, too', () => {
		const gown = piece(1, garment('evening-gown', ['red'], { hemLength: 'floor' }), { lengthCm: 140 });
		expect(hem([gown, piece(2, flats)], body(158))).toHaveLength(1);
		expect(hem([gown, piece(2, flats)], body(172))).toEqual([]);
	});
});

describe('something worn besides', () => {
	const dress = piece(
		1,
		garment('sheath-dress', ['navy'], { sleeveLength: 'sleeveless', hemLength: 'knee' })
	);
	const shoes = piece(2, garment('court-shoes', ['navy']));
	const spare = (title: string, of: ReturnType<typeof garment>) => ({
		key: `a key of ${title}`,
		title,
		garment: of
	});
	const rail = [
		spare('watch', garment('watch', [], {})),
		spare('blazer', garment('blazer', ['grey'], { sleeveLength: 'long' })),
		spare('belt', garment('belt', ['tan'])),
		spare('tights', garment('opaque-tights', ['navy'])),
		spare('dress', garment('wrap-dress', ['red']))
	];
	const mended = (limit: string, worn = [dress, shoes]) => {
		const context = forClient({ limits: { never: [limit] } });
		const [finding] = checkLook(worn, context);
		const mends = mendsOf(finding!, worn, { context, additions: () => rail });
		for (const { change } of mends) expect(change.id).not.toMatch(/\s/);
		for (const { change } of mends)
			expect(
				checkLook(withChange(worn, change), context).filter(({ rule }) => rule === finding!.rule)
			).toEqual([]);
		return mends.map(({ words }) => words);
	};
	it('is what the client is never without', () =>
		expect(mended('never without a watch')).toEqual(['add watch']));
	it('covers what must not be bare', () => {
		expect(mended('no bare legs')).toEqual(['add tights']);
		// A jacket that comes off leaves them as bare as they were.
		expect(mended('no bare arms')).toEqual([]);
	});
	it('takes no place that is taken', () => {
		const worn = [dress, shoes, piece(3, garment('sports-watch', ['black']))];
		expect(mended('never without a belt', worn)).toEqual(['add belt']);
	});
});

describe('what is let stand', () => {
	const worn = [piece(1, garment('sheath-dress', ['black'])), piece(2, garment('court-shoes', ['black']))];
	const found = (...never: string[]) => checkLook(worn, forClient({ limits: { never } }));
	const stands = (finding: ReturnType<typeof found>[number]) => ({
		rule: keyOfFinding(finding),
		pieces: finding.pieces
	});
	it('is that limit, and none that was said later of the same things', () => {
		const [first] = found('never without a watch');
		const now = found('never without a watch', 'never without a scarf').filter(
			(finding) => !isLetStand(finding, [stands(first!)])
		);
		expect(now.filter(({ rule }) => rule === 'limits-of-looks').map(({ of }) => of)).toEqual([
			'never without a scarf'
		]);
		const [black] = found('no black').filter(({ pieces }) => pieces.includes(worn[0]!.id));
		const later = found('no black', 'no dresses').filter(({ pieces }) => pieces.includes(worn[0]!.id));
		expect(later.some((finding) => !isLetStand(finding, [stands(black!)]))).toBe(true);
	});
	it('stands where it was let stand under its rule alone', () => {
		const [black] = found('no black');
		expect(isLetStand(black!, [{ rule: black!.rule, pieces: black!.pieces }])).toBe(true);
	});
});

describe('a mend', () => {
	const reference = { elements: [element(1, trousers), element(2, flats)] };
	const worn = [piece(1, trousers), piece(2, flats)];
	const [finding] = hem(worn);
	const spare = { key: 'heels', title: 'Black courts', garment: heels };
	const swap = (context: CheckContext) =>
		mendsOf(finding!, worn, {
			context,
			reference,
			scoring: scoringOf(reference, context.schools ?? {}),
			sparesFor: (id) => (id === worn[1]?.id ? [spare] : [])
		}).find(({ change }) => change.kind === 'swap');

	it('costs closeness where the look is asked for as it is', () => {
		expect(swap({})?.points).toBeLessThan(0);
	});
	it('costs less under the school of spirit, which forgives what it mends', () => {
		const spirit = { schools: { closeness: 'spirit' as const } };
		const shape = { schools: { closeness: 'shape-first' as const } };
		expect(swap(spirit)!.points!).toBeGreaterThan(swap(shape)!.points!);
	});
	it('is priced by all the elements that a piece answers', () => {
		const dress = garment('dress', ['red'], { hemLength: 'mini' });
		const both = { elements: [element(1, garment('top', ['red'])), element(2, garment('skirt', ['red']))] };
		const context: CheckContext = { client: { ...body(160).client!, limits: { never: ['mini'] } } };
		const look = [piece(1, dress)];
		const [broken] = checkLook(look, context, { only: ['client-limits'] });
		const longer = {
			key: 'blue',
			title: 'Blue dress',
			garment: garment('dress', ['blue'], { hemLength: 'midi' })
		};
		const points = (elementsOf?: (id: string) => string[]) =>
			mendsOf(broken!, look, { context, reference: both, elementsOf, sparesFor: () => [longer] })[0]!.points!;
		expect(points(() => both.elements.map(({ id }) => id))).toBeLessThan(points());
	});
	it('takes what was bought off the bill', () => {
		const bought = piece(2, flats, { bought: { tier: 'save', condition: 'new' }, lengthCm: 20 });
		const [changed] = withChange([bought], { kind: 'swap', id: bought.id, to: spare });
		expect(changed).toEqual({ id: bought.id, title: 'Black courts', garment: heels, moves: [] });
	});
});
