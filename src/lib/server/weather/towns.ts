import type { MonthNormal } from '../../core';

export interface Town {
	name: string;
	/** January to December. */
	normals: MonthNormal[];
}

const town = (name: string, low: string, high: string, rainDays: string): Town => {
	const numbers = (text: string) => text.split(' ').map(Number);
	const [lows, highs, rain] = [low, high, rainDays].map(numbers);
	return {
		name,
		normals: Array.from({ length: 12 }, (_, i) => ({
			lowC: lows?.[i] ?? 0,
			highC: highs?.[i] ?? 0,
			rainDays: rain?.[i] ?? 0
		}))
	};
};

/** Invented towns with their monthly normals: a mild harbour, a town in the hills, a port in the south. The first is home. */
export const towns: readonly Town[] = [
	town(
		'Saltmere',
		'3 3 4 6 9 12 14 14 12 9 6 4',
		'8 8 10 13 16 19 21 21 19 15 11 9',
		'16 13 12 11 10 9 9 10 11 14 16 17'
	),
	town(
		'Netherfell',
		'-2 -2 0 2 5 8 10 10 8 5 1 -1',
		'4 5 7 11 14 17 19 19 16 12 7 5',
		'19 15 16 13 13 12 14 15 14 17 18 19'
	),
	town(
		'Port Calico',
		'7 7 9 11 14 18 21 21 19 15 11 8',
		'14 15 17 20 24 28 31 31 28 23 18 15',
		'9 8 7 6 4 2 1 1 4 8 10 10'
	)
];

/** The town that the words of a place name, else home. */
export function townOf(place: string): { town: Town; asked: boolean } {
	const words = place.toLowerCase();
	const named = towns.find(({ name }) => words.includes(name.toLowerCase()));
	const [home] = towns as [Town];
	return { town: named ?? home, asked: named !== undefined };
}
