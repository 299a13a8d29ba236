import { describe, expect, it } from 'vitest';
import { forClient, piecesOf } from '../../../../../tests/outfits';
import { checkLook } from '../check-look';

/** Said of a look with everything on. */
const against = (look: string, limit: string) =>
	checkLook(piecesOf(look), forClient({ limits: { never: [limit] } }), { only: ['client-limits'] }).filter(
		({ state }) => state === undefined
	).length > 0;

describe('a limit of what must not be bare', () => {
	it.each([
		['bare arms', 'sleeveless black top; black blazer; black trousers'],
		['sleeveless', 'long-sleeved black top; quilted gilet; blue jeans'],
		['bare shoulders', 'strapless black dress; black blazer'],
		['bare thighs', 'black mini skirt; black opaque tights; grey jumper'],
		['bare thighs', 'black mini dress; black trousers'],
		['bare midriff', 'cropped white top; high-rise jeans']
	])('“%s” is kept by what covers it: %s', (limit, look) => expect(against(look, limit)).toBe(false));

	it.each([
		['bare arms', 'sleeveless black top; quilted gilet; black trousers'],
		['bare shoulders', 'black bandeau; strapless white top; black trousers'],
		['bare thighs', 'black mini skirt; black sheer tights; grey jumper'],
		['bare midriff', 'cropped white top; low-rise jeans']
	])('“%s” is broken where what is worn with it is bare as well: %s', (limit, look) =>
		expect(against(look, limit)).toBe(true)
	);

	it('comes back with the layer off', () => {
		const states = checkLook(
			piecesOf('sleeveless black top; black blazer; black trousers; black loafers'),
			forClient({ limits: { never: ['bare arms'] } }),
			{ only: ['client-limits'] }
		).map(({ state }) => state);
		expect(states).toEqual(['jacket off']);
	});
});

describe('a limit of anything else', () => {
	it.each([
		['mini bag', 'mini red bag; black trousers; white shirt'],
		['knee boots', 'brown knee boots; black trousers; white shirt'],
		['short skirts', 'black mini skirt; black opaque tights; grey jumper'],
		['wool', 'grey wool jumper; black blazer; black trousers']
	])('“%s” is never excused by what is worn over or under it: %s', (limit, look) =>
		expect(against(look, limit)).toBe(true)
	);
});
