/** What a client never wears or shows, said in words, held against a piece. */
import { isColourOf } from '../colour/words';
import { garmentType } from '../lexicon/taxonomy';
import type { Sense, Span } from '../reading/model';
import { spansOf } from '../reading/spans';
import type { PieceFacts } from './facts';
import { anyOf, propertiesSaid, type Answer } from './properties';

function isOf(piece: PieceFacts, sense: Sense, text: string): boolean {
	switch (sense.kind) {
		case 'type': {
			const named = garmentType(sense.type);
			return named.id === piece.type.id || (named.general && named.family === piece.type.family);
		}
		case 'facet':
			return piece.value(sense.facet) === sense.value;
		case 'colour':
			return piece.colours.some(({ hex }) => isColourOf(text, hex));
		case 'print':
			return piece.print === sense.family;
		case 'metal':
			return piece.metal === sense.metal;
		default:
			return false;
	}
}

/** A phrase of a limit and what it may mean of a piece. */
type Meant = Pick<Span, 'text' | 'senses'>;

function readLimit(limit: string): Meant[] {
	const spans = spansOf(limit);
	/** Features that only mean something beside their part: the puff of "puff sleeves". */
	const ofParts = spans.flatMap(({ senses }) =>
		senses.flatMap((sense) => (sense.kind === 'detail' ? sense.detail.facets : []))
	);
	const saysSomething = (sense: Sense) =>
		sense.kind === 'facet'
			? sense.free || ofParts.includes(sense.facet)
			: ['type', 'colour', 'print', 'metal'].includes(sense.kind);
	return spans
		.map(({ text, senses }) => ({ text, senses: senses.filter(saysSomething) }))
		.filter(({ senses }) => senses.length > 0);
}

const read = new Map<string, Meant[]>();
/** What a limit means; remembered, since a look is checked again and again. */
function meaningOf(limit: string): Meant[] {
	const known = read.get(limit) ?? readLimit(limit);
	read.set(limit, known);
	return known;
}

/** Can a limit be held against a piece? What is not understood is kept and read by people only. */
export const isKnownLimit = (limit: string): boolean =>
	propertiesSaid(limit).length > 0 || meaningOf(limit).length > 0;

/**
 * Does a piece break a limit ("strapless", "polka dots", "red trousers")? A limit of the body or of a material goes by what
 * the piece is, as stated or by its kind; of any other, all that its words say must hold.
 */
export function breaksLimit(limit: string, piece: PieceFacts): Answer {
	const said = propertiesSaid(limit);
	if (said.length > 0) return anyOf(...said.map(({ holds }) => holds(piece)));
	const meant = meaningOf(limit);
	return meant.length > 0 &&
		meant.every(({ text, senses }) => senses.some((sense) => isOf(piece, sense, text)))
		? 'yes'
		: 'no';
}

/** What is asked where it is not known whether a piece breaks a limit. */
export const questionOf = (limit: string, piece: PieceFacts): string =>
	propertiesSaid(limit).find(({ holds }) => holds(piece) === 'unknown')?.asks ?? 'is that so?';
