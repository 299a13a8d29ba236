/** What stands next to the face, for the colouring of this client. */
import { chromaOf, labOfHex } from '../colour/spaces';
import { temperatureOf } from '../colour/temperature';
import type { SlotId } from '../lexicon/slots';
import { skins } from '../lexicon/skins';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';

export type Colouring = Pick<Client, 'colouring' | 'figure'>;

const nextToFace: readonly SlotId[] = [
	'top',
	'whole',
	'layer',
	'suit',
	'outer',
	'drape',
	'scarf',
	'head',
	'ears',
	'neck'
];
/** A colour more muted than this (C*) is neither warm nor cool by the face: nearer to the skin less is seen than across a room. */
const leastChroma = 12;
/** Apart from the skin by more than this in lightness (L*) a colour is in contrast to it, by less than that close to it. */
const inContrast = 38;
const closeTo = 22;

/** What is said of a colour by the face, with what it is worth: above 0 for it, below against it. */
function told(garment: Garment, { colouring, figure }: Colouring): { points: number; words: string }[] {
	const [main] = [...garment.palette].sort((a, b) => b.share - a.share);
	if (!main || !nextToFace.includes(garmentType(garment.type).slot)) return [];
	const lab = labOfHex(main.hex);
	const temperature = chromaOf(lab) < leastChroma ? undefined : temperatureOf(lab);
	const { undertone, contrast } = colouring;
	const apart = Math.abs(lab.l - labOfHex(skins[figure.skin]).l);
	return [
		...(temperature !== undefined && (undertone === 'warm' || undertone === 'cool')
			? [
					temperature === undertone
						? { points: 0.6, words: `${temperature} by the face, as the skin` }
						: { points: -0.6, words: `${temperature} by a ${undertone} skin` }
				]
			: []),
		...(contrast === 'high' && apart >= inContrast
			? [{ points: 0.4, words: 'in contrast by the face' }]
			: []),
		...(contrast === 'high' && apart <= closeTo
			? [{ points: -0.4, words: 'little contrast by the face' }]
			: []),
		...(contrast === 'low' && apart <= closeTo ? [{ points: 0.4, words: 'soft by the face' }] : []),
		...(contrast === 'low' && apart >= inContrast ? [{ points: -0.4, words: 'hard by the face' }] : [])
	];
}

/** How well a garment stands next to this client's face, −1 to 1; 0 for what is worn elsewhere or where nothing is noted. */
export const faceScore = (client: Colouring, garment: Garment): number =>
	told(garment, client).reduce((sum, { points }) => sum + points, 0);

/** What speaks for a garment next to this client's face, in words. */
export const faceInWords = (client: Colouring, garment: Garment): string[] =>
	told(garment, client)
		.filter(({ points }) => points > 0)
		.map(({ words }) => words);
