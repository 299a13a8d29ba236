/** What soles are made of, from the front as from the side. */

/** Colours of soles that are not of the upper's own stuff. */
export const soleColours: Record<string, string> = {
	rope: '#cdb285',
	cork: '#b98f62',
	'crepe-sole': '#cfae82'
};
export const whiteSoled = new Set([
	'trainers',
	'canvas-plimsolls',
	'high-tops',
	'chunky-trainers',
	'boat-shoes'
]);
