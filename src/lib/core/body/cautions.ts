import { heelOfShoe } from './heights';
import { isColourOf } from '../colour/words';
import { hasMetalFittings, materialsOfParts, quotedFor } from '../lexicon/limit-properties';
import { isOverAnother, nickelBearing } from '../lexicon/metals';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';

export interface Caution {
	words: string;
	/** against: what the client ruled out · likely: it often holds what harms them · look: the label decides */
	kind: 'against' | 'likely' | 'look';
}

/** Other materials that a word for one rules out too. */
const kinOf: Record<string, RegExp> = {
	wool: /wool|merino|cashmere|mohair|alpaca|tweed|flannel|felt|boucle|camel-hair/,
	latex: /rubber|elastane/,
	synthetics: /nylon|polyester|elastane|technical|imitation-leather/,
	feathers: /feather|down-fill/,
	down: /down-fill|feather/,
	fur: /fur|shearling/,
	leather: /^(?!imitation).*leather|suede|exotic-skin|shearling/
};

type Limits = Pick<Client, 'avoidMaterials' | 'allergies' | 'limits'> &
	Partial<Pick<Client, 'coloursRefused'>>;

function againstCloth({ avoidMaterials, allergies }: Limits, { type, facets }: Garment): string[] {
	// What a tweed jacket is made of is in its name, and need not be stated.
	const material = facets.material?.value ?? garmentType(type).usual.material;
	const parts = materialsOfParts((facet) => facets[facet]?.value);
	const cloth = [material, facets.texture?.value, ...parts].filter((value) => value !== undefined);
	if (cloth.length === 0) return [];
	return [...avoidMaterials, ...allergies]
		.filter((avoided) => {
			const word = avoided.toLowerCase();
			const kin = Object.hasOwn(kinOf, word) ? kinOf[word] : undefined;
			return cloth.some((value) => kin?.test(value) ?? value.includes(word));
		})
		.map((avoided) => `${cloth[0] ?? ''}: this client avoids ${avoided}`);
}

/** What a note speaks of that the client avoids: a lining, a trim. The label tells. */
export const avoidedInNote = (
	{ avoidMaterials, allergies }: Pick<Limits, 'avoidMaterials' | 'allergies'>,
	note: string
): Caution[] =>
	[...avoidMaterials, ...allergies].flatMap((avoided): Caution[] => {
		const quoted = quotedFor(avoided, note);
		return quoted
			? [{ words: `this client avoids ${avoided}: ${quoted}; look at the label`, kind: 'look' }]
			: [];
	});

function againstColours({ coloursRefused = [] }: Limits, { palette }: Garment): string[] {
	const seen = coloursRefused.filter((word) => palette.some(({ hex }) => isColourOf(word, hex)));
	return seen.map((word) => `${word}: a colour that this client refuses`);
}

function overHeelLimit({ limits }: Limits, garment: Garment): Caution[] {
	const most = limits.maxHeelCm;
	const { slot, plural } = garmentType(garment.type);
	if (most === undefined || slot !== 'feet') return [];
	const heel = heelOfShoe(garment);
	if (!heel) return [{ words: `how high is the heel? The limit is ${most} cm`, kind: 'look' }];
	if (heel.cm <= most) return [];
	const byKind = heel.stated ? '' : ` as ${plural} usually have`;
	const about = garment.facets.heelHeight?.cm === undefined ? 'about ' : '';
	return [{ words: `${about}${heel.cm} cm of heel${byKind}, over the limit of ${most} cm`, kind: 'against' }];
}

/** Where metal lies on the skin though it is no jewel: buckles, frames, slides. */
const onSkin: readonly SlotId[] = ['waist', 'eyes', 'hair', 'head'];

function metalOnSkin({ allergies }: Limits, { type, metal }: Garment, note = ''): Caution[] {
	const { division, slot } = garmentType(type);
	const jewellery = division === 'jewellery';
	const isMetal = jewellery || metal !== undefined || hasMetalFittings(garmentType(type));
	if (!isMetal || !allergies.some((allergy) => allergy.toLowerCase() === 'nickel')) return [];
	// The metal of a bag or a zip seldom lies on the skin.
	const isOver = metal !== undefined && isOverAnother(note);
	return metal && (jewellery || onSkin.includes(slot)) && (isOver || nickelBearing.includes(metal.value))
		? [
				{
					words: isOver
						? `nickel allergy: what lies under ${metal.value} that is plated often holds nickel; ask the maker`
						: `nickel allergy: ${metal.value} often holds nickel; ask the maker`,
					kind: 'likely'
				}
			]
		: [{ words: 'nickel allergy: check the label of all metal that touches skin', kind: 'look' }];
}

/**
 * What speaks against a garment for this client's body and taste: materials they avoid, colours that they refuse, metal next
 * to a nickel allergy, a heel above their limit; what only its note speaks of is asked. Labels and the client's clinician have the last
 * word.
 */
export const cautionsFor = (client: Limits, garment: Garment, note?: string): Caution[] => [
	...[...againstCloth(client, garment), ...againstColours(client, garment)].map((words): Caution => ({
		words,
		kind: 'against'
	})),
	...(note ? avoidedInNote(client, note) : []),
	...overHeelLimit(client, garment),
	...metalOnSkin(client, garment, note)
];
