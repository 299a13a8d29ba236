/** What can be done on the fitting table: each deed is one change, and can be undone. */
import {
	choosing,
	closenessSchools,
	garmentInWords,
	matchWardrobe,
	schoolGuide,
	type Client,
	type Dismissal,
	type Echo,
	type Element,
	type Finding,
	type Match,
	type Mend,
	type MoveId,
	type OwnedOption,
	type Reference,
	type Schools,
	type WinBack
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';
import type { LookCheck } from './check.svelte';
import type { Candidate } from './tray.svelte';

/** What the deeds are done to. */
export interface DeedSource {
	echo: Echo;
	reference: Reference;
	client: Client;
	elements: readonly Element[];
	wardrobe: readonly OwnedOption[];
	check: LookCheck;
	select: (elementId: string) => void;
}

const words = (element: Element) => garmentInWords(element.garment);
const nothing = Promise.resolve(false);

export function tableDeeds(source: () => DeedSource) {
	const edit = (label: string, recipe: (draft: Echo) => void) => {
		const { id, rev } = source().echo;
		return perform(() => change(label, (writer) => writer.edit('echoes', id, recipe, rev)));
	};
	const write = (label: string, matches: Match[]) => edit(label, (draft) => void (draft.matches = matches));
	const matches = () => source().echo.matches;

	const choose = (
		element: Element,
		{ item, garment, title }: Pick<Candidate, 'item' | 'garment' | 'title'>,
		sizeLabel?: string
	) =>
		write(
			m.did.chose(title, words(element)),
			choosing.chooseItem(
				matches(),
				source().reference.elements,
				{ element, item: item.source === 'listing' ? { ...item, sizeLabel } : item, garment },
				newId()
			)
		);
	const leaveOut = (element: Element) =>
		write(m.did.leftOut(words(element)), choosing.leaveOut(matches(), element.id, newId()));
	const toggleMove = (element: Element, move: MoveId) =>
		write(m.did.changedMoves(words(element)), choosing.toggleMove(matches(), element.id, move));
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
				: write(
						m.did.changedMoves(words(element)),
						how.moves.reduce((all, move) => choosing.toggleMove(all, elementId, move), matches())
					);
		},
		/** Does what mends a finding. */
		mend({ change: how }: Mend) {
			const element = elementOf(how.id);
			if (!element) return nothing;
			source().select(element.id);
			if (how.kind === 'move') return toggleMove(element, how.move);
			if (how.kind === 'leave-off') return leaveOut(element);
			const offer = source().check.offerIn(how);
			return offer ? choose(element, offer) : nothing;
		},
		/** Puts an owned thing on that no element asks for. */
		wearUnderneath: ({ item, title }: Pick<OwnedOption, 'item' | 'title'>) =>
			edit(m.did.putOn(title), (draft) => {
				draft.extras.push({ id: newId(), item, kind: 'underpinning', note: '' });
			}),
		takeOff: ({ id, title }: { id: string; title: string }) =>
			edit(m.did.tookOff(title), (draft) => {
				draft.extras = draft.extras.filter((extra) => extra.id !== id);
			}),
		/** Lets a finding stand, with the reason why. */
		dismiss: ({ rule, pieces, title }: Finding, reason: Dismissal['reason']) =>
			edit(m.did.letStand(title), (draft) => {
				draft.dismissed.push({ rule, pieces: [...pieces], reason, on: today() });
			}),
		/** Raises a finding again that was let stand. */
		raiseAgain: (dismissal: Dismissal, title: string) =>
			edit(m.did.raisedAgain(title), (draft) => {
				draft.dismissed = draft.dismissed.filter(
					({ rule, pieces }) => rule !== dismissal.rule || pieces.join(' ') !== dismissal.pieces.join(' ')
				);
			}),
		/** Matches the whole wardrobe at once, around what is pinned. */
		matchAll: () =>
			write(
				m.did.matchedAll,
				matchWardrobe(source().reference, matches(), source().wardrobe, {
					schools: source().echo.schools,
					client: source().client,
					newId
				})
			),
		markDone: (element: Element) =>
			write(m.did.done(words(element)), choosing.markDone(matches(), element, newId())),
		clear: (element: Element) =>
			write(m.did.cleared(words(element)), choosing.clearMatch(matches(), element.id)),
		togglePin(element: Element) {
			const match = matches().find(({ elementIds }) => elementIds.includes(element.id));
			return match
				? write(
						match.pinned ? m.did.unpinned(words(element)) : m.did.pinned(words(element)),
						choosing.togglePin(matches(), element.id)
					)
				: nothing;
		},
		giveReason: (element: Element, reason: Match['reason']) =>
			write(m.did.notedWhy(words(element)), choosing.giveReason(matches(), element.id, reason)),
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
