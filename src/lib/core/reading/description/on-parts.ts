/** What is said of a part of a garment: its collar, its cuffs, a buckle, a hem. */
import { alsoSaid, isCloth, senseOf } from '../spans/senses';
import { type Clause, type Part } from '../meaning/parts';
import { takeColour, takeFacet, takeMetal, takings, unset, type Description } from '../meaning/takings';
import type { Keeper } from './keeper';
import { spot } from '../../lexicon/details';
import { isPutOn } from '../meaning/work';

/** "A silver belt buckle": the metal before the name is the part's after it. */
export function metalOfPart(keeper: Keeper, clause: Clause): void {
	const head = clause.head ? clause.parts.indexOf(clause.head) : -1;
	const [before, after] = [clause.parts[head - 1], clause.parts[head + 1]];
	const metal = before?.role === 'said' ? senseOf(before.span, 'metal') : undefined;
	if (!before || !metal || !after || !senseOf(after.span, 'detail')?.detail.takesMetal) return;
	if (after.at !== before.at + 2) return;
	keeper.take(before, takeMetal(metal.metal));
	clause.parts = clause.parts.filter((part) => part !== before);
}

/** Of the words before a part, the ones next to it that speak of it. */
export function wordsOfDetail(keeper: Keeper, part: Part, before: Part[]): Part[] {
	let from = before.length;
	// "A lace high-neck blouse": what says itself how it is leaves the cloth to the garment.
	if (part.span.words.length > 1 && alsoSaid(part.span)) return [];
	// "A satin lined cape": what it is lined with, straight before it.
	const last = before.at(-1);
	const isLining = last !== undefined && senseOf(part.span, 'detail')?.detail.leads && isCloth(last.span);
	if ((part.span.hyphenated || isLining) && last?.at === part.at - 1) from--;
	while (from > 0 && takings(before[from - 1] as Part, keeper.description, part).length > 0) from--;
	return before.slice(from);
}

const heights = new Set(['top', 'bottom', 'hem', 'edge', 'waist', 'shoulder', 'shoulders', 'front', 'back']);

/** "An ombre dress, pink at the top, orange at the hem": of what is coloured so, the colour of a place is one of its own. */
const isDivided = ({ print }: Description, { span }: Part) =>
	print !== undefined &&
	['ombre', 'colour-block'].includes(print.family.value) &&
	heights.has(span.words.at(-1) ?? '');

/** Words before a part of the garment: what they say of the part, and what only the note can hold. */
export function takeDetail(keeper: Keeper, part: Part, before: Part[]): void {
	const detail = senseOf(part.span, 'detail')?.detail;
	if (!detail) return;
	const { description } = keeper;
	if (part.denied) return denyDetail(keeper, part, before);
	const kept: Part[] = [];
	let said = false;
	// "Shawl lapel": the part's name says how it is.
	const [own] = part.span.words.length > 1 ? takings(part, description, part) : [];
	before.forEach((word, i) => {
		if (word.denied) return keeper.note(word, 'denied', 'not so');
		const [taking] = takings(word, description, part);
		if (taking) {
			said = true;
			return keeper.take(word, taking);
		}
		const next = before[i + 1];
		const colour = senseOf(word.span, 'colour');
		if (colour && (detail.coversCloth || isDivided(description, part)))
			return keeper.take(word, takeColour(colour.hex, { ofWork: detail.isWork }));
		if (senseOf(word.span, 'tone') && next && senseOf(next.span, 'colour') && detail.coversCloth)
			return keeper.note(word, 'understood', 'its depth');
		kept.push(word);
	});
	// "Straps crossed at the back" stay in their order, "the collar white" is a white collar.
	const isAsWritten = !detail.leads && kept.some(({ at, span }) => at > part.at && /\s/.test(span.text));
	// "Feathers at the hem", "fur at the wrist", where "lace at the cuffs" are lace cuffs.
	const isPutThere =
		part.placed === true &&
		(spot.words.includes(part.span.text.toLowerCase()) || kept.some(({ span }) => isPutOn(span)));
	const place = isPutThere ? `at the ${part.span.words.join(' ')}` : part.span.text;
	const words = isAsWritten
		? [part, ...kept].map(({ span }) => span.text).join(' ')
		: [kept.map(({ span }) => span.text.replace(/^with /i, '')).join(' '), place].filter(Boolean).join(' ');
	// "Lace on the bodice" is so there alone.
	const isThereAlone = part.placed === true && detail.coversCloth === true && kept.length === 0;
	const worked = isThereAlone
		? `${before.map(({ span }) => span.text).join(' ')} at the ${part.span.words.join(' ')}`
		: part.worked;
	for (const word of kept)
		keeper.note(word, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
	if (kept.length > 0) description.notes.push(words);
	if (own && own.says.aspect !== 'palette') keeper.take(part, own);
	else takeBarePart(keeper, { ...part, worked }, said, kept.length > 0 ? words : undefined);
}

/** "A white collar and cuffs": what was kept of the first part is said of the second as well. */
export function takesSame(keeper: Keeper, before: Part, { before: joined, bare, parts }: Clause): boolean {
	const [part, other] = parts;
	const { notes } = keeper.description;
	const kept = notes.at(-1);
	if (joined !== 'and' || !bare || !part || other || part.role !== 'detail' || part.denied) return false;
	if (!kept?.endsWith(` ${before.span.text}`)) return false;
	const words = `${kept} and ${part.span.text}`;
	notes[notes.length - 1] = words;
	keeper.note(part, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
	return true;
}

/** The part itself: what its mere mention says, where the words before it said nothing of it. */
function takeBarePart(keeper: Keeper, part: Part, said: boolean, noted: string | undefined): void {
	const { description } = keeper;
	const detail = senseOf(part.span, 'detail')?.detail;
	const [ownFacet] = said ? [] : takings(part, description);
	const alone = detail?.alone;
	if (!said && alone && description.type.facets.includes(alone[0])) {
		// "A fur-trimmed hood": what was said of the same place before it stays, the part is kept beside it.
		if (unset(description, alone[0])) {
			// "A back zip": where it is, no field holds.
			if (/^(?:back|side)$/.test(part.span.words[0] ?? '')) keeper.keepBeside(part.span.text);
			return keeper.take(part, takeFacet(alone[0], alone[1]));
		}
		if (description.facets[alone[0]]?.value !== alone[1])
			return keeper.keep(part, part.span.text, 'understood', 'kept as a note');
	}
	if (ownFacet) return keeper.take(part, ownFacet);
	// "French cuffs": a name of its own that no field holds; "a top with a toggle": none of this garment does.
	const holdsNot = alone !== undefined && !description.type.facets.includes(alone[0]);
	if (!said && noted === undefined && (part.span.words.length > 1 || holdsNot))
		return keeper.keep(part, part.span.text, 'understood', 'kept as a note');
	if (noted !== undefined)
		return keeper.note(part, 'understood', `kept as a note: ${noted}`, { aspect: 'note', value: noted });
	if (part.worked) {
		// "Velvet bows at the back": what was kept of them so far.
		const [what = ''] = part.worked.split(' at the ');
		const soFar = description.notes.at(-1);
		const goesOn = soFar !== undefined && ` ${soFar}`.endsWith(` ${what}`);
		if (goesOn) description.notes.pop();
		const words = goesOn ? soFar + part.worked.slice(what.length) : part.worked;
		return keeper.keep(part, words, 'understood', 'kept as a note');
	}
	const sitsThere = detail && (detail.facets.length === 0 || detail.only !== undefined || detail.added);
	if (!said && sitsThere && !description.notes.includes(part.span.text)) {
		description.notes.push(part.span.text);
		return keeper.note(part, 'understood', `kept as a note: ${part.span.text}`, {
			aspect: 'note',
			value: part.span.text
		});
	}
	// "A slip with a cowl neck": what the part's own name says, where the garment has no field for it.
	if (!said && part.span.words.length > 1 && alsoSaid(part.span))
		return keeper.keep(part, part.span.text, 'understood', 'kept as a note');
	// "A braided bun": made of the part, rather than having one.
	if (!said && /ed$/.test(part.span.words.at(-1) ?? '') && part.span.words.length === 1)
		return keeper.keep(part, part.span.text, 'understood', 'kept as a note');
	keeper.note(
		part,
		said ? 'understood' : 'idle',
		said ? 'the part that it is said of' : 'names a part, says nothing of it'
	);
}

function denyDetail(keeper: Keeper, part: Part, before: Part[]): void {
	const without = senseOf(part.span, 'detail')?.detail.without;
	for (const word of before) keeper.note(word, 'denied', 'not so');
	if (before.length === 0 && without && keeper.description.type.facets.includes(without[0]))
		return keeper.take(part, takeFacet(without[0], without[1]));
	keeper.note(part, 'denied', `no ${part.span.text}`);
}
