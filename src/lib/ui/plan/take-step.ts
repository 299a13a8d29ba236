import type { PlannedEcho } from '$lib/core';
import type { Writer } from '$lib/store/writer';
import type { PlanStep } from '$lib/workers/budget';
import { SpokenError } from '../frame/perform';
import { m } from '../messages';

interface Plan {
	/** What was planned, as it was then. */
	planned: readonly PlannedEcho[];
	/** The steps that were found. */
	answer: { steps: readonly PlanStep[] } | undefined;
}

/**
 * Takes a step of a plan into its looks. A look that was changed since it was planned, otherwise than by a step of this plan, is not
 * overwritten: nothing is taken then, and that is said.
 */
export async function takeStep(
	writer: Pick<Writer, 'edit'>,
	{ planned, answer }: Plan,
	{ matches: taken }: PlanStep
): Promise<void> {
	for (const { echoId, matches } of taken) {
		const known = [
			planned.find(({ echo }) => echo.id === echoId)?.echo.matches,
			...(answer?.steps ?? []).map((step) => step.matches.find((one) => one.echoId === echoId)?.matches)
		].map((one) => JSON.stringify(one));
		await writer.edit('echoes', echoId, (draft) => {
			if (!known.includes(JSON.stringify(draft.matches)))
				throw new SpokenError(m.plan.changedSince(draft.title));
			draft.matches = matches;
			// Why there was a gap is of no use once there is none.
			draft.gapNotes = draft.gapNotes.filter(
				({ elementId }) => !matches.some(({ elementIds }) => elementIds.includes(elementId))
			);
		});
	}
}
