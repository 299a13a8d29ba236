/** Makes a garment of what is said of it, and says for each phrase what it was taken for. */
import { hexOfLab, labOfHex } from '../colour/spaces';
import { metallicOf } from '../colour/metallic';
import { aspectWeightOf } from '../lexicon/aspect-weights';
import { colourWords } from '../lexicon/colours';
import { facetOf, facetValue, type FacetId } from '../lexicon/facets';
import { materialWords } from '../lexicon/material-words';
import { metalColours } from '../lexicon/metals';
import { moveOf, type MoveId } from '../lexicon/moves';
import { printScaleWords } from '../lexicon/prints';
import type { Tone } from '../lexicon/reading-words';
import { garmentType, type GarmentType } from '../lexicon/taxonomy';
import type { Provenance } from '../model/basics';
import type { Garment } from '../model/garment';
import { paletteOf } from '../model/palette';
import type { Group } from './attach';
import { senseOf, sensesOf, type Clause, type Part } from './clauses';
import type { ReadPhrase, ReadStatus, Sense } from './model';

type Says = NonNullable<ReadPhrase['says']>;
/** What a phrase came to. */
export interface Outcome {
	at: number;
	status: ReadStatus;
	takenFor: string;
	says?: Says;
}

/** A garment in the making. */
export interface Description {
	type: GarmentType;
	facets: Garment['facets'];
	colours: { hex: string; provenance: Provenance; ground?: boolean }[];
	print?: Garment['print'];
	metal?: Garment['metal'];
	moves: MoveId[];
	/** Details that no facet holds. */
	notes: string[];
	outcomes: Outcome[];
}

/** Divisions whose metal is their colour. */
const metalFirst = new Set(['jewellery']);
const unprinted = new Set(['jewellery', 'beauty']);
const inCloth = new Set(['tops', 'bottoms', 'one-pieces', 'layers', 'south-asian', 'under']);
const hexOfWord = new Map(
	colourWords.flatMap(({ word, also, hex }) => [word, ...also].map((form) => [form, hex] as const))
);
const impliedColour = new Map(
	Object.entries(materialWords).flatMap(([id, { impliesColour }]) => {
		const hex = impliesColour === undefined ? undefined : hexOfWord.get(impliesColour);
		return hex === undefined ? [] : [[id, hex] as const];
	})
);

/** A colour deepened, lightened or muted by a word; a metal stays the metal that it is. */
export function toned(hex: string, { lighten, chroma }: Tone): string {
	if (metallicOf(hex)) return hex;
	const { l, a, b } = labOfHex(hex);
	const lightness = lighten < 0 ? l * (1 + lighten) : l + (100 - l) * lighten;
	return hexOfLab({ l: lightness, a: a * chroma, b: b * chroma });
}

const wash = (word: 'light denim' | 'mid denim' | 'dark denim') => hexOfWord.get(word) ?? '';
/** Blue said of denim is its wash: "blue jeans" are mid-wash, "pale blue jeans" light ones. */
const washOfBlue = new Map([
	[hexOfWord.get('blue'), wash('mid denim')],
	[wash('mid denim'), wash('mid denim')],
	[hexOfWord.get('sky blue'), wash('light denim')],
	[hexOfWord.get('powder blue'), wash('light denim')]
]);

/** The wash that a depth alone says: "dark jeans"; undefined where it says none. */
function washOfDepth({ lighten }: Tone): string | undefined {
	if (lighten <= -0.3) return wash('dark denim');
	return lighten > 0.3 ? wash('light denim') : undefined;
}

/** A colour of denim, with the word of depth before it. */
function denimColour(hex: string, tone?: Tone): string {
	const own = washOfBlue.get(hex);
	if (!tone) return own ?? hex;
	return (own && washOfDepth(tone)) ?? toned(own ?? hex, tone);
}

const colourWord = (hex: string) => colourWords.find((colour) => colour.hex === hex)?.word ?? hex;

/** A heel's height in the nearest of the trade's words. */
function heelOf(cm: number): string {
	const { values } = facetOf('heelHeight');
	return values.reduce((best, value) =>
		Math.abs((value.at ?? 0) - cm) < Math.abs((best.at ?? 0) - cm) ? value : best
	).id;
}

/** One way to take a phrase for the garment: what it says and how it is written down. */
type Taking = { says: Says; apply: (description: Description, provenance: Provenance) => void };

function takeFacet(facet: FacetId, value: string): Taking {
	return {
		says: { aspect: facet, value },
		apply: (description, provenance) => (description.facets[facet] = { value, provenance })
	};
}
const takeColour = (hex: string, ground = false): Taking => ({
	says: { aspect: 'palette', value: hex },
	apply: ({ colours }, provenance) => colours.push({ hex, provenance, ground })
});
const takePrint = (family: string): Taking => ({
	says: { aspect: 'print', value: family },
	apply: (description, provenance) =>
		(description.print = { ...description.print, family: { value: family, provenance } })
});
const takeMetal = (metal: string): Taking => ({
	says: { aspect: 'metal', value: metal },
	apply: (description, provenance) => (description.metal = { value: metal, provenance })
});
/** Of cloth, a metal said by itself is its colour: "a gunmetal skirt". */
const sayMetal = (metal: string, { division }: GarmentType): Taking =>
	inCloth.has(division) ? takeColour(metalColours[metal] ?? '#8a8a8a') : takeMetal(metal);
const takeMove = (move: MoveId): Taking => ({
	says: { aspect: 'move', value: move },
	apply: ({ moves }) => {
		if (!moves.includes(move)) moves.push(move);
	}
});

const unset = ({ facets }: Description, facet: FacetId) => facets[facet] === undefined;

/** The ways to take a phrase, best first; empty where nothing of it can be said of this type. */
function takings(part: Part, description: Description, onDetail?: Part): Taking[] {
	const { type } = description;
	const { span } = part;
	const detail = onDetail && senseOf(onDetail.span, 'detail')?.detail;
	const length = senseOf(span, 'length');
	const heel =
		length && type.facets.includes('heelHeight') ? [takeFacet('heelHeight', heelOf(length.cm))] : [];
	const facets = sensesOf(span, 'facet').filter(({ facet }) => type.facets.includes(facet));
	const byWeight = (a: { facet: FacetId }, b: { facet: FacetId }) =>
		aspectWeightOf(b.facet, type.division) - aspectWeightOf(a.facet, type.division);

	if (detail) {
		const metal = detail.takesMetal ? senseOf(span, 'metal') : undefined;
		const said = facets
			.filter(({ facet }) => detail.facets.includes(facet))
			.sort((a, b) => detail.facets.indexOf(a.facet) - detail.facets.indexOf(b.facet));
		return [
			...(metal ? [takeMetal(metal.metal)] : []),
			...said.map(({ facet, value }) => takeFacet(facet, value)),
			...(detail.facets.includes('heelHeight') ? heel : [])
		];
	}
	const free = facets.filter(({ free: alone }) => alone).sort(byWeight);
	const open = free.filter(({ facet }) => unset(description, facet));
	const colour = senseOf(span, 'colour');
	const metal = senseOf(span, 'metal');
	const print = unprinted.has(type.division) ? undefined : senseOf(span, 'print');
	const move = sensesOf(span, 'move').find(({ move: id }) => moveOf(id).slots.includes(type.slot));
	const facetTakings = [...open, ...free.filter((sense) => !open.includes(sense))].map(({ facet, value }) =>
		takeFacet(facet, value)
	);
	const metalTaking =
		!metal || (colour && !metalFirst.has(type.division)) ? [] : [sayMetal(metal.metal, type)];
	// Of jewellery, a stone or pearl is what it is made of, of scent, green is a note; of cloth, both are colours.
	const stoneFirst = (metalFirst.has(type.division) || type.slot === 'scent') && facetTakings.length > 0;
	return [
		...(stoneFirst ? facetTakings : []),
		...metalTaking,
		...(colour ? [takeColour(colour.hex)] : []),
		...(print ? [takePrint(print.family)] : []),
		...(stoneFirst ? [] : facetTakings),
		...heel,
		...(move ? [takeMove(move.move)] : [])
	];
}

const valueLabel = ({ aspect, value }: Says): string => {
	if (aspect === 'palette') return colourWord(value);
	if (aspect === 'move') return moveOf(value as MoveId).label;
	if (aspect === 'type') return garmentType(value).singular;
	if (aspect === 'print' || aspect === 'metal' || aspect === 'note') return value.replace(/-/g, ' ');
	return facetValue(aspect, value)?.label ?? value;
};
const aspectName = (aspect: Says['aspect']): string => {
	if (aspect === 'palette') return 'colour';
	if (aspect === 'move') return 'worn';
	if (aspect === 'type') return 'garment';
	if (aspect === 'print' || aspect === 'metal' || aspect === 'note') return aspect;
	return facetOf(aspect).label;
};
export const saysInWords = (says: Says) => `${aspectName(says.aspect)}: ${valueLabel(says)}`;

class Describer {
	readonly scales: Part[] = [];

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
		taking.apply(this.description, provenance);
		this.note(part, 'understood', saysInWords(taking.says), taking.says);
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

	/** The part itself: what its mere mention says, where the words before it said nothing of it. */
	takeBarePart(part: Part, said: boolean, noted: string | undefined): void {
		const { description } = this;
		const detail = senseOf(part.span, 'detail')?.detail;
		const [ownFacet] = said ? [] : takings(part, description);
		const alone = detail?.alone;
		if (!said && alone && description.type.facets.includes(alone[0]))
			return this.take(part, takeFacet(...alone));
		if (ownFacet) return this.take(part, ownFacet);
		if (noted !== undefined)
			return this.note(part, 'understood', `kept as a note: ${noted}`, { aspect: 'note', value: noted });
		if (!said && detail && detail.facets.length === 0 && !description.notes.includes(part.span.text)) {
			description.notes.push(part.span.text);
			return this.note(part, 'understood', `kept as a note: ${part.span.text}`, {
				aspect: 'note',
				value: part.span.text
			});
		}
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
			} else if (part.role === 'said') pending.push(part);
			else {
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
		if (part.span.hyphenated && from > 0) from--;
		while (from > 0 && takings(before[from - 1] as Part, this.description, part).length > 0) from--;
		return before.slice(from);
	}

	takeMove(part: Part, denied: boolean): void {
		const { type } = this.description;
		const sense = sensesOf(part.span, 'move').find(({ move }) => moveOf(move).slots.includes(type.slot));
		if (denied || part.denied) this.note(part, 'denied', 'not worn so');
		else if (sense) this.take(part, takeMove(sense.move));
		else this.note(part, 'doubted', `is not done with ${type.singular}`);
	}

	takeWords(parts: Part[], clause: Clause): void {
		const { description } = this;
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
			if (this.isScaleOfPrint(parts, i)) this.scales.push(part);
			else this.takeWord(part, clause);
		}
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
		if (cloth && unset(description, 'material') && !metalFirst.has(description.type.division))
			takeFacet('material', cloth.value).apply(description, this.provenance);
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
			return;
		}
		if (part.span.senses.some(({ kind }) => kind === 'filler'))
			return this.note(part, 'idle', 'carries nothing to compare');
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

/** Describes the garment of a group. `nameSays` reads the words inside its name. */
export function describe(
	group: Group,
	type: GarmentType,
	options: { provenance: Provenance; nameSays: NameSays }
): Description {
	const description: Description = { type, facets: {}, colours: [], moves: [], notes: [], outcomes: [] };
	let leading: Part | undefined;
	const named = options.nameSays(type, group.head.span.words);
	for (const clause of group.clauses) {
		const provenance = clause.hedged ? 'inferred' : options.provenance;
		const describer = new Describer(description, provenance);
		const last = clause.parts.at(-1);
		const part = clause.ofPart ?? leading;
		if (part && ['in', 'with', 'on', 'is'].includes(clause.before) && !clause.head && onlySays(clause))
			describer.takeDetail(part, clause.parts);
		else describer.takeClause(clause, clause === group.own);
		describer.takeScales();
		leading =
			last?.role === 'detail' && senseOf(last.span, 'detail')?.detail.leads && !last.denied
				? last
				: undefined;
	}
	for (const sense of named) {
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
