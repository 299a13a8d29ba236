/** What several things worn together come to: what is there twice, beside something else, throughout, or missing. */
import { deltaE00 } from '../../colour/difference';
import { familiesRelated } from '../../colour/family';
import type { SlotId } from '../../lexicon/slots';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, saidOnly, type Answer } from '../property';
import { thresholds } from '../thresholds';

/** Is a piece what a part of a limit speaks of? */
export type Is = (piece: PieceFacts) => Answer;

/** What a limit comes to for a look, and the pieces by which. */
export interface Outcome {
	answer: Answer;
	pieces: readonly PieceFacts[];
	/** In place of the pieces, where something is missing or counted. */
	words?: string;
	/** Something is not there: no other piece mends it in place of one that is. Where it would be worn, as far as is known. */
	isMissing?: true;
	wornIn?: readonly SlotId[];
}
/** A limit held against a whole look. */
export type OfLook = (worn: readonly PieceFacts[]) => Outcome;

const nothing: Outcome = { answer: 'no', pieces: [] };
const strength: readonly Answer[] = ['yes', 'by-kind', 'unknown', 'no'];
/** The outcome that says most. */
export const strongest = (found: readonly Outcome[]): Outcome =>
	[...found].sort((a, b) => strength.indexOf(a.answer) - strength.indexOf(b.answer))[0] ?? nothing;
const pairsOf = <T>(all: readonly T[]) =>
	all.flatMap((one, i) => all.slice(i + 1).map((other): [T, T] => [one, other]));

/** Every two things of which one may be this and the other that; each is asked once. */
function bothOf(worn: readonly PieceFacts[], a: Is, b: Is) {
	const asked = worn.map((piece) => ({ piece, isA: a(piece), isB: b(piece) }));
	return pairsOf(asked).flatMap(([one, other]) => {
		const answer = anyOf(allOf(one.isA, other.isB), allOf(other.isA, one.isB));
		const pieces: [PieceFacts, PieceFacts] = [one.piece, other.piece];
		return answer === 'no' ? [] : [{ pieces, answer }];
	});
}

/** Two things worn together, one of them this and another that: "no socks with sandals". */
export const beside =
	(a: Is, b: Is): OfLook =>
	(worn) =>
		strongest(bothOf(worn, a, b));

/** More of a thing than so many: "double denim", "no more than one ring". What nobody knows of is asked, where one of them is known. */
export const moreThan =
	(most: number, is: Is): OfLook =>
	(worn) => {
		const counted = worn.map((piece) => ({ piece, answer: is(piece) }));
		const sure = counted.filter(({ answer }) => answer === 'yes' || answer === 'by-kind');
		const asked = counted.filter(({ answer }) => answer === 'unknown');
		const pieces = (some: typeof counted) => some.map(({ piece }) => piece);
		if (sure.length > most)
			return { answer: allOf(...sure.map(({ answer }) => answer)), pieces: pieces(sure) };
		return sure.length > 0 && sure.length + asked.length > most
			? { answer: 'unknown', pieces: pieces([...sure, ...asked]) }
			: nothing;
	};

/** Everything that is large, and what else counts where it is seen, is so: "head-to-toe black". */
export const throughout =
	(is: Is, alsoIn: readonly SlotId[]): OfLook =>
	(worn) => {
		const pieces = worn.filter(({ area, slot }) => area >= thresholds.largeArea || alsoIn.includes(slot));
		return pieces.length < 2 ? nothing : { answer: allOf(...pieces.map(is)), pieces };
	};

/** Something is missing that is always worn: "never without earrings". */
export const missing =
	(is: Is, what: string, wornIn?: readonly SlotId[]): OfLook =>
	(worn) => {
		const answer = anyOf(...worn.map(is));
		if (answer === 'yes' || answer === 'by-kind') return nothing;
		return {
			answer: answer === 'unknown' ? 'unknown' : 'yes',
			pieces: worn.filter(({ area }) => area >= thresholds.largeArea),
			words: `${what}: not in the look`,
			isMissing: true,
			...(wornIn && { wornIn })
		};
	};

/** Something is missing that is worn with another: "no skirts without tights". */
export const missingWith =
	(is: Is, what: string, where: Is, wornIn?: readonly SlotId[]): OfLook =>
	(worn) => {
		const asking = worn.filter((piece) => saidOnly(where(piece)) !== 'no');
		const there = anyOf(...worn.filter((piece) => !asking.includes(piece)).map(is));
		if (asking.length === 0 || there === 'yes' || there === 'by-kind') return nothing;
		return {
			answer: there === 'unknown' ? 'unknown' : 'yes',
			pieces: asking,
			...(wornIn && { wornIn }),
			words: `${asking.map(({ title }) => title).join(', ')} without ${what}`
		};
	};

/** Different kinds of one thing in one look: "no mixed prints", "metals must match". */
export const mixed =
	(kindOf: (piece: PieceFacts) => string | undefined): OfLook =>
	(worn) => {
		const pieces = worn.filter((piece) => kindOf(piece) !== undefined);
		return new Set(pieces.map(kindOf)).size > 1 ? { answer: 'yes', pieces } : nothing;
	};

/** As near in colour, in CIEDE2000, as a bag that is said to match its shoes (common practice: of one colour, not of one dye). */
const sameWithin = 16;
const isOneColour = ({ main: one }: PieceFacts, { main: other }: PieceFacts): Answer => {
	if (!one || !other) return 'unknown';
	return one.family === other.family && deltaE00(one.lab, other.lab) <= sameWithin ? 'yes' : 'no';
};
/** Two things of one colour: "no matching bag and shoes"; or, where they must match, of two. */
export const matching =
	(a: Is, b: Is, wanted: 'alike' | 'apart'): OfLook =>
	(worn) =>
		strongest(
			bothOf(worn, a, b).map(({ pieces, answer }) => {
				const same = isOneColour(...pieces);
				const asWanted = same === 'unknown' || wanted === 'alike' ? same : same === 'yes' ? 'no' : 'yes';
				return { pieces, answer: allOf(answer, asWanted) };
			})
		);

/** A top and a bottom that look like one suit: of one colour, one print, and not known to be of two cloths. */
export const sets: OfLook = (worn) =>
	strongest(
		pairsOf(worn)
			.filter(
				([one, other]) =>
					[one, other].some(({ slot }) => slot === 'legs') &&
					[one, other].some(({ slot }) => ['top', 'layer', 'outer'].includes(slot))
			)
			.map((pieces) => {
				const [one, other] = pieces;
				const cloths = pieces.flatMap((piece) => piece.stated('material') ?? []);
				const isApart = one.print !== other.print || new Set(cloths).size > 1;
				return { pieces, answer: isApart ? 'no' : isOneColour(one, other) };
			})
	);

/** One colour in everything large and on the feet, whichever. */
export const oneColour: OfLook = (worn) => {
	const seen = worn.filter(
		({ area, slot, main }) => main && (area >= thresholds.largeArea || slot === 'feet')
	);
	const [first] = seen;
	const all =
		seen.length > 1 &&
		seen.every(
			({ main, print }) => !print && main && first?.main && familiesRelated(main.family, first.main.family)
		);
	return all ? { answer: 'yes', pieces: seen } : nothing;
};

/** More colours than so many; where neutrals alone make it too many, it is asked whether they count. */
export const coloursOver =
	(most: number): OfLook =>
	(worn) => {
		const seen = worn.filter(
			({ main, type }) => main && type.division !== 'jewellery' && type.division !== 'beauty'
		);
		const groups: PieceFacts[] = [];
		for (const piece of seen)
			if (!groups.some(({ main }) => main && piece.main && familiesRelated(main.family, piece.main.family)))
				groups.push(piece);
		if (groups.length <= most) return nothing;
		const answer = groups.filter(({ neutral }) => !neutral).length > most ? 'yes' : 'unknown';
		const names = groups.map(({ main }) => main?.family).join(', ');
		return { answer, pieces: groups, words: answer === 'yes' ? names : `${names}; do neutrals count?` };
	};
