/** What to look for where the app has no shops: a gap as a card for the phone. */
import { mayWear } from '../checks/bars';
import { letterFor, shoeSizes } from '../body/size-systems';
import { cutForCm } from '../body/heights';
import { usualLengthCm } from '../body/hem-landing';
import { kindSimilarity } from '../closeness/kind';
import { compareAspect } from '../closeness/piece';
import { aspectValueInWords } from '../closeness/words';
import { colourName } from '../colour/words';
import { nudeOn, skinToneOf } from '../colour/nude';
import { measureColour, colourSimilarity } from '../colour/similarity';
import { ethicalMaterials } from '../lexicon/brief';
import { colourWords } from '../lexicon/colours';
import { placeOf } from '../lexicon/facets';
import { canAnswer, garmentType, garmentTypes } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { AspectId, Element } from '../model/reference';

export interface HuntingCard {
	/** Ids of the kinds that will do, the nearest first. */
	kinds: string[];
	/** What it must have, in words: the features that make it. */
	musts: { aspect: AspectId; words: string }[];
	/** Colours that will do, the nearest first: those that are asked, then neighbours. */
	colours: { hex: string; name: string; isAsked: boolean }[];
	/** Does it come in sizes at all? */
	isSized: boolean;
	/** Sizes to try on, as shops write them; nothing where no measure tells. */
	sizes: string[];
	/** Is a larger size as good, since it is cut wide or tied? */
	isLargerFine: boolean;
	/** No shorter than this, in cm, for this client. */
	leastLengthCm?: number;
	/** What is never worn, and what is against the client's ethics or health: in words to follow “never”. */
	refusals: string[];
}

/** Kinds as like as this will do, so many at most (this project's). */
const kindFrom = 0.7;
const mostKinds = 8;
/** A colour as like as this will do: clearly related. */
const colourFrom = 0.6;
const mostColours = 8;
/** A feature that makes the thing must be as like as this. */
const mustFrom = 0.6;
/** A hem may be so much shorter, in cm, before it is another length. */
const shorterCm = 4;

/** Divisions of things that come in one size, mostly. */
const unsized = ['bags', 'accessories', 'jewellery'];
/** Ways in which a thing is closed to measure, by closure, neck or skirt. */
const tied = ['wrap', 'tie', 'drawstring', 'elastic'];

function sizesFor({ garment }: Pick<Element, 'garment'>, { measurements, sizes }: Client): string[] {
	const { slot, division } = garmentType(garment.type);
	const department = sizes.find((size) => size.department)?.department ?? 'women';
	if (slot === 'feet') {
		if (measurements.foot === undefined) return [];
		const { eu, uk } = shoeSizes(measurements.foot);
		return [`EU ${eu}`, `UK ${uk}`];
	}
	if (unsized.includes(division)) return [];
	const letter = measurements.bust === undefined ? undefined : letterFor(measurements.bust, department);
	return letter === undefined ? [] : [letter];
}

function isLargerFine({ facets, type }: Garment): boolean {
	const { usual, slot } = garmentType(type);
	if (slot === 'feet') return false;
	const fit = facets.fit?.value ?? usual.fit;
	const isTied = (['closure', 'neckline', 'skirtShape'] as const).some((facet) =>
		tied.includes(facets[facet]?.value ?? usual[facet] ?? '')
	);
	return isTied || (fit !== undefined && placeOf('fit', fit) >= placeOf('fit', 'relaxed'));
}

function lengthFor(garment: Garment, { measurements }: Client): number | undefined {
	const cm = usualLengthCm(garment);
	if (cm === undefined) return undefined;
	return Math.max(0, Math.round((cm * (measurements.stature ?? cutForCm)) / cutForCm - shorterCm));
}

const kindsFor = ({ type }: Garment): string[] =>
	garmentTypes
		.filter(({ id }) => canAnswer(type, id) && kindSimilarity(type, id) >= kindFrom)
		.sort((a, b) => kindSimilarity(type, b.id) - kindSimilarity(type, a.id) || a.id.localeCompare(b.id))
		.slice(0, mostKinds)
		.map(({ id }) => id);

function coloursFor({ palette }: Garment): HuntingCard['colours'] {
	const [main] = palette;
	if (!main) return [];
	const asked = measureColour(main.hex);
	const near = colourWords
		.map(({ word, hex }) => ({ name: word, hex, like: colourSimilarity(asked, measureColour(hex)) }))
		.filter(({ like, hex }) => like >= colourFrom && hex !== main.hex)
		.sort((a, b) => b.like - a.like)
		.slice(0, mostColours - palette.length);
	return [
		...palette.map(({ hex }) => ({ hex, name: colourName(hex), isAsked: true })),
		...near.map(({ hex, name }) => ({ hex, name, isAsked: false }))
	];
}

/** Features that make the thing, kind and colour apart: those stand on the card by themselves. */
const mustsOf = ({ garment, signature, open }: Pick<Element, 'garment' | 'signature' | 'open'>) =>
	signature
		.filter((aspect) => aspect !== 'type' && aspect !== 'palette' && !open.includes(aspect))
		.flatMap((aspect) => {
			const words = aspectValueInWords(garment, aspect);
			return words === undefined ? [] : [{ aspect, words }];
		});

/** What the client never wears, must not and will not, as they or the stylist said it. */
function refusalsFor({ type }: Garment, client: Client): string[] {
	const { limits, avoidMaterials, allergies, ethics } = client;
	const isShoe = garmentType(type).slot === 'feet';
	return [
		...limits.never,
		...(isShoe && limits.maxHeelCm !== undefined ? [`a heel over ${limits.maxHeelCm} cm`] : []),
		...avoidMaterials,
		...allergies.map((what) => `${what} (allergic)`),
		...ethicalMaterials.flatMap((material) =>
			ethics[material] === 'never'
				? [material]
				: ethics[material] === 'pre-owned'
					? [`${material}, unless pre-owned`]
					: []
		)
	];
}

/** The card of an element for a client. */
export function huntingCard(
	element: Pick<Element, 'garment' | 'signature' | 'open'>,
	client: Client
): HuntingCard {
	const garment = nudeOn(skinToneOf(client), element.garment);
	return {
		kinds: element.open.includes('type') ? [element.garment.type] : kindsFor(garment),
		musts: mustsOf({ ...element, garment }),
		colours: element.open.includes('palette') ? [] : coloursFor(garment),
		isSized: !unsized.includes(garmentType(garment.type).division),
		sizes: sizesFor(element, client),
		isLargerFine: isLargerFine(garment),
		leastLengthCm: lengthFor(garment, client),
		refusals: refusalsFor(garment, client)
	};
}

/** Would a thing that was found do, by the card? Where it shows no colour, the card cannot tell, and it would not. */
export function fitsCard(
	card: HuntingCard,
	element: Pick<Element, 'garment'>,
	given: Garment,
	client: Client
): boolean {
	const [asked] = card.colours;
	const [main] = given.palette;
	const isNear =
		asked === undefined ||
		(main !== undefined && colourSimilarity(measureColour(asked.hex), measureColour(main.hex)) >= colourFrom);
	return (
		card.kinds.includes(given.type) &&
		isNear &&
		card.musts.every(
			({ aspect }) => compareAspect(aspect, element.garment, given, {}).similarity >= mustFrom
		) &&
		mayWear(client, { garment: given })
	);
}
