/**
 * The core's public face: reading, closeness, the eye, matching, money and drawing, without interface, browser, storage
 * or clock. Each room has an entry point of its own, which says what it is for; begin there.
 */
export * from './model';
export * from './lexicon';
export * from './colour';
export * from './reading';
export * from './recipes';
export * from './closeness';
export * from './checks';
export * from './matching';
export * from './body';
export * from './money';
export * from './plate';
export * from './exchange';
export * from './time';
export * from './day';
export * from './season';
export * from './outfits';
export * from './rail';
export * from './photo';
export * from './budget';
export * from './orders';
export * from './calibration';
export * from './hand-over';
export * from './ledger';
