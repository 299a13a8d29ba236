/** Metals of hardware and jewellery, in groups that look alike (common practice), with a colour to draw them in. */
export const metalGroups: string[][] = [
	['gold', 'brass', 'rose-gold', 'copper'],
	['silver', 'steel', 'pewter'],
	['gunmetal', 'black'],
	['mixed']
];

export const metalColours: Record<string, string> = {
	gold: '#c9a227',
	brass: '#b08d57',
	'rose-gold': '#c99a86',
	copper: '#b2693f',
	silver: '#c0c4c8',
	steel: '#a7adb2',
	pewter: '#8b8d8f',
	gunmetal: '#53565a',
	black: '#1f1f20',
	mixed: '#bba77a'
};

export const metalIds = metalGroups.flat();
