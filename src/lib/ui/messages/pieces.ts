/** A piece by itself, and what can be built from it. */
export const pieces = {
	parts: (names: string) => `Also by itself or otherwise: ${names}`,
	facts: 'Facts',
	size: 'Size',
	price: 'Paid',
	how: 'Came',
	place: 'Hangs',
	state: 'State',
	length: 'Length',
	worn: 'Worn',
	times: (count: number, last: string | undefined) =>
		count === 0
			? 'never, as far as is noted'
			: `${count === 1 ? 'once' : `${count} times`}, last ${last ?? ''}`,
	perWear: 'Cost per wear',
	alterations: 'Alterations',
	wearToday: 'Worn today',
	woreToday: (name: string) => `Wore ${name}`,
	wears: 'When it was worn',
	noWears: 'No day is noted. Note a day with “Worn today”, or an echo under Wear.',
	inEchoes: 'Echoes that it is in',
	noEchoes: 'In no echo yet.',
	wanted: 'Looks that want it',
	wantedNote: 'References in which it answers what carries the look',
	noWanted: 'No reference here is carried by it.',
	looking: 'Looking through the references…',
	outfits: 'Outfits from it',
	outfitsNote:
		'Whole outfits from this rail, none of which the eye warns of, unlike each other in something large.',
	with: 'Together with',
	noOther: 'nothing in particular',
	howMany: 'How many',
	lead: 'It is',
	leads: { '': 'as it comes', leading: 'what leads', quiet: 'quiet' },
	across: 'Across legs and hems',
	acrossNote: 'The best outfit with each shape of leg and hem on the rail.',
	coloursIn: 'Colours in it',
	coloursInNote: 'Its small colours, and what takes them up',
	noneTakes: 'nothing on the rail yet',
	becomes: 'What it can become',
	care: 'Care before it is worn',
	steps: { up: 'one step dressier', down: 'one step plainer', evening: 'from day to evening' },
	forEvent: 'For',
	anyDay: 'no particular day',
	anyLevel: (level: string) => `anything ${level}`,
	build: 'Build outfits',
	building: 'Building…',
	none: 'No outfit without a warning can be built from the rail around this. Take another event, leave the second piece out, or add shoes, a top or a bottom to the rail.',
	keep: 'Keep as a look',
	kept: (title: string) => `Kept ${title}`,
	titled: (first: string, second: string) => `${first} with ${second}`,
	print: 'Print them on one sheet',
	steer: 'Steer',
	steerTo: 'Make it',
	steers: (words: string, dressiness: number) =>
		dressiness > 0.05
			? `${words}, ${dressiness.toFixed(1)} levels dressier`
			: dressiness < -0.05
				? `${words}, ${(-dressiness).toFixed(1)} levels plainer`
				: words,
	swap: (from: string, to: string) => `${to} for the ${from}`,
	move: (move: string, what: string) => `${what} ${move}`,
	leaveOff: (what: string) => `without the ${what}`,
	noSteer: 'Nothing on this rail makes it more so without a warning.',
	take: 'Take it',
	back: 'Wardrobe',
	open: 'All about it'
};
