/** A wearable version of a reference for one client. */
import { asWorn } from '../checks/mistakes';
import { checkLook } from '../checks/check-look';
import type { CheckContext, CheckedPiece, Finding } from '../checks/model';
import { elementScorer } from '../closeness/look';
import { wearableCloth } from '../lexicon/wearable-cloth';
import { aspectLabel, garmentInWords } from '../closeness/words';
import { colourName } from '../colour/words';
import { colourWords } from '../lexicon/colours';
import { paletteOf } from '../model/palette';
import { facetOf, facetValue, type FacetId } from '../lexicon/facets';
import { garmentType, garmentTypes, typeHasFacet } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import type { AspectId, Element, Reference } from '../model/reference';
import type { Item } from '../model/worn';
import { moneyInWords } from '../money/amounts';
import type { Offer } from './win-back';

/** Rules whose findings make a look unwearable for this client and day, rather than less handsome. */
const wearability = [
	'not-dressed',
	'client-limits',
	'limits-of-looks',
	'dress-code',
	'out-of-season',
	'rain',
	'shows-through',
	'waist-unmarked',
	'wished-effects',
	'crop-and-rise',
	'hem-and-heel',
	'rides-up'
];

/** Facets that a stylist changes to make a thing wearable; the others make it another thing. */
const changeable: FacetId[] = [
	'material',
	'heelHeight',
	'hemLength',
	'sleeveLength',
	'neckline',
	'back',
	'legLength',
	'topLength',
	'rise',
	'fit',
	'opacity',
	'closure',
	'toe',
	'waistline',
	'strap',
	'shoulder',
	'skirtShape'
];

export interface Adaptation {
	elementId: string;
	/** Why, in words: the findings that the change answers. */
	why: string;
	/** "midi instead of mini hem", "left out". */
	words: string;
	/** What it costs the closeness, in points of the 100; 0 or more. */
	points: number;
	change:
		| { kind: 'change'; garment: Garment; aspect: AspectId }
		/** A thing that is owned or for sale, worn for it. */
		| { kind: 'wear'; offer: Offer }
		| { kind: 'leave-out' };
}

export interface AdaptedLook {
	changes: Adaptation[];
	/** The elements as they are to be worn, those left out gone. */
	elements: Element[];
	/** Closeness of the wearable version to the reference, 0..100. */
	score: number;
	/** What could not be answered without losing what carries the look. */
	open: Finding[];
}

export interface AdaptOptions {
	event?: CheckContext['event'];
	schools?: CheckContext['schools'];
	/** What could be worn for an element, owned and for sale. */
	offersFor?: (elementId: string) => readonly Offer[];
}

/** As many things are tried for an element of those that are owned, and of those for sale. */
const mostTried = 8;
/**
 * Points of the 100 that a thing which is there may cost more than a changed feature, which nobody has yet: one that is owned, and one that
 * can be bought (this project's).
 */
const inHand = { piece: 4, listing: 2 };

/** The values that a facet may be changed to: of cloth only what the trade takes instead of it. */
function valuesFor(facet: FacetId, garment: Garment) {
	const { values } = facetOf(facet);
	if (facet !== 'material') return values;
	const cloth = garment.facets.material?.value ?? garmentType(garment.type).usual.material ?? '';
	const instead =
		wearableCloth[garmentType(garment.type).family]?.[cloth] ?? wearableCloth.any?.[cloth] ?? [];
	return values.filter(({ id }) => instead.includes(id));
}

interface Variant {
	garment: Garment;
	aspect: AspectId;
	words: string;
}

/** A garment with one feature changed, for each other value that it can have. */
function otherFeatures(garment: Garment): Variant[] {
	const { usual } = garmentType(garment.type);
	return changeable
		.filter((facet) => typeHasFacet(garment.type, facet))
		.flatMap((facet) => {
			const before = garment.facets[facet]?.value ?? usual[facet];
			const instead = before ? ` instead of ${facetValue(facet, before)?.label ?? before}` : '';
			return valuesFor(facet, garment)
				.filter(({ id }) => id !== before)
				.map(({ id, label }) => ({
					garment: {
						...garment,
						facets: { ...garment.facets, [facet]: { value: id, provenance: 'assumed' as const } }
					},
					aspect: facet,
					words: `${aspectLabel(facet)}: ${label}${instead}`
				}));
		});
}

/** Colours that go with most, to be worn where another is refused (common practice). */
const instead = ['black', 'navy', 'charcoal', 'ivory', 'camel', 'chocolate', 'burgundy', 'bottle green'];

/** The garment in another colour, or without its print. */
function otherColours(garment: Garment): Variant[] {
	const [main] = garment.palette;
	const plain: Variant[] =
		garment.print && garment.print.family.value !== 'plain'
			? [
					{
						garment: {
							...garment,
							print: { family: { value: 'plain', provenance: 'assumed' } },
							palette: garment.palette.slice(0, 1).map((swatch) => ({ ...swatch, share: 1 }))
						},
						aspect: 'print',
						words: `plain instead of ${garment.print.family.value.replace(/-/g, ' ')}`
					}
				]
			: [];
	if (!main) return plain;
	return [
		...plain,
		...colourWords
			.filter(({ word, hex }) => instead.includes(word) && hex !== main.hex)
			.map(({ word, hex }): Variant => ({
				garment: { ...garment, palette: paletteOf([{ hex, provenance: 'assumed' }]) },
				aspect: 'palette',
				words: `${word} instead of ${colourName(main.hex)}`
			}))
	];
}

/** Another type of the same division, as closed shoes for sandals. */
function otherTypes(garment: Garment): Variant[] {
	const { slot, division, singular } = garmentType(garment.type);
	return garmentTypes
		.filter((type) => type.id !== garment.type && type.slot === slot && type.division === division)
		.filter(({ general }) => !general)
		.map((type) => ({
			garment: {
				...garment,
				type: type.id,
				facets: Object.fromEntries(
					Object.entries(garment.facets).filter(([facet]) => typeHasFacet(type.id, facet as FacetId))
				)
			},
			aspect: 'type',
			words: `${type.singular} instead of ${singular}`
		}));
}

const same = (a: Finding, b: Finding) => a.rule === b.rule && a.pieces.join() === b.pieces.join();

interface Tried {
	id: string;
	words: string;
	change: Adaptation['change'];
	next: CheckedPiece[];
	/** Points that it costs. */
	lost: number;
	/** By what it is chosen, the least first: its points, less for what is there. */
	dear: number;
}

/** A thing as it is worn in a look. */
const asOffered = ({ title, garment, item }: Offer): Pick<CheckedPiece, 'title' | 'garment' | 'bought'> => ({
	title,
	garment,
	...(item.source === 'listing' && { bought: item.listing })
});

/**
 * What can be changed about one piece, kind by kind: things that are there and features before types, and leaving it out last. Of a thing that is
 * there nothing is changed.
 */
function changesOf(
	worn: readonly CheckedPiece[],
	piece: CheckedPiece,
	earnedBy: (id: string, garment: Garment | undefined) => number,
	offers: readonly Offer[],
	isThing: boolean
): (() => Tried[])[] {
	const { id, garment: given } = piece;
	const now = earnedBy(id, given);
	const offered = (source: Item['source']) =>
		offers
			.filter(({ item }) => item.source === source && !('becomes' in item && item.becomes))
			.slice(0, mostTried)
			.map((offer): Tried => {
				const lost = now - earnedBy(id, offer.garment);
				return {
					id,
					words: `${offer.title}, ${source === 'listing' && offer.cost ? moneyInWords(offer.cost) : 'owned'}`,
					change: { kind: 'wear', offer },
					next: worn.map((one) => (one.id === id ? { ...one, ...asOffered(offer) } : one)),
					lost,
					dear: lost - inHand[source]
				};
			});
	const changed = (variants: Variant[]) =>
		variants.map(({ garment, aspect, words }): Tried => {
			const lost = now - earnedBy(id, garment);
			return {
				id,
				words,
				change: { kind: 'change', garment, aspect },
				next: worn.map((one) => (one.id === id ? { ...one, garment, title: garmentInWords(garment) } : one)),
				lost,
				dear: lost
			};
		});
	const without = (): Tried => ({
		id,
		words: `without the ${garmentType(given.type).singular}`,
		change: { kind: 'leave-out' },
		next: worn.filter((one) => one.id !== id),
		lost: now,
		dear: now
	});
	const needed = ['top', 'legs', 'whole', 'drape', 'feet'].includes(garmentType(given.type).slot);
	return [
		() => [
			...offered('piece'),
			...offered('listing'),
			...(isThing ? [] : changed([...otherFeatures(given), ...otherColours(given)]))
		],
		() => (isThing ? [] : changed(otherTypes(given))),
		() => (needed ? [] : [without()])
	];
}

/** The cheapest change that helps, of the first kind of which any does. */
function firstThatHelps(
	kinds: readonly (() => Tried[])[][],
	helps: (tried: Tried) => boolean
): Tried | undefined {
	for (const kind of [0, 1, 2]) {
		const tried = kinds.flatMap((of) => of[kind]?.() ?? []).sort((a, b) => a.dear - b.dear);
		const found = tried.find(helps);
		if (found) return found;
	}
	return undefined;
}

/**
 * The wearable version: changes so that the look obeys the client's limits, body and wishes, the event and its weather,
 * and keeps what carries it. Each change is found by trying what the client owns, what the shops have and the values of the features that stylists
 * change and, where none helps, other types and leaving out a small thing. The one that costs the least closeness is taken, and priced; what
 * is owned, and next what can be bought, goes before what is only thought of where it costs little more. What turns out not to be needed once the rest is changed is taken back.
 */
export function adaptLook(
	reference: Pick<Reference, 'elements'>,
	client: CheckContext['client'] & Partial<Pick<Client, 'schools'>>,
	{ event, schools, offersFor = () => [] }: AdaptOptions = {}
): AdaptedLook {
	const context: CheckContext = { client, event, schools: { ...client.schools, ...schools } };
	const { elements } = reference;
	let worn = asWorn(elements);
	let changes: Adaptation[] = [];
	const open: Finding[] = [];
	const scorer = elementScorer(reference, { schools: context.schools, client });
	const earnedBy = (id: string, garment: Garment | undefined) =>
		scorer(id, {
			elementId: id,
			state: garment ? 'items' : 'left-out',
			garments: garment ? [garment] : [],
			movesDone: elements.find((element) => element.id === id)?.moves ?? []
		}).score.earned;

	const lookedAt = (pieces: readonly CheckedPiece[]) =>
		checkLook(pieces, context, { only: wearability }).filter(({ severity }) => severity !== 'praise');

	const wornFor = (id: string) =>
		changes.find(({ elementId, change }) => elementId === id && change.kind === 'wear');
	/** What is taken for one element is worn for no other. */
	const taken = (key: string) =>
		changes.some(({ change }) => change.kind === 'wear' && change.offer.key === key);
	const free = (id: string) => offersFor(id).filter(({ key }) => !taken(key));

	for (;;) {
		const before = lookedAt(worn);
		const finding = before.find((one) => !open.some((other) => same(one, other)));
		if (!finding) break;
		const best = firstThatHelps(
			worn
				.filter(({ id }) => finding.pieces.includes(id))
				.map((piece) => changesOf(worn, piece, earnedBy, free(piece.id), wornFor(piece.id) !== undefined)),
			({ id, change, next }) => {
				if (checkLook(next, context, { only: [finding.rule] }).some((one) => same(one, finding)))
					return false;
				const after = lookedAt(next);
				// A thing is worn as it is: nothing may be left to change about it.
				const isDone = change.kind !== 'wear' || !after.some(({ pieces }) => pieces.includes(id));
				return after.length < before.length && isDone;
			}
		);
		if (!best) {
			open.push(finding);
			continue;
		}
		// Instead of a thing that would have been worn, and for its reason as well.
		const instead = wornFor(best.id);
		changes = changes.filter((made) => made !== instead);
		changes.push({
			elementId: best.id,
			why: [...(instead ? [instead.why] : []), finding.measured].join('; '),
			words: best.words,
			points: Math.max(0, best.lost + (instead?.points ?? 0)),
			change: best.change
		});
		worn = best.next;
	}
	// A later change may have answered what an earlier one was made for.
	const needed = changes.filter((made) => {
		const own = elements.find(({ id }) => id === made.elementId);
		const alone = changes.filter(({ elementId }) => elementId === made.elementId).length === 1;
		if (!own || !alone) return true;
		const [original] = asWorn([own]);
		const at = (id: string) => elements.findIndex((element) => element.id === id);
		const back = [...worn.filter(({ id }) => id !== own.id), ...(original ? [original] : [])].sort(
			(a, b) => at(a.id) - at(b.id)
		);
		if (lookedAt(back).length > lookedAt(worn).length) return true;
		worn = back;
		return false;
	});
	return {
		changes: needed,
		elements: elements.flatMap((element) => {
			const piece = worn.find(({ id }) => id === element.id);
			return piece ? [{ ...element, garment: piece.garment }] : [];
		}),
		score: elements.reduce(
			(sum, { id }) => sum + earnedBy(id, worn.find((piece) => piece.id === id)?.garment),
			0
		),
		open
	};
}
