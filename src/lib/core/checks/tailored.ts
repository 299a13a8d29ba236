/** What is worn as a suit is worn. */
import type { Facts, PieceFacts } from './facts';

/** Shoes that are laced or buckled. */
const laced = ['oxford-shoes', 'derby-shoes', 'brogues', 'monk-strap-shoes'];
const legs = ['tailored-trousers', 'dinner-trousers', 'cigarette-trousers', 'wide-leg-trousers'];

/** Trousers that are cut as for a suit. */
export const suitTrousers = (facts: Facts): PieceFacts[] =>
	facts.in('legs').filter(({ type }) => legs.includes(type.id));
const hasTailoredJacket = (facts: Facts) => facts.in('layer').some(({ type }) => type.family === 'tailored');
/** Is a suit worn, or trousers that are cut as for one? "Trousers" with a tailored jacket are such. */
export const isTailored = (facts: Facts): boolean =>
	facts.in('suit').length > 0 ||
	suitTrousers(facts).length > 0 ||
	(hasTailoredJacket(facts) && facts.in('legs').some(({ type }) => type.id === 'trousers'));
/** The laced or buckled shoes of a look. */
export const lacedShoes = (facts: Facts): PieceFacts[] =>
	facts.in('feet').filter(({ type }) => laced.includes(type.id));
