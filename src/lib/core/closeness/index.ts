/** How close a garment comes to an element, and a look to a reference, and why. */
export { closenessOf, closenessTo, statedAspects, type Asked, type PieceCloseness } from './piece';
export {
	methodVersion,
	scoreLook,
	type ElementScore,
	type LookCloseness,
	type Loss,
	type ScoreOptions,
	type Worn
} from './look';
export { elementWeights } from './weights';
export { movedBetween, type Moved } from './moved';
export { whyFigure, type WhyRow } from './why';
export {
	aspectLabel,
	aspectValueInWords,
	garmentInWords,
	garmentName,
	lookInWords,
	lossInWords,
	reasonsOf
} from './words';
