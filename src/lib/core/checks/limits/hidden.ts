/** What is on the body and is not to be seen: "a tattoo on her forearm, keep it covered", "shoulder scar must not show". */

const mark = String.raw`(?:tattoos?|tattooed|inked|scars?|scarred|scarring|birthmarks?|burns?|stretch marks|veins|vitiligo|psoriasis|eczema|rash(?:es)?|bruis(?:e|es|ing)|stoma)`;
/** Where it is: the side is left out, where above the elbow is another place than the arm. */
const place = String.raw`((?:upper )?arms?|fore-?arms?|wrists?|elbows?|hands?|shoulder blades?|shoulders?|backs?|nape|necks?|collar-?bones?|chest|cleavage|d[ée]collet(?:age|é)|midriff|belly|stomach|tummy|hips?|thighs?|knees?|legs?|shins?|calf|calves|ankles?|feet|foot)`;
const side = '(?:(?:lower|left|right|inner|outer) )?';
const owner = '(?:(?:the|her|his|their|my|both|one|(?:back|side|inside|front|top) of) )*';
/** "The tattoo on her left forearm", "tattooed forearms", "a back tattoo", "his shoulder has a scar". */
const marked = new RegExp(
	`\\b(?:${mark} (?:on|over|across|down|along|round|at|in) ${owner}${side}${place}|${mark} ${side}${place}|${place} ${mark}|${place} (?:(?:is|are|has|have)(?: an?| some)?) ${mark})\\b`,
	'i'
);
const unseen =
	/\b(?:hid(?:e|es|den|ing)|cover(?:s|ed|ing)?|conceal\w*|disguise[ds]?|(?:out of|from) (?:sight|view)|under wraps|invisible|(?:no|not|never|without|\w+n['’]?t)\b.*\b(?:show\w*|seen|visible|peek\w*|on show|on display))\b/i;

/** The place of the body that a sentence says has a mark; undefined where it says none. */
export function placeOfMark(sentence: string): string | undefined {
	const [, ...places]: (string | undefined)[] = marked.exec(sentence) ?? [];
	return places.find((one) => one !== undefined)?.replace(/^shoulder blades?$/i, 'back');
}

/** "Keep forearm covered" for what says that a mark is not to be seen; undefined for anything else. */
export function hidingMark(sentence: string): string | undefined {
	const place = unseen.test(sentence) ? placeOfMark(sentence) : undefined;
	// What is on a shoulder may reach down to where a sleeve would be.
	return place && `keep ${/^shoulders?$/i.test(place) ? `${place} and upper arm` : place} covered`;
}

const shapes: Readonly<Record<'middle' | 'hips', string>> = {
	middle: 'tummy|stomach|belly|middle|midriff|waistline|muffin top|love handles|spare tyre|tum',
	hips: 'hips|bum|bottom|behind|backside|rear|thighs|saddle ?bags'
};
const disliking = String.raw`\b(?:hat(?:es?|ing)|dislik(?:es?|ing)|loathes?|\w*n['’]?t (?:like|love)|not (?:happy|keen)|conscious|insecure|shy|embarrassed|unhappy|uncomfortable|hid(?:es?|ing)|disguis(?:es?|ing)|camouflages?|skims?)\b(?: (?:with|on|about|of|by))?`;

/** What clings to a shape that is not to be shown, as a limit of its own: "hates her tummy", "wants her hips hidden"; else none. */
export function hidingShape(sentence: string): string[] {
	return (['middle', 'hips'] as const)
		.filter((where) => {
			const shape = `(?:her|his|their|my) (?:[a-z]+ )?(?:${shapes[where]})`;
			return new RegExp(`${disliking} ${shape}$|${shape} (?:hidden|disguised|skimmed)$`, 'i').test(
				sentence.trim()
			);
		})
		.map((where) => `nothing clinging to the ${where}`);
}
