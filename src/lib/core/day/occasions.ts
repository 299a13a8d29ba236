/** Where a look can be worn: what each occasion would have against it, and the one change after which it suits. */
import { checkLook } from '../checks/check-look';
import { mendsOf, withChange, type Mend, type MendOptions } from '../checks/mends';
import type { CheckContext, CheckedPiece, Finding } from '../checks/model';
import { occasionIds, occasions, type Occasion, type OccasionId } from '../lexicon/occasions';
import { activityAt, comfortRange, warmthAt } from '../season';

export interface OccasionAnswer {
	id: OccasionId;
	label: string;
	suits: boolean;
	/** What is against it, in plain words. */
	against: string[];
	/** The one change after which nothing of it is left. */
	mend?: Mend;
}

/** Findings that stand in the way of going somewhere; habits and praise do not. */
const stands = ({ severity, rule }: Finding) =>
	severity === 'warning' ||
	['dress-code', 'high-for-long', 'out-of-season', 'rain', 'white-at-table'].includes(rule);

const keyOf = ({ rule, pieces, measured }: Finding) => `${rule} ${pieces.join(' ')} ${measured}`;

/** Warmth by the predicted mean vote, where the occasion has a weather. */
function warmthAgainst(worn: readonly CheckedPiece[], { event }: Occasion): string[] {
	if (!event.weather) return [];
	const { airC } = event.weather;
	const { verdict } = warmthAt(
		airC,
		comfortRange(worn, activityAt(event), {
			setting: event.setting === 'outdoors' ? 'outdoors' : 'indoors'
		})
	);
	return verdict === 'cold' || verdict === 'hot'
		? [`too ${verdict === 'cold' ? 'cold' : 'warm'} at ${airC} °C`]
		: [];
}

/** What the eye finds only there: what stands in the way of going, less what stands in the way everywhere. */
function addedThere(worn: readonly CheckedPiece[], there: CheckContext, everywhere: ReadonlySet<string>) {
	return checkLook(worn, there).filter((finding) => stands(finding) && !everywhere.has(keyOf(finding)));
}
const foundEverywhere = (worn: readonly CheckedPiece[], context: CheckContext) =>
	new Set(checkLook(worn, context).map(keyOf));

/** Does a look suit one occasion: is nothing against it there that is not against it everywhere? */
export function suitsOccasion(
	worn: readonly CheckedPiece[],
	{ event: _own, ...context }: CheckContext,
	id: OccasionId
): boolean {
	const occasion: Occasion = occasions[id];
	return (
		warmthAgainst(worn, occasion).length === 0 &&
		addedThere(worn, { ...context, event: occasion.event }, foundEverywhere(worn, context)).length === 0
	);
}

/**
 * Where a look can be worn. What stands in its way everywhere, such as a limit of the client's, stands in its way nowhere in
 * particular and is the eye's to say: only what an occasion adds is told.
 *
 * @param context whom it is for; its event is left aside
 * @param spares as the eye's mends take them
 */
export function occasionsFor(
	worn: readonly CheckedPiece[],
	{ event: _own, ...context }: CheckContext,
	spares: Omit<MendOptions, 'context'> = {}
): OccasionAnswer[] {
	const everywhere = foundEverywhere(worn, context);
	return occasionIds.map((id) => {
		const occasion: Occasion = occasions[id];
		const there = { ...context, event: occasion.event };
		const findings = addedThere(worn, there, everywhere);
		const warmth = warmthAgainst(worn, occasion);
		const [first] = findings;
		const mend =
			first &&
			mendsOf(first, worn, { ...spares, context: there }).find(({ change }) => {
				const changed = withChange(worn, change);
				return (
					addedThere(changed, there, everywhere).length === 0 && warmthAgainst(changed, occasion).length === 0
				);
			});
		return {
			id,
			label: occasion.label,
			suits: findings.length === 0 && warmth.length === 0,
			against: [...findings.map(({ title, measured }) => measured || title), ...warmth],
			...(mend && { mend })
		};
	});
}
