/** Random but valid garments and elements for property tests, and small hand-made ones for examples. */
import fc from 'fast-check';
import {
	colourWords,
	facetOf,
	garmentType,
	garmentTypes,
	metalIds,
	moveIds,
	printScales,
	prints,
	roleIds,
	type Element,
	type FacetId,
	type Garment,
	type MetalId,
	type PrintId,
	type MoveId,
	type Provenance
} from '../src/lib/core';

const provenance: Provenance = 'seen';
const stated = <V extends string>(value: V) => ({ value, provenance });

/** A swatch per colour word or hex, the first the largest. */
export const palette = (...colours: string[]): Garment['palette'] =>
	colours.map((colour, i) => ({
		hex: colour.startsWith('#') ? colour : (colourWords.find(({ word }) => word === colour)?.hex ?? ''),
		share: i === 0 ? 1 : 0.4,
		provenance
	}));

/** A garment from plain values: `garment('blazer', ['navy'], { fit: 'tailored' })`. */
export const garment = (
	type: string,
	colours: string[] = [],
	facets: Partial<Record<FacetId, string>> = {},
	rest: { print?: string; metal?: string } = {}
): Garment => ({
	type: type as Garment['type'],
	palette: palette(...colours),
	facets: Object.fromEntries(Object.entries(facets).map(([id, value]) => [id, stated(value)])),
	print: rest.print ? { family: stated(rest.print as PrintId) } : undefined,
	metal: rest.metal ? stated(rest.metal as MetalId) : undefined
});

const uuid = (n: number) => `00000000-0000-4000-8000-${n.toString(16).padStart(12, '0')}`;

/** An element of a garment; rank and id follow `n`. */
export const element = (n: number, of: Garment, rest: Partial<Element> = {}): Element => ({
	id: uuid(n),
	garment: of,
	rank: n,
	role: 'key',
	weightFactor: 1,
	signature: [],
	open: [],
	moves: [],
	note: '',
	...rest
});

const hexArbitrary = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const facetsArbitrary = (type: string) =>
	fc
		.uniqueArray(fc.constantFrom(...garmentType(type).facets), { maxLength: 7 })
		.chain((ids) =>
			fc.tuple(
				...ids.map((id) => fc.constantFrom(...facetOf(id).values.map((value) => [id, value.id] as const)))
			)
		)
		.map((pairs) => Object.fromEntries(pairs.map(([id, value]) => [id, stated(value)])) as Garment['facets']);

export const garmentArbitrary = (type?: Garment['type']): fc.Arbitrary<Garment> =>
	(type ? fc.constant(type) : fc.constantFrom(...garmentTypes.map(({ id }) => id))).chain((id) =>
		fc.record({
			type: fc.constant(id),
			facets: facetsArbitrary(id),
			palette: fc.array(
				fc.record({
					hex: hexArbitrary,
					share: fc.double({ min: 0.05, max: 1, noNaN: true }),
					provenance: fc.constant(provenance)
				}),
				{ maxLength: 4 }
			),
			print: fc.option(
				fc.record({
					family: fc.constantFrom(...prints.map((print) => stated(print.id))),
					scale: fc.option(fc.constantFrom(...printScales.map((scale) => stated(scale))), { nil: undefined })
				}),
				{ nil: undefined }
			),
			metal: fc.option(fc.constantFrom(...metalIds.map((metal) => stated(metal))), { nil: undefined })
		})
	);

export const elementArbitrary: fc.Arbitrary<Element> = fc
	.record({
		id: fc.uuid(),
		garment: garmentArbitrary(),
		rank: fc.integer({ min: 1, max: 6 }),
		role: fc.constantFrom(...roleIds),
		weightFactor: fc.double({ min: 0.2, max: 5, noNaN: true }),
		moves: fc.uniqueArray(fc.constantFrom<MoveId>(...moveIds), { maxLength: 2 })
	})
	.chain((base) =>
		fc
			.record({
				signature: fc.subarray((Object.keys(base.garment.facets) as FacetId[]).slice(0, 2)),
				open: fc.constant<FacetId[]>([])
			})
			.map((rest) => ({ ...base, ...rest, note: '' }))
	);

export const elementsArbitrary = fc.uniqueArray(elementArbitrary, {
	minLength: 1,
	maxLength: 9,
	selector: ({ id }) => id
});
