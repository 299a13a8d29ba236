/** How kinds are compared by their form; figures of this project, each with its reason. */
export const kindForm = {
	/** Two kinds that are drawn alike cover the same and hang the same. */
	drawn: 1.5,
	/** Knitted or woven is seen at once. */
	made: 1,
	/** Use: what is dressed alike is worn for the same. */
	dressed: 0.8,
	/** So many steps of formality apart, nothing of the use is shared. */
	worldsApart: 3,
	/** Likeness of form that two kinds have by chance. */
	nothing: 0.35,
	/** What the same form is worth across families, where enough can be compared. */
	share: 0.75,
	/** That much weight of form compared is enough. */
	enough: 4,
	/** Small things are what they are: two of a family that are cut and worn unlike share little. */
	small: ['accessories', 'beauty'] as readonly string[],
	smallUnlike: 0.4,
	/** How the things of a family are made, where that can be told. */
	makes: {
		tees: 'jersey',
		shirts: 'woven',
		knitwear: 'knit',
		cardigans: 'knit',
		tailored: 'woven',
		jackets: 'woven',
		coats: 'woven',
		kurtas: 'woven',
		sherwanis: 'woven'
	} as Readonly<Record<string, 'jersey' | 'woven' | 'knit' | undefined>>
} as const;
