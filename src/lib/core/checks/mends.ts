/** Mends: concrete changes that were tried on the whole look, and after which a finding is gone. */
import { bottomOf, moveFails } from '../body/move-fails';
import { scoreLook, type ScoreOptions } from '../closeness/look';
import { moves, type MoveId } from '../lexicon/moves';
import { slotsMeet, type SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Money } from '../model/basics';
import type { Reference } from '../model/reference';
import { moneyInWords } from '../money/amounts';
import { checkLook } from './check-look';
import { rules } from './rules';
import type { CheckContext, CheckedPiece, Finding } from './model';

/** A concrete change to one piece of a look. */
export type Change =
	| { kind: 'move'; id: string; move: MoveId }
	| { kind: 'swap'; id: string; to: Spare }
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

/** Something that could be worn instead, or besides. */
export interface Spare extends Pick<CheckedPiece, 'title' | 'garment' | 'bought'> {
	/** Given back in the mend, so that the caller finds it again. */
	key: string;
	/** What it costs with its postage; nothing for what is owned. */
	cost?: Money;
}

/** What is worn of a spare, under an id. */
const wornAs = (
	id: string,
	{ title, garment, bought }: Spare,
	moves: CheckedPiece['moves']
): CheckedPiece => ({ id, title, garment, moves, ...(bought && { bought }) });

export function withChange(worn: readonly CheckedPiece[], change: Change): CheckedPiece[] {
	switch (change.kind) {
		case 'leave-off':
			return worn.filter(({ id }) => id !== change.id);
		case 'add':
			return [...worn, wornAs(change.id, change.to, [])];
		case 'move':
			return worn.map((piece) =>
				piece.id === change.id ? { ...piece, moves: [...piece.moves, change.move] } : piece
			);
		case 'swap':
			return worn.map((piece) => (piece.id === change.id ? wornAs(piece.id, change.to, piece.moves) : piece));
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
	/** As many mends as are given at most, besides those that would be bought. */
	most?: number;
}

const addInOf = new Map(rules.map(({ id, addIn = [] }) => [id, addIn]));
/** As many as are tried at once, and of one family given. */
const [mostTried, mostOfFamily] = [40, 2];
/** As many as are given that would be bought. */
const mostBought = 2;

/** Where something could be worn besides for a finding's sake, since nothing is worn there yet. */
export function freePlaces(finding: Finding, worn: readonly CheckedPiece[]): readonly SlotId[] {
	const taken = worn.map(({ garment }) => garmentType(garment.type).slot);
	return (finding.addIn ?? addInOf.get(finding.rule) ?? []).filter(
		(slot) => !taken.some((one) => slotsMeet(one, slot))
	);
}

/** What may be worn besides for a finding's sake, where nothing is worn in its place yet. */
function addable(
	finding: Finding,
	worn: readonly CheckedPiece[],
	additions: (slots: readonly SlotId[]) => readonly Spare[]
): readonly Spare[] {
	const free = freePlaces(finding, worn);
	if (free.length === 0) return [];
	return additions(free)
		.filter(({ garment }) => free.includes(garmentType(garment.type).slot))
		.slice(0, mostTried);
}

/** Of mends in their order, of each family of what is added no more than two. */
function ofSeveralKinds(mends: readonly Mend[]): Mend[] {
	const families = new Map<string, number>();
	return mends.filter(({ change }) => {
		if (change.kind !== 'add') return true;
		const { family } = garmentType(change.to.garment.type);
		const before = families.get(family) ?? 0;
		families.set(family, before + 1);
		return before < mostOfFamily;
	});
}

/** Tells of a changed look whether a finding of the look before is gone from it, and nothing worse has come. */
export function mending(
	finding: Finding,
	worn: readonly CheckedPiece[],
	context: CheckContext
): (changed: readonly CheckedPiece[]) => boolean {
	const before = checkLook(worn, context);
	const allowed = faults(before);
	const such = (findings: readonly Finding[]) => findings.filter((one) => sameFinding(one, finding)).length;
	return (changed) => {
		const after = checkLook(changed, context);
		return such(after) < such(before) && faults(after) < allowed;
	};
}

/** What a mend costs, in the smallest unit; undefined where nothing is bought for it. */
const costOf = ({ change }: Mend) => ('to' in change ? change.to.cost?.amountMinor : undefined);
const withCost = ({ title, cost }: Spare) => (cost ? `${title}, ${moneyInWords(cost)}` : title);

/**
 * Mends of a finding, found by trying: moves, other pieces, something besides, leaving one off. Only changes after which the finding is gone
 * and the look has fewer faults than before are given; what is there before what would be bought, of the one what keeps most
 * closeness first, of the other what costs least.
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
	const spokenOf = [...new Set(finding.pieces)];
	const tried: { change: Change; words: string }[] = [
		...(finding.moves ?? []).flatMap(({ id, move }) => {
			const piece = pieceOf(id);
			return piece && !moveFails(move, piece.garment, bottomOf(worn))
				? [{ change: { kind: 'move' as const, id, move }, words: `${piece.title}: ${moves[move].label}` }]
				: [];
		}),
		...spokenOf.flatMap((id) =>
			finding.swap
				? sparesFor(id).map((to) => ({
						change: { kind: 'swap' as const, id, to },
						words: `${withCost(to)} instead of ${pieceOf(id)?.title ?? ''}`
					}))
				: []
		),
		...addable(finding, worn, additions).map((to) => ({
			// Plates name their cloths by it: no spaces in it.
			change: { kind: 'add' as const, id: `added-${to.key.replace(/[^\w-]+/g, '-')}`, to },
			words: `add ${withCost(to)}`
		})),
		...spokenOf.flatMap((id) => {
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
	const isMended = mending(finding, worn, context);
	const now = score(worn);
	const found = tried.flatMap(({ change, words }): Mend[] => {
		const changed = withChange(worn, change);
		if (!isMended(changed)) return [];
		const then = score(changed);
		return [{ change, words, ...(then !== undefined && now !== undefined ? { points: then - now } : {}) }];
	});
	const byPoints = (a: Mend, b: Mend) => (b.points ?? 0) - (a.points ?? 0);
	const [there, bought] = [false, true].map((isBought) =>
		ofSeveralKinds(
			found
				.filter((mend) => (costOf(mend) !== undefined) === isBought)
				.sort((a, b) => (costOf(a) ?? 0) - (costOf(b) ?? 0) || byPoints(a, b))
		)
	);
	return [...(there ?? []).slice(0, most), ...(bought ?? []).slice(0, mostBought)];
}
