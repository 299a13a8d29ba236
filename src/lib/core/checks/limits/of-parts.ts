/** Limits of the parts of a thing: whether it has one, "dresses must have sleeves", and how large that is, "no big buttons". */
import type { Detail } from '../../lexicon/details';
import { garmentType } from '../../lexicon/taxonomy';
import { senseOf, sensesOf } from '../../reading/spans/senses';
import { spansOf } from '../../reading/spans/spans';
import type { PieceFacts } from '../facts';
import { among, anyOf, byFacet, type Answer } from '../property';
import { isSaidIn, isTold } from './described';
import { sleevesAre } from './of-the-body';

/** The part that words name, and nothing besides; undefined where they name none. "Tassels" say how a thing is, and a tassel is a part. */
function partIn(words: string): Detail | undefined {
	const [only, ...others] = spansOf(words);
	if (!only || others.length > 0) return undefined;
	const one = words.replace(/(?<=[^s])s$/i, '');
	return senseOf(only, 'detail')?.detail ?? (one === words ? undefined : partIn(one));
}

const noSleeves = ['sleeveless', 'strapless'];

/** Has a piece a part that words name? What its kind usually has counts; of what it may have or not, it is not known. */
export function hasPart(piece: PieceFacts, words: string): Answer {
	if (isTold(piece, words)) return 'yes';
	const detail = partIn(words);
	if (!detail?.without) return 'no';
	const [facet, none] = detail.without;
	if (!piece.type.facets.includes(facet)) return 'no';
	// A strapless neckline has no sleeves, though nobody speaks of them.
	const isWithout =
		facet === 'sleeveLength' ? sleevesAre(piece, ...noSleeves) : byFacet(piece, facet, among(none));
	if (isWithout === 'yes' || isWithout === 'by-kind') return 'no';
	if (detail.facets.some((other) => piece.stated(other) !== undefined)) return 'yes';
	return isWithout === 'unknown' ? 'unknown' : 'by-kind';
}

/** Can the fields of a piece tell whether it has the part that words name? */
export function tellsPart({ type }: PieceFacts, words: string): boolean {
	const [facet] = partIn(words)?.without ?? [];
	return facet !== undefined && type.facets.includes(facet);
}

/** Does a piece lack a part that it must have, of which its fields can tell? */
export function lacksPart(piece: PieceFacts, words: string): Answer {
	const has = hasPart(piece, words);
	if (has === 'unknown') return 'unknown';
	return has === 'no' ? 'yes' : 'no';
}

/** Words for how much of a part there is, those of one measure together: more of it, and less (common practice). */
const measures: readonly (readonly [more: string, less: string])[] = [
	[
		'big large oversized oversize outsize huge giant massive enormous chunky exaggerated statement bold',
		'small tiny little mini dainty discreet subtle'
	],
	['wide broad thick', 'narrow slim skinny thin fine'],
	['long', 'short'],
	['deep', 'shallow']
];
interface Direction {
	measure: number;
	up: boolean;
}
const directions = new Map<string, Direction>(
	measures.flatMap(([more, less], measure) =>
		[more, less].flatMap((words) =>
			words.split(' ').map((word): [string, Direction] => [word, { measure, up: words === more }])
		)
	)
);
/** How large as a whole goes with every other measure: big lapels are wide ones. */
const asWhole = 0;
const isOneMeasure = (one: Direction, other: Direction): boolean =>
	one.measure === other.measure || one.measure === asWhole || other.measure === asWhole;

const small = ['accessories', 'jewellery', 'beauty'];
/** "Skirts" are worn by themselves, where a bow sits on something. */
const namesClothes = (words: string): boolean =>
	spansOf(words)
		.flatMap((span) => sensesOf(span, 'type'))
		.some(({ type }) => !small.includes(garmentType(type).division));

export interface AmountLimit {
	/** The part: "buttons". */
	part: string;
	/** Is it so large on a piece that has it? Not known where nothing tells. */
	isSo: (piece: PieceFacts) => Answer;
}

/** "Big buttons", "wide lapels": a part, and how large it is not to be; undefined where words say no such thing, or a feature that has a field. */
export function amountLimitIn(words: string): AmountLimit | undefined {
	const [, amount = '', part = ''] = /^([\w-]+) (.+)$/.exec(words) ?? [];
	const wanted = directions.get(amount.toLowerCase());
	const detail = wanted && partIn(part);
	if (!wanted || !detail || namesClothes(part) || spansOf(words).length < 2) return undefined;
	const hasField = spansOf(amount)
		.flatMap((span) => sensesOf(span, 'facet'))
		.some(({ facet }) => detail.facets.includes(facet));
	if (hasField) return undefined;
	const tells = (note: string): Answer => {
		const said = note.split(/[\s-]+/).flatMap((word) => directions.get(word.toLowerCase()) ?? []);
		const told = said.find((one) => isOneMeasure(one, wanted));
		if (!told) return 'unknown';
		return told.up === wanted.up ? 'yes' : 'no';
	};
	return {
		part,
		isSo: ({ note = '' }) => {
			const notes = note.split(', ').filter((one) => isSaidIn(one, part));
			return notes.length > 0 ? anyOf(...notes.map(tells)) : 'unknown';
		}
	};
}
