import type { Dismissal } from '../model/echo';
import type { Finding } from './model';

/** Is a finding one that the stylist has looked at and lets stand: of the same rule, said of the same things? */
export const isLetStand = (
	finding: Pick<Finding, 'rule' | 'pieces'>,
	dismissed: readonly Pick<Dismissal, 'rule' | 'pieces'>[]
): boolean =>
	dismissed.some(
		({ rule, pieces }) =>
			finding.rule === rule &&
			finding.pieces.length === pieces.length &&
			finding.pieces.every((id) => pieces.includes(id))
	);
