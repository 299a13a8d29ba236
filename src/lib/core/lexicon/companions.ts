/** What a purchase needs besides, to be worn as it is meant (common practice; prices are usual ones of this project, in pence). */
interface Companion {
	words: string;
	/** How it is sold. */
	pack: string;
	priceMinor: number;
	/** A type of garment that serves, where it is one: who owns such a thing needs none. */
	serves?: readonly string[];
}

export const companions = {
	'no-show-socks': {
		words: 'low socks that stay unseen',
		pack: 'a pack of three',
		priceMinor: 600,
		serves: ['ankle-socks']
	},
	'boot-socks': {
		words: 'socks as high as the boot',
		pack: 'a pack of two',
		priceMinor: 800,
		serves: ['socks', 'knee-socks', 'over-knee-socks']
	},
	'heel-pads': {
		words: 'pads for the ball of the foot, and spare heel tips',
		pack: 'a pair',
		priceMinor: 500
	},
	'suede-spray': {
		words: 'a waterproofing spray for suede: used outdoors, tried on a hidden place first',
		pack: 'a can',
		priceMinor: 800
	},
	'leather-balm': {
		words: 'a balm for leather, tried on a hidden place first',
		pack: 'a tin',
		priceMinor: 700
	},
	'wool-comb': { words: 'a comb against pilling, and cedar against moths', pack: 'a set', priceMinor: 900 },
	hemming: { words: 'the hem set at the heel it is worn with', pack: 'at an alterer', priceMinor: 1200 },
	'skin-tone-brief': {
		words: 'something in the tone of the skin underneath: pale cloth shows white',
		pack: 'one',
		priceMinor: 900,
		serves: ['slip-shorts', 'slip', 'half-slip']
	}
} as const satisfies Record<string, Companion>;
export type CompanionId = keyof typeof companions;
