import { underneath } from '../checks/underneath';
import { labOfHex } from '../colour/spaces';
import { companions, type CompanionId } from '../lexicon/companions';
import { placeOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Money } from '../model/basics';
import type { Echo } from '../model/echo';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import { boughtIn, usualPrice, type Rates } from './spend';

/** Something that a thing needs besides. */
export interface Needed {
	key: string;
	words: string;
	/** How it is sold, and for about how much in pence; of what is worn underneath the shops tell. */
	pack?: string;
	priceMinor?: number;
	/** Types that serve: who owns one has it. */
	serves: readonly string[];
}

/** Cloth paler than this (L* of CIELAB) shows white beneath it (this project's). */
const paleFrom = 90;

/** Which companions a garment calls for, by its kind, cloth, heel and colour. */
function calledFor(garment: Garment): CompanionId[] {
	const { family, slot, usual } = garmentType(garment.type);
	const value = (facet: 'material' | 'heelHeight' | 'legLength') =>
		garment.facets[facet]?.value ?? usual[facet] ?? '';
	const material = value('material');
	const heel = value('heelHeight');
	const [main] = garment.palette;
	const isPale = main !== undefined && labOfHex(main.hex).l >= paleFrom;
	const calls: [CompanionId, boolean][] = [
		['boot-socks', family === 'boots'],
		[
			'no-show-socks',
			family === 'shoes' && heel !== '' && placeOf('heelHeight', heel) <= placeOf('heelHeight', 'low')
		],
		[
			'heel-pads',
			slot === 'feet' && heel !== '' && placeOf('heelHeight', heel) >= placeOf('heelHeight', 'high')
		],
		['suede-spray', material === 'suede'],
		[
			'leather-balm',
			material === 'leather' && (slot === 'feet' || slot === 'bag' || slot === 'outer' || slot === 'layer')
		],
		['wool-comb', ['wool', 'merino', 'cashmere', 'mohair'].includes(material) && slot !== 'feet'],
		['hemming', slot === 'legs' && value('legLength') === 'floor'],
		['skin-tone-brief', isPale && (slot === 'legs' || slot === 'whole')]
	];
	return calls.filter(([, isCalled]) => isCalled).map(([id]) => id);
}

/** What else a purchase needs, to be worn as it is meant: socks, sprays, pads, a hem, and what goes underneath (common practice). */
export const neededWith = (garment: Garment): Needed[] => [
	...underneath(garment).map(({ type, words }) => ({ key: type, words, serves: [type] })),
	...calledFor(garment).map((id) => ({ key: id, serves: [], ...companions[id] }))
];

/**
 * What all that an echo buys needs besides and the client does not own, each once, and about what it comes to (what is worn underneath is left to
 * the shops).
 *
 * @param currency the studio's; without a rate for pounds, in which the table is, the sum is in pounds
 */
export function neededBeside(
	echo: Pick<Echo, 'matches' | 'extras'>,
	pieces: readonly Pick<Piece, 'parts'>[],
	currency: string,
	rates: Rates = {}
): { needs: Needed[]; about: Money } {
	const owned: ReadonlySet<string> = new Set(
		pieces.flatMap(({ parts }) => parts.map(({ garment }) => garment.type))
	);
	const worn: ReadonlySet<string> = new Set(boughtIn(echo).map(({ listing }) => listing.garment.type));
	const needs = new Map(
		boughtIn(echo)
			.flatMap(({ listing }) => neededWith(listing.garment))
			.filter(({ serves }) => !serves.some((type) => owned.has(type) || worn.has(type)))
			.map((need) => [need.key, need])
	);
	const sum = [...needs.values()].reduce((total, { priceMinor = 0 }) => total + priceMinor, 0);
	return { needs: [...needs.values()], about: usualPrice(sum, currency, rates) };
}
