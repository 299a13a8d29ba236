/** Fixed figures of the closeness measure, each with its reason (this project's; may be argued with). */
export const likeness = {
	/** Two values of one group of a nominal facet: told apart on a second look. */
	sameGroup: 0.6,
	/** Two values of different groups: they still are a neckline, a toe. */
	otherGroup: 0.1,
	/** One print for another of a different family: busy answers busy. */
	otherPrint: 0.25,
	/** Share of a print's likeness that its scale earns, where both state it. */
	printScaleShare: 0.25,
	/** Assumed where the garment does not say whether it is printed: most are plain. */
	printPrior: 0.45,
	/** What a print's weight is multiplied by where the element is plain. */
	plainPrint: 0.4,
	/** Assumed where the garment does not state its colours. */
	palettePrior: 0.25,
	/** Assumed where the garment does not state its metal. */
	metalPrior: 0.4,
	/** Cap on the whole element when a signature feature is wholly missed; it rises evenly to 1. */
	signatureFloor: 0.5,
	/** A match below this is no match. */
	matchFloor: 0.35,
	/** Share of an element's points that its styling moves hold. */
	movesShare: 0.12,
	/** What serving every wish is worth in the order of the tray, against closeness 0..1: a near tie, no more. */
	wishShare: 0.05,
	/** A bag's weight where one good bag goes with every look: it is there, whatever its likeness. */
	oneGoodBag: 0.5
} as const;
