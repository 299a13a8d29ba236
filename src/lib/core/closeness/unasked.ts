import {
	heardWhole,
	leastHeard,
	loudness,
	mostUnasked,
	otherPrint,
	printLoudness,
	scaleLoudness
} from '../lexicon/loudness';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { AspectId } from '../model/reference';
import type { FacetId } from '../lexicon/facets';
import { byKind } from './by-kind';
import type { Asked } from './piece';

/** A feature that shouts though nobody asked for it. */
export interface Unasked {
	aspect: AspectId;
	/** What it takes off the closeness, 0..1. */
	loss: number;
}

/** Cloth is said by its texture or its material: what shouts in both is heard once. */
const cloth = new Set<AspectId>(['texture', 'material', 'sheen']);

const loudOf = (aspect: AspectId, garment: Garment): number => {
	if (aspect === 'print') {
		const { print } = garment;
		if (!print) return 0;
		const scale = scaleLoudness[print.scale?.value ?? 'medium'] ?? 1;
		return (printLoudness[print.family.value] ?? otherPrint) * scale;
	}
	return loudness[aspect]?.[garment.facets[aspect as FacetId]?.value ?? ''] ?? 0;
};

const all: readonly AspectId[] = [...(Object.keys(loudness) as AspectId[]), 'print'];

/** Is there anything in it that could be heard, were it not asked for? */
export function isLoud(garment: Garment): boolean {
	if (loudOf('print', garment) > 0) return true;
	for (const facet in garment.facets) if (loudOf(facet as FacetId, garment) > 0) return true;
	return false;
}

const known = new WeakMap<Garment, boolean>();

/** The same, remembered: for garments that are asked about again and again. Most are quiet. */
export function canShout(garment: Garment): boolean {
	let loud = known.get(garment);
	if (loud === undefined) known.set(garment, (loud = isLoud(garment)));
	return loud;
}

/** What of a garment shouts, aspect by aspect, where the element neither asks for it nor leaves it open. */
export interface Listener {
	/** Aspects that are listened to. */
	aspects: readonly AspectId[];
	/** What one aspect of a garment takes off, 0 where it is quiet. */
	lossOf: (aspect: AspectId, garment: Garment) => number;
}

/**
 * Listens for what shouts in things offered for an element. Not heard is what the element asks for, leaves open, or has by
 * its own kind or cloth; nor what is usual of the kind that it asks for.
 */
export function listenerFor({ garment, open }: Asked): Listener {
	const asked = byKind(garment);
	const { slot, usual } = garmentType(asked.type);
	const seen = Math.max(leastHeard, Math.min(1, slots[slot].areaShare / heardWhole));
	const isAsked = (aspect: AspectId) =>
		aspect === 'print' ? garment.print !== undefined : garment.facets[aspect as FacetId] !== undefined;
	const saysCloth = [...cloth].some(isAsked);
	const aspects = all.filter(
		(aspect) => !isAsked(aspect) && !open.includes(aspect) && !(cloth.has(aspect) && isOpen(open))
	);
	return {
		aspects,
		lossOf: (aspect, given) => {
			const value = aspect === 'print' ? undefined : given.facets[aspect as FacetId]?.value;
			const own = aspect === 'print' ? undefined : asked.facets[aspect as FacetId]?.value;
			if (value !== undefined && (value === own || value === usual[aspect as FacetId])) return 0;
			// What the reference says of its cloth is compared as such.
			if (saysCloth && aspect === 'sheen') return 0;
			return seen * loudOf(aspect, given);
		}
	};
}
const isOpen = (open: readonly AspectId[]) => open.some((aspect) => cloth.has(aspect));

/** What shouts in a garment, the loudest first; of its cloth only once, and all together no more than the most, or than is there to lose. */
export function unaskedIn({ aspects, lossOf }: Listener, garment: Garment, there: number): Unasked[] {
	const heard: Unasked[] = [];
	for (const aspect of aspects) {
		const loss = lossOf(aspect, garment);
		if (loss > 0) heard.push({ aspect, loss });
	}
	heard.sort((a, b) => b.loss - a.loss);
	const loudestCloth = heard.find(({ aspect }) => cloth.has(aspect));
	let left = Math.max(0, Math.min(mostUnasked, there));
	return heard.flatMap((one) => {
		if (cloth.has(one.aspect) && one !== loudestCloth) return [];
		const loss = Math.min(one.loss, left);
		left -= loss;
		return loss > 0 ? [{ aspect: one.aspect, loss }] : [];
	});
}
