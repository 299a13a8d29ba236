/** Looks made from the lexicon's own grammar, for laws of reading: any garment, said in any of its words, with what it can have. */
import fc from 'fast-check';
import { colourWords, garmentType, garmentTypes, readLook, type Garment } from '../src/lib/core/index';
import { facetPhrases } from '../src/lib/core/lexicon/facet-words';
import { sensesOfPhrase } from '../src/lib/core/reading/spans/spans';
import { materials } from '../src/lib/core/lexicon/materials';
import { prints } from '../src/lib/core/lexicon/prints';

/** A thing said by itself: its words, and what they are read as alone. */
export interface SaidThing {
	words: string;
	type: string;
	garment: Garment;
	note: string;
}

/** What a phrase is read as alone; undefined where it is not read as one sure thing. */
function alone(words: string): SaidThing | undefined {
	const { elements, questions, things } = readLook(words);
	const [element, ...more] = elements;
	if (!element || more.length > 0 || questions.length > 0 || things.length > 0) return undefined;
	return { words, type: element.garment.type, garment: element.garment, note: element.note };
}

/** Names that may also say something of the garment before: "a jumpsuit, halterneck", "a gown, the skirt full". */
export const alsoSays = (name: string) =>
	(sensesOfPhrase(name) ?? []).some(({ kind }) => kind !== 'type' && kind !== 'filler');

const names = garmentTypes.flatMap(({ id, singular, words }) =>
	[singular, ...words.filter(({ locale }) => locale !== undefined).map(({ word }) => word)]
		.filter((name) => !alsoSays(name))
		.map((name) => ({
			id,
			name
		}))
);
const colours = colourWords.map(({ word }) => word);
const orNothing = <T>(arbitrary: fc.Arbitrary<T>, freq = 1) => fc.option(arbitrary, { nil: undefined, freq });

/** A garment with up to three things said of it before its name. */
export const saidThing: fc.Arbitrary<SaidThing> = fc
	.constantFrom(...names)
	.chain(({ id, name }) => {
		const { facets, division } = garmentType(id);
		const features = facetPhrases.filter(({ facet, free }) => free && facets.includes(facet));
		return fc
			.record({
				feature: features.length > 0 ? orNothing(fc.constantFrom(...features)) : fc.constant(undefined),
				colour: orNothing(fc.constantFrom(...colours), 3),
				material: facets.includes('material')
					? orNothing(fc.constantFrom(...materials))
					: fc.constant(undefined),
				print: ['jewellery', 'beauty'].includes(division)
					? fc.constant(undefined)
					: orNothing(fc.constantFrom(...prints))
			})
			.map(({ feature, colour, material, print }) =>
				[feature?.phrase, colour, print?.label, material?.label, name].filter(Boolean).join(' ')
			);
	})
	.map(alone)
	.filter((thing) => thing !== undefined);

const isSkirt = (type: string) =>
	garmentType(type).slot === 'legs' && garmentType(type).facets.includes('skirtShape');

/** Would the second say how the skirt of the first is: "a black dress, pleated skirt"? */
export const isSkirtOf = (type: string, other: string) =>
	garmentType(type).slot === 'whole' && isSkirt(other);

/** Is a set named, and what it could be made up of: "a two-piece, cropped jacket and mini"? */
const listsSet = (things: readonly SaidThing[]) => {
	const slots = things.map(({ type }) => garmentType(type).slot);
	return slots.includes('suit') && slots.includes('legs');
};

/** A suit beside a dupatta may be kameez and salwar. */
const listsDupatta = (things: readonly SaidThing[]) =>
	things.some(({ type }) => type === 'suit') && things.some(({ type }) => type.endsWith('dupatta'));

/** Several things that are worn on different places, in a list. */
export const saidLook = (min: number, max: number): fc.Arbitrary<SaidThing[]> =>
	fc
		.uniqueArray(saidThing, {
			minLength: min,
			maxLength: max,
			selector: ({ type }) => garmentType(type).slot
		})
		.filter(
			(things) =>
				!listsSet(things) &&
				!listsDupatta(things) &&
				!things.some(({ type }) => things.some((other) => isSkirtOf(type, other.type)))
		);

/** A name that no lexicon holds. */
export const strangeNoun = fc
	.tuple(
		fc.constantFrom('frob', 'zorb', 'quib', 'glarn', 'vleck', 'snorf'),
		fc.constantFrom('bers', 'lets', 'ums', 'kins')
	)
	.map((parts) => parts.join(''));

/** Words for colours with which a kind's own name begins: "snow boots" are no white boots. */
const beginsName = new Set(
	garmentTypes
		.flatMap(({ singular, plural }) => [singular, plural])
		.map((name) => name.split(' ').slice(0, -1).join(' '))
);

export const colourWord = fc.constantFrom(...colours.filter((word) => !beginsName.has(word)));
