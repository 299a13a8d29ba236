import type { EffectId } from './effects';
import type { FacetId } from './facets';
import type { MoveId } from './moves';
import type { SlotId } from './slots';

/** A feature that works for a wish, or against it. */
export interface Feature {
	effect: EffectId;
	works: 'for' | 'against';
	/** Where the piece is worn; anywhere without. */
	slots?: readonly SlotId[];
	/** Types that have it by themselves. */
	types?: readonly string[];
	facet?: { id: FacetId; values: readonly string[] };
	move?: MoveId;
	print?: { small: boolean };
	/** What is said of it: "the high rise lengthens the leg". */
	words: string;
}

const upper: SlotId[] = ['top', 'whole', 'layer', 'suit'];
const of = (
	effect: EffectId,
	works: Feature['works'],
	words: string,
	rest: Omit<Feature, 'effect' | 'works' | 'words'>
): Feature => ({ effect, works, words, ...rest });
const facet = (id: FacetId, ...values: string[]) => ({ facet: { id, values } });

/** What features do: tendencies that the trade agrees on (common practice). */
export const features: readonly Feature[] = [
	of('longer-leg', 'for', 'a high rise lengthens the leg', facet('rise', 'high')),
	of('longer-leg', 'for', 'a pointed toe lengthens the leg', facet('toe', 'pointed')),
	of('longer-leg', 'for', 'a short layer lengthens the leg', {
		slots: ['top', 'layer'],
		...facet('topLength', 'cropped', 'waist')
	}),
	of('longer-leg', 'for', 'a heel lengthens the leg', facet('heelHeight', 'mid', 'high', 'very-high')),
	of('longer-leg', 'against', 'a low rise shortens the leg', facet('rise', 'low')),
	of('longer-leg', 'against', 'a strap across the ankle shortens the leg', facet('strap', 'ankle-strap')),
	of('longer-leg', 'against', 'a long top shortens the leg', {
		slots: ['top'],
		...facet('topLength', 'thigh')
	}),
	of('marked-waist', 'for', 'a belt marks the waist', { slots: ['waist'] }),
	of('marked-waist', 'for', 'a fitted middle marks the waist', {
		slots: upper,
		...facet('fit', 'close', 'tailored', 'skin-tight')
	}),
	of('marked-waist', 'for', 'a wrap marks the waist', facet('closure', 'wrap', 'tie')),
	of('marked-waist', 'for', 'a waist seam marks the waist', facet('waistline', 'marked', 'natural')),
	of('marked-waist', 'for', 'a peplum marks the waist', facet('skirtShape', 'peplum')),
	of('marked-waist', 'for', 'a tuck marks the waist', { move: 'tucked' }),
	of('marked-waist', 'for', 'a belt over it marks the waist', { move: 'belted' }),
	of('marked-waist', 'against', 'the loose fit hides the waist', {
		slots: upper,
		...facet('fit', 'relaxed', 'oversized')
	}),
	of('marked-waist', 'against', 'a dropped waist hides the waist', facet('waistline', 'dropped', 'unmarked')),
	of('more-hip', 'for', 'a full skirt gives hip', facet('skirtShape', 'full', 'circle', 'tiered', 'tulip')),
	of('more-hip', 'for', 'pleats give hip', facet('skirtShape', 'pleated')),
	of('more-hip', 'for', 'a peplum gives hip', facet('skirtShape', 'peplum')),
	of('more-hip', 'against', 'a straight skirt takes hip away', facet('skirtShape', 'straight', 'column')),
	of('less-hip', 'for', 'the A-line skims the hip', facet('skirtShape', 'a-line')),
	of('less-hip', 'for', 'a straight line skims the hip', facet('skirtShape', 'straight', 'column')),
	of('less-hip', 'for', 'a straight leg skims the hip', facet('leg', 'straight', 'wide', 'bootcut')),
	of('less-hip', 'against', 'a peplum adds to the hip', facet('skirtShape', 'peplum', 'full', 'tiered')),
	of('more-shoulder', 'for', 'pads give shoulder', facet('shoulder', 'padded', 'structured')),
	of('more-shoulder', 'for', 'a full sleeve head gives shoulder', {
		...facet('sleeveShape', 'puff', 'leg-of-mutton')
	}),
	of('more-shoulder', 'for', 'a boat neck gives shoulder', facet('neckline', 'boat', 'off-shoulder')),
	of('more-shoulder', 'against', 'a raglan softens the shoulder', facet('sleeveShape', 'raglan', 'dolman')),
	of('softer-shoulder', 'for', 'a raglan softens the shoulder', facet('sleeveShape', 'raglan', 'dolman')),
	of('softer-shoulder', 'for', 'a V neck softens the shoulder', facet('neckline', 'v', 'deep-v', 'wrap')),
	of('softer-shoulder', 'for', 'a soft shoulder', facet('shoulder', 'soft', 'dropped')),
	of(
		'softer-shoulder',
		'against',
		'a wide neckline widens the shoulder',
		facet('neckline', 'halter', 'boat')
	),
	of('softer-shoulder', 'against', 'pads widen the shoulder', facet('shoulder', 'padded', 'structured')),
	of('more-bust', 'for', 'gathered cloth gives bust', facet('texture', 'ruched', 'smocked', 'pleated')),
	of('more-bust', 'for', 'ruffles give bust', {
		slots: ['top', 'whole'],
		...facet('collar', 'ruffled', 'pussy-bow')
	}),
	of('more-bust', 'for', 'a cowl gives bust', facet('neckline', 'cowl', 'sweetheart')),
	of('less-bust', 'for', 'an open V calms the bust', facet('neckline', 'v', 'deep-v', 'scoop', 'wrap')),
	of('less-bust', 'for', 'a revers collar calms the bust', facet('collar', 'revere', 'notched')),
	of('less-bust', 'against', 'a double breast adds to the bust', {
		...facet('closure', 'double-breasted', 'double-breasted-4x2', 'double-breasted-6x2')
	}),
	of('less-bust', 'against', 'gathers add to the bust', {
		slots: ['top', 'whole'],
		...facet('texture', 'ruched', 'smocked')
	}),
	of('longer-neck', 'for', 'a V lengthens the neck', facet('neckline', 'v', 'deep-v', 'scoop', 'wrap')),
	of('longer-neck', 'for', 'an open collar lengthens the neck', facet('collar', 'revere', 'camp')),
	of('longer-neck', 'for', 'hair worn up lengthens the neck', {
		types: ['updo', 'low-bun', 'top-knot', 'french-twist', 'high-ponytail', 'beehive']
	}),
	of('longer-neck', 'for', 'left open low it lengthens the neck', { move: 'unbuttoned' }),
	of('longer-neck', 'against', 'a high neck shortens the neck', {
		...facet('neckline', 'roll', 'funnel', 'mock', 'high-neck')
	}),
	of('height', 'for', 'a heel gives height', facet('heelHeight', 'mid', 'high', 'very-high')),
	of('height', 'for', 'a platform gives height', facet('sole', 'platform')),
	of('height', 'for', 'a small print keeps the figure long', { print: { small: true } }),
	of('height', 'against', 'a large print cuts the figure short', { print: { small: false } }),
	of('cover', 'for', 'long sleeves cover', {
		slots: upper,
		...facet('sleeveLength', 'long', 'three-quarter', 'elbow')
	}),
	of('cover', 'for', 'a layer covers', { slots: ['layer', 'outer', 'scarf', 'drape'] }),
	of('cover', 'for', 'a longer hem covers', facet('hemLength', 'midi', 'maxi', 'ankle', 'floor')),
	of('cover', 'for', 'opaque hosiery covers', { slots: ['hosiery'], ...facet('opacity', 'opaque') }),
	of('cover', 'against', 'bare arms', { slots: upper, ...facet('sleeveLength', 'strapless', 'sleeveless') }),
	of('cover', 'against', 'a short hem', facet('hemLength', 'micro', 'mini', 'above-knee')),
	of('cover', 'against', 'sheer cloth', { slots: upper, ...facet('opacity', 'sheer', 'semi-sheer') })
];
