/** Why a figure is what it is: every facet, in words first and then in numbers. */
import type { Element } from '../model/reference';
import type { Garment } from '../model/garment';
import type { PieceCloseness } from './piece';
import { byKind } from './by-kind';
import { aspectInWords, aspectLabel, aspectValueInWords, unaskedInWords } from './words';

export interface WhyRow {
	aspect: string;
	/** "a finger or two shorter". */
	words: string;
	asked: string;
	/** What the garment states; empty where it does not say. */
	given: string;
	/** 0..1 */
	similarity: number;
	/** Share of the piece's closeness, 0..1. */
	share: number;
	/** What it takes off the closeness, 0..1: share × (1 − similarity). */
	lost: number;
	status: PieceCloseness['aspects'][number]['status'] | 'unasked';
	signature: boolean;
}

/** Each facet of a comparison, the one that costs most first, then by what it holds; what is lost adds up. */
export const whyFigure = (
	element: Pick<Element, 'garment'>,
	given: Garment,
	closeness: PieceCloseness
): WhyRow[] =>
	[
		...closeness.unasked.map(({ aspect, loss }): WhyRow => ({
			aspect: aspectLabel(aspect),
			words: unaskedInWords(given, aspect),
			asked: '',
			given: aspectValueInWords(byKind(given), aspect) ?? '',
			similarity: 0,
			share: 0,
			lost: loss,
			status: 'unasked',
			signature: false
		})),
		...closeness.aspects.map((compared): WhyRow => ({
			aspect: aspectLabel(compared.aspect),
			words: aspectInWords(element.garment, given, compared),
			asked: aspectValueInWords(element.garment, compared.aspect) ?? '',
			given: aspectValueInWords(given, compared.aspect) ?? '',
			similarity: compared.similarity,
			share: compared.share,
			lost: compared.share * (1 - compared.similarity),
			status: compared.status,
			signature: compared.signature
		}))
	].sort((a, b) => b.lost - a.lost || b.share - a.share);
