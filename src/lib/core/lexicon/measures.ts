/** Body measures in cm with the range that is taken as a real adult; outside it is a typing error. How each is taken is common practice. */
export const bodyMeasures = {
	stature: {
		label: 'height',
		min: 90,
		max: 230,
		how: 'Without shoes, heels and head to the wall, a book flat on the crown.',
		marks: ['crown', 'floor']
	},
	bust: {
		label: 'bust or chest',
		min: 50,
		max: 180,
		how: 'Level all round at the fullest place, arms down, breathing out; in the bra that will be worn.',
		marks: ['bust']
	},
	waist: {
		label: 'waist',
		min: 40,
		max: 180,
		how: 'Where the body bends to the side, above the navel, without drawing in.',
		marks: ['waist']
	},
	hip: {
		label: 'hip',
		min: 50,
		max: 190,
		how: 'Level all round at the fullest place, feet together.',
		marks: ['hip']
	},
	shoulder: {
		label: 'shoulder width',
		min: 25,
		max: 65,
		how: 'Across the back from shoulder bone to shoulder bone.',
		marks: ['shoulder']
	},
	inseam: {
		label: 'inside leg',
		min: 40,
		max: 110,
		how: 'From the crotch to the floor, without shoes; a hardback held level helps.',
		marks: ['crotch', 'floor']
	},
	sleeve: {
		label: 'arm length',
		min: 35,
		max: 90,
		how: 'From the shoulder bone over the bent elbow to the wrist bone.',
		marks: ['shoulder', 'wrist']
	},
	foot: {
		label: 'foot length',
		min: 14,
		max: 35,
		how: 'Standing, heel to the wall, to the longest toe; both feet, the longer counts.',
		marks: ['sole']
	},
	head: {
		label: 'head',
		min: 45,
		max: 68,
		how: 'Round the head over the brows and the widest place behind.',
		marks: ['crown']
	}
} as const;
export type BodyMeasure = keyof typeof bodyMeasures;
export const bodyMeasureIds = Object.keys(bodyMeasures) as BodyMeasure[];

/** Range of one measure over another that bodies have; outside it, it is asked whether that is so (common practice, wide on purpose). */
export const bodyRatios: readonly {
	of: BodyMeasure;
	to: BodyMeasure;
	range: readonly [number, number];
	/** What is asked below and above it. */
	asks: readonly [string, string];
}[] = [
	{
		of: 'waist',
		to: 'hip',
		range: [0.55, 1],
		asks: [
			'The waist is far smaller than the hip: is that so?',
			'The waist is larger than the hip: is that so?'
		]
	},
	{
		of: 'waist',
		to: 'bust',
		range: [0.58, 1.08],
		asks: [
			'The waist is far smaller than the bust or chest: is that so?',
			'The waist is larger than the bust or chest: is that so?'
		]
	},
	{
		of: 'bust',
		to: 'hip',
		range: [0.72, 1.35],
		asks: [
			'The bust or chest is far smaller than the hip: is that so?',
			'The bust or chest is far larger than the hip: is that so?'
		]
	},
	{
		of: 'inseam',
		to: 'stature',
		range: [0.4, 0.53],
		asks: [
			'The inside leg is short for the height: was it taken from the crotch to the floor?',
			'The inside leg is long for the height: was it taken on the inside?'
		]
	},
	{
		of: 'sleeve',
		to: 'stature',
		range: [0.3, 0.4],
		asks: ['The arm is short for the height: is that so?', 'The arm is long for the height: is that so?']
	},
	{
		of: 'foot',
		to: 'stature',
		range: [0.13, 0.175],
		asks: [
			'The foot is short for the height: is it the length in centimetres, and no shoe size?',
			'The foot is long for the height: is it the length in centimetres, and no shoe size?'
		]
	},
	{
		of: 'shoulder',
		to: 'stature',
		range: [0.19, 0.31],
		asks: [
			'The shoulders are narrow for the height: is that so?',
			'The shoulders are wide for the height: were they taken round the body?'
		]
	},
	{
		of: 'bust',
		to: 'stature',
		range: [0.4, 0.95],
		asks: [
			'The bust or chest is small for the height: is it in centimetres?',
			'The bust or chest is large for the height: is it in centimetres?'
		]
	}
];
