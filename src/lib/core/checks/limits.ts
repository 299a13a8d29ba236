/** What a client never wears or shows, said in words, held against a piece. */
import { isColourOf } from '../colour/words';
import { garmentType } from '../lexicon/taxonomy';
import type { Sense, Span } from '../reading/model';
import { spansOf } from '../reading/spans';
import type { PieceFacts } from './facts';

/** Limits that speak of the body, or of what no word of the lexicon says, and what shows or does it. */
const ofTheBody: { word: RegExp; breaks: (piece: PieceFacts) => boolean }[] = [
	{
		word: /strapless/i,
		breaks: (piece) => piece.value('sleeveLength') === 'strapless' || piece.stated('neckline') === 'strapless'
	},
	{
		word: /sleeveless|upper arms?|bare arms?/i,
		breaks: (piece) =>
			piece.slot !== 'layer' && ['sleeveless', 'strapless'].includes(piece.value('sleeveLength') ?? '')
	},
	{
		word: /bare shoulders?|off.the.shoulder/i,
		breaks: (piece) =>
			['off-shoulder', 'one-shoulder', 'strapless', 'halter'].includes(piece.value('neckline') ?? '')
	},
	{
		word: /mini|short skirts?|thighs?|above the knee|bare knees/i,
		breaks: (piece) => ['micro', 'mini', 'above-knee'].includes(piece.value('hemLength') ?? '')
	},
	{
		word: /low neck|cleavage|plung|bare chest/i,
		breaks: (piece) => ['deep-v', 'plunge', 'sweetheart'].includes(piece.value('neckline') ?? '')
	},
	{
		word: /bare back|backless/i,
		breaks: (piece) => ['open', 'low'].includes(piece.value('back') ?? '')
	},
	{
		word: /tight|clingy|bodycon/i,
		breaks: (piece) => piece.value('fit') === 'skin-tight' && piece.slot !== 'hosiery'
	},
	{
		word: /see.through|sheer|transparent/i,
		breaks: (piece) =>
			piece.slot !== 'hosiery' && ['sheer', 'semi-sheer'].includes(piece.stated('opacity') ?? '')
	},
	{ word: /leather/i, breaks: (piece) => piece.value('material') === 'leather' },
	{ word: /fur/i, breaks: (piece) => piece.value('material') === 'fur' },
	{
		word: /rustl/i,
		breaks: (piece) => ['taffeta', 'nylon', 'technical', 'lame'].includes(piece.value('material') ?? '')
	},
	// How much skin a crop shows depends on the rise below it: that is a rule of its own.
	{ word: /midriff|belly|stomach|tummy/i, breaks: () => false }
];

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
	ofTheBody.some(({ word }) => word.test(limit)) || meaningOf(limit).length > 0;

/**
 * Does a piece break a limit ("strapless", "polka dots", "red trousers")? A limit of the body goes by what shows; of any
 * other, all that its words say must hold.
 */
export function breaksLimit(limit: string, piece: PieceFacts): boolean {
	const body = ofTheBody.filter(({ word }) => word.test(limit));
	if (body.length > 0) return body.some(({ breaks }) => breaks(piece));
	const meant = meaningOf(limit);
	return (
		meant.length > 0 && meant.every(({ text, senses }) => senses.some((sense) => isOf(piece, sense, text)))
	);
}
