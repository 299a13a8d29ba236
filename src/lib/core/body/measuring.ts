import { bodyRatios } from '../lexicon/measures';
import type { Measurements } from '../model/client';

/** What is kindly asked of measures that seldom go together; they are taken as they are. */
export const measureQuestions = (measures: Measurements): string[] =>
	bodyRatios.flatMap(({ of, to, range: [least, most], asks: [below, above] }) => {
		const [one, other] = [measures[of], measures[to]];
		if (one === undefined || other === undefined) return [];
		const ratio = one / other;
		if (ratio < least) return [below];
		return ratio > most ? [above] : [];
	});

export type LengthUnit = 'cm' | 'in';
const cmInInch = 2.54;
/** Inches are shown to quarters, as tapes have them; centimetres to halves. */
const steps = { cm: 2, in: 4 } as const;

/** A length in cm as it is shown in a unit. */
export const lengthIn = (unit: LengthUnit, cm: number): number =>
	Math.round((unit === 'in' ? cm / cmInInch : cm) * steps[unit]) / steps[unit];

/** What was typed in a unit, in cm to the millimetre. */
export const cmFrom = (unit: LengthUnit, length: number): number =>
	Math.round((unit === 'in' ? length * cmInInch : length) * 10) / 10;

const quarters = ['', '¼', '½', '¾'];
/** @example lengthInWords(67, 'in') // "26½ in" */
export function lengthInWords(cm: number, unit: LengthUnit): string {
	const shown = lengthIn(unit, cm);
	if (unit === 'cm') return `${shown} cm`;
	const whole = Math.floor(shown);
	return `${whole}${quarters[Math.round((shown - whole) * 4)] ?? ''} in`;
}
