/** Looks from words: `readLook`, and putting right what was read. */
export type { Question, Reading, ReadPhrase, ReadStatus, StrangeThing } from './model';
export { readLook, type ReadOptions } from './read-look';
export { prepareReading } from './words/prepare';
export { alternatives, rephrased, withoutPhrase, withWord } from './rephrase';
export { leftOver } from './left-over';
export { saidOver } from './said-over';
export { garmentsSaid, readPieces, type PiecesReading, type SaidPiece } from './read-pieces';
export { sensesOfPhrase, type OwnWord } from './spans/spans';
