/** Lists of shops that were loaded by hand. */
export const lists = {
	title: 'Lists of shops',
	text: 'Load what a shop has from its own list (CSV, TSV or JSON). Its things stand in the tray beside those of the simulated shops; prices and stock are as on the day of the list.',
	load: 'Load a list',
	none: 'No list is loaded.',
	holds: (shop: string, things: string, on: string) => `${shop}: ${things}, as on ${on}`,
	things: (count: number) => (count === 1 ? 'one thing' : `${count} things`),
	remove: (shop: string) => `Remove the list of ${shop}`,
	removeShort: 'Remove',
	intro:
		'Choose a file, or paste rows with their headings: what each thing is, its price, the sizes in stock. Nothing is written until you agree.',
	shop: 'The shop',
	shopNeeded: 'Say which shop it is.',
	currency: 'Currency of its prices',
	badCurrency: 'Three letters, as in GBP.',
	postage: 'Postage',
	badPostage: 'An amount like 3.95, or nothing.',
	freeFrom: 'Postage is free from',
	days: 'Days until a thing arrives',
	badDays: 'From 0 to 120.',
	returns: 'Days in which things go back',
	badReturns: 'From 0 to 365.',
	returnCost: 'Sending back costs',
	tier: 'Its prices are',
	tiers: { save: 'low', middle: 'middling', spend: 'high' },
	cut: 'Letter sizes are cut for',
	cuts: { women: 'women', men: 'men' },
	chart:
		'Letters are taken as EN 13402-3 has them and shoes by the length of the foot; of other sizes nothing is advised.',
	needs: 'Say which columns hold what it is and its price.',
	ready: (good: number, bad: number) =>
		[
			good === 1 ? 'one thing is ready' : `${good} things are ready`,
			bad > 0 && `${bad === 1 ? 'one row needs' : `${bad} rows need`} mending`
		]
			.filter(Boolean)
			.join(', '),
	preview: 'The first of them',
	told: (words: string) => `not understood: ${words}`,
	tooMany: (most: number, left: number) =>
		`One list holds ${most} things: the last ${left} are left out. Load them as a list of another name.`,
	replaces: (on: string) => `It takes the place of the list of ${on}.`,
	add: (count: number) => (count === 1 ? 'Load one thing' : `Load ${count} things`),
	addNone: 'Nothing to load',
	loaded: (shop: string, count: number) =>
		`the list of ${shop}, ${count === 1 ? 'one thing' : `${count} things`}`
};
