/**
 * Letter codes of EN 13402-3 with the girths in cm that they are for (values from memory): even steps of 8 up to M, wider
 * ones above. Women by bust, men by chest.
 */
export interface LetterSize {
	label: string;
	/** From, and up to but not with. */
	girthCm: readonly [number, number];
}

const rows = (labels: string, bounds: readonly number[]): LetterSize[] =>
	labels.split(' ').map((label, i) => ({ label, girthCm: [bounds[i] ?? 0, bounds[i + 1] ?? 0] }));

const labels = 'XXS XS S M L XL XXL 3XL';
export const womensLetters = rows(labels, [66, 74, 82, 90, 98, 107, 119, 131, 143]);
export const mensLetters = rows(labels, [70, 78, 86, 94, 102, 110, 118, 129, 141]);

/** A woman's hip that usually goes with a bust, in cm above it (this project's; the standard pairs several). */
export const hipAboveBustCm = 8;
