/** What a rail reaches by itself. */
export const reach = {
	title: 'What this rail reaches',
	intro: 'Every reference against this rail alone, with nothing bought: the closest first.',
	forClient: 'From the rail of',
	nobody: 'nobody',
	recipes: 'Recipes',
	askNext: 'Cheapest to the next band',
	asking: 'Asking the shops',
	next: (band: string, cost: string, what: string) => `${cost} to “${band}”, postage with it: ${what}`,
	noNext: 'Nothing for sale lifts it to the next band.',
	none: 'There is no reference yet.',
	hero: 'what carries it is answered',
	noHero: 'what carries it is missing',
	gaps: (count: number) => (count === 0 ? 'no gap' : count === 1 ? 'one gap' : `${count} gaps`)
};
