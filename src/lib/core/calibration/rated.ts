import { groupOfLoss } from '../lexicon/loss-groups';
import type { Echo } from '../model/echo';
import type { Judgement } from '../model/judgement';
import { weighedLosses, type WeighedLoss } from '../model/settings';

/** A judgement as far as the eye is compared with the method: the stylist's figure, the computed one, and what it lost by group. */
export interface Rated {
	id: string;
	/** The echo's name, for whoever looks one up. */
	title: string;
	echoId: string;
	at: string;
	/** 0..100, as the stylist judged. */
	rating: number;
	/** 0..100, as it was computed then. */
	score: number;
	/** Points lost, by group; together 100 − score. */
	lost: Readonly<Record<WeighedLoss, number>>;
	/** The school of closeness, and the kind of reference. */
	school: string;
	kind: string;
}

/** Points lost, by group. */
export function lostByGroup(losses: Judgement['losses']): Record<WeighedLoss, number> {
	const lost = Object.fromEntries(weighedLosses.map((group) => [group, 0])) as Record<WeighedLoss, number>;
	for (const loss of losses) lost[groupOfLoss(loss)] += loss.points;
	return lost;
}

/** All judgements of echoes, the oldest first. */
export const ratedIn = (echoes: readonly Pick<Echo, 'id' | 'title' | 'judgements'>[]): Rated[] =>
	echoes
		.flatMap((echo) =>
			echo.judgements.map((judgement) => ({
				id: judgement.id,
				title: echo.title,
				echoId: echo.id,
				at: judgement.judgedAt,
				rating: judgement.verdict.ownRating,
				score: judgement.score,
				lost: lostByGroup(judgement.losses),
				school: judgement.schools.closeness ?? '',
				kind: judgement.reference.kind
			}))
		)
		.sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id));
