/** What is handed over. */
export const lookbook = {
	print: 'Print',
	back: 'Back to the fitting table',
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
	schools: (schools: string) => `Under the schools: ${schools}`,
	simulated: 'Shops and prices are simulated.'
};
