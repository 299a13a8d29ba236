/** How a thing is got into: where it fastens, with how many hands, and whether it goes over the head. */
import {
	alsoOverTheHead,
	backFastenings,
	fastenAtTheBack,
	fastenAtTheSide,
	needTwoHands,
	openFastenings,
	openInFront,
	overTheHead,
	sideFastenings,
	twoHanded
} from '../lexicon/handling';
import type { Side } from '../lexicon/sides';
import type { PieceFacts } from './facts';

/** Does it fasten where the client cannot reach? A fastening that is stated outweighs what is usual. */
export function fastensBehind({ slot, type, stated }: PieceFacts): boolean {
	if (!['top', 'whole', 'under'].includes(slot)) return false;
	const closure = stated('closure');
	if (closure === undefined) return fastenAtTheBack.includes(type.id);
	return backFastenings.includes(closure) && (slot === 'whole' || fastenAtTheBack.includes(type.id));
}

/** The side at which it usually fastens, unless it is said to fasten otherwise. */
export function fastensAtSide({ type, stated }: PieceFacts): Side | undefined {
	const closure = stated('closure');
	return closure === undefined || sideFastenings.includes(closure) ? fastenAtTheSide[type.id] : undefined;
}

/** Does it take two hands to do up? */
export function takesTwoHands({ type, stated, value }: PieceFacts): boolean {
	if (twoHanded.includes(value('closure') ?? '')) return true;
	return stated('closure') === undefined && needTwoHands.includes(type.id);
}

/** Is it put on like a coat: by a fastening that opens it, or as its kind does? */
export function opensInFront({ type, stated, value }: PieceFacts): boolean {
	const closure = stated('closure');
	if (closure !== undefined) return openFastenings.includes(closure);
	return openInFront.includes(type.id) || openFastenings.includes(value('closure') ?? '');
}

/** Does it go over the head, by its kind or as it is said to close? */
export function goesOverTheHead({ type, stated }: PieceFacts): boolean {
	const closure = stated('closure');
	if (closure !== undefined && (openFastenings.includes(closure) || closure === 'zip')) return false;
	if (openInFront.includes(type.id)) return false;
	return overTheHead.includes(type.family) || alsoOverTheHead.includes(type.id) || closure === 'pull-on';
}
