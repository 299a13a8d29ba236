/**
 * How often things of a family are worn before they are done with, and where a wardrobe's money goes (common practice in kind; the
 * figures are this project's, for someone with an ordinary wardrobe, and may be argued with).
 */
export interface Wearing {
	family: string;
	/** Wears over its life, of a plain one in good cloth. */
	wears: number;
	/** Worn weekly and for years: worth the money. Only glints, or is worn for one night or one season: not worth much of it. */
	money?: 'spend' | 'save';
	/** Lasts, and is found pre-owned as good as new. */
	preOwnedFirst?: true;
}

export const wearing: readonly Wearing[] = [
	{ family: 'tees', wears: 60 },
	{ family: 'shirts', wears: 80 },
	{ family: 'knitwear', wears: 80 },
	{ family: 'cardigans', wears: 80 },
	{ family: 'tailored', wears: 120, money: 'spend', preOwnedFirst: true },
	{ family: 'jackets', wears: 100, preOwnedFirst: true },
	{ family: 'coats', wears: 200, money: 'spend', preOwnedFirst: true },
	{ family: 'trousers', wears: 120, money: 'spend' },
	{ family: 'jeans', wears: 150, preOwnedFirst: true },
	{ family: 'shorts', wears: 40 },
	{ family: 'skirts', wears: 50 },
	{ family: 'dresses', wears: 40 },
	{ family: 'jumpsuits', wears: 25 },
	{ family: 'suits', wears: 80, money: 'spend', preOwnedFirst: true },
	{ family: 'skirt-suits', wears: 60, preOwnedFirst: true },
	{ family: 'co-ords', wears: 30 },
	{ family: 'skirt-sets', wears: 25 },
	{ family: 'kurtas', wears: 60 },
	{ family: 'sherwanis', wears: 5 },
	{ family: 'anarkalis', wears: 8 },
	{ family: 'kurta-sets', wears: 30 },
	{ family: 'salwars', wears: 60 },
	{ family: 'lehengas', wears: 6 },
	{ family: 'lehenga-sets', wears: 6 },
	{ family: 'drapes', wears: 15 },
	{ family: 'stoles', wears: 40 },
	{ family: 'hosiery', wears: 15, money: 'save' },
	{ family: 'underpinnings', wears: 60 },
	{ family: 'shoes', wears: 120, money: 'spend' },
	{ family: 'sandals', wears: 60 },
	{ family: 'boots', wears: 120, money: 'spend' },
	{ family: 'handbags', wears: 250, money: 'spend', preOwnedFirst: true },
	{ family: 'belts', wears: 150, money: 'save' },
	{ family: 'scarves', wears: 80, money: 'save' },
	{ family: 'pocket-squares', wears: 80, money: 'save' },
	{ family: 'headwear', wears: 50 },
	{ family: 'hair-ornaments', wears: 20, money: 'save' },
	{ family: 'eyewear', wears: 200 },
	{ family: 'gloves', wears: 80 },
	{ family: 'earrings', wears: 100, money: 'save' },
	{ family: 'necklaces', wears: 80, money: 'save' },
	{ family: 'bracelets', wears: 80, money: 'save' },
	{ family: 'rings', wears: 150, money: 'save' },
	{ family: 'brooches', wears: 30, money: 'save' }
];

/** What takes from the wears of a plain one, each with its share that is left (this project’s). */
export const fewerWears = {
	/** Full evening dress: the one-night piece. */
	evening: { share: 0.15, words: 'evening dress' },
	/** What takes the eye is remembered. */
	statement: { share: 0.4, words: 'a statement' },
	/** A strong colour is of its season. */
	strong: { share: 0.6, words: 'a strong colour' },
	good: { share: 0.8, words: 'worn before' },
	worn: { share: 0.5, words: 'well worn before' }
} as const;
export type FewerWears = keyof typeof fewerWears;
