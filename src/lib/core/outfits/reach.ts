/** How far a rail reaches towards many references at once, and what each piece is wanted for. */
import {
	earningBound,
	elementScorer,
	type ElementScorer,
	type Scored,
	type ScoreOptions
} from '../closeness/look';
import { mayWear } from '../checks/bars';
import { clashesFor } from '../checks/beside';
import { nudeOn, skinToneOf } from '../colour/nude';
import { bandOf, type BandId } from '../lexicon/bands';
import { slots } from '../lexicon/slots';
import { canAnswer, garmentType } from '../lexicon/taxonomy';
import { matchWardrobe, rungsThatMatter } from '../matching/assign';
import { closest, indexGarments, type Closest, type GarmentIndex } from '../matching/garment-index';
import { resolveItem, wearable, type OwnedOption } from '../matching/items';
import { scoreEcho, scoringOf } from '../matching/score-echo';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import type { Match } from '../model/worn';
import type { Garment } from '../model/garment';
import type { Piece } from '../model/piece';
import type { Element, Reference } from '../model/reference';

/** What a rail makes of one reference by itself. */
export interface Reach {
	referenceId: string;
	/** 0..100 */
	score: number;
	band: BandId;
	/** Is what carries the look answered by more than half? */
	hero: boolean;
	/** Elements that nothing answers. */
	gaps: number;
	/** Pieces that answer an element that carries the look, by half at least. */
	carriedBy: string[];
	matches: Match[];
}

export interface ReachOptions {
	/** Nothing that they may not wear is reached for. */
	client?: Client;
	newId: () => string;
}

/** A match that is worth less than this share of what it could be does not answer its element. */
const answered = 0.5;
/** How many times as many things are looked at where some may not be worn together. */
const keptForClashes = 4;
const carries = ({ role }: Element) => role === 'hero' || role === 'key';

/** A scorer that weighs each thing worn as asked once: what is looked through first is matched afterwards. */
function rememberingScorer(reference: Pick<Reference, 'elements'>, scoring: ScoreOptions): ElementScorer {
	const scorer = elementScorer(reference, scoring);
	const known = new Map<string, Map<Garment, Scored>>();
	return (elementId, worn) => {
		const [garment, another] = worn?.garments ?? [];
		if (!garment || another) return scorer(elementId, worn);
		let ofElement = known.get(elementId);
		if (!ofElement) known.set(elementId, (ofElement = new Map<Garment, Scored>()));
		let scored = ofElement.get(garment);
		if (!scored) ofElement.set(garment, (scored = scorer(elementId, worn)));
		return scored;
	};
}

/** An element as it is asked for this client: nude in the tone of their skin. */
const asWornBy = (element: Element, { client }: ScoreOptions): Element => ({
	...element,
	garment: nudeOn(client && skinToneOf(client), element.garment)
});

/** How many are looked at first; all the rest only where these were not enough. */
const lookFirst = 32;

/** The nearest to an element, best first, a few at first. */
function* nearest(
	index: GarmentIndex,
	element: Element,
	schools: ScoreOptions['schools']
): Generator<Closest> {
	const first = closest(index, element, { schools, most: lookFirst });
	yield* first;
	if (first.length === lookFirst)
		yield* closest(index, element, { schools, most: index.garments.length }).slice(lookFirst);
}

/**
 * The options that can matter to a look: for each element the parts that earn most by themselves, as many as it has elements and
 * one more; and every one-piece, which may answer several. What is left out cannot change the best use of the rail; where things may
 * not be worn together, several times as many are kept for what takes their place.
 */
function thatMatter(
	reference: Pick<Reference, 'elements'>,
	options: readonly OwnedOption[],
	index: GarmentIndex,
	scoring: ScoreOptions,
	{ scorer, times }: { scorer: ElementScorer; times: number }
): OwnedOption[] {
	const boundOf = earningBound(reference, scoring);
	const wanted = new Set<OwnedOption>();
	const enough = rungsThatMatter(reference.elements, options) * times;
	for (const element of reference.elements) {
		const covers = slots[garmentType(element.garment.type).slot].covers.length;
		const bounded = !scoring.forgiven?.has(element.id);
		/** What each part earns at best, as far as was looked. */
		const earns = new Map<string, number>();
		const last = () => [...earns.values()].sort((a, b) => b - a)[enough - 1] ?? -1;
		for (const { at, closeness } of nearest(index, asWornBy(element, scoring), scoring.schools)) {
			const option = options[at];
			if (!option) continue;
			// None of those that follow, less close yet, can earn what enough others do.
			if (bounded && boundOf(element.id, closeness) < last()) break;
			wanted.add(option);
			const part = `${option.item.pieceId} ${option.item.partId}`;
			const { earned } = scorer(element.id, {
				elementId: element.id,
				state: 'items',
				garments: [option.garment],
				movesDone: element.moves
			}).score;
			earns.set(part, Math.max(earned, earns.get(part) ?? 0));
		}
		for (const option of options)
			if (
				slots[garmentType(option.garment.type).slot].covers.length > covers &&
				canAnswer(element.garment.type, option.garment.type)
			)
				wanted.add(option);
	}
	return options.filter((option) => wanted.has(option));
}

/** The best that a rail makes of each reference by itself, the closest first. */
export function reachOf(
	references: readonly Reference[],
	pieces: readonly Piece[],
	options: readonly OwnedOption[],
	{ client, newId }: ReachOptions
): Reach[] {
	const fit = options.filter((option) => wearable(option.piece) && (!client || mayWear(client, option)));
	const index = indexGarments(fit.map(({ garment }) => garment));
	const schools: Echo['schools'] = client?.schools ?? {};
	const clashes = client && clashesFor(client);
	return references
		.filter(({ elements }) => elements.length > 0)
		.map((reference): Reach => {
			const scoring = scoringOf(reference, schools, client);
			const scorer = rememberingScorer(reference, scoring);
			const rail = thatMatter(reference, fit, index, scoring, {
				scorer,
				times: clashes ? keptForClashes : 1
			});
			const matches = matchWardrobe(reference, [], rail, { newId, scorer, clashes, ...scoring });
			const { score, elements } = scoreEcho({ matches, schools }, reference, pieces, client);
			const shareOf = (element: Element) => {
				const found = elements.find(({ elementId }) => elementId === element.id);
				return found && found.points > 0 ? found.earned / found.points : 0;
			};
			const carrying = reference.elements.filter(carries);
			const [first] = [...reference.elements].sort((a, b) => a.rank - b.rank);
			const heroes = reference.elements.filter(({ role }) => role === 'hero');
			const hero = heroes.length > 0 ? heroes : first ? [first] : [];
			return {
				referenceId: reference.id,
				score,
				band: bandOf(score).id,
				hero: hero.every((element) => shareOf(element) > answered),
				gaps: reference.elements.filter((element) => shareOf(element) === 0).length,
				carriedBy: [
					...new Set(
						carrying
							.filter((element) => shareOf(element) >= answered)
							.flatMap((element) => matches.filter(({ elementIds }) => elementIds.includes(element.id)))
							.flatMap(({ items }) => items)
							.flatMap((item) => (item.source === 'piece' && resolveItem(item, pieces) ? [item.pieceId] : []))
					)
				],
				matches
			};
		})
		.sort((a, b) => b.score - a.score);
}

/** For each piece the references in which it answers what carries the look, the closest first. */
export function wantedFor(reaches: readonly Reach[]): Map<string, Reach[]> {
	const wanted = new Map<string, Reach[]>();
	for (const reach of reaches)
		for (const pieceId of reach.carriedBy) wanted.set(pieceId, [...(wanted.get(pieceId) ?? []), reach]);
	return wanted;
}
