/** A piece as it is entered: every part has a garment at last, one price, an alteration a line. */
import { amountInWords, readMoney, type Garment, type Part, type Piece } from '$lib/core';

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
