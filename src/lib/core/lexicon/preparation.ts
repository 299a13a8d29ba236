/** What is done to clothes before a day, and how long before (common practice; care labels have the last word). */
export const taskKinds = {
	order: { label: 'order', daysBefore: 2 },
	fetch: { label: 'fetch', daysBefore: 4 },
	alter: { label: 'have altered', daysBefore: 14 },
	hem: { label: 'hem', daysBefore: 10 },
	'break-in': { label: 'break in', daysBefore: 10 },
	clean: { label: 'clean or mend', daysBefore: 6 },
	'patch-test': { label: 'patch test', daysBefore: 3 },
	'try-on': { label: 'try on', daysBefore: 3 },
	waterproof: { label: 'waterproof', daysBefore: 2 },
	press: { label: 'press', daysBefore: 1 },
	steam: { label: 'steam', daysBefore: 1 },
	pack: { label: 'pack', daysBefore: 1 },
	'de-lint': { label: 'de-lint', daysBefore: 0 }
} as const;
export type TaskKind = keyof typeof taskKinds;

/** A parcel should be there this many days before it is worn. */
export const marginDays = 1;
/** What was altered should hang this many days before it is worn: it may have to go back to the alterer. */
export const alteredDaysBefore = 3;
/** Shoes that came within so many days are new. */
export const newForDays = 60;

export interface Pressing {
	kind: 'press' | 'steam';
	cloth: readonly string[];
	how: string;
}

/** How cloth is made smooth, by fibre: the first row that has it. What is in none hangs out by itself. */
export const pressings: readonly Pressing[] = [
	{
		kind: 'steam',
		cloth: ['velvet', 'velour', 'corduroy'],
		how: 'steam from the wrong side and never press: an iron flattens the pile'
	},
	{
		kind: 'steam',
		cloth: ['sequin', 'lame', 'feather', 'lace', 'tulle', 'net', 'organza', 'brocade'],
		how: 'steam from a hand’s width away; no iron on beads, metal thread or net'
	},
	{
		kind: 'steam',
		cloth: ['silk', 'satin', 'chiffon', 'georgette', 'chanderi', 'viscose', 'crepe', 'taffeta'],
		how: 'steam, or a cool iron on the wrong side through a cloth; water can mark silk'
	},
	{
		kind: 'steam',
		cloth: [
			'wool',
			'lambswool',
			'cashmere',
			'mohair',
			'alpaca',
			'camel-hair',
			'tweed',
			'flannel',
			'boucle-wool',
			'felt',
			'knit'
		],
		how: 'steam and let it hang over night; press seams through a damp cloth'
	},
	{
		kind: 'press',
		cloth: [
			'linen',
			'hemp',
			'cotton',
			'poplin',
			'lawn',
			'voile',
			'muslin',
			'oxford-cloth',
			'khadi',
			'chambray'
		],
		how: 'press while still damp, linen last and hottest'
	},
	{
		kind: 'press',
		cloth: ['denim', 'canvas', 'twill', 'gabardine', 'seersucker', 'broderie-anglaise'],
		how: 'press from the wrong side'
	},
	{ kind: 'press', cloth: ['polyester', 'nylon'], how: 'a cool iron only, through a cloth' }
];

/** Cloth that shows every hair and thread when it is dark. */
export const catchesLint = [
	'velvet',
	'velour',
	'wool',
	'flannel',
	'felt',
	'corduroy',
	'moleskin',
	'crepe',
	'suede'
];
/** What a spray keeps rain out of; suede is tried in a hidden place first. */
export const waterproofed = ['suede', 'leather', 'canvas', 'exotic-skin'];
/** Leathers that give only with wear. */
export const stiffLeathers = ['leather', 'patent-leather', 'exotic-skin'];
