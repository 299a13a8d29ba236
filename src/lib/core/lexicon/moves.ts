/** Styling moves: how a piece is worn. `asks` says in words what the move needs of the piece (common practice). */
export const moves = {
	'half-tucked': { label: 'half tucked', asks: 'cloth below the waistband' },
	tucked: { label: 'tucked in', asks: 'cloth below the waistband and a rise that holds it' },
	'cuffs-turned-back': { label: 'cuffs turned back', asks: 'a long sleeve' },
	'sleeves-pushed-up': { label: 'sleeves pushed up', asks: 'a sleeve that grips the forearm' },
	'buttoned-to-neck': { label: 'buttoned to the neck', asks: 'a front that buttons to the collar' },
	'worn-open': { label: 'worn open', asks: 'a front that opens' },
	'hem-cuffed': { label: 'hem turned up', asks: 'a trouser hem with length to spare' },
	belted: { label: 'belted', asks: 'a waist that takes a belt' },
	knotted: { label: 'knotted at the waist', asks: 'a shirt front with length to spare' },
	'draped-on-shoulders': { label: 'draped on the shoulders', asks: 'a layer that stays put' },
	'collar-up': { label: 'collar turned up', asks: 'a collar that stands' },
	'over-left-shoulder': { label: 'over the left shoulder', asks: 'a drape with a free end' },
	'crossed-in-front': { label: 'crossed in front', asks: 'a drape long enough to cross' },
	'tied-at-neck': { label: 'tied at the neck', asks: 'a scarf or a bow collar' },
	doubled: { label: 'wound twice', asks: 'a chain or scarf of length' }
} as const;

export type MoveId = keyof typeof moves;
export const moveIds = Object.keys(moves) as MoveId[];
