/** Mends: concrete changes that were tried on the whole look, and after which a finding is gone. */
import { bottomOf, moveFails } from '../body/move-fails';
import { scoreLook, type ScoreOptions } from '../closeness/look';
import { moves, type MoveId } from '../lexicon/moves';
import { slotsMeet, type SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Reference } from '../model/reference';
import { checkLook } from './check-look';
import { rules } from './rules';
import type { CheckContext, CheckedPiece, Finding } from './model';

/** A concrete change to one piece of a look. */
export type Change =
	| { kind: 'move'; id: string; move: MoveId }
	| { kind: 'swap'; id: string; to: { title: string; garment: Garment; key: string } }
	| { kind: 'leave-off'; id: string }
	/** Worn besides, under an id of its own. */
	| { kind: 'add'; id: string; to: Spare };

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
		case 'add':
			return [...worn, { id: change.id, title: change.to.title, garment: change.to.garment, moves: [] }];
		case 'move':
			return worn.map((piece) =>
				piece.id === change.id ? { ...piece, moves: [...piece.moves, change.move] } : piece
			);
		case 'swap':
			return worn.map((piece) =>
				piece.id === change.id
					? { id: piece.id, title: change.to.title, garment: change.to.garment, moves: piece.moves }
					: piece
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
	/** What could be worn besides in these slots, the most fitting first. */
	additions?: (slots: readonly SlotId[]) => readonly Spare[];
	/** Pieces under ids of elements, to say what a mend does to the closeness. */
	reference?: Pick<Reference, 'elements'>;
	/** By what the closeness is scored. */
	scoring?: ScoreOptions;
	/** The elements that a piece answers; its own id without. */
	elementsOf?: (id: string) => readonly string[];
	/** As many mends as are given at most. */
	most?: number;
}

const addInOf = new Map(rules.map(({ id, addIn = [] }) => [id, addIn]));
/** As many as are tried at once; of one family no more than two. */
const mostAdded = { tried: 40, ofFamily: 2 };

/** What may be worn besides for a finding's sake, where nothing is worn in its place yet. */
function addable(
	finding: Finding,
	worn: readonly CheckedPiece[],
	additions: (slots: readonly SlotId[]) => readonly Spare[]
): readonly Spare[] {
	const taken = worn.map(({ garment }) => garmentType(garment.type).slot);
	const free = (finding.addIn ?? addInOf.get(finding.rule) ?? []).filter(
		(slot) => !taken.some((one) => slotsMeet(one, slot))
	);
	if (free.length === 0) return [];
	const families = new Map<string, number>();
	return additions(free)
		.filter(({ garment }) => {
			const { slot, family } = garmentType(garment.type);
			const before = families.get(family) ?? 0;
			if (!free.includes(slot) || before >= mostAdded.ofFamily) return false;
			families.set(family, before + 1);
			return true;
		})
		.slice(0, mostAdded.tried);
}

/**
 * Mends of a finding, found by trying: moves, other pieces, something besides, leaving one off. Only changes after which the finding is gone
 * and the look has no more faults than before are given; those that keep most closeness come first.
 */
export function mendsOf(
	finding: Finding,
	worn: readonly CheckedPiece[],
	{
		context = {},
		sparesFor = () => [],
		additions = () => [],
		reference,
		scoring,
		elementsOf = (id) => [id],
		most = 3
	}: MendOptions = {}
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
		...addable(finding, worn, additions).map((to) => ({
			// Plates name their cloths by it: no spaces in it.
			change: { kind: 'add' as const, id: `added-${to.key.replace(/[^\w-]+/g, '-')}`, to },
			words: `add ${to.title}`
		})),
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
			pieces.flatMap(({ id, garment, moves: done }) =>
				elementsOf(id).map((elementId) => ({
					elementId,
					state: 'items' as const,
					garments: [garment],
					movesDone: [...done]
				}))
			),
			scoring
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
