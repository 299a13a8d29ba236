import { v5 as idFrom } from 'uuid';
import type { Dismissal } from '../model/echo';
import type { Finding } from './model';

/** Findings of one rule that speak of different limits are told apart by what was said. */
const namespace = '6f0f3c1e-5a0b-4f2e-9c1d-2b7a4e8d9c30';

/** Under what a finding is let stand: its rule, and the limit that it is about. */
export const keyOfFinding = ({ rule, of }: Pick<Finding, 'rule' | 'of'>): string =>
	of === undefined ? rule : `${rule} ${idFrom(of, namespace)}`;

/** Is a finding one that the stylist has looked at and lets stand: of the same rule and limit, said of the same things? */
export const isLetStand = (
	finding: Pick<Finding, 'rule' | 'pieces' | 'of'>,
	dismissed: readonly Pick<Dismissal, 'rule' | 'pieces'>[]
): boolean =>
	dismissed.some(
		({ rule, pieces }) =>
			// Under the rule alone it was let stand before limits were told apart.
			(rule === keyOfFinding(finding) || rule === finding.rule) &&
			finding.pieces.length === pieces.length &&
			finding.pieces.every((id) => pieces.includes(id))
	);
