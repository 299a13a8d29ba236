/** What a photograph of the try-on measures beside what was planned. */
import { hemLanding } from '../body/hem-landing';
import { cutForCm } from '../body/heights';
import { deltaE00 } from '../colour/difference';
import { mainSwatch } from '../colour/palette';
import { labOfHex } from '../colour/spaces';
import { facetValue } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { ElementSeen } from '../model/try-on';

export type AsTried =
	| {
			kind: 'colour';
			planned: string;
			measured: string;
			/** CIEDE2000 */
			apart: number;
			says: 'same' | 'near' | 'other';
	  }
	/** By how many cm the hem ends higher than planned; negative where it ends lower, 0 where it ends as planned. */
	| { kind: 'hem'; higherCm: number }
	| { kind: 'sleeve'; planned: string; measured: string; same: boolean };

/** Colours nearer than this are one to the eye of a passer-by; up to the second they are clearly related (CIEDE2000). */
const sameUpTo = 6;
const nearUpTo = 12;
/** A height read off a photograph is not known better than this, in cm (common practice: the width of a finger). */
const readingCm = 2;

/**
 * What is otherwise than planned, and what is as planned, of one garment on the photograph of a try-on.
 *
 * @param planned the garment as it was chosen, with its own length in cm where that was measured
 * @param body the client's measures; without a stature, lengths are told for the one that patterns are cut for
 * @param heelCm the heel that is worn: cloth that is longer than the body with it lies on the floor, and is seen to end there
 */
export function asTried(
	planned: { garment: Garment; lengthCm?: number },
	seen: Pick<ElementSeen, 'palette' | 'to' | 'sleeve'>,
	body: Pick<Client['measurements'], 'stature' | 'inseam'>,
	heelCm = 0
): AsTried[] {
	const { garment, lengthCm } = planned;
	const told: AsTried[] = [];
	const [said, measured] = [mainSwatch(garment.palette), mainSwatch(seen.palette)];
	if (said && measured) {
		const apart = deltaE00(labOfHex(said.hex), labOfHex(measured.hex));
		const says = apart <= sameUpTo ? 'same' : apart <= nearUpTo ? 'near' : 'other';
		told.push({ kind: 'colour', planned: said.hex, measured: measured.hex, apart, says });
	}
	const stature = body.stature ?? cutForCm;
	const landing = hemLanding(garment, { ...body, stature }, { lengthCm });
	if (landing && seen.to !== undefined) {
		const planned = Math.max(landing.atStature, -heelCm / stature);
		const higherCm = Math.round((seen.to - planned) * stature);
		told.push({ kind: 'hem', higherCm: Math.abs(higherCm) < readingCm ? 0 : higherCm });
	}
	const sleeve = garment.facets.sleeveLength?.value ?? garmentType(garment.type).usual.sleeveLength;
	if (sleeve && seen.sleeve) {
		const label = (id: string) => facetValue('sleeveLength', id)?.label ?? id;
		told.push({
			kind: 'sleeve',
			planned: label(sleeve),
			measured: label(seen.sleeve),
			same: sleeve === seen.sleeve
		});
	}
	return told;
}
