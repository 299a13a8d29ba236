/** What the words of a limit describe: things that they name, or what they say of the kind of thing at hand. */
import type { FacetId } from '../../lexicon/facets';
import type { MoveId } from '../../lexicon/moves';
import { garmentType, garmentTypes, type GarmentType } from '../../lexicon/taxonomy';
import type { Garment } from '../../model/garment';
import { readLook } from '../../reading';
import type { Sense } from '../../reading/model';
import { sensesOfPhrase, spansOf } from '../../reading/spans/spans';

/** An answer that depends on words alone, worked out once for each. */
export const remembered = <T>(work: (words: string) => T): ((words: string) => T) => {
	const known = new Map<string, T>();
	return (words) => {
		const before = known.get(words);
		if (before !== undefined) return before;
		const answer = work(words);
		known.set(words, answer);
		return answer;
	};
};

/** Words for things of several kinds, and which they are (common practice). */
const wholeKinds: readonly [said: RegExp, isOf: (type: GarmentType) => boolean][] = [
	[/\bjewel(?:le)?ry$|\bjewels$/i, ({ division }) => division === 'jewellery'],
	[/\b(?:knitwear|knits|woollies)$/i, ({ family }) => ['knitwear', 'cardigans'].includes(family)],
	[/\baccessor(?:y|ies)$/i, ({ division }) => ['accessories', 'jewellery'].includes(division)],
	[/\bfootwear$/i, ({ slot }) => slot === 'feet'],
	[/\bouterwear$/i, ({ slot }) => slot === 'outer'],
	[/\b(?:make-?up|cosmetics)$/i, ({ slot }) => ['face', 'nails'].includes(slot)],
	[/\bheadwear$/i, ({ slot }) => slot === 'head'],
	[
		/\b(?:one-pieces?|all-in-ones?|onesies?)$/i,
		({ id, family }) => family === 'jumpsuits' || id === 'swimsuit'
	],
	[/\bhosiery$/i, ({ slot }) => slot === 'hosiery'],
	[/\bunder(?:wear|garments)$/i, ({ slot }) => slot === 'under'],
	[/\bpiercings?$/i, ({ id }) => /(?:nose|navel|septum|eyebrow)-?(?:ring|stud)/.test(id)]
];
/** The whole kind that words end in, and what they say of it: "silver jewellery"; null where they name none. */
export const wholeKindIn = remembered((words) => {
	const [said, isOf] = wholeKinds.find(([one]) => one.test(words)) ?? [];
	const rest = said ? words.replace(said, '').trim() : '';
	// "Cowboy hats", "eye make-up" are kinds of their own.
	if (rest !== '' && sensesOfPhrase(words)?.some(({ kind }) => kind === 'type')) return null;
	return isOf ? { isOf, rest } : null;
});

/** What a description says of a garment, and whether it names its kind. */
export interface Description {
	garment: Garment;
	named: boolean;
	note: string;
	/** How it is worn: "nothing tucked in". */
	moves: readonly MoveId[];
}

const saysAnything = ({ garment, note, moves }: Description) =>
	note !== '' ||
	moves.length > 0 ||
	garment.metal !== undefined ||
	garment.print !== undefined ||
	garment.palette.length > 0 ||
	Object.keys(garment.facets).length > 0;

const elementsIn = remembered((words) => readLook(words).elements);
/** What the name of a kind says of it by itself: a pencil skirt is narrow without a word. */
export const saidByName = ({ singular }: GarmentType) => elementsIn(singular)[0]?.garment;

/** Kinds that have the same facets in the same place are described alike; the one whose name says least stands for them. */
const standsFor = (() => {
	const known = new Map<string, GarmentType>();
	const saysNothing = (type: GarmentType) => Object.keys(saidByName(type)?.facets ?? {}).length === 0;
	return (type: GarmentType): GarmentType => {
		const key = [type.division, type.slot, ...type.facets].join();
		const before = known.get(key);
		if (before) return before;
		const alike = garmentTypes.filter((one) => [one.division, one.slot, ...one.facets].join() === key);
		const found = alike.find(({ general }) => general) ?? alike.find(saysNothing) ?? type;
		known.set(key, found);
		return found;
	};
})();

/** What a sense says of a thing of this kind by itself. */
const saidAlone = (sense: Sense, { facets }: GarmentType): Partial<Garment> | undefined => {
	if (sense.kind === 'facet' && sense.free && facets.includes(sense.facet))
		return { facets: { [sense.facet]: { value: sense.value, provenance: 'seen' } } };
	if (sense.kind === 'print') return { print: { family: { value: sense.family, provenance: 'seen' } } };
	return undefined;
};

const singularOf = (words: string) => words.replace(/s$/i, '');

/** "No bows", "no V-necks", "no breton": a name that is a feature or a part of other things as well means them, too. */
function alsoNamed(words: string, type: GarmentType): Description[] {
	const spans = spansOf(words).filter(({ senses }) => !senses.some(({ kind }) => kind === 'filler'));
	const said = ({ note = '', ...garment }: Partial<Garment> & { note?: string }): Description => ({
		garment: { type: type.id, facets: {}, palette: [], ...garment },
		note,
		moves: [],
		named: false
	});
	const [only] = spans;
	if (!only || spans.length > 1) return [];
	return only.senses.flatMap((sense) => {
		if (sense.kind === 'detail') return [said({ note: words })];
		const alone = saidAlone(sense, type);
		return alone ? [said(alone)] : [];
	});
}

/** "No studs" means studded leather as well. */
function alsoDone(word: string, type: GarmentType): Description[] {
	const done = [`${word}ed`, `${word}${word.slice(-1)}ed`].filter((one) =>
		sensesOfPhrase(one)?.some(({ kind }) => kind === 'facet')
	);
	return done.flatMap((one) => readBeside(type, one) ?? []).filter(isCompared);
}

/** What is said of a garment besides what its name says. */
function beyondName(garment: Garment, type: GarmentType): Garment {
	const bare = saidByName(type);
	const facets = Object.fromEntries(
		Object.entries(garment.facets).filter(
			([facet, { value }]) => bare?.facets[facet as FacetId]?.value !== value
		)
	);
	return {
		...garment,
		facets,
		print: bare?.print ? undefined : garment.print,
		palette: bare?.palette[0] ? [] : garment.palette,
		metal: bare?.metal ? undefined : garment.metal
	};
}

/** Does a description say what can be compared, and not only noted? */
const isCompared = ({ named, garment }: Description) =>
	named ||
	garment.metal !== undefined ||
	garment.palette.length > 0 ||
	garment.print !== undefined ||
	Object.keys(garment.facets).length > 0;

/** What a thing of this kind would be with the words beside it; undefined where they name another, or say nothing of it. */
function readBeside(type: GarmentType, words: string): Description | undefined {
	const [read, other] = readLook(`${type.singular}, ${words}`).elements;
	if (!read || other || read.garment.type !== type.id) return undefined;
	const { note, moves } = read;
	const description = { garment: beyondName(read.garment, type), note, moves, named: false };
	return saysAnything(description) ? description : undefined;
}

/** Read as it stands, and where that names nothing to wear, as said of such a thing. */
function readAs(words: string, type: GarmentType): Description[] {
	const one = singularOf(words);
	const things = elementsIn(words).map(({ garment, note, moves }) => ({ garment, note, moves, named: true }));
	if (things.length > 0) {
		// "V-necks" are jumpers, and whatever has one; "block heels" shoes with one; shorts are shorts.
		const isName = one === words || garmentTypes.some(({ plural }) => plural === words.toLowerCase());
		const also = isName && !/ heels$/i.test(words) ? undefined : readBeside(type, one);
		return [
			...things,
			...alsoNamed(words, type),
			...alsoDone(one, type),
			...(also?.note === '' ? [also] : [])
		];
	}
	// "Peplums", "drop waists": many of them are said of one thing.
	const inOrder = sensesOfPhrase(one) && !sensesOfPhrase(words) ? [one, words] : [words, one];
	const said = inOrder.flatMap((text) => readBeside(type, text) ?? []);
	const found = said.find(isCompared) ?? said[0];
	return found ? [found] : [];
}

const descriptionsIn = remembered((words) => {
	const known = new Map<GarmentType, Description[]>();
	return (type: GarmentType): Description[] => {
		const before = known.get(type) ?? readAs(words, type);
		known.set(type, before);
		return before;
	};
});
/** What words say, of a thing of this kind where they name none themselves; remembered, since a look is checked again and again. */
export const descriptionsOf = (words: string, type: GarmentType): Description[] =>
	descriptionsIn(words)(standsFor(type));

/** Denim has a colour of its own, that nobody named. */
export const namesColour = remembered((words) =>
	spansOf(words).some(
		({ text, senses }) => !/^denims?$/i.test(text) && senses.some(({ kind }) => kind === 'colour')
	)
);

/** Has a description a word that nobody knows? Then a thing of its kind may be meant or not. */
export const hasUnknown = remembered((words) =>
	spansOf(wholeKindIn(words)?.rest ?? words).some(
		({ text, senses }) => senses.length === 0 && !sensesOfPhrase(text.replace(/s$/i, ''))
	)
);

/** Is a way of wearing said that the reading has of none of its things, "bags over the shoulder"? Then it may mean fewer than it names. */
export const losesMove = remembered(
	(words) =>
		spansOf(words).some(({ senses }) => senses.length > 0 && senses.every(({ kind }) => kind === 'move')) &&
		elementsIn(words).every(({ moves }) => moves.length === 0)
);

/** Between them these can be said to be almost anything. */
const anything = ['shirt', 'dress', 'trousers', 'shoes', 'handbag', 'earrings', 'sunglasses'].map(
	garmentType
);

/** Do the words name a thing to wear? */
export const namesThing = (words: string): boolean => elementsIn(words).length > 0;

/** Do the words say what another thing could be told from: a kind, a colour, a cloth? "Rubber soles" are a note, and tell nothing apart. */
export function tellsApart(words: string): boolean {
	const kind = wholeKindIn(words);
	const among = kind ? garmentTypes.filter(kind.isOf) : anything;
	const said = kind ? kind.rest : words;
	return said === '' || among.some((type) => descriptionsOf(said, type).some(isCompared));
}

/** Do the words say anything that a piece could be held against? */
export function isUnderstood(words: string): boolean {
	const kind = wholeKindIn(words);
	return kind
		? kind.rest === '' || isUnderstood(kind.rest)
		: anything.some((type) => descriptionsOf(words, type).length > 0);
}
