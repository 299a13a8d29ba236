/** What is asked of a plan, as it stands in its form and in the address. */
export interface PlanQuestion {
	/** Ids of the echoes that are to be planned. */
	chosen: readonly string[];
	/** A sum as it was typed; undefined where none was yet, so that one may be proposed. */
	budget?: string;
	keepChosen: boolean;
	byLook: boolean;
}

/** The question that an address asks; undefined where it names no look. */
export function questionOf(asked: URLSearchParams): PlanQuestion | undefined {
	const chosen = asked.get('looks')?.split(',').filter(Boolean) ?? [];
	if (chosen.length === 0) return undefined;
	return {
		chosen,
		budget: asked.get('budget') ?? undefined,
		keepChosen: asked.has('keep'),
		byLook: asked.has('each')
	};
}

/** Where a question is asked again, after a reload or on a way back. */
export const addressOf = ({ chosen, budget, keepChosen, byLook }: PlanQuestion): string =>
	`/plan?${new URLSearchParams({
		looks: chosen.join(','),
		...(budget !== undefined && { budget }),
		...(keepChosen && { keep: '' }),
		...(byLook && { each: '' })
	})}`;

/** Is it what was asked before? A question without a sum, as the table asks it, is for the looks alone. */
export function asksTheSame(question: PlanQuestion | undefined, before: PlanQuestion): boolean {
	if (!question) return true;
	const alike = question.budget === undefined ? { ...before, chosen: question.chosen } : question;
	return addressOf(alike) === addressOf(before);
}
