/** Tones of skin that a figure is drawn in, and that "nude" means for a client who has it (this project's; rough by nature). */
export const skins = {
	porcelain: '#f1ddd0',
	fair: '#e8c9b3',
	medium: '#d6ab8a',
	olive: '#bd9169',
	brown: '#8f6244',
	deep: '#5b3b2a'
} as const;
export type SkinId = keyof typeof skins;
export const skinIds = Object.keys(skins) as SkinId[];

/**
 * How far a skin of each undertone leans from the middle one, in CIELAB: towards yellow where it is warm, towards rose where it is
 * cool (common practice as to the way; the amount is this project's, near what the eye just tells apart on large areas).
 */
export const undertoneShift = {
	cool: { a: 2.5, b: -4 },
	neutral: { a: 0, b: 0 },
	warm: { a: -1, b: 4.5 }
} as const;

/** What "nude" is while nobody's skin is meant. */
export const nude = '#dcbfa3';
