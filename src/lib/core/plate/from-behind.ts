/** What is seen of a garment from behind: the shape of its back, and nothing of what its front alone has. */
import { backFastenings, fastenAtTheBack } from '../lexicon/handling';
import type { FacetId } from '../lexicon/facets';
import type { MoveId } from '../lexicon/moves';
import { garmentType, typeHasFacet } from '../lexicon/taxonomy';
import type { DrawKind } from '../lexicon/types/source';
import { stateFacet, type Garment } from '../model/garment';
import type { Figure } from './figure/figure';
import { isStrapped } from './garments/necklines';
import type { PlateShape } from './model';
import { flow } from './path';

/** Kinds of things of which nothing is seen from behind. */
const before: ReadonlySet<DrawKind> = new Set<DrawKind>(['lips', 'eyewear', 'brooch', 'necklace']);
/** Neckwear that hangs in front. */
const hangsInFront: ReadonlySet<string> = new Set(['tie', 'bow-tie', 'cravat', 'jabot']);

/** Necklines that go round the neck, or leave the shoulders bare: the same in front and behind. */
const allRound: ReadonlySet<string> = new Set([
	'roll',
	'funnel',
	'mock',
	'high-neck',
	'halter',
	'one-shoulder',
	'strapless',
	'off-shoulder',
	'sweetheart'
]);
/** How a back is cut, as the neckline that it looks like; a back of which nothing is said is covered to the neck. */
const cutAs: Readonly<Record<string, string>> = {
	covered: 'jewel',
	low: 'scoop',
	open: 'plunge',
	keyhole: 'keyhole',
	racer: 'halter',
	crossed: 'v'
};
/** Collars that are seen as a band behind, and those that hang there. */
const bands: ReadonlySet<string> = new Set(['mandarin', 'band', 'stand', 'funnel', 'hood', 'fur', 'sailor']);

/** Ways of wearing that change the front alone. */
const ofFront: ReadonlySet<MoveId> = new Set<MoveId>(['worn-open', 'unbuttoned', 'knotted', 'half-tucked']);

/**
 * A garment as it is to be drawn from behind, with the moves that are seen there; undefined where nothing of it is seen. The drawing is
 * of the same cloth in the same lengths: neckline, collar, lapels and fastening are those of the back.
 */
export function fromBehind(
	garment: Garment,
	moves: readonly MoveId[]
): { garment: Garment; moves: MoveId[] } | undefined {
	const { draws, usual } = garmentType(garment.type);
	if (before.has(draws) || hangsInFront.has(garment.type)) return undefined;
	const value = (facet: FacetId) => garment.facets[facet]?.value ?? usual[facet];
	const neckline = value('neckline') ?? 'crew';
	const back = garment.facets.back?.value ?? usual.back;
	const collar = value('collar');
	// Straps, and what goes round the neck, are behind as they are in front.
	const asInFront =
		(back === undefined && allRound.has(neckline)) || (isStrapped({ garment }) && back !== 'open');
	const seen: Partial<Record<FacetId, string>> = {
		...(!asInFront && { neckline: cutAs[back ?? 'covered'] ?? 'jewel' }),
		collar: collar && bands.has(collar) ? collar : collar ? 'band' : 'collarless',
		lapel: 'collarless',
		...(value('skirtShape') === 'wrap' && { skirtShape: 'a-line' }),
		closure: 'pull-on'
	};
	const facets = { ...garment.facets };
	for (const [facet, shown] of Object.entries(seen) as [FacetId, string][])
		if (typeHasFacet(garment.type, facet)) stateFacet(facets, facet, { value: shown, provenance: 'assumed' });
	return { garment: { ...garment, facets }, moves: moves.filter((move) => !ofFront.has(move)) };
}

/** Does it fasten down its back: by what is said, or as such things usually do? */
export function fastensBehind({ type, facets }: Garment): boolean {
	const { slot, general } = garmentType(type);
	const closure = facets.closure?.value;
	const behind = fastenAtTheBack.includes(type);
	if (closure === undefined) return behind;
	return backFastenings.includes(closure) && (behind || (slot === 'whole' && !general));
}

/** The seam of a fastening down the back: from the neck, or where the back is bare from the waist, to the seat. */
export const backSeam = ({ landmarks }: Figure, garment: Garment, line: string): PlateShape => {
	const back = garment.facets.back?.value ?? garmentType(garment.type).usual.back ?? 'covered';
	const from = back === 'covered' ? landmarks.shoulder + 4 : landmarks.waist - 14;
	return {
		d: flow([
			[0, from],
			[0, landmarks.waist + 46]
		]),
		stroke: line,
		strokeWidth: 1.8
	};
};
