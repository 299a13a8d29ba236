import type { FacetId } from './facets';
import type { SlotId } from './slots';

/** A styling action: how a piece is worn. */
export interface Move {
	label: string;
	/** What it needs of the piece, in words (common practice). */
	asks: string;
	/** Where a piece must be worn for the move to make sense. */
	slots: readonly SlotId[];
	/** What a piece must have for it: a skirt has no leg to be tucked into boots. */
	has?: FacetId;
}

const tops: SlotId[] = ['top'];
const layered: SlotId[] = ['layer', 'outer', 'suit'];
const sleeves: SlotId[] = ['top', 'layer', 'outer', 'whole', 'suit'];
const fronts: SlotId[] = ['top', 'layer', 'outer', 'whole', 'suit'];
const legs: SlotId[] = ['legs', 'suit', 'whole'];
const drapes: SlotId[] = ['drape', 'scarf'];
const scarves: SlotId[] = ['scarf', 'neck'];

const move = (label: string, asks: string, slots: readonly SlotId[]): Move => ({ label, asks, slots });
const ofLegs = (label: string, asks: string): Move => ({ label, asks, slots: legs, has: 'legLength' });

/** Styling moves; what each asks is common practice. */
export const moves = {
	'half-tucked': move('half tucked', 'cloth below the waistband', tops),
	tucked: move('tucked in', 'cloth below the waistband and a rise that holds it', tops),
	untucked: move('worn untucked', 'a hem made to be seen', tops),
	'cuffs-turned-back': move('cuffs turned back', 'a long sleeve', sleeves),
	'sleeves-rolled': move('sleeves rolled', 'a sleeve that holds a roll', sleeves),
	'sleeves-pushed-up': move('sleeves pushed up', 'a sleeve that grips the forearm', sleeves),
	'buttoned-to-neck': move('buttoned to the neck', 'a front that buttons to the collar', fronts),
	unbuttoned: move('unbuttoned low', 'a front that buttons', fronts),
	'worn-open': move('worn open', 'a front that opens', fronts),
	'worn-closed': move('worn closed', 'a front that closes', [...layered]),
	'hem-cuffed': ofLegs('hem turned up', 'a trouser hem with length to spare'),
	pegged: ofLegs('pegged at the ankle', 'a straight leg with cloth to fold'),
	'tucked-into-boots': ofLegs('tucked into boots', 'a narrow leg and a shaft with room'),
	knotted: move('knotted at the waist', 'a shirt front with length to spare', tops),
	// After it: a shirt that is tied at the waist is knotted, a coat belted.
	belted: move('belted', 'a waist that takes a belt', [
		'top',
		'layer',
		'outer',
		'whole',
		'legs',
		'drape',
		'suit'
	]),
	'draped-on-shoulders': move('draped on the shoulders', 'a layer that stays put', [
		'layer',
		'outer',
		'top',
		'scarf',
		'drape'
	]),
	'tied-on-shoulders': move('sleeves tied over the shoulders', 'long sleeves in a soft cloth', [
		'top',
		'layer'
	]),
	'tied-round-waist': move('tied round the waist', 'long sleeves in a soft cloth', [
		'top',
		'layer',
		'outer',
		'scarf'
	]),
	'off-the-shoulder': move('pulled off the shoulder', 'a neckline that stretches', ['top', 'layer', 'whole']),
	'collar-up': move('collar turned up', 'a collar that stands', fronts),
	'collar-over': move('collar worn over the layer', 'a pointed collar and an open neck', tops),
	'over-left-shoulder': move('over the left shoulder', 'a drape with a free end', drapes),
	'over-right-shoulder': move('over the right shoulder', 'a drape with a free end', drapes),
	'pleated-pallu': move('pallu pleated and pinned', 'a pallu that takes pleats', ['drape', 'scarf']),
	'open-pallu': move('pallu left open over the arm', 'a pallu of light cloth', ['drape', 'scarf']),
	'over-head': move('drawn over the head', 'a drape with length to spare', ['drape', 'scarf', 'head']),
	'crossed-in-front': move('crossed in front', 'a drape long enough to cross', drapes),
	'tied-at-neck': move('tied at the neck', 'a scarf or a bow collar', ['top', 'scarf', 'whole']),
	doubled: move('wound twice', 'a chain or scarf of length', [...scarves, 'wrist', 'waist']),
	layered: move('worn in layers', 'several of a kind', ['neck', 'wrist', 'finger', 'top', 'ears']),
	'one-side': move('worn on one side', 'a single of the pair', ['ears', 'head', 'hair', 'brooch']),
	'low-on-hips': move('low on the hips', 'a rise or belt that sits there', ['legs', 'waist']),
	'pinned-to-lapel': move('pinned to the lapel', 'a pin and a firm lapel', ['brooch']),
	'hem-lifted': move('hem lifted at one side', 'a full hem', ['legs', 'whole', 'drape']),
	'socks-scrunched': move('scrunched down', 'a soft sock or shaft', ['hosiery', 'feet']),
	'backs-trodden': move('heels trodden down', 'a soft heel counter', ['feet']),
	unlaced: move('laces left loose', 'laces', ['feet']),
	'strap-crossed': move('strap across the body', 'a long strap', ['bag']),
	'in-hand': move('carried in the hand', 'a handle or a soft edge', [
		'bag',
		'head',
		'outer',
		'layer',
		'drape',
		'scarf',
		'hands'
	]),
	'worn-back-to-front': move('worn back to front', 'a cut that allows it', ['top', 'layer', 'whole', 'head']),
	'worn-inside-out': move('worn inside out', 'a clean inside', ['top', 'layer', 'outer']),
	'as-dress': move('worn as a dress', 'length that covers the seat', ['top', 'layer', 'outer', 'scarf']),
	'as-top': move('worn as a top', 'cloth that covers the bust', ['scarf', 'whole', 'legs', 'layer', 'under']),
	'as-skirt': move('worn as a skirt', 'a bodice that hides under another', ['whole', 'scarf', 'top']),
	'as-jacket': move('worn as a jacket', 'a firm cloth and room beneath', ['top', 'whole', 'outer']),
	'as-belt': move('worn as a belt', 'length for the waist and a knot', ['scarf', 'waist', 'neck']),
	'as-headscarf': move('worn as a headscarf', 'a square of some size', ['scarf', 'head']),
	'as-hairband': move('worn in the hair', 'a narrow length', ['scarf', 'head', 'neck']),
	'as-shawl': move('worn as a shawl', 'a broad length', ['scarf', 'drape', 'legs']),
	'as-necklace': move('worn as a necklace', 'length for the neck', ['wrist', 'waist', 'scarf', 'brooch']),
	'as-bracelet': move('worn on the wrist', 'length for the wrist', ['neck', 'scarf', 'head']),
	'as-bag-charm': move('tied to the bag', 'a bag with a handle', ['scarf', 'neck', 'bag'])
} as const satisfies Record<string, Move>;

/**
 * What "worn as", "tied as", "belted as" makes of a piece, by the slot or the type of what is named after it.
 */
export const movesByTarget: {
	types?: readonly string[];
	families?: readonly string[];
	slots?: readonly SlotId[];
	move: MoveId;
}[] = [
	{ families: ['belts'], move: 'as-belt' },
	{ types: ['headscarf', 'hijab', 'turban'], move: 'as-headscarf' },
	{ families: ['hair-ornaments'], move: 'as-hairband' },
	{ types: ['shawl', 'cape', 'poncho'], move: 'as-shawl' },
	{ slots: ['whole'], move: 'as-dress' },
	{ families: ['skirts', 'lehengas'], move: 'as-skirt' },
	{ slots: ['layer', 'outer'], move: 'as-jacket' },
	{ slots: ['top'], move: 'as-top' },
	{ slots: ['neck', 'scarf'], move: 'as-necklace' },
	{ slots: ['wrist'], move: 'as-bracelet' },
	{ slots: ['head'], move: 'as-headscarf' }
];

export type MoveId = keyof typeof moves;
export const moveIds = Object.keys(moves) as MoveId[];

/** The move under its id, with its fields widened so that any slot can be looked up in it. */
export const moveOf = (id: MoveId): Move => moves[id];

/** Can a piece of such a kind be worn so? */
export const isDoneWith = (
	id: MoveId,
	{ slot, facets }: { slot: SlotId; facets: readonly FacetId[] }
): boolean => {
	const { slots, has } = moveOf(id);
	return slots.includes(slot) && (has === undefined || facets.includes(has));
};
