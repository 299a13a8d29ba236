/** Fixed figures of the closeness measure, each with its reason (this project's; may be argued with). */
export const likeness = {
	/** Two values of one group of a nominal facet: told apart on a second look. */
	sameGroup: 0.6,
	/** Two values of different groups: they still are a neckline, a toe. */
	otherGroup: 0.1,
	/** However much is said of a thing, its features together weigh no more than this, so that what it is and its colour lead. */
	featuresAtMost: 3.5,
	/** Two materials that feel the same: wool and camel hair. */
	twinMaterial: 0.94,
	/** What a value is worth that nobody stated, but the kind or the cloth says: "a slip dress is cut on the bias". */
	byKind: 0.95,
	/** One print for another of a different family: busy answers busy. */
	otherPrint: 0.25,
	/** Share of a print's likeness that its scale earns, where both state it. */
	printScaleShare: 0.25,
	/** Earned where a print is asked and the garment does not say whether it has one: less than another print would. */
	printPrior: 0.12,
	/** The same where it is asked to be plain: what nobody calls printed mostly is not. */
	plainPrior: 0.75,
	/** What a print's weight is multiplied by where the element is plain. */
	plainPrint: 0.4,
	/** Assumed where the garment does not state its colours. */
	palettePrior: 0.1,
	/** Assumed where the garment does not state its metal. */
	metalPrior: 0.15,
	/** Cap on the whole element when a signature feature is wholly missed; it rises evenly to 1. */
	signatureFloor: 0.5,
	/** A match below this is no answer to what is asked, where one must be picked. */
	matchFloor: 0.35,
	/** What comes less close than the floor earns nothing; from the ceiling on, all that its features come to. */
	answerFloor: 0.25,
	answerCeiling: 0.45,
	/** Share of an element's points that its styling moves hold. */
	movesShare: 0.12,
	/** What serving every wish is worth in the order of the tray, against closeness 0..1: a near tie, no more. */
	wishShare: 0.05,
	/** A bag's weight where one good bag goes with every look: it is there, whatever its likeness. */
	oneGoodBag: 0.5
} as const;
