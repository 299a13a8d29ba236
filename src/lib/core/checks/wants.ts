/** What shops are asked for to mend a look: kinds of things that were tried on it. */
import { colourWords } from '../lexicon/colours';
import type { SlotId } from '../lexicon/slots';
import { garmentTypes, garmentType, type GarmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import { paletteOf } from '../model/palette';
import { freePlaces, mending, withChange } from './mends';
import type { CheckContext, CheckedPiece, Finding } from './model';

/** Colours that go with most (common practice), tried after those of the look. */
const neutrals = ['black', 'tan', 'ivory', 'navy', 'grey'];
/** As many of a family, and as many colours of each, are tried: enough for every cut that could help. */
const [mostOfFamily, mostColours] = [6, 4];

/** Colours of a look, those of the things that are spoken of before the others, and neutrals. */
function coloursFor(finding: Finding, worn: readonly CheckedPiece[]): string[] {
	const spokenOf = worn.filter(({ id }) => finding.pieces.includes(id));
	const ofLook = [...spokenOf, ...worn].flatMap(({ garment }) => garment.palette.slice(0, 1));
	const others = colourWords.filter(({ word }) => neutrals.includes(word));
	return [...new Set([...ofLook, ...others].map(({ hex }) => hex))].slice(0, mostColours);
}

/** Types that are worn in some places and that shops have: those of the look's own world before others, the general ones first. */
function typesIn(slots: readonly SlotId[], worn: readonly CheckedPiece[]): GarmentType[] {
	const ofLook = new Set(worn.map(({ garment }) => garmentType(garment.type).division));
	const standing = ({ division, general }: GarmentType) => (ofLook.has(division) ? 0 : 2) + (general ? 0 : 1);
	return slots.flatMap((slot) =>
		garmentTypes
			.filter((type) => type.slot === slot && type.division !== 'beauty')
			.filter(({ division }) => division !== 'south-asian' || ofLook.has(division))
			.sort((a, b) => standing(a) - standing(b))
	);
}

/**
 * Things that would mend a finding, put on besides what is worn: the first of each family that helps, in a colour in which it brings no new
 * fault, at most `most`. Empty where nothing put on besides would.
 */
export function wantsOf(
	finding: Finding,
	worn: readonly CheckedPiece[],
	context: CheckContext = {},
	most = 3
): Garment[] {
	const slots = freePlaces(finding, worn);
	if (finding.severity === 'praise' || slots.length === 0) return [];
	const isMended = mending(finding, worn, context);
	const colours = coloursFor(finding, worn);
	const tried = new Map<string, number>();
	const wants = new Map<string, Garment>();
	for (const { id, family } of typesIn(slots, worn)) {
		const before = tried.get(family) ?? 0;
		if (wants.has(family) || before >= mostOfFamily) continue;
		tried.set(family, before + 1);
		const garment = colours
			.map((hex): Garment => ({ type: id, palette: paletteOf([{ hex, provenance: 'assumed' }]), facets: {} }))
			.find((one) =>
				isMended(withChange(worn, { kind: 'add', id: 'wanted', to: { key: id, title: id, garment: one } }))
			);
		if (garment) wants.set(family, garment);
		if (wants.size === most) break;
	}
	return [...wants.values()];
}
