/** Cards to hunt with, in shops that are not in the app. */
export const hunting = {
	title: 'Hunting cards',
	open: 'Hunting card',
	back: 'Back to the fitting table',
	all: 'All gaps of the look',
	print: 'Print',
	none: 'Nothing is left to hunt for: every element is answered or left out.',
	forClient: (client: string, look: string) => `for ${client} · ${look}`,
	kinds: 'Will do',
	musts: 'Must have',
	colours: 'Colours',
	asked: 'asked',
	size: 'Size',
	larger: 'larger is fine: it is cut wide or tied',
	noSize: 'no measure tells: try on',
	length: 'No shorter than',
	cm: (cm: number) => `${cm} cm`,
	most: 'At most',
	by: 'Needed by',
	refusals: 'Never',
	label: 'Look at the label: what it is made of, how it is washed.'
};
