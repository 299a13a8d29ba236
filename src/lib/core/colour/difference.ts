import { differenceCiede2000 } from './culori';
import type { Lab } from './spaces';

const difference = differenceCiede2000();

/**
 * CIEDE2000 colour difference, 0 for the same colour; about 1 is just noticeable side by side
 * (Sharma, Wu & Dalal 2005; kL = kC = kH = 1).
 */
export const deltaE00 = (first: Lab, second: Lab): number =>
	difference({ mode: 'lab65', ...first }, { mode: 'lab65', ...second });
