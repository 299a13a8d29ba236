import { deltaE00 } from '../colour/difference';
import { labOfHex } from '../colour/spaces';
import type { Garment, Swatch } from '../model/garment';
import { facetOf, facetValue } from '../lexicon/facets';
import type { MeasuredFacet } from './measured-shape';
import type { PhotoReading } from './read-photo';

/** Colours nearer than this are the same for whoever looks twice (clearly related, in CIEDE2000). */
const agreesUpTo = 10;

/** The palette of a reading as a garment states it: measured, each colour with how sure it is. */
export const measuredPalette = ({ palette }: PhotoReading): Swatch[] =>
	palette.map(({ hex, share, sure, lightnessSure }) => ({
		hex,
		share: Math.max(0.01, Math.round(share * 100) / 100),
		provenance: 'measured',
		sure: Math.round(((sure + lightnessSure) / 2) * 100) / 100
	}));

/** A garment with the colours that were measured in place of those that were said. What is of metal keeps its metal. */
export const withMeasured = (garment: Garment, reading: PhotoReading): Garment =>
	garment.metal && garment.palette.length === 0 ? garment : { ...garment, palette: measuredPalette(reading) };

/** Where what was said of a garment's main colour and what was measured are apart: the two colours. */
export function colourDispute(
	garment: Garment,
	{ palette }: PhotoReading
): { said: string; measured: string } | undefined {
	const [said] = garment.palette;
	const [measured] = palette;
	if (!said || !measured || said.provenance === 'measured') return undefined;
	return deltaE00(labOfHex(said.hex), measured.lab) > agreesUpTo
		? { said: said.hex, measured: measured.hex }
		: undefined;
}

/** A garment with what was measured of its shape where nothing was said of it. What was said stays. */
export const withMeasuredShape = (garment: Garment, shape: readonly MeasuredFacet[]): Garment => ({
	...garment,
	facets: {
		...Object.fromEntries(
			shape.map(({ facet, value }) => [facet, { value, provenance: 'measured' as const }])
		),
		...garment.facets
	}
});

/** Where what was said of a garment's shape and what was measured are apart, in the words of each facet. */
export function shapeDisputes(
	garment: Garment,
	shape: readonly MeasuredFacet[]
): { facet: string; said: string; measured: string }[] {
	return shape.flatMap(({ facet, value }) => {
		const said = garment.facets[facet];
		if (!said || said.provenance === 'measured' || said.value === value) return [];
		const label = (id: string) => facetValue(facet, id)?.label ?? id;
		return [{ facet: facetOf(facet).label, said: label(said.value), measured: label(value) }];
	});
}
