import { preloadCode } from '$app/navigation';
import { readDemo } from '$lib/store/studio';

/** The demo is read, and the code of its desk fetched, while the page that waits for them is put up. */
export const load = () => {
	void preloadCode('/');
	return { reading: readDemo() };
};
