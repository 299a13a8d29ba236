/** Bands of the look score with plain names (this project's; checked against stylists' ratings as they come in). */
export const bands = [
	{ from: 92, id: 'twin', label: 'a twin', sentence: 'Side by side, few would tell them apart.' },
	{
		from: 78,
		id: 'clear-echo',
		label: 'a clear echo',
		sentence: 'Anyone who knows the reference sees it at once.'
	},
	{
		from: 60,
		id: 'echo',
		label: 'an echo',
		sentence: 'The reference is there, with the client’s own accent.'
	},
	{ from: 40, id: 'hint', label: 'a hint', sentence: 'Parts of it are there; the whole is not yet.' },
	{
		from: 0,
		id: 'another-look',
		label: 'another look',
		sentence: 'Too much is missing to call it the reference.'
	}
] as const;
export type BandId = (typeof bands)[number]['id'];

const lowest = bands[4];

/** The least score at which a band is reached: a score is told in whole points, and 59.6 reads 60. */
export const reachedAt = ({ from }: (typeof bands)[number]): number => from - 0.5;

/** The band of a score 0..100, in whole points as it is told. */
export function bandOf(score: number): (typeof bands)[number] {
	return bands.find((band) => score >= reachedAt(band)) ?? lowest;
}
