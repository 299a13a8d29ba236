/** Makes a garment of what is said of it, and says for each phrase what it was taken for. */
import { printScaleWords } from '../lexicon/prints';
import { limitWouldPass } from '../lexicon/limit-properties';
import { moveOf } from '../lexicon/moves';
import type { Tone } from '../lexicon/reading-words';
import type { GarmentType } from '../lexicon/taxonomy';
import type { Provenance } from '../model/basics';
import type { Garment } from '../model/garment';
import { paletteOf } from '../model/palette';
import type { Group } from './owners';
import type { ReadStatus, Sense } from './model';
import { alsoSaid, senseOf, sensesOf, type Clause, type Part } from './parts';
import { longestPhrase } from './phrasebook';
import { wordsOf } from './tokens';
import {
	canBeOf,
	colourBetween,
	denimColour,
	impliedColour,
	metalFirst,
	saidOf,
	saysInWords,
	takeColour,
	takeFacet,
	takeMetal,
	takeMove,
	takings,
	toned,
	unprinted,
	unset,
	valueLabel,
	washOfDepth,
	type Description,
	type Says,
	type Taking
} from './takings';

/** Necklines that say what a bodice hangs from, whatever shape its edge has besides. */
const hangsFrom = new Set(['halter', 'one-shoulder', 'strapless', 'off-shoulder']);

/** Aspects that are named after the part that they speak of, so that "V" and "wide" need the word. */
const partsOfIt = new Set(['neckline', 'collar', 'lapel', 'toe', 'leg', 'sole', 'strap', 'back', 'shoulder']);
function inWordsBeside(says: Says): string {
	const label = valueLabel(says);
	if (says.aspect === 'material') return `with ${label}`;
	return partsOfIt.has(says.aspect) ? `${label} ${says.aspect}` : label;
}

class Describer {
	readonly scales: Part[] = [];
	/** The cloth that a word for a colour named besides. */
	clothOfColour: Description['facets']['material'];

	constructor(
		readonly description: Description,
		readonly provenance: Provenance
	) {}

	note(part: Part, status: ReadStatus, takenFor: string, says?: Says): void {
		this.description.outcomes.push({ at: part.at, status, takenFor, says });
	}
	/** Words that no field holds are kept as they stand. */
	keep(part: Part, words: string, status: ReadStatus, takenFor: string): void {
		if (!this.description.notes.includes(words)) this.description.notes.push(words);
		this.note(part, status, `${takenFor}: ${words}`, { aspect: 'note', value: words });
	}
	take(part: Part, taking: Taking, provenance = this.provenance): void {
		const { description } = this;
		const { says } = taking;
		const before = saidOf(description, says.aspect);
		if (before !== undefined && before !== says.value) {
			// "A halter neck and a keyhole": what the bodice hangs from is its neckline, the other is kept beside it.
			if (says.aspect === 'neckline' && hangsFrom.has(before) && !hangsFrom.has(says.value))
				return this.keep(part, part.span.text, 'understood', 'kept as a note');
			// "Wool crepe": the fibre is what may not be worn, the weave only how it hangs.
			if (says.aspect === 'material' && limitWouldPass(before, says.value))
				return this.keep(part, part.span.text, 'understood', 'kept as a note');
			this.overrule(says.aspect, before);
		}
		taking.apply(description, provenance);
		this.note(part, 'understood', saysInWords(says), says);
	}

	/** Of two that are said where one has place the later stands, and the first is not lost: it is kept as a note. */
	overrule(aspect: Says['aspect'], before: string): void {
		const { description } = this;
		// "Jade velvet" says one cloth.
		if (aspect === 'material' && description.facets.material === this.clothOfColour) return;
		const first = description.outcomes.find(({ says }) => says?.aspect === aspect && says.value === before);
		const words = inWordsBeside({ aspect, value: before });
		if (!description.notes.includes(words)) description.notes.push(words);
		if (!first) return;
		first.takenFor = `kept as a note: ${words}`;
		first.says = { aspect: 'note', value: words };
	}

	/** Words that say something of what is worn with it: they are kept as they stand. */
	keepTogether(parts: readonly Part[], what: string): void {
		const words = parts.map(({ span }) => span.text).join(' ');
		for (const part of parts) this.keep(part, words, 'doubted', `${what}; kept as a note`);
	}

	/** Words before a part of the garment: what they say of the part, and what only the note can hold. */
	takeDetail(part: Part, before: Part[]): void {
		const detail = senseOf(part.span, 'detail')?.detail;
		if (!detail) return;
		const { description } = this;
		if (part.denied) return this.denyDetail(part, before);
		const kept: Part[] = [];
		let said = false;
		// "Shawl lapel": the part's name says how it is.
		const [own] = part.span.words.length > 1 ? takings(part, description, part) : [];
		before.forEach((word, i) => {
			if (word.denied) return this.note(word, 'denied', 'not so');
			const [taking] = takings(word, description, part);
			if (taking) {
				said = true;
				return this.take(word, taking);
			}
			const next = before[i + 1];
			const colour = senseOf(word.span, 'colour');
			if (colour && detail.coversCloth) return this.take(word, takeColour(colour.hex));
			if (senseOf(word.span, 'tone') && next && senseOf(next.span, 'colour') && detail.coversCloth)
				return this.note(word, 'understood', 'its depth');
			kept.push(word);
		});
		const words = [...kept, part].map(({ span }) => span.text).join(' ');
		for (const word of kept)
			this.note(word, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
		if (kept.length > 0) description.notes.push(words);
		if (own && own.says.aspect !== 'palette') this.take(part, own);
		else this.takeBarePart(part, said, kept.length > 0 ? words : undefined);
	}

	/** "A white collar and cuffs": what was kept of the first part is said of the second as well. */
	takesSame(before: Part, { before: joined, bare, parts }: Clause): boolean {
		const [part, other] = parts;
		const { notes } = this.description;
		const kept = notes.at(-1);
		if (joined !== 'and' || !bare || !part || other || part.role !== 'detail' || part.denied) return false;
		if (!kept?.endsWith(` ${before.span.text}`)) return false;
		const words = `${kept} and ${part.span.text}`;
		notes[notes.length - 1] = words;
		this.note(part, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
		return true;
	}

	/** The part itself: what its mere mention says, where the words before it said nothing of it. */
	takeBarePart(part: Part, said: boolean, noted: string | undefined): void {
		const { description } = this;
		const detail = senseOf(part.span, 'detail')?.detail;
		const [ownFacet] = said ? [] : takings(part, description);
		const alone = detail?.alone;
		if (!said && alone && description.type.facets.includes(alone[0])) {
			// "A fur-trimmed hood": what was said of the same place before it stays, the part is kept beside it.
			if (unset(description, alone[0])) return this.take(part, takeFacet(...alone));
			if (description.facets[alone[0]]?.value !== alone[1])
				return this.keep(part, part.span.text, 'understood', 'kept as a note');
		}
		if (ownFacet) return this.take(part, ownFacet);
		// "French cuffs": a name of its own that no field holds; "a top with a toggle": none of this garment does.
		const holdsNot = alone !== undefined && !description.type.facets.includes(alone[0]);
		if (!said && noted === undefined && (part.span.words.length > 1 || holdsNot))
			return this.keep(part, part.span.text, 'understood', 'kept as a note');
		if (noted !== undefined)
			return this.note(part, 'understood', `kept as a note: ${noted}`, { aspect: 'note', value: noted });
		if (!said && detail && detail.facets.length === 0 && !description.notes.includes(part.span.text)) {
			description.notes.push(part.span.text);
			return this.note(part, 'understood', `kept as a note: ${part.span.text}`, {
				aspect: 'note',
				value: part.span.text
			});
		}
		// "A slip with a cowl neck": what the part's own name says, where the garment has no field for it.
		if (!said && part.span.words.length > 1 && alsoSaid(part.span))
			return this.keep(part, part.span.text, 'understood', 'kept as a note');
		// "A braided bun": made of the part, rather than having one.
		if (!said && /ed$/.test(part.span.words.at(-1) ?? '') && part.span.words.length === 1)
			return this.keep(part, part.span.text, 'understood', 'kept as a note');
		this.note(
			part,
			said ? 'understood' : 'idle',
			said ? 'the part that it is said of' : 'names a part, says nothing of it'
		);
	}

	denyDetail(part: Part, before: Part[]): void {
		const without = senseOf(part.span, 'detail')?.detail.without;
		for (const word of before) this.note(word, 'denied', 'not so');
		if (before.length === 0 && without && this.description.type.facets.includes(without[0]))
			return this.take(part, takeFacet(...without));
		this.note(part, 'denied', `no ${part.span.text}`);
	}

	/** Says a clause's words of the garment, part by part. */
	takeClause(clause: Clause, own: boolean): void {
		this.metalOfPart(clause);
		const headAt = clause.head ? clause.parts.indexOf(clause.head) : -1;
		let pending: Part[] = [];
		const flush = () => {
			this.takeWords(pending, clause);
			pending = [];
		};
		clause.parts.forEach((part, i) => {
			if (part.role === 'detail') {
				const denied = part.denied || clause.denied;
				const beforeHead = own && headAt >= 0 && i < headAt;
				const mine = beforeHead ? this.wordsOfDetail(part, pending) : pending;
				pending = pending.slice(0, pending.length - mine.length);
				if (beforeHead) flush();
				this.takeDetail({ ...part, denied }, mine);
				if (!beforeHead) pending = [];
			} else if (part.role === 'said' && part.span.words[0] === 'to' && goesTo(clause.parts[i - 1], [part]))
				this.keep(
					part,
					`${clause.parts[i - 1]?.span.text} ${part.span.text}`,
					'understood',
					'kept as a note'
				);
			else if (part.role === 'said') pending.push(part);
			else {
				// "With a big black bow at the neck": of what is tied there, not of the garment.
				if (part.role === 'move' && !own && !clause.head && namesThing(part)) {
					this.keepOf(pending, part);
					pending = [];
				}
				// "Embroidered with white cranes".
				if (part.role === 'kept' && clause.before === 'with' && !clause.head) {
					this.keepTogether([...pending, part], 'shown on it');
					pending = [];
					return;
				}
				flush();
				if (part.role === 'kept') this.keep(part, part.span.text, 'doubted', 'not known; kept as a note');
				else if (part.role === 'move') this.takeMove(part, clause.denied);
				else if (part.role === 'kind') this.note(part, 'doubted', 'taken as a kind of the garment beside it');
				else if (part.role === 'again') this.note(part, 'understood', 'names the same garment');
				else if (part.role === 'matching')
					this.note(part, 'understood', 'takes colour, cloth and print from the one before');
			}
		});
		flush();
	}

	/** Words before a thing that no field holds: they are kept with its name. */
	keepOf(before: readonly Part[], thing: Part): void {
		if (before.length === 0) return;
		const words = [...before, thing].map(({ span }) => span.text).join(' ');
		this.description.notes.push(words);
		for (const word of before)
			this.note(word, 'understood', `kept as a note: ${words}`, { aspect: 'note', value: words });
	}

	/** "A silver belt buckle": the metal before the name is the part's after it. */
	metalOfPart(clause: Clause): void {
		const head = clause.head ? clause.parts.indexOf(clause.head) : -1;
		const [before, after] = [clause.parts[head - 1], clause.parts[head + 1]];
		const metal = before?.role === 'said' ? senseOf(before.span, 'metal') : undefined;
		if (!before || !metal || !after || !senseOf(after.span, 'detail')?.detail.takesMetal) return;
		if (after.at !== before.at + 2) return;
		this.take(before, takeMetal(metal.metal));
		clause.parts = clause.parts.filter((part) => part !== before);
	}

	/** Of the words before a part, the ones next to it that speak of it. */
	wordsOfDetail(part: Part, before: Part[]): Part[] {
		let from = before.length;
		if (part.span.hyphenated && before.at(-1)?.at === part.at - 1) from--;
		while (from > 0 && takings(before[from - 1] as Part, this.description, part).length > 0) from--;
		return before.slice(from);
	}

	takeMove(part: Part, denied: boolean): void {
		const { type } = this.description;
		const sense = sensesOf(part.span, 'move').find(({ move }) => moveOf(move).slots.includes(type.slot));
		// "Embroidered at the neck": only of what is tied there does the place say that it is.
		const saysWhere = !sense && part.span.senses.some(({ kind }) => kind === 'filler');
		if (saysWhere) return this.note(part, 'idle', 'says where');
		if (sense && part.span.words[0] === 'at' && !['scarf', 'neck', 'waist'].includes(type.slot))
			return this.note(part, 'idle', 'says where');
		if (denied || part.denied) this.note(part, 'denied', 'not worn so');
		else if (sense) this.take(part, takeMove(sense.move));
		else this.note(part, 'doubted', `is not done with ${type.singular}`);
	}

	takeWords(parts: Part[], clause: Clause): void {
		const { description } = this;
		// "A bun with white flowers": what stands in the hair has its own colour.
		const isBeside = clause.before === 'with' && !clause.head && description.type.division === 'beauty';
		if (isBeside && parts.some((part) => !part.denied && takings(part, description).length === 0)) {
			return this.keepTogether(parts, 'beside it');
		}
		for (let i = 0; i < parts.length; i++) {
			const part = parts[i] as Part;
			const next = parts[i + 1];
			if (part.denied || clause.denied) {
				this.note(part, 'denied', 'not so');
				continue;
			}
			if (part.instead) {
				this.keep(part, `or ${part.span.text}`, 'doubted', 'offered as a choice; kept as a note');
				continue;
			}
			const tone = senseOf(part.span, 'tone')?.tone;
			const nextColour = next && senseOf(next.span, 'colour');
			if (tone && next && nextColour && !next.denied && !metalFirst.has(description.type.division)) {
				const deep = isDenim(description) ? denimColour : toned;
				this.take(next, takeColour(deep(nextColour.hex, tone), clause.before === 'on'));
				this.takeClothToo(next);
				this.note(part, 'understood', 'its depth');
				i++;
				continue;
			}
			const between = this.oneWithNext(parts, i);
			if (between && next) {
				this.take(next, takeColour(between, clause.before === 'on'));
				this.note(part, 'understood', 'one colour with the word after it');
				i++;
			} else if (this.isScaleOfPrint(parts, i)) this.scales.push(part);
			else this.takeWord(part, clause);
		}
	}

	/** "Slate blue": the one colour that two colour words side by side name; in a print they are two, but for "red-brown checks". */
	oneWithNext(parts: Part[], at: number): string | undefined {
		const [part, next] = [parts[at], parts[at + 1]];
		const [first, second] = [part, next].map((one) => one && senseOf(one.span, 'colour')?.hex);
		if (!part || !next || !first || !second || next.denied || next.instead || next.at !== part.at + 1)
			return undefined;
		const inPrint =
			this.description.print !== undefined || parts.some(({ span }) => senseOf(span, 'print') !== undefined);
		if (metalFirst.has(this.description.type.division) || (inPrint && !next.span.hyphenated))
			return undefined;
		return colourBetween(first, second);
	}

	/** "dark jeans": of denim, a depth alone is a wash, after a colour its depth; "washed" and "faded" say its wear. */
	takeWash(part: Part, tone: Tone): void {
		const [worn] = sensesOf(part.span, 'facet').filter(({ facet }) => facet === 'distress');
		if (worn) return this.take(part, takeFacet('distress', worn.value));
		const [colour, other] = this.description.colours;
		if (colour && !other) {
			colour.hex = toned(colour.hex, tone);
			return this.note(part, 'understood', 'its depth');
		}
		const said = washOfDepth(tone);
		if (said) return this.take(part, takeColour(said));
		this.note(part, 'idle', 'carries nothing to compare');
	}

	/** "light denim" says two things, its colour and its cloth. */
	takeClothToo({ span }: Part): void {
		const { description } = this;
		const cloth = sensesOf(span, 'facet').find(
			({ facet }) => facet === 'material' && description.type.facets.includes(facet)
		);
		if (!cloth || !unset(description, 'material') || !canBeOf(description.type, cloth.value)) return;
		takeFacet('material', cloth.value).apply(description, this.provenance);
		this.clothOfColour = description.facets.material;
	}

	/** "Crochet" says two things, a knit and what kind. */
	takeTextureToo({ span }: Part): void {
		const { description } = this;
		const texture = sensesOf(span, 'facet').find(({ facet, free }) => facet === 'texture' && free);
		if (texture && description.type.facets.includes('texture') && unset(description, 'texture'))
			takeFacet('texture', texture.value).apply(description, this.provenance);
	}

	/** Is the word a print's scale? It stands before the print; colours may stand between: "tiny white dots". */
	isScaleOfPrint(parts: Part[], at: number): boolean {
		const { type } = this.description;
		if (unprinted.has(type.division) || !printScaleWords[parts[at]?.span.words.join(' ') ?? '']) return false;
		const isPrint = (part: Part | undefined) =>
			part !== undefined && senseOf(part.span, 'print') !== undefined;
		if (isPrint(parts[at + 1])) return true;
		const next = parts.slice(at + 1).find(({ span }) => !senseOf(span, 'colour'));
		return isPrint(next) && !type.facets.includes('size');
	}

	/** Says the scales of prints that were found, once the prints themselves are. */
	takeScales(): void {
		for (const part of this.scales) {
			const scale = printScaleWords[part.span.words.join(' ')] ?? '';
			if (this.description.print)
				this.description.print.scale = { value: scale, provenance: this.provenance };
			this.note(part, 'understood', `scale of print: ${scale}`);
		}
	}

	takeWord(part: Part, clause: Clause): void {
		const { description } = this;
		const tone = senseOf(part.span, 'tone')?.tone;
		if (tone && isDenim(description) && !senseOf(part.span, 'colour')) return this.takeWash(part, tone);
		const [first] = takings(part, description);
		const taking =
			first?.says.aspect === 'palette'
				? takeColour(
						isDenim(description) ? denimColour(first.says.value) : first.says.value,
						clause.before === 'on'
					)
				: first;
		if (taking) {
			this.take(part, taking);
			if (taking.says.aspect === 'palette') this.takeClothToo(part);
			if (taking.says.aspect === 'material') this.takeTextureToo(part);
			return;
		}
		if (part.span.senses.some(({ kind }) => kind === 'filler'))
			return this.note(part, 'idle', 'carries nothing to compare');
		const ofName = wordsOf(description.type.singular);
		if (part.span.words.every((word) => ofName.includes(word)))
			return this.note(part, 'understood', `part of the name: ${description.type.singular}`);
		const known = part.span.senses.some(({ kind }) => kind === 'note');
		this.keep(
			part,
			part.span.text,
			known ? 'understood' : 'doubted',
			known ? 'kept as a note' : 'no field of its own for this garment; kept as a note'
		);
	}
}

const isDenim = ({ type, facets }: Description) =>
	type.usual.material === 'denim' || facets.material?.value === 'denim';

/** What the words inside a garment's name say of it: "wide-leg trousers" are wide in the leg. */
export type NameSays = (type: GarmentType, words: readonly string[]) => Sense[];

const onlySays = ({ parts }: Clause) => parts.every(({ role }) => role === 'said');

/** "Bow at the neck" names what is worn so, "tied at the waist" does not. */
const namesThing = ({ span }: Part) =>
	longestPhrase(span.words, 0, 1)?.senses.some(({ kind }) => kind === 'detail' || kind === 'type') === true;

const leads = ({ span }: Part) => senseOf(span, 'detail')?.detail.leads === true;

/** "A slit to mid-thigh": how far a part goes that has no length of its own is no length of the garment. */
function goesTo(part: Part | undefined, said: readonly Part[]): boolean {
	const detail = part && senseOf(part.span, 'detail')?.detail;
	const isLength = ({ facet }: { facet: string }) => facet.endsWith('Length');
	return (
		detail !== undefined &&
		!detail.facets.some((facet) => isLength({ facet })) &&
		said.every(({ span }) => sensesOf(span, 'facet').some(isLength))
	);
}

/** Describes the garment of a group. `nameSays` reads the words inside its name. */
export function describe(
	group: Group,
	type: GarmentType,
	options: { provenance: Provenance; nameSays: NameSays }
): Description {
	const description: Description = { type, facets: {}, colours: [], moves: [], notes: [], outcomes: [] };
	let leading: Part | undefined;
	/** "Belted in tan leather": what follows is the belt's. */
	let belted = false;
	const named = group.clauses.flatMap(({ head }) => (head ? options.nameSays(type, head.span.words) : []));
	for (const clause of group.clauses) {
		const provenance = clause.hedged ? 'inferred' : options.provenance;
		const describer = new Describer(description, provenance);
		const last = clause.parts.at(-1);
		const part =
			clause.ofPart ??
			(leading && (leads(leading) || (clause.before === 'in' && goesTo(leading, clause.parts)))
				? leading
				: undefined);
		const goesOn = !clause.head && onlySays(clause);
		if (part && ['in', 'with', 'on', 'is'].includes(clause.before) && goesOn)
			describer.takeDetail(part, clause.parts);
		else if (belted && description.colours.length > 0 && ['in', 'with'].includes(clause.before) && goesOn)
			describer.keepTogether(clause.parts, 'what it is belted with');
		else if (!(leading && describer.takesSame(leading, clause)))
			describer.takeClause(clause, clause === group.own);
		describer.takeScales();
		leading = last?.role === 'detail' && !last.denied ? last : undefined;
		belted = last?.role === 'move' && sensesOf(last.span, 'move').some(({ move }) => move === 'belted');
	}
	for (const sense of named) {
		// "A keyhole halter top".
		const shape = sense.kind === 'facet' && hangsFrom.has(sense.value) && description.facets.neckline?.value;
		if (shape && !hangsFrom.has(shape)) {
			new Describer(description, options.provenance).overrule('neckline', shape);
			description.facets.neckline = undefined;
		}
		if (sense.kind === 'facet' && type.facets.includes(sense.facet) && unset(description, sense.facet))
			description.facets[sense.facet] = { value: sense.value, provenance: options.provenance };
		if (sense.kind === 'colour' && description.colours.length === 0)
			description.colours.push({ hex: sense.hex, provenance: options.provenance });
		if (sense.kind === 'print')
			description.print ??= { family: { value: sense.family, provenance: options.provenance } };
	}
	return description;
}

/** The garment that a description comes to; a material named after its colour lends it where none is said. */
export function garmentOf({ type, facets, colours, print, metal }: Description): Garment {
	const ordered = [...colours.filter(({ ground }) => ground), ...colours.filter(({ ground }) => !ground)];
	const implied = impliedColour.get(facets.material?.value ?? '');
	const palette =
		ordered.length > 0 || !implied || metal
			? paletteOf(ordered)
			: paletteOf([{ hex: implied, provenance: 'inferred' }]);
	return { type: type.id, facets, palette, ...(print ? { print } : {}), ...(metal ? { metal } : {}) };
}
