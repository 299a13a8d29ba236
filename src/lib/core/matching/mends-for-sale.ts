/** Mends that would be bought: what the shops have of the things that, put on besides, would mend a finding. */
import { mendsOf, type Mend, type Spare } from '../checks/mends';
import type { CheckContext, CheckedPiece, Finding } from '../checks/model';
import { wantsOf } from '../checks/wants';
import type { MarketAnswer } from '../exchange/market';
import { withPostage } from '../money/spend';
import type { FitNote } from '../model/fit-note';
import type { Element } from '../model/reference';
import { somethingMore } from '../outfits/something-more';
import { candidatesFor, isWearable, type Candidate } from './candidates';
import { scoringOf } from './score-echo';
import { isInReach, type SuitabilityOptions } from './suitability';

/** As many of each kind as are tried on the look. */
const mostOfKind = 8;

/** What the shops are asked for to mend a finding; without any, nothing put on besides would. */
export const wantedElements = (
	finding: Finding,
	worn: readonly CheckedPiece[],
	context: CheckContext,
	newId: () => string
): Element[] =>
	wantsOf(finding, worn, context).map((garment) => ({
		id: newId(),
		garment,
		rank: 1,
		role: 'support',
		weightFactor: 1,
		signature: [],
		open: [],
		moves: [],
		note: ''
	}));

export interface ForSale {
	/** What was asked for, and what the shops have of it. */
	elements: Element[];
	market: MarketAnswer;
	fitNotes: readonly FitNote[];
	buying: SuitabilityOptions;
}

export interface MendsForSale {
	mends: Mend[];
	/** What they add, by the keys that the mends name. */
	things: readonly Pick<Candidate, 'key' | 'item' | 'title' | 'garment'>[];
}

/** What of an answer mends the finding: what the client may wear, in their size, there in time and for what is left. */
export function mendsForSale(
	finding: Finding,
	worn: readonly CheckedPiece[],
	context: CheckContext,
	{ elements, market, fitNotes, buying }: ForSale
): MendsForSale {
	const { client, today } = buying;
	const reference = { elements };
	const candidates = candidatesFor({
		reference,
		client,
		pieces: [],
		market,
		fitNotes,
		scoring: scoringOf(reference, context.schools ?? {}, client),
		seenOn: today
	});
	const things = elements.flatMap((element) =>
		candidates
			.for(element)
			.listed.filter((one) => isWearable(one, client) && isInReach(one.item, buying))
			.slice(0, mostOfKind)
	);
	const spares = somethingMore(worn, things, { client }).map(
		({ thing: { key, title, garment, listing, item } }): Spare => ({
			key,
			title,
			garment,
			bought: listing,
			cost: withPostage({ item }, buying.worn)
		})
	);
	return {
		things,
		mends: mendsOf(finding, worn, { context, additions: () => spares }).filter(
			({ change }) => change.kind === 'add'
		)
	};
}
