/** Mends that would be bought: what the shops have of the things that, worn besides, would mend a finding. */
import {
	candidatesFor,
	isWearable,
	mendsOf,
	scoringOf,
	somethingMore,
	wantsOf,
	type Candidate,
	type CheckContext,
	type CheckedPiece,
	type Client,
	type Echo,
	type Element,
	type Finding,
	type FitNote,
	type Garment,
	type Item,
	type Mend,
	type Money,
	type Spare
} from '$lib/core';
import { newId, today } from '$lib/store/clock';
import { askForLook } from '$lib/store/market';

export interface AskedShops {
	worn: readonly CheckedPiece[];
	context: CheckContext;
	client: Client;
	fitNotes: readonly FitNote[];
	schools: Echo['schools'];
	/** What a thing costs until it is there. */
	costOf: (item: Item) => Money | undefined;
}

export interface FromShops {
	mends: Mend[];
	/** What they add. */
	things: readonly Pick<Candidate, 'key' | 'item' | 'title' | 'garment'>[];
	/** Why shops were not asked, or not all. */
	failed?: string;
}

/** As many of each kind as are tried on the look. */
const triedOfKind = 8;

const asElement = (garment: Garment): Element => ({
	id: newId(),
	garment,
	rank: 1,
	role: 'support',
	weightFactor: 1,
	signature: [],
	open: [],
	moves: [],
	note: ''
});

/** Asks the shops for what would mend a finding, and tries on what they have. */
export async function mendsFromShops(
	finding: Finding,
	{ worn, context, client, fitNotes, schools, costOf }: AskedShops,
	signal: AbortSignal
): Promise<FromShops> {
	const reference = { elements: wantsOf(finding, worn, context).map(asElement) };
	if (reference.elements.length === 0) return { mends: [], things: [] };
	const on = today();
	const result = await askForLook(reference, { client, fitNotes, schools, on }, signal);
	if (!result.ok) return { mends: [], things: [], failed: result.message };
	const candidates = candidatesFor({
		reference,
		client,
		pieces: [],
		market: result.answer,
		fitNotes,
		scoring: scoringOf(reference, schools, client),
		seenOn: on
	});
	const listed = reference.elements.flatMap((element) =>
		candidates
			.for(element)
			.listed.filter((one) => isWearable(one, client))
			.slice(0, triedOfKind)
	);
	const spares = somethingMore(worn, listed, { client }).flatMap(({ thing }): Spare[] => {
		const { key, title, garment, item, listing } = thing;
		const cost = costOf(item);
		return listing && cost ? [{ key, title, garment, bought: listing, cost }] : [];
	});
	return {
		mends: mendsOf(finding, worn, { context, additions: () => spares }).filter(
			({ change }) => change.kind === 'add'
		),
		things: listed,
		...(result.without && { failed: result.without })
	};
}
