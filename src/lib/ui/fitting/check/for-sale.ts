import {
	mendsForSale,
	wantedElements,
	type CheckContext,
	type CheckedPiece,
	type Echo,
	type Finding,
	type FitNote,
	type MendsForSale,
	type SuitabilityOptions
} from '$lib/core';
import { newId } from '$lib/store/clock';
import { askForLook } from '$lib/store/market';

export interface AskedShops {
	worn: readonly CheckedPiece[];
	context: CheckContext;
	fitNotes: readonly FitNote[];
	schools: Echo['schools'];
	buying: SuitabilityOptions;
}

/** `failed`: why shops were not asked, or not all. */
export type FromShops = MendsForSale & { failed?: string };

/** Asks the shops for what, put on besides, would mend a finding, and tries on what they have. */
export async function mendsFromShops(
	finding: Finding,
	{ worn, context, fitNotes, schools, buying }: AskedShops,
	signal: AbortSignal
): Promise<FromShops> {
	const nothing = { mends: [], things: [] };
	const elements = wantedElements(finding, worn, context, newId);
	if (elements.length === 0) return nothing;
	const { client, today: on } = buying;
	const result = await askForLook({ elements }, { client, fitNotes, schools, on }, signal);
	if (!result.ok) return { ...nothing, failed: result.message };
	return {
		...mendsForSale(finding, worn, context, { elements, market: result.answer, fitNotes, buying }),
		...(result.without && { failed: result.without })
	};
}
