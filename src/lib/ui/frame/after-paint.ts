/** Waits until what is shown now has been painted: what can be read comes before what is fetched to draw and to score it. */
export const afterPaint = (): Promise<void> =>
	new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));

/** Waits until nothing else is to be done, or for so long (ms) where that is said. */
export const whenIdle = (longestMs?: number): Promise<void> =>
	new Promise((resolve) => {
		if ('requestIdleCallback' in globalThis)
			requestIdleCallback(() => resolve(), longestMs === undefined ? undefined : { timeout: longestMs });
		else setTimeout(resolve);
	});
