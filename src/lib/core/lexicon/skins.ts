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

/** What "nude" is while nobody's skin is meant. */
export const nude = '#dcbfa3';
