import { garmentInWords } from '../closeness/words';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { chooseItem } from '../matching/choosing';
import type { OwnedOption } from '../matching/items';
import type { Match } from '../model/echo';
import { freshReference, type Element, type Reference } from '../model/reference';

/**
 * An outfit as a reference of its own, the large things first, with the matches that answer it: what was built from a rail can be
 * fitted, checked, judged and handed over like any look.
 */
export function referenceFrom(
	options: readonly OwnedOption[],
	title: string,
	newId: () => string
): { reference: Reference; matches: Match[] } {
	const areaOf = ({ garment }: OwnedOption) => slots[garmentType(garment.type).slot].areaShare;
	const ordered = [...options].sort((a, b) => areaOf(b) - areaOf(a));
	const elements = ordered.map(({ garment }, i): Element => ({
		id: newId(),
		garment,
		rank: i + 1,
		role: i === 0 ? 'key' : slots[garmentType(garment.type).slot].areaShare >= 0.05 ? 'support' : 'finish',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [],
		note: ''
	}));
	const reference = freshReference({
		id: newId(),
		kind: 'aesthetic',
		title: title.slice(0, 120),
		elements,
		note: ordered
			.map(({ garment }) => garmentInWords(garment))
			.join('; ')
			.slice(0, 4000)
	});
	const matches = elements.reduce<Match[]>((all, element, i) => {
		const option = ordered[i];
		return option
			? chooseItem(all, elements, { element, item: option.item, garment: option.garment }, newId())
			: all;
	}, []);
	return { reference, matches };
}
