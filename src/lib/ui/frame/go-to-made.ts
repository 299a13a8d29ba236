import { goto } from '$app/navigation';
import { navigating, page } from '$app/state';

/** Goes to what is made, once it is written; not where somebody has gone elsewhere, or is on the way, by then. */
export async function goToMade(make: () => Promise<string>): Promise<void> {
	const here = page.url.pathname;
	const href = await make();
	if (page.url.pathname === here && navigating.to === null) await goto(href);
}
