/** What is handed over. */
export const lookbook = {
	print: 'Print',
	back: 'Back to the fitting table',
	/** In the client's words: what is not there yet, what stays off, what is done by hand. */
	states: { gap: 'still to be found', 'left-out': 'goes without', done: 'done on the day' },
	/** Why it is not the reference's own, as the client is told; what goes without saying is not said. */
	reasons: {
		'sold-out': 'the first choice sold out',
		body: 'chosen for how it sits on you',
		occasion: 'chosen for the occasion',
		weather: 'chosen for the weather',
		ethics: 'chosen for what it is made of',
		price: 'chosen for its price',
		'never-buy': 'not something you would buy',
		'to-hunt': 'we are still looking for it',
		'to-make': 'it is still to be made'
	} as Record<string, string>,
	instead: (what: string) => `or ${what}`,
	beside: (is: 'better' | 'same' | 'worse', why: string) =>
		`${{ better: 'better than the reference', same: 'as good as the reference', worse: 'less than the reference' }[is]}${why ? `: ${why}` : ''}`,
	for: 'for',
	reference: 'The reference',
	echo: 'The echo',
	pieces: 'Piece by piece',
	toBuy: 'To buy',
	where: 'Where',
	size: 'Size',
	price: 'Price',
	owned: 'from your wardrobe',
	extras: { extra: 'besides', underpinning: 'underneath' },
	howToWear: 'How to wear it',
	total: 'Together, postage included',
	cautions: 'Take care',
	heels: 'New heel heights need a try indoors first; mind stairs and wet quays.',
	hems: 'Floor-length hems and drapes: keep clear of flames, wheels and stairs.',
	simulated: 'Shops and prices are simulated.'
};
