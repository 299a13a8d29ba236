/** Figures with one of them noted, or taken out: what is not known has no entry. */
export function noted<F extends Partial<Record<K, number>>, K extends string>(
	figures: F,
	name: K,
	figure: number | null
): F {
	const { [name]: _before, ...others } = figures;
	return (figure === null ? others : { ...others, [name]: figure }) as F;
}
