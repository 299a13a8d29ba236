/** A list with one thing in it, or without it. */
export const toggled = <T>(list: readonly T[], one: T, on: boolean): T[] =>
	on ? [...new Set([...list, one])] : list.filter((other) => other !== one);
