import { familiesRelated } from '../../colour/family';
import { chromaOf } from '../../colour/spaces';
import { colourName } from '../../colour/words';
import type { PieceFacts } from '../facts';
import type { Rule } from '../rule';
import { thresholds } from '../thresholds';

/** Pieces that should belong to the outfit rather than carry a colour of their own. */
const belong = ['bag', 'feet', 'waist', 'hands', 'hosiery'];

/** Small bags of the evening are worn as jewels are. */
const eveningBags = ['clutch', 'minaudiere', 'potli'];

/** Is it a bag beside a neutral shoe, or a shoe beside a neutral bag? The two belong to each other. */
function apartFromPartner({ slot, type }: PieceFacts, pieces: readonly PieceFacts[]): boolean {
	const partner = { bag: 'feet', feet: 'bag' }[slot as string];
	return (
		!eveningBags.includes(type.id) &&
		pieces.some((other) => other.slot === partner && other.neutral && !eveningBags.includes(other.type.id))
	);
}

export const strayColour: Rule = {
	id: 'stray-colour',
	title: 'A stray colour',
	reason:
		'A strong colour that appears once, on a piece that should belong, looks left over rather than meant.',
	standing: 'settled',
	silentUnder: { question: 'colours', schools: ['contrast-on-purpose'] },
	yieldsTo: ['too-many-colours', 'bag-and-shoe', 'lone-texture', 'socks'],
	addIn: ['scarf', 'waist', 'bag', 'neck', 'ears', 'head', 'hands', 'brooch', 'face', 'nails'],
	about: ['palette'],
	find: ({ pieces }) =>
		pieces
			.filter(({ slot, strong }) => strong && belong.includes(slot))
			.filter((piece) => {
				const family = piece.main?.family;
				return (
					family !== undefined &&
					!pieces.some(
						(other) =>
							other !== piece &&
							other.colours.some(
								(colour) => familiesRelated(colour.family, family) && chromaOf(colour.lab) > 12
							)
					)
				);
			})
			// Where all else is neutral, one strong colour is the accent, but for a bag and a shoe that go apart.
			.filter(
				(piece) =>
					pieces.some((other) => other !== piece && other.strong && other.area > 0.05) ||
					apartFromPartner(piece, pieces)
			)
			.map((piece) => ({
				severity: 'hint' as const,
				pieces: [piece.id],
				measured: `${colourName(piece.main?.hex ?? '')} appears on the ${piece.title} alone`,
				swap: true
			}))
};

/** Is a colour full enough to take the eye? */
export const isFull = (lab: Parameters<typeof chromaOf>[0]) => chromaOf(lab) >= thresholds.strongChroma;
