import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { forClient } from '../../../../tests/outfits';
import { scoringOf } from '../matching/score-echo';
import { checkLook } from './check-look';
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
