/** The eye: what a practitioner would say of a whole look, with mends that were tried. */
import { scoreLook } from '../closeness/look';
import { garmentType } from '../lexicon/taxonomy';
import { moves, type MoveId } from '../lexicon/moves';
import type { Garment } from '../model/garment';
import type { Reference } from '../model/reference';
import { inState, statesOf } from '../body/layers';
import { bottomOf, moveFails } from '../body/move-fails';
import { factsOf, type Facts } from './facts';
import type { CheckContext, CheckedPiece, Finding, Severity } from './model';
import type { Rule } from './rule';
import { rules } from './rules';
import { seatedLook } from './seated';

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

/** The same said of the same pieces? */
const sameSaying = (a: Finding, b: Finding) =>
	a.rule === b.rule && a.pieces.length === b.pieces.length && a.pieces.every((id) => b.pieces.includes(id));

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

/** A concrete change to one piece of a look. */
export type Change =
	| { kind: 'move'; id: string; move: MoveId }
	| { kind: 'swap'; id: string; to: { title: string; garment: Garment; key: string } }
	| { kind: 'leave-off'; id: string };

/** A change that was tried: the finding is gone and nothing worse came. */
export interface Mend {
	change: Change;
	words: string;
	/** What it does to the closeness to the reference, in points; undefined without a reference. */
	points?: number;
}

/** Something that could be worn instead. */
export interface Spare {
	/** Given back in the mend, so that the caller finds it again. */
	key: string;
	title: string;
	garment: Garment;
}

export function withChange(worn: readonly CheckedPiece[], change: Change): CheckedPiece[] {
	switch (change.kind) {
		case 'leave-off':
			return worn.filter(({ id }) => id !== change.id);
		case 'move':
			return worn.map((piece) =>
				piece.id === change.id ? { ...piece, moves: [...piece.moves, change.move] } : piece
			);
		case 'swap':
			return worn.map((piece) =>
				piece.id === change.id ? { ...piece, title: change.to.title, garment: change.to.garment } : piece
			);
	}
}

const sameFinding = (a: Finding, b: Finding) => a.rule === b.rule && a.severity === b.severity;
const faults = (findings: readonly Finding[]) =>
	findings.reduce((sum, { severity }) => sum + (severity === 'warning' ? 3 : severity === 'hint' ? 1 : 0), 0);

export interface MendOptions {
	context?: CheckContext;
	/** Pieces that are free to be worn instead, the most fitting first. */
	sparesFor?: (id: string) => readonly Spare[];
	/** Pieces under ids of elements, to say what a mend does to the closeness. */
	reference?: Pick<Reference, 'elements'>;
	/** As many mends as are given at most. */
	most?: number;
}

/**
 * Mends of a finding, found by trying: moves, other pieces, leaving one off. Only changes after which the finding is gone
 * and the look has no more faults than before are given; those that keep most closeness come first.
 */
export function mendsOf(
	finding: Finding,
	worn: readonly CheckedPiece[],
	{ context = {}, sparesFor = () => [], reference, most = 3 }: MendOptions = {}
): Mend[] {
	if (finding.severity === 'praise') return [];
	const pieceOf = (id: string) => worn.find((piece) => piece.id === id);
	const tried: { change: Change; words: string }[] = [
		...(finding.moves ?? []).flatMap(({ id, move }) => {
			const piece = pieceOf(id);
			return piece && !moveFails(move, piece.garment, bottomOf(worn))
				? [{ change: { kind: 'move' as const, id, move }, words: `${piece.title}: ${moves[move].label}` }]
				: [];
		}),
		...finding.pieces.flatMap((id) =>
			finding.swap
				? sparesFor(id).map((to) => ({
						change: { kind: 'swap' as const, id, to },
						words: `${to.title} instead of ${pieceOf(id)?.title ?? ''}`
					}))
				: []
		),
		...finding.pieces.flatMap((id) => {
			const piece = pieceOf(id);
			const small =
				piece && !['top', 'legs', 'whole', 'feet', 'drape'].includes(garmentType(piece.garment.type).slot);
			return finding.leaveOff && small
				? [{ change: { kind: 'leave-off' as const, id }, words: `leave off ${piece.title}` }]
				: [];
		})
	];
	const score = (pieces: readonly CheckedPiece[]) =>
		reference &&
		scoreLook(
			reference,
			pieces.map(({ id, garment, moves: done }) => ({
				elementId: id,
				state: 'items' as const,
				garments: [garment],
				movesDone: [...done]
			})),
			{ schools: context.schools }
		).score;
	const before = checkLook(worn, context);
	const [allowed, now] = [faults(before), score(worn)];
	return tried
		.flatMap(({ change, words }): Mend[] => {
			const changed = withChange(worn, change);
			const after = checkLook(changed, context);
			const gone =
				after.filter((one) => sameFinding(one, finding)).length <
				before.filter((one) => sameFinding(one, finding)).length;
			if (!gone || faults(after) >= allowed) return [];
			const then = score(changed);
			return [{ change, words, ...(then !== undefined && now !== undefined ? { points: then - now } : {}) }];
		})
		.sort((a, b) => (b.points ?? 0) - (a.points ?? 0))
		.slice(0, most);
}
