import {
	addDays,
	filterRail,
	searchOverSoon,
	sortRail,
	type Finder,
	type OrderId,
	type Piece,
	type RailFilter,
	type RailUse,
	type TraitId,
	type UseId
} from '$lib/core';
import { today } from '$lib/store/clock';
import { m } from '../messages';

/** Pieces that something led to. */
export interface Only {
	words: string;
	ids: ReadonlySet<string>;
}

/** Which pieces of a rail are shown, and in which order. Call it while a component is being set up. */
export function shownRail(
	source: () => {
		pieces: readonly Piece[];
		used: RailUse;
		/** Pieces that are being deleted, and shown no longer. */
		leaving: readonly Piece[];
	}
) {
	let typed = $state('');
	let traits = $state<Partial<Record<TraitId, string>>>({});
	let use = $state<UseId | undefined>();
	let only = $state.raw<Only | undefined>();
	let order = $state.raw<{ by: OrderId; falling: boolean }>({ by: 'place', falling: false });
	/** Built when the field is gone to, and anew when pieces change; keys that are pressed meanwhile are not held up. */
	let looking = $state(false);
	let find = $state.raw<Finder | undefined>();

	$effect(() => {
		if (!looking) return;
		let dropped = false;
		void searchOverSoon(
			source().pieces.map(({ id, name, place, note, sizeLabel, acquired, state, parts }) => ({
				key: id,
				garments: parts.map(({ garment }) => garment),
				texts: [name, place, note, sizeLabel, acquired.how, m.wardrobe.states[state] ?? '']
			}))
		).then((made) => {
			if (!dropped) find = made;
		});
		return () => (dropped = true);
	});
	const filter = $derived<RailFilter>({
		traits,
		...(use && { use }),
		...(only && { ids: only.ids }),
		longBefore: addDays(today(), -365)
	});
	const answers = $derived(typed.trim() === '' ? undefined : find?.(typed));
	/** Put in order once for many searches. */
	const inOrder = $derived(sortRail(source().pieces, order, source().used));
	const found = $derived(
		filterRail(inOrder, filter, source().used).filter(
			(piece) => (!answers || answers.has(piece.id)) && !source().leaving.includes(piece)
		)
	);
	return {
		get typed() {
			return typed;
		},
		set typed(next) {
			typed = next;
		},
		/** The search is made ready. */
		look: () => (looking = true),
		get traits() {
			return traits;
		},
		setTrait(id: TraitId, value: string) {
			const { [id]: _, ...others } = traits;
			traits = value === '' ? others : { ...others, [id]: value };
		},
		get use() {
			return use;
		},
		set use(next) {
			use = next;
		},
		get only() {
			return only;
		},
		set only(next) {
			only = next;
		},
		clear() {
			traits = {};
			use = undefined;
			only = undefined;
			typed = '';
		},
		get order() {
			return order;
		},
		set order(next) {
			order = next;
		},
		get found() {
			return found;
		}
	};
}
export type ShownRail = ReturnType<typeof shownRail>;
