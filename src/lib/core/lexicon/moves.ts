import type { SlotId } from './slots';

/** A styling action: how a piece is worn. */
export interface Move {
	label: string;
	/** What it needs of the piece, in words (common practice). */
	asks: string;
	/** Where a piece must be worn for the move to make sense. */
	slots: readonly SlotId[];
	/** How it is said, besides the label. */
	words: readonly string[];
}

const tops: SlotId[] = ['top'];
const layered: SlotId[] = ['layer', 'outer', 'suit'];
const sleeves: SlotId[] = ['top', 'layer', 'outer', 'whole', 'suit'];
const fronts: SlotId[] = ['top', 'layer', 'outer', 'whole', 'suit'];
const legs: SlotId[] = ['legs', 'suit', 'whole'];
const drapes: SlotId[] = ['drape', 'scarf'];
const scarves: SlotId[] = ['scarf', 'neck'];

const move = (label: string, asks: string, slots: readonly SlotId[], words: string): Move => ({
	label,
	asks,
	slots,
	words: words
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean)
});

/** Styling moves; what each asks is common practice. */
export const moves = {
	'half-tucked': move(
		'half tucked',
		'cloth below the waistband',
		tops,
		'half-tuck, half tuck, front tucked, tucked at the front, front-tuck, tucked in at the front, french tuck, french-tucked, partly tucked, loosely tucked, one side tucked in'
	),
	tucked: move(
		'tucked in',
		'cloth below the waistband and a rise that holds it',
		tops,
		'tucked, tucked into the waistband, fully tucked, tucked-in, neatly tucked'
	),
	untucked: move(
		'worn untucked',
		'a hem made to be seen',
		tops,
		'untucked, left untucked, not tucked, hanging out, worn out over the waistband'
	),
	'cuffs-turned-back': move(
		'cuffs turned back',
		'a long sleeve',
		sleeves,
		'turned-back cuffs, turned back cuffs, cuffs folded back, cuffs turned up, cuffs back, folded-back cuffs, shirt cuffs shown, cuffs showing'
	),
	'sleeves-rolled': move(
		'sleeves rolled',
		'a sleeve that holds a roll',
		sleeves,
		'sleeves rolled up, cuffs rolled, cuffs rolled up, rolled cuffs, rolled sleeves, rolled-up sleeves, sleeves rolled to the elbow, rolled to the elbow, rolled to the elbows, roll-up sleeves, sleeves turned up'
	),
	'sleeves-pushed-up': move(
		'sleeves pushed up',
		'a sleeve that grips the forearm',
		sleeves,
		'pushed-up sleeves, pushed up sleeves, sleeves shoved up, sleeves scrunched, sleeves pushed to the elbow, scrunched sleeves, pushed to the elbow'
	),
	'buttoned-to-neck': move(
		'buttoned to the neck',
		'a front that buttons to the collar',
		fronts,
		'buttoned up, buttoned to the top, buttoned up to the neck, buttoned up to the top, done up to the neck, done up to the collar, fully buttoned, top button done up, buttoned to the collar, buttoned all the way up'
	),
	unbuttoned: move(
		'unbuttoned low',
		'a front that buttons',
		fronts,
		'unbuttoned, half-unbuttoned, half unbuttoned, top buttons undone, undone at the neck, open at the neck, open-necked, open at the collar, open collar, few buttons undone, three buttons undone, two buttons undone, top button undone'
	),
	'worn-open': move(
		'worn open',
		'a front that opens',
		fronts,
		'open, left open, open over, hanging open, open front, unfastened, worn undone, left undone, thrown open'
	),
	'worn-closed': move(
		'worn closed',
		'a front that closes',
		[...layered],
		'done up, fastened, buttoned closed, zipped up, zipped to the neck, closed'
	),
	'hem-cuffed': move(
		'hem turned up',
		'a trouser hem with length to spare',
		legs,
		'cuffed, turned up, turn-ups, turned-up hems, hems turned up, rolled hems, rolled up, cuffed hems, cuffed at the ankle, hem cuffed, hems cuffed, rolled at the ankle, rolled hem, turned-up hem, rolled at the hem, cuffed once, cuffed twice, with turn-ups'
	),
	pegged: move(
		'pegged at the ankle',
		'a straight leg with cloth to fold',
		legs,
		'pegged, pinrolled, pin-rolled, tight-rolled'
	),
	'tucked-into-boots': move(
		'tucked into boots',
		'a narrow leg and a shaft with room',
		legs,
		'tucked, tucked in'
	),
	belted: move(
		'belted',
		'a waist that takes a belt',
		['top', 'layer', 'outer', 'whole', 'drape', 'suit'],
		'cinched, cinched at the waist, belted at the waist, nipped in with a belt, belted tight, waist belted, cinched with a belt, belted over, worn belted, belt tied, belt knotted, knotted belt, belt tied at the back, with the belt tied'
	),
	knotted: move(
		'knotted at the waist',
		'a shirt front with length to spare',
		['top', 'whole'],
		'knotted, tied at the waist, tied at the front, front-knotted, knotted at the front, tied in front, tie-front, tied above the waist, knotted high'
	),
	'draped-on-shoulders': move(
		'draped on the shoulders',
		'a layer that stays put',
		['layer', 'outer', 'top', 'scarf', 'drape'],
		'draped over the shoulders, over the shoulders, thrown over the shoulders, slung over the shoulders, on the shoulders, shoulder-robed, worn over the shoulders, hung on the shoulders, draped around the shoulders, around the shoulders, worn like a cape, round the shoulders, slung round the shoulders'
	),
	'tied-on-shoulders': move(
		'sleeves tied over the shoulders',
		'long sleeves in a soft cloth',
		['top', 'layer'],
		'knotted over the shoulders, tied over the shoulders, tied round the shoulders, tied around the shoulders, knotted round the shoulders, tied round the neck, tied around the neck like a scarf'
	),
	'tied-round-waist': move(
		'tied round the waist',
		'long sleeves in a soft cloth',
		['top', 'layer', 'scarf'],
		'tied around the waist, round the waist, around the waist, slung round the hips, tied round the hips'
	),
	'off-the-shoulder': move(
		'pulled off the shoulder',
		'a neckline that stretches',
		['top', 'layer', 'whole'],
		'slipped off the shoulder, slipping off one shoulder, falling off the shoulder, pushed off the shoulders, off one shoulder'
	),
	'collar-up': move(
		'collar turned up',
		'a collar that stands',
		fronts,
		'collar up, popped collar, upturned collar, turned-up collar, collar popped'
	),
	'collar-over': move(
		'collar worn over the layer',
		'a pointed collar and an open neck',
		tops,
		'collar out, collar over the lapels, collar worn over, collar spread over, collar over'
	),
	'over-left-shoulder': move(
		'over the left shoulder',
		'a drape with a free end',
		drapes,
		'on the left shoulder, pinned on the left shoulder, pinned to the left shoulder, left shoulder'
	),
	'over-right-shoulder': move(
		'over the right shoulder',
		'a drape with a free end',
		drapes,
		'on the right shoulder, seedha pallu, gujarati drape, gujarati style, pinned on the right shoulder, right shoulder'
	),
	'pleated-pallu': move(
		'pallu pleated and pinned',
		'a pallu that takes pleats',
		['drape', 'scarf'],
		'pleated pallu, pinned pleats, pinned pallu, pallu pinned, neat pleats, pinned in pleats, pleated and pinned'
	),
	'open-pallu': move(
		'pallu left open over the arm',
		'a pallu of light cloth',
		['drape', 'scarf'],
		'open pallu, pallu left open, floating pallu, pallu over the arm, over one arm, over the arm, flowing pallu, pallu loose, trailing from the arm, over both arms, over the forearms'
	),
	'over-head': move(
		'drawn over the head',
		'a drape with length to spare',
		['drape', 'scarf', 'head'],
		'tied under the chin, over the head, over her head, covering the head, on the head, draped over the head, pallu over the head'
	),
	'crossed-in-front': move(
		'crossed in front',
		'a drape long enough to cross',
		drapes,
		'crossed over, crossed over the front, criss-crossed, crossed at the front'
	),
	'tied-at-neck': move(
		'tied at the neck',
		'a scarf or a bow collar',
		['top', 'scarf', 'whole', 'neck'],
		'knotted at the neck, tied in a bow, tied at the throat, tied round the throat, bow at the neck, worn at the neck, tied in a bow at the neck, at the neck'
	),
	doubled: move(
		'wound twice',
		'a chain or scarf of length',
		[...scarves, 'wrist', 'waist'],
		'wrapped twice, doubled, worn doubled, wound round twice, double-wrapped'
	),
	layered: move(
		'worn in layers',
		'several of a kind',
		['neck', 'wrist', 'finger', 'top', 'ears'],
		'layered, stacked, piled on, several together, in a stack, worn together'
	),
	'one-side': move(
		'worn on one side',
		'a single of the pair',
		['ears', 'head', 'hair', 'brooch'],
		'tilted, tilted to one side, at an angle, on one side, swept to one side, pinned to one side, side-swept, worn to the side, cocked'
	),
	'low-on-hips': move(
		'low on the hips',
		'a rise or belt that sits there',
		['legs', 'waist'],
		'on the hips, slung low, low-slung, worn low, hip-slung, slung on the hips'
	),
	'pinned-to-lapel': move(
		'pinned to the lapel',
		'a pin and a firm lapel',
		['brooch'],
		'on the lapel, pinned on the lapel, at the lapel, on her lapel'
	),
	'hem-lifted': move(
		'hem lifted at one side',
		'a full hem',
		['legs', 'whole', 'drape'],
		'hitched up, hitched, lifted at one side, skirt hitched'
	),
	'socks-scrunched': move(
		'scrunched down',
		'a soft sock or shaft',
		['hosiery', 'feet'],
		'scrunched, slouched, pushed down, pooled at the ankle, slouched down, slouching at the ankle'
	),
	'backs-trodden': move(
		'heels trodden down',
		'a soft heel counter',
		['feet'],
		'worn as slides, backs trodden down'
	),
	unlaced: move('laces left loose', 'laces', ['feet'], 'laces undone, unlaced, loosely laced, laces loose'),
	'strap-crossed': move(
		'strap across the body',
		'a long strap',
		['bag'],
		'worn crossbody, worn across the body, across the body, slung across, strap across'
	),
	'in-hand': move(
		'carried in the hand',
		'a handle or a soft edge',
		['bag', 'head', 'outer', 'layer', 'hands'],
		'in hand, carried, in the hand, held, tucked under the arm, under the arm, over the crook of the arm, in the crook of the arm'
	),
	'worn-back-to-front': move(
		'worn back to front',
		'a cut that allows it',
		['top', 'layer', 'whole', 'head'],
		'backwards, back to front, reversed, worn backwards'
	),
	'worn-inside-out': move('worn inside out', 'a clean inside', ['top', 'layer', 'outer'], 'inside out'),
	'as-dress': move('worn as a dress', 'length that covers the seat', ['top', 'layer', 'outer', 'scarf'], ''),
	'as-top': move(
		'worn as a top',
		'cloth that covers the bust',
		['scarf', 'whole', 'legs', 'layer', 'under'],
		''
	),
	'as-skirt': move('worn as a skirt', 'a bodice that hides under another', ['whole', 'scarf', 'top'], ''),
	'as-jacket': move('worn as a jacket', 'a firm cloth and room beneath', ['top', 'whole', 'outer'], ''),
	'as-belt': move('worn as a belt', 'length for the waist and a knot', ['scarf', 'waist', 'neck'], ''),
	'as-headscarf': move('worn as a headscarf', 'a square of some size', ['scarf', 'head'], ''),
	'as-hairband': move(
		'worn in the hair',
		'a narrow length',
		['scarf', 'head', 'neck'],
		'tied in the hair, in the hair, in her hair, round the ponytail'
	),
	'as-shawl': move('worn as a shawl', 'a broad length', ['scarf', 'drape', 'legs'], ''),
	'as-necklace': move('worn as a necklace', 'length for the neck', ['wrist', 'waist', 'scarf', 'brooch'], ''),
	'as-bracelet': move(
		'worn on the wrist',
		'length for the wrist',
		['neck', 'scarf', 'head'],
		'round the wrist, on the wrist, wrapped round the wrist'
	),
	'as-bag-charm': move(
		'tied to the bag',
		'a bag with a handle',
		['scarf', 'neck', 'bag'],
		'tied to the bag, on the bag handle, tied round the handle, knotted on the handle'
	)
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
