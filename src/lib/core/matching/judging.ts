import { checkLook } from '../checks/check-look';
import { isLetStand } from '../checks/let-stand';
import type { CheckContext, Finding } from '../checks/model';
import { methodVersion } from '../closeness/look';
import { defaultSchools } from '../lexicon/schools';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import type { Judgement, Verdict } from '../model/judgement';
import type { Item } from '../model/worn';
import type { Event } from '../model/event';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { frozenReference } from '../model/snapshot';
import type { Settings } from '../model/settings';
import type { TryOn } from '../model/try-on';
import { weighedScore } from '../calibration/calibrate';
import { lostByGroup } from '../calibration/rated';
import { spendOf, type Rates } from '../money/spend';
import { resolveItem } from './items';
import { scoreEcho, wornPieces } from './score-echo';
import { versionNow } from './versions';

/** What is kept of a thing that was worn. */
function frozenThing(
	item: Item,
	pieces: readonly Piece[]
): Pick<Judgement['worn'][number], 'title' | 'garment'> {
	const resolved = resolveItem(item, pieces);
	return resolved ? { title: resolved.title, garment: resolved.garment } : { title: 'a piece that is gone' };
}

/** What the eye finds of an echo and the stylist does not let stand. */
export const findingsOf = (
	echo: Pick<Echo, 'matches' | 'extras' | 'dismissed'>,
	pieces: readonly Piece[],
	context: CheckContext
): Finding[] =>
	checkLook(wornPieces(echo, pieces), context).filter((finding) => !isLetStand(finding, echo.dismissed));

/** As long as the words of a finding are kept, and as many. */
const mostLetters = 400;
const mostFindings = 60;

/**
 * Freezes an echo with the stylist's verdict: the reference, what was worn, prices, score, method, what the eye found, and
 * the pictures of the try-on as they are now. Later edits do not change it.
 *
 * @param when the moment of judging and an id for the judgement
 * @param seen the client, the day, the try-on that it is judged by and the stylist's own weights, as far as there are any
 */
export function judge(
	echo: Echo,
	reference: Reference,
	pieces: readonly Piece[],
	verdict: Verdict,
	when: { id: string; at: string; currency: string; rates?: Rates },
	seen: {
		client?: Client;
		event?: Event;
		tryOn?: Pick<TryOn, 'photos'>;
		calibration?: Settings['calibration'];
	} = {}
): Judgement {
	const { score, band, losses } = scoreEcho(echo, reference, pieces, seen.client);
	const context = {
		client: seen.client,
		event: seen.event,
		schools: echo.schools,
		degree: reference.recipe?.degree
	};
	const version = versionNow(echo);
	return {
		id: when.id,
		verdict,
		judgedAt: when.at,
		methodVersion,
		schools: { ...defaultSchools, ...echo.schools },
		score,
		band,
		losses,
		total: spendOf(echo, when.currency, when.rates).total,
		reference: frozenReference(reference),
		worn: echo.matches.flatMap((match) => {
			const { elementIds } = match;
			if (match.state !== 'items')
				return [{ elementIds, title: match.state === 'done' ? 'done' : 'left out' }];
			return match.items.map((item) => ({
				elementIds,
				...frozenThing(item, pieces),
				price: item.source === 'listing' ? item.listing.price : undefined
			}));
		}),
		...(version && { version: version.name }),
		...(seen.calibration && {
			weighed: {
				score: weighedScore(lostByGroup(losses), seen.calibration.factors),
				takenOn: seen.calibration.takenOn
			}
		}),
		photos: [...(seen.tryOn?.photos ?? [])],
		findings: findingsOf(echo, pieces, context)
			.slice(0, mostFindings)
			.map(({ rule, severity, title, measured }) => ({
				rule,
				severity,
				says: [title, measured].filter(Boolean).join(': ').slice(0, mostLetters)
			}))
	};
}
