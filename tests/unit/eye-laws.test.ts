import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	checkLook,
	facetOf,
	garmentType,
	garmentTypes,
	type CheckContext,
	type CheckedPiece,
	type Garment
} from '../../src/lib/core';
import { garment, garmentArbitrary } from '../arbitraries';

/** Laws of the eye over made looks: what it says of the wet, of hems and of dressiness, whatever else is worn (common practice). */
const runs = { numRuns: 200 };
const worn = (...garments: Garment[]): CheckedPiece[] =>
	garments.map((one, i) => ({ id: `piece-${i}`, title: one.type, garment: one, moves: [] }));
const faultsOf = (look: CheckedPiece[], rule: string, context: CheckContext = {}) =>
	checkLook(look, context).filter((found) => found.rule === rule && found.severity !== 'praise');
const weather = (rain: boolean, setting?: 'indoors' | 'outdoors'): CheckContext => ({
	event: { weather: { airC: 12, rain }, dressCode: '', ...(setting && { setting }) }
});

const typesIn = (slot: string) => garmentTypes.filter((type) => type.slot === slot);
const jeans = garment('straight-jeans', ['mid denim'], { legLength: 'full' });
const tee = garment('t-shirt', ['white'], { material: 'jersey' });
const boots = garment('ankle-boots', ['black'], { material: 'leather', heelHeight: 'flat' });

describe('rain', () => {
	const marked = ['suede', 'satin', 'silk', 'velvet', 'straw', 'raffia', 'jute', 'cork'];
	const soaked = ['canvas', 'cotton', 'linen'];
	const shoes = fc.constantFrom(
		...typesIn('feet').filter(({ facets, id }) => facets.includes('material') && id !== 'espadrilles')
	);
	const cloth = (...values: string[]) => fc.constantFrom(...values);

	it('marks what it marks, soaks what it soaks, and leaves leather and rubber alone', () => {
		fc.assert(
			fc.property(shoes, cloth(...marked, ...soaked, 'leather', 'rubber'), ({ id }, material) => {
				const found = faultsOf(worn(tee, jeans, garment(id, ['brown'], { material })), 'rain', weather(true));
				const severities = found
					.filter(({ pieces }) => pieces.includes('piece-2'))
					.map(({ severity }) => severity);
				if (marked.includes(material)) expect(severities).toEqual(['warning']);
				else expect(severities).toEqual(soaked.includes(material) ? ['hint'] : []);
			}),
			runs
		);
	});
	it('takes plaited soles apart, whatever is above them', () => {
		for (const material of facetOf('material')
			.values.slice(0, 40)
			.map(({ id }) => id))
			expect(
				faultsOf(worn(tee, jeans, garment('espadrilles', ['tan'], { material })), 'rain', weather(true)),
				material
			).toHaveLength(1);
	});
	it('that does not fall, or falls outside, is nothing to speak of', () => {
		fc.assert(
			fc.property(fc.array(garmentArbitrary(), { minLength: 1, maxLength: 5 }), (garments) => {
				expect(faultsOf(worn(...garments), 'rain', weather(false))).toEqual([]);
				expect(faultsOf(worn(...garments), 'rain', weather(true, 'indoors'))).toEqual([]);
			}),
			runs
		);
	});
	const keepsOff = ({ type }: Garment) => garmentType(type).slot === 'outer' || type === 'umbrella';
	const saidOf = (look: CheckedPiece[]) =>
		faultsOf(look, 'rain', weather(true))
			.filter(({ pieces }) => pieces.includes('piece-0'))
			.map(({ measured }) => measured);
	it('says the same of each thing whatever else is worn that keeps nothing off', () => {
		const others = fc.array(
			garmentArbitrary().filter((other) => !keepsOff(other)),
			{ maxLength: 4 }
		);
		fc.assert(
			fc.property(garmentArbitrary(), others, (one, rest) => {
				expect(saidOf(worn(one, ...rest))).toEqual(saidOf(worn(one)));
			}),
			runs
		);
	});
	it('spots satin, silk, velvet and suede by themselves, under a coat or an umbrella not, and no other cloth', () => {
		const dress = fc.constantFrom('dress', 'skirt', 'blouse', 'blazer', 'trousers');
		const over = fc.constantFrom('trench-coat', 'overcoat', 'raincoat', 'umbrella');
		fc.assert(
			fc.property(dress, cloth(...marked, ...soaked, 'wool'), over, (type, material, kept) => {
				const one = garment(type, ['navy'], { material });
				const isSpotted = ['suede', 'satin', 'silk', 'velvet'].includes(material);
				expect(saidOf(worn(one))).toHaveLength(isSpotted ? 1 : 0);
				expect(saidOf(worn(one, garment(kept, ['beige'])))).toEqual([]);
			}),
			runs
		);
	});
});

describe('cloth of another season', () => {
	const at = (airC: number): CheckContext => ({ event: { weather: { airC, rain: false }, dressCode: '' } });
	it('is told of the legs as well: linen in the cold, in no mild weather, whatever is worn over it', () => {
		const legs = fc.constantFrom('shorts', 'trousers', 'wide-leg-trousers', 'skirt', 'culottes');
		const summer = ['linen', 'seersucker', 'lawn', 'muslin'];
		fc.assert(
			fc.property(legs, fc.constantFrom(...summer, 'denim', 'cotton', 'gabardine'), (type, material) => {
				const look = worn(tee, garment(type, ['white'], { material }), boots, garment('overcoat', ['navy']));
				const told = (airC: number) =>
					faultsOf(look, 'out-of-season', at(airC)).filter(
						({ pieces, severity }) => pieces.includes('piece-1') && severity === 'warning'
					).length;
				expect(told(5)).toBe(summer.includes(material) ? 1 : 0);
				expect(told(16)).toBe(0);
			}),
			runs
		);
	});
});

describe('what is under sheer cloth', () => {
	const under = (sheer: string, colour: string) =>
		faultsOf(
			worn(garment('blouse', [sheer], { opacity: 'sheer' }), garment('bra', [colour]), jeans, boots),
			'shows-through'
		).length;
	it('is told where it stands out: dark or bright under white, white under dark', () => {
		for (const [sheer, colour, told] of [
			['white', 'black', 1],
			['white', 'red', 1],
			['white', 'nude', 0],
			['white', 'white', 0],
			['black', 'white', 1],
			['black', 'ivory', 1],
			['black', 'black', 0],
			['black', 'nude', 0]
		] as const)
			expect(under(sheer, colour), `${colour} under sheer ${sheer}`).toBe(told);
	});
});

describe('trousers to the floor', () => {
	const legs = facetOf('leg').values.map(({ id }) => id);
	const trailing = ['wide', 'flared', 'bootcut', 'straight'];
	const trousers = (leg: string) => garment('trousers', ['black'], { leg, legLength: 'floor' });

	it('trail over flats where the leg is not held, and never over a high heel', () => {
		for (const leg of legs) {
			const over = (heelHeight: string) =>
				faultsOf(worn(tee, trousers(leg), garment('court-shoes', ['black'], { heelHeight })), 'hem-and-heel')
					.length;
			expect(over('flat'), leg).toBe(trailing.includes(leg) ? 1 : 0);
			expect(over('high'), leg).toBe(0);
		}
	});
	it('trail no more as the heel grows', () => {
		const heels = facetOf('heelHeight').values;
		for (const leg of trailing) {
			const found = heels.map(
				({ id }) =>
					faultsOf(
						worn(tee, trousers(leg), garment('court-shoes', ['black'], { heelHeight: id })),
						'hem-and-heel'
					).length
			);
			expect(found, leg).toEqual([...found].sort((a, b) => b - a));
		}
	});
	it('that end higher do not', () => {
		for (const legLength of ['cropped', 'ankle', 'full', 'knee'])
			expect(
				faultsOf(worn(tee, garment('trousers', ['black'], { leg: 'wide', legLength }), boots), 'hem-and-heel')
			).toEqual([]);
	});
});

describe('a jacket over everyday things', () => {
	const dressed = fc.constantFrom('blazer', 'tweed-jacket', 'cardigan', 'denim-jacket');
	const cloth = fc.constantFrom('velvet', 'wool', 'silk', 'satin', 'linen', 'corduroy', 'tweed');

	it('up to one for the evening is no clash', () => {
		fc.assert(
			fc.property(dressed, cloth, (type, material) => {
				fc.pre(garmentType(type).facets.includes('material'));
				const look = worn(garment(type, ['wine'], { material }), tee, jeans, boots);
				expect(faultsOf(look, 'formality-apart')).toEqual([]);
			}),
			runs
		);
	});
	it('for black tie is one, over trainers or over sport', () => {
		for (const type of ['dinner-jacket', 'tailcoat'])
			for (const low of [garment('joggers', ['grey']), garment('track-trousers', ['navy'])])
				expect(
					faultsOf(
						worn(garment(type, ['black']), tee, low, garment('trainers', ['white'])),
						'formality-apart'
					),
					type
				).toHaveLength(1);
	});
	it('is one for whoever keeps everything together', () => {
		const look = worn(garment('blazer', ['wine'], { material: 'velvet' }), tee, jeans, boots);
		const strict: CheckContext = { schools: { formality: 'keep-together' } };
		expect(faultsOf(look, 'formality-apart', strict).length).toBeGreaterThanOrEqual(
			faultsOf(look, 'formality-apart').length
		);
	});
	it('that clashes on purpose is never told', () => {
		fc.assert(
			fc.property(fc.array(garmentArbitrary(), { minLength: 2, maxLength: 5 }), (garments) => {
				const look = worn(...garments);
				expect(faultsOf(look, 'formality-apart', { schools: { formality: 'clash-on-purpose' } })).toEqual([]);
			}),
			runs
		);
	});
});

describe('two colours that almost match', () => {
	const near = fc.constantFrom(['navy', 'midnight'], ['oxblood', 'wine'], ['black', 'washed black']);
	const cloths = ['wool', 'cotton', 'crepe', 'linen', 'flannel', 'twill'];
	const look = ([one, other]: readonly string[], upper?: string, lower?: string, top = 'blazer') =>
		worn(
			garment(top, [one ?? ''], upper ? { material: upper } : {}),
			garment('tailored-trousers', [other ?? ''], lower ? { material: lower } : {}),
			boots
		);

	it('are a mistake in one cloth, and where nobody said of what they are', () => {
		fc.assert(
			fc.property(near, fc.constantFrom(undefined, ...cloths), (colours, cloth) => {
				expect(faultsOf(look(colours, cloth, cloth), 'near-miss'), `${colours} ${cloth}`).toHaveLength(1);
				expect(faultsOf(look(colours, cloth), 'near-miss'), `${colours} ${cloth}`).toHaveLength(1);
			}),
			runs
		);
	});
	it('are one tone in two cloths that are told apart at a glance', () => {
		const apart = fc.constantFrom(
			['velvet', 'wool'],
			['corduroy', 'cotton'],
			['satin', 'wool'],
			['leather', 'wool'],
			['tweed', 'silk']
		);
		fc.assert(
			fc.property(near, apart, fc.boolean(), (colours, [a, b], turned) => {
				const found = faultsOf(look(colours, turned ? b : a, turned ? a : b), 'near-miss');
				expect(found, `${colours} ${a} ${b}`).toEqual([]);
			}),
			runs
		);
	});
	it('are one tone where a knit lies under a coat', () => {
		fc.assert(
			fc.property(near, ([one, other]) => {
				const knit = garment('jumper', [one ?? '']);
				const skirt = garment('skirt', ['cream']);
				expect(faultsOf(worn(knit, garment('overcoat', [other ?? '']), skirt, boots), 'near-miss')).toEqual(
					[]
				);
			}),
			runs
		);
	});
});

describe('white socks', () => {
	const white = garment('socks', ['white']);
	const shirt = garment('shirt', ['white']);
	const dark = fc.constantFrom('navy', 'charcoal', 'black', 'brown', 'burgundy');
	it('between dark tailoring and dark laced shoes are told, whatever shirt is worn', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('suit', 'trouser-suit', 'tailored-trousers'),
				fc.constantFrom('oxford-shoes', 'derby-shoes', 'brogues', 'monk-strap-shoes'),
				dark,
				dark,
				(legs, shoes, colour, leather) => {
					const look = worn(garment(legs, [colour]), shirt, garment(shoes, [leather]), white);
					expect(faultsOf(look, 'socks').map(({ severity }) => severity)).toEqual(['hint']);
					const own = worn(
						garment(legs, [colour]),
						shirt,
						garment(shoes, [leather]),
						garment('socks', [colour])
					);
					expect(faultsOf(own, 'socks')).toEqual([]);
				}
			),
			runs
		);
	});
	it('with loafers, trainers or white shoes, and with jeans, are nobody’s mistake', () => {
		for (const [legs, shoes, leather] of [
			['tailored-trousers', 'loafers', 'black'],
			['tailored-trousers', 'trainers', 'black'],
			['suit', 'oxford-shoes', 'white'],
			['straight-jeans', 'brogues', 'brown']
		] as const)
			expect(
				faultsOf(worn(garment(legs, ['navy']), shirt, garment(shoes, [leather]), white), 'socks'),
				`${legs} ${shoes}`
			).toEqual([]);
	});
});

describe('a host who asks for business dress', () => {
	const codes = fc.constantFrom('business', 'business formal', 'business casual', 'Office dress');
	const work = [garment('blouse', ['white']), garment('pencil-skirt', ['navy'], { hemLength: 'knee' })];
	const loud: [string, Record<string, string>][] = [
		['dress', { material: 'sequin', hemLength: 'midi' }],
		['blouse', { opacity: 'sheer' }],
		['crop-top', {}],
		['dress', { back: 'open' }],
		['jeans', { distress: 'ripped' }],
		['skirt', { hemLength: 'mini' }],
		['tailored-shorts', {}],
		['flip-flops', {}]
	];
	it('seldom means what is worn at parties, on beaches and at night, and says so of that piece', () => {
		fc.assert(
			fc.property(fc.constantFrom(...loud), codes, ([type, facets], dressCode) => {
				const look = worn(garment(type, ['navy'], facets), garment('court-shoes', ['black']));
				const found = faultsOf(look, 'dress-code', { event: { dressCode } });
				expect(
					found.some(({ pieces }) => pieces.includes('piece-0')),
					`${type} ${dressCode}`
				).toBe(true);
			}),
			runs
		);
	});
	it('has nothing to say of a blouse, a skirt to the knee and court shoes; nor has who asks for something else', () => {
		const sober = worn(...work, garment('court-shoes', ['black']));
		for (const dressCode of ['business', 'business casual'])
			expect(faultsOf(sober, 'dress-code', { event: { dressCode } }), dressCode).toEqual([]);
		const sequins = worn(
			garment('cocktail-dress', ['navy'], { material: 'sequin' }),
			garment('court-shoes', ['black'])
		);
		expect(faultsOf(sequins, 'dress-code', { event: { dressCode: 'cocktail' } })).toEqual([]);
	});
});

describe('what has no room', () => {
	it('is a thick knit under a coat that is said to be close, and not under one that is cut over it', () => {
		const knit = garment('jumper', ['cream'], { texture: 'cable' });
		const under = (fit: string) =>
			faultsOf(worn(knit, jeans, boots, garment('overcoat', ['navy'], { fit })), 'bunches').length;
		for (const fit of ['close', 'skin-tight']) expect(under(fit), fit).toBe(1);
		for (const fit of ['tailored', 'regular', 'relaxed', 'oversized']) expect(under(fit), fit).toBe(0);
	});
	it('is seen: black under sheer white is asked after, white under it is not', () => {
		const sheer = garment('blouse', ['white'], { opacity: 'sheer' });
		const seen = (colour: string) =>
			faultsOf(worn(sheer, jeans, boots, garment('bra', [colour])), 'shows-through').map(
				({ severity }) => severity
			);
		expect(seen('black')).toEqual(['hint']);
		expect(seen('nude')).toEqual([]);
	});
});
