/**
 * Where on the body a thing is worn, and what it covers there: next to the body, over that, and so on. A match
 * must cover something that the element covers: a bag never answers trousers, whatever its colour. `areaShare` is the share of the seen figure that
 * a thing of this slot usually takes; it weighs the colour story (common practice, rounded).
 * In the order in which a look is read, from large to small.
 */
export const slots = {
	top: { label: 'top', covers: ['base'], areaShare: 0.3 },
	legs: { label: 'bottom', covers: ['legs'], areaShare: 0.35 },
	whole: { label: 'one-piece', covers: ['base', 'legs'], areaShare: 0.6 },
	suit: { label: 'suit', covers: ['over', 'legs'], areaShare: 0.65 },
	layer: { label: 'layer', covers: ['over'], areaShare: 0.32 },
	outer: { label: 'outer layer', covers: ['over'], areaShare: 0.45 },
	drape: { label: 'drape', covers: ['base', 'legs', 'shoulders'], areaShare: 0.4 },
	feet: { label: 'feet', covers: ['feet'], areaShare: 0.06 },
	bag: { label: 'bag', covers: ['bag'], areaShare: 0.06 },
	waist: { label: 'waist', covers: ['waist'], areaShare: 0.02 },
	ears: { label: 'ears', covers: ['ears'], areaShare: 0.005 },
	neck: { label: 'neck', covers: ['neck'], areaShare: 0.01 },
	brooch: { label: 'pinned', covers: ['brooch'], areaShare: 0.005 },
	wrist: { label: 'wrist', covers: ['wrist'], areaShare: 0.005 },
	finger: { label: 'finger', covers: ['finger'], areaShare: 0.003 },
	eyes: { label: 'eyes', covers: ['eyes'], areaShare: 0.01 },
	head: { label: 'head', covers: ['head'], areaShare: 0.05 },
	scarf: { label: 'scarf', covers: ['shoulders'], areaShare: 0.06 },
	hands: { label: 'hands', covers: ['hands'], areaShare: 0.02 },
	hosiery: { label: 'hosiery', covers: ['hosiery'], areaShare: 0.08 },
	under: { label: 'underneath', covers: ['under'], areaShare: 0.02 },
	hair: { label: 'hair', covers: ['hair'], areaShare: 0.04 },
	face: { label: 'face', covers: ['face'], areaShare: 0.01 },
	nails: { label: 'nails', covers: ['nails'], areaShare: 0.003 },
	scent: { label: 'scent', covers: ['scent'], areaShare: 0 }
} as const;

/** Slots whose things make the outline of a figure. */
export const silhouetteSlots: ReadonlySet<string> = new Set([
	'top',
	'legs',
	'whole',
	'suit',
	'layer',
	'outer',
	'drape',
	'feet',
	'head'
]);

/** Where several of a kind are worn together: on a hand, a wrist, round the neck or the waist. */
export const severalSlots: ReadonlySet<string> = new Set(['finger', 'wrist', 'neck', 'waist']);

export type SlotId = keyof typeof slots;
/** A part of the body, and how near to it: what a slot covers. */
export type Place = (typeof slots)[SlotId]['covers'][number];
export const slotIds = Object.keys(slots) as SlotId[];

/** Do two slots cover a part of the body in common? */
export function slotsMeet(a: SlotId, b: SlotId): boolean {
	const covered: readonly string[] = slots[b].covers;
	return slots[a].covers.some((part) => covered.includes(part));
}
