import type { AspectId } from '../model/reference';

/**
 * What shouts though nobody asked for it, and what it takes off a closeness of 1 where the thing is seen whole and large. A print,
 * sequins or rips that the reference does not have change what is seen first (common practice; the numbers are this
 * project's and may be argued with).
 */
export const loudness: Partial<Record<AspectId, Readonly<Record<string, number>>>> = {
	fit: { oversized: 0.05, 'skin-tight': 0.04 },
	sheen: { shiny: 0.04, glittering: 0.08 },
	distress: { worn: 0.02, ripped: 0.07 },
	texture: {
		sequinned: 0.12,
		beaded: 0.08,
		metallic: 0.08,
		'mirror-work': 0.1,
		embroidered: 0.06,
		applique: 0.06,
		'fur-like': 0.08,
		croc: 0.05,
		patent: 0.05,
		'cut-out': 0.06,
		lace: 0.05,
		quilted: 0.03
	},
	material: {
		sequin: 0.12,
		lame: 0.09,
		feather: 0.1,
		'faux-fur': 0.08,
		fur: 0.08,
		'exotic-skin': 0.06,
		'patent-leather': 0.05
	},
	sleeveShape: {
		puff: 0.04,
		'leg-of-mutton': 0.06,
		balloon: 0.04,
		bishop: 0.03,
		bell: 0.03,
		ruffled: 0.05,
		cape: 0.04
	},
	hemDetail: {
		fringed: 0.06,
		feathered: 0.08,
		ruffled: 0.04,
		tasselled: 0.05,
		handkerchief: 0.03,
		'high-low': 0.04,
		slit: 0.02
	},
	skirtShape: { tiered: 0.03, puff: 0.05, mermaid: 0.03, ruffled: 0.05 },
	neckline: { plunge: 0.03, 'off-shoulder': 0.03 },
	collar: { 'pussy-bow': 0.03, ruffled: 0.04, sailor: 0.04, fur: 0.06 },
	shoulder: { padded: 0.02, 'cold-shoulder': 0.04 },
	back: { open: 0.02 },
	sole: { platform: 0.05, lug: 0.03, chunky: 0.04 },
	heelHeight: { 'very-high': 0.03 },
	size: { oversized: 0.05, micro: 0.03 },
	opacity: { sheer: 0.06 }
};

/** A print where none is asked: how loud it is by its family; others are as `otherPrint`. */
export const printLoudness: Readonly<Record<string, number>> = {
	plain: 0,
	'pin-dot': 0.05,
	pinstripe: 0.05,
	'chalk-stripe': 0.06,
	windowpane: 0.08,
	'glen-check': 0.07,
	houndstooth: 0.09,
	slogan: 0.14,
	camouflage: 0.14
};
export const otherPrint = 0.16;
/** A print of this scale is heard so much of it. */
export const scaleLoudness: Readonly<Record<string, number>> = {
	tiny: 0.6,
	small: 0.8,
	medium: 1,
	large: 1.15
};

/** Of a thing whose share of the figure is this or more, all of its loudness is heard; of the smallest, `leastHeard`. */
export const heardWhole = 0.3;
export const leastHeard = 0.5;
/** However much it shouts, no more than this is taken off. */
export const mostUnasked = 0.3;
