/** How sizes fitted that were tried. */
export const fit = {
	title: 'What was tried',
	add: 'Add a fit note',
	intro:
		'How a shop’s sizes fitted. Three notes that agree move the advice for that shop and kind by one size.',
	shop: 'Shop',
	shopMissing: 'Say whose size it was',
	of: 'What',
	label: 'Size tried',
	labelMissing: 'Say which size was tried',
	verdict: 'It was',
	verdicts: { small: 'too small', right: 'right', large: 'too large' },
	on: 'Day',
	kept: 'It was kept',
	where: { tight: 'Tight at', loose: 'Loose at' },
	tightAt: (spots: string) => `tight at ${spots}`,
	looseAt: (spots: string) => `loose at ${spots}`,
	wasKept: 'kept',
	wentBack: 'sent back',
	sure: (percent: number) => `${percent} % sure`
};
