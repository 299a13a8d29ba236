/** What the figures are held against, and why those that fall short do. */

export interface Aim {
	/** As it is printed: "≤ 15 ms". */
	wanted: string;
	met: boolean;
}

/** At most so much, for each of some values in the same unit. */
export const atMost = (limit: number, unit: string, ...values: number[]): Aim => ({
	wanted: `≤ ${limit.toLocaleString('en-GB')} ${unit}`.trim(),
	met: values.every((value) => value <= limit)
});

/** At least so much, for each of some values. */
export const atLeast = (limit: number, ...values: number[]): Aim => ({
	wanted: `≥ ${limit < 1 ? limit.toFixed(2).replace(/^0/, '') : limit.toLocaleString('en-GB')}`,
	met: values.every((value) => value >= limit)
});

/** Several aims of one row, in the order of its figures. */
export const each = (...aims: Aim[]): Aim => ({
	wanted: aims.map(({ wanted }) => wanted).join(', '),
	met: aims.every(({ met }) => met)
});

/** Why a row that begins so may fall short, and what was tried. */
const reasons: readonly [begins: string, why: string][] = [
	[
		'phrases read per second',
		'the first two thousand readings are made while the reader is still being compiled; after that it is met. No function takes more than a fifteenth of the time.'
	],
	[
		'reading 800 words',
		'a word costs about 40 µs when compiled, spread over all that is asked of it (what it is said of, in which half, for which part); time grows with the words and no faster. The line of a look has some forty.'
	],
	['reading 3,200 words', 'the same.'],
	['a word not known', 'it is compared with the whole vocabulary, which has doubled since the aim was set.'],
	[
		'one element against 50,000 listings, one swatch',
		'as many differences are asked as there are colours, and each is one CIEDE2000; the bound that leaves out the rest is as near as it can be without changing a result.'
	],
	[
		'one plate',
		'the cloth is drawn with its folds, prints and work in the plate; kept as it is for a third of a millisecond.'
	],
	[
		'sentences of five kinds of writer, the half only ever run',
		'what is missed there is not looked at, so that the figure stays one of strangers’ sentences.'
	],
	[
		'  as strangers write them',
		'every sum of the same likenesses was tried (docs/method.md): they order 92 of 100 pairs of different grades; better likenesses are wanted.'
	],
	[
		'the demo, opened cold',
		'most of it is the browser compiling 400 kB of script and the store taking in 200 records; fewer bytes and fewer files made it faster each time.'
	],
	[
		'one choice to everything redrawn',
		'score, figure, tray and losses are drawn anew in one frame; half of it is the layout of the page.'
	]
];

export const whyMissed = (what: string): string =>
	reasons.find(([begins]) => what.startsWith(begins))?.[1] ?? 'no reason is known yet.';
