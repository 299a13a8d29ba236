/** What is said after a thing of fur or leather not to be real: "a fur stole (faux)", "leather jacket, vegan", "the fur is fake". */
import type { Span } from '../model';
import { garmentType } from '../../lexicon/taxonomy';
import { longestPhrase } from '../words/longest-phrase';
import { partOfName } from './parted';
import { sensesOf } from './senses';

const notReal = new Set('faux fake imitation artificial synthetic vegan mock pretend'.split(' '));
/** Before such a word its clause says nothing else: "obviously faux", "it's fake", "the fur is fake". */
const carriesNothing = ({ senses }: Span) =>
	senses.length > 0 && senses.every(({ kind }) => kind === 'filler' || kind === 'link' || kind === 'hedge');

/** What stands for each when it is not real. */
const insteadOf: Readonly<Record<string, string>> = {
	fur: 'faux fur',
	shearling: 'faux fur',
	leather: 'faux leather',
	suede: 'faux leather',
	'patent-leather': 'faux leather'
};

/** The hide that a span says, or that its garment is of by its name. */
function hideOf({ senses, words }: Span): string | undefined {
	const said = senses.flatMap((sense) =>
		sense.kind === 'facet' && sense.facet === 'material' ? [sense.value] : []
	);
	const usual = senses.flatMap((sense) => {
		const material = sense.kind === 'type' ? garmentType(sense.type).usual.material : undefined;
		return material === undefined ? [] : [material];
	});
	// Trainers are of leather as a rule, and no one says so; "fur stole", "mink coat" and "fur hat" name it.
	const [first = ''] = words;
	const named = words.length > 1 ? [...usual, first] : [];
	return [...said, ...named].find((material) => material in insteadOf);
}

const isDenial = (span: Span | undefined) =>
	span?.senses.some((sense) => sense.kind === 'link' && sense.link === 'not') === true;
const saysNotReal = ({ words: [word = '', other] }: Span) => other === undefined && notReal.has(word);
const saysReal = ({ words: [word] }: Span) => word === 'real' || word === 'genuine';

/** Where "not" stands of "not real", "not real leather", "not real suede" that end at a span. */
function denialOf(spans: readonly Span[], at: number): number | undefined {
	const [before, span] = [spans[at - 1], spans[at]];
	if (!span) return undefined;
	if (saysReal(span)) return isDenial(before) ? at - 1 : undefined;
	return hideOf(span) && before && saysReal(before) && isDenial(spans[at - 2]) ? at - 2 : undefined;
}

/** "Neckline: mock": a word that says something of the part named before it. */
function saysPartBefore(spans: readonly Span[], at: number): boolean {
	const [part, span] = [spans[at - 1], spans[at]];
	const facets = part ? sensesOf(part, 'detail').flatMap(({ detail }) => detail.facets) : [];
	return span !== undefined && sensesOf(span, 'facet').some(({ facet }) => facets.includes(facet));
}

/** Is it said by itself, at the end of its clause: "faux", "obviously faux", "not real", "not real leather"? */
function standsAlone(spans: readonly Span[], at: number): boolean {
	const span = spans[at];
	const next = spans[at + 1];
	if (!span || (next && !next.breakBefore) || saysPartBefore(spans, at)) return false;
	if (!saysNotReal(span) && denialOf(spans, at) === undefined) return false;
	for (let i = at; i > 0 && !spans[i]?.breakBefore; i--) {
		const before = spans[i - 1];
		if (!before || !(carriesNothing(before) || hideOf(before))) return false;
	}
	return true;
}

const namesThing = ({ senses }: Span) => senses.length === 0 || senses.some(({ kind }) => kind === 'type');

/** The hide that is said, or is in the name, of the last thing before it in its sentence: of leather boots, pearls, fake, the pearls are. */
function saidOf(spans: readonly Span[], at: number): number | undefined {
	let isOfThing = false;
	for (let i = at - 1; i >= 0; i--) {
		const before = spans[i];
		if (before && hideOf(before)) return i;
		isOfThing ||= before !== undefined && namesThing(before);
		const broken = spans[i]?.breakBefore;
		if (broken && (isOfThing || broken === 'stop')) return undefined;
	}
	return undefined;
}

type Meant = Pick<Span, 'senses' | 'words'>;
const meantBy = (words: readonly string[]): Meant | undefined => {
	const found = longestPhrase(words, 0, words.length);
	return found?.length === words.length ? { words: [...words], senses: found.senses } : undefined;
};

/** The cloth that stands for the hide of a span when it is not real. */
const clothOf = (span: Span): Meant | undefined => meantBy(insteadOf[hideOf(span) ?? '']?.split(' ') ?? []);

/** What stands for the hide of a span when it is not real, with the name of its thing where it is named after it: a faux fur stole. */
function notRealOf(span: Span): Meant | undefined {
	const cloth = clothOf(span);
	const isName = span.senses.some(({ kind }) => kind === 'type');
	return meantBy([...(cloth?.words ?? []), ...span.words.slice(1)]) ?? (isName ? undefined : cloth);
}

const nothing: Pick<Span, 'senses'> = { senses: [partOfName] };

/**
 * What is said not to be real is that of which its thing is instead, where it stands before it ("faux suede skirt") and where it comes
 * after: "fur stole (faux)" is a faux fur stole.
 */
export function withNotReal(spans: readonly Span[]): Span[] {
	const changed = new Map<number, Partial<Span>>();
	spans.forEach((span, at) => {
		const next = spans[at + 1];
		if (next && !next.breakBefore && saysNotReal(span) && hideOf(next)) {
			const named = notRealOf(next);
			changed.set(at, named ? nothing : (clothOf(next) ?? nothing));
			if (named) changed.set(at + 1, named);
		}
		const denial = denialOf(spans, at);
		const place = standsAlone(spans, at) ? saidOf(spans, denial ?? at) : undefined;
		const of = place === undefined ? undefined : spans[place];
		if (place === undefined || !of) return;
		const instead = notRealOf(of);
		if (instead) changed.set(place, instead);
		// A leather jacket has no name of its own when it is none: its cloth is said after it.
		changed.set(at, instead ? nothing : (clothOf(of) ?? nothing));
		for (let i = denial ?? at; i < at; i++) changed.set(i, nothing);
	});
	return spans.map((span, at) => ({ ...span, ...changed.get(at) }));
}
