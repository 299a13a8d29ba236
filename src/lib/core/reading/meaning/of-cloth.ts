/** What is said of garments that are cut from cloth, and of nothing that is worn beside them. */
import { isCloth, senseOf, sensesOf } from '../spans/senses';
import type { FacetId } from '../../lexicon/facets';
import { materialFamilies } from '../../lexicon/materials';
import type { GarmentType } from '../../lexicon/taxonomy';
import type { Span } from '../model';
import { type Clause } from './parts';
import { nameSays } from './types';

/** What is worn beside garments of cloth. */
export const besideCloth = new Set(['accessories', 'bags', 'footwear', 'jewellery', 'beauty']);
const cutOfCloth = new Set<FacetId>([
	'neckline',
	'lapel',
	'waistline',
	'skirtShape',
	'sleeveShape',
	'shoulder',
	'leg',
	'rise'
]);
/** "A nipped-in waist", "floor-length": said of nothing but garments of cloth. */
const onlyOfCloth = ({ senses }: Span) =>
	senses.every((sense) => sense.kind === 'facet' && cutOfCloth.has(sense.facet));
/** What jewels are made of, besides metal. */
const hard: ReadonlySet<string> = new Set(
	materialFamilies
		.filter((family) => family.some(({ id }) => ['metal', 'wood', 'velvet', 'leather'].includes(id)))
		.flat()
		.map(({ id }) => id)
);
const clothsOf = (clause: Clause) =>
	clause.parts.flatMap(({ span }) => sensesOf(span, 'facet')).filter(({ facet }) => facet === 'material');
/** "A leather belt", "suede boots" are told to be of that, whether or not the cloth is a word of their name; "jade" is a colour as well. */
export const isToldCloth = (own: Clause, type: GarmentType): boolean =>
	own.parts.some(({ span }) => isCloth(span) && senseOf(span, 'colour') === undefined) ||
	(own.head !== undefined &&
		nameSays(type, own.head.span.words).some(
			(sense) => sense.kind === 'facet' && sense.facet === 'material'
		));

/** Can what is said of a whole list be said of what is worn beside cloth: are jewels ever of it, and is it told to be of something else? */
export function mayBeOf(said: Clause, type: GarmentType, own: Clause): boolean {
	const cloths = clothsOf(said);
	if (cloths.length === 0) return true;
	if (type.division === 'jewellery') return cloths.some(({ value }) => hard.has(value));
	const sees = own.parts.some(({ span }) => sensesOf(span, 'facet').some(({ facet }) => facet === 'opacity'));
	return !sees && !isToldCloth(own, type);
}

/** Does a clause speak of a part that only cloth is cut with, and this type does not have: a neckline, a train? */
export const hasPartOfCloth = ({ parts }: Clause, { facets }: GarmentType) =>
	parts.some(({ span, role }) => {
		const detail = role === 'detail' ? senseOf(span, 'detail')?.detail : undefined;
		if (detail?.takesMetal) return false;
		const ofCloth =
			detail?.facets ??
			(role === 'said' && onlyOfCloth(span) ? sensesOf(span, 'facet').map(({ facet }) => facet) : []);
		return ofCloth.length > 0 && !ofCloth.some((facet) => facets.includes(facet));
	});
