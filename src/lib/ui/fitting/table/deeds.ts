/** What can be done on the fitting table: each deed is one change, and can be undone. */
import { produce } from 'immer';
import {
	backupsFor,
	changedByHand,
	choosing,
	clashesFor,
	closenessSchools,
	freshExtra,
	garmentInWords,
	latestArrival,
	matchOf,
	matchWardrobe,
	mayWear,
	plannedFor,
	garmentType,
	keyOfFinding,
	sameThing,
	schoolGuide,
	wornPieces,
	type Candidate,
	type Candidates,
	type Client,
	type Dismissal,
	type Echo,
	type Element,
	type Event,
	type Extra,
	type Item,
	type Finding,
	type Match,
	type Mend,
	type MoveId,
	type OwnedOption,
	type Piece,
	type Reference,
	type Schools,
	type ScoreOptions,
	type Side,
	type WinBack
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import { forgetForeseen, noteForeseen } from '$lib/store/foreseen';
import { change } from '$lib/store/journal';
import type { Writer } from '$lib/store/writer';
import { perform, performTold } from '../../frame/perform';
import { m } from '../../messages';
import type { LookCheck } from '../check/check.svelte';
import type { OnTable } from './table.svelte';

/** What the deeds are done to. */
export interface DeedSource {
	echo: Echo;
	ahead: OnTable['ahead'];
	reference: Reference;
	client: Client;
	event: Event | undefined;
	elements: readonly Element[];
	pieces: readonly Piece[];
	candidates: Candidates;
	scoring: ScoreOptions;
	check: LookCheck;
	select: (elementId: string) => void;
}

const words = (element: Element) => garmentInWords(element.garment);
const nothing = Promise.resolve(false);

export function tableDeeds(source: () => DeedSource) {
	/** Is what is being done told, with an Undo of its own? So it is when a single letter did it. */
	let telling = false;

	/** Ids that a deed gives, the same whenever it is done over. */
	let given: { ids: string[]; next: number } = { ids: [], next: 0 };
	const giveId = () => (given.ids[given.next++] ??= newId());

	/** Changes the echo as it is stored, not as it was drawn: quick hands and other tabs may be ahead of what is shown. */
	const edit = (label: string, recipe: (draft: Echo) => void) => {
		const { id } = source().echo;
		const work = (writer: Writer) => writer.edit('echoes', id, recipe);
		return telling ? performTold(label, work) : perform(() => change(label, work));
	};
	/**
	 * Shows the echo as it will be before it is written, so that hands that choose never wait for the store; what cannot be written is taken
	 * back, and told. What is typed is shown once it is kept.
	 */
	const editAhead = async (label: string, recipe: (draft: Echo) => void) => {
		const { echo, ahead } = source();
		const ids: string[] = [];
		const done = (draft: Echo) => {
			given = { ids, next: 0 };
			recipe(draft);
		};
		const next = produce(echo, done);
		const rev = echo.rev + 1;
		if (next !== echo) {
			noteForeseen(label, { ...next, rev });
			ahead.show({ ...next, rev });
		}
		const isWritten = await edit(label, done);
		if (isWritten) ahead.settle();
		else ahead.takeBack();
		forgetForeseen(echo.id, isWritten ? rev : undefined);
		return isWritten;
	};
	const write = (label: string, update: (matches: readonly Match[]) => Match[]) =>
		editAhead(label, (draft) => {
			draft.matches = update(draft.matches);
			// A thing is worn once: what answers an element is put on besides no more.
			const worn = draft.matches.flatMap(({ items }) => items);
			draft.extras = draft.extras.filter((extra) => !worn.some((item) => sameThing(item, extra.item)));
			// Why there was a gap is of no use once there is none.
			draft.gapNotes = draft.gapNotes.filter(({ elementId }) => !matchOf(draft, elementId));
		});
	const editExtra = (label: string, extraId: string, recipe: (extra: Extra) => void) =>
		edit(label, (draft) => {
			const extra = draft.extras.find(({ id }) => id === extraId);
			if (extra) recipe(extra);
		});

	const choose = (
		element: Element,
		{ item, garment, title }: Pick<Candidate, 'item' | 'garment' | 'title'>
	) =>
		write(m.did.chose(title, words(element)), (matches) => {
			const { candidates, client, event, reference } = source();
			const latest = event && latestArrival(event.date);
			const backups = backupsFor(element, item, candidates, { client, today: today(), latest });
			return choosing.chooseItem(matches, reference.elements, { element, item, garment, backups }, giveId());
		});
	const leaveOut = (element: Element) =>
		write(m.did.leftOut(words(element)), (matches) => choosing.leaveOut(matches, element.id, giveId()));
	const toggleMove = (element: Element, move: MoveId) =>
		write(m.did.changedMoves(words(element)), (matches) => choosing.toggleMove(matches, element.id, move));
	/** The whole wardrobe matched at once, of what this client may wear. */
	const matched = (matches: readonly Match[], keepByHand: boolean) => {
		const { echo, reference, candidates, client, scoring, pieces } = source();
		return matchWardrobe(
			reference,
			matches,
			candidates.wardrobe.filter(
				(option) =>
					mayWear(client, option) && !echo.extras.some((extra) => sameThing(extra.item, option.item))
			),
			{
				...scoring,
				newId: giveId,
				keepByHand,
				clashes: clashesFor(client),
				wornNow: wornPieces({ matches, extras: echo.extras }, pieces)
			}
		);
	};
	/** Puts a thing on underneath, that no element asks for. */
	const wearUnderneath = ({ item, title }: Pick<OwnedOption, 'title'> & { item: Item }) =>
		edit(m.did.putOn(title), (draft) => {
			draft.extras.push(freshExtra({ id: newId(), item, kind: 'underpinning' }));
		});
	/** Puts something on that no element asks for. What is worn of it elsewhere in the look is taken from there. */
	const putOn = ({ item, title }: Pick<OwnedOption, 'title'> & { item: Item }, placed?: Extra['placed']) =>
		edit(m.did.putOn(title), (draft) => {
			draft.matches = draft.matches
				.map((match) => ({ ...match, items: match.items.filter((other) => !sameThing(other, item)) }))
				.filter(({ state, items }) => state !== 'items' || items.length > 0);
			draft.extras = [
				...draft.extras.filter((extra) => !sameThing(extra.item, item)),
				freshExtra({ id: newId(), item, ...(placed && { placed }) })
			];
		});
	const elementOf = (id: string) => source().elements.find((element) => element.id === id);

	return {
		choose,
		leaveOut,
		toggleMove,
		/** Does what wins points back. */
		winBack({ elementId, change: how }: WinBack) {
			const element = elementOf(elementId);
			if (!element) return nothing;
			source().select(elementId);
			return how.kind === 'item'
				? choose(element, how.offer)
				: write(m.did.changedMoves(words(element)), (matches) =>
						how.moves.reduce<Match[]>((all, move) => choosing.toggleMove(all, elementId, move), [...matches])
					);
		},
		/** Does what mends a finding. */
		mend({ change: how }: Mend) {
			if (how.kind === 'add') {
				const besides = source().check.additionIn(how);
				if (!besides) return nothing;
				return garmentType(besides.garment.type).slot === 'under' ? wearUnderneath(besides) : putOn(besides);
			}
			const element = elementOf(how.id);
			if (!element) return nothing;
			source().select(element.id);
			if (how.kind === 'move') return toggleMove(element, how.move);
			if (how.kind === 'leave-off') return leaveOut(element);
			const offer = source().check.offerIn(how);
			return offer ? choose(element, offer) : nothing;
		},
		wearUnderneath,
		takeOff: ({ id, title }: { id: string; title: string }) =>
			edit(m.did.tookOff(title), (draft) => {
				draft.extras = draft.extras.filter((extra) => extra.id !== id);
			}),
		/** Lets a finding stand, with the reason why. */
		dismiss: (finding: Finding, reason: Dismissal['reason']) =>
			edit(m.did.letStand(finding.title), (draft) => {
				draft.dismissed.push({
					rule: keyOfFinding(finding),
					pieces: [...finding.pieces],
					reason,
					on: today()
				});
			}),
		/** Puts the echo by until a month comes in which it can be worn. */
		hold: (months: number[]) =>
			edit(m.did.held(source().echo.title), (draft) => {
				draft.hold = { months, since: today() };
			}),
		release: () =>
			edit(m.did.released(source().echo.title), (draft) => {
				delete draft.hold;
			}),
		/** What changed about the day was seen to: from here on it is told anew. */
		sawDay() {
			const { event } = source();
			return event
				? edit(m.did.sawDay(event.title), (draft) => {
						draft.plannedFor = plannedFor(event);
					})
				: nothing;
		},
		/** Raises a finding again that was let stand. */
		raiseAgain: (dismissal: Dismissal, title: string) =>
			edit(m.did.raisedAgain(title), (draft) => {
				draft.dismissed = draft.dismissed.filter(
					({ rule, pieces }) => rule !== dismissal.rule || pieces.join(' ') !== dismissal.pieces.join(' ')
				);
			}),
		/** Does a deed and tells of it, with an Undo that takes back this deed alone. */
		told<T>(deed: () => T): T {
			telling = true;
			try {
				return deed();
			} finally {
				telling = false;
			}
		},
		/** What matching the whole wardrobe would change of what was chosen by hand: to be asked before it is done. */
		byHandInTheWay: () => changedByHand(source().echo.matches, matched(source().echo.matches, false)),
		/** Matches the whole wardrobe at once, around what is pinned, and around what was chosen by hand where asked. */
		matchAll: (keepByHand = false) => write(m.did.matchedAll, (matches) => matched(matches, keepByHand)),
		markDone: (element: Element) =>
			write(m.did.done(words(element)), (matches) => choosing.markDone(matches, element, giveId())),
		clear: (element: Element) =>
			write(m.did.cleared(words(element)), (matches) => choosing.clearMatch(matches, element.id)),
		togglePin(element: Element) {
			const match = matchOf(source().echo, element.id);
			return match
				? write(match.pinned ? m.did.unpinned(words(element)) : m.did.pinned(words(element)), (matches) =>
						choosing.togglePin(matches, element.id)
					)
				: nothing;
		},
		/** Notes of a match, or why there is none, what could be there, and what it is beside the reference's. */
		note: (element: Element, notes: choosing.MatchNotes) =>
			edit(m.did.notedWhy(words(element)), (draft) => {
				if (matchOf(draft, element.id)) {
					draft.matches = choosing.noteMatch(draft.matches, element.id, notes);
					return;
				}
				const { beside: _, ...ofGap } = notes;
				const before = draft.gapNotes.find(({ elementId }) => elementId === element.id);
				if (before) Object.assign(before, ofGap);
				else draft.gapNotes.push({ elementId: element.id, reason: 'other', instead: '', note: '', ...ofGap });
			}),
		/** Puts something on beside what answers an element already. */
		add: (element: Element, { item, garment, title }: Pick<Candidate, 'item' | 'garment' | 'title'>) =>
			write(m.did.putOn(title), (matches) =>
				choosing.addItem(matches, source().reference.elements, { element, item, garment }, giveId())
			),
		/** Puts one of a pair on one side; what was on both keeps the other. */
		chooseOnSide: (
			element: Element,
			{ item, garment, title }: Pick<Candidate, 'item' | 'garment' | 'title'>,
			side: Side
		) =>
			write(m.did.putOnSide(title, side), (matches) =>
				choosing.chooseOnSide(
					matches,
					source().reference.elements,
					{ element, item, garment, side },
					giveId()
				)
			),
		/** Takes one of several things off. */
		remove: (element: Element, item: Item, title: string) =>
			write(m.did.tookOff(title), (matches) => choosing.removeItem(matches, element.id, item)),
		/** Wears one of a pair on one side alone, or both of it again. */
		setSide: (element: Element, item: Item, side: Side | undefined, title: string) =>
			write(m.did.changedSide(title), (matches) => choosing.setSide(matches, element.id, item, side)),
		putOn,
		toggleExtraMove: ({ id, title }: { id: string; title: string }, move: MoveId) =>
			editExtra(m.did.changedMoves(title), id, (extra) => {
				extra.movesDone = extra.movesDone.includes(move)
					? extra.movesDone.filter((other) => other !== move)
					: [...extra.movesDone, move];
			}),
		noteExtra: ({ id, title }: { id: string; title: string }, note: string) =>
			editExtra(m.did.notedWhy(title), id, (extra) => void (extra.note = note)),
		/** Other schools for this echo. */
		setSchools: (schools: Partial<Schools>) => {
			const before = source().echo.schools;
			const changed = (Object.keys(schools) as (keyof Schools)[]).filter(
				(question) => schools[question] !== before[question]
			);
			if (changed.length === 0) return nothing;
			const label =
				changed[0] === 'closeness' && schools.closeness
					? m.did.changedSchool(closenessSchools[schools.closeness].label)
					: m.did.changedSchools(changed.map((question) => schoolGuide[question].asks).join(', '));
			return edit(label, (draft) => void Object.assign(draft.schools, schools));
		},
		setLimit: (limit: Echo['spendLimit']) =>
			edit(limit ? m.did.setLimit : m.did.tookLimitOff, (draft) => void (draft.spendLimit = limit))
	};
}
export type TableDeeds = ReturnType<typeof tableDeeds>;
