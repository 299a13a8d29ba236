/** What is handed over. */
export const lookbook = {
	print: 'Print',
	back: 'Back to the fitting table',
	/** In the client's words: what is not there yet, what stays off, what is done by hand. */
	states: { gap: 'still to be found', 'left-out': 'goes without', done: 'done on the day' },
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
