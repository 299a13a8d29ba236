import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearerOrCheaper, type Valued } from './less';

const valued = fc.record({
	closeness: fc.integer({ min: 0, max: 20 }).map((step) => step / 20),
	minor: fc.integer({ min: 0, max: 30 }).map((pounds) => pounds * 100)
});
const beats = (a: Valued, b: Valued) =>
	a.closeness >= b.closeness && a.minor <= b.minor && (a.closeness > b.closeness || a.minor < b.minor);

describe('the same look for less', () => {
	it('is what is nearer or cheaper and not beaten in both, the cheapest first: laws over things', () => {
		fc.assert(
			fc.property(fc.array(valued, { maxLength: 20 }), valued, (things, than) => {
				const found = nearerOrCheaper(things, (thing) => thing, than);
				for (const one of found) {
					expect(one.closeness > than.closeness || one.minor < than.minor).toBe(true);
					expect([...things, than].some((other) => beats(other, one))).toBe(false);
				}
				const left = things.filter((thing) => !found.includes(thing));
				for (const one of left) {
					const isNoBetter = one.closeness <= than.closeness && one.minor >= than.minor;
					expect(isNoBetter || [...things, than].some((other) => beats(other, one))).toBe(true);
				}
				expect(found.map(({ minor }) => minor)).toEqual(
					found.map(({ minor }) => minor).sort((a, b) => a - b)
				);
			})
		);
	});
});
