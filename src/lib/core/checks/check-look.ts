/** The eye: what a practitioner would say of a whole look. */
import { inState, statesOf } from '../body/layers';
import { factsOf, type Facts } from './facts';
import type { CheckContext, CheckedPiece, Finding, Severity } from './model';
import type { Rule } from './rule';
import { rules } from './rules';
import { seatedLook } from '../body/seated';

const bySeverity: Record<Severity, number> = { warning: 0, hint: 1, praise: 2 };

const isSpeaking = ({ silentUnder }: Rule, { schools }: Facts) =>
	!silentUnder || !silentUnder.schools.includes(schools[silentUnder.question]);

const findingsIn = (facts: Facts, looked: readonly Rule[]): Finding[] =>
	looked
		.filter((rule) => isSpeaking(rule, facts))
		.flatMap(({ id, title, reason, standing, find }) =>
			find(facts).map((violation): Finding => ({ ...violation, rule: id, title, reason, standing }))
		);

/** What is found only with layers off, or sitting. */
function findingsByState(
	worn: readonly CheckedPiece[],
	context: CheckContext,
	asked: readonly Rule[]
): Finding[] {
	const looked = asked.filter(({ inStates }) => inStates);
	if (looked.length === 0) return [];
	const sitting = seatedLook(worn);
	const looks = [
		...statesOf(worn).map((state) => ({ state, look: inState(worn, state) })),
		...(sitting ? [{ state: 'sitting' as const, look: sitting }] : [])
	];
	return looks.flatMap(({ state, look }) =>
		state === 'everything on'
			? []
			: findingsIn(factsOf(look, context), looked).map((finding) => ({ ...finding, state }))
	);
}

const yields = new Map(rules.map(({ id, yieldsTo = [] }) => [id, yieldsTo]));
/** Does another finding say it more plainly? */
const isSaid = (finding: Finding, all: readonly Finding[]) =>
	finding.severity !== 'praise' &&
	all.some(
		({ rule, severity, pieces }) =>
			severity !== 'praise' &&
			(yields.get(finding.rule)?.includes(rule) ?? false) &&
			pieces.some((id) => finding.pieces.includes(id))
	);

/** The same said of the same pieces? Two limits that miss something of one look are two, and one with a layer off is no other. */
const sameSaying = (a: Finding, b: Finding) =>
	a.rule === b.rule &&
	(a.state !== b.state || a.measured === b.measured) &&
	a.pieces.length === b.pieces.length &&
	a.pieces.every((id) => b.pieces.includes(id));

/**
 * What the eye finds in a look, with everything on, with layers off and sitting: warnings first, then hints, then what was
 * done well. A rule is silent under the schools that disagree with it, and where what it needs is not known.
 *
 * @param only looks by these rules alone
 */
export function checkLook(
	worn: readonly CheckedPiece[],
	context: CheckContext = {},
	{ only }: { only?: readonly string[] } = {}
): Finding[] {
	const asked = only ? rules.filter(({ id }) => only.includes(id)) : rules;
	return [...findingsIn(factsOf(worn, context), asked), ...findingsByState(worn, context, asked)]
		.filter(
			(finding, i, all) => !isSaid(finding, all) && all.findIndex((other) => sameSaying(finding, other)) === i
		)
		.sort((a, b) => bySeverity[a.severity] - bySeverity[b.severity]);
}
