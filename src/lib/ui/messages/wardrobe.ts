/** The rail. */
export const wardrobe = {
	title: 'Wardrobe',
	add: 'Add a piece',
	say: 'Say pieces',
	edit: 'Edit piece',
	empty: 'The rail is empty. Add pieces as you see them: what it is and its colour are enough to match with.',
	none: 'No piece answers that search.',
	search: 'Search the rail',
	everywhere: 'everything',
	altered: 'Alterations done',
	alteredHint: 'One a line: “hem taken up 4 cm”',
	where: 'Show',
	show: 'Only',
	shows: {
		all: 'all of them',
		unworn: 'never worn',
		idle: 'in no echo',
		care: 'needing care',
		gone: 'away or retired'
	},
	name: 'Name',
	fields: {
		name: 'Name',
		parts: 'What it is',
		acquired: 'How it came',
		price: 'Price paid',
		sizeLabel: 'Size label',
		measuresCm: 'Measures, cm',
		state: 'State',
		place: 'Where it hangs',
		note: 'Note'
	} as Record<string, string>,
	nameHint: 'Left empty, it is named by what it is',
	acquired: 'How it came',
	price: 'Price paid',
	priceBad: 'Write a price like 24 or 24.50',
	size: 'Size label',
	state: 'State',
	place: 'Where it hangs',
	measures: {
		length: { label: 'Length in cm', hint: 'From the shoulder, or the waist; a scarf’s long side' },
		side: { label: 'Side of a square in cm', hint: 'Of a square scarf' }
	},
	measureBad: 'Write centimetres between 0 and 1000, or leave it empty',
	note: 'Note',
	part: (n: number) => `Part ${n}`,
	states: { ready: 'ready', 'needs-care': 'needs care', away: 'away', retired: 'retired' } as Record<
		string,
		string
	>
};
