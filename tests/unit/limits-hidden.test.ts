/** Limits of what is not to be seen: a mark on the body, however that is put, and a shape that a client would rather not show. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { factsOf } from '../../src/lib/core/checks/facts';
import { breaksLimit } from '../../src/lib/core/checks/limits';
import { limitsIn } from '../../src/lib/core/checks/limits/clauses';
import { piecesOf } from '../outfits';

const asked = (limit: string, words: string) => {
	const [piece] = factsOf(piecesOf(words), {}).pieces;
	if (!piece) throw new Error(`"${words}" names nothing`);
	return breaksLimit(limit, piece);
};

/** A place, what bares it and what covers it. */
const places = [
	{ place: 'forearm', bares: 'short-sleeved shirt', covers: 'long-sleeved shirt' },
	{ place: 'forearms', bares: 'sleeveless dress', covers: 'long-sleeved shirt' },
	{ place: 'upper arm', bares: 'sleeveless top', covers: 'long-sleeved shirt' },
	{ place: 'wrist', bares: 'short-sleeved shirt', covers: 'long-sleeved shirt' },
	{ place: 'shoulder', bares: 'off-shoulder top', covers: 'long-sleeved shirt' },
	{ place: 'back', bares: 'backless dress', covers: 'long-sleeved shirt' },
	{ place: 'chest', bares: 'plunge-neck top', covers: 'polo neck' },
	{ place: 'stomach', bares: 'cropped top', covers: 'long-sleeved shirt' },
	{ place: 'thigh', bares: 'mini skirt', covers: 'wide-leg trousers' },
	{ place: 'knee', bares: 'mini skirt', covers: 'wide-leg trousers' },
	{ place: 'calf', bares: 'knee-length skirt', covers: 'floor-length skirt' },
	{ place: 'ankle', bares: 'knee-length skirt', covers: 'floor-length skirt' }
];
const put: ((mark: string, place: string) => string)[] = [
	(mark, place) => `${mark} on her ${place}, keep it covered`,
	(mark, place) => `${mark} on her ${place}, keep hidden`,
	(mark, place) => `a ${mark} on the left ${place}, not to be seen`,
	(mark, place) => `hide the ${mark} on her ${place}`,
	(mark, place) => `${place} ${mark} must not show`,
	(mark, place) => `her ${place} ${mark} mustn't be seen`,
	(mark, place) => `don’t show the ${mark} on her ${place}`,
	(mark, place) => `no showing her ${place} ${mark}`,
	(mark, place) => `${place} ${mark}: hide`,
	(mark, place) => `${mark} on ${place} to be concealed`
];

describe('a mark on the body that is not to be seen', () => {
	const way = fc.constantFrom(...put);
	it('is a limit of where it is, however it is put', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(...places),
				fc.constantFrom('tattoo', 'scar', 'birthmark'),
				way,
				({ place, bares, covers }, mark, said) => {
					const limit = said(mark, place);
					expect(['yes', 'by-kind'], `${limit}: ${bares}`).toContain(asked(limit, bares));
					expect(asked(limit, covers), `${limit}: ${covers}`).toBe('no');
				}
			),
			{ numRuns: 300 }
		));
	it('is one limit where it is typed with a comma, and leaves others beside it', () => {
		for (const said of put) expect(limitsIn(said('scar', 'forearm'))).toHaveLength(1);
		expect(limitsIn('no red, tattoo on her forearm, keep hidden')).toHaveLength(2);
		expect(asked('no red, tattoo on her forearm to be hidden', 'red scarf')).toBe('yes');
	});
	it('is where it is said to be, and not on the back of it', () => {
		expect(asked('tattoo on the back of her neck, keep it covered', 'crew-neck tee')).not.toBe('no');
		expect(asked('scar on the inside of her forearm, not to be seen', 'short-sleeved shirt')).toBe('yes');
	});
	it('forbids nothing where it may be seen', () => {
		for (const limit of [
			'tattoo on her ankle',
			'loves the tattoo on her back',
			'scar on chest: no plunging necks'
		])
			for (const { bares } of places.filter(({ place }) => place !== 'chest'))
				expect(asked(limit, bares), `${limit}: ${bares}`).toBe('no');
	});
});

describe('a shape that is not to be shown', () => {
	const ways = [
		'hates her',
		'self-conscious about her',
		'conscious of her',
		'doesn’t like her',
		'hides her',
		'shy about her'
	];
	it('is asked of what fits close over it, and of nothing that is loose or lies elsewhere', () => {
		for (const way of ways) {
			for (const shape of ['tummy', 'stomach', 'middle']) {
				for (const close of ['bodycon dress', 'skin-tight top'])
					expect(asked(`${way} ${shape}`, close), `${way} ${shape}: ${close}`).toBe('unknown');
				for (const other of ['loose blouse', 'skinny jeans', 'red scarf'])
					expect(asked(`${way} ${shape}`, other), `${way} ${shape}: ${other}`).toBe('no');
			}
			for (const shape of ['hips', 'bum', 'thighs']) {
				for (const close of ['pencil skirt', 'skinny jeans', 'bodycon dress'])
					expect(asked(`${way} ${shape}`, close), `${way} ${shape}: ${close}`).not.toBe('no');
				for (const other of ['wide-leg trousers', 'skin-tight top'])
					expect(asked(`${way} ${shape}`, other), `${way} ${shape}: ${other}`).toBe('no');
			}
		}
	});
});
