import { garmentInWords } from '../closeness/words';
import type { MoveId } from '../lexicon/moves';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import { chooseItem } from '../matching/choosing';
import type { OwnedOption } from '../matching/items';
import type { Match } from '../model/worn';
import { freshReference, type Element, type Reference } from '../model/reference';

/** An owned thing as it is worn in an outfit. */
export interface WornOption {
	option: OwnedOption;
	moves: readonly MoveId[];
}

/**
 * An outfit as a reference of its own, the large things first, with the matches that answer it: what was built from a rail can be
 * fitted, checked, judged and handed over like any look.
 */
export function referenceFrom(
	worn: readonly WornOption[],
	title: string,
	newId: () => string
): { reference: Reference; matches: Match[] } {
	const areaOf = ({ option: { garment } }: WornOption) => slots[garmentType(garment.type).slot].areaShare;
	const ordered = [...worn].sort((a, b) => areaOf(b) - areaOf(a));
	const elements = ordered.map(({ option: { garment }, moves }, i): Element => ({
		id: newId(),
		garment,
		rank: i + 1,
		role: i === 0 ? 'key' : slots[garmentType(garment.type).slot].areaShare >= 0.05 ? 'support' : 'finish',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [...moves],
		note: ''
	}));
	const reference = freshReference({
		id: newId(),
		kind: 'aesthetic',
		title: title.slice(0, 120),
		elements,
		note: ordered
			.map(({ option }) => garmentInWords(option.garment))
			.join('; ')
			.slice(0, 4000)
	});
	const matches = elements.reduce<Match[]>((all, element, i) => {
		const one = ordered[i];
		if (!one) return all;
		const { item, garment } = one.option;
		const id = newId();
		return chooseItem(all, elements, { element, item, garment }, id).map((match) =>
			match.id === id ? { ...match, movesDone: [...one.moves] } : match
		);
	}, []);
	return { reference, matches };
}
