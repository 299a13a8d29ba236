/** Waits until what is shown now has been painted: what can be read comes before what is fetched to draw and to score it. */
export const afterPaint = (): Promise<void> =>
	new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
