import { readDemo } from '$lib/store/studio';

/** The demo is read while the page that waits for it is put up. */
export const load = () => ({ reading: readDemo() });
