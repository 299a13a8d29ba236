/** A piece as it is entered: every part has a garment at last, one price, an alteration a line. */
import { amountInWords, readMoney, type Garment, type Part, type Piece, type SaidPiece } from '$lib/core';
import { followLine } from '../frame/follow-line';

/** A part that may not be known yet. */
export type PartDraft = Omit<Part, 'garment'> & { garment: Garment | undefined };
/** Another way of wearing one part. */
export interface ConfigurationDraft {
	id: string;
	name: string;
	partId: string;
	garment: Garment | undefined;
}
export type PieceDraft = Omit<Piece, 'parts' | 'configurations' | 'alterations'> & {
	parts: PartDraft[];
	configurations: ConfigurationDraft[];
	price: string;
	altered: string;
};

export const draftOf = ({ alterations, configurations, ...known }: Piece, currency: string): PieceDraft => ({
	...known,
	configurations: configurations.flatMap(({ id, name, garments: [one] }) =>
		one ? [{ id, name, ...one }] : []
	),
	price: known.acquired.price ? amountInWords(known.acquired.price, currency) : '',
	altered: alterations.map(({ what }) => what).join('\n')
});

/** The fields of a piece that the line speaks of as well, besides its look. */
interface SaidFacts {
	price: string;
	sizeLabel: string;
	how: Piece['acquired']['how'];
	on: string | undefined;
	state: Piece['state'];
	note: string;
}
const factsOf = ({ price, sizeLabel, acquired, state, note }: PieceDraft): SaidFacts => ({
	price,
	sizeLabel,
	how: acquired.how,
	on: acquired.on,
	state,
	note
});

/** What the line says now over what stood in the form before it was begun. */
const laidOver = (before: SaidFacts, said: SaidPiece | undefined, currency: string): SaidFacts => ({
	price: said?.price ? amountInWords(said.price, currency) : before.price,
	sizeLabel: said?.sizeLabel || before.sizeLabel,
	how: said && said.acquired.how !== 'unknown' ? said.acquired.how : before.how,
	on: said?.acquired.on ?? before.on,
	state: said && said.state !== 'ready' ? said.state : before.state,
	note: [before.note, said?.note].filter(Boolean).join(', ')
});

/** Keeps the fields of a draft in step with its line while that is typed. */
export function lineOver(draft: PieceDraft, currency: string): (said: SaidPiece | undefined) => void {
	const follow = followLine<SaidFacts>({
		read: () => factsOf(draft),
		write: ({ how, on, ...facts }) =>
			Object.assign(draft, facts, { acquired: { ...draft.acquired, how, on } })
	});
	return (said) => follow((before) => laidOver(before, said, currency));
}

/** What was noted of an alteration before stays with its line. */
const alterationsFrom = (lines: string, before: Piece['alterations']): Piece['alterations'] =>
	lines
		.split('\n')
		.map((line) => line.trim().slice(0, 200))
		.filter(Boolean)
		.slice(0, 60)
		.map((what) => before.find((one) => one.what === what) ?? { what });

/** The other parts of a configuration that has several stay as they are. */
const configurationsFrom = (drafts: readonly ConfigurationDraft[], before: Piece['configurations']) =>
	drafts.map(({ id, name, partId, garment }) => {
		const others = before.find((one) => one.id === id)?.garments.slice(1) ?? [];
		return {
			id,
			name: name.trim(),
			garments: [{ partId, garment: garment as Garment }, ...others.filter((one) => one.partId !== partId)]
		};
	});

/** The piece that was entered; every part must be known by now. */
export function pieceFrom(
	{ price, altered, parts, configurations, ...facts }: PieceDraft,
	{ name, currency, before }: { name: string; currency: string; before?: Piece }
): Piece {
	return {
		...facts,
		name: facts.name.trim() || name,
		parts: parts.map(({ of, ...part }) => ({ ...part, garment: part.garment as Garment, ...(of && { of }) })),
		configurations: configurationsFrom(configurations, before?.configurations ?? []),
		alterations: alterationsFrom(altered, before?.alterations ?? []),
		acquired: { ...facts.acquired, price: readMoney(price, currency) }
	};
}
