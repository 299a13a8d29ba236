/** What one thing more would break of what a client never wears together, beside what is worn already. */
import { factsOf } from './facts';
import { lookLimitsOf, quoted } from './limits';
import type { CheckContext, CheckedPiece } from './model';
import { saidOnly } from './property';

/** For each limit of whole looks that worn things break with one another, the ids of those that do. */
export type Clashes = (worn: readonly CheckedPiece[]) => string[][];

/**
 * What of worn things a client never wears together; undefined where they said nothing of the kind. What one thing breaks by
 * itself, what is missing from a look and what is only asked is no clash.
 */
export function clashesFor({
	limits
}: Pick<NonNullable<CheckContext['client']>, 'limits'>): Clashes | undefined {
	const ofLooks = limits.never.flatMap(lookLimitsOf);
	if (ofLooks.length === 0) return undefined;
	return (worn) => {
		const { pieces } = factsOf(worn, {});
		return ofLooks.flatMap(({ of }) => {
			const { answer, pieces: found, isMissing } = of(pieces);
			const ids = [...new Set(found.map(({ id }) => id))];
			return saidOnly(answer) === 'no' || isMissing || ids.length < 2 ? [] : [ids];
		});
	};
}

/** Would one thing more clash with what is worn? */
export const clashesWith = (
	clashes: Clashes | undefined,
	worn: readonly CheckedPiece[],
	added: CheckedPiece
): boolean =>
	clashes !== undefined && worn.length > 0 && clashes([...worn, added]).some((ids) => ids.includes(added.id));

/** Limits of whole looks that a thing breaks with what else is worn, in words; what is missing from the look is not its fault. */
export function brokenBeside(
	{ limits }: Pick<NonNullable<CheckContext['client']>, 'limits'>,
	worn: readonly CheckedPiece[],
	added: CheckedPiece
): string[] {
	const ofLooks = limits.never.flatMap(lookLimitsOf);
	if (ofLooks.length === 0) return [];
	const { pieces } = factsOf([...worn, added], {});
	return ofLooks.flatMap(({ said, of }) => {
		const { answer, pieces: found, words, isMissing } = of(pieces);
		const isIts = found.some(({ id }) => id === added.id);
		// What is only asked is asked of the whole look.
		if (saidOnly(answer) === 'no' || isMissing || !isIts) return [];
		const others = found.filter(({ id }) => id !== added.id).map(({ title }) => title);
		const what = words ?? (others.length > 0 ? `with ${others.join(', ')}` : '');
		return [[quoted(said), what].filter(Boolean).join('; ')];
	});
}
