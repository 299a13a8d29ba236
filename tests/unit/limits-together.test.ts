import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { piecesOf } from '../outfits';
import { garmentTypes, isKnownLimit, limitsIn, type GarmentType } from '../../src/lib/core';
import { factsOf } from '../../src/lib/core/checks/facts';
import { lookLimitsOf } from '../../src/lib/core/checks/limits';
import { anyOf } from '../../src/lib/core/checks/property';
import { colourWords } from '../../src/lib/core/lexicon/colours';

/** What a limit of a whole look comes to for things worn. */
const comesTo = (limit: string, ...worn: string[]) => {
	const { pieces } = factsOf(piecesOf(worn.join('; ')), {});
	return anyOf(...lookLimitsOf(limit).map(({ of }) => of(pieces).answer));
};
const isRaised = (limit: string, ...worn: string[]) => ['yes', 'by-kind'].includes(comesTo(limit, ...worn));

/** Kinds whose name reads as they are, and is one thing. */
const named = garmentTypes.filter(({ id, singular, slot }) => {
	const pieces = piecesOf(singular);
	return pieces.length === 1 && pieces[0]?.garment.type === id && !['under', 'scent'].includes(slot);
});
const inSlots = (...slots: string[]) => named.filter(({ slot }) => slots.includes(slot));
const plain = ['red', 'navy', 'black', 'white', 'green', 'beige', 'grey', 'brown'].filter((word) =>
	colourWords.some((one) => one.word === word)
);
/** Things of other slots, of which neither is said to be the other. */
const apart = fc
	.tuple(
		fc.constantFrom(...inSlots('legs', 'whole', 'layer', 'outer')),
		fc.constantFrom(...inSlots('feet', 'bag', 'head', 'ears', 'neck', 'wrist'))
	)
	.filter(
		([a, b]) =>
			// A jacket may have a hood or a belt of its own, and a name may hold another.
			b.id !== 'hood' && !a.singular.includes(b.singular) && !b.singular.includes(a.singular)
	);

describe('limits of what is worn together', () => {
	const ways: readonly ((a: GarmentType, b: GarmentType) => string)[] = [
		(a, b) => `no ${a.plural} with ${b.plural}`,
		(a, b) => `never wears ${b.plural} with ${a.plural}`,
		(a, b) => `hates ${a.plural} and ${b.plural} together`
	];
	it.each(ways)('of two kinds hold for both worn, and for neither alone (way %#)', (way) => {
		fc.assert(
			fc.property(apart, ([a, b]) => {
				const limit = way(a, b);
				fc.pre(lookLimitsOf(limit).length > 0);
				expect(isRaised(limit, a.singular, b.singular), limit).toBe(true);
				expect(comesTo(limit, a.singular), limit).toBe('no');
				expect(comesTo(limit, b.singular), limit).toBe('no');
			}),
			{ numRuns: 150 }
		);
	});

	it('are understood of all kinds but parts', () => {
		// Cuffs and studs a garment has itself.
		const ownParts = /(?:cuffs|studs)$/;
		const pairs = fc.sample(apart, { numRuns: 400, seed: 7 });
		const left = pairs
			.map(([a, b]) => `no ${a.plural} with ${b.plural}`)
			.filter((one) => !ownParts.test(one));
		expect(left.filter((limit) => lookLimitsOf(limit).length === 0)).toEqual([]);
	});

	it('mean things that are named by a place on the body', () => {
		for (const thing of [
			'shoulder bag',
			'knee boots',
			'ankle boots',
			'knee socks',
			'waist belt',
			'ankle socks'
		]) {
			const limit = `no skirts with ${thing}`;
			expect(isRaised(limit, 'denim skirt', thing), limit).toBe(true);
			expect(comesTo(limit, 'denim skirt', 'white trainers'), limit).toBe('no');
		}
	});

	it('of two colours hold for both worn, each on a thing of its own', () => {
		fc.assert(
			fc.property(fc.shuffledSubarray(plain, { minLength: 3, maxLength: 3 }), ([a = '', b = '', c = '']) => {
				for (const limit of [`no ${a} with ${b}`, `never ${b} and ${a} together`, `hates ${a} on ${b}`]) {
					expect(isRaised(limit, `${a} jumper`, `${b} skirt`), limit).toBe(true);
					expect(comesTo(limit, `${a} jumper`, `${c} skirt`), limit).toBe('no');
					expect(comesTo(limit, `${a} jumper`, `${a} skirt`), limit).toBe('no');
				}
			}),
			{ numRuns: 60 }
		);
	});

	it.each(['denim', 'leather', 'velvet', 'tweed', 'lace', 'satin', 'suede'])(
		'double %s is two of it',
		(cloth) => {
			for (const limit of [`no double ${cloth}`, `${cloth} on ${cloth}`, `never ${cloth} with ${cloth}`]) {
				expect(isRaised(limit, `${cloth} jacket`, `${cloth} skirt`), limit).toBe(true);
				expect(isRaised(limit, `${cloth} jacket`, 'cotton skirt'), limit).toBe(false);
			}
		}
	);

	it('from head to toe hold where nothing breaks it', () => {
		fc.assert(
			fc.property(fc.shuffledSubarray(plain, { minLength: 2, maxLength: 2 }), ([all = '', other = '']) => {
				const look = [`${all} jumper`, `${all} trousers`, `${all} shoes`];
				for (const limit of [`no head-to-toe ${all}`, `never all in ${all}`, `no ${all} from head to toe`]) {
					expect(isRaised(limit, ...look), limit).toBe(true);
					for (let i = 0; i < look.length; i++) {
						const broken = look.map((one, at) => (at === i ? one.replace(all, other) : one));
						expect(comesTo(limit, ...broken), `${limit}: ${broken.join(', ')}`).toBe('no');
					}
				}
			}),
			{ numRuns: 30 }
		);
	});

	it('of how many hold from one more on', () => {
		const rings = ['signet ring', 'cocktail ring', 'gold ring', 'silver ring'];
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 0, max: 4 }), (most, worn) => {
				const figure = ['', 'one', 'two', 'three'][most]!;
				const things = most === 1 ? 'ring' : 'rings';
				for (const limit of [
					`no more than ${figure} ${things}`,
					`at most ${most} ${things}`,
					`only ${figure} ${things} at once`
				])
					expect(isRaised(limit, 'dress', ...rings.slice(0, worn)), limit).toBe(worn > most);
			})
		);
	});

	it('of what is never missing hold where it is, whatever it is', () => {
		const optional = inSlots(
			'bag',
			'head',
			'ears',
			'neck',
			'wrist',
			'waist',
			'scarf',
			'hands',
			'eyes',
			'layer'
		);
		fc.assert(
			fc.property(fc.constantFrom(...optional), ({ singular, plural }) => {
				for (const limit of [
					`never without ${plural}`,
					`always wears ${plural}`,
					`never goes out without a ${singular}`
				]) {
					expect(isRaised(limit, 'black trousers', 'leather shoes'), limit).toBe(true);
					expect(comesTo(limit, 'black trousers', 'leather shoes', singular), limit).toBe('no');
				}
			}),
			{ numRuns: 150 }
		);
	});

	it('of what goes with something hold only where that is worn', () => {
		for (const limit of [
			'no skirts without tights',
			'skirts only with tights',
			'always tights with skirts'
		]) {
			expect(isRaised(limit, 'pleated skirt', 'jumper', 'boots'), limit).toBe(true);
			expect(comesTo(limit, 'pleated skirt', 'opaque tights', 'jumper', 'boots'), limit).toBe('no');
			expect(comesTo(limit, 'jeans', 'jumper', 'boots'), limit).toBe('no');
		}
	});

	it('leave what is said of one thing to the limits of single things', () => {
		for (const limit of [
			'no dresses with pockets',
			'no shirts without collars',
			'no tops without sleeves',
			'no two-tone shoes',
			'no double-breasted jackets',
			'heels up to 5 cm',
			'no more than 5 cm of heel',
			'silver only',
			'always flat shoes',
			'no all-in-ones',
			'no all-over prints',
			'skirts below the knee',
			'no skirts over the knee',
			'no bags over the shoulder',
			'black and white only',
			'no coats with a fur collar',
			'never without sleeves'
		])
			expect(lookLimitsOf(limit), limit).toEqual([]);
	});

	it('ask whether neutrals count among colours', () => {
		const look = ['navy coat', 'red jumper', 'black trousers'];
		expect(comesTo('no more than two colours', ...look)).toBe('unknown');
		expect(comesTo('no more than two colours', 'green coat', 'red jumper', 'yellow skirt')).toBe('yes');
		expect(comesTo('no more than two colours', 'green coat', 'red jumper')).toBe('no');
	});

	it('are parted at commas as they are typed, but not within one', () => {
		expect(limitsIn('no heels over 4,5 cm, no fur, not even fake, , no leather,not even shoes,')).toEqual([
			'no heels over 4,5 cm',
			'no fur, not even fake',
			'no leather,not even shoes'
		]);
		expect(limitsIn('strapless, drop earrings')).toEqual(['strapless', 'drop earrings']);
	});

	it('are known as such in the form', () => {
		for (const limit of ['no double denim', 'never without earrings', 'bag and shoes must match'])
			expect(isKnownLimit(limit), limit).toBe(true);
		for (const limit of ['nothing matchy with her sister’s', 'no two days alike'])
			expect(isKnownLimit(limit), limit).toBe(false);
	});

	it.each([
		['never short and tight at once', ['tight mini dress'], 'raised'],
		['nothing both low-cut and short', ['plunging mini dress'], 'raised'],
		['nothing both low-cut and short', ['plunging maxi dress'], 'silent'],
		['never short and tight at once', ['skin-tight trousers', 'small clutch'], 'silent'],
		['never short and tight at once', ['mini skirt', 'skin-tight top'], 'raised'],
		['no suede with leather', ['suede jacket', 'leather boots'], 'raised'],
		['bolero over anything strapless', ['strapless gown'], 'raised'],
		['bolero over anything strapless', ['strapless gown', 'black bolero'], 'silent'],
		['tights under all dresses', ['red midi dress'], 'raised'],
		['tights under all dresses', ['red midi dress', 'black opaque tights'], 'silent'],
		['a stole with evening gowns always', ['red evening gown'], 'raised'],
		['hair covered', ['red midi dress'], 'raised'],
		['must cover her hair', ['red midi dress', 'hair clip'], 'raised'],
		['must cover her hair', ['red midi dress', 'silk headscarf'], 'silent'],
		['wears a hijab', ['red midi dress'], 'raised'],
		['wears a hijab', ['red midi dress', 'grey hijab'], 'silent'],
		['hat with every outfit', ['red midi dress'], 'raised'],
		['one colour at a time', ['red top', 'blue skirt'], 'raised'],
		['one colour at a time', ['red top', 'red skirt'], 'silent'],
		['wears glasses', ['red midi dress'], 'silent'],
		['needs a bra', ['wool jumper', 'blue jeans'], 'silent'],
		['no double-breasted jackets', ['navy blazer', 'grey overcoat'], 'silent']
	])('“%s” against %j is %s', (limit, worn, wanted) => {
		expect(comesTo(limit, ...worn) === 'no' ? 'silent' : 'raised').toBe(wanted);
	});
});
