/** Limits in clients' own words, each with a look and what it comes to, and how often the checks say the same. */
import { readFileSync } from 'node:fs';
import { checkLook, isKnownLimit } from '../src/lib/core';
import { forClient, piecesOf } from './outfits';

/** Raised, asked, nothing, or not understood and left to people. */
export type Outcome = 'y' | 'a' | 'n' | 'p';

export interface LabelledLimit {
	limit: string;
	look: string;
	wanted: Outcome;
}

/** Those for tuning, and those that are only ever run: every second one of the last list. */
export function labelledLimits(): { tuned: LabelledLimit[]; held: LabelledLimit[] } {
	const file = new URL('./unit/data/limits.txt', import.meta.url);
	const [tuned = [], last = []] = readFileSync(file, 'utf8')
		.split('# Every second one')
		.map((part) =>
			part.split('\n').flatMap((line): LabelledLimit[] => {
				const [wanted, limit, look] = line.split(' | ');
				return limit && look ? [{ wanted: wanted as Outcome, limit, look }] : [];
			})
		);
	return {
		tuned: [...tuned, ...last.filter((_, i) => i % 2 === 0)],
		held: last.filter((_, i) => i % 2 === 1)
	};
}

/** What a limit comes to for a look, as Check says it. */
export function outcomeOf({ limit, look }: LabelledLimit): Outcome {
	const found = checkLook(piecesOf(look), forClient({ limits: { never: [limit] } }), {
		only: ['client-limits', 'limits-of-looks']
	});
	if (found.some(({ severity }) => severity === 'warning')) return 'y';
	if (found.length > 0) return 'a';
	return isKnownLimit(limit) ? 'n' : 'p';
}

/** What is said otherwise than labelled. */
export const missedOf = (all: readonly LabelledLimit[]): string[] =>
	all.flatMap((one) => {
		const outcome = outcomeOf(one);
		return outcome === one.wanted ? [] : [`${one.wanted} → ${outcome}: ${one.limit} | ${one.look}`];
	});
