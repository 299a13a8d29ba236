/** What is worn as a suit is worn. */
import type { Facts, PieceFacts } from './facts';

/** Shoes that are laced or buckled. */
const laced = ['oxford-shoes', 'derby-shoes', 'brogues', 'monk-strap-shoes'];
const legs = ['tailored-trousers', 'dinner-trousers', 'cigarette-trousers', 'wide-leg-trousers'];

/** Is a suit worn, or are trousers that are cut as for one? */
export const isTailored = (facts: Facts): boolean =>
	facts.in('suit').length > 0 || facts.in('legs').some(({ type }) => legs.includes(type.id));
/** The laced or buckled shoes of a look. */
export const lacedShoes = (facts: Facts): PieceFacts[] =>
	facts.in('feet').filter(({ type }) => laced.includes(type.id));
