/** Sought colour | the nearer | the farther, as #rrggbb: invented; a test measures each (CIEDE2000). */
export const colourSet = `
#1b2440 | #25304f | #2a2440
#5e1526 | #6f2030 | #5e2a15
#12402f | #1f5240 | #2f4012
#c9a227 | #d2b04a | #c98a27
#f3ead8 | #efe2c8 | #f6f7f9
#8a8d92 | #9a9ca0 | #8f8a7d
#b5452f | #c2563e | #b52f4a
#d9b7c4 | #e2c6d0 | #cdb7d9
#6b4a32 | #7a5940 | #6b3a32
#2f5d8a | #41709c | #2f7d8a
#d2691e | #dc7d3c | #d2451e
#4a3a5e | #5a4a6e | #5e3a52
#e8d36a | #eedd8c | #dfe86a
#3d4a2a | #4d5b38 | #4a402a
#a23b72 | #b05084 | #a23b4e
#7fb7be | #95c4ca | #7fbea0
#2b2b30 | #35353b | #33283a
#efe0d0 | #e8d6c2 | #e0efd6
#a0522d | #ac6038 | #a02d3a
#4f7942 | #5c8750 | #427969
#c8a2c8 | #d2b2d2 | #c8a2b0
#003b46 | #0d4a56 | #00462b
#ff7f50 | #ff8f66 | #ff5f7f
#bdb76b | #c8c280 | #a7bd6b
#708090 | #7d8c9c | #709082
#800020 | #8f1530 | #801a00
#f5c6aa | #f2d2bc | #f5aac0
#36454f | #42525c | #364f45
#e6b422 | #edc04a | #e68a22
#5b3256 | #6a4065 | #5b3238
#c0d6c8 | #cfe0d5 | #c0cad6
#964b00 | #a05a14 | #960f00
#1f4e79 | #305f8a | #1f7972
#d8b4a0 | #dec0ae | #d8a0b4
#3f3f1f | #4c4c2c | #3f2a1f
#9fb4c7 | #aec0d0 | #9fc7b8
`;
/** Warm or cool of one family: colour | warm or cool | the other | how it is told. */
export const undertoneSet = `
#b3202a | warm | #a31545 | Red that leans to orange is warm, to blue cool.
#a31545 | cool | #b3202a | Red that leans to blue is cool.
#f4e9d2 | warm | #f2f4f8 | White with yellow in it is warm; ivory is not white.
#f2f4f8 | cool | #f4e9d2 | White with blue in it is cool.
#8b8378 | warm | #7f868d | Grey with brown in it is warm.
#7f868d | cool | #8b8378 | Grey with blue in it is cool.
#d98a6a | warm | #d77a9b | Pink that leans to orange is warm: coral, peach.
#d77a9b | cool | #d98a6a | Pink that leans to blue is cool: rose.
#6f7a1e | warm | #1e7a5c | Green with yellow in it is warm: olive, moss.
#1e7a5c | cool | #6f7a1e | Green with blue in it is cool: emerald.
#5f3a24 | warm | #4a3a3c | Brown with red and yellow in it is warm.
#4a3a3c | cool | #5f3a24 | Brown with grey in it is cool.
#c4532b | warm | #b83a5e | Red with orange in it is warm: rust, brick.
#b83a5e | cool | #c4532b | Red with pink and blue in it is cool: raspberry.
#e8c07a | warm | #dcd9b0 | Yellow that leans to orange is warm: honey.
#dcd9b0 | cool | #e8c07a | Yellow that leans to green and grey is cool.
#3d5a3a | warm | #2f5a58 | Green with yellow in it is warm, though it is dark.
#2f5a58 | cool | #3d5a3a | Green with blue in it is cool: pine.
#6e4a6a | warm | #55508a | Purple that leans to red is warm: plum.
#55508a | cool | #6e4a6a | Purple that leans to blue is cool.
#d8c3a5 | warm | #cfc9cc | Beige with yellow in it is warm: sand.
#cfc9cc | cool | #d8c3a5 | Beige with pink and grey in it is cool: stone.
`;

/** Metals that are told apart by colour, in the order of the wheel from yellow to grey, and what tells each from the next (common practice). */
export const toldMetals = {
	gold: 'a clear warm yellow, with neither green nor red in it',
	brass: 'a yellow with some green and less shine than gold',
	'rose-gold': 'a pink gold: the yellow is still there under the red',
	copper: 'an orange red; no yellow is left in it',
	bronze: 'a brown gold, darker than brass and duller than copper',
	silver: 'a light grey that leans to blue, the brightest of the greys',
	pewter: 'a middle grey, matt beside silver',
	gunmetal: 'a dark grey, nearly black in the shade'
} as const;
